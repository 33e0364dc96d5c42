<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\BattingPieces;
use Schwung\Core\Sizing\LaidPiece;
use Schwung\Core\Sizing\PieceCover;
use Schwung\Core\Sizing\PieceLayout;

/** Pieces of batting butted under one quilt, in inches. */
#[CoversClass(BattingPieces::class)]
#[CoversClass(PieceCover::class)]
#[CoversClass(PieceLayout::class)]
final class PieceLayoutTest extends TestCase
{
    /**
     * @param list<array{float, float}>                       $pieces
     * @param list<array{int, float, float, float, float}>|null $laid number, left, top, across, along
     */
    #[DataProvider('pieces')]
    public function testTheFewestPiecesThatCoverAreLaid(array $pieces, float $across, float $along, ?array $laid): void
    {
        $layout = self::layout($pieces, $across, $along);

        self::assertSame(
            $laid,
            null === $layout
                ? null
                : array_map(
                    static fn(LaidPiece $piece): array => [
                        $piece->number,
                        $piece->left->toInches(),
                        $piece->top->toInches(),
                        $piece->across->toInches(),
                        $piece->along->toInches(),
                    ],
                    $layout->pieces,
                ),
        );
    }

    /**
     * @return iterable<string, array{list<array{float, float}>, float, float, list<array{int, float, float, float,
     * float}>|null}>
     */
    public static function pieces(): iterable
    {
        yield 'one is enough' => [[[70, 80], [90, 90]], 64, 74, [[0, 0.0, 0.0, 64.0, 74.0]]];
        yield 'one is enough, turned' => [[[80, 70]], 64, 74, [[0, 0.0, 0.0, 64.0, 74.0]]];
        yield 'two beside each other' => [
            [[40, 92], [91, 33]],
            72,
            91,
            [[0, 0.0, 0.0, 40.0, 91.0], [1, 40.0, 0.0, 32.0, 91.0]],
        ];
        yield 'two over a third' => [
            [[40, 40], [30, 40], [66, 36]],
            64,
            74,
            [[2, 0.0, 0.0, 64.0, 36.0], [0, 0.0, 36.0, 40.0, 38.0], [1, 40.0, 36.0, 24.0, 38.0]],
        ];
        yield 'an inch too little' => [[[40, 40], [30, 40], [66, 33]], 64, 74, null];
        yield 'nothing' => [[], 64, 74, null];
    }

    public function testOfManyTheLargestAreTried(): void
    {
        $small = array_fill(0, BattingPieces::MOST, [2.0, 2.0]);

        self::assertNotNull(self::layout([...$small, [40, 80], [30, 80]], 64, 74));
        self::assertNull(self::layout([...array_fill(0, BattingPieces::MOST, [10.0, 10.0]), [1.0, 1.0]], 64, 74));
    }

    public function testWhatIsLaidCoversExactlyAndNoPieceIsLargerThanItWas(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        $covered = 0;
        for ($round = 0; $round < 60; ++$round) {
            $pieces = [];
            for ($i = 0; $i < 5; ++$i) {
                $pieces[] = [(float) $random->getInt(20, 60), (float) $random->getInt(20, 60)];
            }
            $layout = self::layout($pieces, 64, 60);
            if (null !== $layout) {
                ++$covered;
                self::assertCovers($layout, $pieces);
            }
        }
        self::assertGreaterThan(20, $covered);
        self::assertLessThan(60, $covered);
    }

    /** @param list<array{float, float}> $pieces */
    private static function assertCovers(PieceLayout $layout, array $pieces): void
    {
        [$area, $numbers] = [0.0, []];
        foreach ($layout->pieces as $piece) {
            [$across, $along] = [$piece->across->toInches(), $piece->along->toInches()];
            $given = $piece->turned ? array_reverse($pieces[$piece->number]) : $pieces[$piece->number];
            self::assertTrue($across <= $given[0] && $along <= $given[1]);
            self::assertTrue($piece->left->toInches() + $across <= 64.0 && $piece->top->toInches() + $along <= 60.0);
            $area += $across * $along;
            $numbers[] = $piece->number;
        }
        self::assertEqualsWithDelta(64 * 60, $area, 1e-6, 'nothing lies open, nothing twice');
        self::assertSame($numbers, array_unique($numbers));
    }

    /** @param list<array{float, float}> $pieces */
    private static function layout(array $pieces, float $across, float $along): ?PieceLayout
    {
        return (new BattingPieces())->layout(
            array_map(
                static fn(array $piece): array => [Length::inches($piece[0]), Length::inches($piece[1])],
                $pieces,
            ),
            Length::inches($across),
            Length::inches($along),
        );
    }
}
