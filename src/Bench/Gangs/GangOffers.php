<?php

declare(strict_types=1);

namespace App\Bench\Gangs;

use App\Bench\Plan\Assumed;
use App\Bench\Plan\StudioQueue;
use App\Quilt\Preparations;
use App\Quilt\Sheet;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Queue\Gang;
use Schwung\Core\Queue\GangRule;
use Schwung\Core\Queue\GangTop;
use Schwung\Core\Queue\Workload;

/** Finds quilts that can be loaded side by side, and what that saves. */
final readonly class GangOffers
{
    /** More than these are never loaded in one week. */
    private const MOST = 6;

    public function __construct(private Preparations $preparations) {}

    /** @return list<array{frame: string, ids: list<string>, alone: float, together: float}> minutes one by one, and as one */
    public function of(StudioQueue $known): array
    {
        $offers = [];
        foreach (\array_slice($this->find($known), 0, self::MOST) as $gang) {
            $together = $this->together($known, $gang);
            $alone = array_sum(
                array_map(static fn(string $id): float => $known->estimates[$id]->minutes(), $gang->ids()),
            );
            if (null !== $together && $alone - $together >= 1) {
                $offers[] = [
                    'frame' => $gang->frame,
                    'ids' => $gang->ids(),
                    'alone' => round($alone),
                    'together' => round($together),
                ];
            }
        }

        return $offers;
    }

    /** @return list<Gang> */
    public function find(StudioQueue $known): array
    {
        $reach = [];
        foreach ($known->frames as $id => $frame) {
            $reach[(string) $id] = $frame->measures()->usableAcross();
        }
        $tops = [];
        foreach ($known->free as $id => $job) {
            $facts = $known->facts[$id];
            // What is prepared for a load of its own goes on alone.
            if (null !== $facts->top && [] === $facts->wants->promises) {
                $tops[] = new GangTop(
                    (string) $id,
                    Length::millimetres($facts->top[0]),
                    Length::millimetres($facts->top[1]),
                    ($job->traits['batting'] ?? '') . ' ' . ($job->traits['thread'] ?? ''),
                    $job->due,
                    $job->frames,
                );
            }
        }

        return (new GangRule(GangSheet::gap()))->find($tops, $reach);
    }

    /** In minutes; null where they do not make one load. */
    private function together(StudioQueue $known, Gang $gang): ?float
    {
        $quilt = $known->quilts[$gang->tops[0]->id];
        $frame = $known->frames[$gang->frame];
        $sheet = GangSheet::of($gang, $quilt->sheet());
        $prepare = fn(Sheet $of): Preparation => $this->preparations->onFrame($quilt, $frame, $of, UnitSystem::Inches);
        $steps = $prepare(Assumed::of($prepare($sheet), $sheet)->sheet)->steps();

        return null === $steps ? null : Workload::of($steps)->estimate($known->factors)->minutes();
    }
}
