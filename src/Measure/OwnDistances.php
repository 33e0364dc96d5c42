<?php

declare(strict_types=1);

namespace App\Measure;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Distance;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/**
 * Distances of the practice while they are entered: a frame's or a person's where they differ, and how short one may
 * be.
 */
final class OwnDistances
{
    /**
     * A field for each, kept in "distances" by the words of Distance.
     *
     * @template T
     *
     * @param FormBuilderInterface<T> $builder
     * @param list<Distance>          $distances
     */
    public static function addTo(FormBuilderInterface $builder, array $distances): void
    {
        foreach ($distances as $distance) {
            $builder->add(str_replace('-', '', $distance->value), LengthType::class, [
                'property_path' => "distances[$distance->value]",
                'label' => $distance->words(),
                'help' => 'Empty: as the studio has it.',
                'required' => false,
                'may_be_zero' => !$distance->least()->isPositive(),
            ]);
        }
    }

    /** @param string $key under which it is kept in "distances" */
    public static function check(
        ExecutionContextInterface $context,
        Distance $distance,
        ?Length $given,
        string $key,
        UnitSystem $units,
    ): void {
        if (null !== $given && $given->isShorterThan($distance->least())) {
            $context
                ->buildViolation('At least {{ least }}.', [
                    '{{ least }}' => (new LengthWriter($units))->write($distance->least()),
                ])
                ->atPath("distances[$key]")
                ->addViolation();
        }
    }
}
