<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\Pass;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Shelf\AdvanceRule;
use Schwung\Core\Shelf\Assignment;
use Schwung\Core\Shelf\AtHandRule;
use Schwung\Core\Shelf\Cut;
use Schwung\Core\Shelf\Hanging;
use Schwung\Core\Shelf\Joined;
use Schwung\Core\Shelf\JoinRule;
use Schwung\Core\Shelf\LeftoverRule;
use Schwung\Core\Shelf\Leftovers;
use Schwung\Core\Shelf\Need;
use Schwung\Core\Shelf\Piece;
use Schwung\Core\Shelf\Rest;
use Schwung\Core\Shelf\RestRule;
use Schwung\Core\Shelf\Strip;
use Schwung\Core\Sizing\LaidPiece;

#[CoversClass(AdvanceRule::class)]
#[CoversClass(AtHandRule::class)]
#[CoversClass(Hanging::class)]
#[CoversClass(Joined::class)]
#[CoversClass(JoinRule::class)]
#[CoversClass(LeftoverRule::class)]
#[CoversClass(Leftovers::class)]
#[CoversClass(Rest::class)]
#[CoversClass(RestRule::class)]
#[CoversClass(Strip::class)]
final class LeftoversTest extends TestCase
{
    /** @param list<array{float, float}> $rests */
    #[DataProvider('cuts')]
    public function testWhatGoesBackOnTheShelf(float $width, float $length, float $over, float $off, array $rests): void
    {
        $in = static fn(float $inches): Length => Length::inches($inches);

        self::assertEquals(
            array_map(static fn(array $rest): Rest => new Rest($in($rest[0]), $in($rest[1])), $rests),
            (new RestRule(new Practice()))->of($in($width), $in($length), $in($over), $in($off)),
        );
    }

    /** @return iterable<string, array{float, float, float, float, list<array{float, float}>}> */
    public static function cuts(): iterable
    {
        yield 'off a roll: what is beside the cut' => [96, 74, 70, 74, [[26, 74]]];
        yield 'an offcut just wide enough' => [96, 74, 84, 74, [[12, 74]]];
        yield 'just too narrow' => [96, 74, 84.25, 74, []];
        yield 'on straight along the longer rest' => [90, 100, 60, 80, [[30, 100], [60, 20]]];
        yield 'on straight across the wider rest' => [100, 120, 80, 60, [[100, 60], [20, 60]]];
        yield 'all of it' => [70, 90, 70, 90, []];
        yield 'long and too thin' => [70, 90, 59, 90, []];
    }

    public function testPiecesThatCoverTogetherAreOffered(): void
    {
        $need = new Need('Q1', BattingKind::Cotton, Length::inches(70), Length::inches(80), 'ann');
        $piece = static fn(
            string $id,
            float $width,
            float $length,
            string $of = '',
            BattingKind $kind = BattingKind::Cotton,
        ): Piece => new Piece($id, $kind, Length::inches($width), Length::inches($length), $of);
        $joined = (new JoinRule())->offer($need, [
            $piece('of-bea', 70, 45, 'bea'),
            $piece('wool', 70, 45, '', BattingKind::Wool),
            $piece('upper', 72, 45),
            $piece('lower', 36, 71, 'ann'),
        ]);

        self::assertSame(['upper', 'lower'], $joined?->ids());
        self::assertSame(1, $joined->layout->joins());
        self::assertNull((new JoinRule())->offer($need, [$piece('upper', 72, 45), $piece('lower', 34.5, 71)]));
    }

    public function testWhoGotNothingIsOfferedWhatIsFreeAndNoPieceTwice(): void
    {
        $need = static fn(string $id, float $across, float $along): Need => new Need(
            $id,
            BattingKind::Cotton,
            Length::inches($across),
            Length::inches($along),
        );
        $piece = static fn(string $id, float $width, float $length): Piece => new Piece(
            $id,
            BattingKind::Cotton,
            Length::inches($width),
            Length::inches($length),
        );
        [$served, $first, $second] = [$need('served', 40, 41), $need('first', 70, 80), $need('second', 70, 79)];
        $pieces = [$piece('whole', 42, 75), $piece('upper', 71, 45), $piece('lower', 36, 71)];
        $assignment = new Assignment([new Cut('served', 'whole', false, null)], ['first', 'second'], 0, 0, true);
        $rule = new JoinRule();

        $joined = $rule->offerRest($assignment, [$served, $first, $second], $pieces, 6);
        self::assertSame(['first'], array_keys($joined));
        self::assertSame(['upper', 'lower'], $joined['first']->ids());
        self::assertSame([], $rule->offerRest($assignment, [$served, $first], $pieces, 0));
        self::assertSame([], $rule->offerRest($assignment, [$served], $pieces, 6));
        $more = [...$pieces, $piece('upper too', 72, 46), $piece('lower too', 37, 71)];
        self::assertSame(
            ['first', 'second'],
            array_keys($rule->offerRest($assignment, [$served, $first, $second], $more, 6)),
        );
        self::assertSame(['first'], array_keys($rule->offerRest($assignment, [$first, $second], $more, 1)));
    }

