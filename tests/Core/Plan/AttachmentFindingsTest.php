<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\AttachmentFindings;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\PinSchool;
use Schwung\Core\Practice\Practice;
use Tests\Core\Jobs;

#[CoversClass(AttachmentFindings::class)]
final class AttachmentFindingsTest extends TestCase
{
    /** @param list<string> $expected codes with their level */
    #[DataProvider('loads')]
    public function testWhatIsHeldBadlyIsSaid(Load $load, float $along, array $expected): void
    {
        self::assertSame($expected, $this->found($load, $along));
    }

    /** @return iterable<string, array{Load, float, list<string>}> */
    public static function loads(): iterable
    {
        $school = static fn(PinSchool $school, MarginSchool $margins = MarginSchool::Four): Load => new Load(
            DirectionWish::AsIs,
            $margins,
            leadHabit: new HoldHabit($school),
            tailHabit: new HoldHabit(PinSchool::EndToEnd),
        );
        // 76 in are wanted along; 84 in leave 4 in at both ends, 3 ½ in of them before the top.
        yield 'a hand apart, hardly more than the cloth' => [$school(PinSchool::Hand), 84, []];
        yield 'wide, more than half as much again' => [$school(PinSchool::Wide), 84, ['pin-spacing-over-margin info']];
        yield 'wide, more than twice as much' => [$school(PinSchool::Wide), 81, ['pin-spacing-over-margin warning']];
        yield 'end to end' => [$school(PinSchool::EndToEnd), 84, []];
        yield 'end to end, and hardly any cloth' => [
            $school(PinSchool::EndToEnd, MarginSchool::WorkedOut),
            79,
            ['pin-spacing-over-margin info', 'pin-spacing-over-margin info'],
        ];
        yield 'ticks have none' => [$school(PinSchool::Ticks), 79.5, ['pin-spacing-over-margin info']];
        yield 'clips that do not reach' => [
            new Load(
                DirectionWish::AsIs,
                lead: HoldingSystem::HookAndLoop,
                tail: HoldingSystem::ChannelClips,
                tailHabit: new HoldHabit(stock: [new StockPiece(Length::inches(36), 1)]),
            ),
            84,
            ['clips-short error'],
        ];
        yield 'too few clamps' => [
            new Load(
                DirectionWish::AsIs,
                lead: HoldingSystem::HookAndLoop,
                tail: HoldingSystem::DowelClamps,
                tailHabit: new HoldHabit(stock: [new StockPiece(Length::inches(4), 3)]),
            ),
            84,
            ['stock-short warning'],
        ];
    }

    public function testStretchyClothWantsItsPinsCloser(): void
    {
        $load = new Load(
            DirectionWish::AsIs,
            lead: HoldingSystem::Magnets,
            tail: HoldingSystem::HookAndLoop,
            leadHabit: new HoldHabit(PinSchool::Wide),
        );

        self::assertSame(['pull-out warning'], $this->found($load, 90, BackingKind::Minky));
        self::assertSame([], $this->found($load, 90, BackingKind::Cotton));
    }

    /** @return list<string> */
    private function found(Load $load, float $along, BackingKind $kind = BackingKind::Cotton): array
    {
        $cloth = Jobs::backing(76, $along);
        $backing = new Backing($cloth->top, $cloth->right, $cloth->bottom, $cloth->left, kind: $kind);
        $plan = (new Planner(new Practice()))->plan(
            new Job(
                title: 'any',
                units: UnitSystem::Inches,
                top: Jobs::top(60, 76),
                backing: $backing,
                batting: null,
                frame: Jobs::frame(),
                load: $load,
            ),
        );
        $ours = array_filter(
            $plan->findings,
            static fn(Finding $finding): bool => str_starts_with($finding->at, '/load/'),
        );

        return array_values(
            array_map(
                static fn(Finding $finding): string => $finding->code->value . ' ' . $finding->level->value,
                $ours,
            ),
        );
    }
}
