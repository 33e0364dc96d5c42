<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Plan\WoundRule;
use Schwung\Core\Plan\WoundState;
use Schwung\Core\Practice\FloatKind;
use Tests\Core\Loading\Loads;

/** How thick each roll of a frame is as a pass begins. */
#[CoversClass(WoundRule::class)]
#[CoversClass(WoundState::class)]
final class WoundRuleTest extends TestCase
{
    public function testTheRollGrowsAndWhatFeedsItShrinks(): void
    {
        $setup = Loads::setup(['load/float' => 'part']);
        [$first, $fifth] = [$this->at($setup, 1), $this->at($setup, 5)];

        self::assertSame([], $first->rings);
        self::assertEqualsWithDelta($first->startRadius, $first->radius, 1e-9);
        self::assertCount(4, $fifth->rings);
        self::assertGreaterThan($first->radius, $fifth->radius);
        self::assertLessThan($first->feedRadius, $fifth->feedRadius);
        self::assertLessThan($first->topRadius, $fifth->topRadius);
        self::assertSame(FloatKind::Part, $first->float);
        self::assertTrue($first->isUnderArm);
    }

    /** Of 87 ¼ in of top with 4 in at each end, what neither lies in the bed nor is wound on is still to come. */
    public function testWhatIsStillToComeIsOnItsRoller(): void
    {
        $setup = Loads::setup();
        $frame = $setup->plan->job->frame;
        $left =
            $setup->plan->chosenPlan()->backing->required->along->length()->toMillimetres() -
            $frame->bed()->toMillimetres();

        self::assertEqualsWithDelta(
            sqrt(25.4 ** 2 + (0.3 * $left) / \M_PI),
            $this->at($setup, 1)->feedRadius,
            1e-6,
            'a cotton of 0.3 mm on a roller of 2 in',
        );
    }

    public function testWithoutARollerForItTheTopFloatsWhateverWasAsked(): void
    {
        $setup = Loads::setup(['frame/kind' => 'roller-front-backing', 'load/float' => 'part']);

        self::assertSame(FloatKind::Full, $this->at($setup, 1)->float);
    }

    private function at(Setup $setup, int $pass): WoundState
    {
        return (new WoundRule())->at($setup->plan, $setup->winding, $setup->wind($pass));
    }
}
