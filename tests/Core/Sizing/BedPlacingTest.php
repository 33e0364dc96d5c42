<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\Point;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\BedLayout;
use Schwung\Core\Sizing\BedPlacing;
use Schwung\Core\Sizing\Box;
use Tests\Core\Jobs;

/** Where everything lies on the bed: x from the middle of the top, y from its lead edge; here in inches. */
#[CoversClass(BedPlacing::class)]
#[CoversClass(BedLayout::class)]
#[CoversClass(Box::class)]
final class BedPlacingTest extends TestCase
{
    public function testABackingThatFitsLiesWithItsSpareSharedOut(): void
    {
        $layout = self::layout([
            ...Jobs::measures(60, 80),
            'load/direction' => 'as-is',
            'backing/diagonal' => '123 3/4 in',
        ]);

        self::assertBox([-30, 0, 30, 80], $layout->top);
        self::assertBox([-34, -4, 34, 84], $layout->required);
        // 78 × 96 in, 18 in more across and 8 more along than the 68 × 88 in that are needed, half on each side.
        self::assertCorners([[-39, -8], [39, -8], [39, 88], [-39, 88]], $layout->backing);
        self::assertBox([-37, -2, 37, 91], $layout->batting, '74 × 93 in, 2 in over the lead edge');
        // A seam 42 in from the backing's top runs from side to side.
        self::assertCorners([[-39, 34], [39, 34]], $layout->backingSeams[0]);
        self::assertEqualsWithDelta([6, 18.5], self::inches(array_column($layout->acrossSeams, 0)), 1e-6);
        self::assertSame(['border', 'block'], array_column($layout->acrossSeams, 1));
        self::assertEqualsWithDelta([-24], self::inches(array_column($layout->alongSeams, 0)), 1e-6);
    }

    public function testTurnedEverythingLiesAQuarterTurnClockwise(): void
    {
        $layout = self::layout([...Jobs::measures(60, 80), 'load/direction' => 'turned', 'batting' => null]);

        self::assertBox([-40, 0, 40, 60], $layout->top);
        // The backing's own top left corner lies at the right of the lead edge now.
        self::assertCorners([[48, -9], [48, 69], [-48, 69], [-48, -9]], $layout->backing);
        // Its seam across, 42 in from its top, runs from roller to roller 42 in from the right.
        self::assertCorners([[6, -9], [6, 69]], $layout->backingSeams[0]);
        self::assertNull($layout->batting);
    }

    public function testWhatIsMissingShowsAtTheTail(): void
    {
        $layout = self::layout([
            ...Jobs::measures(60, 80),
            ...Jobs::sides(66, 82),
            'backing/seams' => [['direction' => 'along', 'at' => '11 in', 'pressed' => 'open']],
            'load/direction' => 'as-is',
        ]);

        self::assertCorners([[-33, -4], [33, -4], [33, 78], [-33, 78]], $layout->backing);
        self::assertCorners([[-22, -4], [-22, 78]], $layout->backingSeams[0]);
    }

    /** @param array<string, mixed> $changes */
    private static function layout(array $changes): BedLayout
    {
        $plan = (new Preparation(Jobs::prepared($changes)->known))->plan();
        self::assertNotNull($plan);

        return (new BedPlacing())->place(
            $plan->job->top,
            $plan->job->backing,
            $plan->cloth,
            $plan->chosenPlan()->backing,
            $plan->chosen(),
            $plan->batting,
        );
    }

    /** @param array{float, float, float, float} $inches left, lead, right, tail */
    private static function assertBox(array $inches, ?Box $box, string $why = ''): void
    {
        self::assertNotNull($box, $why);
        self::assertEqualsWithDelta(
            $inches,
            self::inches([$box->left, $box->lead, $box->right, $box->tail]),
            1e-6,
            $why,
        );
        self::assertEqualsWithDelta(25.4 * ($inches[2] - $inches[0]), $box->across(), 1e-4);
        self::assertEqualsWithDelta(25.4 * ($inches[3] - $inches[1]), $box->along(), 1e-4);
    }

    /**
     * @param list<array{float, float}> $inches
     * @param array<Point>              $points
     */
    private static function assertCorners(array $inches, array $points, float $within = 0.06): void
    {
        self::assertEqualsWithDelta(
            $inches,
            array_map(static fn(Point $point): array => self::inches([$point->x, $point->y]), array_values($points)),
            $within,
        );
    }

    /**
     * @param list<float> $millimetres
     *
     * @return list<float>
     */
    private static function inches(array $millimetres): array
    {
        return array_map(static fn(float $one): float => $one / 25.4, $millimetres);
    }
}
