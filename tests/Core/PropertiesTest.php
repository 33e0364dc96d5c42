<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\PlanWriter;
use Schwung\Core\Job\CustomMargins;
use Schwung\Core\Job\ExtensionLayout;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Load;
use Schwung\Core\Job\Quilting;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\Extension;
use Schwung\Core\Sizing\Mending;
use Schwung\Core\Sizing\Piecing;
use Schwung\Core\Sizing\UsableBacking;

/** What must hold of any quilt; sizes are drawn in eighths of an inch. */
#[CoversNothing]
#[Group('slow')]
final class PropertiesTest extends TestCase
{
    use TestTrait;

    public function testMoreMarginNeverNeedsLessBacking(): void
    {
        $this->forAll(
            Generators::choose(160, 900),
            Generators::choose(160, 900),
            Generators::choose(0, 80),
            Generators::choose(0, 80),
        )->then(function (int $width, int $length, int $margin, int $more): void {
            $rule = new BackingRule(new Practice());
            $top = Jobs::top($width / 8, $length / 8);
            $needs = array_map(fn(int $eighths) => $rule->required($top, $this->margins($eighths), Direction::AsIs), [
                $margin,
                $margin + $more,
            ]);
            self::assertFalse($needs[1]->across->length()->isShorterThan($needs[0]->across->length()));
            self::assertFalse($needs[1]->along->length()->isShorterThan($needs[0]->along->length()));
        });
    }

    public function testMoreClothNeverMakesTheStateWorse(): void
    {
        $order = [BackingState::Fits->value => 0, BackingState::Tight->value => 1, BackingState::Short->value => 2];
        $this->forAll(
            Generators::choose(400, 700),
            Generators::choose(500, 900),
            Generators::choose(0, 60),
            Generators::choose(0, 60),
        )->then(static function (int $across, int $along, int $wider, int $longer) use ($order): void {
            $rule = new BackingRule(new Practice());
            $state = static fn(int $a, int $l): int => $order[
                $rule
                    ->check(
                        Jobs::top(60, 76),
                        UsableBacking::of(Jobs::backing($a / 8, $l / 8)),
                        new Load(),
                        Direction::AsIs,
                    )
                    ->state()->value
            ];
            self::assertLessThanOrEqual($state($across, $along), $state($across + $wider, $along + $longer));
        });
    }

    public function testFitsExactlyWhenTheRequiredRectangleFits(): void
    {
        $this->forAll(
            Generators::choose(520, 600),
            Generators::choose(640, 740),
            Generators::choose(-24, 24),
            Generators::choose(-24, 24),
            Generators::choose(-12, 12),
        )->then(static function (int $across, int $along, int $bottom, int $left, int $diagonal): void {
            $straight = hypot($across, $along);
            $backing = Jobs::crooked(
                $across / 8,
                $along / 8,
                ($across + $bottom) / 8,
                ($along + $left) / 8,
                ($straight + $diagonal) / 8,
            );
            $cloth = UsableBacking::of($backing);
            $check = (new BackingRule(new Practice()))->check(Jobs::top(60, 76), $cloth, new Load(), Direction::AsIs);
            $needed = $check->required->across->length();
            $longest = $cloth->longestAt($needed->minus(Length::millimetres(0.5)));
            $fits =
                null !== $longest &&
                !$longest->plus(Length::millimetres(0.5))->isShorterThan($check->required->along->length());
            self::assertSame($fits, BackingState::Fits === $check->state());
        });
    }

    public function testStripsAlwaysMakeItFit(): void
    {
        $this->forAll(
            Generators::choose(300, 620),
            Generators::choose(300, 760),
            Generators::elements(...ExtensionLayout::cases()),
        )->then(static function (int $across, int $along, ExtensionLayout $layout): void {
            $practice = new Practice();
            $backing = Jobs::backing($across / 8, $along / 8);
            $rule = new BackingRule($practice);
            $check = $rule->check(Jobs::top(60, 76), UsableBacking::of($backing), new Load(), Direction::AsIs);
            $plan = (new Extension($practice))->plan(
                $check->squaredUp,
                $check->required->across->length(),
                $check->required->along->length(),
                $layout,
            );
            $mended = (new Mending())->extended($backing, $plan, Direction::AsIs);
            self::assertSame(
                BackingState::Fits,
                $rule->check(Jobs::top(60, 76), UsableBacking::of($mended), new Load(), Direction::AsIs)->state(),
            );
        });
    }

