<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Leader\LeaderCheckRule;
use Schwung\Core\Leader\LoadPositionRule;
use Schwung\Core\Leader\NewLeader;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Leader\Reading;
use Schwung\Core\Leader\Wear;
use Schwung\Core\Measure\Length;

/** Leaders read with a ruler, worn by past loads, and cut anew. */
final readonly class Leaders implements Account
{
    public function pages(): int
    {
        return 64;
    }

    public function page(int $number): iterable
    {
        $lot = new Lot($number);
        $inch = Length::inches(...);
        $readings = array_map(
            static fn(int $i): Reading => new Reading($inch(12 * $i), $inch(2 + $lot->between(-6, 6) / 16)),
            range(-$lot->between(1, 4), $lot->between(1, 4)),
        );
        $check = (new LeaderCheckRule())->check($readings, $inch($lot->of([22, 24, 30])));
        yield "{$check->verdict->value}: range " .
            Words::of([$check->range->length(), $check->tilt->length(), $check->bow->length()]) .
            ' ' .
            Words::mark($check);

        $loads = array_map(
            static fn(): PastLoad => new PastLoad(
                $inch($lot->of([-10, -5, 0, 0, 5])),
                $inch($lot->of([40, 50, 60, 80])),
            ),
            range(1, $lot->between(1, 9)),
        );
        yield 'worn ' . Words::of(Wear::of($loads));
        yield 'next ' .
            Words::of(
                (new LoadPositionRule($inch($lot->of([6, 10]))))->positions(
                    $loads,
                    $inch($lot->of([40, 60, 72, 90])),
                    $inch($lot->of([60, 72, 100])),
                ),
            );

        $new = new NewLeader(
            new Frame(FrameKind::Roller, [
                FrameMeasure::Rail->value => $inch($lot->of([72, 100.5, 120, 144])),
                FrameMeasure::Throat->value => $inch(18),
                FrameMeasure::ArmClearance->value => $inch(8),
                FrameMeasure::TakeupDiameter->value => $inch($lot->of([1.5, 2, 2.75])),
            ]),
            $lot->isOf(50),
            $lot->isOf(50),
        );
        [$long, $wide] = [$new->cutLength($inch($lot->of([20, 27]))), $new->cutWidth()];
        yield 'new ' .
            Words::of([$long->length(), $wide->length(), $new->fold()]) .
            ' ' .
            Words::mark([$long, $wide, $new->ticks()]);
    }
}
