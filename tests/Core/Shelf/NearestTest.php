<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\Piece;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Shelf\ConeRule;
use Schwung\Core\Shelf\Hanging;
use Schwung\Core\Shelf\NearestRule;
use Schwung\Core\Shelf\Sandwich;
use Schwung\Core\Shelf\ThreadCheck;
use Schwung\Core\Shelf\ThreadTake;

#[CoversClass(ConeRule::class)]
#[CoversClass(Hanging::class)]
#[CoversClass(NearestRule::class)]
#[CoversClass(Sandwich::class)]
#[CoversClass(ThreadCheck::class)]
#[CoversClass(ThreadTake::class)]
final class NearestTest extends TestCase
{
    #[DataProvider('distances')]
    public function testWhatDiffersIsFarther(Sandwich $other, float $distance): void
    {
        $one = new Sandwich(BackingKind::Cotton, BattingKind::Wool, 6.0, 25.0);

        self::assertEqualsWithDelta($distance, (new NearestRule())->distance($one, $other), 1e-9);
        self::assertEqualsWithDelta($distance, (new NearestRule())->distance($other, $one), 1e-9);
        self::assertEquals($other, Sandwich::fromArray($other->toArray()));
    }

    /** @return iterable<string, array{Sandwich, float}> */
    public static function distances(): iterable
    {
        [$backing, $batting] = [BackingKind::Cotton, BattingKind::Wool];
        yield 'the same' => [new Sandwich($backing, $batting, 6.0, 25.0), 0];
        yield 'another backing' => [new Sandwich(BackingKind::Minky, $batting, 6.0, 25.0), 2];
        yield 'another batting' => [new Sandwich($backing, BattingKind::Cotton, 6.0, 25.0), 2];
        yield 'twice as high' => [new Sandwich($backing, $batting, 12.0, 25.0), 1];
        yield 'a quarter as heavy a thread' => [new Sandwich($backing, $batting, 6.0, 6.25), 2];
        yield 'nobody knows' => [new Sandwich(null, null, null, null), 1 + 1 + 0.5 + 0.5];
        yield 'no loft at all' => [new Sandwich($backing, $batting, 0.0, 25.0), 0.5];
    }

    public function testTheMostAlikeComeFirstAndAsAlikeInTheirOrder(): void
    {
        $wool = new Sandwich(BackingKind::Cotton, BattingKind::Wool, 6.0, 25.0);
        $earlier = [
            'cotton' => new Sandwich(BackingKind::Cotton, BattingKind::Cotton, 6.0, 25.0),
            'wool' => $wool,
            'higher' => new Sandwich(BackingKind::Cotton, BattingKind::Wool, 8.0, 25.0),
            'wool too' => $wool,
        ];

        self::assertSame(['wool', 'wool too', 'higher'], (new NearestRule())->nearest($wool, $earlier, 3));
        self::assertSame([], (new NearestRule())->nearest($wool, [], 3));
    }

    public function testWhatNobodyKnowsAnyMoreIsLeftOpen(): void
    {
        $read = Sandwich::fromArray(['backing' => 'felt', 'batting' => 7, 'loft' => 'high', 'tex' => 30]);

        self::assertEquals(new Sandwich(null, null, null, 30.0), $read);
    }

    public function testAThreadLastsWhereNothingIsMissing(): void
    {
        $check = static fn(int $needed, int $before, int $left): ThreadCheck => new ThreadCheck(
            Length::millimetres($needed),
            Length::millimetres($before),
            Length::millimetres($left),
        );

        self::assertTrue($check(60, 40, 100)->isEnough());
        self::assertFalse($check(60, 41, 100)->isEnough());
        self::assertEquals(Length::millimetres(-1), $check(60, 41, 100)->toSpare());
    }

    public function testAConeRunsOutWithTheQuiltThatFindsTooLittle(): void
    {
        $take = static fn(string $quilt, string $cone, int $mm): ThreadTake => new ThreadTake(
            $quilt,
            $cone,
            Length::millimetres($mm),
        );
        $left = ['moss' => Length::millimetres(100), 'ink' => Length::millimetres(30)];
        $takes = [$take('A', 'moss', 60), $take('A', 'ink', 30), $take('B', 'moss', 40), $take('C', 'moss', 1)];

        self::assertSame(['C' => 'moss'], (new ConeRule())->runOut($takes, $left));
        self::assertSame([], (new ConeRule())->runOut(\array_slice($takes, 0, 3), $left), 'just enough');
        self::assertSame(
            ['A' => 'ink'],
            (new ConeRule())->runOut([$take('A', 'ink', 31), $take('A', 'moss', 101)], $left),
            'the first is named',
        );
    }

    public function testPiecesOfALengthHangByItAndPointsByTheKindThatIsCounted(): void
    {
        $held = static fn(HoldingSystem $system, Piece ...$pieces): Attachment => new Attachment(
            $system,
            array_values($pieces),
            null,
            new Worked(Figure::needed(Length::inches(40)), '', []),
            0.0,
        );
        $piece = static fn(float $from, float $to): Piece => new Piece(Length::inches($from), Length::inches($to), 1);
        $pins = (new Stock())->withCounts(['pins' => 90]);

        self::assertEquals(
            [new StockPiece(Length::inches(24), 1), new StockPiece(Length::inches(12), 2)],
            Hanging::of(
                $held(HoldingSystem::ChannelClips, $piece(-24, -12), $piece(-12, 12), $piece(12, 24)),
                new Stock(),
                'A',
            )->pieces,
        );
        self::assertEquals(
            [new StockPiece(Length::inches(1.75), 3)],
            Hanging::of($held(HoldingSystem::Pins, $piece(-4, -4), $piece(0, 0), $piece(4, 4)), $pins, 'A')->pieces,
        );
        self::assertEquals(
            [new StockPiece(Length::inches(1), 1)],
            Hanging::of($held(HoldingSystem::Pins, $piece(0, 0)), new Stock(), 'A')->pieces,
        );
    }
}
