<?php

declare(strict_types=1);

namespace App\Frames;

use App\Measure\LengthType;
use Schwung\Core\Frame\FrameMeasure;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/**
 * A few measures of a frame.
 *
 * @extends AbstractType<FrameInput>
 */
final class FrameAskType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        /** @var list<FrameMeasure> $measures */
        $measures = $options['measures'];
        foreach ($measures as $measure) {
            $builder->add(FrameType::field($measure), LengthType::class, [
                'property_path' => "taken[$measure->value]",
                'label' => $measure->words(),
                'help' => $measure->help(),
            ]);
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => FrameInput::class, 'measures' => []]);
        $resolver->setAllowedTypes('measures', FrameMeasure::class . '[]');
    }
}
