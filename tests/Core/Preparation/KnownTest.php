<?php

declare(strict_types=1);

namespace Tests\Core\Preparation;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Design\StitchPath;
use Schwung\Core\Preparation\ChosenDesign;
use Schwung\Core\Preparation\DrawingIn;
use Schwung\Core\Preparation\Known;
use Schwung\Core\Preparation\Preparation;
use Tests\Core\Jobs;

/** What is told of a quilt apart from its plan. */
#[CoversClass(Known::class)]
#[CoversClass(DrawingIn::class)]
#[CoversClass(Preparation::class)]
final class KnownTest extends TestCase
{
    public function testABattingThatCoversIsNotWanted(): void
    {
        $covered = Jobs::prepared([]);

        self::assertFalse($covered->lacksBatting());
        self::assertNull($covered->battingWanted());
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('lacking')]
    public function testWhatCoversIsSaidWhereNothingDoes(array $changes): void
    {
        $lacking = Jobs::prepared($changes);
        $wanted = $lacking->battingWanted();

        self::assertTrue($lacking->lacksBatting());
        self::assertNotNull($wanted);
        // Top 68 1/8 by 87 1/4, two inches beyond it all round.
        self::assertEqualsWithDelta(
            [72.125, 91.25],
            array_map(static fn($one): float => $one->toInches(), $wanted),
            1e-6,
        );
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function lacking(): iterable
    {
        yield 'none is there' => [['batting' => null]];
        yield 'too narrow' => [['batting/width' => '60 in']];
        yield 'too short by an eighth' => [['batting/length' => '91 1/8 in']];
    }

    public function testPiecesThatCoverMakeUpForAShortBatting(): void
    {
        $pieced = Jobs::prepared([
            'batting/width' => '60 in',
            'desk/pieces' => "45 x 93\n40 x 93",
        ]);

        self::assertFalse($pieced->lacksBatting());
        self::assertNull($pieced->battingWanted());
        self::assertSame([1, 1], $pieced->pieceAdvances());
        self::assertSame([], Jobs::prepared([])->pieceAdvances());
    }

    public function testDrawingInGoesByLoftAndStitching(): void
    {
        $preparation = Jobs::prepared([]);
        $setup = $preparation->setup();

        self::assertEqualsWithDelta(3.0, DrawingIn::loft($preparation), 1e-9);
        self::assertNull(DrawingIn::loft(Jobs::prepared(['batting' => null])));
        self::assertNotNull($setup);
        self::assertEqualsWithDelta(
            $setup->thread->stitched->toMillimetres() / (68.125 * 25.4) / (87.25 * 25.4),
            DrawingIn::density($setup),
            1e-9,
        );
    }

    public function testADesignIsLaidOverTheRowsOfTheQuilt(): void
    {
        $design = new class implements ChosenDesign {
            public function path(): StitchPath
            {
                return StitchPath::fromPathData('M 0 0 L 50 40 L 100 0');
            }
        };
        $laidOn = static fn(Preparation $quilt): Preparation => new Preparation(
            new Known(parts: $quilt->known->parts, design: $design),
        );

        self::assertNotNull($laidOn(Jobs::prepared([]))->laid());
        self::assertNull(Jobs::prepared([])->laid(), 'none is chosen');
        self::assertNull($laidOn(Jobs::prepared(['quilting' => null]))->laid(), 'there are no rows');
        self::assertEqualsWithDelta(7.7677, $laidOn(Jobs::prepared([]))->largestGap()?->toInches(), 1e-4);
        self::assertNull(Jobs::prepared([])->largestGap());
    }
}
