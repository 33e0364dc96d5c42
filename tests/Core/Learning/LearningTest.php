<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Learning\ContractionRule;
use Schwung\Core\Learning\DriftLearnt;
use Schwung\Core\Learning\DriftSeen;
use Schwung\Core\Learning\Percentile;
use Schwung\Core\Learning\QuiltedTop;
use Schwung\Core\Learning\RatchetRule;
use Schwung\Core\Learning\StrainRule;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LineFit;

#[CoversClass(DriftLearnt::class)]
#[CoversClass(DriftSeen::class)]
#[CoversClass(Percentile::class)]
#[CoversClass(LineFit::class)]
#[CoversClass(ContractionRule::class)]
#[CoversClass(QuiltedTop::class)]
#[CoversClass(StrainRule::class)]
#[CoversClass(RatchetRule::class)]
final class LearningTest extends TestCase
{
    public function testEightLoadsTellWhatATopMayDrift(): void
    {
        $seen = array_map(
            static fn(int $i): DriftSeen => new DriftSeen(2000, (0 === $i % 2 ? -1 : 1) * 2 * $i),
            range(1, 8),
        );

        self::assertNull((new DriftLearnt())->allowance(\array_slice($seen, 1)), 'seven are too few');
        // 1 to 8 thousandths; the place of 90 % is 6.3 between the seventh and the eighth.
        self::assertEqualsWithDelta(0.0073, (new DriftLearnt())->allowance($seen), 1e-9);
        self::assertSame(
            [8, 7, 8],
            array_map(DriftLearnt::perThousand(...), [0.0073, 0.007, 0.0070001]),
            'plans allow for no less',
        );
    }

    #[DataProvider('bounds')]
    public function testAnAllowanceHasBounds(float $part, float $allowed): void
    {
        self::assertEqualsWithDelta(
            $allowed,
            (new DriftLearnt())->allowance(array_fill(0, 8, new DriftSeen(1000, 1000 * $part))),
            1e-9,
        );
    }

    /** @return iterable<string, array{float, float}> */
    public static function bounds(): iterable
    {
        yield 'none at all' => [0.0, 0.002];
        yield 'just under the least' => [0.0019, 0.002];
        yield 'just over the least' => [-0.0021, 0.0021];
        yield 'just under the most' => [0.0199, 0.0199];
        yield 'just over the most' => [0.0201, 0.02];
    }

    public function testAPercentileLiesBetweenItsNeighbours(): void
    {
        self::assertSame(3.0, Percentile::median([5.0, 1.0, 3.0]));
        self::assertSame(2.0, Percentile::median([1.0, 3.0]));
        self::assertSame(7.0, Percentile::of([7.0], 0.9));
        self::assertEqualsWithDelta(4.6, Percentile::of([1.0, 2.0, 3.0, 4.0, 5.0], 0.9), 1e-9);
    }

    public function testALineKnowsHowFarOffItMayBe(): void
    {
        $line = LineFit::through([[0.0, 1.0], [1.0, 3.0], [2.0, 4.0], [3.0, 8.0]]);

        self::assertEqualsWithDelta(2.2, $line->slope, 1e-9);
        self::assertEqualsWithDelta(0.7, $line->at(0), 1e-9);
        // What is left over squares to 1.8 over two degrees of freedom: 0.9487; in the middle over the root of four.
        self::assertEqualsWithDelta(0.4743, $line->error(1.5), 1e-4);
        self::assertEqualsWithDelta(0.9487 * sqrt(0.25 + 0.45), $line->error(0), 1e-4);
        self::assertEqualsWithDelta(hypot(0.9487, 0.4743), $line->errorOfOne(1.5), 1e-4);
        self::assertSame(
            [0.0, 2.0],
            [LineFit::through([[1.0, 1.0], [1.0, 3.0]])->slope, LineFit::through([[1.0, 1.0], [1.0, 3.0]])->at(9)],
        );
    }

