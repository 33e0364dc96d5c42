<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\ShelfAnswer;
use Schwung\Core\Exchange\ShelfDocument;
use Schwung\Core\Exchange\ShelfReader;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Shelf\Assignment;
use Schwung\Core\Shelf\AssignmentRule;
use Schwung\Core\Shelf\Buy;
use Schwung\Core\Shelf\Choices;
use Schwung\Core\Shelf\Cut;
use Schwung\Core\Shelf\Matching;
use Schwung\Core\Shelf\Need;
use Schwung\Core\Shelf\Piece;
use Schwung\Core\Shelf\Roll;
use Schwung\Core\Shelf\RunOutRule;
use Schwung\Core\Shelf\Search;
use Tests\Core\Exchange\Commands;

#[CoversClass(Assignment::class)]
#[CoversClass(AssignmentRule::class)]
#[CoversClass(Buy::class)]
#[CoversClass(Choices::class)]
#[CoversClass(Cut::class)]
#[CoversClass(Matching::class)]
#[CoversClass(Need::class)]
#[CoversClass(Piece::class)]
#[CoversClass(Roll::class)]
#[CoversClass(RunOutRule::class)]
#[CoversClass(Search::class)]
#[CoversClass(ShelfAnswer::class)]
#[CoversClass(ShelfDocument::class)]
#[CoversClass(ShelfReader::class)]
final class AssignmentTest extends TestCase
{
    private const SCHEMA = __DIR__ . '/../../../docs/formats/shelf.schema.json';

    public function testARollGivesTheShorterOfTheTwoWaysRound(): void
    {
        $best = self::assign([self::roll('R1', 96, 300)], [], [self::need('Q1', 74, 93)]);

        self::assertEquals([new Cut('Q1', 'R1', true, Length::inches(74))], $best->cuts);
        self::assertSame([[], true], [$best->unserved, $best->provedBest]);
        self::assertEqualsWithDelta(96 * 74 * 0.0254 ** 2, $best->newCloth, 1e-9);
        self::assertEquals(
            [new Cut('Q1', 'R1', false, Length::inches(93))],
            self::assign([self::roll('R1', 92.9, 300)], [], [self::need('Q1', 74, 93)])->cuts,
            'a tenth of an inch too narrow for the shorter way',
        );
    }

    public function testAPieceLiesEitherWayAndIsTakenBeforeNewCloth(): void
    {
        $best = self::assign(
            [self::roll('R1', 96, 300)],
            [self::piece('P1', 94, 80), self::piece('P2', 75, 93)],
            [self::need('Q1', 74, 93), self::need('Q2', 80, 90)],
        );

        self::assertEquals([new Cut('Q1', 'P2', false, null), new Cut('Q2', 'P1', true, null)], $best->cuts);
        self::assertSame(0.0, $best->newCloth);
        self::assertEqualsWithDelta((75 * 93 - 74 * 93 + 94 * 80 - 80 * 90) * 0.0254 ** 2, $best->leftOver, 1e-9);
    }

    public function testTheOneWhoCanOnlyHaveOnePieceGetsIt(): void
    {
        // In turn, the first would take the piece that fits it best, and the second would be without.
        $best = self::assign(
            [],
            [self::piece('small', 60, 60), self::piece('large', 90, 90)],
            [self::need('Q1', 50, 50), self::need('Q2', 60, 58), self::need('Q3', 88, 88)],
        );

        self::assertCount(1, $best->unserved);
        self::assertNotContains('Q3', $best->unserved);
    }

    public function testFewestQuiltsWithoutComeBeforeAllCloth(): void
    {
        $best = self::assign(
            [self::roll('R1', 100, 130)],
            [],
            [self::need('Q1', 90, 120), self::need('Q2', 60, 70), self::need('Q3', 61, 72)],
        );

        self::assertSame(['Q1'], $best->unserved);
        self::assertNull($best->of('Q1'));
        self::assertSame('R1', $best->of('Q3')?->from);
    }

