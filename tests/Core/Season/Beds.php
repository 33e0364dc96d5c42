<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Material\Pressing;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Tension\Bed\BedRule;
use Schwung\Core\Tension\Bed\BedSetup;
use Schwung\Core\Tension\Bed\LeaderShape;
use Schwung\Core\Tension\Bed\Sag;
use Schwung\Core\Tension\Bed\SideClamps;
use Schwung\Core\Tension\Bed\WoundSeam;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;
use Schwung\Core\Tension\FirmnessRule;
use Schwung\Core\Tension\SeamLie;

/** Beds with one to three things about them: how deep they hang, what shows, what the feel advises. */
final readonly class Beds implements Account
{
    public function pages(): int
    {
        return 96;
    }

    public function page(int $number): iterable
    {
        $lot = new Lot($number);
        $feel = static fn(): Firmness => $lot->case(Firmness::class);
        $even = $feel();
        $inch = static fn(float ...$choices): Length => Length::inches($lot->of(array_values($choices)));
        $changes = [
            'firmness' => new FirmnessReading($lot->isOf(50) ? [$even, $even, $even] : [$feel(), $feel(), $feel()], [
                $even,
                $even,
                $feel(),
            ]),
            'leader' => new LeaderShape($inch(0, 0.125, -0.375, 0.5), $inch(0, 0.0625, -0.25, 0.3125)),
            'lag' => $inch(-0.25, 0, 0.125, 0.5),
            'seam' => new WoundSeam($lot->case(SeamLie::class), $lot->case(Pressing::class), $lot->of([0, 1, 4, 9])),
            'clamps' => new SideClamps($lot->between(0, 4), $lot->case(ClampWidth::class), $inch(6, 12, 20)),
            'pinSpacing' => $inch(1, 4, 6, 9),
            'stretch' => $lot->case(Stretch::class),
        ];
        // A third of them have one thing about them, so that it is seen alone.
        $kept = 0 === $number % 3 ? [array_keys($changes)[intdiv($number, 3) % 7]] : array_keys($changes);
        $setup = BedSetup::flat()->with(...array_intersect_key($changes, array_flip($kept)));
        $bed = (new BedRule())->lie($setup);

        yield 'dips ' .
            implode(
                ' ',
                array_map(
                    static fn(Sag $sag): string => \sprintf('%.2f', $sag->dip->toMillimetres()),
                    array_filter($bed->sags, static fn(int $i): bool => 0 === $i % 5, \ARRAY_FILTER_USE_KEY),
                ),
            ) .
            \sprintf(', bends %.6f', $bed->bend);
        foreach ($bed->effects as $effect) {
            yield $effect->name .
                ' ' .
                Words::of([$effect->size?->length(), $effect->symptom]) .
                ' ' .
                Words::mark($effect);
        }
        yield 'drag ' . Words::mark($bed->drag);
        foreach ((new FirmnessRule())->advise($setup->firmness, $inch(0, 0.125, 0.25)) as $advice) {
            yield Words::of($advice);
        }
        yield Words::mark($bed);
    }
}
