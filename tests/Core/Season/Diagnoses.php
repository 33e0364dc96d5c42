<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Circumstances;
use Schwung\Core\Tension\ClothFacts;
use Schwung\Core\Tension\DiagnosisRule;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;
use Schwung\Core\Tension\FrameFacts;
use Schwung\Core\Tension\HoldFacts;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;
use Schwung\Core\Tension\PatternRule;
use Schwung\Core\Tension\QuestionRule;
use Schwung\Core\Tension\Risk;
use Schwung\Core\Tension\RiskRule;
use Schwung\Core\Tension\SeamLie;
use Schwung\Core\Tension\SeenFacts;
use Schwung\Core\Tension\Sighting;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Task;
use Schwung\Core\Tension\TensionCase;
use Schwung\Core\Tension\TestRule;
use Schwung\Core\Tension\TopFacts;
use Schwung\Core\Tension\WhichPass;
use Schwung\Core\Tension\Zone;

/** Faults that were seen, with much or little known beside them: what is likely, asked, tested, foreseen. */
final readonly class Diagnoses implements Account
{
    public function pages(): int
    {
        return 160;
    }

    public function page(int $number): iterable
    {
        $lot = new Lot($number);
        $knowledge = Knowledge::ofTheTrade();
        $confirmed = $lot->isOf(30) ? [$lot->word(Cause::class) => 2, $lot->word(Cause::class) => 1] : [];
        $case = self::tensionCase($lot);
        $rule = new DiagnosisRule($knowledge, $confirmed);
        $ranked = $rule->rank($case);
        yield 'seen ' . Words::of($case->seen) . ' not ' . Words::of($case->absent);
        yield implode(
            ', ',
            array_map(
                static fn(Likely $likely): string => $likely->cause()->value . \sprintf(' %.4f', $likely->chance),
                \array_slice($ranked, 0, 6),
            ),
        );
        yield 'unexplained ' .
            Words::of($rule->unexplained($case, \array_slice($ranked, 0, 1))) .
            \sprintf(', doubt %.5f', $rule->doubt($case));
        $test = (new TestRule($rule))->best($case, $ranked);
        yield "test: $test->text " . Words::mark($test);
        yield 'ask ' . Words::of((new QuestionRule($rule, $knowledge))->most($case, 3));
        foreach ((new RiskRule($knowledge, $confirmed))->foresee($case->circumstances) as $risk) {
            yield "foreseen {$risk->entry->cause->value} at $risk->stage " . Words::mark(self::risk($risk));
        }
        yield 'tasks ' .
            Words::mark(
                array_map(static fn(Symptom $one): Task => Task::against($one, 0 === $number % 2), $case->seen),
            );
        foreach ((new PatternRule())->find(...self::year($lot)) as $pattern) {
            yield 'pattern ' . $pattern->frame . ': ' . $pattern->sentence() . \sprintf(' %.6f', $pattern->p);
        }
        yield Words::mark($case->circumstances) . ' ' . Words::mark(array_map(self::likely(...), $ranked));
    }

    private static function likely(Likely $likely): string
    {
        return $likely->cause()->value . Words::of(array_diff_key((array) $likely, ['entry' => 0]));
    }

    private static function risk(Risk $risk): string
    {
        return "{$risk->entry->cause->value} at $risk->stage: " . $risk->sentence() . ' ' . Words::of($risk->because);
    }

    private static function tensionCase(Lot $lot): TensionCase
    {
        $case = new TensionCase([], [], self::circumstances($lot));
        foreach (range(0, $lot->between(0, 4)) as $i) {
            $symptom = $lot->case(Symptom::class);
            $case = $case->isOpen($symptom) ? $case->with($symptom, 0 === $i || $lot->isOf(60)) : $case;
        }

        return $lot->isOf(40) ? $case->tested($lot->case(Cause::class), $lot->isOf(40)) : $case;
    }

    private static function circumstances(Lot $lot): Circumstances
    {
        $knows = $lot->of([0, 40, 80]);
        $flag = static fn(): ?bool => $lot->perhaps($knows, $lot->isOf(50));
        $inch = static fn(int ...$choices): Length => Length::inches($lot->of(array_values($choices)));
        $feel = static fn(): array => [
            $lot->case(Firmness::class),
            $lot->case(Firmness::class),
            $lot->case(Firmness::class),
        ];

        return new Circumstances(
            new ClothFacts(
                backingKind: $lot->perhaps($knows, $lot->case(BackingKind::class)),
                battingKind: $lot->perhaps($knows, $lot->case(BattingKind::class)),
                battingRestHours: $lot->perhaps($knows, $lot->of([0.0, 12.0, 23.9, 24.0, 48.0])),
                stretch: $lot->perhaps($knows, $lot->case(Stretch::class)),
                seam: $lot->perhaps($knows, $lot->case(SeamLie::class)),
                backingSquared: $flag(),
                fullnessPercent: $lot->perhaps($knows, $lot->of([-1.0, 0.5, 1.0, 1.5, 3.0, 5.0])),
                quiltSize: $lot->perhaps($knows, [$inch(40, 80, 81, 110), $inch(60, 80, 81, 120)]),
            ),
            new HoldFacts(
                leadMethod: $lot->perhaps($knows, $lot->case(HoldingSystem::class)),
                pinSpacing: $lot->perhaps($knows, $inch(1, 2, 4, 6, 9)),
                alwaysCentred: $flag(),
                loadsSinceLeaderCheck: $lot->perhaps($knows, $lot->of([0, 5, 19, 20, 40])),
                centresMarked: $flag(),
                evened: $flag(),
                sideClamps: $lot->perhaps($knows, $lot->case(ClampWidth::class)),
            ),
            new TopFacts(
                float: $lot->perhaps($knows, $lot->case(FloatKind::class)),
                alignedBy: $lot->perhaps($knows, $lot->case(Alignment::class)),
                sidesBasted: $flag(),
                bastingInset: $lot->perhaps($knows, $inch(0, 1, 2)),
                endHeld: $flag(),
                battingBastedAllOver: $flag(),
                prebasted: $flag(),
                allLayersAttached: $flag(),
            ),
            new FrameFacts($lot->perhaps($knows, $lot->case(FrameKind::class)), $flag(), $flag()),
            new SeenFacts(
                pass: $lot->perhaps($knows, $lot->case(WhichPass::class)),
                firmness: $lot->perhaps($knows, new FirmnessReading($feel(), $feel())),
                sameSideBefore: $lot->perhaps($knows, $lot->of([0, 1, 2, 3])),
                centreDipsBefore: $lot->perhaps($knows, $lot->of([0, 1, 2, 3])),
                sideAlternates: $flag(),
            ),
        );
    }

    /** @return array{array<string, list<string>>, list<Sighting>} loads of two frames, and what was seen on them */
    private static function year(Lot $lot): array
    {
        $loads = [
            'north' => array_map(static fn(int $i): string => "n$i", range(1, $lot->between(4, 16))),
            'south' => array_map(static fn(int $i): string => "s$i", range(1, $lot->between(4, 30))),
        ];
        $symptoms = [Symptom::CentreDip, Symptom::SideDip];
        $sightings = array_map(
            static fn(): Sighting => new Sighting(
                $lot->of([...$loads['north'], ...\array_slice($loads['north'], -5), ...$loads['south']]),
                $lot->of($symptoms),
                $lot->of([Zone::Left, Zone::Centre]),
            ),
            range(1, $lot->between(6, 16)),
        );

        return [$loads, $sightings];
    }
}
