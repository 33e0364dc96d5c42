<?php

declare(strict_types=1);

namespace App\Clients;

use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\EmailType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\TelType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<ClientInput> */
final class ClientType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $maybe = ['required' => false, 'empty_data' => ''];
        $builder
            ->add('name', TextType::class, ['label' => 'Name', 'empty_data' => ''])
            ->add('email', EmailType::class, ['label' => 'E-mail', ...$maybe])
            ->add('phone', TelType::class, ['label' => 'Telephone', ...$maybe])
            ->add('address', TextareaType::class, ['label' => 'Address', 'attr' => ['rows' => 2], ...$maybe])
            ->add('units', EnumType::class, [
                'label' => 'They think in',
                'class' => UnitSystem::class,
                'required' => false,
                'placeholder' => 'as the studio does',
                'choice_label' => static fn(UnitSystem $units): string => match ($units) {
                    UnitSystem::Inches => 'inches',
                    UnitSystem::Centimetres => 'centimetres',
                },
            ])
            ->add('wishes', WishesType::class, ['label' => false])
            ->add('note', TextareaType::class, [
                'label' => 'Anything else',
                'help' => 'Seen by this studio only.',
                'attr' => ['rows' => 3],
                ...$maybe,
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => ClientInput::class]);
    }
}
