<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Bed;

use Schwung\Core\Advance\Ridge;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Symptom;

/**
 * Works out how a bed lies from its setup: dips by rule 15, the ridge by rule 8, the curl by rule 17. Sizes are
 * estimates.
 */
final readonly class BedRule
{
    /** A dip, or a difference of dips, that an eye across the bed notices. */
    private const SEEN_DIP_MM = 12.7;
    private const SEEN_SCALLOP_MM = 8.0;
    private const SEEN_PINS_MM = 6.0;
    private const SEEN_TILT_MM = 4.0;
    private const STATIONS = 40;

    public function lie(BedSetup $setup): Bed
    {
        $sags = array_map(
            fn(int $i): Sag => new Sag(
                ($at = (2 * $i) / self::STATIONS - 1),
                Cloth::dip($this->longer($setup, $at))->length(),
            ),
            range(0, self::STATIONS),
        );
        $balance = $setup->firmness->balance();

        return new Bed(
            $setup,
            $sags,
            [
                ...$this->dips($setup),
                ...$this->pulls($setup),
                ...$this->atTheSides($setup),
                ...$this->onTheRoll($setup),
                ...$this->offTheFrame($setup),
            ],
            $this->drag($setup),
            Cloth::bend($balance),
        );
    }

    /** How much longer the cloth is at a place than the bed, in millimetres. */
    private function longer(BedSetup $setup, float $at): float
    {
        $lag = max(0.0, $setup->lag->toMillimetres() * $at);
        $beside = $setup->seam->windsOnItself()
            ? Cloth::besideRidge($setup->seam) * min(1.0, max(0.0, abs($at) - 0.15) / 0.6)
            : 0.0;

        $lies = $setup->middle->toMillimetres() * (1 - $at ** 2) + $setup->sides->toMillimetres() * $at ** 2;

        return $setup->leader->longerAt($at) +
            $lag +
            $beside +
            $lies +
            Cloth::slack($this->feel($setup->firmness, $at));
    }

    /** The backing's firmness between the places where it was felt. */
    private function feel(FirmnessReading $firmness, float $at): float
    {
        [$left, $centre, $right] = array_map(static fn(Firmness $step): int => $step->value, $firmness->backing);

        return $centre + ($at < 0 ? $left - $centre : $right - $centre) * abs($at);
    }

    /** @return list<Effect> */
    private function dips(BedSetup $setup): array
    {
        $effects = [];
        $dips = array_map(fn(float $at): Worked => Cloth::dip($this->longer($setup, $at)), [
            'the left side' => -0.9,
            'the middle' => 0.0,
            'the right side' => 0.9,
        ]);
        [$left, $centre, $right] = array_map(
            static fn(Worked $dip): float => $dip->length()->toMillimetres(),
            array_values($dips),
        );
        $hangs = static fn(float $here, float $there): bool => $here - $there > self::SEEN_DIP_MM;
        $side =
            $hangs(min($left, $right), $centre) && abs($left - $right) <= self::SEEN_DIP_MM
                ? Symptom::BothSidesDip
                : null;
        $symptoms = [
            'the left side' => $side ?? ($hangs($left, $right) ? Symptom::SideDip : null),
            'the middle' => $hangs($centre, max($left, $right)) ? Symptom::CentreDip : null,
            'the right side' => $side ?? ($hangs($right, $left) ? Symptom::SideDip : null),
        ];
        foreach ($dips as $place => $dip) {
            if ($dip->length()->isPositive()) {
                $effects[] = new Effect("$place hangs by", $dip, $symptoms[$place]);
            }
        }

        return $effects;
    }

    /** @return list<Effect> */
    private function pulls(BedSetup $setup): array
    {
        $mean = FirmnessReading::mean($setup->firmness->backing);
        $pins = Cloth::betweenPins($setup->pinSpacing, $mean);
        $isCrowded = $setup->pinSpacing->isShorterThan(Length::inches(Knowledge::PINS_CLOSE_INCHES));
        $effects = [
            new Effect(
                'between two pins the edge is drawn in by',
                $pins,
                $isCrowded || $pins->length()->toMillimetres() > self::SEEN_PINS_MM ? Symptom::CrossRipple : null,
            ),
        ];
        $drag = $this->drag($setup);
        if (0.0 !== $drag) {
            $across = Cloth::dip(abs($drag));
            $effects[] = new Effect('the diagonal pull would let a side sink by', $across, Symptom::DragLine);
        }
        if (abs($setup->leader->tilt->toMillimetres()) > self::SEEN_TILT_MM) {
            $effects[] = new Effect(
                'one side of the top comes ahead by',
                $setup->leader->ahead(),
                Symptom::Skew,
                false,
            );
        }
        $slack = Cloth::dip(Cloth::slack($mean));
        if ($setup->firmness->has(Firmness::Rings)) {
            $effects[] = new Effect('the bed gives nowhere under the hand', null, Symptom::RingsTight, false);
        } elseif ($mean < Firmness::Soft->value) {
            $effects[] = new Effect('the whole bed flaps by', $slack, Symptom::Bounce);
        }
        if (FirmnessReading::mean($setup->firmness->top) <= Firmness::Soft->value) {
            $effects[] = new Effect(
                'ahead of the foot the top stands up by',
                Cloth::dip(Cloth::slack(FirmnessReading::mean($setup->firmness->top)) / 4),
                Symptom::BubbleAhead,
            );
        }

        return $effects;
    }

    /** @return list<Effect> */
    private function atTheSides(BedSetup $setup): array
    {
        if (0 === $setup->clamps->pull) {
            return [];
        }
        $scallop = Cloth::scallop($setup->clamps);
        $jump = Cloth::jump($setup->clamps, Stretch::None !== $setup->stretch);

        return [
            new Effect(
                'between two clamps the side is drawn in by',
                $scallop,
                $scallop->length()->toMillimetres() > self::SEEN_SCALLOP_MM ? Symptom::ScallopedSide : null,
            ),
            new Effect(
                'let off, the cloth jumps by',
                $jump,
                $jump->length()->isLongerThan(Length::inches(Practice::JUMP_INCHES)) ? Symptom::SnapBack : null,
            ),
        ];
    }

    /** @return list<Effect> */
    private function onTheRoll(BedSetup $setup): array
    {
        if (!$setup->seam->windsOnItself()) {
            return [];
        }
        $ridge = Cloth::ridge($setup->seam);

        return [
            new Effect(
                'the seam stands proud on the roll by',
                $ridge,
                $ridge->length()->toMillimetres() >= Ridge::SLACK_MILLIMETRES ? Symptom::RollRidge : null,
            ),
        ];
    }

    /** @return list<Effect> */
    private function offTheFrame(BedSetup $setup): array
    {
        $effects = [];
        $balance = $setup->firmness->balance();
        if (abs($balance) >= 1) {
            $effects[] = new Effect(
                'the edges curl with a radius of',
                Cloth::curl($balance),
                $balance > 0 ? Symptom::CurlToBack : Symptom::CurlToFront,
            );
        }
        if (Stretch::Along === $setup->stretch || SideClamps::STRONGEST === $setup->clamps->pull) {
            $ripple = Cloth::ripple(
                FirmnessReading::mean($setup->firmness->backing),
                Stretch::Along === $setup->stretch ? 4.0 : 1.0,
            );
            $effects[] = new Effect('off the frame ripples stand up by', $ripple, Symptom::RipplesOffFrame);
        }

        return $effects;
    }

    /** The way and the size of a diagonal pull: of a leader that is not square, or of one side that is firmer. */
    private function drag(BedSetup $setup): float
    {
        $tilt = $setup->leader->tilt->toMillimetres() + $setup->lag->toMillimetres();
        if (abs($tilt) > self::SEEN_TILT_MM) {
            return $tilt;
        }
        $layer = array_map(static fn(Firmness $step): int => $step->value, $setup->firmness->backing);

        return ($layer[0] - $layer[2]) * Cloth::STRAIN * Cloth::SPAN_MM;
    }
}
