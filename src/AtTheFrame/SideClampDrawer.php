<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Loading\Places;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;

/** Draws the first bed from above with its side clamps to scale, and how its sides draw in between them, enlarged. */
final readonly class SideClampDrawer
{
    /** How many times as deep the arcs are drawn, or nobody could see them. */
    private const TIMES = 8;
    private const CORNERS = 12;
    /** So far a clamp reaches off the cloth. */
    private const CLAMP_MM = 45.0;

    public function draw(Setup $setup): Picture
    {
        $clamps = $setup->sideClamps();
        $bed = $setup->plan->job->frame->bed()->toMillimetres();
        $half = $setup->plan->chosenPlan()->backing->squaredUp->across->half()->toMillimetres();
        $top = $setup->across()->half()->toMillimetres();
        $lead = (new Places($setup))->top()->toMillimetres();
        $canvas = Canvas::around(
            ['left' => -$half - self::CLAMP_MM, 'top' => 0, 'right' => $half + self::CLAMP_MM, 'bottom' => $bed],
            420,
            260,
            ['left' => 8, 'top' => 30, 'right' => 8, 'bottom' => 30],
        );
        $text = static fn(float $y, Phrase $words, string $class): Shape => Shape::text(
            0,
            $y,
            $words,
            $canvas->px(14),
            $class,
            'middle',
        );

        return new Picture($canvas, 'The first bed from above, with its side clamps.', [
            Shape::box(-$half, 0, 2 * $half, $bed, 'ground', 'url(#hatch)'),
            Shape::box(-$top, $lead, 2 * $top, max(0.0, $bed - $lead), 'layer-top'),
            Shape::line(-$half, 0, $half, 0, 'outline'),
            ...$this->sides($setup, $half, $bed),
            $text(-$canvas->px(8), Phrase::of('lead'), 'text-soft-svg'),
            $text($bed + $canvas->px(20), Phrase::of("toward you: the {$setup->front()}"), 'text-soft-svg'),
            $text(
                $bed / 2,
                Phrase::of('draws in by %s, drawn ' . self::TIMES . ' times', Figure::measured($clamps->dip)),
                'halo strong',
            ),
        ]);
    }

    /** @return list<Shape> */
    private function sides(Setup $setup, float $half, float $bed): array
    {
        $clamps = $setup->sideClamps();
        [$gap, $dip] = [$clamps->gap->toMillimetres(), self::TIMES * $clamps->dip->toMillimetres()];
        $bite = max(0.0, ($bed - ($clamps->each + 1) * $gap) / $clamps->each);
        $shapes = [];
        foreach ([-1, 1] as $side) {
            for ($i = 0; $i <= $clamps->each; ++$i) {
                $from = $i * ($gap + $bite);
                $shapes[] = Shape::polyline($this->arc($side * $half, -$side * $dip, $from, $gap), 'scallop');
                if ($i < $clamps->each) {
                    $shapes[] = Shape::box(
                        $side < 0 ? -$half - self::CLAMP_MM : $half - 15,
                        $from + $gap,
                        self::CLAMP_MM + 15,
                        $bite,
                        'state-piece',
                    );
                }
            }
        }

        return $shapes;
    }

    /** @return list<array{float, float}> along the side, so deep in its middle */
    private function arc(float $x, float $deep, float $from, float $long): array
    {
        return array_map(
            static fn(int $i): array => [
                $x + $deep * 4 * ($i / self::CORNERS) * (1 - $i / self::CORNERS),
                $from + ($long * $i) / self::CORNERS,
            ],
            range(0, self::CORNERS),
        );
    }
}
