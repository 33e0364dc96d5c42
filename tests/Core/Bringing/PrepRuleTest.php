<?php

declare(strict_types=1);

namespace Tests\Core\Bringing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Bringing\BoltCut;
use Schwung\Core\Bringing\Brought;
use Schwung\Core\Bringing\PrepCard;
use Schwung\Core\Bringing\PrepRule;
use Schwung\Core\Bringing\Profile;
use Schwung\Core\Bringing\Usual;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Tests\Core\Jobs;

#[CoversClass(PrepRule::class)]
#[CoversClass(PrepCard::class)]
#[CoversClass(BoltCut::class)]
#[CoversClass(Profile::class)]
#[CoversClass(Usual::class)]
#[CoversClass(Brought::class)]
final class PrepRuleTest extends TestCase
{
    /** A top of 68 ⅛ × 87 ¼ with four inches on every side. */
    public function testABackingIsAskedForInWholeInchesRoundedUp(): void
    {
        $card = self::card();

        self::assertSame([68.125, 87.25], self::inches($card->topAcross, $card->topAlong));
        self::assertSame([77.0, 96.0], self::inches($card->backingAcross->length(), $card->backingAlong->length()));
        self::assertSame([4.4375, 4.375], self::inches($card->showsAcross(), $card->showsAlong()));
    }

    public function testBattingCoversAndStaysInsideTheBacking(): void
    {
        $card = self::card();

        foreach (
            [
                [$card->topAcross, $card->battingAcross, $card->backingAcross],
                [$card->topAlong, $card->battingAlong, $card->backingAlong],
            ]
            as [$top, $batting, $backing]
        ) {
            self::assertTrue($batting->length()->isLongerThan($top));
            self::assertTrue($batting->length()->isShorterThan($backing->length()));
        }
    }

    public function testWhatTheirBackingsUsuallyLackIsAskedForOnTop(): void
    {
        $profile = Profile::of([self::brought(2.0, 0.0), self::brought(3.0, 0.0), self::brought(2.5, 0.0)]);
        $card = self::card(profile: $profile);

        // 76 ⅛ and the 2 ½ that are usually missing; along nothing ever is.
        self::assertSame([79.0, 96.0], self::inches($card->backingAcross->length(), $card->backingAlong->length()));
        self::assertSame('the last 3 quilts', \array_slice($card->backingAcross->terms, -1)[0]->source);
        self::assertNotSame('the last 3 quilts', \array_slice($card->backingAlong->terms, -1)[0]->source);
    }

    public function testWhoeverLacksNothingIsAskedForNothingMore(): void
    {
        $card = self::card(profile: Profile::of(array_fill(0, 3, self::brought(0.0, 0.0))));

        self::assertNull($card->profile);
        self::assertSame(77.0, $card->backingAcross->length()->toInches());
    }

    public function testInMetricWholeCentimetresAndBoltsAreAskedFor(): void
    {
        $card = self::card(UnitSystem::Centimetres);

        self::assertSame(1940.0, $card->backingAcross->length()->toMillimetres());
        self::assertSame(
            [2750.0, 1500.0, 1100.0],
            array_map(static fn(BoltCut $cut): float => $cut->bolt->toMillimetres(), $card->bolts),
        );
    }

    public function testEachBoltCoversWhatIsAskedFor(): void
    {
        foreach (UnitSystem::cases() as $units) {
            foreach (self::card($units)->bolts as $cut) {
                $bought = array_sum(
                    array_map(static fn(Length $length): float => $length->toInches(), $cut->plan->cuts),
                );
                self::assertGreaterThanOrEqual($bought, $cut->plan->toBuy->toInches());
                self::assertGreaterThan(77 * 96, $bought * $cut->bolt->toInches());
            }
        }
        $wide = self::card()->bolts[0]->plan;
        self::assertSame([108.0, 1, []], [$wide->bolt->toInches(), \count($wide->cuts), $wide->seams]);
        self::assertCount(1, self::card()->bolts[1]->plan->seams);
    }

