<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\CustomMargins;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\LaidRule;
use Schwung\Core\Sizing\LoadRemedies;
use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Sizing\RemedyFinder;
use Schwung\Core\Sizing\UsableBacking;
use Tests\Core\Frames;
use Tests\Core\Jobs;

/** What is really laid of a backing, and the ways out that follow; top 64 in × 78 in as it is, pins, full float. */
#[CoversClass(LaidRule::class)]
#[CoversClass(LoadRemedies::class)]
#[CoversClass(RemedyFinder::class)]
final class LaidTest extends TestCase
{
    /**
     * @param array{float, float, float, float} $laid     lead, tail, left, right in inches
     * @param list<string>                      $remedies
     */
    #[DataProvider('backings')]
    public function testWhatIsOverIsSharedAndWhatIsMissingTooAndTheWaysOutFollow(
        float $across,
        float $along,
        Load $load,
        array $laid,
        string $state,
        array $remedies,
    ): void {
        [$check, $found] = self::tried($across, $along, $load);

        self::assertEqualsWithDelta(
            $laid,
            array_map(static fn($margin): float => $margin->length()->toInches(), array_values($check->laid->byEdge())),
            1e-6,
        );
        self::assertSame($state, $check->state()->value);
        self::assertSame($remedies, array_map(static fn(Remedy $remedy): string => $remedy->kind->value, $found));
    }

    /** @return iterable<string, array{float, float, Load, array{float, float, float, float}, string, list<string>}> */
    public static function backings(): iterable
    {
        $four = new Load();
        $in = Length::inches(...);
        $custom = new Load(school: MarginSchool::Custom, custom: new CustomMargins($in(5), $in(3), $in(2), $in(4)));
        yield 'more than enough' => [77, 95, $four, [4, 13, 6.5, 6.5], 'fits', []];
        yield 'short across' => [67, 90, $four, [4, 8, 1.5, 1.5], 'short', ['extend', 'turn', 'ask-client']];
        yield 'tight along' => [74, 84.5, $four, [3.25, 3.25, 5, 5], 'tight', ['worked-out', 'extend', 'ask-client']];
        yield 'short along, the lead keeps what its hold needs' => [
            74,
            80,
            $four,
            [1.5, 0.5, 5, 5],
            'short',
            ['extend', 'ask-client'],
        ];
        yield 'margins by hand, each side another' => [76, 93, $custom, [5, 10, 5, 7], 'fits', []];
        yield 'magnets want more at the lead' => [
            75,
            88,
            new Load(lead: HoldingSystem::Magnets),
            [5, 5, 5.5, 5.5],
            'fits',
            [],
        ];
        yield 'just as asked' => [72, 86, $four, [4, 4, 4, 4], 'fits', []];
        yield 'a sixteenth below what was asked' => [
            71.9375,
            86,
            $four,
            [4, 4, 3.96875, 3.96875],
            'tight',
            ['worked-out', 'extend', 'ask-client'],
        ];
        yield 'measured the other way round' => [
            86,
            72,
            $four,
            [1.5, -7.5, 11, 11],
            'short',
            ['swap', 'extend', 'ask-client'],
        ];
        // 64 in and twice 3.39 in are 70.78 in, floating twice 3.78 in are 71.56 in.
        yield 'enough for a top that is held' => [
            71,
            86,
            $four,
            [4, 4, 3.5, 3.5],
            'short',
            ['extend', 'turn', 'float', 'ask-client'],
        ];
    }

    public function testWhatTheLeadKeepsIsSaidOfItsHoldByName(): void
    {
        [$check] = self::tried(74, 80, new Load(lead: HoldingSystem::ChannelClips, tail: HoldingSystem::Zip));
        $sources = array_column($check->laid->lead->terms, 'source', 'name');

        self::assertSame('channel clips', $sources['needed by the hold']);
    }

    public function testATopWithoutARollerIsNotHeldByIt(): void
    {
        [, $found] = self::tried(71, 86, new Load(float: FloatKind::Part));

        self::assertNotContains(
            'float',
            array_map(static fn(Remedy $remedy): string => $remedy->kind->value, $found),
            'it is held already',
        );
    }

    public function testEveryWayOutIsBetterThanNowAndSaysWhatItComesTo(): void
    {
        foreach (self::backings() as [$across, $along, $load]) {
            [$check, $found] = self::tried($across, $along, $load);
            foreach (\array_slice($found, 0, -1) as $remedy) {
                self::assertTrue($remedy->state->isBetterThan($check->state()));
            }
            $states = array_map(
                static fn(Remedy $remedy): string => $remedy->state->value,
                \array_slice($found, 0, -1),
            );
            $sorted = $states;
            sort($sorted);
            self::assertSame($sorted, $states, 'those that fit come first');
        }
    }

    /** @return array{\Schwung\Core\Sizing\BackingCheck, list<Remedy>} */
    private static function tried(float $across, float $along, Load $load): array
    {
        $job = new Job(
            title: 'any',
            units: UnitSystem::Inches,
            top: Jobs::top(64, 78),
            backing: Jobs::backing($across, $along),
            batting: null,
            frame: Frames::of(),
            load: $load,
        );
        $cloth = UsableBacking::of($job->backing);
        $check = (new BackingRule(new Practice()))->check($job->top, $cloth, $load, Direction::AsIs);

        return [$check, (new RemedyFinder(new Practice()))->find($job, $cloth, Direction::AsIs, $check)];
    }
}
