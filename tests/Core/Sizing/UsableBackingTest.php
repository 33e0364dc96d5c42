<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Exception\ImpossibleQuadrilateral;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Quadrilateral;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\Angle;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\Balance;
use Schwung\Core\Sizing\Bound;
use Schwung\Core\Sizing\CentreFinder;
use Schwung\Core\Sizing\Side;
use Schwung\Core\Sizing\TrimLines;
use Schwung\Core\Sizing\Turns;
use Schwung\Core\Sizing\UsableBacking;
use Tests\Core\Jobs;

#[CoversClass(UsableBacking::class)]
#[CoversClass(Angle::class)]
#[CoversClass(Turns::class)]
#[CoversClass(TrimLines::class)]
#[CoversClass(Quadrilateral::class)]
#[CoversClass(CentreFinder::class)]
final class UsableBackingTest extends TestCase
{
    private const TENTH_OF_A_MICROMETRE = 0.0006;

    public function testTheCornersCloseTwoTrianglesOnTheDiagonal(): void
    {
        $outline = $this->crooked()->outline();

        self::assertEqualsWithDelta(73.285 * 25.4, $outline->bottomRight->x, 0.001);
        self::assertEqualsWithDelta(92.4841 * 25.4, $outline->bottomRight->y, 0.001);
        self::assertEqualsWithDelta(1.28541 * 25.4, $outline->bottomLeft->x, 0.001);
        self::assertEqualsWithDelta(92.24104 * 25.4, $outline->bottomLeft->y, 0.001);
    }

    public function testACrookedBackingGivesItsGreatestRectangle(): void
    {
        $fit = UsableBacking::of($this->crooked())->squaredUp();

        self::assertEqualsWithDelta(1828.904, $fit->across->toMillimetres(), self::TENTH_OF_A_MICROMETRE);
        self::assertEqualsWithDelta(2342.923, $fit->along->toMillimetres(), self::TENTH_OF_A_MICROMETRE);
        self::assertSame(0.0, $fit->turn);
    }

    public function testItsUsableSizesFollowTheWidthOrLengthWanted(): void
    {
        $cloth = UsableBacking::of($this->crooked());
        foreach ([68 => 2343.279, 70 => 2343.107, 72 => 2342.936, 73 => 1564.084, 74 => 782.042] as $width => $length) {
            self::assertEqualsWithDelta(
                $length,
                (float) $cloth->longestAt(Length::inches($width))?->toMillimetres(),
                self::TENTH_OF_A_MICROMETRE,
            );
        }
        foreach ([86 => 1834.053, 90 => 1830.753] as $length => $width) {
            self::assertEqualsWithDelta(
                $width,
                (float) $cloth->widestAt(Length::inches($length))?->toMillimetres(),
                self::TENTH_OF_A_MICROMETRE,
            );
        }
        self::assertNull($cloth->longestAt(Length::inches(80)));
    }

    public function testSquaringUpHasItsPrice(): void
    {
        $cloth = UsableBacking::of($this->crooked());
        $fit = $cloth->squaredUp();

        self::assertEqualsWithDelta(76.096, $cloth->lostAcross($fit)->toMillimetres(), self::TENTH_OF_A_MICROMETRE);
        self::assertEqualsWithDelta(6.577, $cloth->lostAlong($fit)->toMillimetres(), self::TENTH_OF_A_MICROMETRE);
    }

    public function testTheTrimLinesSayWhatToCutAtEachEndOfEachSide(): void
    {
        $beyond = array_map(
            static fn(array $ends): array => [$ends[0]->toInches(), $ends[1]->toInches()],
            (new TrimLines())->beyond(UsableBacking::of($this->crooked())),
        );
        foreach (
            ['top' => [0, 0], 'right' => [1.71, -0.005], 'bottom' => [0, 0.243], 'left' => [1.285, 0]]
            as $side => $ends
        ) {
            // The rectangle of greatest area has almost no play; where it lies within that play is free.
            self::assertEqualsWithDelta($ends, $beyond[$side], 0.03, $side);
        }
    }

