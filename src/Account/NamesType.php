<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\Extension\Core\Type\TimezoneType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<Names> */
final class NamesType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->add('name', TextType::class, [
            'label' => 'Your name',
            'empty_data' => '',
            'attr' => ['autocomplete' => 'name'],
        ]);
        if (true === $options['is_owner']) {
            $builder
                ->add('studio', TextType::class, [
                    'label' => 'Name of the studio',
                    'empty_data' => '',
                    'attr' => ['autocomplete' => 'organization'],
                ])
                ->add('timeZone', TimezoneType::class, ['label' => 'Where its clocks stand', 'empty_data' => 'UTC']);
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => Names::class, 'is_owner' => false]);
    }
}