    public function testKindsAndOwnersStayApart(): void
    {
        $wool = new Need('Q1', BattingKind::Wool, Length::inches(50), Length::inches(50), 'ann');
        $things = [
            new Piece('cotton', BattingKind::Cotton, Length::inches(60), Length::inches(60)),
            new Piece('of-bea', BattingKind::Wool, Length::inches(60), Length::inches(60), 'bea'),
        ];

        self::assertSame(['Q1'], self::assign([], $things, [$wool])->unserved);
        $ann = new Piece('of-ann', BattingKind::Wool, Length::inches(60), Length::inches(60), 'ann');
        self::assertSame('of-ann', self::assign([], [...$things, $ann], [$wool])->of('Q1')?->from);
    }

    public function testItIsAsGoodAsTryingEveryWay(): void
    {
        for ($seed = 0; $seed < 200; ++$seed) {
            $shelves = Shelves::random($seed, 1 + ($seed % 7), $seed % 5, $seed % 4, [0.3, 0.6, 1][$seed % 3]);
            $best = self::assign($shelves->rolls, $shelves->pieces, $shelves->needs);

            self::assertTrue($best->provedBest, "seed $seed");
            self::assertSame($shelves->bestOfAll(), $shelves->worth($best), "seed $seed");
        }
    }

    #[Group('slow')]
    public function testOfVeryManyNothingIsUsedTwiceAndNoneIsWorseThanInTurn(): void
    {
        for ($seed = 0; $seed < 24; ++$seed) {
            $shelves = Shelves::random($seed, 40, 60, 6, [0.1, 0.5, 1, 3][$seed % 4], 1 + ($seed % 3));
            $inTurn = $shelves->inTurn();

            foreach ([AssignmentRule::EFFORT, 0] as $effort) {
                $best = (new AssignmentRule($effort))->assign($shelves->rolls, $shelves->pieces, $shelves->needs);
                self::assertLessThanOrEqual($inTurn, $shelves->worth($best), "seed $seed, effort $effort");
            }
        }
    }

    public function testWhatWasNotProvedSaysSo(): void
    {
        $shelves = Shelves::random(1, 40, 60, 6, 0.3);

        self::assertFalse(
            (new AssignmentRule(0))->assign($shelves->rolls, $shelves->pieces, $shelves->needs)->provedBest,
        );
        $plenty = [self::roll('R1', 120, 3600)];
        self::assertTrue((new AssignmentRule(0))->assign($plenty, [], [self::need('Q1', 80, 90)])->provedBest);
    }

    public function testCutsOfHugeClothStayWholeNumbers(): void
    {
        $needs = array_map(static fn(int $i): Need => self::need("Q$i", 290 + $i / 8, 300), range(1, 40));
        $pieces = array_map(static fn(int $i): Piece => self::piece("P$i", 300, 300), range(1, 20));
        $best = self::assign([self::roll('R1', 300, 3000)], $pieces, $needs);

        self::assertCount(10, $best->unserved);
    }

    public function testWhatHasToBeBoughtNamesTheRollThatRunsOut(): void
    {
        $rolls = [self::roll('wide', 110, 100), self::roll('R1', 96, 100)];
        $needs = [
            self::need('Q1', 80, 95),
            self::need('Q2', 80, 95),
            self::need('Q3', 80, 95),
            self::need('Q4', 120, 130),
        ];
        $best = self::assign($rolls, [], $needs);

        self::assertEquals(
            [new Buy($needs[2], 'R1'), new Buy($needs[3], null)],
            (new RunOutRule())->buy(
                new Assignment(\array_slice($best->cuts, 0, 2), ['Q3', 'Q4'], 0, 0, true),
                $rolls,
                $needs,
            ),
        );
        self::assertSame(['Q4'], \array_slice($best->unserved, -1));
    }

