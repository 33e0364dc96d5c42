<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Shape;
use Schwung\Core\Advance\Section;
use Schwung\Core\Advance\Stop;
use Schwung\Core\Advance\StopKind;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Sizing\Box;

/** Draws the passes on the bed: bands with their numbers, rows or stops, sections, and which pass is at hand. */
final readonly class PassBands
{
    public function __construct(private Box $top, private Canvas $canvas) {}

    /** @return list<Shape> */
    public function shapes(Winding $winding, Wind $now, ?LaidDesign $laid): array
    {
        return [
            ...array_merge(...array_map(fn(Wind $wind): array => $this->band($wind, $now), $winding->winds)),
            ...$this->rows($winding),
            ...null === $laid ? [] : $this->design($laid),
            ...\count($winding->sections) > 1 ? array_merge(...array_map($this->section(...), $winding->sections)) : [],
            ...array_merge([], ...array_map($this->stop(...), $winding->stops)),
            ...array_map(fn(Wind $wind): Shape => $this->number($wind, $now), $winding->winds),
        ];
    }

    /** @return list<Shape> */
    private function band(Wind $wind, Wind $now): array
    {
        $class = match ($wind->number <=> $now->number) {
            -1 => 'band band-done',
            0 => 'band band-now',
            default => 'band',
        };
        $turn = $wind->turnsBefore
            ? [Shape::line($this->top->left, $wind->to, $this->top->right, $wind->to, 'turn-line')]
            : [];

        return [
            Shape::box($this->top->left, $wind->from, $this->top->across(), $wind->to - $wind->from, $class)->marked(
                'pass',
                (string) $wind->number,
            ),
            ...$turn,
        ];
    }

    private function number(Wind $wind, Wind $now): Shape
    {
        return Shape::text(
            $this->top->left + $this->canvas->px(12),
            ($wind->from + $wind->to) / 2 + $this->canvas->px(7),
            (string) $wind->number . ($wind->fromTail ? ' from the tail' : ''),
            $this->canvas->px(20),
            $wind === $now ? 'halo strong' : 'halo text-soft-svg',
        )->marked('number', (string) $wind->number);
    }

    /** @return list<Shape> where each row begins and ends */
    private function rows(Winding $winding): array
    {
        $rows = $winding->rows;
        $shapes = [];
        for ($row = 0; null !== $rows && $row < $rows->count; ++$row) {
            foreach ([$rows->start($row), $rows->end($row)] as $at) {
                $shapes[] = Shape::line(
                    $this->top->left,
                    $at->toMillimetres(),
                    $this->top->right,
                    $at->toMillimetres(),
                    'row-edge',
                );
            }
        }

        return $shapes;
    }

    /** @return list<Shape> one repeat and its copies, in every row */
    private function design(LaidDesign $laid): array
    {
        $places = $laid->places();
        $first = array_shift($places);

        return null === $first
            ? []
            : [
                Shape::path($laid->path->toPathData(), 'stitched')
                    ->movedBy($first[0], $first[1], $laid->scale)
                    ->named('repeat'),
                ...array_map(
                    static fn(array $place): Shape => Shape::copy(
                        'repeat',
                        $place[0] - $first[0],
                        $place[1] - $first[1],
                    ),
                    $places,
                ),
            ];
    }

    /** @return list<Shape> */
    private function stop(Stop $stop): array
    {
        $at = $stop->at->toMillimetres();
        if (StopKind::Block !== $stop->kind) {
            return [Shape::line($this->top->left, $at, $this->top->right, $at, 'stop-line')];
        }

        return [
            Shape::line($this->top->left, $at, $this->top->right, $at, 'stop-line stop-cuts'),
            Shape::text(
                $this->top->right - $this->canvas->px(8),
                $at - $this->canvas->px(5),
                Phrase::of('cuts a block, %s from a seam', Figure::measured($stop->fromSeam)),
                $this->canvas->px(13),
                'halo text-attention-svg',
                'end',
            ),
        ];
    }

    /** @return list<Shape> */
    private function section(Section $section): array
    {
        [$from, $to] = [
            $this->top->left + $section->from->toMillimetres(),
            $this->top->left + $section->to->toMillimetres(),
        ];

        return [
            ...1 === $section->number
                ? []
                : [Shape::line($from, $this->top->lead, $from, $this->top->tail, 'section-line')],
            ...null === $section->boundKind
                ? []
                : [Shape::line($to, $this->top->lead, $to, $this->top->tail, 'section-line')],
            Shape::text(
                ($from + $to) / 2,
                $this->top->tail - $this->canvas->px(10),
                'section ' . $section->number,
                $this->canvas->px(13),
                'halo text-soft-svg',
                'middle',
            ),
        ];
    }
}
