<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Frames\StudioFrame;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use App\Quilt\Sheet;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\Decision;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Queue\Wants;
use Schwung\Core\Queue\Workload;

/** Asks the front door what the queue has to know of a quilt, on each of the studio's frames. */
final readonly class FactsOf
{
    public function __construct(private Preparations $preparations) {}

    /** @param list<StudioFrame> $frames */
    public function quilt(Quilt $quilt, array $frames, ?Sheet $sheet = null): Facts
    {
        $sheet ??= $quilt->sheet();
        [$own, $on, $assumed, $byFrame] = [null, null, [], []];
        foreach ($frames as $frame) {
            $known = $this->preparations->onFrame($quilt, $frame, $sheet, UnitSystem::Inches);
            $filled = Assumed::of($known, $sheet);
            $whole =
                [] === $filled->what
                    ? $known
                    : $this->preparations->onFrame($quilt, $frame, $filled->sheet, UnitSystem::Inches);
            $byFrame[(string) $frame->id()] = $this->onFrame($known, $whole);
            if ([] === \array_slice($byFrame, 1) || $quilt->frame() === $frame) {
                [$own, $on, $assumed] = [$known, $whole, $filled->what];
            }
        }

        return null === $own || null === $on
            ? self::nothing()
            : new Facts(
                top: $this->top($own),
                frames: $byFrame,
                traits: $this->traits($on),
                ready: $own->kept()?->batting?->readyFrom?->getTimestamp(),
                rest: 60 * $own->known->practice->battingRestHours,
                planned: $own->known->parts->load?->planned?->getTimestamp(),
                wants: new Wants(
                    isAwaited: null !== $own->top() && null === $own->known->parts->backing,
                    promises: array_map(static fn(Decision $promise): string => $promise->key, $own->openPromises()),
                    isZipped: HoldingSystem::Zip === $own->known->parts->load?->holdingAt(End::Lead),
                ),
                assumed: $assumed,
                batting: $this->batting($own, $on, $sheet),
                thread: round($on->setup()?->thread->thread->toMillimetres() ?? 0.0),
            );
    }

    private static function nothing(): Facts
    {
        return new Facts(
            top: null,
            frames: [],
            traits: [],
            ready: null,
            rest: 0,
            planned: null,
            wants: new Wants(),
            assumed: [],
        );
    }

    private function onFrame(Preparation $known, Preparation $whole): FrameFacts
    {
        $steps = $whole->steps();
        $missing = $known->plan()?->chosenPlan()->backing;
        [$across, $along] = [$whole->top()?->width->length(), $whole->top()?->length->length()];
        if (Direction::Turned === $whole->direction()) {
            [$across, $along] = [$along, $across];
        }

        $fits = null !== $steps && ([] === $whole->stuck() || $whole->isOverruled());

        return new FrameFacts(
            $fits,
            // Where it would not go on even with all that is missing, that is the thing to say.
            $this->sentence($fits || null !== $known->plan() ? $known : $whole),
            $whole->winding()?->count(),
            $across?->toMillimetres() ?? 0.0,
            $along?->toMillimetres() ?? 0.0,
            [
                $missing?->missingAcross()->length()->toMillimetres() ?? 0.0,
                $missing?->missingAlong()->length()->toMillimetres() ?? 0.0,
            ],
            null === $steps ? new Workload([]) : Workload::of($steps),
        );
    }

    /**
     * What it needs of batting where none is there, or too little.
     *
     * @param Preparation $on with what is assumed
     *
     * @return array{kind: string, across: int, along: int}|null
     */
    private function batting(Preparation $own, Preparation $on, Sheet $sheet): ?array
    {
        $needed = $on->kept()?->batting;

        return !$own->lacksBatting() || null === $needed
            ? null
            : [
                'kind' => $sheet->text('batting/kind'),
                'across' => $needed->requiredAcross->length()->nanometres,
                'along' => $needed->requiredAlong->length()->nanometres,
            ];
    }

    /** @return array<string, string> by the words of UnitSystem */
    private function sentence(Preparation $preparation): array
    {
        $words = [];
        foreach (UnitSystem::cases() as $units) {
            $words[$units->value] = $preparation->sentence()->writtenBy(new LengthWriter($units));
        }

        return $words;
    }

    /** @return array{float, float}|null */
    private function top(Preparation $preparation): ?array
    {
        $top = $preparation->guess()->top();

        return null === $top ? null : [$top->width->length()->toMillimetres(), $top->length->length()->toMillimetres()];
    }

    /** @return array<string, string> */
    private function traits(Preparation $preparation): array
    {
        $setup = $preparation->setup();
        $batting = $preparation->kept()?->job->batting;

        return [
            ...null === $setup
                ? []
                : [
                    'foot' => $setup->foot(),
                    'hold' => $setup->system(End::Lead)->value . ' ' . $setup->system(End::Tail)->value,
                ],
            ...null === $batting ? [] : ['batting' => $batting->kind->value],
        ];
    }
}
