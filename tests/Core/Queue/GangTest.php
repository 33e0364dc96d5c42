<?php

declare(strict_types=1);

namespace Tests\Core\Queue;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\Length;
use Schwung\Core\Queue\Gang;
use Schwung\Core\Queue\GangRule;
use Schwung\Core\Queue\GangTop;

/** Small quilts side by side on one backing; gaps of four inches. */
#[CoversClass(Gang::class)]
#[CoversClass(GangRule::class)]
#[CoversClass(GangTop::class)]
final class GangTest extends TestCase
{
    use TestTrait;

    public function testThreeSmallOnesFitSideBySide(): void
    {
        $gangs = self::rule()->find(
            [self::top('b', 30, 36), self::top('a', 36, 40), self::top('c', 34, 38), self::top('large', 90, 100)],
            ['north' => Length::inches(112)],
        );

        self::assertCount(1, $gangs);
        self::assertSame(['a', 'c', 'b'], $gangs[0]->ids(), 'the deepest first');
        self::assertEqualsWithDelta(108, $gangs[0]->across()->toInches(), 1e-6);
        self::assertEqualsWithDelta(40, $gangs[0]->along()->toInches(), 1e-6);
        self::assertSame(
            [-36.0, 3.0, 39.0],
            array_map(static fn(Length $middle): float => round($middle->toInches(), 6), $gangs[0]->stations()),
        );
    }

    public function testTheRowEndsWhereTheReachDoes(): void
    {
        $tops = [self::top('a', 50, 60), self::top('b', 50, 60)];

        self::assertCount(1, self::rule()->find($tops, ['north' => Length::inches(104)]));
        self::assertSame([], self::rule()->find($tops, ['north' => Length::inches(103.9)]), 'the gap counts');
    }

    public function testWhatDiffersIsNotLoadedTogether(): void
    {
        $reach = ['north' => Length::inches(120)];
        $top = self::top('a', 40, 60);
        foreach (
            [
                'another batting' => self::top('b', 40, 60, alike: 'wool'),
                'due much later' => self::top('b', 40, 60, due: 11),
                'much shorter' => self::top('b', 40, 39.9),
                'on another frame' => self::top('b', 40, 60, frames: ['attic']),
            ]
            as $why => $other
        ) {
            self::assertSame([], self::rule()->find([$top, $other], $reach), $why);
        }
        self::assertCount(1, self::rule()->find([$top, self::top('b', 40, 40.1, due: 10)], $reach));
    }

    public function testNoTopIsInTwoAndNoRowIsWiderThanTheReach(): void
    {
        $this->forAll(Generators::seq(Generators::choose(10, 90)))->then(static function (array $widths): void {
            $tops = [];
            foreach (array_values($widths) as $i => $width) {
                self::assertIsInt($width);
                $tops[] = self::top("t$i", $width, 30 + ($width % 20));
            }
            $gangs = self::rule()->find($tops, ['north' => Length::inches(110), 'attic' => Length::inches(70)]);
            $ids = array_merge([], ...array_map(static fn(Gang $gang): array => $gang->ids(), $gangs));
            self::assertSame($ids, array_values(array_unique($ids)));
            foreach ($gangs as $gang) {
                self::assertLessThanOrEqual('north' === $gang->frame ? 110 : 70, $gang->across()->toInches());
                self::assertGreaterThan(1, \count($gang->tops));
            }
        });
    }

    private static function rule(): GangRule
    {
        return new GangRule(Length::inches(4));
    }

    /** @param list<string> $frames */
    private static function top(
        string $id,
        float $across,
        float $along,
        string $alike = 'cotton',
        int $due = 0,
        array $frames = ['north'],
    ): GangTop {
        return new GangTop($id, Length::inches($across), Length::inches($along), $alike, $due, $frames);
    }
}
