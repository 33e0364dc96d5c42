<?php

declare(strict_types=1);

namespace App\Frames;

use App\Drawing\Picture;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Measure\Length;

/** Which measures of a frame are asked for when: two to begin with, the rest where a page goes by them. */
final readonly class AskedMeasures
{
    public const FIRST = [FrameMeasure::Rail, FrameMeasure::Throat];

    private const BY_STAGE = [
        'attach' => [FrameMeasure::LeaderWidth],
        'passes' => [FrameMeasure::ArmClearance, FrameMeasure::TakeupDiameter],
        'load' => [FrameMeasure::LeaderLength],
    ];
    private const FROM_ABOVE = [FrameMeasure::Rail, FrameMeasure::LeaderWidth, FrameMeasure::LeaderLength];

    /** @return array<string, Length> by the words of FrameMeasure */
    public static function everyday(): array
    {
        $figures = [];
        foreach (FrameMeasure::cases() as $measure) {
            if (null !== $measure->everyday()) {
                $figures[$measure->value] = $measure->everyday();
            }
        }

        return $figures;
    }

    /** @return list<FrameMeasure> that a stage goes by and nobody has taken yet */
    public static function of(?StudioFrame $frame, string $stage): array
    {
        return null === $frame
            ? []
            : array_values(
                array_filter(
                    self::BY_STAGE[$stage] ?? [],
                    static fn(FrameMeasure $measure): bool => \in_array($measure, $frame->assumed(), true) ||
                        (null === $frame->measures()->at($measure) && $frame->kind()->hasLeaders()),
                ),
            );
    }

    /** The frame with this one dimension, so that one sees where to put the tape. */
    public static function picture(Frame $frame, FrameMeasure $measure): Picture
    {
        $field = FrameType::field($measure);

        return \in_array($measure, self::FROM_ABOVE, true)
            ? (new TopDrawer())->draw($frame, $field)
            : (new SideDrawer())->bare($frame, $field);
    }
}
