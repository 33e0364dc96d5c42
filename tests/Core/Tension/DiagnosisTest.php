<?php

declare(strict_types=1);

namespace Tests\Core\Tension;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\CircumstancesReader;
use Schwung\Core\Exchange\DiagnosisAnswer;
use Schwung\Core\Exchange\EvaluationAnswer;
use Schwung\Core\Exchange\TensionReader;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Circumstances;
use Schwung\Core\Tension\ClothFacts;
use Schwung\Core\Tension\DiagnosisRule;
use Schwung\Core\Tension\Hint;
use Schwung\Core\Tension\HoldFacts;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;
use Schwung\Core\Tension\QuestionRule;
use Schwung\Core\Tension\SeamLie;
use Schwung\Core\Tension\SeenFacts;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\TensionCase;
use Schwung\Core\Tension\TestRule;
use Schwung\Core\Tension\TopFacts;
use Tests\Core\Exchange\Commands;

#[CoversClass(Knowledge::class)]
#[CoversClass(DiagnosisRule::class)]
#[CoversClass(TestRule::class)]
#[CoversClass(QuestionRule::class)]
#[CoversClass(TensionReader::class)]
#[CoversClass(CircumstancesReader::class)]
#[CoversClass(DiagnosisAnswer::class)]
#[CoversClass(EvaluationAnswer::class)]
final class DiagnosisTest extends TestCase
{
    public function testTheKnowledgeIsWhole(): void
    {
        $knowledge = Knowledge::ofTheTrade();
        self::assertSame(
            array_map(static fn(Cause $cause): string => $cause->value, Cause::cases()),
            array_values(
                array_intersect(
                    array_map(static fn(Cause $cause): string => $cause->value, Cause::cases()),
                    array_keys($knowledge->entries),
                ),
            ),
            'every cause is known',
        );
        self::assertSameSize(
            $knowledge->entries,
            array_unique(array_column($knowledge->entries, 'test')),
            'no two causes have the same test',
        );
        $shown = [];
        foreach ($knowledge->entries as $entry) {
            self::assertNotSame('', trim($entry->words . $entry->test) ?: '', $entry->cause->value);
            foreach (
                [$entry->words, $entry->test, $entry->ifSo, $entry->ifNot, $entry->now, $entry->nextTime]
                as $text
            ) {
                self::assertNotSame('', $text, $entry->cause->value);
            }
            foreach ($entry->shows as $word => $strength) {
                self::assertNotNull(Symptom::tryFrom($word), "$word of {$entry->cause->value}");
                self::assertContains($strength, [1, 2, 3]);
                $shown[$word] = true;
            }
            foreach ($entry->hints as $hint) {
                self::assertContains($hint->weight, [Hint::IMPOSSIBLE, -2, -1, 1, 2]);
                self::assertNotSame('', $hint->says);
                self::assertFalse(
                    $hint->holdsIn(new Circumstances()),
                    "nothing is known, so nothing speaks: {$hint->says}",
                );
            }
        }
        self::assertSame(
            [],
            array_diff(
                array_map(static fn(Symptom $symptom): string => $symptom->value, Symptom::cases()),
                array_keys($shown),
            ),
            'every symptom has a cause',
        );
    }

    public function testScoresAddUpAsTheRuleSays(): void
    {
        $case = new TensionCase(
            [Symptom::SideDip, Symptom::DragLine],
            [Symptom::Skew],
            new Circumstances(hold: new HoldFacts(loadsSinceLeaderCheck: 20), seen: new SeenFacts(sameSideBefore: 2)),
        );
        $crooked = $this->of(Cause::LeaderCrooked, $case);

        // side dip 3, drag line 2, half of skew's 2 away, the same side on several quilts 2, many loads since a check
        // 1.
        self::assertEqualsWithDelta(7.0, $crooked->score, 1e-9);
        self::assertSame(
            [
                'one side hangs: nearly always so',
                'a diagonal pull: often so',
                'that side dipped on several earlier quilts',
                'the leaders have not been looked at for many loads',
            ],
            $crooked->for,
        );
        self::assertSame(['not seen: one side of the top is ahead'], $crooked->against);
    }

