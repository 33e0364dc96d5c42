<?php

declare(strict_types=1);

namespace App\Frames\Taught;

use App\AtTheFrame\RunView;
use App\Frames\StudioFrame;
use App\Quilt\Rejudging;
use Schwung\Core\Learning\DriftLearnt;
use Schwung\Core\Learning\DriftSeen;
use Schwung\Core\Learning\RatchetRule;
use Schwung\Core\Learning\RollState;
use Schwung\Core\Learning\ThicknessLearnt;
use Schwung\Core\Practice\Taught;

/** Takes from a load that ended what its readings teach of the frame, and gives plans what the studio agreed to. */
final readonly class Teaching
{
    public function __construct(private LessonRepository $lessons, private Rejudging $rejudging) {}

    /** Told twice, it is learnt once. */
    public function learn(RunView $view): void
    {
        $frame = $view->run->quilt->frame();
        if (null === $frame) {
            return;
        }
        // Tops that hung side by side have one roll, and teach once.
        $quilt = $view->run->quilt->carrier() ?? $view->run->quilt;
        $load = $quilt->id() . ' ' . $view->run->started->getTimestamp();
        foreach ($this->shown($view) as [$kind, $about, $values]) {
            if ([] !== $values) {
                $this->lessons
                    ->about($frame, $kind, $about)
                    ->learn(
                        $load,
                        $view->run->quilt->title(),
                        $values,
                        static fn(array $all): ?float => self::estimate($kind, $all),
                    );
            }
        }
        $this->lessons->save();
    }

    public function agree(Lesson $lesson): void
    {
        $lesson->agree();
        $this->apply($lesson->frame);
    }

    public function decline(Lesson $lesson): void
    {
        $lesson->decline();
        $this->apply($lesson->frame);
    }

    public function forget(Lesson $lesson): void
    {
        $lesson->forget();
        $this->apply($lesson->frame);
    }

    /** Plans on this frame go by what was agreed to from now on, not those of loads that hang on it. */
    private function apply(StudioFrame $frame): void
    {
        [$thickness, $drift] = [[], []];
        foreach ($this->lessons->findOf($frame) as $lesson) {
            if (null !== $lesson->agreed() && LessonKind::Thickness === $lesson->kind) {
                $thickness[$lesson->about] = $lesson->agreed();
            } elseif (null !== $lesson->agreed() && LessonKind::Drift === $lesson->kind) {
                $drift[$lesson->about] = DriftLearnt::perThousand($lesson->agreed());
            }
        }
        $frame->teach(new Taught($thickness, $drift));
        $this->lessons->save();
        $this->rejudging->ofFrame($frame);
    }

    /** @param list<float> $numbers */
    private static function number(array $numbers, int $i): float
    {
        return $numbers[$i] ?? 0.0;
    }

    /** @param list<list<float>> $values as the points of such a lesson have them */
    private static function estimate(LessonKind $kind, array $values): ?float
    {
        return match ($kind) {
            LessonKind::Thickness => ThicknessLearnt::of(
                array_map(static fn(array $numbers): float => self::number($numbers, 0), $values),
            )->factor,
            LessonKind::Drift => (new DriftLearnt())->allowance(
                array_map(
                    static fn(array $numbers): DriftSeen => new DriftSeen(
                        self::number($numbers, 1),
                        self::number($numbers, 0) * self::number($numbers, 1),
                    ),
                    $values,
                ),
            ),
            LessonKind::Clicks => (new RatchetRule())->teeth(
                array_map(
                    static fn(array $numbers): array => [self::number($numbers, 0), self::number($numbers, 1)],
                    $values,
                ),
            )[0] ?? null,
            LessonKind::Firmness => null,
        };
    }

    /** @return list<array{LessonKind, string, list<list<float>>}> */
    private function shown(RunView $view): array
    {
        $strains = ['backing' => [], 'top' => []];
        foreach ($view->journal->strains() as [$layer, $step, $strain]) {
            $strains[$layer][] = [(float) $step, $strain];
        }

        return [
            [LessonKind::Thickness, $this->sandwich($view), $this->thickness($view)],
            [LessonKind::Drift, $view->setup->float()->value, $this->drift($view)],
            [LessonKind::Clicks, '', $view->journal->clicksAgainstTurns()],
            [LessonKind::Firmness, 'backing', $strains['backing']],
            [LessonKind::Firmness, 'top', $strains['top']],
        ];
    }

    private function sandwich(RunView $view): string
    {
        $job = $view->setup->plan->job;

        return null === $job->batting ? '' : Taught::sandwich($job->backing->kind, $job->batting->kind);
    }

    /** @return list<list<float>> of what is assumed of this sandwich; what was read and its error, in millimetres */
    private function thickness(RunView $view): array
    {
        $job = $view->setup->plan->job;
        $learnt = $view->roll()->learnt;
        if (null === $job->batting || null === $learnt->thickness || RollState::TooFew === $learnt->state) {
            return [];
        }
        $assumed = $view->preparation->known->practice->thickness
            ->ofSandwich($job->backing->kind, $job->batting)
            ->length()
            ->toMillimetres();

        return [
            [
                $learnt->thickness->toMillimetres() / $assumed,
                $learnt->thickness->toMillimetres(),
                $learnt->error?->toMillimetres() ?? 0.0,
            ],
        ];
    }

    /** @return list<list<float>> what it was drifting to as a part of its length, and that length in millimetres */
    private function drift(RunView $view): array
    {
        $forecast = $view->drift()->forecast;
        $length = $view->setup->along()->toMillimetres();

        return null === $forecast ? [] : [[abs($forecast->length()->toMillimetres()) / $length, $length]];
    }
}
