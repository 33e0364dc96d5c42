<?php

declare(strict_types=1);

namespace Tests\Core\Material;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Material\ThreadWeight;
use Schwung\Core\Measure\Length;

#[CoversClass(ThreadWeight::class)]
final class ThreadWeightTest extends TestCase
{
    public function testANumberCountsTheOtherWayThanTex(): void
    {
        self::assertSame(25.0, ThreadWeight::ofNumber(40)?->tex);
        self::assertSame(40.0, ThreadWeight::ofTex(25)?->number());
    }

    public function testGramsTellHowFarItGoes(): void
    {
        self::assertEquals(Length::millimetres(4_000_000), ThreadWeight::ofTex(25)?->length(100));
        self::assertEquals(Length::millimetres(2_000_000), ThreadWeight::ofTex(50)?->length(100));
    }

    public function testAThickerThreadFillsABobbinSooner(): void
    {
        self::assertEquals(
            Length::millimetres(100_000),
            ThreadWeight::ofTex(25)?->onBobbin(Length::millimetres(100_000)),
        );
        self::assertEquals(
            Length::millimetres(62_500),
            ThreadWeight::ofTex(40)?->onBobbin(Length::millimetres(100_000)),
        );
    }

    public function testNoThreadIsWithoutWeight(): void
    {
        self::assertNull(ThreadWeight::ofTex(0));
        self::assertNull(ThreadWeight::ofNumber(0));
        self::assertNull(ThreadWeight::ofNumber(-40));
        self::assertNull(ThreadWeight::ofTex(4.9));
        self::assertNotNull(ThreadWeight::ofTex(5));
        self::assertNotNull(ThreadWeight::ofTex(200));
        self::assertNull(ThreadWeight::ofTex(200.1));
    }
}
