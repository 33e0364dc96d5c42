<?php

declare(strict_types=1);

namespace Tests\Core\Advance;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\BlockPasses;
use Schwung\Core\Advance\Move;
use Schwung\Core\Advance\MoveKind;
use Schwung\Core\Advance\MovePlan;
use Schwung\Core\Advance\SeamGrid;
use Schwung\Core\Advance\Section;
use Schwung\Core\Advance\SectionRule;
use Schwung\Core\Advance\StopKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;

#[CoversClass(SectionRule::class)]
#[CoversClass(MovePlan::class)]
#[CoversClass(Section::class)]
final class SectionsTest extends TestCase
{
    use TestTrait;

    public function testAQuiltWithinReachIsOneSection(): void
    {
        self::assertCount(1, $this->sections(72, 72));
        self::assertCount(2, $this->sections(72.125, 72));
    }

    public function testSectionsEndOnSeamsAndOverlap(): void
    {
        $sections = $this->sections(100, 40, 12, 25, 38, 51, 64, 77, 90);

        self::assertSame(
            [[0.0, 38.0], [37.0, 64.0], [63.0, 100.0]],
            array_map(
                static fn(Section $section): array => [$section->from->toInches(), $section->to->toInches()],
                $sections,
            ),
        );
        self::assertSame(
            [StopKind::Seam, StopKind::Seam, null],
            array_map(static fn(Section $section): ?StopKind => $section->boundKind, $sections),
        );
    }

    public function testTurnedByHalfATurnTheSectionsAreMirrored(): void
    {
        $mirrored = Section::mirrored($this->sections(100, 40, 12, 25, 38, 51, 64, 77, 90), Length::inches(100));

        self::assertSame(
            [[1, 0.0, 36.0], [2, 35.0, 62.0], [3, 61.0, 100.0]],
            array_map(
                static fn(Section $section): array => [
                    $section->number,
                    $section->from->toInches(),
                    $section->to->toInches(),
                ],
                $mirrored,
            ),
        );
        self::assertSame(
            [StopKind::Seam, StopKind::Seam, null],
            array_map(static fn(Section $section): ?StopKind => $section->boundKind, $mirrored),
        );
        $one = $this->sections(72, 72);
        self::assertEquals($one, Section::mirrored($one, Length::inches(72)));
    }

    public function testAReachWithinTheOverlapCannotBeWorked(): void
    {
        self::assertNull((new SectionRule(Length::inches(1)))->count(Length::inches(50), Length::inches(1)));
        self::assertSame([], $this->sections(50, 1));
    }

    public function testSectionsAreAsFewAsTheRuleSaysCoverAllAndStayInReach(): void
    {
        $this->forAll(
            Generators::choose(200, 1200),
            Generators::choose(120, 700),
            Generators::seq(Generators::choose(1, 199)),
        )->then(function (int $across, int $reach, array $places): void {
            $seams = array_map(
                static fn(mixed $place): float => (\is_int($place) ? $place : 1) / 8,
                \array_slice($places, 0, 12),
            );
            $sections = $this->sections($across / 8, $reach / 8, ...$seams);
            self::assertCount($across <= $reach ? 1 : (int) ceil(($across - 8) / ($reach - 8)), $sections);
            self::assertEqualsWithDelta($across / 8, $sections[\count($sections) - 1]->to->toInches(), 1e-6);
            foreach ($sections as $i => $section) {
                self::assertLessThanOrEqual($reach / 8 + 1e-6, $section->across()->toInches());
                self::assertEqualsWithDelta(
                    0 === $i ? 0 : $sections[$i - 1]->to->toInches() - 1,
                    $section->from->toInches(),
                    1e-6,
                );
            }
        });
    }

    public function testAllSectionsOfABandComeBeforeTheAdvance(): void
    {
        $passes = (new BlockPasses(Rolls::of(BattingKind::Cotton)))->plan(
            SeamGrid::of(Length::inches(26), [new TopSeam(Length::inches(13), SeamKind::Block)]),
        )->passes;
        $moves = (new MovePlan())->moves($this->sections(100, 40, 38, 64), $passes);

        self::assertSame(
            [[1, 2], [1, 3], [2, 3], [2, 2], [2, 1]],
            array_map(static fn(Move $move): array => [$move->pass, $move->section], $moves),
        );
        self::assertSame(MoveKind::Forward, $moves[2]->kind);
        self::assertSame(
            [37.0, 26.0, 13.0, -26.0, -37.0],
            array_map(static fn(Move $move): float => $move->distance->toInches(), $moves),
        );
        self::assertSame(
            'Line up the seam at 38 in from the left edge, square to the rails.',
            $moves[0]->alignTo->writtenBy(new LengthWriter(UnitSystem::Inches)),
        );
        self::assertSame(
            'Line up the seam at 64 in from the left edge, square to the rails.',
            $moves[3]->alignTo->writtenBy(new LengthWriter(UnitSystem::Inches)),
        );
    }

    /** @return list<Section> */
    private function sections(float $across, float $reach, float ...$seams): array
    {
        sort($seams);

        return (new SectionRule(Length::inches(1)))->sections(
            Length::inches($across),
            Length::inches($reach),
            array_map(static fn(float $seam): TopSeam => new TopSeam(Length::inches($seam), SeamKind::Block), $seams),
        );
    }
}
