<?php

declare(strict_types=1);

namespace App\Shelf\Thread;

use App\Shelf\WhoseType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\ColorType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<ThreadInput> */
final class ThreadType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $number = ['required' => false, 'invalid_message' => 'This is no number. Write it like 40.'];
        $builder
            ->add('colour', TextType::class, ['label' => 'Colour', 'empty_data' => ''])
            ->add('swatch', ColorType::class, ['label' => 'How it looks', 'empty_data' => '#808080'])
            ->add('heavy', NumberType::class, [
                'label' => 'Weight',
                'help' => 'As it stands on the cone: a number like 40, or tex.',
                ...$number,
            ])
            ->add('weighed', ChoiceType::class, [
                'label' => 'That is',
                'choices' => array_flip(ThreadInput::WEIGHED),
                'empty_data' => 'number',
            ])
            ->add('much', NumberType::class, ['label' => 'Left on it', ...$number])
            ->add('measured', ChoiceType::class, [
                'label' => 'In',
                'choices' => array_flip(ThreadInput::MEASURED),
                'empty_data' => 'm',
            ])
            ->add('client', WhoseType::class, ['choices' => $options['clients']]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => ThreadInput::class, 'clients' => []]);
    }
}
