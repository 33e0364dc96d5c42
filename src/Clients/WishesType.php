<?php

declare(strict_types=1);

namespace App\Clients;

use App\Measure\LengthType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<Wishes> */
final class WishesType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        foreach (Wishes::TEXTS as $name => $label) {
            $builder->add($name, TextType::class, ['label' => $label, 'required' => false, 'empty_data' => '']);
        }
        $builder
            ->add('trimming', ChoiceType::class, [
                'label' => 'When it is done',
                'choices' => array_flip(Wishes::TRIMMING),
                'empty_data' => '',
            ])
            ->add('left', LengthType::class, [
                'label' => 'Left beyond the edge for the binding',
                'required' => false,
                'may_be_zero' => true,
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => Wishes::class]);
    }
}