    public function testTheSlacksAreThoseAtTheOtherNeed(): void
    {
        $check = (new BackingRule(new Practice()))->check(
            Jobs::top(62, 80),
            UsableBacking::of($this->crooked()),
            new Load(school: MarginSchool::Three),
            Direction::AsIs,
        );

        // Taken at the need less the half millimetre that is forgiven.
        self::assertEqualsWithDelta(106.853, $check->slackAcross->length()->toMillimetres(), 0.02);
        self::assertEqualsWithDelta(158.879, $check->slackAlong->length()->toMillimetres(), 0.02);
    }

    public function testAShearedBackingIsSquaredAlongItsSides(): void
    {
        $cloth = UsableBacking::of(Jobs::crooked(78, 95, 78, 95, 124.25));
        $fit = $cloth->squaredUp();

        self::assertEqualsWithDelta(1980.712, $fit->across->toMillimetres(), self::TENTH_OF_A_MICROMETRE);
        self::assertEqualsWithDelta(2369.01, $fit->along->toMillimetres(), self::TENTH_OF_A_MICROMETRE);
        self::assertEqualsWithDelta(-1.2723, rad2deg($fit->turn), 1e-5);
        self::assertTrue($fit->isOffGrain());
        self::assertEqualsWithDelta(
            2409.04,
            (float) $cloth->longestAt(Length::inches(76))?->toMillimetres(),
            self::TENTH_OF_A_MICROMETRE,
        );
    }

    public function testWithoutADiagonalTheShorterSidesBoundIt(): void
    {
        $cloth = UsableBacking::of(
            new Backing(Length::inches(75), Length::inches(92.5), Length::inches(72), Length::inches(92.25)),
        );
        $fit = $cloth->squaredUp();

        self::assertSame(
            [72.0, 92.25, false],
            [$fit->across->toInches(), $fit->along->toInches(), $cloth->isSquareKnown],
        );
    }

    public function testTurningSwapsTheSizes(): void
    {
        $asIs = UsableBacking::of($this->crooked());
        $turned = $asIs->loaded(Direction::Turned);

        self::assertEquals($asIs->squaredUp()->across, $turned->squaredUp()->along);
        self::assertEquals($asIs->longestAt(Length::inches(70)), $turned->widestAt(Length::inches(70)));
    }

    public function testImpossibleMeasuresNameTheSides(): void
    {
        $this->expectException(ImpossibleQuadrilateral::class);
        $this->expectExceptionMessage('The diagonal and the top and right sides cannot close to a triangle.');
        Jobs::crooked(40, 50, 40, 50, 95)->outline();
    }

    public function testADentedClothNamesTheCorner(): void
    {
        $this->expectExceptionMessage('dented at its bottom-right corner');
        Jobs::crooked(100, 30, 30, 100, 80)->outline();
    }

    /** The bounds by Farkas' lemma against a slow search for a centre. */
    public function testWhatIsSaidToFitFitsAndAHairMoreDoesNot(): void
    {
        mt_srand(11);
        $tried = 0;
        while ($tried < 40) {
            $side = static fn(float $about): float => $about + mt_rand(-30, 30) / 10;
            try {
                $backing = Jobs::crooked($side(70), $side(90), $side(70), $side(90), $side(114));
                $cloth = UsableBacking::of($backing);
            } catch (ImpossibleQuadrilateral) {
                continue;
            }
            ++$tried;
            $width = Length::inches(mt_rand(400, 640) / 10);
            $longest = $cloth->longestAt($width);
            self::assertNotNull($longest);
            $turn = $cloth->turnAt($width);
            self::assertTrue(
                $this->hasCentre($backing, $width->toMillimetres(), $longest->toMillimetres() - 0.05, $turn),
            );
            foreach ([-0.03, 0.0, $turn, 0.03] as $anyTurn) {
                self::assertFalse(
                    $this->hasCentre($backing, $width->toMillimetres(), $longest->toMillimetres() + 0.5, $anyTurn),
                );
            }
        }
    }

