<?php

declare(strict_types=1);

namespace App\Tension;

use App\AtTheFrame\RunView;
use App\Leaders\StudioLeader;
use App\Leaders\StudioLeaderRepository;
use App\Quilt\Quilt;
use Psr\Clock\ClockInterface;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Material\BackingSeam;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Material\SeamDirection;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Tension\Circumstances;
use Schwung\Core\Tension\SeamLie;
use Schwung\Core\Tension\Stage;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Zone;

/** Fills in what plan, log and leaders already know of a quilt, or of a problem on it, so that nobody is asked for it again. */
final readonly class CircumstancesOf
{
    /** What squaring up costs a backing that still counts as square. */
    private const SQUARE_INCHES = 0.5;
    /** Fewer loads than this say nothing of a habit. */
    private const HABIT_LOADS = 3;

    public function __construct(private StudioLeaderRepository $leaders, private ProblemLog $log, private ClockInterface $clock)
    {
    }

    public function problem(RunView $view, JournalEntry $problem): Circumstances
    {
        return $this->of($view->setup, $view->run->quilt, $view, $problem);
    }

    /** Before it is loaded: what a plan alone knows. */
    public function planned(Setup $setup, Quilt $quilt): Circumstances
    {
        return $this->of($setup, $quilt, null, null);
    }

    private function of(Setup $setup, Quilt $quilt, ?RunView $view, ?JournalEntry $problem): Circumstances
    {
        $job = $setup->plan->job;
        $frame = $quilt->frame();
        $leader = null === $frame ? null : $this->leaders->ofFrame($frame)->at(End::Lead);
        $isDone = fn (string $step): ?bool => null === $view ? null : $this->isDone($view, $step);
        $edges = $setup->plan->top->edges;
        $earlier = null === $view ? null : $this->earlier($view, $setup);

        return new Circumstances(
            $job->backing->kind,
            $this->stretch($setup),
            $this->seam($setup),
            $setup->float(),
            $setup->system(End::Lead),
            $setup->lead?->spacing?->length(),
            $this->isAlwaysCentred($leader),
            $leader?->loadsSinceInspection(),
            $isDone('even'),
            true === $isDone('align-seam') ? Alignment::Seam : (true === $isDone('align-edge') ? Alignment::Edge : null),
            null === $job->batting?->opened ? null : max(0.0, (($view?->run->started ?? $this->clock->now())->getTimestamp() - $job->batting->opened->getTimestamp()) / 3600),
            null,
            null === $view || null === $problem ? null : $this->stage($view, $problem),
            max(0.0, 100 * max($edges['top']->share(), $edges['bottom']->share(), $edges['left']->share(), $edges['right']->share())),
            $this->isSquared($setup),
            $setup->kind(),
            null === $job->frame->ratchetTeeth ? null : false,
            $view?->journal->firmness(),
            null === $earlier || null === $problem ? null : $this->sameSideBefore($earlier, Zone::at($problem->number('x'), $setup->across()->toMillimetres())),
            null === $earlier ? null : \count(array_filter($earlier, static fn (array $one): bool => Symptom::CentreDip === $one[0])),
            $isDone('centres'),
            null,
            $isDone('baste-sides'),
            null,
            true === $isDone('all-over') ? true : null,
            $setup->is(Purpose::Prebasted),
            FloatKind::None === $setup->float(),
            [$setup->across(), $setup->along()],
            $job->batting?->kind,
            $this->isDepthSmall($setup),
            $isDone('hold-end'),
        );
    }

    /** @param list<array{Symptom, Zone}> $earlier */
    private function sameSideBefore(array $earlier, Zone $zone): int
    {
        return \count(array_filter($earlier, static fn (array $one): bool => Symptom::SideDip === $one[0] && $zone === $one[1] && Zone::Centre !== $zone));
    }

    /** Null while the step is still to come, or is none of this load. */
    private function isDone(RunView $view, string $step): ?bool
    {
        $place = $view->steps->placeOf($step);
        if (null === $place) {
            return null;
        }

        return isset($view->journal->done()[$step]) ? true : ($place < $view->journal->place() ? false : null);
    }

    /** As it lies once it is loaded. */
    private function stretch(Setup $setup): Stretch
    {
        $measured = $setup->plan->job->backing->stretch;

        return Direction::AsIs === $setup->plan->chosen() ? $measured : match ($measured) {
            Stretch::None => Stretch::None,
            Stretch::Across => Stretch::Along,
            Stretch::Along => Stretch::Across,
        };
    }

    private function seam(Setup $setup): SeamLie
    {
        $rollerToRoller = Direction::AsIs === $setup->plan->chosen() ? SeamDirection::Along : SeamDirection::Across;
        $seams = $setup->plan->job->backing->seams;

        return match (true) {
            [] === $seams => SeamLie::None,
            [] !== array_filter($seams, static fn (BackingSeam $seam): bool => $seam->direction === $rollerToRoller) => SeamLie::RollerToRoller,
            default => SeamLie::AlongRails,
        };
    }

    private function isAlwaysCentred(?StudioLeader $leader): ?bool
    {
        $loads = $leader?->pastLoads() ?? [];

        return \count($loads) < self::HABIT_LOADS ? null : [] === array_filter($loads, static fn (PastLoad $load): bool => 0 !== $load->position->nanometres);
    }

    private function isSquared(Setup $setup): ?bool
    {
        $cloth = $setup->plan->cloth;
        if (!$cloth->isSquareKnown) {
            return null;
        }
        $lost = Length::longest($cloth->lostAcross($setup->plan->squaredUp), $cloth->lostAlong($setup->plan->squaredUp));

        return !$lost->isLongerThan(Length::inches(self::SQUARE_INCHES));
    }

    private function stage(RunView $view, JournalEntry $problem): ?Stage
    {
        $place = null === $problem->step ? null : $view->steps->placeOf($problem->step);
        $pass = null === $place ? null : $view->steps->steps[$place]->pass;

        return match (true) {
            null === $pass => null === $place ? null : Stage::First,
            1 === $pass => Stage::First,
            $pass === $view->setup->winding->count() => Stage::Last,
            default => Stage::Middle,
        };
    }

    /** Under 1.2 row heights, or under half of the first pass's. */
    private function isDepthSmall(Setup $setup): bool
    {
        $depth = static fn (int $pass): float => $setup->wind($pass)->pass->depth()->length()->toMillimetres();
        $last = $depth($setup->winding->count());

        return $last < $depth(1) / 2 || null !== $setup->winding->rows && $last < 1.2 * $setup->winding->rows->height->toMillimetres();
    }

    /** @return list<array{Symptom, Zone}> what was seen, and where, on other loads of this frame */
    private function earlier(RunView $view, Setup $setup): array
    {
        $quilt = $view->run->quilt;
        $frame = $quilt->frame();
        $here = null === $frame ? [] : $this->log->problems($quilt->studio, $frame);
        $others = array_filter($here, static fn (LoggedProblem $other): bool => $other->run !== (string) $view->run->id());

        return array_values(array_map(static fn (LoggedProblem $other): array => [$other->symptom, Zone::at($other->x ?? 0.0, $setup->across()->toMillimetres())], $others));
    }
}
