<?php

declare(strict_types=1);

namespace App\Bench\When;

use App\Frames\StudioFrame;
use App\Measure\LengthType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<WhenInput> */
final class WhenType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('across', LengthType::class, ['label' => 'About so wide'])
            ->add('along', LengthType::class, ['label' => 'About so long'])
            ->add('kind', ChoiceType::class, [
                'label' => 'Quilted',
                'choices' => WhenInput::KINDS,
                'empty_data' => 'rows',
            ])
            ->add('frame', ChoiceType::class, [
                'label' => 'On',
                'required' => false,
                'placeholder' => 'any frame',
                'choices' => $options['frames'],
                'choice_value' => static fn(?StudioFrame $frame): string => (string) $frame?->id(),
                'choice_label' => static fn(StudioFrame $frame): string => $frame->name(),
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'data_class' => WhenInput::class,
            'frames' => [],
            'method' => 'GET',
            'csrf_protection' => false,
        ]);
        $resolver->setAllowedTypes('frames', StudioFrame::class . '[]');
    }

    public function getBlockPrefix(): string
    {
        return 'when';
    }
}
