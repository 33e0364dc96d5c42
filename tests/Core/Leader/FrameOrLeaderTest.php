<?php

declare(strict_types=1);

namespace Tests\Core\Leader;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Leader\CommonTilt;
use Schwung\Core\Leader\FrameOrLeaderRule;
use Schwung\Core\Leader\LeaderCheckRule;
use Schwung\Core\Leader\LeaderTilt;
use Schwung\Core\Leader\Reading;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;

#[CoversClass(FrameOrLeaderRule::class)]
#[CoversClass(LeaderTilt::class)]
#[CoversClass(CommonTilt::class)]
final class FrameOrLeaderTest extends TestCase
{
    /** @param array<string, array{float, bool}> $tilts longer at the right by so many inches over 100, and whether it hangs forward */
    #[DataProvider('frames')]
    public function testWhatAllHaveInCommonIsTheFrames(array $tilts, ?bool $isFrame, ?float $common): void
    {
        $judged = $this->judge($tilts);

        self::assertSame($isFrame, $judged?->isFrame);
        if (null !== $common) {
            self::assertEqualsWithDelta($common, $judged?->common->toInches(), 1e-5);
        }
    }

    /** @return iterable<string, array{array<string, array{float, bool}>, bool|null, float|null}> */
    public static function frames(): iterable
    {
        yield 'one leader alone tells nothing' => [['take-up' => [0.5, true]], null, null];
        yield 'leaders on both sides of the bed, longer at opposite ends, run out alike' => [
            ['take-up' => [0.3, true], 'backing' => [-0.25, false], 'top' => [-0.35, false]],
            true,
            0.3,
        ];
        yield 'longer at the same end, they are crooked each by itself' => [
            ['take-up' => [0.3, true], 'backing' => [0.3, false]],
            false,
            0.0,
        ];
        yield 'an eighth in common is straight' => [
            ['take-up' => [0.125, true], 'backing' => [-0.125, false]],
            false,
            0.125,
        ];
        yield 'more than an eighth' => [['take-up' => [0.126, true], 'backing' => [-0.126, false]], true, 0.126];
        yield 'one has more of its own than all in common' => [
            ['take-up' => [0.9, true], 'backing' => [0.0, false], 'top' => [0.0, false]],
            false,
            0.3,
        ];
    }

    public function testEachKeepsWhatIsItsOwn(): void
    {
        $judged = $this->judge(['take-up' => [0.5, true], 'backing' => [-0.25, false]]);

        self::assertEqualsWithDelta(0.125, $judged?->own['take-up']->toInches(), 1e-5);
        self::assertEqualsWithDelta(-0.125, $judged?->own['backing']->toInches(), 1e-5);
        self::assertSame(
            'All leaders run out alike, ⅜ in over the width: measure the frame before you cut.',
            $judged?->sentence()->writtenBy(new LengthWriter(UnitSystem::Inches)),
        );
    }

    /** @param array<string, array{float, bool}> $tilts */
    private function judge(array $tilts): ?CommonTilt
    {
        $all = [];
        foreach ($tilts as $leader => [$longer, $hangsForward]) {
            $readings = array_map(
                static fn(int $at): Reading => new Reading(
                    Length::inches($at),
                    Length::inches(2 + ($longer * ($at + 50)) / 100),
                ),
                [-50, -20, 10, 50],
            );
            $all[] = LeaderTilt::of(
                $leader,
                (new LeaderCheckRule())->check($readings, Length::inches(24)),
                $hangsForward,
            );
        }

        return (new FrameOrLeaderRule())->judge($all);
    }
}
