<?php

declare(strict_types=1);

namespace Tests\Core\Material;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Material\MarkKind;

#[CoversClass(MarkKind::class)]
final class MarkKindTest extends TestCase
{
    #[TestWith([MarkKind::OpenSeam, 10.0, false])]
    #[TestWith([MarkKind::BulkySeam, 4.0, true])]
    #[TestWith([MarkKind::Hair, 3.0, false])]
    #[TestWith([MarkKind::LooseThread, 2.0, false])]
    #[TestWith([MarkKind::Stain, 0.0, false])]
    #[TestWith([MarkKind::ThickSpot, 0.0, true])]
    #[TestWith([MarkKind::Raised, 0.0, true])]
    #[TestWith([MarkKind::MarkerLine, 0.0, false])]
    public function testWhatIsMendedTakesItsMinutesAndWhatStandsUpMeetsTheFoot(
        MarkKind $kind,
        float $minutes,
        bool $standsUp,
    ): void {
        self::assertSame($minutes, $kind->minutes());
        self::assertSame($standsUp, $kind->standsUp());
    }
}