    public function testOfSeveralFramesEachSideIsTheLargestThatOneNeeds(): void
    {
        $six = Jobs::prepared(['load/margins' => 'short-frame']);
        $alone = (new PrepRule(UnitSystem::Inches))->card([['Long', $six]]);
        $card = (new PrepRule(UnitSystem::Inches))->card([['Short', Jobs::prepared([])], ['Long', $six]]);

        self::assertSame($alone->backingAcross->length()->nanometres, $card->backingAcross->length()->nanometres);
        self::assertTrue($card->backingAcross->length()->isLongerThan(Length::inches(77)));
    }

    #[DataProvider('rails')]
    public function testAFrameOnWhichItCannotLieIsNamed(string $rail, bool $isTooNarrow): void
    {
        $card = (new PrepRule(UnitSystem::Inches))->card([
            [
                'Narrow',
                Jobs::prepared([
                    'frame/rail' => $rail,
                    'frame/unreachable_left' => '0 in',
                    'frame/unreachable_right' => '0 in',
                ]),
            ],
        ]);

        self::assertSame($isTooNarrow ? ['Narrow'] : [], $card->tooWideFor);
    }

    /** @return iterable<string, array{string, bool}> the shorter side of the top is 68 ⅛ in */
    public static function rails(): iterable
    {
        yield 'just as wide' => ['68 1/8 in', false];
        yield 'a hair too narrow' => ['68 in', true];
    }

    public function testOnPolesNothingIsTooWide(): void
    {
        $card = (new PrepRule(UnitSystem::Inches))->card([
            ['Window', Jobs::prepared(['frame/kind' => 'clamp', 'frame/rail' => '40 in'])],
        ]);

        self::assertSame([], $card->tooWideFor);
    }

    public function testTwoQuiltsTeachNothing(): void
    {
        self::assertNull(Profile::of([self::brought(2.0, 1.0), self::brought(2.0, 1.0)]));
    }

    public function testAProfileHasMeansAndSpreads(): void
    {
        $profile = Profile::of([self::brought(1.0, 0.0), self::brought(2.0, 0.5), self::brought(3.0, 1.0)]);

        self::assertNotNull($profile);
        self::assertSame([2.0, 0.5], self::inches($profile->lackedAcross->mean, $profile->lackedAlong->mean));
        self::assertSame([1.0, 0.5], self::inches($profile->lackedAcross->spread, $profile->lackedAlong->spread));
        self::assertSame(0.75, $profile->lost->mean->toInches());
        self::assertEqualsWithDelta(0.01, $profile->fullness, 1e-9);
        self::assertSame(3, $profile->restsOn);
    }

    public function testWhatWasBroughtIsReadOffAPlan(): void
    {
        $short = Jobs::prepared([
            'backing/diagonal' => null,
            'backing/sides' => ['top' => '72 in', 'right' => '96 in', 'bottom' => '72 in', 'left' => '96 in'],
        ])->plan();
        $enough = Jobs::prepared([])->plan();
        self::assertNotNull($short);
        self::assertNotNull($enough);

        self::assertEqualsWithDelta(4.125, Brought::in($short)->lackedAcross->toInches(), 0.01);
        self::assertSame(0, Brought::in($enough)->lackedAcross->nanometres);
    }

    private static function card(UnitSystem $units = UnitSystem::Inches, ?Profile $profile = null): PrepCard
    {
        return (new PrepRule($units))->card([['North', Jobs::prepared([])]], $profile);
    }

    private static function brought(float $across, float $along): Brought
    {
        return new Brought(Length::inches($across), Length::inches($along), Length::inches(0.75), 0.01);
    }

    /** @return list<float> */
    private static function inches(Length ...$lengths): array
    {
        return array_map(static fn(Length $length): float => round($length->toInches(), 4), array_values($lengths));
    }
}
