<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Account\Studio;
use App\Bench\Plan\StudioQueue;
use App\Clients\Bag\IntakeRepository;
use App\Shelf\Batting\ShelfBattingRepository;
use App\Shelf\Recipes\RecipeRepository;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Queue\Placed;
use Schwung\Core\Queue\Schedule;
use Schwung\Core\Shelf\AssignmentRule;
use Schwung\Core\Shelf\ConeRule;
use Schwung\Core\Shelf\Joined;
use Schwung\Core\Shelf\JoinRule;
use Schwung\Core\Shelf\Need;
use Schwung\Core\Shelf\RunOutRule;
use Schwung\Core\Shelf\ThreadTake;

/** Plans what the waiting quilts take from the shelf, in the order in which they go on their frames. */
final readonly class Outlooks
{
    /** So many needs are planned at once; who comes later takes what is left then. */
    private const MOST = 40;
    /** So many that nothing serves alone are tried with several pieces. */
    private const MOST_JOINED = 6;

    public function __construct(
        private ShelfBattingRepository $battings,
        private IntakeRepository $intakes,
        private RecipeRepository $recipes,
    ) {}

    public function of(Studio $studio, StudioQueue $known, Schedule $schedule): Outlook
    {
        [$rolls, $pieces] = $this->battings->findForRules($studio);
        $all = $this->needs($studio, $known, $schedule);
        $needs = \array_slice($all, 0, self::MOST);
        $best = (new AssignmentRule())->assign($rolls, $pieces, $needs);
        $runsOut = [];
        foreach ((new RunOutRule())->buy($best, $rolls, $needs) as $buy) {
            if (null !== $buy->roll) {
                $runsOut[$buy->roll] ??= $buy->need->id;
            }
        }
        $byId = [];
        foreach ($needs as $need) {
            $byId[$need->id] = $need;
        }

        return new Outlook(
            needs: $byId,
            assignment: $best,
            joined: array_map(
                static fn(Joined $joined): array => $joined->ids(),
                (new JoinRule())->offerRest($best, $needs, $pieces, self::MOST_JOINED),
            ),
            runsOut: $runsOut,
            threads: $this->threads($studio, $known, $schedule),
            beyond: \count($all) - \count($needs),
            titles: array_map(static fn(Need $need): string => $known->quilts[$need->id]->title(), $byId),
            days: array_intersect_key($this->days($known, $schedule), $byId),
        );
    }

    /** @return array<string, string> by quilt */
    private function days(StudioQueue $known, Schedule $schedule): array
    {
        $days = [];
        foreach ($schedule->placed as $placed) {
            $days[$placed->job->id] = $known->clock->at($placed->start)->format('Y-m-d');
        }

        return $days;
    }

    /** @return list<Need> in the order in which the quilts are loaded; those without a place come last, by due day */
    private function needs(Studio $studio, StudioQueue $known, Schedule $schedule): array
    {
        $starts = [];
        foreach ($schedule->placed as $placed) {
            $starts[$placed->job->id] = $placed->start;
        }
        $theirs = $this->intakes->findWithOwnBatting($studio);
        $needs = [];
        foreach ($known->facts as $id => $facts) {
            $kind = BattingKind::tryFrom($facts->batting['kind'] ?? '');
            if (null !== $facts->batting && null !== $kind && !isset($theirs[$id])) {
                $needs[] = new Need(
                    (string) $id,
                    $kind,
                    Length::ofNanometres($facts->batting['across']),
                    Length::ofNanometres($facts->batting['along']),
                    (string) $known->quilts[$id]->whose()?->id(),
                );
            }
        }
        $place = array_flip(array_map(strval(...), array_keys($known->quilts)));
        usort(
            $needs,
            static fn(Need $one, Need $other): int => [$starts[$one->id] ?? \PHP_INT_MAX, $place[$one->id]] <=> [
                $starts[$other->id] ?? \PHP_INT_MAX,
                $place[$other->id],
            ],
        );

        return $needs;
    }

    /**
     * Cones that do not last, in the order in which quilts are loaded.
     *
     * @return array<string, string> the colour by the quilt with which it runs out
     */
    private function threads(Studio $studio, StudioQueue $known, Schedule $schedule): array
    {
        $recipes = [];
        foreach ($this->recipes->findWaiting($studio) as $recipe) {
            $recipes[(string) $recipe->quilt->id()] = $recipe;
        }
        $inOrder = $schedule->placed;
        usort($inOrder, static fn(Placed $one, Placed $other): int => $one->start <=> $other->start);
        [$takes, $left, $colours] = [[], [], []];
        foreach ($inOrder as $placed) {
            $recipe = $recipes[$placed->job->id] ?? null;
            foreach (array_filter([$recipe?->top(), $recipe?->bobbin()]) as $cone) {
                [$id, $needed] = [(string) $cone->id(), $known->facts[$placed->job->id]->thread];
                $takes[] = new ThreadTake($placed->job->id, $id, Length::millimetres($needed));
                [$left[$id], $colours[$id]] = [$cone->left(), $cone->colour()];
            }
        }

        return array_map(static fn(string $cone): string => $colours[$cone], (new ConeRule())->runOut($takes, $left));
    }
}
