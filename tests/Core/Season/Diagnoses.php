<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Exchange\TensionReader;
use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\DiagnosisRule;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;
use Schwung\Core\Tension\PatternRule;
use Schwung\Core\Tension\QuestionRule;
use Schwung\Core\Tension\Risk;
use Schwung\Core\Tension\RiskRule;
use Schwung\Core\Tension\SeamLie;
use Schwung\Core\Tension\Sighting;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Task;
use Schwung\Core\Tension\TensionCase;
use Schwung\Core\Tension\TestRule;
use Schwung\Core\Tension\WhichPass;
use Schwung\Core\Tension\Zone;

/** Faults that were seen, with much or little known beside them: what is likely, asked, tested, foreseen. */
final readonly class Diagnoses implements Account
{
    private const FLAGS = [
        'backing_squared',
        'always_centred',
        'centres_marked',
        'evened',
        'sides_basted',
        'end_held',
        'batting_basted_all_over',
        'prebasted',
        'all_layers_attached',
        'motorised',
        'depth_is_small',
        'side_alternates',
    ];

    public function pages(): int
    {
        return 160;
    }

    public function page(int $number): iterable
    {
        $lot = new Lot($number);
        $knowledge = Knowledge::ofTheTrade();
        $confirmed = $lot->isOf(30) ? [$lot->word(Cause::class) => 2, $lot->word(Cause::class) => 1] : [];
        try {
            $case = self::tensionCase($lot);
        } catch (FaultyDocument $faulty) {
            yield from explode("\n", $faulty->getMessage());

            return;
        }
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

    /** @throws FaultyDocument in a few of them */
    private static function tensionCase(Lot $lot): TensionCase
    {
        $case = (new TensionReader())->read([
            'format' => 'schwung/tension-case',
            'version' => 1,
            'seen' => [],
            'context' => self::context($lot),
        ]);
        foreach (range(0, $lot->between(0, 4)) as $i) {
            $symptom = $lot->case(Symptom::class);
            $case = $case->isOpen($symptom) ? $case->with($symptom, 0 === $i || $lot->isOf(60)) : $case;
        }

        return $lot->isOf(40) ? $case->tested($lot->case(Cause::class), $lot->isOf(40)) : $case;
    }

    /** @return array<string, mixed> what is known beside the fault, as a document tells it */
    private static function context(Lot $lot): array
    {
        $knows = $lot->of([0, 40, 80]);
        $feel = static fn(): array => array_map(
            static fn(): int => $lot->between(1, 5),
            range(1, $lot->isOf(3) ? 2 : 3),
        );
        $words = [
            'backing_kind' => BackingKind::class,
            'batting_kind' => BattingKind::class,
            'stretch' => Stretch::class,
            'seam' => SeamLie::class,
            'lead_method' => HoldingSystem::class,
            'side_clamps' => ClampWidth::class,
            'float' => FloatKind::class,
            'aligned_by' => Alignment::class,
            'frame_kind' => FrameKind::class,
            'pass' => WhichPass::class,
        ];
        $context = array_map(static fn(string $enum): string => $lot->word($enum), $words);
        foreach (self::FLAGS as $flag) {
            $context[$flag] = $lot->isOf(50);
        }
        $context += [
            'batting_rest_hours' => $lot->of([0, 12, 23.9, 24, 48]),
            'fullness_percent' => $lot->of([0, 0.5, 0.51, 1, 1.01, 1.5, 2, 3, 5]),
            'quilt_size' => [
                $lot->of(['40 in', '80 in', '81 in', '110 in']),
                $lot->of(['60 in', '80 in', '81 in', '120 in']),
            ],
            'pin_spacing' => $lot->of(['1 in', '2 in', '4 in', '5 in', '5.1 in', '6 in', '9 in']),
            'loads_since_leader_check' => $lot->of([0, 5, 19, 20, 40]),
            'basting_inset' => $lot->of(['0 in', '1/8 in', '0.13 in', '1/2 in', '2 in']),
            'firmness' => ['backing' => $feel(), 'top' => $feel()],
            'same_side_before' => $lot->between(0, 3),
            'centre_dips_before' => $lot->between(0, 3),
            'side' => $lot->isOf(97) ? $lot->of(['left', 'right']) : 'both',
        ];

        return array_filter($context, static fn(): bool => $lot->isOf($knows));
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
