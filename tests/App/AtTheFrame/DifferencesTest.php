<?php

declare(strict_types=1);

namespace Tests\App\AtTheFrame;

use App\AtTheFrame\Differences;
use App\Quilt\Sheet;
use App\Quilt\Subject;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Practice;

#[CoversClass(Differences::class)]
final class DifferencesTest extends TestCase
{
    public function testEverythingThatAPlanGoesByIsToldOfAFrame(): void
    {
        $begun = $this->frame(FrameKind::Roller, 10, 24, [HoldingSystem::Pins], 2, ClampWidth::Narrow);
        $now = $this->frame(FrameKind::RollerFrontBacking, 20, null, [HoldingSystem::Zip], 3, ClampWidth::Wide);
        $names = array_column($this->between($begun, $now), 0);

        foreach (FrameMeasure::cases() as $measure) {
            self::assertContains('frame, ' . lcfirst($measure->words()), $names);
        }
        self::assertContains(['frame, side clamps', 'narrow', 'wide'], $this->shortened($begun, $now));
        self::assertContains(['frame, ratchet teeth', '24', 'nothing'], $this->shortened($begun, $now));
        self::assertContains('frame, kind', $names);
        self::assertContains('frame, ways of holding', $names);
        self::assertContains('frame, channel clips at hand', $names);
        self::assertCount(\count(FrameMeasure::cases()) + 5, $names);
        self::assertSame([], $this->between($begun, $begun));
    }

    /** @return list<array{string, string, string}> of clamps only how wide they are */
    private function shortened(Frame $begun, Frame $now): array
    {
        return array_map(
            static fn(array $line): array => [
                $line[0],
                ...array_map(static fn(string $words): string => strtolower(strtok($words, ' ') ?: ''), [
                    $line[1],
                    $line[2],
                ]),
            ],
            $this->between($begun, $now),
        );
    }

    /** @return list<array{string, string, string}> */
    private function between(Frame $begun, Frame $now): array
    {
        $subject = static fn(Frame $frame): Subject => new Subject('Any', Sheet::blank(), $frame, new Practice());

        return (new Differences(new LengthWriter(UnitSystem::Inches)))->between($subject($begun), $subject($now));
    }

    /** @param list<HoldingSystem> $methods */
    private function frame(
        FrameKind $kind,
        int $inches,
        ?int $teeth,
        array $methods,
        int $clips,
        ClampWidth $clamps,
    ): Frame {
        $measures = [];
        foreach (FrameMeasure::cases() as $i => $measure) {
            $measures[$measure->value] = Length::inches($inches + $i);
        }
        $stock = new Stock(['channel-clips' => [new StockPiece(Length::inches(36), $clips)]]);

        return new Frame($kind, $measures, $teeth, $methods, $stock, $clamps);
    }
}
