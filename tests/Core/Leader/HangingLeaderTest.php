<?php

declare(strict_types=1);

namespace Tests\Core\Leader;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Leader\HangingLeader;
use Schwung\Core\Leader\LeaderStep;
use Schwung\Core\Leader\LeaderWork;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Tests\Core\Frames;

#[CoversClass(HangingLeader::class)]
#[CoversClass(LeaderStep::class)]
#[CoversClass(LeaderWork::class)]
final class HangingLeaderTest extends TestCase
{
    #[DataProvider('folds')]
    public function testTheTwoLeadersFoldOppositeWays(bool $hangsForward, string $folds, string $edge): void
    {
        $text = self::text(LeaderWork::Casing, $hangsForward);

        self::assertStringContainsString("fold it under along the line, $folds.", $text);
        self::assertStringContainsString("lies in the bed, $edge, the face that shows", $text);
        self::assertStringContainsString('mark 2 in at the centre mark', $text);
        self::assertStringNotContainsString('pacemakers', $text);
    }

    /** @return iterable<string, array{bool, string, string}> */
    public static function folds(): iterable
    {
        yield 'from the rear' => [true, 'away from you', 'toward you'];
        yield 'from the front' => [false, 'toward you', 'away from you'];
    }

    public function testWhatTheHeadDoesNotReachIsClosedByHand(): void
    {
        $whole = self::text(LeaderWork::Pocket, true);
        $short = self::text(LeaderWork::Pocket, true, ['unreachable_left' => 7, 'unreachable_right' => 4.5]);

        self::assertStringNotContainsString('by hand', $whole);
        // The leader of 118 in ends 4 in inside a rail of 126.
        self::assertStringContainsString('it stops 3 in before the left end and ½ in before the right', $short);
        self::assertStringContainsString('mark 1 ¾ in at the centre mark', $short);
        self::assertStringContainsString('kept away from pacemakers', $short);
    }

    public function testTheTestLineEndsWithAnotherLeaderBeforeAnyIsCut(): void
    {
        $text = self::text(LeaderWork::Line, false, ['unreachable_left' => 7, 'unreachable_right' => 0]);

        self::assertStringContainsString('(it stops 3 in before the left end)', $text);
        self::assertStringContainsString('Do the same at another leader before you cut anything.', $text);
        self::assertStringNotContainsString('it stops', self::text(LeaderWork::Line, false));
    }

    /** @param array<string, float|int> $inches */
    private static function text(LeaderWork $work, bool $hangsForward, array $inches = []): string
    {
        $writer = new LengthWriter(UnitSystem::Inches);
        $steps = (new HangingLeader(Frames::of(inches: $inches), $hangsForward))->steps($work);

        return implode(
            ' ',
            array_map(
                static fn(LeaderStep $step): string => implode(' ', [
                    $step->do->writtenBy($writer),
                    $step->why?->writtenBy($writer),
                    $step->caution?->writtenBy($writer),
                ]),
                $steps,
            ),
        );
    }
}
