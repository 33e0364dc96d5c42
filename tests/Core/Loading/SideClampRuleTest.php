<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\SideClampPlan;
use Schwung\Core\Loading\SideClampRule;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Practice;

#[CoversClass(SideClampRule::class)]
#[CoversClass(SideClampPlan::class)]
final class SideClampRuleTest extends TestCase
{
    /** @param array<string, mixed> $frame changes of a frame with a bed of 24 in */
    #[TestWith([[], 2, 4.0])]
    #[TestWith([['frame/side_clamps' => 'narrow'], 3, 4.5])]
    #[TestWith([['frame/side_clamps' => 'rod'], 1, 0.0])]
    #[TestWith([['frame/side_clamps' => 'none'], 2, 4.0])]
    #[TestWith([['frame/side_clamps' => 'narrow', 'frame/side_clamp_count' => 4], 2, 6.667])]
    #[TestWith([['frame/side_clamps' => 'narrow', 'frame/side_clamp_count' => 40], 3, 4.5])]
    public function testNoGapIsWiderThanTheSettingAsLongAsThereAreEnough(array $frame, int $each, float $gap): void
    {
        $plan = Loads::setup($frame)->sideClamps();

        self::assertSame([$each, 2 * $each], [$plan->each, $plan->pieces->count]);
        self::assertEqualsWithDelta($gap, $plan->gap->toInches(), 0.001);
        self::assertSame($gap > 5, $plan->isShort());
    }

    public function testTheSideDrawsInAsAShallowArcOfWhatTheClothGives(): void
    {
        $plan = Loads::setup(['frame/side_clamps' => 'narrow'])->sideClamps();

        // sqrt(3 * 4.5 * 0.045 / 8)
        self::assertEqualsWithDelta(0.2756, $plan->dip->toInches(), 0.0005);
    }

    public function testTheStudiosOwnGapCounts(): void
    {
        $frame = Loads::setup()->plan->job->frame;
        $wide = new Practice(distances: ['side-clamp-gap' => Length::inches(10)]);

        self::assertSame(
            [1, 2],
            [(new SideClampRule($wide))->plan($frame)->each, (new SideClampRule(new Practice()))->plan($frame)->each],
        );
    }

    public function testTooFewAreTold(): void
    {
        self::assertStringContainsString(
            'for want of more: 3 each side would be better',
            self::told(['frame/side_clamps' => 'narrow', 'frame/side_clamp_count' => 4]),
        );
        self::assertStringNotContainsString('for want of more', self::told(['frame/side_clamps' => 'narrow']));
    }

    /** @param array<string, mixed> $frame */
    private static function told(array $frame): string
    {
        return implode("\n", Loads::told(Loads::steps($frame)));
    }
}
