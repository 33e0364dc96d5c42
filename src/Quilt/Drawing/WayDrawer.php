<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Pen;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Direction\StretchLie;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Measure\Point;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Sizing\BedLayout;
use Schwung\Core\Sizing\BedPlacing;
use Schwung\Core\Sizing\Box;

/** Draws the bed small, one way round, with what has a direction: stretch, up of top, design and print, and passes. */
final readonly class WayDrawer
{
    private const WIDE = 360;
    private const HIGH = 300;

    /**
     * @param array{left: float, top: float, right: float, bottom: float} $part shared by both ways, so that they have
     * one scale
     */
    public function draw(Plan $plan, Direction $direction, array $part): Picture
    {
        $layout = $this->layout($plan, $direction);
        $canvas = Canvas::around($part, self::WIDE, self::HIGH, [
            'left' => 14,
            'top' => 26,
            'right' => 14,
            'bottom' => 26,
        ]);

        return new Picture(
            $canvas,
            Direction::AsIs === $direction
                ? 'The bed with the quilt as it is, lead edge at the top.'
                : 'The bed with the quilt turned, lead edge at the top.',
            [
                ...$this->rails($canvas, $part),
                Shape::polygon(
                    array_map(static fn(Point $corner): array => [$corner->x, $corner->y], $layout->backing),
                    'outline-thin',
                    'url(#hatch)',
                ),
                Shape::box(
                    $layout->top->left,
                    $layout->top->lead,
                    $layout->top->across(),
                    $layout->top->along(),
                    'layer-top',
                ),
                ...$this->passes($plan, $direction, $layout),
                ...$this->arrows($plan, $direction, $layout, $canvas),
            ],
        );
    }

    /** @return array{left: float, top: float, right: float, bottom: float} what holds both ways at one scale */
    public function commonPart(Plan $plan): array
    {
        [$one, $other] = [
            $this->part($this->layout($plan, Direction::AsIs)),
            $this->part($this->layout($plan, Direction::Turned)),
        ];

        return [
            'left' => min($one['left'], $other['left']),
            'top' => min($one['top'], $other['top']),
            'right' => max($one['right'], $other['right']),
            'bottom' => max($one['bottom'], $other['bottom']),
        ];
    }

    private function layout(Plan $plan, Direction $direction): BedLayout
    {
        return (new BedPlacing())->place(
            $plan->job->top,
            $plan->job->backing,
            $plan->cloth,
            $plan->directions[$direction->value]->backing,
            $direction,
            null,
        );
    }

    /** @return array{left: float, top: float, right: float, bottom: float} */
    private function part(BedLayout $layout): array
    {
        $xs = [
            $layout->required->left,
            $layout->required->right,
            ...array_map(static fn(Point $corner): float => $corner->x, $layout->backing),
        ];
        $ys = [
            $layout->required->lead,
            $layout->required->tail,
            ...array_map(static fn(Point $corner): float => $corner->y, $layout->backing),
        ];

        return ['left' => min($xs), 'top' => min($ys), 'right' => max($xs), 'bottom' => max($ys)];
    }

    /**
     * @param array{left: float, top: float, right: float, bottom: float} $part
     *
     * @return list<Shape>
     */
    private function rails(Canvas $canvas, array $part): array
    {
        [$left, $wide, $thick] = [$canvas->left + $canvas->px(6), $canvas->width - $canvas->px(12), $canvas->px(7)];

        return [
            Shape::box($left, $part['top'] - $canvas->px(14), $wide, $thick, 'rail'),
            Shape::box($left, $part['bottom'] + $canvas->px(7), $wide, $thick, 'rail'),
        ];
    }

    /** @return list<Shape> a line where each pass ends */
    private function passes(Plan $plan, Direction $direction, BedLayout $layout): array
    {
        $passes = $plan->directions[$direction->value]->course->passes->passes ?? [];

        return array_map(
            static fn($pass): Shape => Shape::line(
                $layout->top->left,
                $pass->to->toMillimetres(),
                $layout->top->right,
                $pass->to->toMillimetres(),
                'stop-line',
            ),
            $passes,
        );
    }

    /** @return list<Shape> */
    private function arrows(Plan $plan, Direction $direction, BedLayout $layout, Canvas $canvas): array
    {
        $lead = $plan->job->top->edgeAt($direction, End::Lead);

        return [
            ...$plan->job->top->directional ? $this->up($layout->top, $canvas, 'up of the top', 0.78, 0.3, $lead) : [],
            ...true === $plan->job->quilting?->isDirectional
                ? $this->up($layout->top, $canvas, 'up of the design', 0.5, 0.62, TopEdge::Top)
                : [],
            ...$plan->job->backing->directional
                ? $this->up($layout->top, $canvas, 'up of the print', 0.22, 0.3, $lead)
                : [],
            ...$this->stretch($plan, $direction, $layout, $canvas),
        ];
    }

    /**
     * An arrow toward the up of something, at a share of the top across and along, while that edge of it leads.
     *
     * @return list<Shape>
     */
    private function up(Box $top, Canvas $canvas, string $text, float $across, float $along, TopEdge $lead): array
    {
        [$x, $y] = [$top->left + $across * $top->across(), $top->lead + $along * $top->along()];
        $reach = 0.16 * min($top->across(), $top->along());
        $pen = new Pen($canvas);

        return [
            ...match ($lead) {
                TopEdge::Top => $pen->arrow($x, $y + $reach, $x, $y - $reach),
                TopEdge::Bottom => $pen->arrow($x, $y - $reach, $x, $y + $reach),
                TopEdge::Left => $pen->arrow($x - $reach, $y, $x + $reach, $y),
                TopEdge::Right => $pen->arrow($x + $reach, $y, $x - $reach, $y),
            },
            Shape::text(
                $x,
                $y + (Direction::Turned === $lead->direction() ? $canvas->px(18) : $reach + $canvas->px(15)),
                $text,
                $canvas->px(12),
                'halo',
                'middle',
            ),
        ];
    }

    /** @return list<Shape> */
    private function stretch(Plan $plan, Direction $direction, BedLayout $layout, Canvas $canvas): array
    {
        if (Stretch::None === $plan->job->backing->stretch) {
            return [];
        }
        $pen = new Pen($canvas);
        $top = $layout->top;
        $isPulled = StretchLie::RollerToRoller === StretchLie::of($plan->job->backing->stretch, $direction);
        [$x, $y, $reach] = [
            $top->left + 0.3 * $top->across(),
            $top->lead + 0.78 * $top->along(),
            0.17 * min($top->across(), $top->along()),
        ];
        $class = $isPulled ? 'arrow arrow-attention' : 'arrow';

        return [
            ...$isPulled
                ? $pen->arrow($x, $y - $reach, $x, $y + $reach, true, $class)
                : $pen->arrow($x - $reach, $y, $x + $reach, $y, true, $class),
            Shape::text(
                $x + $canvas->px(10),
                $y + $canvas->px($isPulled ? 4 : 17),
                $isPulled ? 'stretch, from lead to tail' : 'stretch, along the rails',
                $canvas->px(12),
                'halo ' . ($isPulled ? 'text-attention-svg' : ''),
                $isPulled ? 'start' : 'middle',
            ),
        ];
    }
}
