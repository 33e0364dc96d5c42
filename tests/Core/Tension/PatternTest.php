<?php

declare(strict_types=1);

namespace Tests\Core\Tension;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Tension\PatternRule;
use Schwung\Core\Tension\Sighting;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Zone;

#[CoversClass(PatternRule::class)]
#[CoversClass(Zone::class)]
final class PatternTest extends TestCase
{
    public function testWhatComesBackOnOneFrameIsAPattern(): void
    {
        $patterns = (new PatternRule())->find($this->loads(), $this->seen(['n8', 'n10', 'n11', 'n12']));

        self::assertCount(1, $patterns);
        self::assertSame('north', $patterns[0]->frame);
        self::assertSame(['n8', 'n10', 'n11', 'n12'], $patterns[0]->sightings);
        self::assertSame(
            'The middle hangs, centre, on 4 of the last 12 loads, whatever was on it.',
            $patterns[0]->sentence(),
        );
        self::assertLessThan(0.05, $patterns[0]->p);
    }

    /** @param list<string> $on */
    #[DataProvider('noPatterns')]
    public function testWhatIsNoPatternIsNotCalledOne(array $on): void
    {
        self::assertSame([], (new PatternRule())->find($this->loads(), $this->seen($on)));
    }

    /** @return iterable<string, array{list<string>}> */
    public static function noPatterns(): iterable
    {
        yield 'seen twice only' => [['n11', 'n12']];
        yield 'seen everywhere as often' => [['n2', 'n6', 'n11', 's2', 's6', 's11']];
        yield 'the same load told three times' => [['n12', 'n12', 'n12']];
        yield 'nothing seen' => [[]];
    }

    public function testSightingsThatAreSharedOutAtRandomAreNoPattern(): void
    {
        mt_srand(20_261_123);
        $loads = $this->loads();
        $all = array_merge(...array_values($loads));
        $found = 0;
        for ($round = 0; $round < 200; ++$round) {
            shuffle($all);
            $found += \count((new PatternRule())->find($loads, $this->seen(\array_slice($all, 0, 5))));
        }

        self::assertLessThanOrEqual(20, $found, 'on each of two frames no more often than the level of the test says');
    }

    public function testZonesAreThirdsOfTheQuilt(): void
    {
        self::assertSame(
            [Zone::Left, Zone::Centre, Zone::Centre, Zone::Right],
            array_map(static fn(float $x): Zone => Zone::at($x, 60), [-10.1, -10, 10, 10.1]),
        );
    }

    /** @return array{north: list<string>, south: list<string>} twelve loads each */
    private function loads(): array
    {
        $of = static fn(string $letter): array => array_map(static fn(int $i): string => $letter . $i, range(1, 12));

        return ['north' => $of('n'), 'south' => $of('s')];
    }

    /**
     * @param list<string> $on
     *
     * @return list<Sighting>
     */
    private function seen(array $on): array
    {
        return array_map(
            static fn(string $load): Sighting => new Sighting($load, Symptom::CentreDip, Zone::Centre),
            $on,
        );
    }
}
