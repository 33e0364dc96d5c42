<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Job\Job;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Shade;
use Schwung\Core\Material\Weave;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\CarePair;
use Schwung\Core\Practice\ClothTrait;
use Schwung\Core\Practice\Practice;

/** What of a quilt's cloths, batting and needle does not suit the other (rule 27); each pair once, with its reason. */
final readonly class SuitFindings
{
    public function __construct(private Practice $practice) {}

    /** @return list<Finding> */
    public function collect(Job $job, Direction $direction): array
    {
        $traits = $this->traits($job, $direction);
        $said = [];
        foreach ([...CarePair::ofTheTrade(), ...$this->practice->pairs] as $pair) {
            if (\in_array($pair->one, $traits, true) && \in_array($pair->other, $traits, true)) {
                $said[$pair->says] ??= new Finding(
                    FindingCode::Unsuited,
                    Phrase::of(
                        '%s',
                        ucfirst($pair->one->words()) . ' and ' . $pair->other->words() . ': ' . lcfirst($pair->says),
                    ),
                    '/backing/shade',
                );
            }
        }

        return array_values($said);
    }

    /** @return list<ClothTrait> */
    private function traits(Job $job, Direction $direction): array
    {
        [$top, $backing] = [$job->top->shade, $job->backing];

        return array_values(
            array_filter([
                Shade::Light === $top ? ClothTrait::LightTop : null,
                Shade::Dark === $top ? ClothTrait::DarkTop : null,
                Shade::Light === $backing->shade ? ClothTrait::LightBacking : null,
                Shade::Dark === $backing->shade ? ClothTrait::DarkBacking : null,
                Weave::Fine === $backing->weave ? ClothTrait::FineBacking : null,
                $backing->kind->isStretchy() ? ClothTrait::StretchyBacking : null,
                BackingKind::Flannel === $backing->kind ? ClothTrait::Flannel : null,
                \in_array($backing->kind, [BackingKind::Minky, BackingKind::Fleece], true) ? ClothTrait::Pile : null,
                Direction::Turned === $direction && $job->top->directional ? ClothTrait::Turned : null,
                null === $job->batting ? null : ClothTrait::from($job->batting->kind->value),
                true === $job->desk->needleSize?->isThick() ? ClothTrait::ThickNeedle : null,
            ]),
        );
    }
}
