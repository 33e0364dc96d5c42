<?php

declare(strict_types=1);

namespace App\Frames;

use App\Measure\LengthType;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
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
        $builder
            ->add('name', TextType::class, ['label' => 'Name', 'empty_data' => ''])
            ->add('kind', EnumType::class, ['label' => 'Kind', 'class' => FrameKind::class, 'choice_label' => static fn (FrameKind $kind): string => match ($kind) {
                FrameKind::Roller => 'rollers, with a top roller',
                FrameKind::RollerFrontBacking => 'rollers, front roller carries the backing',
                FrameKind::Clamp => 'poles with spring clamps',
                FrameKind::ClampWithRollers => 'clamps, with added rollers',
            }])
            ->add('rail', LengthType::class, ['label' => 'Rail', 'help' => 'The whole length that the machine can run.'])
            ->add('unreachableLeft', LengthType::class, ['label' => 'Out of reach, left', 'help' => 'From the rail\'s left end to where the needle first gets.', 'required' => false, 'may_be_zero' => true])
            ->add('unreachableRight', LengthType::class, ['label' => 'Out of reach, right', 'help' => 'The same at the right end.', 'required' => false, 'may_be_zero' => true])
            ->add('throat', LengthType::class, ['label' => 'Throat', 'help' => 'From the needle to the back of the arm. See "Is this the true throat?"'])
            ->add('armClearance', LengthType::class, ['label' => 'Arm clearance', 'help' => 'The height free under the arm for the roll.'])
            ->add('takeupDiameter', LengthType::class, ['label' => 'Take-up roller', 'help' => 'Across the bare roller.'])
            ->add('frontAllowance', LengthType::class, ['label' => 'Kept free in front', 'help' => 'Usually 3 in before the front bar.', 'required' => false, 'may_be_zero' => true])
            ->add('backAllowance', LengthType::class, ['label' => 'Kept free at the back', 'help' => 'Usually 3 in before the take-up.', 'required' => false, 'may_be_zero' => true])
            ->add('bedSpan', LengthType::class, ['label' => 'Bed', 'help' => 'From the front bar to the take-up.', 'required' => false])
            ->add('leaderLength', LengthType::class, ['label' => 'Leader length', 'help' => 'From the roller to its free edge.', 'required' => false])
            ->add('leaderWidth', LengthType::class, ['label' => 'Leader width', 'help' => 'Along the roller.', 'required' => false])
            ->add('ratchetTeeth', IntegerType::class, ['label' => 'Ratchet teeth', 'help' => 'Count once round; leave empty for a motor.', 'required' => false])
            ->add('methods', EnumType::class, ['label' => 'Ways of holding at hand', 'class' => HoldingSystem::class, 'multiple' => true, 'expanded' => true, 'required' => false, 'choice_label' => static fn (HoldingSystem $system): string => str_replace('-', ' ', $system->value)]);
        $builder
            ->add('steelBars', CheckboxType::class, ['label' => 'The bars are of steel: magnets hold', 'required' => false])
            ->add('clips', TextareaType::class, ['label' => 'Channel clips', 'help' => 'One kind a line: 36 x 3', 'required' => false, 'empty_data' => '', 'attr' => ['rows' => 2]])
            ->add('clamps', TextareaType::class, ['label' => 'Dowel clamps', 'help' => 'One kind a line: 4 x 20', 'required' => false, 'empty_data' => '', 'attr' => ['rows' => 2]])
            ->add('zips', TextareaType::class, ['label' => 'Zips', 'help' => 'One kind a line: 100 x 2', 'required' => false, 'empty_data' => '', 'attr' => ['rows' => 2]])
            ->add('pins', IntegerType::class, ['label' => 'Pins', 'required' => false])
            ->add('magnets', IntegerType::class, ['label' => 'Magnets', 'required' => false])
            ->add('springClamps', IntegerType::class, ['label' => 'Spring clamps', 'required' => false]);
        if (true === $options['is_loaded']) {
            $builder->add('changeLoaded', CheckboxType::class, ['label' => 'Change the measures although a quilt is on the frame', 'required' => false]);
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => FrameInput::class, 'is_loaded' => false]);
    }
}
