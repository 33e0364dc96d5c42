<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Frame\Foot;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\EdgeKind;
use Schwung\Core\Material\NeedleSize;
use Schwung\Core\Material\Shade;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Material\Weave;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\BastingStitch;
use Schwung\Core\Practice\BattingHold;
use Schwung\Core\Practice\ChannelLock;
use Schwung\Core\Practice\ClampFirmness;
use Schwung\Core\Practice\ClampGrip;
use Schwung\Core\Practice\ClampTime;
use Schwung\Core\Practice\EdgeGuide;
use Schwung\Core\Practice\EdgeLine;
use Schwung\Core\Practice\EdgeRun;
use Schwung\Core\Practice\EndStop;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\FirstFixings;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\HangingEnd;
use Schwung\Core\Practice\LastEdge;
use Schwung\Core\Practice\LayerOrder;
use Schwung\Core\Practice\LineDirection;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\LoadingPlace;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\NeedleStop;
use Schwung\Core\Practice\People;
use Schwung\Core\Practice\PickTime;
use Schwung\Core\Practice\PinSchool;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\SecondEnd;
use Schwung\Core\Practice\SideBasting;
use Schwung\Core\Practice\Smoothing;
use Schwung\Core\Practice\ToAndFro;
use Schwung\Core\Practice\Tug;

/**
 * Every entry of a quilt, declared once.
 *
 * The blank sheet, the form, the lists of choices and the exported document follow from this; the readers and the
 * published schema are tested against it.
 */
final class Entries
{
    /** The schools of loading at the desk, which new quilts take over from the studio. */
    public const HABITS = [
        'desk/order' => LayerOrder::class,
        'desk/batting_hold' => BattingHold::class,
        'desk/far_edge' => FarEdge::class,
        'desk/guide' => EdgeGuide::class,
        'desk/basting_stitch' => BastingStitch::class,
        'desk/sides' => SideBasting::class,
        'desk/alignment' => Alignment::class,
        'desk/last_edge' => LastEdge::class,
        'desk/loading_place' => LoadingPlace::class,
        'desk/to_and_fro' => ToAndFro::class,
        'desk/hanging_end' => HangingEnd::class,
        'desk/side_clamps' => ClampTime::class,
        'desk/clamps_grip' => ClampGrip::class,
        'desk/clamps_firm' => ClampFirmness::class,
        'desk/pick' => PickTime::class,
        'desk/first_fixings' => FirstFixings::class,
        'desk/second_end' => SecondEnd::class,
        'desk/edge_line' => EdgeLine::class,
        'desk/end_stop' => EndStop::class,
        'desk/line_direction' => LineDirection::class,
        'desk/lock' => ChannelLock::class,
        'desk/people' => People::class,
        'desk/smoothing' => Smoothing::class,
        'desk/edge_run' => EdgeRun::class,
        'desk/tug' => Tug::class,
        'desk/needle' => NeedleStop::class,
    ];

    /** @var array<string, Entry>|null */
    private static ?array $all = null;

    /** @return array<string, Entry> by path, in the order of the work */
    public static function all(): array
    {
        if (null === self::$all) {
            self::$all = [];
            foreach (
                [
                    ...self::top(),
                    ...self::backing(),
                    ...self::batting(),
                    ...self::load(),
                    ...self::quilting(),
                    ...self::desk(),
                ]
                as $entry
            ) {
                self::$all[$entry->path] = $entry;
            }
        }

        return self::$all;
    }

    /** Null for a path that nothing is entered at. */
    public static function at(string $path): ?Entry
    {
        return self::all()[$path] ?? null;
    }

    /** @return list<Entry> */
    private static function top(): array
    {
        return [
            ...self::measures('top/widths', ['top', 'middle', 'bottom']),
            ...self::measures('top/lengths', ['left', 'middle', 'right']),
            ...self::measures('top/diagonals', ['0', '1'], true),
            new Entry('top/edge', EntryType::Word, EdgeKind::Straight->value, EdgeKind::class),
            self::flag('top/directional'),
            new Entry('top/seams_across', EntryType::TopSeams, [], mayBeLeft: true),
            new Entry('top/seams_along', EntryType::TopSeams, [], mayBeLeft: true),
            new Entry('top/marks', EntryType::Marks, [], mayBeLeft: true),
            new Entry('top/shade', EntryType::Word, '', Shade::class, true),
        ];
    }

