<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Job\Working;
use Schwung\Core\Loading\BackingSteps;
use Schwung\Core\Loading\BattingSteps;
use Schwung\Core\Loading\ClampFrameSteps;
use Schwung\Core\Loading\ClothState;
use Schwung\Core\Loading\Group;
use Schwung\Core\Loading\Holds;
use Schwung\Core\Loading\LastEdgeSteps;
use Schwung\Core\Loading\MoveSteps;
use Schwung\Core\Loading\OffSteps;
use Schwung\Core\Loading\PassSteps;
use Schwung\Core\Loading\ReadingKind;
use Schwung\Core\Loading\ReadySteps;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Loading\StepRule;
use Schwung\Core\Loading\TopSteps;
use Schwung\Core\Loading\TurnSteps;
use Schwung\Core\Loading\VoidChoices;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\BastingStitch;
use Schwung\Core\Practice\BattingHold;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\ChannelLock;
use Schwung\Core\Practice\EdgeGuide;
use Schwung\Core\Practice\EdgeLine;
use Schwung\Core\Practice\EndStop;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\FirstFixings;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\HangingEnd;
use Schwung\Core\Practice\LastEdge;
use Schwung\Core\Practice\LayerOrder;
use Schwung\Core\Practice\LineDirection;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\LoadingPlace;
use Schwung\Core\Practice\People;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\SecondEnd;
use Schwung\Core\Practice\SideBasting;
use Tests\Core\Jobs;

#[CoversClass(StepRule::class)]
#[CoversClass(ReadySteps::class)]
#[CoversClass(BackingSteps::class)]
#[CoversClass(Holds::class)]
#[CoversClass(BattingSteps::class)]
#[CoversClass(TopSteps::class)]
#[CoversClass(ClampFrameSteps::class)]
#[CoversClass(PassSteps::class)]
#[CoversClass(MoveSteps::class)]
#[CoversClass(TurnSteps::class)]
#[CoversClass(LastEdgeSteps::class)]
#[CoversClass(OffSteps::class)]
final class StepsTest extends TestCase
{
    public function testAUsualLoadRunsInTheOrderOfTheWork(): void
    {
        $list = Loads::steps();

        self::assertSame(
            ['ready', 'centres', 'backing', 'batting', 'top', 'clamps', 'pass', 'last-edge', 'off'],
            array_keys($list->byGroup()),
        );
        self::assertSame(
            ['ready', 'centres', 'backing', 'batting', 'top', 'clamps', 'pass', 'last-edge', 'pass', 'off'],
            array_map(static fn(array $run): string => $run[0]->group->value, $list->runs()),
        );
        self::assertSame(65, $list->count());
        self::assertContains(
            'pass-5-advance: Side clamps off, the bar off the hanging end, then wind the take-up roller forward 34 ' .
                'clicks, 8 ⅞ in. It brings up the bed of pass 5; the roll is 3 ⅛ in thick then. The marks are still on ' .
                'their places. Let off, smooth from the centre out, wind again. Hold the roll before unlocking; hands, ' .
                'hair and cords away from what turns.',
            Loads::told($list),
        );
    }

