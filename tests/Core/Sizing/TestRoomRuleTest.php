<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Sizing\TestRoom;
use Schwung\Core\Sizing\TestRoomRule;
use Tests\Core\Jobs;
use Tests\Core\Loading\Loads;

#[CoversClass(TestRoomRule::class)]
#[CoversClass(TestRoom::class)]
final class TestRoomRuleTest extends TestCase
{
    /** A top of 68 1/8 by 87 1/4 in. */
    private const FLAT = ['load/direction' => 'as-is'];

    public function testItIsTheWidestPlaceThatBattingAndBackingShare(): void
    {
        // Batting reaches 2 15/16 in beside the top, the clamps leave 3 15/16 in of backing.
        $room = Loads::setup([...self::FLAT, 'batting/width' => '74 in'])->testRoom();

        self::assertSame('beside the top at the right', $room?->place);
        self::assertEqualsWithDelta(2.9375, $room->width->toInches(), 0.001);
    }

    public function testTheClampsTakeTheirShareOfTheBacking(): void
    {
        $narrow = [
            ...self::FLAT,
            ...Jobs::sides(72.125, 96),
            'batting/width' => '72 in',
            'load/margins' => 'worked-out',
        ];

        // 2 in of backing beside the top, an inch of it in the clamps; the batting would reach further.
        self::assertEqualsWithDelta(1.0, Loads::setup($narrow)->testRoom()?->width->toInches(), 0.001);
    }

    public function testWhereThereIsNoneTheScrapHasToDo(): void
    {
        $none = [
            ...self::FLAT,
            ...Jobs::sides(74, 91),
            'batting/width' => '68 1/2 in',
            'batting/length' => '87 1/4 in',
            'load/margins' => 'worked-out',
        ];

        self::assertNull(Loads::setup($none)->testRoom());
        self::assertStringContainsString(
            'no room to test beside the top',
            implode("\n", Loads::told(Loads::steps($none))),
        );
    }
}
