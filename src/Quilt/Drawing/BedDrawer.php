<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use Schwung\Core\Advance\Wind;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Job\Taping;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Point;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\BedLayout;
use Schwung\Core\Sizing\BedPlacing;
use Schwung\Core\Sizing\Box;
use Schwung\Core\Sizing\EdgeVerdict;
use Schwung\Core\Sizing\ExtensionPlan;
use Schwung\Core\Sizing\RequiredSize;

/** Draws a quilt's bed for one stage, with the fields of that stage at the lines that they measure. */
final readonly class BedDrawer
{
    /** What is drawn before anything is measured. */
    private const USUAL_WIDTH = 60;
    private const USUAL_LENGTH = 76;

    /**
     * @param Wind|null       $now  the pass at hand, where passes are drawn
     * @param LaidDesign|null $laid the row design laid over them
     */
    public function draw(
        Preparation $preparation,
        string $stage,
        UnitSystem $units,
        ?Wind $now = null,
        ?LaidDesign $laid = null,
    ): BedDrawing {
        $known = $preparation;
        $preparation = $known->guess();
        $layout = $this->layout($preparation);
        $fields = match ($stage) {
            'measure' => $this->topFields($layout->top, $preparation->leads()),
            'passes', 'attach', 'load', 'stitch', 'off', 'sheet' => [],
            default => $this->backingFields($layout, $preparation),
        };
        $labels = [
            ...\in_array($stage, ['passes', 'load', 'stitch', 'off', 'sheet'], true)
                ? []
                : $this->margins($layout, $preparation),
            ...'measure' === $stage
                ? $this->fullness($layout->top, $preparation)
                : $this->shortages($layout, $preparation),
        ];

        $up =
            true === $preparation->known->parts->top?->directional
                ? array_map(
                    fn(float $share): Point => $this->onTop($layout->top, $preparation->leads())(0.92, $share),
                    [0.32, 0.2],
                )
                : [];

        $bed = BedDrawing::of(
            $preparation,
            $layout,
            [] !== $layout->backing,
            array_map(
                static fn(MeasureField $field): MeasureField => $field->taped($known->known->parts->tape),
                $fields,
            ),
            $labels,
            $preparation->known->parts->frame?->size(FrameMeasure::Rail)->toMillimetres(),
            $units,
            $up,
            $known,
        );

        return null === $now || null === $preparation->winding()
            ? $bed
            : $bed->under((new PassBands($layout->top, $bed->canvas))->shapes($preparation->winding(), $now, $laid));
    }

    private function layout(Preparation $preparation): BedLayout
    {
        $plan = $preparation->kept();
        if ($plan instanceof Plan) {
            return (new BedPlacing())->place(
                $plan->job->top,
                $plan->job->backing,
                $plan->cloth,
                $plan->chosenPlan()->backing,
                $plan->chosen(),
                $plan->batting,
            );
        }
        $across = $preparation->required()?->across->terms[0]->amount->length ?? Length::inches(self::USUAL_WIDTH);
        $along = $preparation->required()?->along->terms[0]->amount->length ?? Length::inches(self::USUAL_LENGTH);
        $top = new Box(-$across->toMillimetres() / 2, 0, $across->toMillimetres() / 2, $along->toMillimetres());

        return new BedLayout($top, $this->required($top, $preparation->required()), null, [], [], [], []);
    }

    private function required(Box $top, ?RequiredSize $required): Box
    {
        $margin = static fn(string $edge): float => (
            $required?->margins->byEdge()[$edge]->length() ?? Length::inches(4)
        )->toMillimetres();

        return new Box(
            $top->left - $margin('left'),
            $top->lead - $margin('lead'),
            $top->right + $margin('right'),
            $top->tail + $margin('tail'),
        );
    }

    /** @return list<MeasureField> */
    private function topFields(Box $top, TopEdge $lead): array
    {
        $at = $this->onTop($top, $lead);
        $line = fn(
            Taping $measure,
            float $share,
            float $x1,
            float $y1,
            float $x2,
            float $y2,
        ): MeasureField => $this->field($measure, $share, $at($x1, $y1), $at($x2, $y2));

        return [
            $line(Taping::TopWidthTop, 0.5, 0.0, 0.0, 1.0, 0.0),
            $line(Taping::TopWidthMiddle, 0.3, 0, 0.5, 1, 0.5),
            $line(Taping::TopWidthBottom, 0.5, 0, 1, 1, 1),
            $line(Taping::TopLengthLeft, 0.5, 0, 0, 0, 1),
            $line(Taping::TopLengthMiddle, 0.68, 0.5, 0, 0.5, 1),
            $line(Taping::TopLengthRight, 0.5, 1, 0, 1, 1),
            $line(Taping::TopDiagonalLeft, 0.25, 0, 0, 1, 1),
            $line(Taping::TopDiagonalRight, 0.25, 1, 0, 0, 1),
        ];
    }

    /** @param float $share where on its line the field stands */
    private function field(Taping $measure, float $share, Point $from, Point $to): MeasureField
    {
        return new MeasureField(
            path: $measure->value,
            label: $measure->words(),
            x: $from->x + $share * ($to->x - $from->x),
            y: $from->y + $share * ($to->y - $from->y),
            x1: $from->x,
            y1: $from->y,
            x2: $to->x,
            y2: $to->y,
        );
    }

    /** @return \Closure(float, float): Point shares of the top's own width and length to the bed */
    private function onTop(Box $top, TopEdge $lead): \Closure
    {
        return static function (float $x, float $y) use ($top, $lead): Point {
            [$across, $along] = match ($lead) {
                TopEdge::Top => [$x, $y],
                TopEdge::Bottom => [1 - $x, 1 - $y],
                TopEdge::Left => [1 - $y, $x],
                TopEdge::Right => [$y, 1 - $x],
            };

            return new Point($top->left + $across * $top->across(), $top->lead + $along * $top->along());
        };
    }

    /** @return list<MeasureField> */
    private function backingFields(BedLayout $layout, Preparation $preparation): array
    {
        [$tl, $tr, $br, $bl] =
            [] === $layout->backing
                ? $this->corners($layout->required, $preparation->leads())
                : $this->measuredCorners($layout, $preparation);

        return [
            $this->field(Taping::BackingTop, 0.5, $tl, $tr),
            $this->field(Taping::BackingRight, 0.5, $tr, $br),
            $this->field(Taping::BackingBottom, 0.3, $bl, $br),
            $this->field(Taping::BackingLeft, 0.5, $tl, $bl),
            $this->field(Taping::BackingDiagonal, 0.3, $tl, $br),
        ];
    }

    /**
     * Where the cloth that was measured lies: the backing itself, or what it is of a backing with strips sewn on.
     *
     * @return list<Point>
     */
    private function measuredCorners(BedLayout $layout, Preparation $preparation): array
    {
        if (null === $preparation->mended()->plan || null === $preparation->plan()) {
            return $layout->backing;
        }
        $plan = $preparation->plan();
        $check = $plan->chosenPlan()->backing;
        $corners = (new BedPlacing())->place(
            $plan->job->top,
            $plan->job->backing,
            $plan->cloth,
            $check,
            $plan->chosen(),
            null,
        )->backing;
        [$dx, $dy] =
            null === $preparation->mended()->extension
                ? [0.0, 0.0]
                : $this->shift($preparation->mended()->extension, $check->required);

        return array_map(static fn(Point $corner): Point => new Point($corner->x + $dx, $corner->y + $dy), $corners);
    }

    /** @return array{float, float} how far strips push the measured cloth, in millimetres */
    private function shift(ExtensionPlan $extension, RequiredSize $required): array
    {
        [$dx, $dy] = [0.0, -$extension->along->minus($required->along->length())->half()->toMillimetres()];
        foreach ($extension->strips as $strip) {
            $adds = $strip->adds->toMillimetres();
            $dy += \in_array('lead', $strip->edges, true) ? $adds : 0.0;
            $dx -= ['right'] === $strip->edges ? $adds / 2 : 0.0;
        }

        return [$dx, $dy];
    }

    /** @return array{Point, Point, Point, Point} the backing's own corners, clockwise from its top-left */
    private function corners(Box $box, TopEdge $lead): array
    {
        $leadLeft = new Point($box->left, $box->lead);
        $leadRight = new Point($box->right, $box->lead);
        $tailRight = new Point($box->right, $box->tail);
        $tailLeft = new Point($box->left, $box->tail);

        return match ($lead) {
            TopEdge::Top => [$leadLeft, $leadRight, $tailRight, $tailLeft],
            TopEdge::Left => [$leadRight, $tailRight, $tailLeft, $leadLeft],
            TopEdge::Bottom => [$tailRight, $tailLeft, $leadLeft, $leadRight],
            TopEdge::Right => [$tailLeft, $leadLeft, $leadRight, $tailRight],
        };
    }

    /** @return list<Label> */
    private function margins(BedLayout $layout, Preparation $preparation): array
    {
        if (null === $preparation->required()) {
            return [];
        }
        $margins = $preparation->required()->margins;
        [$top, $box] = [$layout->top, $layout->required];
        $leadAt = $top->left + 0.07 * $top->across();
        $downAt = $top->lead + 0.2 * $top->along();

        return [
            new Label($leadAt, ($box->lead + $top->lead) / 2, $margins->lead->figure, 'margin'),
            new Label($leadAt, ($box->tail + $top->tail) / 2, $margins->tail->figure, 'margin'),
            new Label($box->left, $downAt, $margins->left->figure, 'margin', 'end', -8),
            new Label($box->right, $downAt, $margins->right->figure, 'margin', 'start', 8),
        ];
    }

    /** @return list<Label> */
    private function fullness(Box $top, Preparation $preparation): array
    {
        $at = $this->onTop($top, $preparation->leads());
        $places = ['top' => [0.97, 0.08], 'bottom' => [0.97, 0.92], 'left' => [0.03, 0.8], 'right' => [0.97, 0.16]];
        $labels = [];
        foreach ($preparation->top()->edges ?? [] as $edge => $fullness) {
            if (EdgeVerdict::Flat !== $fullness->verdict()) {
                $place = $at(...$places[$edge]);
                $text = match ($fullness->verdict()) {
                    EdgeVerdict::WorkIn => 'full, work in',
                    EdgeVerdict::TooFull => 'too full',
                    EdgeVerdict::TooTight => 'too tight',
                    EdgeVerdict::WorkInBody => 'body full',
                };
                $labels[] = new Label(
                    $place->x,
                    $place->y,
                    Phrase::of("$edge %s %%: $text", \sprintf('%+.1f', 100 * $fullness->share())),
                    'fullness',
                    $place->x < 0 ? 'start' : 'end',
                );
            }
        }

        return $labels;
    }

    /** @return list<Label> */
    private function shortages(BedLayout $layout, Preparation $preparation): array
    {
        $check = $preparation->kept()?->chosenPlan()->backing;
        $labels = [];
        if (null !== $check && $check->missingAlong()->length()->isPositive()) {
            $labels[] = new Label(
                0.2 * $layout->required->across(),
                $layout->required->tail,
                Phrase::of('%s short along', $check->missingAlong()->figure),
                'short',
            );
        }
        if (null !== $check && $check->missingAcross()->length()->isPositive()) {
            $labels[] = new Label(
                $layout->required->right,
                $layout->top->lead + 0.8 * $layout->top->along(),
                Phrase::of('%s short across', $check->missingAcross()->figure),
                'short',
                'end',
            );
        }

        return $labels;
    }
}