    /** The search passes over stretches of angles; whoever tries all of them finds nothing better. */
    public function testNoAngleOfTheGridGivesMoreThanTheSearchFinds(): void
    {
        mt_srand(12);
        for ($tried = 0; $tried < 60; ++$tried) {
            $off = static fn(): float => mt_rand(-40, 40) / 8;
            try {
                $backing = Jobs::crooked(70 + $off(), 90 + $off(), 70 + $off(), 90 + $off(), hypot(70, 90) + $off());
                $cloth = UsableBacking::of($backing);
            } catch (ImpossibleQuadrilateral) {
                continue;
            }
            $angles = $this->everyAngle($backing);
            foreach ([40, 66, 70, 72.5] as $inches) {
                $size = Length::inches($inches);
                $longest = max(
                    array_map(static fn(Angle $angle): float => $angle->longestAt($size->toMillimetres()), $angles),
                );
                $widest = max(
                    array_map(static fn(Angle $angle): float => $angle->widestAt($size->toMillimetres()), $angles),
                );
                self::assertEqualsWithDelta(max(0, $longest), $cloth->longestAt($size)?->toMillimetres() ?? 0, 1e-5);
                self::assertEqualsWithDelta(max(0, $widest), $cloth->widestAt($size)?->toMillimetres() ?? 0, 1e-5);
                $turn = $cloth->turnAt($size);
                $atTurn = array_filter($angles, static fn(Angle $angle): bool => $angle->radians === $turn);
                self::assertEqualsWithDelta(
                    $longest,
                    (reset($atTurn) ?: $angles[0])->longestAt($size->toMillimetres()),
                    1e-5,
                );
            }
            $fit = $cloth->squaredUp();
            self::assertEqualsWithDelta(
                max(array_map(static fn(Angle $angle): float => array_product($angle->greatest()), $angles)),
                $fit->across->toMillimetres() * $fit->along->toMillimetres(),
                0.01,
            );
        }
    }

    /** @return non-empty-list<Angle> by 0.05° from −5° to 5°, and the sides' own */
    private function everyAngle(Backing $backing): array
    {
        $sides = Side::around($backing->outline());
        $turns = array_map(static fn(int $step): float => deg2rad($step * 0.05), range(-100, 100));
        foreach ($sides as $side) {
            if (abs($side->turn()) <= deg2rad(5)) {
                $turns[] = $side->turn();
            }
        }

        return array_map(
            static fn(float $turn): Angle => new Angle(
                $turn,
                array_map(static fn(Balance $balance): Bound => $balance->boundAt($turn), Balance::among($sides)),
            ),
            $turns,
        );
    }

    /** Whether the four sides moved inward leave a point: the meeting points of each two are tried. */
    private function hasCentre(Backing $backing, float $width, float $length, float $turn): bool
    {
        $sides = array_map(static function (Side $side) use ($width, $length, $turn): array {
            $n = $side->normal;

            return [
                $n,
                $side->offset +
                ($width / 2) * abs($n->x * cos($turn) + $n->y * sin($turn)) +
                ($length / 2) * abs(-$n->x * sin($turn) + $n->y * cos($turn)),
            ];
        }, Side::around($backing->outline()));
        foreach ($sides as $i => [$n, $k]) {
            foreach (\array_slice($sides, $i + 1) as [$m, $l]) {
                $determinant = $n->cross($m);
                if (abs($determinant) < 1e-9) {
                    continue;
                }
                [$x, $y] = [($k * $m->y - $l * $n->y) / $determinant, ($n->x * $l - $m->x * $k) / $determinant];
                if (
                    [] ===
                    array_filter(
                        $sides,
                        static fn(array $side): bool => $side[0]->x * $x + $side[0]->y * $y < $side[1] - 1e-6,
                    )
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    private function crooked(): Backing
    {
        return Jobs::crooked(75, 92.5, 72, 92.25, 118);
    }

    public function testTheQuickLookAtAnAngleIsNeverBelowItsGreatestRectangle(): void
    {
        foreach ([[1, 0.02, 2000], [1, 0, 1900], [0.9, 0.1, 1500]] as [$a, $b, $c]) {
            foreach ([[0.03, 1, 2400], [0, 1, 2300], [0.2, 0.8, 1700]] as [$d, $e, $f]) {
                $angle = new Angle(0.0, [new Bound($a, $b, $c), new Bound($d, $e, $f)]);
                [$width, $length] = $angle->greatest();

                self::assertGreaterThan(0, $width * $length);
                self::assertGreaterThanOrEqual($width * $length - 1e-6, $angle->mostArea());
            }
        }
        $upright = new Angle(0.0, [new Bound(1, 0, 1900), new Bound(0, 1, 2300)]);
        self::assertEqualsWithDelta(1900 * 2300, $upright->mostArea(), 1e-6, 'and it is exact where nothing is turned');
    }
}
