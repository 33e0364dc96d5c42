<?php

declare(strict_types=1);

namespace Tests\Core\Practice;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Practice\Distance;

#[CoversClass(Distance::class)]
final class DistanceTest extends TestCase
{
    /** In inches; any other may be nothing at all. */
    private const LEAST = [
        'basting-spacing' => 0.5,
        'snip' => 0.5,
        'one-pull' => 0.5,
        'pin-length' => 0.5,
        'pin-hand' => 0.5,
        'pin-wide' => 0.5,
        'pin-pull' => 0.5,
        'side-clamp-gap' => 1.0,
        'hand-wide' => 1.0,
        'tick-apart' => 1.0,
        'binding-strip' => 1.0,
        'sleeve-strip' => 1.0,
        'finger-wide' => 0.25,
        'strip-step' => 0.0625,
        'large-backing' => 12.0,
    ];

    public function testNoDistanceIsShorterThanItMakesSense(): void
    {
        foreach (Distance::cases() as $distance) {
            self::assertSame(self::LEAST[$distance->value] ?? 0.0, $distance->least()->toInches(), $distance->value);
        }
    }
}
