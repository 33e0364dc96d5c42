<?php

declare(strict_types=1);

namespace App\Tension;

use App\Drawing\Canvas;
use App\Drawing\Pen;
use App\Drawing\Picture;
use App\Drawing\Ruler;
use App\Drawing\Shape;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Tension\Bed\Bed;
use Schwung\Core\Tension\Bed\Cloth;
use Schwung\Core\Tension\Bed\Sag;
use Schwung\Core\Tension\Look;
use Schwung\Core\Tension\Symptom;

/**
 * Draws a bed as it lies: the roll behind, the bed from above, and the cloth across it from the front, all on one scale
 * along the rail; what bends is drawn five times as far, so that it is seen.
 */
final readonly class BedPicture
{
    /** How much farther bends are drawn than they are. */
    public const TIMES = 5;

    private const WIDE = 760;
    private const HALF_MM = 1016.0;
    private const ROLL_MM = 90.0;
    private const FRONT_MM = 800.0;
    /** How far one side is drawn ahead where no tilt says by how much. */
    private const SKEW_MM = 8.0;

    public function __construct(private UnitSystem $units) {}

    /**
     * @param list<Symptom> $seen  what there is to see
     * @param list<Look>    $looks where one has looked; the rest is drawn as if nothing were wrong
     */
    public function draw(Bed $bed, array $seen, array $looks): Picture
    {
        $has = static fn(Look $look): bool => \in_array($look, $looks, true);
        $lowest =
            self::FRONT_MM +
            ($has(Look::Well)
                ? self::TIMES *
                    max([0.0, ...array_map(static fn(Sag $sag): float => $sag->dip->toMillimetres(), $bed->sags)])
                : 0.0);
        $canvas = Canvas::around(
            ['left' => -self::HALF_MM, 'top' => -self::ROLL_MM * 2, 'right' => self::HALF_MM, 'bottom' => $lowest],
            self::WIDE,
            700,
            ['left' => 44, 'top' => 8, 'right' => 44, 'bottom' => 28],
        );
        $shown = array_values(array_filter($seen, static fn(Symptom $symptom): bool => $has($symptom->look())));

        return new Picture($canvas, $this->label($shown), [
            ...$this->roll($canvas, $bed, $has(Look::Roll)),
            ...$this->above($canvas, $bed, $shown, $has(Look::Sides)),
            ...$this->front($canvas, $bed, $has(Look::Well)),
        ]);
    }

    /** @param list<Symptom> $shown */
    private function label(array $shown): string
    {
        return 'The bed from above and from the front: ' .
            ([] === $shown
                ? 'it lies flat as far as it was looked at.'
                : implode(', ', array_map(static fn(Symptom $symptom): string => $symptom->words(), $shown)) . '.');
    }

    /** @return list<Shape> */
    private function roll(Canvas $canvas, Bed $bed, bool $isSeen): array
    {
        $ridge = $isSeen ? ($bed->of(Symptom::RollRidge)?->size?->length()->toMillimetres() ?? 0.0) * self::TIMES : 0.0;
        $top = -self::ROLL_MM - $canvas->px(6);
        $half = self::HALF_MM;
        $outline = \sprintf(
            'M%F %FH-60C-30 %F -30 %F 0 %FS30 %F 60 %FH%FV%FH%FZ',
            -$half,
            $top,
            $top,
            $top - $ridge,
            $top - $ridge,
            $top,
            $top,
            $half,
            $top + self::ROLL_MM,
            -$half,
        );

        return [
            Shape::path($outline, 'sketch-cloth'),
            ...0.0 === $ridge
                ? []
                : [
                    Shape::path(
                        \sprintf(
                            'M-60 %FC-30 %F -30 %F 0 %FS30 %F 60 %F',
                            $top,
                            $top,
                            $top - $ridge,
                            $top - $ridge,
                            $top,
                            $top,
                        ),
                        'sketch-fault',
                    ),
                ],
            Shape::text(
                -$half + $canvas->px(6),
                $top + self::ROLL_MM / 2 + $canvas->px(5),
                'the roll, from the front',
                $canvas->px(13),
                'text-soft-svg',
            ),
        ];
    }

    /**
     * @param list<Symptom> $shown
     *
     * @return list<Shape>
     */
    private function above(Canvas $canvas, Bed $bed, array $shown, bool $isSeenAtSides): array
    {
        [$half, $span] = [self::HALF_MM, Cloth::SPAN_MM];
        $has = static fn(Symptom $symptom): bool => \in_array($symptom, $shown, true);
        $shapes = [
            Shape::polygon($this->outline($bed, $isSeenAtSides), 'bed-top'),
            ...$this->piecing($has(Symptom::RingsTight), $has(Symptom::Skew) ? ($bed->drag ?: self::SKEW_MM) : 0.0),
        ];
        if ($has(Symptom::DragLine)) {
            $way = $bed->drag < 0 ? -1 : 1;
            foreach ([-0.55, -0.2, 0.15] as $at) {
                $shapes[] = Shape::line(
                    $way * $half * $at - $way * 160,
                    60,
                    $way * $half * $at + $way * 420,
                    $span - 60,
                    'sketch-fault',
                );
            }
        }
        if ($has(Symptom::CrossRipple)) {
            foreach ([0.2, 0.5, 0.8] as $down) {
                $shapes[] = Shape::path(
                    \sprintf('M%F %F', -$half + 60, $span * $down) . str_repeat('q47 -36 94 0t94 0', 10),
                    'sketch-fault',
                );
            }
        }

        return [
            ...$shapes,
            ...$has(Symptom::ScallopedSide)
                ? [
                    Shape::polyline($this->side($bed, -1), 'sketch-fault'),
                    Shape::polyline($this->side($bed, 1), 'sketch-fault'),
                ]
                : [],
            ...$this->clamps($canvas, $bed),
            Shape::box(-$half - $canvas->px(20), -$canvas->px(6), 2 * $half + $canvas->px(40), $canvas->px(6), 'rail'),
            Shape::box(-$half - $canvas->px(20), $span, 2 * $half + $canvas->px(40), $canvas->px(6), 'rail'),
            ...(new Pen($canvas))->ticks(
                (new Ruler($this->units))->ticks(-$half, $half),
                $span + $canvas->px(8),
                4,
                22,
                12,
            ),
        ];
    }

    /** @return list<array{float, float}> */
    private function outline(Bed $bed, bool $isSeen): array
    {
        return $isSeen
            ? [...$this->side($bed, -1), ...array_reverse($this->side($bed, 1))]
            : [
                [-self::HALF_MM, 0.0],
                [-self::HALF_MM, Cloth::SPAN_MM],
                [self::HALF_MM, Cloth::SPAN_MM],
                [self::HALF_MM, 0.0],
            ];
    }

    /** @return list<array{float, float}> from the roll to the front */
    private function side(Bed $bed, int $way): array
    {
        $clamps = $bed->setup->clamps;
        $depth = 0 === $clamps->pull ? 0.0 : Cloth::scallop($clamps)->length()->toMillimetres() * self::TIMES;
        $apart = max(50.0, $clamps->apart->toMillimetres());

        return array_map(
            static fn(int $i): array => [
                $way * (self::HALF_MM - $depth * sin((\M_PI * fmod(($i * Cloth::SPAN_MM) / 60, $apart)) / $apart)),
                ($i * Cloth::SPAN_MM) / 60,
            ],
            range(0, 60),
        );
    }

    /** @return list<Shape> */
    private function piecing(bool $isBent, float $skew): array
    {
        $shapes = [];
        $bend = $isBent ? 40.0 : 0.0;
        foreach (range(-4, 4) as $i) {
            [$x, $out] = [$i * 203.2, ($bend * $i) / 4];
            $shapes[] = Shape::path(
                \sprintf('M%F 0Q%F %F %F %F', $x, $x + $out, Cloth::SPAN_MM / 2, $x, Cloth::SPAN_MM),
                'bed-piecing',
            );
        }
        foreach ([1, 2] as $i) {
            [$y, $out, $tilt] = [($i * Cloth::SPAN_MM) / 3, $bend * (2 * $i - 3), ($skew * self::TIMES) / 2];
            $shapes[] = Shape::path(
                \sprintf('M%F %FQ0 %F %F %F', -self::HALF_MM, $y + $tilt, $y + $out, self::HALF_MM, $y - $tilt),
                'bed-piecing',
            );
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function clamps(Canvas $canvas, Bed $bed): array
    {
        $clamps = $bed->setup->clamps;
        $shapes = [];
        for ($y = 0.0; 0 !== $clamps->pull && $y <= Cloth::SPAN_MM; $y += max(50.0, $clamps->apart->toMillimetres())) {
            foreach ([-1, 1] as $way) {
                $shapes[] = Shape::box(
                    $way * (self::HALF_MM + $canvas->px(8)) - $canvas->px(8),
                    $y - $canvas->px(5),
                    $canvas->px(16),
                    $canvas->px(10),
                    'sketch-clamp',
                );
            }
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function front(Canvas $canvas, Bed $bed, bool $isSeen): array
    {
        $at = static fn(Sag $sag): array => [
            $sag->at * self::HALF_MM,
            self::FRONT_MM + ($isSeen ? $sag->dip->toMillimetres() * self::TIMES : 0.0),
        ];
        $shapes = [
            Shape::line(-self::HALF_MM, self::FRONT_MM, self::HALF_MM, self::FRONT_MM, 'sketch-should'),
            Shape::text(
                -self::HALF_MM,
                self::FRONT_MM - $canvas->px(8),
                'the cloth from the front, bends drawn five times',
                $canvas->px(13),
                'text-soft-svg',
            ),
            Shape::polyline(array_map($at, $bed->sags), 'bed-front'),
        ];
        foreach ($isSeen ? $this->deepest($bed) : [] as $sag) {
            $shapes[] = Shape::text(
                max(-0.93, min(0.93, $sag->at)) * self::HALF_MM,
                $at($sag)[1] + $canvas->px(20),
                Figure::measured($sag->dip),
                $canvas->px(15),
                'strong',
                'middle',
            );
        }

        return $shapes;
    }

    /** @return list<Sag> those at the left, in the middle and at the right that hang by more than their neighbours */
    private function deepest(Bed $bed): array
    {
        $last = \count($bed->sags) - 1;
        $chosen = array_map(static fn(int $i): Sag => $bed->sags[$i], [0, intdiv($last, 2), $last]);
        $most = Length::longest($chosen[0]->dip, $chosen[1]->dip, $chosen[2]->dip)->toMillimetres();

        return array_values(
            array_filter(
                $chosen,
                static fn(Sag $sag): bool => $sag->dip->toMillimetres() > 1 && $sag->dip->toMillimetres() > $most / 2,
            ),
        );
    }
}