    /**
     * @param array<string, mixed> $members
     * @param list<string>         $tells    each stands in some step
     * @param list<string>         $tellsNot none of these stands in any
     */
    #[DataProvider('variants')]
    public function testEachVariantHasItsTellingSteps(
        array $members,
        LoadingHabits $habits,
        array $tells,
        array $tellsNot,
    ): void {
        $told = implode("\n", Loads::told(Loads::steps($members, $habits)));

        foreach ($tells as $text) {
            self::assertStringContainsString($text, $told);
        }
        foreach ($tellsNot as $text) {
            self::assertStringNotContainsString($text, $told);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, LoadingHabits, list<string>, list<string>}> */
    public static function variants(): iterable
    {
        $usual = new LoadingHabits();
        $minky = ['backing/kind' => 'minky', 'backing/stretch' => 'across'];
        yield 'long basting stitches are set back' => [
            [],
            $usual,
            [
                'set-basting: Set the stitch to 4',
                'set-quilting: Set the stitch back to 11',
                'set the stitch back to 11, and put the clamps on',
            ],
            [],
        ];
        yield 'the same stitch leaves nothing to set back' => [
            [],
            new LoadingHabits(stitch: BastingStitch::Same),
            ['baste the new sides from the front bar back and put the clamps on'],
            ['set-basting', 'set-quilting', 'back to 11'],
        ];
        yield 'locked along the edge' => [
            [],
            $usual,
            [
                'lock: Bring the needle over the line, 3 in from the lead hold. Raise the bobbin thread',
                'lock-top: Bring the needle over the seam to align by, 9 ½ in from the lead hold, and turn',
                'lock-edge: Bring the needle over the far edge, just inside it, 3 ⅝ in from the lead hold',
                '⅛ in inside it, the lock on. Unlock.',
            ],
            ['by eye along the edge'],
        ];
        yield 'by eye along the edge' => [
            [],
            new LoadingHabits(guide: EdgeGuide::Eye),
            ['by eye along the edge', 'lay the seam straight to it. Unlock.'],
            ['the lock on.', 'lock-edge'],
        ];
        yield 'aligned by a seam' => [
            [],
            $usual,
            ['align-seam: Run the foot along the seam 6 in from the lead edge'],
            ['align-edge'],
        ];
        yield 'aligned by a seam that nobody measured' => [
            ['top/seams_across' => []],
            $usual,
            ['Run the foot along the first seam that goes right across the top'],
            [],
        ];
        yield 'aligned by its edge' => [
            [],
            new LoadingHabits(alignment: Alignment::Edge),
            ['align-edge: Run the foot along the edge of the top'],
            ['align-seam'],
        ];
        yield 'measured from the rail' => [
            [],
            new LoadingHabits(alignment: Alignment::Rail),
            ['align-edge: Lay the top\'s edge parallel to the rail: measure it from the rail'],
            ['lock-top', 'Run the foot'],
        ];
        yield 'no lock' => [
            [],
            new LoadingHabits(lock: ChannelLock::None),
            [
                'Lay a tape across the batting and baste one line along it, from the centre out',
                'measure it from the rail',
                'by eye along the edge',
            ],
            ['lock:', 'lock-top', 'lock-edge', 'channel lock', 'Unlock'],
        ];
        yield 'a clip at the wheels' => [
            [],
            new LoadingHabits(lock: ChannelLock::WheelClip),
            ['put the clips on the wheels that run toward you'],
            ['turn the channel lock'],
        ];
        yield 'lines from end to end' => [
            [],
            new LoadingHabits(direction: LineDirection::EndToEnd),
            [
                'reference: Baste one line straight across the batting, from the right end to the other, ',
                'baste-edge: Baste the far edge from the right end to the other, ⅛ in inside it',
            ],
            ['far edge from the centre'],
        ];
        yield 'the far edge not basted' => [
            [],
            new LoadingHabits(farEdge: FarEdge::None),
            ['on the reference line: ', 'baste-sides'],
            ['baste-edge', 'lock-edge'],
        ];
        yield 'sides and far edge in one run' => [
            [],
            new LoadingHabits(sides: SideBasting::InOneRun),
            [
                'Baste in one run, ⅛ in inside: up the right side from the front bar, across the far edge and down the other',
                'baste the new sides from the front bar back',
            ],
            ['baste-edge', 'lock-edge'],
        ];
        yield 'no run where fullness is walked in' => [
            ['top/widths/top' => '68 1/2 in'],
            new LoadingHabits(sides: SideBasting::InOneRun),
            ['walking in ¾ in of fullness', 'Baste both sides for the length of the bed'],
            ['in one run'],
        ];
        yield 'no run along scallops' => [
            ['top/edge' => 'scalloped'],
            new LoadingHabits(sides: SideBasting::InOneRun),
            ['Baste just inside the deepest dips'],
            ['in one run'],
        ];
        yield 'walked off the top roller' => [
            ['load/float' => 'part'],
            new LoadingHabits(lastEdge: LastEdge::Walked),
            ['walk-tail: Walk the tail edge off the top roller: draw two or three pins, fold that part down'],
            ['pin-tail', 'baste-tail', 'lay pins ready'],
        ];
        yield 'nothing to walk off' => [[], new LoadingHabits(lastEdge: LastEdge::Walked), ['pin-tail'], ['walk-tail']];
        yield 'the second end on the table' => [
            [],
            new LoadingHabits(place: LoadingPlace::Table),
            ['attach-tail: Clip the backing, right side down, let out and drawn over the flat table', 'Flip it clear'],
            [],
        ];
        yield 'slid, and by the cloth' => [
            [],
            new LoadingHabits(secondEnd: SecondEnd::Slide, edge: EdgeLine::Cloth),
            ['slide the hanging cloth sideways until no fold slants, then the rest', 'its edge may run off the line'],
            ["The edge lies on the leader's line"],
        ];
        yield 'two people' => [
            [],
            new LoadingHabits(people: People::Two),
            ['One of you at each end.', 'one of you at each.'],
            ['Stand in the middle'],
        ];
        yield 'centre and ends first' => [
            [],
            new LoadingHabits(firstFixings: FirstFixings::CentreEndsFill),
            [
                '3 ⅞ in apart, the centre and both ends first, then between them.',
                'hold centre and both ends with a temporary clip each, off as the clip comes there.',
            ],
            ['from the centre out, to the right first. No fullness'],
        ];
        yield 'the ends first' => [
            [],
            new LoadingHabits(firstFixings: FirstFixings::EndsFirst),
            ['both ends first, then from the centre out, to the right first.'],
            [],
        ];
        yield 'sides from the back' => [
            [],
            new LoadingHabits(sides: SideBasting::FromBack),
            ['from the back to the front bar'],
            ['from the front bar back'],
        ];
        yield 'on the reference line' => [
            [],
            new LoadingHabits(farEdge: FarEdge::OnLine),
            ['leading, on the reference line'],
            ['below the reference line'],
        ];
        yield 'a wavy line' => [
            [],
            new LoadingHabits(farEdge: FarEdge::Wavy),
            ['in a light wave within ⅛ in', 'Fullness slips into the waves'],
            [],
        ];
        yield 'batting pinned only' => [
            [],
            new LoadingHabits(batting: BattingHold::Pinned),
            ['pin-batting: Pin the batting', 'pins-out-top: Take out all 7 pins and count them'],
            ['reference:', 'pull-reference'],
        ];
        yield 'batting basted all over' => [
            [],
            new LoadingHabits(batting: BattingHold::AllOver),
            [
                'all-over: Baste the batting to the backing all over the bed, in lines across 4 in apart',
                'On a slippery backing',
                'pass-1-pick: Pull the basting lines of this bed out by their ends',
                'and lines across, 4 in apart, at 4 stitches an inch',
            ],
            [],
        ];
        yield 'a stretchy backing' => [
            $minky,
            $usual,
            [
                'all-over: Baste the batting',
                'On a stretchy backing the batting slides',
                'hardly pulling: the cloth stretches',
                'Let one off again: the cloth jumps back by no more than ⅛ in',
                'often wants a third time',
            ],
            [],
        ];
        yield 'part float' => [
            ['load/float' => 'part'],
            $usual,
            [
                'attach-top: Pin the top by its bottom edge',
                'roll-top: Roll the top up',
                'Free the tail edge from the top roller',
            ],
            ['hold-end'],
        ];
        yield 'part float, the edge kept on its roller' => [
            ['load/float' => 'part'],
            new LoadingHabits(lastEdge: LastEdge::OnRoller),
            ['roll-top'],
            ['pin-tail', 'the tail edge comes over the front bar'],
        ];
        yield 'both ends held' => [
            ['load/float' => 'none'],
            $usual,
            [
                'hold-through: Loosen the backing by a turn and go round to the rear. Take the pins out one by one and ' .
                'push them back through leader, backing, batting and top',
                'Quilting begins 1 in inside it.',
                'its edge at the lead hold',
                'take-up-again',
            ],
            ['hold-end', 'baste-edge', 'reference:', 'attach-top-lead'],
        ];
        yield 'full float' => [
            [],
            $usual,
            ['of the top hang, and hold its end with a light bar'],
            ['attach-top', 'roll-top'],
        ];
        yield 'the last edge by blocks' => [
            [],
            new LoadingHabits(lastEdge: LastEdge::ByBlock),
            ['secure-tail: Lay the tail edge flat, and secure it a block at a time'],
            ['pin-tail'],
        ];
        yield 'an edge with fullness is walked in' => [
            ['top/widths/top' => '68 1/2 in'],
            $usual,
            [
                'foot-disc: Put the disc foot on',
                'walking in ¾ in of fullness',
                'foot-back: Put the open-toe foot back on',
            ],
            ['the lock on.'],
        ];
        yield 'fullness at the tail' => [
            ['top/widths/bottom' => '68 1/2 in'],
            $usual,
            ['¾ in of fullness shared between them'],
            [],
        ];
        yield 'scallops' => [
            ['top/edge' => 'scalloped', 'load/float' => 'none'],
            $usual,
            ['Baste just inside the deepest dips between the scallops', 'hold-end'],
            ['attach-top'],
        ];
        yield 'points' => [['top/edge' => 'points'], $usual, ['dips between the points'], []];
        yield 'a directional top as it is' => [
            ['load/direction' => 'as-is'],
            $usual,
            ['its top edge leading', 'The top has an up: it points away from you'],
            [],
        ];
        yield 'a directional top turned' => [
            ['load/direction' => 'turned', 'quilting/directional' => false],
            $usual,
            ['its left edge leading', 'it points to your right'],
            [],
        ];
        yield 'a directional design' => [
            ['top/directional' => false, 'quilting/directional' => true, 'load/direction' => 'as-is'],
            $usual,
            ['The design has an up'],
            [],
        ];
        yield 'magnets' => [
            ['load/lead' => ['method' => 'magnets']],
            $usual,
            [
                'Fasten the backing, right side down, from the rear, to the take-up leader, over its casing, with',
                'until the lead hold stands 1 in behind the leveller bar',
                'implanted medical devices',
                'none within 2 in of an end of the roller, none on the leveller',
                'No magnet lies in its way or on a bar',
                'snap back on fingers',
            ],
            [],
        ];
        yield 'in quarters, as much as was asked for' => [
            Jobs::sides(78, 96),
            $usual,
            ['4 ⅜ in at the end.', 'This plan needs 4 in at the side and 4 in at the end.'],
            [],
        ];
        yield 'in quarters, less than was asked for along, and enough' => [
            Jobs::sides(78, 94),
            $usual,
            ['3 ⅜ in at the end.', 'This plan needs 4 in at the side and 2 ¼ in at the end.'],
            [],
        ];
        yield 'of a cloth that is too small squared up only the ends are cut' => [
            [
                'backing/sides' => ['top' => '83 in', 'right' => '115 in', 'bottom' => '80 in', 'left' => '110 in'],
                'backing/diagonal' => '130 in',
                'load/direction' => 'as-is',
            ],
            $usual,
            ['square: Cut only lead and tail of the backing straight and parallel'],
            ['quarters:', 'Square the backing up'],
        ];
        yield 'no line is basted where the top begins at the hold' => [
            [
                'load/lead' => ['method' => 'magnets'],
                'load/margins' => ['lead' => '4 in', 'tail' => '4 in', 'left' => '4 in', 'right' => '4 in'],
            ],
            $usual,
            ['that edge at the lead hold all along', 'its edge at the lead hold, and'],
            ['reference:', 'lock:', 'reference line', ' 0 in from'],
        ];
        yield 'clips that nobody has counted' => [
            ['load/tail' => ['method' => 'channel-clips']],
            $usual,
            [
                'with channel clips pressed on from the centre out',
                'Take everything off that holds both ends; the register',
            ],
            ['0 channel', 'They reach', 'pieces, and count'],
        ];
        yield 'poles to which the layers are pinned want no batting round them' => [
            [...Loads::clamped(), 'load/lead' => ['method' => 'pins']],
            $usual,
            ['clamp-lead: Pin all layers to the back pole', 'clamp-tail: Clamp all layers to the front pole with'],
            ['from the centre out, to the right first. Where the pole is thin'],
        ];
        yield 'lines across at the stitch that is in' => [
            [...Jobs::measures(30, 24), ...Jobs::sides(42, 36), 'batting/width' => '36 in', 'backing/seams' => []],
            new LoadingHabits(stitch: BastingStitch::Same, batting: BattingHold::AllOver),
            ['pass-2-sides: Baste the new sides from the front bar back and lines across, 4 in apart. '],
            [],
        ];
        yield 'three clamps' => [
            [
                ...Loads::clamped(),
                'top/widths' => ['top' => '16 in', 'middle' => '16 in', 'bottom' => '16 in'],
                ...Jobs::sides(28, 100),
                'batting/width' => '20 in',
                'top/diagonals' => null,
            ],
            $usual,
            ['with 3 spring clamps: both ends, then the centre.'],
            [],
        ];
        yield 'four clamps' => [
            [
                ...Loads::clamped(),
                'top/widths' => ['top' => '24 in', 'middle' => '24 in', 'bottom' => '24 in'],
                ...Jobs::sides(38, 100),
                'batting/width' => '28 in',
                'top/diagonals' => null,
            ],
            $usual,
            ['with 4 spring clamps: both ends, then between.'],
            [],
        ];
        yield 'five clamps' => [
            [
                ...Loads::clamped(),
                'top/widths' => ['top' => '44 in', 'middle' => '44 in', 'bottom' => '44 in'],
                ...Jobs::sides(60, 100),
                'batting/width' => '48 in',
                'top/diagonals' => null,
            ],
            $usual,
            ['with 5 spring clamps: both ends, the centre, then between.'],
            [],
        ];
        yield 'zips' => [
            ['load/lead' => ['method' => 'zip', 'stock' => [['length' => '100 in', 'count' => 2]]]],
            $usual,
            [
                'zips: At the table, mark the centre of both ends of the backing and pin it to its zips',
                'Zip the backing',
            ],
            [],
        ];
        yield 'dowel clamps' => [
            ['load/lead' => ['method' => 'dowel-clamps']],
            $usual,
            ['dowel clamps, from the centre out, to the right first, at most ½ in between two'],
            [],
        ];
        yield 'hook and loop' => [
            ['load/lead' => ['method' => 'hook-and-loop']],
            $usual,
            ['onto the strip with a flat hand'],
            [],
        ];
        yield 'block work' => [
            [
                'quilting' => ['style' => 'blocks'],
                'top/seams_across' => [['at' => '12 in', 'kind' => 'block'], ['at' => '24 in', 'kind' => 'block']],
            ],
            $usual,
            [
                'machine: Clean the lint out of the bobbin area, oil, put in a new needle and the ruler foot',
                'down to the seam at 12 in',
                'inside a block, so that its lines stay open',
            ],
            ['pull-reference', '1 row'],
        ];
        yield 'batting that must be cut' => [
            ['batting/width' => '90 in', 'batting/length' => '93 in'],
            $usual,
            ['cut to that first', 'drawn into the carriage'],
            [],
        ];
        yield 'a front roller for the backing' => [
            ['frame/kind' => 'roller-front-backing', 'load/float' => 'none'],
            $usual,
            ['the leader of the front roller', 'hold-end'],
            ['attach-top'],
        ];
        yield 'basted to be taken off' => [
            [],
            new LoadingHabits(purpose: Purpose::Basting),
            [
                'Set 2 stitches an inch and loosen the upper tension',
                'Baste pass 3 with one large meander, lines 4 in apart, with a stop for snipping every 5 in',
                'fewest lines where the quilting will start',
                'Let off two clicks: for basting it lies loose',
                'set-machine-back: Tighten the upper tension again',
            ],
            ['set-quilting', 'Stitch pass'],
        ];
        yield 'basted before, loaded again' => [
            [],
            new LoadingHabits(purpose: Purpose::Prebasted),
            [
                'Pin the basted quilt, top side up',
                'lies-flat: Lift a square of 12 in',
                'cut the basting of the new bed',
                'Cut the basting ahead of the needle',
            ],
            ['lay-batting', 'lay-top', 'baste-sides', 'pin-tail'],
        ];
        yield 'a clamp frame in sections' => [
            Loads::clamped(),
            $usual,
            [
                'spread: Spread the backing on the table',
                'clamp-lead: Clamp all layers to the back pole',
                'roll-loose: Roll the loose quilt',
                'level: Roll the front clamps forward until the bed is level, and set the handles at the back upright',
                'pass-1-move-section-2',
                'section 2: 1 row',
                'Let off by hand, never all at once: the side clamps',
            ],
            ['leader', 'reference:', 'hold-end'],
        ];
        yield 'a clamp frame, basted before' => [
            Loads::clamped(),
            new LoadingHabits(purpose: Purpose::Prebasted),
            ['lies-flat', 'clamp-tail'],
            ['pin-sandwich', 'spread:'],
        ];
    }

    public function testTheHandSettlesOnWhichSideEverythingBegins(): void
    {
        $right = implode("\n", Loads::told(Loads::steps()));
        $left = implode("\n", Loads::told(Loads::steps(body: new Body(Hand::Left))));

        self::assertStringContainsString('from the centre out, to the left first', $left);
        self::assertStringNotContainsString('to the right first', $left);
        self::assertSame(
            $right,
            str_replace(['to the left first', 'left side first'], ['to the right first', 'right side first'], $left),
        );
    }

    public function testTheTopGoesOnItsRollerBeforeTheBackingWhereTheSchoolSaysSo(): void
    {
        $places = static fn(LayerOrder $order): array => array_map(
            Loads::steps(['load/float' => 'part'], new LoadingHabits(order: $order))->placeOf(...),
            ['attach-top', 'attach-lead'],
        );
        [$top, $backing] = $places(LayerOrder::RollThenGap);
        self::assertGreaterThan($backing, $top);
        [$top, $backing] = $places(LayerOrder::TopFirst);
        self::assertLessThan($backing, $top);
    }

    /** @param list<string> $in the steps that tell in which order the layers come */
    #[DataProvider('orders')]
    public function testTheBattingComesThroughTheGapWhereTheTopIsOnItsRollerBefore(LayerOrder $order, array $in): void
    {
        $told = array_map(
            static fn($step): string => $step->key,
            Loads::steps(['load/float' => 'part'], new LoadingHabits(order: $order))->steps,
        );

        self::assertSame(
            $in,
            array_values(array_intersect($told, ['attach-top', 'attach-lead', 'lift-top', 'lay-batting', 'lower-top'])),
        );
    }

    /** @return iterable<string, array{LayerOrder, list<string>}> */
    public static function orders(): iterable
    {
        $gap = ['lift-top', 'lay-batting', 'lower-top'];
        yield 'rolled after the backing' => [LayerOrder::RollThenGap, ['attach-lead', 'attach-top', ...$gap]];
        yield 'rolled first' => [LayerOrder::TopFirst, ['attach-top', 'attach-lead', ...$gap]];
        yield 'rolled last' => [LayerOrder::BattingThenRoll, ['attach-lead', 'lay-batting', 'attach-top']];
        yield 'to be laid' => [LayerOrder::BattingThenTop, ['attach-lead', 'lay-batting', 'attach-top']];
    }

    public function testABattingComesThroughTheGapFromTheSideWithMoreRoom(): void
    {
        $from = static fn(float $inches, Hand $hand): string => implode(
            "\n",
            Loads::told(
                (new StepRule())->steps(
                    self::hungAt(
                        Loads::setup(['load/float' => 'part'], body: new Body($hand)),
                        Length::inches($inches),
                    ),
                ),
            ),
        );

        self::assertStringContainsString('through the gap from the right', $from(0, Hand::Right));
        self::assertStringContainsString('through the gap from the left', $from(0, Hand::Left));
        self::assertStringContainsString('through the gap from the left', $from(12, Hand::Right));
        self::assertStringContainsString('through the gap from the right', $from(-12, Hand::Left));
    }

    /** Pieced along the quilt, the backing hangs by its seam, and the seam is watched. */
    public function testASeamOfTheBackingCanMeetTheCentreMark(): void
    {
        $by = static fn(Setup $setup): string => implode("\n", Loads::told((new StepRule())->steps($setup)));
        $habits = new LoadingHabits(centreSeam: true);
        $pieced = [
            'backing/seams' => [['direction' => 'along', 'at' => '39 in', 'pressed' => 'open']],
            'load/direction' => 'as-is',
        ];

        $told = $by(Loads::setup($pieced, $habits));
        self::assertStringContainsString('and take its seam for that of the backing', $told);
        self::assertStringContainsString('Its centre lies on the centre mark and the seam of the backing, and', $told);
        self::assertMatchesRegularExpression("/set-marks: .*, on it, .* of the rail's centre mark/", $told);
        $aside = $by(self::hungAt(Loads::setup($pieced, $habits), Length::inches(12)));
        self::assertStringContainsString('Its centre lies on the mark 12 in to the right and', $aside);
        self::assertStringNotContainsString('lies on the centre mark', $aside);
        foreach ([Loads::setup($pieced), Loads::setup(['backing/seams' => []], $habits)] as $without) {
            self::assertStringNotContainsString('take its seam', $by($without));
        }
    }

    /** From the rear, a cloth is wound once it is longer than the bed and what is to hang before it. */
    public function testAClothThatIsTooShortIsNotSaidToBeWound(): void
    {
        $bed = Loads::setup()->plan->job->frame->bed()->toInches();
        $told = static function (float $along): string {
            $sides = ['top' => '78 in', 'bottom' => '78 in', 'left' => "$along in", 'right' => "$along in"];
            $members = [
                'backing/sides' => $sides,
                'backing/diagonal' => \sprintf('%.4F in', hypot(78, $along)),
                'top/lengths' => array_fill_keys(['left', 'middle', 'right'], '20 in'),
                'top/diagonals' => null,
                'top/seams_across' => [],
                'load/direction' => 'as-is',
            ];

            return implode("\n", Loads::told(Loads::steps($members)));
        };

        self::assertStringContainsString('wind-on: The backing is too short to be wound yet', $told($bed + 11.5));
        self::assertStringContainsString('wind-on: Wind the backing loosely onto', $told($bed + 12.5));
    }

    public function testTheFootIsClosedBlockByBlockAlongItsSeams(): void
    {
        $ticks = static function (Hand $hand): array {
            $list = Loads::steps(
                ['top/seams_along' => [['at' => '6 in', 'kind' => 'border'], ['at' => '34 in', 'kind' => 'block']]],
                new LoadingHabits(lastEdge: LastEdge::ByBlock),
                body: new Body($hand),
            );

            return array_map(
                static fn($tick): string => $tick->writtenBy(new LengthWriter(UnitSystem::Inches)),
                $list->steps[(int) $list->placeOf('secure-tail')]->ticks,
            );
        };

        self::assertSame(
            [
                'From 34 in to 68 ⅛ in from the left: smooth, travel at ⅛ in inside, a lock stitch.',
                'From 6 in to 34 in from the left: smooth, travel at ⅛ in inside, a lock stitch.',
                'From 0 in to 6 in from the left: smooth, travel at ⅛ in inside, a lock stitch.',
            ],
            $ticks(Hand::Right),
        );
        self::assertSame(array_reverse($ticks(Hand::Right)), $ticks(Hand::Left));
    }

    /** Leaders of 120 in beside a backing of 78 in: 21 in at each side, more where it hangs aside. */
    public function testFlapsOfAWideLeaderArePinnedBackAndFreedBeforeTheyComeRound(): void
    {
        $by = static fn(Setup $setup): string => implode("\n", Loads::told((new StepRule())->steps($setup)));
        $wide = Loads::setup(['frame/leader_width' => '120 in']);

        self::assertSame(2, substr_count($by($wide), 'Pin back the flaps of the leader beside it, up to 21 in wide.'));
        self::assertSame(2, substr_count($by($wide), 'Free the flaps before they come round.'));
        self::assertStringContainsString('up to 25 in wide', $by(self::hungAt($wide, Length::inches(-4))));
        $across = $wide->plan->chosenPlan()->backing->squaredUp->across->toInches();
        $just = static fn(float $inches): string => $by(
            Loads::setup(['frame/leader_width' => \sprintf('%.4F in', $across + 2 * $inches)]),
        );
        self::assertStringContainsString('up to 6 in wide', $just(6.01));
        self::assertStringNotContainsString('flaps of the leader', $just(5.99));
        $narrow = $by(Loads::setup(['frame/leader_width' => '88 in']));
        self::assertStringNotContainsString('flaps of the leader', $narrow);
        self::assertStringNotContainsString('Free the flaps', $narrow);
    }

    /** 21 pins at the lead, 3 clips at the tail; the pins of the top's tail came off when that edge was freed. */
    #[DataProvider('floats')]
    public function testOnlyWhatHoldsTheEndsStillIsCountedOff(string $float): void
    {
        $told = implode("\n", Loads::told(Loads::steps(['load/float' => $float])));

        self::assertStringContainsString('24 pieces, and count them; the register marks too.', $told);
    }

    /** @return iterable<string, array{string}> */
    public static function floats(): iterable
    {
        yield 'nothing held the top' => ['full'];
        yield 'its tail was freed' => ['part'];
    }

    public function testTheLineHoldsTheBattingUntilSomethingElseDoes(): void
    {
        $order = static function (LoadingHabits $habits): array {
            $list = Loads::steps([], $habits);

            return [(int) $list->placeOf('pull-reference'), (int) $list->placeOf('baste-sides')];
        };
        [$pull, $sides] = $order(new LoadingHabits());
        self::assertLessThan($sides, $pull);
        foreach (
            [new LoadingHabits(farEdge: FarEdge::None), new LoadingHabits(sides: SideBasting::InOneRun)]
            as $habits
        ) {
            [$pull, $sides] = $order($habits);
            self::assertGreaterThan($sides, $pull);
        }
    }

    /** Where many things are one step, each of them can be ticked. */
    public function testWhatIsEasilyForgottenOfAPassIsAListToTick(): void
    {
        $ticks = static function (
            string $key,
            LoadingHabits $habits = new LoadingHabits(),
            array $members = [],
        ): array {
            /** @var array<string, mixed> $members */
            $list = Loads::steps($members, $habits);
            $place = $list->placeOf($key);
            self::assertNotNull($place, $key);

            return array_map(
                static fn($tick): string => $tick->writtenBy(new LengthWriter(UnitSystem::Inches)),
                $list->steps[$place]->ticks,
            );
        };

        self::assertSame(
            [
                'Smoothed from the centre out.',
                'The hanging end drawn straight, the bar on again.',
                'Marks read, left and right.',
                'The new sides basted.',
                'The stitch set back to 11 an inch.',
                'Clamps on.',
            ],
            $ticks('pass-2-settle'),
        );
        self::assertNotContains('The hanging end drawn straight, the bar on again.', $ticks('pass-9-settle'));
        self::assertContains(
            'To end: the same, draw away 6 in to 8 in, needle down and up, draw away again, cut at the cloth.',
            $ticks('pass-1-stitch'),
        );
        $shallow = ['quilting/row_height' => '3 in', 'frame/throat' => '12 in'];
        self::assertSame(
            ['Side clamps off.', 'The bar off the hanging end.', 'Wound, and held again.'],
            \array_slice($ticks('pass-2-advance', members: $shallow), 0, 3),
        );
        self::assertContains(
            'The basting of the new bed cut where it will be crossed.',
            $ticks('pass-2-settle', new LoadingHabits(purpose: Purpose::Prebasted)),
        );
    }

    /** Of 95 ¼ in by 78 in under a top of 87 ¼ in by 68 ¼ in, half of what is over shows. */
    public function testBackingAndTopAreFoldedAgainstEachOtherAtTheTable(): void
    {
        $told = implode("\n", Loads::told(Loads::steps()));
        $crooked = Loads::told(
            Loads::steps([
                'backing/sides' => ['top' => '80 in', 'right' => '97 in', 'bottom' => '80 in', 'left' => '95 in'],
                'backing/diagonal' => '125 1/2 in',
            ]),
        );

        self::assertStringContainsString('4 ⅞ in of backing must show at the side, 4 ¼ in at the end.', $told);
        self::assertStringContainsString('This plan needs 4 in at the side and 4 in at the end.', $told);
        self::assertStringContainsString('Cut the selvedges off inside its seams.', $told);
        self::assertStringNotContainsString('square: ', $told);
        $square = array_values(
            array_filter($crooked, static fn(string $one): bool => str_starts_with($one, 'square: ')),
        );
        self::assertMatchesRegularExpression(
            '/^square: Square the backing up: cut its (top|bottom) side by .* at left and .* at right/',
            $square[0] ?? '',
        );
    }

    #[DataProvider('stops')]
    public function testWindingStopsWhereTheSecondEndIsToBeAttached(EndStop $stop, string $front, string $rear): void
    {
        $told = static fn(LoadingPlace $place): string => implode(
            "\n",
            Loads::told(Loads::steps([], new LoadingHabits(place: $place, stop: $stop))),
        );

        self::assertStringContainsString($front, $told(LoadingPlace::Front));
        self::assertStringContainsString($rear, $told(LoadingPlace::Rear));
    }

    /** @return iterable<string, array{EndStop, string, string}> */
    public static function stops(): iterable
    {
        yield 'within reach' => [EndStop::Reach, 'until that end hangs ', 'until 12 in hang before the front bar'];
        yield 'short of the bar' => [
            EndStop::ShortOfBar,
            'until that end lies 2 in short of the leveller bar',
            'until its end lies 2 in short of the front bar',
        ];
        yield 'off the bar' => [EndStop::Well, 'off the leveller bar into the well', 'about to drop off the front bar'];
    }

    /** @param array<string, mixed> $members */
    #[DataProvider('begins')]
    public function testAllLayersInOneHoldBeginInsideTheEdge(array $members, float $millimetres): void
    {
        self::assertEqualsWithDelta($millimetres, Loads::setup($members)->winding->winds[0]->from, 0.001);
    }

    /** @return iterable<string, array{array<string, mixed>, float}> */
    public static function begins(): iterable
    {
        $blocks = ['style' => 'blocks'];
        yield 'rows: the standoff of pins' => [['load/float' => 'none'], 25.4];
        yield 'blocks alike' => [['load/float' => 'none', 'quilting' => $blocks], 25.4];
        yield 'rows that overhang' => [['load/float' => 'part'], -12.7];
        yield 'blocks from the edge' => [['quilting' => $blocks], 0];
    }

    public function testThePlanSaysThatTheEdgeIsOutOfReach(): void
    {
        $codes = array_map(
            static fn($finding): string => $finding->code->value,
            Loads::setup(['load/float' => 'none'])->plan->findings,
        );
        self::assertContains('edge-out-of-reach', $codes);
    }

    private static function hungAt(Setup $setup, Length $position): Setup
    {
        return new Setup(
            $setup->plan,
            $setup->winding,
            $setup->habits,
            $setup->stitches,
            $setup->thread,
            $setup->held,
            $position,
            $setup->body,
        );
    }

    public function testTheLastHoldIsNamedOneAdvanceAhead(): void
    {
        $list = Loads::steps();
        $pin = $list->placeOf('pin-tail');
        self::assertNotNull($pin);
        $pass = $list->steps[$pin]->pass;
        $named = array_values(
            array_filter(
                $list->steps,
                static fn($step): bool => str_contains(
                    Loads::told(
                        new StepList($list->start, [$step], ClothState::bare(Length::zero(), Length::zero())),
                    )[0],
                    'its last hold lets go',
                ),
            ),
        );

        self::assertCount(1, $named);
        self::assertSame(9, $pass);
        self::assertSame(8, $named[0]->pass);
        self::assertGreaterThan($list->placeOf('pass-9-advance'), $pin);
    }

    /** The cloth lies elsewhere along the rail after every move: a mark on it tells nothing. */
    public function testMarksAreSetAndReadOnPolesWhereTheNeedleReachesAcrossAndNotInSections(): void
    {
        $reaches = Loads::steps([...Loads::clamped(), 'frame/rail' => '130 in']);
        $inSections = Loads::steps(Loads::clamped());
        $read = static fn(StepList $list): bool => [] !==
            array_filter($list->steps, static fn($step): bool => ReadingKind::Register === $step->reads);

        self::assertNotNull($reaches->placeOf('set-marks'));
        self::assertTrue($read($reaches));
        self::assertNull($inSections->placeOf('set-marks'));
        self::assertFalse($read($inSections));
        $told = implode("\n", Loads::told($inSections));
        self::assertStringContainsString('lay the last stitched line along the rails', $told);
        self::assertStringNotContainsString('marks,', $told);
        self::assertStringNotContainsString('last stitched line', implode("\n", Loads::told($reaches)));
    }

    /** Twenty inches of throat leave a bed of so much; a top as long as that hangs nowhere, one longer does. */
    /** They are placed by the studio's own figure, and told by it. */
    public function testDowelClampsMayStandAsFarApartAsTheStudioSays(): void
    {
        $usual = Loads::setup(['load/lead' => ['method' => 'dowel-clamps']]);
        $wide = new Setup(
            plan: $usual->plan,
            winding: $usual->winding,
            habits: $usual->habits,
            stitches: $usual->stitches,
            thread: $usual->thread,
            held: $usual->held,
            position: $usual->position,
            practice: new Practice(distances: ['dowel-gap' => Length::inches(1)]),
        );
        $told = static fn(Setup $setup): string => implode("\n", Loads::told((new StepRule())->steps($setup)));

        self::assertStringContainsString('at most ½ in between two', $told($usual));
        self::assertStringContainsString('at most 1 in between two', $told($wide));
    }

    public function testNothingHoldsTheEndOfATopThatLiesWholeInTheBed(): void
    {
        $bed = Loads::setup()->plan->job->frame->bed()->toInches();
        $withLength = static fn(float $inches): array => [
            'top/lengths' => array_fill_keys(['left', 'middle', 'right'], "$inches in"),
            'top/diagonals' => null,
            'top/seams_across' => [],
        ];
        $whole = Loads::setup($withLength($bed));
        $longer = Loads::setup($withLength($bed + 0.125));

        self::assertNull((new StepRule())->steps($whole)->placeOf('hold-end'));
        self::assertNotNull((new StepRule())->steps($longer)->placeOf('hold-end'));
        self::assertArrayHasKey('desk/hanging_end', (new VoidChoices())->of($whole));
        self::assertArrayNotHasKey('desk/hanging_end', (new VoidChoices())->of($longer));
        self::assertNull((new StepRule())->steps($whole)->placeOf('set-marks'), 'nothing of it wanders');
        self::assertNotNull((new StepRule())->steps($longer)->placeOf('set-marks'));
    }

    public function testNoMarksAreTapedAnewWhereNoStepReadsThem(): void
    {
        $told = static fn(Purpose $purpose): string => implode(
            "\n",
            Loads::told(
                Loads::steps(
                    ['quilting/directional' => true, 'load/direction' => 'as-is'],
                    new LoadingHabits(purpose: $purpose),
                    Working::TurnedRound,
                ),
            ),
        );

        self::assertStringContainsString('clamps on, tape the register marks where', $told(Purpose::Quilting));
        self::assertStringContainsString('clamps on and push the head', $told(Purpose::Prebasted));
    }

    public function testATailEdgeThatIsPinnedSinceTheTableNeedsNoPinsLaidReady(): void
    {
        $told = implode("\n", Loads::told(Loads::steps(Loads::clamped())));

        self::assertStringContainsString('comes over the front pole with its pins in it', $told);
        self::assertStringNotContainsString('lay pins ready', $told);
        self::assertStringContainsString('lay pins ready', implode("\n", Loads::told(Loads::steps())));
    }

    public function testAQuiltTurnedRoundIsTakenOffAndLoadedAgainInItsMiddle(): void
    {
        $list = Loads::steps(
            ['quilting/directional' => true, 'load/direction' => 'as-is'],
            working: Working::TurnedRound,
        );
        $told = implode("\n", Loads::told($list));

        self::assertStringContainsString(
            'turn-off: Side clamps off; wind back, take the quilt off both ends, and turn it round so that its tail ' .
                'edge leads',
            $told,
        );
        self::assertStringContainsString('The design is flipped for this half', $told);
        self::assertStringContainsString('the design flipped, down to', $told);
        self::assertStringContainsString('from the tail edge', $told);
        self::assertNull($list->placeOf('pin-tail'));
        self::assertSame('slack', $list->stateBefore((int) $list->placeOf('turn-on'))->at(StatePart::Firmness));
    }

    public function testOnPolesTheTurnedHalfIsMirroredAndNothingIsAttachedToALeader(): void
    {
        $list = Loads::steps(Loads::clamped(), working: Working::TurnedRound);
        $told = implode("\n", Loads::told($list));
        $moves = array_values(
            array_filter($list->steps, static fn($step): bool => str_contains($step->key, '-move-section')),
        );

        self::assertStringContainsString(
            'Clamp the tail end to the back pole and the stitched end to the front',
            $told,
        );
        self::assertMatchesRegularExpression(
            '/^turn-edge: Baste the tail edge of this section and its side at 4 .*, and take out its 3 pins\./m',
            $told,
        );
        self::assertStringContainsString('Baste its tail edge and its side, and take its 11 pins out.', $told);
        self::assertStringNotContainsString('leader', $told);
        $first = $moves[0]->text->check->writtenBy(new LengthWriter(UnitSystem::Inches));
        $last = $moves[\count($moves) - 1]->text->check->writtenBy(new LengthWriter(UnitSystem::Inches));
        self::assertStringContainsString('from the left edge', $first);
        self::assertNotSame($first, $last, 'the bound lies at the other side once it is turned');
    }

    public function testOnPolesADatumIsBastedBeforeEveryMoveAndPulledAfterIt(): void
    {
        $list = Loads::steps(Loads::clamped());
        $moves = array_filter($list->steps, static fn($step): bool => str_contains($step->key, '-move-section'));
        $told = implode("\n", Loads::told($list));

        self::assertNotSame([], $moves);
        self::assertSame(
            \count($moves),
            substr_count(
                $told,
                'Baste a datum at 4 stitches an inch: a line at the border of this section and along the foot of the window.',
            ),
        );
        foreach ($moves as $move) {
            $ticks = array_map(
                static fn($tick): string => $tick->writtenBy(new LengthWriter(UnitSystem::Inches)),
                $move->ticks,
            );
            self::assertContains('All clamps off but one at the back, and laid beside the frame, not on it.', $ticks);
            self::assertContains('Lined up by the datum; the datum pulled before it is crossed.', $ticks);
            self::assertContains('The stitch set back to 11 an inch.', $ticks);
            self::assertContains('What came within reach basted.', $ticks);
        }
        $basted = implode(
            "\n",
            Loads::told(Loads::steps(Loads::clamped(), new LoadingHabits(purpose: Purpose::Prebasted))),
        );
        self::assertStringNotContainsString('Baste a datum', $basted);
    }

    /**
     * On poles that reach 50 in, 14 or 24 or 29 pins at each end are taken out section by section as they come within
     * reach.
     *
     * @param list<array{string, string}> $told what of which step
     */
    #[DataProvider('sections')]
    public function testAnEndIsBastedSectionBySectionAndItsPinsAreCountedThere(float $width, array $told): void
    {
        $members = [
            ...Loads::clamped(),
            'frame/rail' => '62 in',
            'top/widths' => array_fill_keys(['top', 'middle', 'bottom'], "$width in"),
            'top/diagonals' => null,
            ...Jobs::sides($width + 14, 100),
            'batting/width' => $width + 8 . ' in',
        ];
        $list = Loads::steps($members);
        $steps = [];
        foreach (Loads::told($list) as $one) {
            [$key, $text] = explode(': ', $one, 2);
            $steps[$key] = $text;
        }

        foreach ($told as [$key, $text]) {
            self::assertStringContainsString($text, $steps[$key] ?? '', $key);
        }
        $cloths = $list->cloths();
        $last = end($cloths);
        self::assertNotFalse($last);
        self::assertFalse($last->has('layers-beyond') || $last->has('tail-beyond') || $last->has('tail-edge'));
    }

    /** @return iterable<string, array{float, list<array{string, string}>}> */
    public static function sections(): iterable
    {
        yield 'one' => [
            48,
            [
                ['pin-sandwich', '10 pins at each'],
                ['baste-edge', 'Baste the far edge and the sides'],
                ['pins-out-top', 'Take out all 10 pins'],
                ['baste-tail', 'Baste the tail edge from'],
                ['baste-tail', 'take out all 10 pins. '],
            ],
        ];
        yield 'two' => [
            68,
            [
                ['baste-edge', 'Baste the far edge of this section and its side'],
                ['pins-out-top', 'Take out all 11 pins'],
                ['pass-1-move-section-2', 'Baste its far edge and its side, and take its 3 pins out.'],
                ['pass-2-advance', 'baste the new side from'],
                ['pass-2-move-section-1', 'Baste its new side.'],
                ['baste-tail', 'Baste the tail edge of this section from'],
            ],
        ];
        yield 'three' => [
            118,
            [
                ['pins-out-top', 'Take out all 11 pins'],
                ['pass-1-move-section-2', 'Baste its far edge, and take its 10 pins out.'],
                ['pass-1-move-section-3', 'Baste its far edge and its side, and take its 3 pins out.'],
            ],
        ];
    }

    /** 87 ¼ in of a lofty sandwich roll up to more than 3 ½ in, and the last of it to less. */
    public function testTheHoldersOfTheLooseRollAreNamedWhereTheyChange(): void
    {
        $told = Loads::told(Loads::steps([...Loads::clamped(), 'batting/loft' => '6 mm']));
        $changes = array_values(
            array_filter($told, static fn(string $one): bool => str_contains($one, 'small spring clips from here on')),
        );

        self::assertStringContainsString('large spring clips, set between the clamps', implode("\n", $told));
        self::assertCount(1, $changes);
        self::assertMatchesRegularExpression('/^pass-\d+-advance: /', $changes[0]);
    }

    public function testBordersLastComeAfterTheBody(): void
    {
        $list = Loads::steps(
            [
                'quilting' => ['style' => 'blocks'],
                'top/seams_across' => [['at' => '6 in', 'kind' => 'border'], ['at' => '81 in', 'kind' => 'border']],
                'top/seams_along' => [['at' => '6 in', 'kind' => 'border'], ['at' => '62 in', 'kind' => 'border']],
            ],
            working: Working::BordersLast,
        );
        $passes = array_values(array_filter($list->steps, static fn($step): bool => Group::Pass === $step->group));

        self::assertSame(
            ['border-top', 'border-bottom', 'border-left', 'border-right'],
            array_map(static fn($step): string => $step->key, \array_slice($passes, -4)),
        );
    }

    public function testAQuiltHungOffTheCentreHasItsPlaceMarked(): void
    {
        $setup = Loads::setup();
        $aside = new Setup(
            $setup->plan,
            $setup->winding,
            $setup->habits,
            $setup->stitches,
            $setup->thread,
            $setup->held,
            Length::inches(-12),
        );

        self::assertStringContainsString(
            'on both leaders, mark 12 in to the left of the centre mark',
            implode("\n", Loads::told((new StepRule())->steps($aside))),
        );
    }

    public function testMagnetsHoldTheHangingEndAndWantABarOfSteel(): void
    {
        $magnets = new LoadingHabits(hangingEnd: HangingEnd::Magnets);
        $void = static fn(bool $hasSteelBars): bool => isset(
            (new VoidChoices())->of(Loads::setup(['frame/steel_bars' => $hasSteelBars], $magnets))['desk/hanging_end'],
        );

        self::assertStringContainsString(
            'magnets on the steel front bar',
            implode("\n", Loads::told(Loads::steps(['frame/steel_bars' => true], $magnets))),
        );
        self::assertSame([false, true], [$void(true), $void(false)]);
        self::assertStringNotContainsString('magnets', implode("\n", Loads::told(Loads::steps())));
    }

    public function testFewPassesAreToldInTheirSingleSteps(): void
    {
        $list = Loads::steps([
            'top/lengths' => ['left' => '30 in', 'middle' => '30 in', 'right' => '30 in'],
            'top/diagonals' => null,
            'load/direction' => 'as-is',
        ]);
        $second = array_values(array_filter($list->steps, static fn($step): bool => 2 === $step->pass));

        self::assertSame(
            ['pass-2-release', 'pass-2-advance', 'pass-2-smooth', 'pass-2-sides', 'pass-2-clamp'],
            array_map(static fn($step): string => $step->key, \array_slice($second, 0, 5)),
        );
    }

    public function testVeryManyPassesAreToldInTwoStepsEach(): void
    {
        $list = Loads::steps(['quilting/row_height' => '3 in', 'frame/throat' => '11 in']);
        $third = array_values(array_filter($list->steps, static fn($step): bool => 3 === $step->pass));

        self::assertSame(
            [StepKind::Advance, StepKind::Stitch],
            array_map(static fn($step): StepKind => $step->kind, $third),
        );
    }
}