    public function testChancesSumToOneAndNothingSeenGivesThePriors(): void
    {
        foreach ([new TensionCase([]), new TensionCase([Symptom::CentreDip])] as $case) {
            $ranked = $this->rule()->rank($case);
            self::assertCount(36, $ranked);
            self::assertEqualsWithDelta(
                1.0,
                array_sum(array_map(static fn(Likely $likely): float => $likely->chance, $ranked)),
                1e-9,
            );
        }
        self::assertSame(0.0, $this->rule()->rank(new TensionCase([]))[0]->score);
    }

    public function testWhatCannotBeIsHardlyConsidered(): void
    {
        $case = static fn(SeamLie $seam): TensionCase => new TensionCase(
            [Symptom::BothSidesDip],
            [],
            new Circumstances(cloth: new ClothFacts(seam: $seam)),
        );

        self::assertGreaterThan(0.5, $this->of(Cause::SeamWindsOnItself, $case(SeamLie::RollerToRoller))->chance);
        self::assertLessThan(0.1, $this->of(Cause::SeamWindsOnItself, $case(SeamLie::AlongRails))->chance);
        self::assertSame(['no seam lies that way'], $this->of(Cause::SeamWindsOnItself, $case(SeamLie::None))->against);
    }

    public function testMoreThatFitsNeverMakesACauseLessLikely(): void
    {
        foreach (Knowledge::ofTheTrade()->entries as $entry) {
            foreach (array_keys($entry->shows) as $word) {
                $before = $this->of($entry->cause, new TensionCase([]))->score;
                self::assertGreaterThan(
                    $before,
                    $this->of($entry->cause, new TensionCase([Symptom::from($word)]))->score,
                );
                self::assertLessThanOrEqual(
                    $before,
                    $this->of($entry->cause, new TensionCase([], [Symptom::from($word)]))->score,
                );
            }
        }
    }

    public function testTheStudiosOwnConfirmedCasesWeighLightly(): void
    {
        $case = new TensionCase([Symptom::CentreDip]);
        $chance = fn(int $confirmed): float => $this->of(Cause::NotEvened, $case, ['not-evened' => $confirmed])->chance;

        self::assertGreaterThan($chance(0), $chance(1));
        self::assertGreaterThan($chance(1), $chance(10));
        self::assertLessThan(2.2 * $chance(0), $chance(10));
        self::assertContains(
            'it was the cause here 3 times before',
            $this->of(Cause::NotEvened, $case, ['not-evened' => 3])->for,
        );
    }

    public function testASymptomThatTheFirstCausesDoNotExplainIsNamed(): void
    {
        $case = new TensionCase([Symptom::CurlToBack, Symptom::BattingLumps, Symptom::RingsTight]);
        $first = \array_slice($this->rule()->rank($case), 0, 1);

        self::assertSame(Cause::BackingOvertight, $first[0]->cause());
        self::assertSame([Symptom::BattingLumps], $this->rule()->unexplained($case, $first));
    }

    public function testOneTestSeparatesTheFirstTwo(): void
    {
        $case = new TensionCase([Symptom::FootCatch]);
        $ranked = $this->rule()->rank($case);
        $test = (new TestRule($this->rule()))->best($case, $ranked);

        self::assertSame('Look at the side ahead.', $test->text);
        self::assertSame(Cause::SidesNotBasted, $test->leadsIfYes);
        self::assertSame(Cause::BastedTooFarIn, $test->leadsIfNo);
    }

    public function testWhatNothingSpeaksForIsNamedToNobody(): void
    {
        $ranked = $this->rule()->rank(new TensionCase([Symptom::LooseTail]));
        $named = DiagnosisRule::named($ranked, 3);

        self::assertSame(
            [Cause::TailUnsecured, Cause::FloatUnheld],
            array_map(static fn(Likely $likely): Cause => $likely->cause(), $named),
        );
        self::assertFalse($ranked[2]->hasEvidence());
        self::assertCount(1, DiagnosisRule::named($this->rule()->rank(new TensionCase([])), 3));
    }

