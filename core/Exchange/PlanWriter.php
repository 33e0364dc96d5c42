<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Plan\DirectionPlan;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\EdgeFullness;
use Schwung\Core\Sizing\Remedy;

/** Writes a plan document, version 1, with texts in the job's units. */
final readonly class PlanWriter
{
    private LengthWriter $writer;

    public function __construct(private Plan $plan)
    {
        $this->writer = new LengthWriter($plan->job->units);
    }

    /** @return array<string, mixed> ready for json_encode */
    public function document(): array
    {
        $margins = $this->plan->chosenPlan()->backing->required->margins->byEdge();

        return [
            'format' => 'schwung/plan',
            'version' => 1,
            'measured' => $this->measured(),
            'directions' => array_map($this->direction(...), array_values($this->plan->directions)),
            'chosen' => $this->plan->chosen->value,
            'decided_by' => $this->plan->decidedBy->value,
            'margins' => array_map($this->worked(...), $margins),
            ...(null === $this->plan->batting ? [] : ['batting' => $this->batting($this->plan->batting)]),
            'findings' => array_map($this->finding(...), $this->plan->findings),
            'errors' => array_map($this->finding(...), $this->plan->errors()),
            'skipped' => $this->plan->skipped,
        ];
    }

    /** @return array<string, mixed> */
    private function measured(): array
    {
        $top = $this->plan->top;
        $fit = $this->plan->squaredUp;
        $cloth = $this->plan->cloth;

        return [
            'top' => [
                'width' => $this->worked($top->width),
                'length' => $this->worked($top->length),
                'fullness' => array_map(static fn (EdgeFullness $edge): float => round($edge->share(), 4), $top->edges),
                'edges' => array_map(static fn (EdgeFullness $edge): string => $edge->verdict()->value, $top->edges),
                'square' => $top->square->value,
            ],
            'backing' => [
                'across' => $this->figure(Figure::left($fit->across)),
                'along' => $this->figure(Figure::left($fit->along)),
                'square_known' => $cloth->isSquareKnown,
                'lost_across' => $this->figure(Figure::measured($cloth->lostAcross($fit))),
                'lost_along' => $this->figure(Figure::measured($cloth->lostAlong($fit))),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function direction(DirectionPlan $plan): array
    {
        $check = $plan->backing;

        return [
            'direction' => $plan->direction->value,
            'across' => $this->figure($check->required->across->terms[0]->amount),
            'along' => $this->figure($check->required->along->terms[0]->amount),
            'backing' => [
                'required_across' => $this->worked($check->required->across),
                'required_along' => $this->worked($check->required->along),
                'slack_across' => $this->worked($check->slackAcross),
                'slack_along' => $this->worked($check->slackAlong),
                'state' => $check->state()->value,
                'remedies' => array_map(fn (Remedy $remedy): array => [
                    'kind' => $remedy->kind->value,
                    'text' => $remedy->title->writtenBy($this->writer).'. '.$remedy->text->writtenBy($this->writer),
                ], $plan->remedies),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function batting(BattingCheck $batting): array
    {
        return [
            'required_across' => $this->worked($batting->requiredAcross),
            'required_along' => $this->worked($batting->requiredAlong),
            'state' => $batting->state->value,
            'trim_to' => null === $batting->trimTo ? null : ['across' => $this->figure(Figure::left($batting->trimTo))],
            ...(null === $batting->readyFrom ? [] : ['ready_from' => $batting->readyFrom->format(\DATE_ATOM)]),
            ...(null === $batting->readyBest ? [] : ['ready_best' => $batting->readyBest->format(\DATE_ATOM)]),
        ];
    }

    /** @return array{code: string, level: string, text: string, at: string} */
    private function finding(Finding $finding): array
    {
        return ['code' => $finding->code, 'level' => $finding->level->value, 'text' => $finding->text->writtenBy($this->writer), 'at' => $finding->at];
    }

    /** @return array{mm: float, text: string} */
    private function worked(Worked $worked): array
    {
        return $this->figure($worked->figure);
    }

    /** @return array{mm: float, text: string} */
    private function figure(Figure $figure): array
    {
        return ['mm' => round($figure->length->toMillimetres(), 3), 'text' => $figure->writtenBy($this->writer)];
    }
}
