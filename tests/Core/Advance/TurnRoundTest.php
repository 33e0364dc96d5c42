<?php

declare(strict_types=1);

namespace Tests\Core\Advance;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\BorderPass;
use Schwung\Core\Advance\BordersLast;
use Schwung\Core\Advance\Course;
use Schwung\Core\Advance\CourseRule;
use Schwung\Core\Advance\Roll;
use Schwung\Core\Advance\SeamGrid;
use Schwung\Core\Advance\TurnRound;
use Schwung\Core\Advance\TurnRoundRule;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\Quilting;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\Top;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Length;
use Tests\Core\Jobs;

#[CoversClass(CourseRule::class)]
#[CoversClass(TurnRoundRule::class)]
#[CoversClass(TurnRound::class)]
#[CoversClass(BordersLast::class)]
final class TurnRoundTest extends TestCase
{
    public function testARollThatDoesNotGoUnderTheArmIsSavedByTurning(): void
    {
        $course = $this->rows(Rolls::thick(8, armClearance: 6), 8, Finish::FitScale);

        self::assertNotNull($course->passes->firstTooThick());
        self::assertNotNull($course->turnRound);
        self::assertLessThan(6, $course->turnRound->rollDiameter()->toInches());
        self::assertSame($course->passes->count(), $course->turnRound->count());
    }

    public function testTheHalvesOfADesignThatRunsOffAreFittedSoThatTheyMeet(): void
    {
        $course = $this->rows(Rolls::thick(8, armClearance: 6), 8, Finish::RunOff);

        self::assertSame(Finish::FitScale, $course->turnRound?->rows?->finish);
        self::assertEqualsWithDelta(0.5, $course->turnRound->rows->beyondTail()->toInches(), 1e-6);
        $near = $course->turnRound->first->last();
        $far = $course->turnRound->second->last();
        self::assertNotNull($near);
        self::assertNotNull($far);
        // What the halves leave between them is the gap between any two rows.
        self::assertEqualsWithDelta(
            $course->turnRound->rows->gap->toInches(),
            90 - $far->to->toInches() - $near->to->toInches(),
            1e-5,
        );
    }

    public function testAQuilterMayTurnItRoundAnyway(): void
    {
        $design = new RowDesign(Length::inches(8), Length::inches(0.5), Length::inches(0.5), Finish::FitScale);

        self::assertSame(
            10,
            (new CourseRule(Rolls::thick(2.65)))
                ->turnedRound(Quilting::rows($design), Jobs::top(68, 87.25), Direction::AsIs)
                ?->count(),
        );
    }

    public function testNothingIsSavedWhereThePlainPlanWorksAsWell(): void
    {
        self::assertNull($this->rows(Rolls::thick(2.65), 8, Finish::FitScale)->turnRound);
    }

    public function testARowThatNeverFitsIsNotSavedByTurning(): void
    {
        $course = $this->rows(Rolls::thick(2.65), 15, Finish::FitScale);

        self::assertFalse($course->passes->isComplete());
        self::assertNull($course->turnRound);
    }

    public function testARowThatStopsFittingIsSavedByTurning(): void
    {
        $course = $this->rows(Rolls::thick(4.45), 13.2, Finish::FitScale, 79);

        self::assertFalse($course->passes->isComplete());
        self::assertNotNull($course->turnRound);
    }

    public function testADesignWithAnUpMustBeFlipped(): void
    {
        $design = new RowDesign(Length::inches(8), Length::inches(0.5), Length::inches(0.5));
        $course = (new CourseRule(Rolls::thick(8, armClearance: 6)))->plan(
            Quilting::rows($design, true),
            Jobs::top(68, 90),
            Direction::AsIs,
        );

        self::assertTrue($course->turnRound?->flipsDesign);
    }

    public function testBlockWorkMeetsAtTheSeamNearestTheMiddle(): void
    {
        $course = (new CourseRule(Rolls::thick(8, armClearance: 6)))->plan(
            Quilting::blocks(),
            self::bordered(),
            Direction::AsIs,
        );

        self::assertSame(44.0, $course->turnRound?->meeting->toInches());
        self::assertSame(0, $course->turnRound->stopsInBlocks());
        self::assertSame(
            [19.0, 31.5, 56.5, 69.0],
            array_map(
                static fn($stop): float => round($stop->at->toInches(), 6),
                array_values(
                    array_filter(
                        $course->turnRound->stops,
                        static fn($stop): bool => !\in_array(round($stop->at->toInches()), [6.0, 82.0], true),
                    ),
                ),
            ),
        );
    }

    public function testBordersLastLieAlongTheRails(): void
    {
        $last = new BordersLast(Rolls::thick(2.65), Length::inches(80));
        $borders = $last->borders(self::bordered());

        self::assertSame(
            [
                ['top', 68.0, 6.0, true],
                ['bottom', 68.0, 6.0, true],
                ['left', 88.0, 6.0, false],
                ['right', 88.0, 6.0, false],
            ],
            array_map(
                static fn(BorderPass $border): array => [
                    $border->edge,
                    $border->length->toInches(),
                    $border->width->toInches(),
                    $border->isWithinReach,
                ],
                $borders,
            ),
        );
        self::assertSame(1, $borders[0]->passes->count());
        $body = $last->body(SeamGrid::of(Length::inches(88), self::bordered()->seamsAcross));
        self::assertEqualsWithDelta(6, $body->passes->passes[0]->from->toInches(), 1e-6);
        self::assertEqualsWithDelta(82, $body->passes->last()?->to->toInches(), 1e-6);
        self::assertSame(0, $body->stopsInBlocks());
    }

    private function rows(Roll $roll, float $height, Finish $finish, float $along = 90): Course
    {
        $design = new RowDesign(Length::inches($height), Length::inches(0.5), Length::inches(0.5), $finish);

        return (new CourseRule($roll))->plan(Quilting::rows($design), Jobs::top(68, $along), Direction::AsIs);
    }

    /** 68 × 88 in with 6 in borders all round and six blocks of 12 1/2, 12 1/2, 12 1/2 … along. */
    private static function bordered(): Top
    {
        [$w, $l] = [Length::inches(68), Length::inches(88)];
        $seam = static fn(float $at, SeamKind $kind): TopSeam => new TopSeam(Length::inches($at), $kind);

        return new Top(
            $w,
            $w,
            $w,
            $l,
            $l,
            $l,
            seamsAcross: [
                $seam(6, SeamKind::Border),
                $seam(19, SeamKind::Block),
                $seam(31.5, SeamKind::Block),
                $seam(44, SeamKind::Block),
                $seam(56.5, SeamKind::Block),
                $seam(69, SeamKind::Block),
                $seam(82, SeamKind::Border),
            ],
            seamsAlong: [$seam(6, SeamKind::Border), $seam(62, SeamKind::Border)],
        );
    }
}
