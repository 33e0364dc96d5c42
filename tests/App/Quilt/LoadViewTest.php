<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\Quilt\Loading\Paper;
use App\Quilt\Loading\StepsOnPaper;
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
#[CoversClass(StepsOnPaper::class)]
final class LoadViewTest extends TestCase
{
    public function testAShortLoadIsWrittenLargerThanALongOneAndLetterNeverLargerThanA4(): void
    {
        $short = self::view(new LoadingHabits(purpose: Purpose::Prebasted));
        $long = self::view(new LoadingHabits());

        $on = static fn(LoadView $view, Paper $paper, float $under): StepsOnPaper => StepsOnPaper::of(
            $view,
            $under,
            $paper->height(),
        );

        self::assertSame(9.0, $on($short, Paper::A4, 0)->points);
        self::assertFalse($on($short, Paper::A4, 20)->startsOnTheFirst(), 'too little room to begin in');
        self::assertSame(9.0, $on($long, Paper::A4, 90)->points);
        self::assertTrue($on($long, Paper::A4, 90)->startsOnTheFirst());
        self::assertLessThan(9.0, $on($long, Paper::A4, 0)->points);
        self::assertGreaterThan(6.4, $on($long, Paper::A4, 0)->points);
        self::assertLessThanOrEqual($on($long, Paper::A4, 0)->points, $on($long, Paper::Letter, 0)->points);
    }

    public function testACautionIsOnPaperOnceAndTheColumnsHaveEveryStepThatIsTold(): void
    {
        $view = self::view(new LoadingHabits());
        $told = array_merge(...array_merge(...StepsOnPaper::of($view, 80, Paper::A4->height())->sides));
        $cautions = array_filter(array_map($view->cautionOnPaper(...), $told));

        self::assertNotSame([], $cautions);
        self::assertCount(\count($cautions), array_unique($cautions, \SORT_REGULAR));
        self::assertSame($view->told(), $told);
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
