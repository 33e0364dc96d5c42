<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

use Schwung\Core\Job\Entries;
use Schwung\Core\Practice\School;

/** The questions of loading as pages ask them; between them all schools at the desk are asked for once. */
final class Questions
{
    /** Those whose answers are drawn. */
    public const DRAWN = [
        'desk/loading_place' => 'Where you stand, and which end first',
        'desk/order' => 'How the layers meet',
        'desk/hanging_end' => 'What holds the hanging end',
        'desk/last_edge' => 'How the foot is closed',
    ];

    /** Those whose answers are words enough. */
    public const TOLD = [
        'The backing' => [
            'desk/first_fixings' => 'Holders go on',
            'desk/second_end' => 'Second end',
            'desk/edge_line' => 'It follows',
            'desk/end_stop' => 'Winding stops',
            'desk/to_and_fro' => 'To and fro',
            'desk/smoothing' => 'While it winds',
            'desk/edge_run' => 'Its side edges',
            'desk/tug' => 'It is pulled',
            'desk/people' => 'At the frame',
        ],
        'Batting and top' => [
            'desk/batting_hold' => 'Batting',
            'desk/lock' => 'Straight line',
            'desk/line_direction' => 'It is basted',
            'desk/far_edge' => 'Far edge',
            'desk/guide' => 'Basted',
            'desk/alignment' => 'Aligned by',
            'desk/sides' => 'Sides',
            'desk/basting_stitch' => 'Basting stitch',
            'desk/pick' => 'Basting picked',
        ],
        'The machine' => ['desk/needle' => 'Needle stops'],
        'Side clamps' => [
            'desk/side_clamps' => 'Go on',
            'desk/clamps_grip' => 'Hold',
            'desk/clamps_firm' => 'Pull',
        ],
    ];

    /** How new quilts are held and hung: words without a reason of their own, which stand at stage Attach. */
    public const HELD = [
        'load/margins' => 'Margins',
        'load/float' => 'Top',
        'load/lead/method' => 'Lead held by',
        'load/lead/school' => 'Pins at the lead',
        'load/tail/method' => 'Tail held by',
        'load/tail/school' => 'Pins at the tail',
        'load/top/method' => "The top's own edge held by",
        'desk/position' => 'Hangs on the leader',
    ];

    /** @return list<string> the paths of all that new quilts can begin with */
    public static function paths(): array
    {
        return [...array_keys(Entries::HABITS), ...array_keys(self::HELD)];
    }

    /** @return list<School> the answers to a question */
    public static function answers(string $path): array
    {
        return Entries::HABITS[$path]::cases();
    }

    /**
     * What new quilts begin with.
     *
     * @param array<string, string> $ways what a studio has chosen, by path
     */
    public static function begun(string $path, array $ways): string
    {
        $usual = Entries::at($path)?->usual;

        return $ways[$path] ?? (\is_string($usual) ? $usual : '');
    }

    /**
     * Keeps of what a form sent the answers that there are.
     *
     * @param array<mixed> $sent by path
     *
     * @return array<string, string>
     */
    public static function chosen(array $sent): array
    {
        $ways = [];
        foreach (self::paths() as $path) {
            $word = $sent[$path] ?? null;
            // Margins set by hand belong to one quilt.
            if (\is_string($word) && 'custom' !== $word && isset(Entries::at($path)?->choices()[$word])) {
                $ways[$path] = $word;
            }
        }

        return $ways;
    }
}
