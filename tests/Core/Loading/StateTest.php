<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group as InGroup;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\Working;
use Schwung\Core\Loading\ClothState;
use Schwung\Core\Loading\FrameState;
use Schwung\Core\Loading\Group;
use Schwung\Core\Loading\LineIn;
use Schwung\Core\Loading\Pieces;
use Schwung\Core\Loading\ReadingKind;
use Schwung\Core\Loading\Sequence;
use Schwung\Core\Loading\Setting;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\Shown;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Loading\StepRule;
use Schwung\Core\Loading\StepText;
use Schwung\Core\Loading\Where;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\BastingStitch;
use Schwung\Core\Practice\BattingHold;
use Schwung\Core\Practice\EdgeGuide;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\PickTime;
use Schwung\Core\Practice\Purpose;

/** No step of any variant is reached with the frame in a wrong state. */
#[CoversClass(Sequence::class)]
#[CoversClass(FrameState::class)]
#[CoversClass(StepList::class)]
#[CoversClass(StatePart::class)]
#[CoversClass(Setting::class)]
#[InGroup('slow')]
final class StateTest extends TestCase
{
    /** @param array<string, mixed> $members */
    #[DataProvider('frames')]
    public function testEveryCombinationOfSchoolsIsSafeOnThisFrame(array $members, Working $working): void
    {
        $base = Loads::setup($members, working: $working);
        foreach (self::habits() as $habits) {
            $setup = new Setup(
                $base->plan,
                $base->winding,
                $habits,
                $base->stitches,
                $base->thread,
                $base->held,
                $base->position,
            );
            self::assertSame([], $this->faults((new StepRule())->steps($setup), $setup));
        }
    }

    /** @return iterable<string, array{HoldingSystem, HoldingSystem}> every hold of rollers at the lead with every one at the tail */
    public static function holds(): iterable
    {
        foreach (HoldingSystem::cases() as $lead) {
            foreach (HoldingSystem::cases() as $tail) {
                if (HoldingSystem::SpringClamps !== $lead && HoldingSystem::SpringClamps !== $tail) {
                    yield "$lead->value, $tail->value" => [$lead, $tail];
                }
            }
        }
    }

