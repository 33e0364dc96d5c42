<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/**
 * How one pair of hands sews at a leader that hangs on its frame: the line that it is checked by, a casing, a pocket
 * (everyday work of the trade).
 *
 * The leaders of both sides of the bed lie with their free edges toward each other, so that the one folds away from the
 * quilter and the other toward her; either way the fold goes under, and the face that shows keeps its marks.
 */
final readonly class HangingLeader
{
    private const LINE_INCHES = 2;
    private const TICK_INCHES = 5;
    private const TURN_UNDER_INCHES = 0.25;
    private const POCKET_INCHES = 1.5;
    private const CASING_INCHES = 1.75;

    /** @param bool $hangsForward from the rear, so that its free edge lies toward the quilter */
    public function __construct(private Frame $frame, private bool $hangsForward) {}

    /** @return list<LeaderStep> */
    public function steps(LeaderWork $work): array
    {
        return match ($work) {
            LeaderWork::Line => $this->line(),
            LeaderWork::Casing => $this->fold(Length::inches(self::CASING_INCHES), 'the dowel'),
            LeaderWork::Pocket => $this->fold(Length::inches(self::POCKET_INCHES), 'the steel bar'),
        };
    }

    /** @return list<LeaderStep> */
    private function line(): array
    {
        return [
            new LeaderStep(
                Phrase::of(
                    'Take everything off this leader. Bring its free edge into the bed and pin it to the leader that ' .
                        'faces it, centre mark on centre mark, a pin at every second tick.',
                ),
                Phrase::of('A leader that hangs alone is not taut, and its line wanders.'),
            ),
            new LeaderStep(
                Phrase::of(
                    'Wind both rollers until it lies smooth, no firmer. The edge lies %s before where the needle will go.',
                    Figure::measured(Length::inches(self::LINE_INCHES)),
                ),
            ),
            new LeaderStep(
                Phrase::of('Lock the channel, so that the machine runs along the rails alone.'),
                Phrase::of('The line follows the carriage. What the leader does beside it is what you want to see.'),
            ),
            new LeaderStep(
                Phrase::of(
                    'With long stitches in a thread that shows, stitch one line from the left end of the head\'s reach ' .
                        'to the right end%s.',
                    $this->reach(),
                ),
                null,
                Phrase::of('Watch the pins: the foot stays clear of them.'),
            ),
            new LeaderStep(
                Phrase::of(
                    'Unlock. Measure from the line to the edge at the centre mark, at both ends and at every fourth ' .
                        'tick, and write each down with its place.',
                ),
                Phrase::of('Three places tell the tilt; five and more tell the bow too.'),
            ),
            new LeaderStep(
                Phrase::of('Do the same at another leader before you cut anything.'),
                Phrase::of('What both do alike is the frame, not the leader.'),
            ),
            new LeaderStep(Phrase::of('Pull the line out once all is written down.')),
        ];
    }

    /** @return list<LeaderStep> */
    private function fold(Length $depth, string $holds): array
    {
        $whole = $depth->plus(Length::inches(self::TURN_UNDER_INCHES));
        $away = $this->hangsForward ? 'away from you' : 'toward you';
        $other = $this->hangsForward ? 'toward you' : 'away from you';

        return [
            new LeaderStep(
                Phrase::of(
                    "Let the leader down until its free edge lies in the bed, $other, the face that shows over the bed up.",
                ),
                Phrase::of('That face is marked: it is the one that you read when you load.'),
            ),
            new LeaderStep(
                Phrase::of(
                    'From the edge inward mark %s at the centre mark, at both ends and at every tick, and join the ' .
                        'marks: there it folds.',
                    Figure::needed($whole),
                ),
                Phrase::of("So deep that $holds slides in, and a quarter inch is turned under."),
            ),
            new LeaderStep(
                Phrase::of(
                    "Turn the raw edge under by a quarter inch, then fold it under along the line, $away. Finger-press, " .
                        'and pin from the centre out.',
                ),
                Phrase::of(
                    "Under, so that the marks stay on the face that shows. The leader across the bed folds $other: the " .
                        'two are no copies of each other.',
                ),
            ),
            new LeaderStep(
                Phrase::of(
                    'Slide the pinned fold under the needle, alone: a weight at each end keeps it from swinging.',
                ),
                null,
                Phrase::of('Needle up and the machine off while your hands are under the head.'),
            ),
            new LeaderStep(
                Phrase::of(
                    'Lock the channel and stitch an eighth inside the turned edge, small stitches, from one end of the ' .
                        'reach to the other%s. Stitch a second line beside it.',
                    $this->reach(),
                ),
            ),
            ...$this->ends(),
            new LeaderStep(
                Phrase::of(
                    'Leave both ends of it open. Mark the centre anew and a tick every %s each way, on the face that shows.',
                    Figure::measured(Length::inches(self::TICK_INCHES)),
                ),
                Phrase::of('The old marks lie in the fold. ' . ucfirst($holds) . ' goes in and out at the ends.'),
            ),
            new LeaderStep(
                Phrase::of('Check the leader with a test line before the next quilt hangs from it.'),
                null,
                'the steel bar' === $holds
                    ? Phrase::of('Strong magnets pinch, and are kept away from pacemakers.')
                    : null,
            ),
        ];
    }

    /** @return list<LeaderStep> what the head does not reach is closed by hand */
    private function ends(): array
    {
        [$left, $right] = $this->unreachable();
        if (!$left->plus($right)->isPositive()) {
            return [];
        }

        return [
            new LeaderStep(
                Phrase::of('Close by hand what the head does not reach: a doubled thread, small back stitches.'),
            ),
        ];
    }

    private function reach(): Phrase
    {
        [$left, $right] = $this->unreachable();

        return match (true) {
            $left->isPositive() && $right->isPositive() => Phrase::of(
                ' (it stops %s before the left end and %s before the right)',
                Figure::needed($left),
                Figure::needed($right),
            ),
            $left->isPositive() => Phrase::of(' (it stops %s before the left end)', Figure::needed($left)),
            $right->isPositive() => Phrase::of(' (it stops %s before the right end)', Figure::needed($right)),
            default => Phrase::of(''),
        };
    }

    /** @return array{Length, Length} at the left and the right, of the leader as wide as it is */
    private function unreachable(): array
    {
        $rail = $this->frame->size(FrameMeasure::Rail);
        $beside = $rail->minus($this->frame->leaderWidth() ?? $rail)->half();

        return array_map(
            fn(FrameMeasure $side): Length => Length::longest(
                Length::zero(),
                $this->frame->size($side)->minus($beside),
            ),
            [FrameMeasure::UnreachableLeft, FrameMeasure::UnreachableRight],
        );
    }
}
