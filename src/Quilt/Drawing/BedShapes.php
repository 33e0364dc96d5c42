<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Pen;
use App\Drawing\Shape;
use App\Drawing\Tick;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Material\Mark;
use Schwung\Core\Material\MarkedCloth;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Point;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\BedLayout;

/** The marks of a bed drawing, layer by layer from back to front. */
final readonly class BedShapes
{
    /** So wide is the top's size with what it says of the way round. */
    private const SIZE_PIXELS = 240;
    private const SIZE_HIGH_PIXELS = 190;

    private Canvas $canvas;
    private BedLayout $layout;

    public function __construct(private BedDrawing $bed)
    {
        $this->canvas = $bed->canvas;
        $this->layout = $bed->layout;
    }

    /** @return list<Shape> both rails, named, with the rulers along and across */
    public function frame(): array
    {
        $px = $this->canvas->px(...);
        [$from, $long] = [$this->bed->railFrom, $this->bed->railTo - $this->bed->railFrom];
        $back = ($this->bed->preparation->known->parts->frame->kind ?? FrameKind::Roller)->back();

        return [
            Shape::box($from, $this->bed->leadBar(), $long, $px(10), 'rail'),
            Shape::box($from, $this->bed->tailBar(), $long, $px(10), 'rail'),
            Shape::text($from, $this->bed->leadBar() - $px(7), "LEAD, $back", $px(12), 'text-soft-svg strong'),
            Shape::text($from, $this->bed->tailBar() + $px(25), 'TAIL, toward you', $px(12), 'text-soft-svg strong'),
            ...(new Pen($this->canvas))->ticks($this->bed->acrossTicks, $this->bed->leadBar() + $px(10), 4, 21, 12),
            ...array_merge([], ...array_map($this->alongTick(...), $this->bed->alongTicks)),
        ];
    }

    /** @return list<Shape> */
    private function alongTick(Tick $tick): array
    {
        $x = $this->bed->sideRuler();
        $mark = Shape::line($x, $tick->at, $x - $this->canvas->px(null === $tick->label ? 4 : 8), $tick->at, 'tick');

        return null === $tick->label
            ? [$mark]
            : [
                $mark,
                Shape::text(
                    $x - $this->canvas->px(11),
                    $tick->at + $this->canvas->px(4),
                    $tick->label,
                    $this->canvas->px(12),
                    'text-soft-svg',
                    'end',
                ),
            ];
    }

    /** @return list<Shape> backing, batting and top with their seams */
    public function layers(bool $withBatting): array
    {
        $top = $this->layout->top;
        $batting = $withBatting ? $this->layout->batting : null;
        $corners = array_map(static fn(Point $corner): array => [$corner->x, $corner->y], $this->layout->backing);
        $isShaped = true === $this->bed->preparation->known->parts->top?->edge->mustFloat();

        return [
            ...$this->bed->hasBacking
                ? [
                    Shape::polygon($corners, 'ground', 'url(#hatch)'),
                    Shape::polygon($corners, 'outline' . ($this->bed->isBackingGuessed() ? ' guessed' : '')),
                ]
                : [],
            ...null === $batting
                ? []
                : [
                    Shape::box(
                        $batting->left,
                        $batting->lead,
                        $batting->across(),
                        $batting->along(),
                        'batting',
                        'url(#dots)',
                    ),
                ],
            Shape::box(
                $top->left,
                $top->lead,
                $top->across(),
                $top->along(),
                'layer-top' . ($isShaped ? ' layer-top-shaped' : '') . ($this->bed->isTopGuessed() ? ' guessed' : ''),
            ),
            ...array_map(
                static fn(array $seam): Shape => Shape::line(
                    $top->left,
                    $seam[0],
                    $top->right,
                    $seam[0],
                    'border' === $seam[1] ? 'seam seam-border' : 'seam',
                ),
                $this->layout->acrossSeams,
            ),
            ...array_map(
                static fn(array $seam): Shape => Shape::line(
                    $seam[0],
                    $top->lead,
                    $seam[0],
                    $top->tail,
                    'border' === $seam[1] ? 'seam seam-border' : 'seam',
                ),
                $this->layout->alongSeams,
            ),
            // Seams of the backing lie below everything, yet they must be seen: a dash-dot line over it all.
            ...array_map(
                static fn(array $ends): Shape => Shape::line(
                    $ends[0]->x,
                    $ends[0]->y,
                    $ends[1]->x,
                    $ends[1]->y,
                    'seam-backing',
                ),
                $this->layout->backingSeams,
            ),
        ];
    }

    /** @return list<Shape> what the stage draws over the layers, what is needed, labels and the way up */
    public function above(bool $withSize): array
    {
        [$top, $needed] = [$this->layout->top, $this->layout->required];
        $plan = $this->bed->preparation->kept();
        $isShort = null !== $plan && BackingState::Fits !== $plan->chosenPlan()->backing->state();

        return [
            ...$this->bed->hasBacking
                ? [
                    Shape::box(
                        $top->left,
                        $top->lead,
                        $top->across(),
                        $top->along(),
                        'outline' . ($this->bed->isTopGuessed() ? ' guessed' : ''),
                    ),
                ]
                : [],
            ...$this->bed->overlay,
            ...$this->marks(),
            Shape::box(
                $needed->left,
                $needed->lead,
                $needed->across(),
                $needed->along(),
                'outline outline-needed' . ($isShort ? ' outline-short' : ''),
            ),
            ...array_map($this->label(...), $this->bed->labels),
            ...$this->up(),
            ...$withSize && [] === $this->bed->overlay ? $this->size() : [],
        ];
    }

    /** @return list<Shape> what was noted when it came in, where it lies now */
    private function marks(): array
    {
        $top = $this->bed->preparation->known->parts->top;
        if (null === $top) {
            return [];
        }
        $direction = $this->bed->preparation->direction();
        $box = $this->layout->top;

        return array_map(
            fn(Mark $mark): Shape => Shape::circle(
                $box->left + $top->fromLeft($mark, $direction)->toMillimetres(),
                $box->lead + $top->fromLead($mark, $direction)->toMillimetres(),
                $this->canvas->px(8),
                MarkedCloth::Backing === $mark->cloth ? 'mark mark-below' : 'mark',
            ),
            $top->marks,
        );
    }

    private function label(Label $label): Shape
    {
        $class = match ($label->role) {
            'margin' => 'halo text-soft-svg',
            'short' => 'halo text-short',
            'fullness' => 'halo strong',
        };

        return Shape::text(
            $label->x + $this->canvas->px($label->aside),
            $label->y + $this->canvas->px(5),
            $label->text,
            $this->canvas->px('margin' === $label->role ? 13 : 15),
            $class,
            $label->anchor,
        );
    }

    /** @return list<Shape> */
    private function up(): array
    {
        if ([] === $this->bed->up) {
            return [];
        }
        [$from, $to] = $this->bed->up;

        return [
            ...(new Pen($this->canvas))->arrow($from->x, $from->y, $to->x, $to->y),
            Shape::text($from->x, $from->y + $this->canvas->px(18), 'up', $this->canvas->px(13), 'halo', 'middle'),
        ];
    }

    /** @return list<Shape> the top's size in its middle, and how it lies */
    private function size(): array
    {
        if (null === $this->bed->preparation->top()) {
            return [];
        }
        $middle = $this->layout->top->lead + $this->layout->top->along() * 0.58;
        $lead = $this->bed->preparation->leads();
        $lies = match ($lead) {
            TopEdge::Top, TopEdge::Bottom => "top, as it is: its $lead->value edge leads",
            TopEdge::Left, TopEdge::Right => "top, turned: its $lead->value edge leads",
        };

        // Beside a quilt that is too narrow for it, below one that is too short.
        [$x, $anchor] =
            $this->layout->top->across() < $this->canvas->px(self::SIZE_PIXELS)
                ? [$this->layout->required->right + $this->canvas->px(78), 'start']
                : [0.0, 'middle'];
        if ($this->layout->top->along() < $this->canvas->px(self::SIZE_HIGH_PIXELS)) {
            $middle = $this->layout->required->tail + $this->canvas->px(62);
        }

        return [
            Shape::text(
                $x,
                $middle,
                Phrase::of(
                    '%s × %s',
                    $this->bed->preparation->top()->width->figure,
                    $this->bed->preparation->top()->length->figure,
                ),
                $this->canvas->px(24),
                'halo strong',
                $anchor,
            ),
            Shape::text(
                $x,
                $middle + $this->canvas->px(20),
                $lies,
                $this->canvas->px(13),
                'halo text-soft-svg',
                $anchor,
            ),
        ];
    }
}