    public function testPiecedClothCoversAndIsAllUsed(): void
    {
        $this->forAll(Generators::choose(240, 1000), Generators::choose(240, 1000), Generators::choose(240, 900))->then(
            static function (int $across, int $along, int $bolt): void {
                [$w, $l, $b] = [Length::inches($across / 8), Length::inches($along / 8), Length::inches($bolt / 8)];
                foreach (
                    (new Piecing(new Practice(), UnitSystem::Inches))->plans($w, $l, $b, false, Direction::AsIs)
                    as $plan
                ) {
                    $widths = \count($plan->cuts);
                    $covered = $b->times($widths)->minus(Length::inches($widths - 1));
                    self::assertFalse($covered->isShorterThan('along-rails' === $plan->way->value ? $l : $w));
                    self::assertCount($widths - 1, $plan->seams);
                    self::assertGreaterThanOrEqual(0.0, $plan->waste);
                }
            },
        );
    }

    public function testInchesAndCentimetresPlanTheSameQuilt(): void
    {
        $this->forAll(
            Generators::choose(240, 800),
            Generators::choose(240, 900),
            Generators::choose(240, 900),
            Generators::choose(240, 1000),
        )->then(static function (int $width, int $length, int $across, int $along): void {
            $documents = array_map(static function (UnitSystem $units) use ($width, $length, $across, $along): array {
                $job = new Job(
                    title: 'any',
                    units: $units,
                    top: Jobs::top($width / 8, $length / 8),
                    backing: Jobs::backing($across / 8, $along / 8),
                    batting: new Batting(Length::inches(110), Length::inches(120), BattingKind::Wool),
                    frame: Jobs::frame(),
                    load: new Load(),
                    quilting: Quilting::rows(
                        new RowDesign(Length::inches(5.5), Length::inches(0.25), Length::inches(0.5), Finish::FitScale),
                    ),
                );
                $document = (new PlanWriter(Preparation::ofJob($job)))->document();
                array_walk_recursive($document, static function (mixed &$value, int|string $key): void {
                    $value = \in_array(
                        $key,
                        ['text', 'sentence', 'do', 'why', 'check', 'otherwise', 'figure', 'caution'],
                        true,
                    )
                        ? ''
                        : $value;
                });

                return $document;
            }, UnitSystem::cases());
            self::assertSame($documents[0], $documents[1]);
        });
    }

    public function testABackingGivesTheSameHowEverItIsTurned(): void
    {
        $this->forAll(
            Generators::choose(500, 600),
            Generators::choose(640, 740),
            Generators::choose(-20, 20),
            Generators::choose(-10, 10),
        )->then(static function (int $across, int $along, int $bottom, int $diagonal): void {
            $in = static fn(float $eighths): Length => Length::inches($eighths / 8);
            [$top, $right, $low, $left, $p] = [
                $in($across),
                $in($along),
                $in($across + $bottom),
                $in($along),
                $in(hypot($across, $along) + $diagonal),
            ];
            // Seen from below, bottom and top change places, and so do left and right; the diagonal stays.
            $upright = UsableBacking::of(new Backing($top, $right, $low, $left, $p))->squaredUp();
            $halfTurn = UsableBacking::of(new Backing($low, $left, $top, $right, $p))->squaredUp();
            self::assertEqualsWithDelta(
                $upright->across->toMillimetres() * $upright->along->toMillimetres(),
                $halfTurn->across->toMillimetres() * $halfTurn->along->toMillimetres(),
                400,
            );
        });
    }

    private function margins(int $eighths): Load
    {
        $margin = Length::inches($eighths / 8);

        return new Load(school: MarginSchool::Custom, custom: new CustomMargins($margin, $margin, $margin, $margin));
    }
}
