<?php

declare(strict_types=1);

namespace Tests\Core\Attachment;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Attachment\ClipSharing;
use Schwung\Core\Attachment\Edge;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worked;

/** Two edges out of one stock; a run wants 8 in more than its cloth, and wants 2 in at the least. */
#[CoversClass(ClipSharing::class)]
final class ClipSharingTest extends TestCase
{
    /** 67 ½ in for each would lack 1 in of the wanted cover in all; 70 and 65 lack 3 in, but at one edge only. */
    public function testAsManyEdgesAsCanBeHaveTheWantedCover(): void
    {
        self::assertSame(
            ['lead' => [[32.5, 2]], 'tail' => [[35.0, 2]]],
            self::runs([[35, 2], [32.5, 2]], ['lead' => self::edge(60, 70), 'tail' => self::edge(60, 70)]),
        );
    }

    public function testARunMayBeAsLongAsTheLeaderIsWide(): void
    {
        $edges = static fn(float $leader): array => ['lead' => self::edge(60, $leader), 'tail' => self::edge(58, 62)];

        self::assertSame(['lead' => [[35.0, 2]], 'tail' => [[62.0, 1]]], self::runs([[35, 2], [62, 1]], $edges(70)));
        self::assertSame(
            ['tail' => [[62.0, 1]]],
            self::runs([[35, 2], [62, 1]], [...$edges(69.875), 'lead' => self::edge(61, 69.875)]),
        );
    }

    /** A dozen odd pieces more make four thousand runs, too many to try: the lead takes what is best for it alone. */
    public function testOfALargeStockTheFirstEdgeTakesItsBest(): void
    {
        $edges = ['lead' => self::edge(60, 70), 'tail' => self::edge(64, 68)];
        $stock = [[68, 1], [35, 2]];
        $odd = array_map(static fn(int $i): array => [0.01 * $i, 1], range(1, 12));

        self::assertSame(['lead' => [[35.0, 2]], 'tail' => [[68.0, 1]]], self::runs($stock, $edges));
        self::assertSame(['lead' => [[68.0, 1]]], self::runs([...$stock, ...$odd], $edges));
    }

    private static function edge(float $cloth, float $leader): Edge
    {
        return new Edge(
            new Worked(Figure::measured(Length::inches($cloth)), 'as it is', []),
            End::Lead,
            Length::inches($leader),
            Length::zero(),
            clipsBeyond: Length::inches(8),
        );
    }

    /**
     * @param list<array{float, int}> $stock lengths in inches, and how many there are
     * @param array<string, Edge>     $edges
     *
     * @return array<string, list<array{float, int}>>
     */
    private static function runs(array $stock, array $edges): array
    {
        $pieces = array_map(
            static fn(array $piece): StockPiece => new StockPiece(Length::inches($piece[0]), $piece[1]),
            $stock,
        );

        return array_map(
            static fn(array $run): array => array_map(
                static fn(StockPiece $piece): array => [$piece->length->toInches(), $piece->count],
                $run,
            ),
            (new ClipSharing())->runs($pieces, $edges),
        );
    }
}
