<?php

declare(strict_types=1);

namespace App\Clients\Bag;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<IntakeInput> */
final class IntakeType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $text = ['required' => false, 'empty_data' => ''];
        $builder
            ->add('came', ChoiceType::class, [
                'label' => 'In the bag',
                'choices' => array_flip(IntakeInput::CAME),
                'multiple' => true,
                'expanded' => true,
                'required' => false,
            ])
            ->add('alsoCame', TextType::class, ['label' => 'Also in it', ...$text]);
        foreach (['backing' => 'Backing is', 'batting' => 'Batting is'] as $name => $label) {
            $builder->add($name, ChoiceType::class, [
                'label' => $label,
                'choices' => array_flip(IntakeInput::WHOSE),
                'empty_data' => '',
            ]);
        }
        foreach (['pressed' => 'Pressed', 'selvedgeOff' => 'Selvedges off'] as $name => $label) {
            $builder->add($name, ChoiceType::class, [
                'label' => $label,
                'choices' => array_flip(IntakeInput::YES_NO),
                'empty_data' => '',
            ]);
        }
        $builder
            ->add('up', TextType::class, ['label' => 'Which edge is up, of top and of the backing’s print', ...$text])
            ->add('secondFabric', TextType::class, ['label' => 'A second fabric in the backing: where', ...$text])
            ->add('wishes', TextareaType::class, [
                'label' => 'Wishes for this quilt',
                'attr' => ['rows' => 3],
                ...$text,
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => IntakeInput::class]);
    }
}