    public function testATestSeparatesOnlyCausesThatSomethingSpeaksFor(): void
    {
        $case = new TensionCase([Symptom::BattingLumps]);
        $test = (new TestRule($this->rule()))->best($case, $this->rule()->rank($case));

        self::assertSame(Cause::BattingCreased, $test->proves, 'the only one has its own test');
        self::assertSame('Run a hand over it.', $test->text);
    }

    public function testWhatAllLeadersHaveInCommonIsTheFrames(): void
    {
        $case = static fn(?bool $alike, LeaderVerdict $verdict): TensionCase => new TensionCase(
            [Symptom::SideDip],
            [],
            new Circumstances(hold: new HoldFacts(leaderCheck: $verdict, leadersTiltAlike: $alike)),
        );

        self::assertSame(Cause::FrameOutOfTrue, $this->rule()->leader($case(true, LeaderVerdict::Watch)));
        self::assertSame(Cause::LeaderCrooked, $this->rule()->leader($case(false, LeaderVerdict::ReHem)));
        self::assertNotSame(Cause::LeaderCrooked, $this->rule()->leader($case(null, LeaderVerdict::Good)));
    }

    public function testACauseWhoseOwnTestSaysNoNeverLeads(): void
    {
        $case = new TensionCase(
            [Symptom::CentreDip],
            [],
            new Circumstances(
                hold: new HoldFacts(alwaysCentred: true, loadsSinceLeaderCheck: 40, evened: true),
                seen: new SeenFacts(centreDipsBefore: 5),
            ),
        );
        self::assertSame(Cause::LeaderWornCentre, $this->rule()->rank($case)[0]->cause());
        $refuted = $this->rule()->rank($case->tested(Cause::LeaderWornCentre, false));

        self::assertNotSame(Cause::LeaderWornCentre, $refuted[0]->cause());
        self::assertSame(
            ['its test says no'],
            \array_slice(
                $this->of(Cause::LeaderWornCentre, $case->tested(Cause::LeaderWornCentre, false))->against,
                0,
                1,
            ),
        );
        self::assertSame(Cause::NotEvened, $this->rule()->rank($case->tested(Cause::NotEvened, true))[0]->cause());
    }

    public function testTheQuestionsAreThoseThatLeaveTheLeastDoubt(): void
    {
        $case = new TensionCase([Symptom::SideDip]);
        $questions = (new QuestionRule($this->rule(), Knowledge::ofTheTrade()))->most($case, 3);

        self::assertCount(3, $questions);
        self::assertContains(Symptom::DragLine, $questions);
        self::assertNotContains(Symptom::SideDip, $questions);
        $answered = $case->with($questions[0], true);
        self::assertGreaterThan($this->rule()->rank($case)[0]->chance - 0.2, $this->rule()->rank($answered)[0]->chance);
    }

    public function testTheKnownCasesAreFoundAndTheFiguresPrinted(): void
    {
        [$exit, $out] = Commands::run(
            'schwung:evaluate',
            (string) file_get_contents(__DIR__ . '/../../../core/Tension/known-cases.json'),
        );
        /**
         * @var array{
         *     cases: int,
         *     first_percent: float,
         *     first_three_percent: float,
         *     by_what_is_seen_alone: array{first_percent: float, first_three_percent: float},
         *     enlarged: array{cases: int, first_percent: float, first_three_percent: float, calibration_error: float,
         *         reliability: list<array{cases: int, said: float, right: float}>},
         *     held_out: array{cases: int, first_percent: float, first_three_percent: float, calibration_error: float,
         *         reliability: list<array{cases: int, said: float, right: float}>},
         * } $figures
         */
        $figures = json_decode($out, true, flags: \JSON_THROW_ON_ERROR);

        self::assertSame(0, $exit);
        self::assertGreaterThanOrEqual(40, $figures['cases']);
        self::assertGreaterThanOrEqual(85.0, $figures['first_percent']);
        self::assertGreaterThanOrEqual(97.0, $figures['first_three_percent']);
        self::assertLessThan(
            $figures['first_percent'],
            $figures['by_what_is_seen_alone']['first_percent'],
            'what is known beside what is seen helps',
        );
        foreach (['enlarged' => 120, 'held_out' => 30] as $which => $fewest) {
            self::assertGreaterThanOrEqual($fewest, $figures[$which]['cases'], $which);
            self::assertGreaterThanOrEqual(85.0, $figures[$which]['first_percent'], $which);
            self::assertGreaterThanOrEqual(97.0, $figures[$which]['first_three_percent'], $which);
            self::assertLessThanOrEqual(0.08, $figures[$which]['calibration_error'], $which);
            self::assertSame(
                $figures[$which]['cases'],
                array_sum(array_column($figures[$which]['reliability'], 'cases')),
                "$which: every case is in one row of the table",
            );
        }
    }

