<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\HeldEnds;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Loading\SideClampRule;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Practice\Practice;

/** What to bring to each side of the frame before loading, in the order of use. */
final readonly class FetchList
{
    public function __construct(private Practice $practice) {}

    /**
     * @param bool $isOneAlready the layers were basted together before they came
     *
     * @return array{front: list<Phrase>, back: list<Phrase>}
     */
    public function of(Plan $plan, HeldEnds $held, bool $isOneAlready): array
    {
        $fetch = [
            'front' => [
                Phrase::of(
                    $isOneAlready
                        ? 'The basted quilt, top side up, its centres marked at both ends.'
                        : 'The backing, right side down, its centres marked at both ends.',
                ),
            ],
            'back' => [],
        ];
        foreach (array_filter($held->byEdge()) as $edge => $attachment) {
            if ([] !== $attachment->pieces) {
                $fetch['lead' === $edge ? 'back' : 'front'][] = $this->pieces($attachment, $edge);
            }
        }
        if (null !== $plan->batting && !$isOneAlready) {
            $fetch['front'][] = Phrase::of(
                'The batting, %s × %s, out of its bag.',
                Figure::measured($plan->batting->trimTo ?? $plan->batting->layAcross),
                Figure::measured($plan->batting->layAlong),
            );
        }
        $fetch['front'][] = Phrase::of(
            $isOneAlready
                ? 'Small scissors: the basting is cut ahead of the needle.'
                : 'The top, its centres marked; thread and bobbins for basting.',
        );
        $clamps = (new SideClampRule($this->practice))->plan($plan->job->frame)->pieces;
        $fetch['front'][] = Phrase::of("For the sides: $clamps->count {$clamps->kind}.");

        return $fetch;
    }

    private function pieces(Attachment $attachment, string $edge): Phrase
    {
        if (HoldingSystem::ChannelClips !== $attachment->system) {
            return Phrase::of(
                $attachment->system->counted($attachment->count()) .
                    ('top' === $edge ? ' for the top\'s own edge.' : " for the $edge."),
            );
        }
        $lengths = $attachment->countByLength();

        return Phrase::of(
            'Clips for the ' .
                $edge .
                ': ' .
                implode(', ', array_map(static fn(int $count): string => "$count × %s", $lengths)) .
                '.',
            ...array_map(
                static fn(int $length): Figure => Figure::measured(Length::ofNanometres($length)),
                array_keys($lengths),
            ),
        );
    }
}
