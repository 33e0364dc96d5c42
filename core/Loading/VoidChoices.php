<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\HangingEnd;
use Schwung\Core\Practice\Purpose;

/** Which schools of loading change nothing on this load, and why. */
final readonly class VoidChoices
{
    /** @return array<string, Phrase> by the path of the entry */
    public function of(Setup $setup): array
    {
        $floats = FloatKind::Full === $setup->float();

        return array_filter([
            'desk/order' => $setup->isClamped()
                ? Phrase::of('There are no rollers on this frame.')
                : ($floats
                    ? Phrase::of('The top floats: only the backing goes on a roller.')
                    : null),
            'desk/batting_hold' =>
                $setup->isHeldThrough() && !$setup->isBastedAllOver()
                    ? Phrase::of('All layers are held together at the lead: no line is needed.')
                    : null,
            'desk/far_edge' => $setup->isHeldThrough()
                ? Phrase::of('The far edge is held with the backing, and not basted.')
                : null,
            'desk/last_edge' => $floats
                ? Phrase::of('The top floats: no roller keeps its edge, so that choice counts as pinned.')
                : null,
            'desk/hanging_end' => match (true) {
                $setup->isClamped() => Phrase::of('Nothing hangs: all layers are clamped at both ends.'),
                !$floats => Phrase::of('Nothing hangs: the end of the top is on its roller or with the layers.'),
                $setup->liesWholeInTheBed() => Phrase::of('Nothing hangs: the whole top lies in the first bed.'),
                HangingEnd::Magnets === $setup->habits->hangingEnd && !$setup->plan->job->frame->fittings->hasSteelBars
                    => Phrase::of('Magnets want a steel bar, and none is written down for this frame.'),
                default => null,
            },
            'desk/loading_place' => match (true) {
                $setup->isClamped() => Phrase::of('Poles are clamped, not wound onto.'),
                $setup->place() !== $setup->habits->place => Phrase::of(
                    'This frame has no flat table: the second end hangs, and it is attached from the front.',
                ),
                default => null,
            },
            'desk/to_and_fro' => $setup->isClamped() ? Phrase::of('There are no rollers on this frame.') : null,
            'desk/side_clamps' =>
                $setup->isClamped() || $setup->is(Purpose::Prebasted)
                    ? Phrase::of('The layers go on as one piece: they come last here.')
                    : null,
            'desk/second_end' => $setup->isClamped() ? Phrase::of('Poles are clamped, not wound onto.') : null,
            'desk/end_stop' => $setup->isClamped() ? Phrase::of('Poles are clamped, not wound onto.') : null,
            'desk/edge_line' => $setup->isClamped() ? Phrase::of('There is no leader with a line.') : null,
            'desk/first_fixings' => $setup->isClamped()
                ? Phrase::of('Spring clamps have their own order: both ends, the centre, then between.')
                : null,
            'desk/line_direction' =>
                $setup->isHeldThrough() || $setup->isClamped()
                    ? Phrase::of('No line is basted across on its own.')
                    : null,
            'desk/pick' => $setup->isBastedAllOver() ? null : Phrase::of('Nothing is basted all over here.'),
            'desk/guide' => match (true) {
                $setup->isHeldThrough() => Phrase::of('The far edge is held with the backing, and not basted.'),
                !$setup->hasLock() => Phrase::of('Without a lock it is stitched by eye.'),
                FarEdge::None === $setup->habits->farEdge => Phrase::of('The far edge is not basted.'),
                FarEdge::Wavy === $setup->habits->farEdge => Phrase::of('A wave is stitched by eye.'),
                default => null,
            },
        ]);
    }
}
