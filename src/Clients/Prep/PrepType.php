<?php

declare(strict_types=1);

namespace App\Clients\Prep;

use App\Frames\StudioFrame;
use App\Measure\LengthType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/**
 * Asked by an address, so that a card can be sent as a link.
 *
 * @extends AbstractType<PrepInput>
 */
final class PrepType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('across', LengthType::class, ['label' => 'The top is so wide'])
            ->add('along', LengthType::class, ['label' => 'and so long']);
        if ([] !== $options['frames']) {
            $builder->add('frame', ChoiceType::class, [
                'label' => 'On',
                'required' => false,
                'placeholder' => 'any of ours',
                'choices' => $options['frames'],
                'choice_value' => static fn(?StudioFrame $frame): string => (string) $frame?->id(),
                'choice_label' => static fn(StudioFrame $frame): string => $frame->name(),
            ]);
        }
    }

    public function getBlockPrefix(): string
    {
        return '';
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'data_class' => PrepInput::class,
            'method' => 'GET',
            'csrf_protection' => false,
            'allow_extra_fields' => true,
            'frames' => [],
        ]);
        $resolver->setAllowedTypes('frames', StudioFrame::class . '[]');
    }
}
