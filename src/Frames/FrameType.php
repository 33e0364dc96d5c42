<?php

declare(strict_types=1);

namespace App\Frames;

use App\Measure\LengthType;
use App\Measure\OwnDistances;
use Schwung\Core\Frame\BetterWay;
use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\Foot;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\MachineKind;
use Schwung\Core\Practice\Distance;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<FrameInput> */
final class FrameType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->add('name', TextType::class, ['label' => 'Name', 'empty_data' => ''])->add('kind', EnumType::class, [
            'label' => 'Kind',
            'empty_data' => FrameKind::Roller->value,
            'class' => FrameKind::class,
            'choice_label' => static fn(FrameKind $kind): string => $kind->words(),
        ]);
        foreach (FrameMeasure::cases() as $measure) {
            $builder->add(self::field($measure), LengthType::class, [
                'property_path' => "taken[$measure->value]",
                'label' => $measure->words(),
                'help' => $measure->help(),
                'required' => $measure->isNeeded(),
                'may_be_zero' => $measure->mayBeZero(FrameKind::Clamp),
            ]);
        }
        $builder
            ->add('ratchetTeeth', IntegerType::class, [
                'label' => 'Ratchet teeth',
                'help' => 'Count once round; leave empty for a motor.',
                'required' => false,
            ])
            ->add('methods', EnumType::class, [
                'label' => 'Ways of holding at hand',
                'class' => HoldingSystem::class,
                'multiple' => true,
                'expanded' => true,
                'required' => false,
                'choice_label' => static fn(HoldingSystem $system): string => $system->words(),
            ]);
        $builder
            ->add('steelBars', CheckboxType::class, [
                'label' => 'The bars are of steel: magnets hold',
                'required' => false,
            ])
            ->add('sideClamps', EnumType::class, [
                'label' => 'Holds the sides',
                'class' => ClampWidth::class,
                'required' => false,
                'placeholder' => 'not said',
                'choice_label' => static fn(ClampWidth $clamps): string => $clamps->words(),
            ])
            ->add('sideClampCount', IntegerType::class, [
                'label' => 'Side clamps, both sides together',
                'help' => 'Empty: as many as the bed takes.',
                'required' => false,
            ])
            ->add('table', ChoiceType::class, [
                'label' => 'A flat table under the rollers',
                'choices' => ['yes' => true, 'no' => false],
                'placeholder' => 'not said',
                'required' => false,
            ])
            ->add('machine', EnumType::class, [
                'label' => 'The machine is guided by',
                'class' => MachineKind::class,
                'required' => false,
                'placeholder' => 'not said',
                'choice_label' => static fn(MachineKind $kind): string => $kind->words(),
            ])
            ->add('feet', EnumType::class, [
                'label' => 'Feet at hand',
                'class' => Foot::class,
                'multiple' => true,
                'expanded' => true,
                'required' => false,
                'choice_label' => static fn(Foot $foot): string => $foot->words(),
            ])
            ->add('always', EnumType::class, [
                'label' => 'On while nothing asks for another',
                'class' => Foot::class,
                'required' => false,
                'placeholder' => 'none of them',
                'choice_label' => static fn(Foot $foot): string => $foot->words(),
            ])
            ->add('levelled', DateType::class, [
                'label' => 'Checked with a level on',
                'help' => 'Twice a year, and after every move.',
                'widget' => 'single_text',
                'input' => 'datetime_immutable',
                'required' => false,
            ])
            ->add('better', EnumType::class, [
                'label' => 'It stitches better',
                'empty_data' => BetterWay::Both->value,
                'class' => BetterWay::class,
                'choice_label' => static fn(BetterWay $way): string => $way->words(),
            ])
            ->add('clips', TextareaType::class, [
                'label' => 'Channel clips',
                'help' => 'One kind a line: 36 x 3',
                'required' => false,
                'empty_data' => '',
                'attr' => ['rows' => 2, 'data-tray' => ''],
            ])
            ->add('clamps', TextareaType::class, [
                'label' => 'Dowel clamps',
                'help' => 'One kind a line: 4 x 20',
                'required' => false,
                'empty_data' => '',
                'attr' => ['rows' => 2, 'data-tray' => ''],
            ])
            ->add('zips', TextareaType::class, [
                'label' => 'Zips',
                'help' => 'One kind a line: 100 x 2',
                'required' => false,
                'empty_data' => '',
                'attr' => ['rows' => 2, 'data-tray' => ''],
            ])
            ->add('pins', IntegerType::class, [
                'label' => 'Pins',
                'required' => false,
                'attr' => ['data-tray' => ''],
            ])
            ->add('magnets', IntegerType::class, [
                'label' => 'Magnets',
                'required' => false,
                'attr' => ['data-tray' => ''],
            ])
            ->add('springClamps', IntegerType::class, [
                'label' => 'Spring clamps',
                'required' => false,
                'attr' => ['data-tray' => ''],
            ]);
        OwnDistances::addTo($builder, Distance::ofTheFrame());
        if (true === $options['is_loaded']) {
            $builder->add('changeLoaded', CheckboxType::class, [
                'label' => 'Change the measures although a quilt is on the frame',
                'required' => false,
            ]);
        }
    }

    /** The name of a measure's field. */
    public static function field(FrameMeasure $measure): string
    {
        return lcfirst(str_replace('_', '', ucwords($measure->value, '_')));
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => FrameInput::class, 'is_loaded' => false]);
    }
}
