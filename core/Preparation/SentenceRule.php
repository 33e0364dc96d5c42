<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Plan\Standing;
use Schwung\Core\Plan\Verdict;

/**
 * The one sentence of a quilt: what is wrong or missing, what is stuck, what waits, or that it will load.
 *
 * Of several things the frame comes before the cloth: no strip helps a top that the needle does not reach.
 */
final readonly class SentenceRule
{
    private const FRAME_FIRST = [
        FindingCode::Reach,
        FindingCode::Leader,
        FindingCode::Row,
        FindingCode::Roll,
        FindingCode::BackingShort,
        FindingCode::BackingAwaited,
        FindingCode::BattingShort,
        FindingCode::ClipsShort,
    ];
    private const WAITING = [FindingCode::BackingToMend, FindingCode::BattingToPiece, FindingCode::BackingTight];

    public function sentence(Preparation $preparation): Phrase
    {
        $wrong = $preparation->known->wrong();
        if ([] !== $wrong) {
            return Phrase::of(
                '%s',
                'Something entered cannot be: see ' . Stage::ofPointer($wrong[0]->pointer)->words() . '.',
            );
        }
        $plan = $preparation->plan();

        return null === $plan
            ? $this->missing($preparation)
            : $this->found($preparation, ...self::FRAME_FIRST)->text ??
                    ($this->waiting($preparation) ?? (new Verdict($plan->chosenPlan()->backing))->sentence());
    }

    private function missing(Preparation $preparation): Phrase
    {
        $parts = $preparation->known->parts;

        return match (true) {
            null === $preparation->guess()->known->parts->top => Phrase::of(
                'Measure the top first: one width and one length are enough to begin.',
            ),
            null !== $parts->top && null !== $parts->backing && null === $parts->frame => Phrase::of(
                'Choose a frame for this quilt.',
            ),
            default => $preparation->estimate()?->sentence() ??
                Phrase::of('The top is measured. Measure the four sides of the backing next.'),
        };
    }

    /** What is to be done before it loads, though nothing is in the way. */
    private function waiting(Preparation $preparation): ?Phrase
    {
        $waiting = $this->found($preparation, ...self::WAITING);
        $trimTo = $preparation->kept()?->batting?->trimTo;

        return match (true) {
            null !== $waiting => $waiting->text,
            null !== $trimTo => Phrase::of(
                'The backing is enough. Trim the batting to %s across first.',
                Figure::left($trimTo),
            ),
            null !== $this->found($preparation, FindingCode::BattingNotRested) => $this->found(
                $preparation,
                FindingCode::BattingNotRested,
            )->text,
            Standing::Decide === $preparation->standing(Stage::Measure) => Phrase::of(
                'The backing is enough. Speak to the client about the edges of the top first.',
            ),
            default => null,
        };
    }

    private function found(Preparation $preparation, FindingCode ...$codes): ?Finding
    {
        foreach ($codes as $code) {
            foreach ($preparation->findings() as $finding) {
                if ($code === $finding->code) {
                    return $finding;
                }
            }
        }

        return null;
    }
}