    /** @return list<Entry> */
    private static function backing(): array
    {
        return [
            ...self::measures('backing/sides', ['top', 'right', 'bottom', 'left']),
            self::measure('backing/diagonal', '', true),
            new Entry('backing/kind', EntryType::Word, BackingKind::Cotton->value, BackingKind::class),
            new Entry('backing/stretch', EntryType::Word, Stretch::None->value, Stretch::class),
            new Entry('backing/seams', EntryType::BackingSeams, [], mayBeLeft: true),
            self::flag('backing/directional'),
            self::measure('backing/bolt', '42 in', true),
            new Entry('backing/shade', EntryType::Word, '', Shade::class, true),
            new Entry('backing/weave', EntryType::Word, '', Weave::class, true),
        ];
    }

    /** @return list<Entry> */
    private static function batting(): array
    {
        return [
            self::measure('batting/width'),
            self::measure('batting/length'),
            new Entry('batting/kind', EntryType::Word, BattingKind::Cotton->value, BattingKind::class),
            self::measure('batting/loft', '', true),
            new Entry('batting/opened', EntryType::Moment, '', mayBeLeft: true),
            self::measure('batting/quilting_distance', '', true),
        ];
    }

    /** @return list<Entry> */
    private static function load(): array
    {
        $entries = [
            new Entry('load/direction', EntryType::Word, DirectionWish::Auto->value, DirectionWish::class),
            new Entry('load/lead_edge', EntryType::Word, '', TopEdge::class, true),
            new Entry('load/margins', EntryType::Word, MarginSchool::Four->value, MarginSchool::class),
            ...array_map(static fn(string $edge): Entry => self::measure("load/custom/$edge", '4 in'), [
                'lead',
                'tail',
                'left',
                'right',
            ]),
            new Entry('load/float', EntryType::Word, FloatKind::Full->value, FloatKind::class),
        ];
        foreach (['lead', 'tail', 'top'] as $edge) {
            $entries[] = new Entry(
                "load/$edge/method",
                EntryType::Word,
                HoldingSystem::Pins->value,
                HoldingSystem::class,
            );
            $entries[] = new Entry("load/$edge/school", EntryType::Word, PinSchool::Hand->value, PinSchool::class);
        }

        return [...$entries, new Entry('load/planned', EntryType::Moment, '', mayBeLeft: true)];
    }

    /** @return list<Entry> */
    private static function quilting(): array
    {
        return [
            new Entry('quilting/style', EntryType::Word, '', QuiltingStyle::class),
            self::measure('quilting/row_height'),
            self::measure('quilting/gap', '1/2 in'),
            self::measure('quilting/overhang', '1/2 in'),
            new Entry('quilting/finish', EntryType::Word, Finish::FitScale->value, Finish::class),
            self::flag('quilting/directional'),
        ];
    }

    /** @return list<Entry> */
    private static function desk(): array
    {
        $usual = (new LoadingHabits())->words();
        $habits = array_map(
            static fn(string $path, string $words): Entry => new Entry($path, EntryType::Word, $usual[$words], $words),
            array_keys(self::HABITS),
            self::HABITS,
        );

        return [
            new Entry('desk/mend', EntryType::Word, Mend::None->value, Mend::class),
            new Entry('desk/strips', EntryType::Word, ExtensionLayout::BothEnds->value, ExtensionLayout::class),
            self::measure('desk/repeat', '', true),
            self::measure('desk/roll', '', true),
            new Entry('desk/pieces', EntryType::Text, '', mayBeLeft: true),
            new Entry('desk/design', EntryType::Text, '', mayBeLeft: true),
            self::flag('desk/turn_round'),
            self::flag('desk/borders_last'),
            self::flag('desk/centre_seam'),
            new Entry('desk/position', EntryType::Word, PlaceWish::Centre->value, PlaceWish::class),
            new Entry('desk/purpose', EntryType::Word, Purpose::Quilting->value, Purpose::class),
            ...$habits,
            new Entry('desk/foot', EntryType::Word, '', Foot::class, true),
            self::flag('desk/raised'),
            self::flag('desk/ruler_work'),
            new Entry('desk/needle_size', EntryType::Word, '', NeedleSize::class, true),
            new Entry('desk/despite', EntryType::Text, '', mayBeLeft: true),
            new Entry('desk/despite_of', EntryType::Text, '', mayBeLeft: true),
        ];
    }

    /**
     * @param list<string> $where
     *
     * @return list<Entry>
     */
    private static function measures(string $under, array $where, bool $mayBeLeft = false): array
    {
        return array_map(static fn(string $place): Entry => self::measure("$under/$place", '', $mayBeLeft), $where);
    }

    private static function measure(string $path, string $usual = '', bool $mayBeLeft = false): Entry
    {
        return new Entry($path, EntryType::Measure, $usual, mayBeLeft: $mayBeLeft);
    }

    private static function flag(string $path): Entry
    {
        return new Entry($path, EntryType::Flag, false);
    }
}
