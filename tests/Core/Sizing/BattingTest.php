<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\CustomMargins;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\BattingPieces;
use Schwung\Core\Sizing\BattingRoll;
use Schwung\Core\Sizing\BattingRule;
use Schwung\Core\Sizing\BattingState;
use Schwung\Core\Sizing\UsableBacking;
use Tests\Core\Jobs;

#[CoversClass(BattingRule::class)]
#[CoversClass(BattingCheck::class)]
#[CoversClass(BattingRoll::class)]
#[CoversClass(BattingPieces::class)]
final class BattingTest extends TestCase
{
    #[DataProvider('needs')]
    public function testTheBattingStaysBelowTheAttachmentLine(Load $load, float $along): void
    {
        $check = $this->check(93, 93, 90, $load);

        self::assertSame(
            [72.0, $along],
            [$check->requiredAcross->length()->toInches(), $check->requiredAlong->length()->toInches()],
        );
    }

    /** @return iterable<string, array{Load, float}> */
    public static function needs(): iterable
    {
        $in = Length::inches(...);
        yield 'four, pins and clips' => [new Load(tail: HoldingSystem::ChannelClips), 91.25];
        yield 'three, hook and loop and magnets' => [
            new Load(school: MarginSchool::Three, lead: HoldingSystem::HookAndLoop, tail: HoldingSystem::Magnets),
            90.25,
        ];
        yield 'worked out, pins and clips' => [
            new Load(school: MarginSchool::WorkedOut, tail: HoldingSystem::ChannelClips),
            89.25,
        ];
        yield 'worked out, hook and loop and spring clamps' => [
            new Load(
                school: MarginSchool::WorkedOut,
                lead: HoldingSystem::HookAndLoop,
                tail: HoldingSystem::SpringClamps,
            ),
            89.75,
        ];
        yield 'custom, never less than nothing' => [
            new Load(
                school: MarginSchool::Custom,
                custom: new CustomMargins($in(0.75), $in(2), $in(4), $in(4)),
                tail: HoldingSystem::Zip,
            ),
            88.25,
        ];
    }

    #[DataProvider('battings')]
    public function testABattingFitsIsTrimmedOrIsShort(
        float $width,
        float $length,
        float $limit,
        BattingState $state,
        ?float $trimTo,
        bool $nearBacking = false,
    ): void {
        $check = $this->check($width, $length, $limit);

        self::assertSame(
            [$state, $trimTo, $nearBacking],
            [$check->state, $check->trimTo?->toInches(), $check->isWithin(Length::inches(1))],
        );
    }

    /** @return iterable<string, array{0: float, 1: float, 2: float, 3: BattingState, 4: float|null, 5?: bool}> */
    public static function battings(): iterable
    {
        yield 'fits' => [74, 93, 77, BattingState::Fits, null];
        yield 'fits the other way' => [93, 74, 77, BattingState::Fits, null];
        yield 'near the backing' => [76, 93, 77, BattingState::Fits, null, true];
        yield 'too wide both ways' => [90, 96, 77, BattingState::Trim, 76.0];
        yield 'short' => [90, 91, 77, BattingState::Short, null];
        yield 'trimmed to what is needed at the least' => [80, 96, 72.5, BattingState::Trim, 72.0];
        // A backing that is short counts with the size it will have once mended: 76 in.
        yield 'short backing' => [78, 93, 60, BattingState::Trim, 75.0];
    }

    public function testAShortBattingSaysWhatIsMissing(): void
    {
        $check = $this->check(90, 91, 77);

        self::assertSame([-18.0, 0.25], [$check->missingAcross()->toInches(), $check->missingAlong()->toInches()]);
    }

    public function testRestIsCountedFromTheOpeningOfTheBag(): void
    {
        $opened = new \DateTimeImmutable('2027-03-01T09:00:00+01:00');
        $batting = new Batting(Length::inches(74), Length::inches(93), BattingKind::Wool, null, $opened);
        $check = $this->checkOf($batting, 77, new Load());

        self::assertSame('2027-03-02T09:00:00+01:00', $check->readyFrom?->format(\DATE_ATOM));
        self::assertSame('2027-03-03T09:00:00+01:00', $check->readyBest?->format(\DATE_ATOM));
    }

    public function testARollIsCutTheWayThatTakesLeast(): void
    {
        $cuts = (new BattingRoll(new Practice()))->cuts(Length::inches(72), Length::inches(91), Length::inches(96));

        self::assertSame(
            [[72.0, 5.0, false], [91.0, 24.0, true]],
            array_map(
                static fn($cut): array => [
                    $cut->length->toInches(),
                    $cut->offcut->toInches(),
                    $cut->isOffcutWorthKeeping,
                ],
                $cuts,
            ),
        );
        self::assertSame(
            [],
            (new BattingRoll(new Practice()))->cuts(Length::inches(72), Length::inches(91), Length::inches(60)),
        );
    }

    public function testButtedPiecesCoverWhereTheyReachSideBySide(): void
    {
        $in = Length::inches(...);
        $pieces = [[$in(40), $in(92)], [$in(91), $in(33)]];

        self::assertNotNull((new BattingPieces())->layout($pieces, $in(72), $in(91)));
        self::assertNull((new BattingPieces())->layout($pieces, $in(74), $in(91)));
        self::assertNull((new BattingPieces())->layout([[$in(40), $in(80)], [$in(40), $in(80)]], $in(72), $in(91)));
    }

    private function check(
        float $width,
        float $length,
        float $backingAcross,
        Load $load = new Load(tail: HoldingSystem::ChannelClips),
    ): BattingCheck {
        return $this->checkOf(
            new Batting(Length::inches($width), Length::inches($length), BattingKind::Cotton),
            $backingAcross,
            $load,
        );
    }

    private function checkOf(Batting $batting, float $backingAcross, Load $load): BattingCheck
    {
        $practice = new Practice();
        $top = Jobs::top(68, 87.25);
        $backing = (new BackingRule($practice))->check(
            $top,
            UsableBacking::of(Jobs::backing($backingAcross, 110)),
            $load,
            Direction::AsIs,
        );
        if ($backingAcross < 76 && $backingAcross > 60) {
            // Margins set by hand keep such a narrow backing from being short.
            $in = Length::inches(...);
            $load = new Load(
                school: MarginSchool::Custom,
                custom: new CustomMargins($in(4), $in(4), $in(2.25), $in(2.25)),
                tail: HoldingSystem::ChannelClips,
            );
            $backing = (new BackingRule($practice))->check(
                $top,
                UsableBacking::of(Jobs::backing($backingAcross, 110)),
                $load,
                Direction::AsIs,
            );
        }

        return (new BattingRule($practice))->check($batting, $top, $load, Direction::AsIs, $backing);
    }
}