    public function testAPieceIsLaidInWithThePassThatReachesIt(): void
    {
        $pass = (new \ReflectionClass(Pass::class))->newInstanceWithoutConstructor();
        $wind = static fn(int $number, float $from, float $to, bool $isFromTail = false): Wind => new Wind(
            $number,
            $pass,
            $from,
            $to,
            $isFromTail,
            false,
        );
        $piece = static fn(float $top, float $along): LaidPiece => new LaidPiece(
            0,
            Length::zero(),
            Length::millimetres($top),
            Length::millimetres(900),
            Length::millimetres($along),
            false,
        );
        [$rule, $lead] = [new AdvanceRule(), Length::millimetres(50)];
        $winds = [$wind(1, 0, 300), $wind(2, 300, 600), $wind(3, 600, 900)];

        self::assertSame(1, $rule->pass($piece(0, 350), $winds, $lead));
        self::assertSame(1, $rule->pass($piece(349, 600), $winds, $lead));
        self::assertSame(2, $rule->pass($piece(350, 600), $winds, $lead));
        self::assertSame(3, $rule->pass($piece(950, 50), $winds, $lead), 'what lies beyond the tail comes last');
        $turned = [$wind(1, 0, 300), $wind(2, 600, 900, true), $wind(3, 300, 600, true)];
        self::assertSame(2, $rule->pass($piece(650, 300), $turned, $lead));
        self::assertSame(1, $rule->pass($piece(650, 300), [], $lead));
    }

    public function testStripsMakeABindingOrASleeve(): void
    {
        $leftovers = self::leftovers(lead: 9, tail: 4.5, left: 2.25, right: 2);

        self::assertEquals(
            [
                new Strip('lead', Length::inches(9), Length::inches(64.25)),
                new Strip('tail', Length::inches(4.5), Length::inches(64.25)),
                new Strip('left', Length::inches(2.25), Length::inches(70)),
                new Strip('right', Length::inches(2), Length::inches(70)),
            ],
            $leftovers->strips,
        );
        self::assertEquals(Length::inches(2 * (60 + 70) + 10), $leftovers->binding->length());
        self::assertEquals(Length::inches(6 * 64.25 + 70), $leftovers->ofBinding);
        self::assertTrue($leftovers->hasBinding());
        self::assertEquals(Length::inches(58), $leftovers->sleeve);
        self::assertTrue($leftovers->hasSleeve);
    }

    public function testTooLittleSaysHowMuchIsMissing(): void
    {
        $leftovers = self::leftovers(lead: 8.25, tail: 2, left: 0, right: 2.25);

        self::assertSame(
            ['lead', 'tail', 'right'],
            array_map(static fn(Strip $s): string => $s->where, $leftovers->strips),
        );
        self::assertFalse($leftovers->hasSleeve, 'a quarter inch too shallow');
        self::assertFalse($leftovers->hasBinding());
        self::assertEquals(Length::inches(270 - 3 * 62.25 - 70), $leftovers->missing());
        $none = self::leftovers(lead: 2, tail: 2, left: 2, right: 2);
        self::assertFalse($none->hasBinding());
        self::assertEquals(Length::inches(270), $none->missing());
        self::assertSame(7, (new LeftoverRule(new Practice()))->stripsOf($none->missing(), Length::inches(42)));
        self::assertSame(1, (new LeftoverRule(new Practice()))->stripsOf(Length::inches(42), Length::inches(42)));
    }

    public function testWhatHangsIsNotAtHand(): void
    {
        $clips = static fn(int $long, int $short): Stock => new Stock([
            'channel-clips' => [new StockPiece(Length::inches(36), $long), new StockPiece(Length::inches(12), $short)],
        ]);
        $hanging = new Hanging(
            HoldingSystem::ChannelClips,
            [new StockPiece(Length::inches(36), 3), new StockPiece(Length::inches(8), 2)],
            'Harbour lamps',
        );

        self::assertSame(5, $hanging->count());
        self::assertEquals($clips(1, 2), (new AtHandRule())->left($clips(4, 2), [$hanging]));
        self::assertEquals($clips(0, 2), (new AtHandRule())->left($clips(4, 2), [$hanging, $hanging]));
        $magnets = new Hanging(HoldingSystem::Magnets, [new StockPiece(Length::inches(1), 9)], 'Harbour lamps');
        self::assertEquals($clips(4, 2), (new AtHandRule())->left($clips(4, 2), [$magnets]), 'nobody counted them');
        self::assertEquals(
            new Stock([
                'channel-clips' => [new StockPiece(Length::inches(36), 5), new StockPiece(Length::inches(12), 2)],
                'magnets' => [new StockPiece(Length::inches(1), 20)],
            ]),
            (new AtHandRule())->together(
                $clips(4, 2),
                new Stock(['channel-clips' => [new StockPiece(Length::inches(36), 1)]]),
                (new Stock())->withCounts(['magnets' => 20]),
            ),
        );
    }

    private static function leftovers(float $lead, float $tail, float $left, float $right): Leftovers
    {
        return (new LeftoverRule(new Practice()))->of(
            array_map(Length::inches(...), ['lead' => $lead, 'tail' => $tail, 'left' => $left, 'right' => $right]),
            Length::inches(60),
            Length::inches(70),
        );
    }
}