    public function testFiveQuiltsTellHowTheNextIsDrawnIn(): void
    {
        // c = 0.5 + 2 · loft · density across, 0.5 + 1 along.
        $top = static fn(float $loft, float $density): QuiltedTop => new QuiltedTop(
            $loft,
            $density,
            0.5 + 2 * $loft * $density,
            0.5 + $loft * $density,
        );
        $finished = [$top(2.5, 0.1), $top(3, 0.2), $top(6, 0.1), $top(6, 0.3), $top(2.5, 0.3)];
        $expected = (new ContractionRule())->expect($finished, 5, 0.2);

        self::assertEqualsWithDelta(2.5, $expected?->across, 1e-9);
        self::assertEqualsWithDelta(1.5, $expected?->along, 1e-9);
        self::assertEqualsWithDelta(0.0, $expected?->acrossError, 1e-6);
        self::assertSame(5, $expected?->quilts);
        self::assertNull((new ContractionRule())->expect(\array_slice($finished, 1), 5, 0.2), 'four are too few');
    }

    public function testTwoMarksTellTheStrain(): void
    {
        $rule = new StrainRule();
        $strain = $rule->strain(Length::inches(10), Length::inches(10.0625));

        self::assertEqualsWithDelta(0.00625, $strain, 1e-9);
        self::assertSame([true, false], [$rule->isTooMuch($strain, false), $rule->isTooMuch($strain, true)]);
        self::assertSame([false, false], [$rule->isTooMuch(0.005, false), $rule->isTooMuch(0.01, true)]);
        self::assertSame([true, true], [$rule->isTooMuch(0.0051, false), $rule->isTooMuch(0.0101, true)]);
        self::assertEqualsWithDelta((90 * 0.01) / 1.01, $rule->shrinksBack(Length::inches(90), 0.01)->toInches(), 1e-6);
    }

    public function testLayersPulledApartCurlRoundABow(): void
    {
        $rule = new StrainRule();
        $layers = Length::millimetres(3);

        self::assertEqualsWithDelta(200, $rule->curl(0.012, 0.002, $layers)?->toMillimetres(), 1e-6);
        self::assertEqualsWithDelta(200, $rule->curl(0.002, 0.012, $layers)?->toMillimetres(), 1e-6);
        self::assertNull($rule->curl(0.005, 0.003, $layers), 'a ruler cannot tell these apart');
    }

    #[DataProvider('marks')]
    public function testMarksThatCannotBeSoAreRefused(float $apart, float $loaded, ?string $message): void
    {
        if (null !== $message) {
            $this->expectExceptionMessage($message);
        }
        self::assertEqualsWithDelta(
            $loaded / max(1, $apart) - 1,
            (new StrainRule())->strain(Length::inches($apart), Length::inches($loaded)),
            1e-6,
        );
    }

    /** @return iterable<string, array{float, float, string|null}> */
    public static function marks(): iterable
    {
        yield 'on one point' => [0, 10, 'The two marks lie on one point'];
        yield 'hardly nearer' => [10, 9.951, null];
        yield 'nearer' => [10, 9.949, 'The marks stand nearer than on slack cloth'];
        yield 'far apart' => [10, 11.499, null];
        yield 'too far apart' => [10, 11.501, 'No cloth gives so much on a frame'];
    }

    public function testWordsOfFirmnessGetNumbers(): void
    {
        self::assertSame(
            [2 => [0.001, 1], 3 => [0.004, 3], 5 => [0.011, 2]],
            (new StrainRule())->inNumbers([[3, 0.003], [5, 0.01], [3, 0.004], [2, 0.001], [3, 0.009], [5, 0.012]]),
        );
    }

    public function testCountedClicksTellTheTeeth(): void
    {
        self::assertSame(24, (new RatchetRule())->teeth([[1.25, 30], [1.1, 26], [0.9, 22]])[1] ?? null);
        self::assertNull((new RatchetRule())->teeth([[1.25, 30], [1.1, 26]]));
        self::assertNull((new RatchetRule())->teeth([[0, 3], [0, 2], [0, 1]]));
    }
}