    public function testTheExampleOfTheFormatIsAnswered(): void
    {
        [$exit, $out] = Commands::run(
            'schwung:diagnose',
            '{"format":"schwung/tension-case","version":1,"seen":["centre-dip"],' .
                '"looked_for_absent":["drag-line"],"context":{"backing_kind":"cotton","stretch":"none",' .
                '"seam":"none","float":"full","lead_method":"pins","pin_spacing":"4 in","always_centred":true,' .
                '"loads_since_leader_check":30,"evened":true,"aligned_by":"seam","batting_rest_hours":30,' .
                '"side_clamps":"wide","pass":"first","fullness_percent":0.4,"backing_squared":true,' .
                '"frame_kind":"roller","motorised":false,"firmness":{"backing":[3,3,3],"top":[3,3,3]}}}',
        );
        /**
         * @var array{
         *     seen: list<string>,
         *     result: list<array{cause: string, chance: float, for: list<string>, test: string}>,
         * } $answer
         */
        $answer = json_decode($out, true, flags: \JSON_THROW_ON_ERROR);

        self::assertSame(0, $exit);
        self::assertSame(['centre-dip'], $answer['seen']);
        self::assertCount(36, $answer['result']);
        self::assertSame('leader-worn-centre', $answer['result'][0]['cause']);
        self::assertGreaterThan(0.5, $answer['result'][0]['chance']);
        self::assertContains('quilts always hang from the centre', $answer['result'][0]['for']);
        $schema = json_decode((string) file_get_contents(__DIR__ . '/../../../docs/formats/tension-case.schema.json'));
        self::assertInstanceOf(\stdClass::class, $schema);
        self::assertTrue((new Validator())->validate(json_decode($out), $schema)->isValid());
    }

    public function testFaultsOfACaseAreToldAtTheirPlace(): void
    {
        [$exit, , $err] = Commands::run(
            'schwung:diagnose',
            '{"format":"schwung/tension-case","version":1,"seen":["centre-dip","ghosts"],' .
                '"looked_for_absent":["centre-dip"],"context":{"firmness":{"backing":[3,3],"top":[3,3,3]},' .
                '"seam":"askew","quilt_size":["60 in"],"loads_since_leader_check":-2,"sidee":"left"}}',
        );

        self::assertSame(2, $exit);
        foreach (
            [
                '/seen/1',
                '/looked_for_absent: ',
                '/context/firmness/backing: ',
                '/context/seam: ',
                '/context/quilt_size: ',
                '/context/loads_since_leader_check: ',
                '/context/sidee: ',
            ]
            as $pointer
        ) {
            self::assertStringContainsString($pointer, $err);
        }
    }

    public function testClipsSpeakAgainstAnUnevenEdge(): void
    {
        $case = new TensionCase(
            [Symptom::CrossRipple],
            [],
            new Circumstances(
                top: new TopFacts(float: FloatKind::Full),
                hold: new HoldFacts(leadMethod: HoldingSystem::ChannelClips),
            ),
        );

        self::assertSame(['clips or a zip hold the whole edge'], $this->of(Cause::AttachedUneven, $case)->against);
    }

    private function rule(): DiagnosisRule
    {
        return new DiagnosisRule(Knowledge::ofTheTrade());
    }

    /** @param array<string, int> $confirmed */
    private function of(Cause $cause, TensionCase $case, array $confirmed = []): Likely
    {
        foreach ((new DiagnosisRule(Knowledge::ofTheTrade(), $confirmed))->rank($case) as $likely) {
            if ($likely->cause() === $cause) {
                return $likely;
            }
        }
        self::fail('Every cause is ranked.');
    }
}
