<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Bed;

use Schwung\Core\Leader\LeaderCheckRule;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Thickness;
use Schwung\Core\Tension\Firmness;

/**
 * How cloth gives and sinks: the small sums of which the bed is made.
 *
 * Geometry: a strip that is longer by Δ than its span S sinks by √(3·S·Δ/8) (rule 15); a seam stands proud by its
 * thickness at each turn (rule 8); two layers strained differently by Δε, h thick together, bend by 1.5·Δε/h (rule 17).
 * How far cloth is strained by one step of firmness or of a clamp, and how far a ridge is pressed flat, are estimates.
 */
final readonly class Cloth
{
    /** The bed from roller to roller. */
    public const SPAN_MM = 610.0;
    /** Of the length, for each step of firmness above "hangs". */
    public const STRAIN = 0.001;
    /** Of the length, for each step of a side clamp's pull. */
    private const CLAMP_STRAIN = 0.002;
    /** How much cloth a side clamp pulls at. */
    private const CLAMP_REACH_MM = 400.0;
    /** Of what a ridge takes up in a turn, so much is not pressed flat. */
    private const STANDS = 0.1;
    /** All three layers together, under the foot. */
    private const LAYERS_MM = 2.0;
    /** From crest to crest of a ripple. */
    public const RIPPLE_MM = 60.0;

    public static function dip(float $longer): Worked
    {
        return self::worked(
            LeaderCheckRule::sinks(self::SPAN_MM, $longer),
            'How far cloth sinks that is longer than the bed: √(3 × bed × longer ÷ 8), a shallow arc.',
            ['bed' => self::SPAN_MM, 'longer' => $longer],
        );
    }

    /** How much longer cloth is that feels softer than firm with give, over the span of the bed. */
    public static function slack(float $firmness): float
    {
        return max(0.0, Firmness::FirmWithGive->value - $firmness) * self::STRAIN * self::SPAN_MM;
    }

    public static function ridge(WoundSeam $seam): Worked
    {
        $each = (new Thickness())->ofSeam($seam->pressed)->toMillimetres();

        return self::worked(
            $each * $seam->turns,
            'What the seam adds at each turn, times the turns.',
            ['added at each turn' => $each],
            \sprintf('%d turns', $seam->turns),
        );
    }

    /** How much longer the cloth beside a ridge is after the newest turn: the ridge goes round a greater circle. */
    public static function besideRidge(WoundSeam $seam): float
    {
        return 2 * \M_PI * self::ridge($seam)->length()->toMillimetres() * self::STANDS;
    }

    public static function scallop(SideClamps $clamps): Worked
    {
        $bite = $clamps->bite->bite()->toMillimetres();
        $free = max(0.0, $clamps->apart->toMillimetres() - $bite);

        return self::worked(
            LeaderCheckRule::sinks($free, $free * self::CLAMP_STRAIN * $clamps->pull),
            'How far the free edge between two clamps is drawn in, by the same arc as a dip.',
            ['from clamp to clamp' => $clamps->apart->toMillimetres(), 'held by each' => $bite],
            \sprintf('pull %d of %d', $clamps->pull, SideClamps::STRONGEST),
        );
    }

    /** @param bool $givesAcross whether the cloth stretches along the rails */
    public static function jump(SideClamps $clamps, bool $givesAcross): Worked
    {
        return self::worked(
            self::CLAMP_REACH_MM * self::CLAMP_STRAIN * $clamps->pull * ($givesAcross ? 2.5 : 1.0),
            'What a clamp has stretched jumps back when it is let off.',
            ['cloth that it pulls at' => self::CLAMP_REACH_MM],
            \sprintf(
                'pull %d of %d%s',
                $clamps->pull,
                SideClamps::STRONGEST,
                $givesAcross ? ', a cloth that gives' : '',
            ),
        );
    }

    /** The curvature of the finished edges, per millimetre; above zero they curl to the back. */
    public static function bend(float $balance): float
    {
        return (1.5 * self::STRAIN * $balance) / self::LAYERS_MM;
    }

    /** @param float $balance not zero */
    public static function curl(float $balance): Worked
    {
        return self::worked(
            1 / abs(self::bend($balance)),
            'The radius of the curl of two layers that were stretched differently: thickness ÷ (1.5 × difference).',
            ['all layers together' => self::LAYERS_MM],
            \sprintf('%.1f steps of firmness apart', abs($balance)),
        );
    }

    /** @param float $firmness mean of the backing */
    public static function ripple(float $firmness, float $gives): Worked
    {
        $strain = self::STRAIN * $gives * max(0.0, $firmness - Firmness::Hangs->value);

        return self::worked(
            ((2 * self::RIPPLE_MM) / \M_PI) * sqrt($strain),
            'How high a ripple stands when stretched cloth takes its own length again and the stitches do not let it.',
            ['from crest to crest' => self::RIPPLE_MM],
            \sprintf('stretched by %.1f %%', 100 * $strain),
        );
    }

    /** @param float $firmness mean of the backing */
    public static function betweenPins(Length $spacing, float $firmness): Worked
    {
        return self::worked(
            LeaderCheckRule::sinks($spacing->toMillimetres(), $spacing->toMillimetres() * self::STRAIN * $firmness),
            'How far the edge is drawn in between two pins, by the same arc as a dip.',
            ['from pin to pin' => $spacing->toMillimetres()],
            '',
        );
    }

    /** @param array<string, float> $terms millimetres by name; $note stands beside the last */
    private static function worked(float $millimetres, string $rule, array $terms, string $note = ''): Worked
    {
        $measured = static fn(float $length): Figure => Figure::measured(Length::millimetres($length));
        $last = array_key_last($terms);

        return new Worked(
            $measured($millimetres),
            $rule,
            array_map(
                static fn(string $name, float $length): Term => new Term(
                    $name,
                    $measured($length),
                    $name === $last ? $note : '',
                ),
                array_keys($terms),
                $terms,
            ),
        );
    }
}
