<?php

declare(strict_types=1);

namespace App\Quilt\Winding;

use Schwung\Core\Advance\Winding;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Plan;

/** The one sentence that says how a quilt rolls through. */
final readonly class PassesVerdict
{
    public function __construct(private ?Plan $plan, private ?Winding $winding)
    {
    }

    public function sentence(): Phrase
    {
        if (null === $this->plan) {
            return Phrase::of('Passes are worked out once top and backing are measured.');
        }
        if (null === $this->plan->job->quilting) {
            return Phrase::of('Choose rows or blocks to see the passes.');
        }
        if (null === $this->plan->job->batting) {
            return Phrase::of('Measure the batting to see the passes: it makes the roll.');
        }

        return $this->obstacle($this->plan) ?? (null === $this->winding ? Phrase::of('No pass can be made.') : $this->count($this->winding));
    }

    private function obstacle(Plan $plan): ?Phrase
    {
        return true === $this->winding?->isTurnedRound ? null : $plan->finding('row', 'roll')?->text;
    }

    private function count(Winding $winding): Phrase
    {
        $passes = 1 === $winding->count() ? '1 pass' : $winding->count().' passes';
        $cut = $winding->stopsInBlocks();
        $turned = $winding->isTurnedRound ? ', turned round in the middle' : '';

        return 0 === $cut
            ? Phrase::of("$passes$turned, the last with %s of depth.", $winding->at($winding->count())->pass->depth()->figure)
            : Phrase::of("$passes$turned; $cut ".(1 === $cut ? 'stop cuts a block.' : 'stops cut a block.'));
    }
}
