<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\Quilt\Loading\Paper;
use App\Quilt\Stage\LoadView;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\StepRule;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\Purpose;
use Tests\Core\Loading\Loads;

/** What a load is on two sides of paper. */
#[CoversClass(LoadView::class)]
#[CoversClass(Paper::class)]
final class LoadViewTest extends TestCase
{
    public function testAShortLoadIsWrittenLargerThanALongOneAndLetterNeverLargerThanA4(): void
    {
        $short = self::view(new LoadingHabits(purpose: Purpose::Prebasted));
        $long = self::view(new LoadingHabits());

        self::assertSame(9.0, $short->points(Paper::A4->height()));
        self::assertLessThan(9.0, $long->points(Paper::A4->height()));
        self::assertGreaterThan(6.4, $long->points(Paper::A4->height()));
        self::assertLessThanOrEqual($long->points(Paper::A4->height()), $long->points(Paper::Letter->height()));
    }

    public function testACautionIsOnPaperOnceAndTheColumnsHaveEveryStepThatIsTold(): void
    {
        $view = self::view(new LoadingHabits());
        $told = array_merge(...$view->columns());
        $cautions = array_filter(array_map($view->cautionOnPaper(...), $told));

        self::assertNotSame([], $cautions);
        self::assertCount(\count($cautions), array_unique($cautions, \SORT_REGULAR));
        self::assertSame(array_values(array_filter($view->steps->steps ?? [], $view->isTold(...))), $told);
    }

    private static function view(LoadingHabits $habits): LoadView
    {
        $setup = Loads::setup([], $habits);

        return new LoadView(
            setup: $setup,
            steps: (new StepRule())->steps($setup),
            mayStart: true,
            stuck: [],
            overruling: null,
            promises: [],
            warnings: [],
            voids: [],
        );
    }
}
