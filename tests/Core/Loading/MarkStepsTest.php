<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Exchange\MarksReader;
use Schwung\Core\Frame\Foot;
use Schwung\Core\Loading\ChosenFoot;
use Schwung\Core\Loading\MarkSteps;
use Schwung\Core\Loading\Step;
use Schwung\Core\Material\Mark;
use Schwung\Core\Material\MarkedCloth;
use Schwung\Core\Material\MarkKind;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\Preparation;
use Tests\Core\Jobs;

/** The top is 68 ⅛ × 87 ¼; rows of 8 in on a throat of 20. */
#[CoversClass(MarkSteps::class)]
#[CoversClass(Mark::class)]
#[CoversClass(MarkKind::class)]
#[CoversClass(MarkedCloth::class)]
#[CoversClass(MarksReader::class)]
final class MarkStepsTest extends TestCase
{
    /** @param array<string, string> $wish which edge leads */
    #[DataProvider('ways')]
    public function testAMarkIsMindedAtItsPassAndAtNoOther(array $wish, string $place): void
    {
        $told = self::cautions(Jobs::prepared(['top/marks' => [self::mark()], ...$wish]));
        $here = array_filter($told, static fn(string $caution): bool => str_contains($caution, 'A stain'));

        self::assertCount(1, $here);
        self::assertStringStartsWith("A stain, $place: no steam and no iron on it.", array_values($here)[0]);
    }

    /** @return iterable<string, array{array<string, string>, string}> 10 in from the left, 30 in from the top */
    public static function ways(): iterable
    {
        yield 'the top leads' => [['load/direction' => 'as-is'], '10 in from the left, 30 in from the lead edge'];
        yield 'the bottom leads' => [
            ['load/direction' => 'auto', 'load/lead_edge' => 'bottom'],
            '58 ⅛ in from the left, 57 ¼ in from the lead edge',
        ];
        yield 'turned, the left leads' => [
            ['load/direction' => 'turned'],
            '57 ¼ in from the left, 10 in from the lead edge',
        ];
        yield 'turned, the right leads' => [
            ['load/direction' => 'auto', 'load/lead_edge' => 'right'],
            '30 in from the left, 58 ⅛ in from the lead edge',
        ];
    }

    /**
     * Of a quilt that is turned round in the middle, the second half counts from the tail edge, and left is the other
     * side.
     */
    public function testTurnedRoundTheOtherHalfCountsFromItsTail(): void
    {
        $preparation = Jobs::prepared([
            'top/marks' => [self::mark(['along' => '80 in'])],
            'load/direction' => 'as-is',
            'desk/turn_round' => true,
        ]);
        self::assertTrue($preparation->winding()?->isTurnedRound);
        $told = array_filter(
            self::cautions($preparation),
            static fn(string $caution): bool => str_contains($caution, 'A stain'),
        );

        self::assertCount(1, $told);
        self::assertStringStartsWith(
            'A stain, 58 ⅛ in from the left, 7 ¼ in from the tail edge:',
            array_values($told)[0],
        );
    }

    public function testEveryMarkLiesInOneBed(): void
    {
        foreach ([0.0, 12.5, 43.0, 80.0, 87.25] as $along) {
            $marks = [self::mark(['along' => "$along in"])];
            $told = self::cautions(Jobs::prepared(['top/marks' => $marks, 'load/direction' => 'as-is']));

            self::assertCount(
                1,
                array_filter($told, static fn(string $caution): bool => str_contains($caution, 'A stain')),
                "$along in",
            );
        }
    }

    public function testWhatCanBeMendedIsMendedFirstAndTakesItsMinutes(): void
    {
        $marks = [self::mark(['kind' => 'open-seam', 'note' => 'at the star']), self::mark(['kind' => 'hair'])];
        $step = self::step(Jobs::prepared(['top/marks' => $marks]), 'mend-marks');

        self::assertNotNull($step);
        self::assertSame(13.0, $step->minutes);
        self::assertStringContainsString(
            'An open seam (at the star), 10 in from the left edge and 30 in from the top edge: close it by hand or machine.',
            self::written($step->text->do),
        );
    }

    public function testWhatIsMendedOrCannotBeAsksForNoMending(): void
    {
        $marks = [self::mark(['kind' => 'open-seam', 'mended' => true]), self::mark()];

        self::assertNull(self::step(Jobs::prepared(['top/marks' => $marks]), 'mend-marks'));
        self::assertNull(self::step(Jobs::prepared([]), 'mend-marks'));
    }

    #[DataProvider('heights')]
    public function testTheFootIsWarnedOfWhatIsHigherThanItClears(string $thick, bool $isTooThick): void
    {
        $marks = [self::mark(['kind' => 'thick-spot', 'thick' => $thick])];
        $told = implode(' ', self::cautions(Jobs::prepared(['top/marks' => $marks])));

        self::assertSame($isTooThick, str_contains($told, 'the foot clears ¼ in: go round it'));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function heights(): iterable
    {
        yield 'as high as it clears' => ['1/4 in', false];
        yield 'higher' => ['5/16 in', true];
    }

    public function testManyMarksInABedAreCounted(): void
    {
        $told = self::cautions(Jobs::prepared(['top/marks' => array_fill(0, 5, self::mark())]));

        self::assertStringContainsString('2 more places are marked.', implode(' ', $told));
    }

    public function testAGluedPieceAsksForADisc(): void
    {
        $foot = static fn(string $kind): Foot => self::prepared($kind)->foot;

        self::assertSame(Foot::Disc, $foot('raised'));
        self::assertNotSame(Foot::Disc, $foot('stain'));
    }

    /** @param array<string, mixed> $mark */
    #[DataProvider('faults')]
    public function testAMarkThatCannotBeIsAFaultAtItsPlace(array $mark, string $pointer): void
    {
        try {
            (new JobReader())->read(Jobs::changed(['top/marks' => [$mark]]));
            self::fail('It was read.');
        } catch (FaultyDocument $faulty) {
            self::assertSame([$pointer], array_column($faulty->faults, 'pointer'));
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'no such kind' => [self::mark(['kind' => 'hole']), '/top/marks/0/kind'];
        yield 'beside the top' => [self::mark(['across' => '68 1/4 in']), '/top/marks/0/across'];
        yield 'below the top' => [self::mark(['along' => '88 in']), '/top/marks/0/along'];
        yield 'on no cloth' => [self::mark(['cloth' => 'batting']), '/top/marks/0/cloth'];
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    private static function mark(array $changes = []): array
    {
        return [...['kind' => 'stain', 'across' => '10 in', 'along' => '30 in'], ...$changes];
    }

    private static function prepared(string $kind): ChosenFoot
    {
        $setup = Jobs::prepared(['top/marks' => [self::mark(['kind' => $kind])]])->setup();
        self::assertNotNull($setup);

        return $setup->chosenFoot();
    }

    /** @return list<string> of every stitching step */
    private static function cautions(Preparation $preparation): array
    {
        $cautions = [];
        foreach ($preparation->steps()->steps ?? [] as $step) {
            if (str_ends_with($step->key, '-stitch') && null !== $step->text->caution) {
                $cautions[] = self::written($step->text->caution);
            }
        }

        return $cautions;
    }

    private static function step(Preparation $preparation, string $key): ?Step
    {
        foreach ($preparation->steps()->steps ?? [] as $step) {
            if ($key === $step->key) {
                return $step;
            }
        }

        return null;
    }

    private static function written(Phrase $phrase): string
    {
        return $phrase->writtenBy(new LengthWriter(UnitSystem::Inches));
    }
}
