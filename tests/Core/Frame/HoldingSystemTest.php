<?php

declare(strict_types=1);

namespace Tests\Core\Frame;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\HoldingSystem;

#[CoversClass(HoldingSystem::class)]
final class HoldingSystemTest extends TestCase
{
    #[TestWith([HoldingSystem::Pins, '1 pin', '2 pins', false, true])]
    #[TestWith([HoldingSystem::Zip, '1 zip', '2 zips', true, false])]
    #[TestWith([HoldingSystem::ChannelClips, '1 channel clip', '2 channel clips', true, false])]
    #[TestWith([HoldingSystem::DowelClamps, '1 dowel clamp', '2 dowel clamps', true, false])]
    #[TestWith([HoldingSystem::Magnets, '1 magnet', '2 magnets', false, false])]
    #[TestWith([HoldingSystem::HookAndLoop, '1 strip of hook and loop', '2 strips of hook and loop', true, false])]
    #[TestWith([HoldingSystem::SpringClamps, '1 spring clamp', '2 spring clamps', false, false])]
    public function testItsPiecesAreCountedByLengthOrByNumber(
        HoldingSystem $system,
        string $one,
        string $two,
        bool $inLengths,
        bool $hasSchool,
    ): void {
        self::assertSame([$one, $two], [$system->counted(1), $system->counted(2)]);
        self::assertSame($inLengths, $system->comesInLengths());
        self::assertSame($hasSchool, $system->hasPinSchool());
    }
}
