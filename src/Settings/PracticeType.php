<?php

declare(strict_types=1);

namespace App\Settings;

use App\Measure\CurrentUnits;
use App\Measure\LengthType;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Distance;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\FormType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<PracticeSettings> */
final class PracticeType extends AbstractType
{
    private const THICKNESSES = [
        'top' => 'Top with its seams',
        'backing_cotton' => 'Cotton',
        'backing_wide' => 'Wide cotton',
        'backing_flannel' => 'Flannel',
        'backing_minky' => 'Minky',
        'backing_fleece' => 'Fleece',
        'backing_knit' => 'Knit',
        'loft_cotton' => 'Cotton',
        'loft_cotton_poly' => 'Cotton and polyester',
        'loft_polyester' => 'Polyester',
        'loft_wool' => 'Wool',
        'loft_silk' => 'Silk',
        'loft_bamboo' => 'Bamboo',
    ];

    public function __construct(private readonly CurrentUnits $units) {}

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $isInYards = UnitSystem::Inches === $this->units->system();
        $builder
            ->add('clampBite', LengthType::class, ['label' => 'Bite of a side clamp', 'may_be_zero' => true])
            ->add('footClearance', LengthType::class, [
                'label' => 'Room for the foot beside the clamp',
                'may_be_zero' => true,
            ])
            ->add('battingOverhang', LengthType::class, ['label' => 'Batting beyond the top', 'may_be_zero' => true])
            ->add('seamAllowance', LengthType::class, ['label' => 'Seam allowance', 'may_be_zero' => true])
            ->add('squaringAllowance', LengthType::class, [
                'label' => 'Squaring allowance of a cut',
                'may_be_zero' => true,
            ])
            ->add('sectionOverlap', LengthType::class, ['label' => 'Overlap of sections', 'may_be_zero' => true])
            ->add('battingRestHours', IntegerType::class, ['label' => 'Batting rests at least, hours'])
            ->add('battingBestRestHours', IntegerType::class, ['label' => 'Batting rests best, hours'])
            ->add('quiltingPerInch', IntegerType::class, ['label' => 'Quilting, stitches an inch'])
            ->add('bastingPerInch', IntegerType::class, ['label' => 'Basting, stitches an inch'])
            ->add('bobbinMetres', IntegerType::class, [
                'label' => $isInYards ? 'A bobbin holds, yards' : 'A bobbin holds, metres',
            ])
            ->add('prebastingPerInch', IntegerType::class, ['label' => 'Basting to be pulled, stitches an inch'])
            ->add('bastingTurnsOff', NumberType::class, [
                'label' => 'Upper tension loosened for it, turns',
                'scale' => 1,
                'invalid_message' => 'Write turns as a number, like 1 or 1.5.',
            ])
            ->add('metresAMinute', NumberType::class, [
                'label' => $isInYards ? 'Speed of stitching, yards a minute' : 'Speed of stitching, metres a minute',
                'scale' => $isInYards ? 2 : 1,
                'invalid_message' => $isInYards
                    ? 'Write yards as a number, like 2.6.'
                    : 'Write metres as a number, like 2.4.',
            ])
            ->add('underFoot', NumberType::class, [
                'label' => 'Thickness under the foot, mm',
                'scale' => 1,
                'invalid_message' => 'Write millimetres as a number, like 2.',
            ])
            ->add('canvasShrinksPerCent', IntegerType::class, ['label' => 'Unwashed canvas shrinks, of a hundred'])
            ->add('driftPerThousand', IntegerType::class, ['label' => 'Side drift, of a thousand loaded'])
            ->add('fullFloatDriftPerThousand', IntegerType::class, ['label' => 'The same where the top floats'])
            ->add('unmeasuredPerThousand', IntegerType::class, [
                'label' => 'What is not measured yet may be off, of a thousand',
            ])
            ->add('fraction', ChoiceType::class, [
                'label' => 'Readings at the frame go by',
                'empty_data' => '8',
                'choices' => ['eighths of an inch' => 8, 'sixteenths of an inch' => 16],
            ]);
        if ($isInYards) {
            $builder->get('bobbinMetres')->addModelTransformer(new Yards(0));
            $builder->get('metresAMinute')->addModelTransformer(new Yards(2));
        }
        $thickness = $builder->create('thickness', FormType::class, ['label' => false, 'error_bubbling' => false]);
        foreach (self::THICKNESSES as $name => $label) {
            $thickness->add($name, NumberType::class, [
                'label' => $label,
                'scale' => 2,
                'invalid_message' => 'Write millimetres as a number, like 0.3.',
            ]);
        }
        $builder
            ->add($thickness)
            ->add($this->distances($builder))
            ->add($this->grips($builder))
            ->add($this->ofHolds($builder, 'seconds', 'seconds', 'Write seconds as a number, like 4.'))
            ->add($this->ofHolds($builder, 'bulks', 'millimetres', 'Write millimetres as a number, like 2.5.'));
    }

    /**
     * @param FormBuilderInterface<PracticeSettings|null> $builder
     *
     * @return FormBuilderInterface<mixed>
     */
    private function distances(FormBuilderInterface $builder): FormBuilderInterface
    {
        $form = $builder->create('distances', FormType::class, ['label' => false, 'error_bubbling' => false]);
        foreach (Distance::cases() as $distance) {
            $form->add(PracticeSettings::key($distance), LengthType::class, [
                'label' => $distance->words(),
                'help' => ucfirst($distance->reason()) . '.',
                'may_be_zero' => !$distance->least()->isPositive(),
            ]);
        }

        return $form;
    }

    /**
     * @param FormBuilderInterface<PracticeSettings|null> $builder
     *
     * @return FormBuilderInterface<mixed>
     */
    private function grips(FormBuilderInterface $builder): FormBuilderInterface
    {
        $form = $builder->create('grips', FormType::class, ['label' => false, 'error_bubbling' => false]);
        foreach (PracticeSettings::holds() as $key => [$system, $end]) {
            $where = HoldingSystem::Magnets === $system ? " at the $end->value" : '';
            $form
                ->add($key . '_used_up', LengthType::class, [
                    'label' => ucfirst($system->words()) . "$where: cloth used up",
                    'may_be_zero' => true,
                ])
                ->add($key . '_standoff', LengthType::class, [
                    'label' => ucfirst($system->words()) . "$where: kept free beside",
                    'may_be_zero' => true,
                ]);
        }

        return $form;
    }

    /**
     * @param FormBuilderInterface<PracticeSettings|null> $builder
     *
     * @return FormBuilderInterface<mixed> one figure for each system
     */
    private function ofHolds(
        FormBuilderInterface $builder,
        string $name,
        string $unit,
        string $wrong,
    ): FormBuilderInterface {
        $form = $builder->create($name, FormType::class, ['label' => false, 'error_bubbling' => false]);
        foreach (HoldingSystem::cases() as $system) {
            $form->add(PracticeSettings::key($system), NumberType::class, [
                'label' => ucfirst($system->words()) . ", $unit",
                'scale' => 1,
                'invalid_message' => $wrong,
            ]);
        }

        return $form;
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => PracticeSettings::class]);
    }
}
