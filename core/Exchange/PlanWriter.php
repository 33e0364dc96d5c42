<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Advance\Course;
use Schwung\Core\Advance\Pass;
use Schwung\Core\Advance\RowLayout;
use Schwung\Core\Advance\Stop;
use Schwung\Core\Advance\TurnRound;
use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\Piece;
use Schwung\Core\Direction\Blocker;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\Standing;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\EdgeFullness;
use Schwung\Core\Sizing\Remedy;

/** Writes a plan document, version 1, with texts in the job's units. */
final readonly class PlanWriter
{
    private LengthWriter $writer;

    private FigureWriter $figures;

    private Plan $plan;

    /** @throws \DomainException if there is no plan yet */
    public function __construct(private Preparation $preparation)
    {
        $this->plan =
            $preparation->kept() ??
            throw new \DomainException('There is no plan before top, backing and frame are measured.');
        $this->writer = new LengthWriter($this->plan->job->units);
        $this->figures = new FigureWriter($this->writer);
    }

    /** @return array<string, mixed> ready for json_encode */
    public function document(): array
    {
        $backing = $this->plan->chosenPlan()->backing;

        return [
            'format' => 'schwung/plan',
            'version' => 1,
            'sentence' => $this->preparation->sentence()->writtenBy($this->writer),
            'standings' => array_map(
                static fn(Standing $standing): string => $standing->value,
                $this->preparation->standings(),
            ),
            'measured' => $this->measured(),
            'directions' => array_map($this->direction(...), array_values($this->plan->directions)),
            'chosen' => $this->plan->choice->chosen->value,
            'decided_by' => $this->plan->choice->decidedBy->value,
            'margins' => array_map($this->figures->worked(...), $backing->required->margins->byEdge()),
            'laid' => array_map($this->figures->worked(...), $backing->laid->byEdge()),
            ...null === $this->plan->batting ? [] : ['batting' => $this->batting($this->plan->batting)],
            ...$this->attachments(),
            ...$this->course($this->plan->chosenPlan()->course),
            ...$this->steps(),
            'findings' => array_map($this->finding(...), $this->preparation->findings()),
            'errors' => array_map($this->finding(...), $this->preparation->errors()),
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
                'width' => $this->figures->worked($top->width),
                'length' => $this->figures->worked($top->length),
                'fullness' => array_map(static fn(EdgeFullness $edge): float => round($edge->share(), 4), $top->edges),
                'edges' => array_map(static fn(EdgeFullness $edge): string => $edge->verdict()->value, $top->edges),
                'square' => $top->square->value,
            ],
            'backing' => [
                'across' => $this->figures->figure(Figure::left($fit->across)),
                'along' => $this->figures->figure(Figure::left($fit->along)),
                'square_known' => $cloth->isSquareKnown,
                'lost_across' => $this->figures->figure(Figure::measured($cloth->lostAcross($fit))),
                'lost_along' => $this->figures->figure(Figure::measured($cloth->lostAlong($fit))),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function direction(DirectionPlan $plan): array
    {
        $check = $plan->backing;

        return [
            'direction' => $plan->direction->value,
            'across' => $this->figures->figure($check->required->across->terms[0]->amount),
            'along' => $this->figures->figure($check->required->along->terms[0]->amount),
            'sections' => max(1, \count($plan->sections)),
            'loads' => $plan->loads(),
            'blockers' => array_map(static fn(Blocker $blocker): string => $blocker->value, $plan->blockers),
            'backing' => [
                'required_across' => $this->figures->worked($check->required->across),
                'required_along' => $this->figures->worked($check->required->along),
                'slack_across' => $this->figures->worked($check->slackAcross),
                'slack_along' => $this->figures->worked($check->slackAlong),
                'state' => $check->state()->value,
                'remedies' => array_map(
                    fn(Remedy $remedy): array => [
                        'kind' => $remedy->kind->value,
                        'text' =>
                            $remedy->title->writtenBy($this->writer) . '. ' . $remedy->text->writtenBy($this->writer),
                    ],
                    $this->preparation->remedies($plan->direction),
                ),
            ],
            'stretch' => $plan->stretch->value,
            ...null === $plan->course ? [] : $this->rolling($plan->course),
        ];
    }

    /** @return array<string, mixed> null where not all passes can be made */
    private function rolling(Course $course): array
    {
        $last = $course->passes->isComplete() ? $course->passes->last() : null;

        return [
            'passes' => null === $last ? null : $course->passes->count(),
            'least_depth' => null === $last ? null : $this->figures->worked($last->depth()),
            'roll_diameter' => null === $last ? null : $this->figures->worked($last->rollDiameter()),
            'stops_in_blocks' => $course->stopsInBlocks(),
            ...null === $course->turnRound ? [] : ['turn_round' => $this->turnRound($course->turnRound)],
        ];
    }

    /** @return array<string, mixed> */
    private function turnRound(TurnRound $turnRound): array
    {
        return [
            'suggested' => true,
            'passes' => $turnRound->count(),
            'least_depth' => $this->figures->figure(Figure::left($turnRound->leastDepth())),
            'roll_diameter' => $this->figures->figure(Figure::measured($turnRound->rollDiameter())),
        ];
    }

    /** @return array{attachments?: array<string, mixed>} left out where nothing is known */
    private function attachments(): array
    {
        $held = $this->preparation->holding()->ends ?? $this->plan->held;
        $known = array_map($this->attachment(...), array_filter($held->byEdge()));

        return [] === $known ? [] : ['attachments' => $known];
    }

    /** @return array<string, mixed> */
    private function attachment(Attachment $attachment): array
    {
        $minutes = round($attachment->minutes(), 2);
        if (HoldingSystem::ChannelClips === $attachment->system) {
            $pieces = array_map(
                fn(Piece $piece): array => [
                    'length' => $this->figures->measured($piece->length()),
                    'from' => $this->figures->measured($piece->from),
                    'to' => $this->figures->measured($piece->to),
                ],
                $attachment->pieces,
            );

            return ['method' => $attachment->system->value, 'pieces' => $pieces, 'minutes' => $minutes];
        }

        return [
            'method' => $attachment->system->value,
            'count' => $attachment->count(),
            ...null === $attachment->spacing ? [] : ['spacing' => $this->figures->worked($attachment->spacing)],
            'positions' => array_map(
                fn(Piece $piece): array => $this->figures->measured($piece->centre()),
                $attachment->pieces,
            ),
            ...HoldingSystem::Magnets === $attachment->system
                ? [
                    'order' => array_map(
                        fn(Piece $piece): array => $this->figures->measured($piece->centre()),
                        $attachment->inOrder(),
                    ),
                ]
                : [],
            'minutes' => $minutes,
        ];
    }

    /** @return array<string, mixed> */
    private function course(?Course $course): array
    {
        if (null === $course) {
            return [];
        }

        return [
            ...null === $course->rows
                ? [
                    'stops' => array_map(
                        fn(Stop $stop): array => [
                            'at' => $this->figures->measured($stop->at),
                            'kind' => $stop->kind->value,
                        ],
                        $course->stops,
                    ),
                ]
                : ['rows' => $this->rows($course->rows, $course)],
            'passes' => array_map($this->pass(...), $course->passes->passes),
        ];
    }

    /** @return array<string, mixed> */
    private function rows(RowLayout $rows, Course $course): array
    {
        $oneMore = $course->oneMore;

        return [
            'count' => $rows->count,
            'scale' => round($rows->scale, 6),
            'height' => $this->figures->measured($rows->height),
            'gap' => $this->figures->measured($rows->gap),
            'finish' => $rows->finish->value,
            'one_more' =>
                null === $oneMore
                    ? null
                    : [
                        'scale' => round($oneMore->scale, 6),
                        'height' => $this->figures->measured($oneMore->height),
                        'passes' => $oneMore->passes,
                    ],
        ];
    }

    /** @return array<string, mixed> */
    private function pass(Pass $pass): array
    {
        return [
            'number' => $pass->number,
            'from' => $this->figures->measured($pass->from),
            'to' => $this->figures->measured($pass->to),
            ...null === $pass->rows ? [] : ['rows' => $pass->rows],
            'advance' => null === $pass->advance ? null : $this->figures->measured($pass->advance),
            'turns' => null === $pass->turns ? null : round($pass->turns, 6),
            'clicks' => $pass->clicks,
            'roll_diameter' => $this->figures->worked($pass->rollDiameter()),
            'depth' => $this->figures->worked($pass->depth()),
            'spare' => $this->figures->figure(Figure::left($pass->spare())),
        ];
    }

    /** @return array<string, mixed> */
    private function batting(BattingCheck $batting): array
    {
        return [
            'required_across' => $this->figures->worked($batting->requiredAcross),
            'required_along' => $this->figures->worked($batting->requiredAlong),
            'state' => $batting->state->value,
            'trim_to' =>
                null === $batting->trimTo ? null : ['across' => $this->figures->figure(Figure::left($batting->trimTo))],
            ...null === $batting->readyFrom ? [] : ['ready_from' => $batting->readyFrom->format(\DATE_ATOM)],
            ...null === $batting->readyBest ? [] : ['ready_best' => $batting->readyBest->format(\DATE_ATOM)],
        ];
    }

    /**
     * @return array{steps?: list<array<string, mixed>>} left out where the plan cannot be carried out, or its passes
     * are not known
     */
    private function steps(): array
    {
        $steps = [] === $this->preparation->errors() ? $this->preparation->steps() : null;

        return null === $steps
            ? []
            : [
                'habits' => $this->habits(),
                'steps' => (new StepWriter($this->writer))->document($steps),
            ];
    }

    /** @return array<string, string|bool> the ways in force, by the keys of "load/habits" */
    private function habits(): array
    {
        $known = $this->preparation->known;
        $desk = $known->parts->desk;

        return [
            ...HabitsReader::words($desk->habits),
            'centre_seam' => $desk->habits->centreSeam,
            'turn_at_middle' => true === $this->preparation->winding()?->isTurnedRound,
            'borders_last' => [] !== ($this->preparation->winding()->borders ?? []),
            'hand' => ($desk->habits->hand ?? $known->body->hand)->value,
        ];
    }

    /** @return array{code: string, level: string, text: string, at: string} */
    private function finding(Finding $finding): array
    {
        return [
            'code' => $finding->code->value,
            'level' => $finding->level->value,
            'text' => $finding->text->writtenBy($this->writer),
            'at' => $finding->at,
        ];
    }
}
