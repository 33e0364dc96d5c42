<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\Contraction;

#[CoversClass(Contraction::class)]
final class ContractionTest extends TestCase
{
    public function testItIsToldApartAcrossAndAlong(): void
    {
        self::assertSame([2.9, 1.4], self::inches(68, 87.25, 66, 86));
        self::assertSame([0.0, 0.0], self::inches(68, 87.25, 68, 87.25));
        self::assertSame([-1.5, 3.0], self::inches(68, 100, 69, 97), 'one that was stretched has grown');
    }

    public function testAQuiltIsLargerThanItsTopByNoMoreThanATapeErrs(): void
    {
        // 70 in and a half of a hundredth, and a quarter inch.
        self::assertTrue(Contraction::canBe(Length::inches(70), Length::inches(70.599)));
        self::assertFalse(Contraction::canBe(Length::inches(70), Length::inches(70.601)));
    }

    /** @return array{float, float} */
    private static function inches(float $topWidth, float $topLength, float $width, float $length): array
    {
        $contraction = Contraction::of(
            Length::inches($topWidth),
            Length::inches($topLength),
            Length::inches($width),
            Length::inches($length),
        );

        return [$contraction->across, $contraction->along];
    }
}