    #[DataProvider('holds')]
    public function testEveryHoldAtEachEndIsSafeByWhateverSchool(HoldingSystem $lead, HoldingSystem $tail): void
    {
        $habits = iterator_to_array(Pairs::ofHabits(), false);
        foreach (FloatKind::cases() as $i => $float) {
            foreach (['roller', 'roller-front-backing'] as $k => $kind) {
                $base = Loads::setup([
                    'frame/kind' => $kind,
                    'frame/stock' => [
                        ['length' => '36 in', 'count' => 8],
                        ['length' => '100 in', 'count' => 4, 'method' => 'zip'],
                    ],
                    'load/float' => $float->value,
                    'load/lead' => ['method' => $lead->value],
                    'load/tail' => ['method' => $tail->value],
                    'load/top' => ['method' => $tail->value],
                ]);
                for ($n = $i + $k; $n < \count($habits); $n += 7) {
                    $setup = $base->by($habits[$n]);
                    self::assertSame([], $this->faults((new StepRule())->steps($setup), $setup), "school $n");
                }
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, Working}> */
    public static function frames(): iterable
    {
        yield 'a roller frame, floating' => [[], Working::Plain];
        yield 'a roller frame, part float, minky' => [
            ['load/float' => 'part', 'backing/kind' => 'minky'],
            Working::Plain,
        ];
        yield 'a roller frame, both ends held, a full edge' => [
            ['load/float' => 'none', 'top/widths/top' => '68 1/2 in'],
            Working::Plain,
        ];
        yield 'scallops' => [['top/edge' => 'scalloped'], Working::Plain];
        yield 'a front roller' => [['frame/kind' => 'roller-front-backing'], Working::Plain];
        yield 'a clamp frame with rollers' => [
            [
                'frame/kind' => 'clamp-with-rollers',
                'frame/unreachable_left' => '6 in',
                'frame/unreachable_right' => '6 in',
            ],
            Working::Plain,
        ];
        yield 'a clamp frame in sections' => [Loads::clamped(), Working::Plain];
        yield 'a clamp frame in sections, turned round' => [Loads::clamped(), Working::TurnedRound];
        yield 'a clamp frame, borders last' => [
            [...Loads::clamped(), 'quilting' => ['style' => 'blocks']],
            Working::BordersLast,
        ];
        yield 'blocks, turned round' => [['quilting' => ['style' => 'blocks']], Working::TurnedRound];
        yield 'rows, turned round' => [[], Working::TurnedRound];
        yield 'blocks, borders last' => [['quilting' => ['style' => 'blocks']], Working::BordersLast];
        yield 'magnets on both ends' => [
            ['load/lead' => ['method' => 'magnets'], 'load/tail' => ['method' => 'magnets']],
            Working::Plain,
        ];
        yield 'very short: the tail edge is in the first bed' => [
            [
                'top/lengths' => ['left' => '16 in', 'middle' => '16 in', 'right' => '16 in'],
                'top/diagonals' => null,
                'top/seams_across' => [],
                'load/direction' => 'as-is',
            ],
            Working::Plain,
        ];
    }

    /** @return iterable<LoadingHabits> every pair of answers, and every combination of those that meet in one step */
    private static function habits(): iterable
    {
        yield from Pairs::ofHabits();
        foreach (Purpose::cases() as $purpose) {
            foreach (BattingHold::cases() as $batting) {
                foreach (FarEdge::cases() as $farEdge) {
                    foreach (EdgeGuide::cases() as $guide) {
                        foreach (BastingStitch::cases() as $stitch) {
                            yield new LoadingHabits(
                                purpose: $purpose,
                                batting: $batting,
                                farEdge: $farEdge,
                                guide: $guide,
                                stitch: $stitch,
                            );
                        }
                    }
                }
            }
        }
    }

    public function testEveryAnswerMeetsEveryOther(): void
    {
        $rows = array_map(static fn(LoadingHabits $habits): array => $habits->words(), [...Pairs::ofHabits()]);
        $questions = array_keys($rows[0]);
        $missing = [];
        foreach ($questions as $i => $one) {
            foreach (\array_slice($questions, $i + 1) as $other) {
                $met = array_unique(array_map(static fn(array $row): string => "$row[$one] $row[$other]", $rows));
                if (\count($met) !== \count($one::cases()) * \count($other::cases())) {
                    $missing[] = "$one with $other";
                }
            }
        }

        self::assertSame([], $missing);
    }

    /** @return list<string> everything that is wrong with a list */
    private function faults(StepList $list, Setup $setup): array
    {
        [$state, $keys, $faults] = [$list->start, [], []];
        foreach ($list->steps as $step) {
            $keys[$step->key] = true;
            $wrong = [
                ...array_map(
                    static fn(Setting $need): string => 'needs ' . $need->part->value . ' ' . $need->value,
                    $state->unmet($step->needs),
                ),
                ...StepKind::Stitch === $step->kind ? $this->againstStitching($state, $setup) : [],
                ...StepKind::Advance === $step->kind ? $this->againstAdvancing($state, $step) : [],
            ];
            array_push($faults, ...array_map(static fn(string $what): string => "$step->key: $what", $wrong));
            $state = $state->with($step->leaves);
        }

        return [
            ...$faults,
            ...$this->againstTheCloth($list, $setup),
            ...\count($keys) === $list->count() ? [] : ['a key is there twice'],
            ...$this->notSetBack($state),
        ];
    }

    /**
     * What was put in has come out, every line is where its figure says, and nothing is read that was not set.
     *
     * @return list<string>
     */
    private function againstTheCloth(StepList $list, Setup $setup): array
    {
        [$before, $faults] = [null, []];
        foreach ($list->cloths() as $i => $cloth) {
            $step = $list->steps[$i];
            $wrong = [
                'marks are read that nobody set' => ReadingKind::Register === $step->reads && [] === $before?->marks,
                'pins lie in the bed' =>
                    StepKind::Stitch === $step->kind &&
                    [] !== array_filter($cloth->pieces, static fn(Pieces $one): bool => Where::Bed === $one->where),
                'a line is stitched over' =>
                    StepKind::Stitch === $step->kind &&
                    PickTime::BeforeCrossed === $setup->habits->pick &&
                    $cloth->hasLine('all-over'),
                'it stitches with the hold on the bed' =>
                    StepKind::Stitch === $step->kind && !$setup->isClamped() && null === $cloth->hold,
                'more is wound than there is' => $cloth->onBacking->plus($cloth->onTakeUp)->isLongerThan($cloth->cloth),
                'the batting is laid while the backing is on the take-up' =>
                    'lay-batting' === $step->key &&
                    !$setup->isClamped() &&
                    $cloth->onTakeUp->isLongerThan(Length::inches(1)),
            ];
            array_push(
                $faults,
                ...array_map(static fn(string $what): string => "$step->key: $what", array_keys(array_filter($wrong))),
            );
            $before = $cloth;
        }

        return [
            ...$faults,
            ...null === $before || [] !== $before->pieces || null !== $before->lock || null !== $before->hold
                ? ['something is left on the frame']
                : [],
            ...[] === array_filter($before->lines ?? [], static fn(LineIn $line): bool => !$line->stays)
                ? []
                : ['basting is left in the quilt'],
        ];
    }

    /**
     * Said once more, apart from what the steps say that they need.
     *
     * @return list<string>
     */
    private function againstStitching(FrameState $state, Setup $setup): array
    {
        $isBasting = $setup->is(Purpose::Basting);

        return array_keys(
            array_filter([
                'the lock is on' => 'off' !== $state->at(StatePart::ChannelLock),
                'the stitch is wrong' => ($isBasting ? 'large basting' : 'quilting') !== $state->at(StatePart::Stitch),
                'the tension is wrong' => ($isBasting ? 'loosened' : 'usual') !== $state->at(StatePart::Tension),
                'pins are in the bed' => 0 !== $state->pins(),
                'the side clamps are off' => 'on' !== $state->at(StatePart::SideClamps),
                'the wrong foot is on' => $setup->foot() !== $state->at(StatePart::Foot),
                'something turns freely' => \in_array(
                    'free',
                    [
                        $state->at(StatePart::TakeUp),
                        $state->at(StatePart::Backing),
                        $state->at(StatePart::Top),
                        $state->at(StatePart::Poles),
                    ],
                    true,
                ),
                'it is slack or tight' => !\in_array($state->at(StatePart::Firmness), ['softer', 'loose'], true),
            ]),
        );
    }

    /** @return list<string> */
    private function againstAdvancing(FrameState $state, Step $step): array
    {
        $text = $step->text->do->writtenBy(new LengthWriter(UnitSystem::Inches));

        return array_keys(
            array_filter([
                'pins go into the roll' => 0 !== $state->pins(),
                'a flap is still pinned' => 'pinned' === $state->at(StatePart::Flaps),
                'the clamps are on and nobody lets them off' =>
                    'on' === $state->at(StatePart::SideClamps) && 1 !== preg_match('/clamps off/i', $text),
            ]),
        );
    }

    /** @return list<string> */
    private function notSetBack(FrameState $state): array
    {
        $wanted = [
            [StatePart::ChannelLock, 'off'],
            [StatePart::Stitch, 'quilting'],
            [StatePart::Tension, 'usual'],
            [StatePart::SideClamps, 'off'],
            [StatePart::Firmness, 'slack'],
            [StatePart::Reference, 'none'],
            [StatePart::Pins, '0'],
        ];

        return array_map(
            static fn(Setting $setting): string => "at the end the {$setting->part->value} is not {$setting->value}",
            $state->unmet(array_map(static fn(array $pair): Setting => new Setting(...$pair), $wanted)),
        );
    }

    public function testAStepThatIsReachedInAWrongStateIsRefused(): void
    {
        $text = new StepText(Phrase::of('Stitch.'), Phrase::of(''), Phrase::of(''), Phrase::of(''));
        $sequence = new Sequence(
            FrameState::between(FrameKind::Roller),
            ClothState::bare(Length::inches(24), Length::inches(96)),
        );
        $sequence->add(
            new Step(
                'lock',
                Group::Batting,
                StepKind::Set,
                $text,
                Shown::Side,
                1,
                leaves: [new Setting(StatePart::ChannelLock, 'across')],
            ),
        );

        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('Step "curve" needs the channel lock to be "off", and it is "across".');
        $sequence->add(
            new Step('curve', Group::Pass, StepKind::Stitch, $text, Shown::Pass, 1, [
                new Setting(StatePart::ChannelLock, 'off'),
            ]),
        );
    }

    public function testAPartTakesOnlyItsOwnWords(): void
    {
        self::assertTrue(StatePart::Pins->accepts('12'));
        self::assertFalse(StatePart::Pins->accepts('many'));
        $this->expectExceptionMessage('"channel lock" cannot be "sideways".');
        new Setting(StatePart::ChannelLock, 'sideways');
    }

    public function testAFrameOfPolesHasNoRatchets(): void
    {
        self::assertNull(FrameState::between(FrameKind::Clamp)->at(StatePart::TakeUp));
        self::assertSame('held', FrameState::between(FrameKind::Clamp)->at(StatePart::Poles));
        self::assertNull(FrameState::between(FrameKind::RollerFrontBacking)->at(StatePart::Top));
    }
}
