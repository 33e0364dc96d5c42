<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Clients\Bag\IntakeInput;
use App\Frames\StudioFrame;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\Extension\Core\Type\HiddenType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Component\Uid\Ulid;

/** @extends AbstractType<NewQuilt> */
final class NewQuiltType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('title', TextType::class, ['label' => 'Title', 'empty_data' => ''])
            ->add('client', TextType::class, [
                'label' => 'Client',
                'empty_data' => '',
                'attr' => ['list' => 'client-names', 'autocomplete' => 'off'],
            ])
            ->add('due', DateType::class, [
                'label' => 'Due',
                'required' => false,
                'input' => 'datetime_immutable',
                'widget' => 'single_text',
                'invalid_message' => 'This is not a day. Write it like 2027-03-12.',
            ])
            ->add('frame', ChoiceType::class, [
                'label' => 'Frame',
                'required' => false,
                'placeholder' => 'not chosen yet',
                'choices' => $options['frames'],
                'choice_value' => static fn(?StudioFrame $frame): string => (string) $frame?->id(),
                'choice_label' => static fn(StudioFrame $frame): string => $frame->name(),
            ]);
        if (true === $options['is_new']) {
            $builder->add('came', ChoiceType::class, [
                'label' => 'In the bag',
                'choices' => array_flip(IntakeInput::CAME),
                'multiple' => true,
                'expanded' => true,
                'required' => false,
            ]);
        }
        $builder->add('key', HiddenType::class, ['empty_data' => static fn(): string => (string) new Ulid()]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => NewQuilt::class, 'frames' => [], 'is_new' => false]);
        $resolver->setAllowedTypes('is_new', 'bool');
        $resolver->setAllowedTypes('frames', StudioFrame::class . '[]');
    }
}