    public function testTheCommandAddsItsResult(): void
    {
        [$code, $out] = self::answer([]);
        $answer = json_decode($out);

        self::assertSame(0, $code);
        self::assertInstanceOf(\stdClass::class, $answer);
        self::assertEquals(
            (object) [
                'cuts' => [
                    (object) [
                        'need' => 'Q1',
                        'from' => 'R1',
                        'turned' => true,
                        'cut' => (object) ['mm' => 1879.6, 'text' => '74 in'],
                    ],
                    (object) ['need' => 'Q3', 'from' => 'P1', 'turned' => false, 'cut' => null],
                ],
                'unserved' => ['Q2'],
                'new_cloth_m2' => 4.5832,
                'left_over_m2' => 0.9677,
                'proved_best' => true,
            ],
            $answer->result,
        );
        self::assertTrue((new Validator())->validate($answer, (string) file_get_contents(self::SCHEMA))->isValid());
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('faults')]
    public function testFaultsAreToldAtTheirPlace(array $changes, string $line): void
    {
        [$code, , $errors] = self::answer($changes);

        self::assertSame(2, $code);
        self::assertStringContainsString($line, $errors);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        $roll = ['id' => 'R1', 'kind' => 'cotton', 'width' => '96 in', 'length' => '300 in'];
        yield 'below zero' => [
            ['rolls' => [['length' => '-3 in'] + $roll]],
            '/rolls/0/length: "-3 in" cannot be here.',
        ];
        yield 'no kind' => [['rolls' => [['kind' => 'felt'] + $roll]], '/rolls/0/kind: "felt" cannot be here.'];
        yield 'an id twice' => [['pieces' => [$roll]], '/pieces/0/id: "R1" cannot be here.'];
        yield 'longer than any roll' => [['rolls' => [['length' => '101 m'] + $roll]], 'up to 100 m'];
        yield 'wider than any quilt' => [['rolls' => [['width' => '301 in'] + $roll]], '/rolls/0/width: '];
        yield 'no needs at all' => [['needs' => 3], '/needs: 3 cannot be here.'];
        yield 'too many' => [['needs' => array_fill(0, 201, ['id' => 'Q'])], 'Accepted is up to 200 of them.'];
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array{int, string, string}
     */
    private static function answer(array $changes): array
    {
        $document = [
            'format' => 'schwung/shelf',
            'version' => 1,
            'units' => 'in',
            'rolls' => [['id' => 'R1', 'kind' => 'cotton', 'width' => '96 in', 'length' => '100 in']],
            'pieces' => [['id' => 'P1', 'kind' => 'wool', 'width' => '70 in', 'length' => '90 in', 'of' => 'ann']],
            'needs' => [
                ['id' => 'Q1', 'kind' => 'cotton', 'across' => '74 in', 'along' => '93 in'],
                ['id' => 'Q2', 'kind' => 'wool', 'across' => '40 in', 'along' => '50 in'],
                ['id' => 'Q3', 'kind' => 'wool', 'across' => '60 in', 'along' => '80 in', 'of' => 'ann'],
            ],
        ];

        return Commands::run('schwung:shelf', json_encode([...$document, ...$changes], \JSON_THROW_ON_ERROR));
    }

    /**
     * @param list<Roll>  $rolls
     * @param list<Piece> $pieces
     * @param list<Need>  $needs
     */
    private static function assign(array $rolls, array $pieces, array $needs): Assignment
    {
        return (new AssignmentRule())->assign($rolls, $pieces, $needs);
    }

    private static function roll(string $id, float $width, float $length): Roll
    {
        return new Roll($id, BattingKind::Cotton, Length::inches($width), Length::inches($length));
    }

    private static function piece(string $id, float $width, float $length): Piece
    {
        return new Piece($id, BattingKind::Cotton, Length::inches($width), Length::inches($length));
    }

    private static function need(string $id, float $across, float $along): Need
    {
        return new Need($id, BattingKind::Cotton, Length::inches($across), Length::inches($along));
    }
}
