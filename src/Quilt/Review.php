<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Quilt\Winding\PassesVerdict;
use Schwung\Core\Advance\Proposal;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Direction\Choice;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\JobParts;
use Schwung\Core\Job\Mend;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\ProposalFinder;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\ExtensionPlan;
use Schwung\Core\Sizing\MeasuredTop;
use Schwung\Core\Sizing\PiecingPlan;
use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Sizing\RequiredSize;

/** Everything that can be said of a quilt's sheet as it stands, also while it is half filled in. */
final readonly class Review
{
    /**
     * @param list<Fault>             $faults
     * @param Plan|null               $plan     of the cloth as it was brought
     * @param Plan|null               $mended   of the cloth as it will be once the kept mend is done
     * @param list<PiecingPlan>       $piecings both ways, the chosen first; empty while there is nothing to piece
     * @param Winding|null            $winding  how it is worked, as far as that is known
     * @param Practice                $practice with whose figures it was planned
     * @param array<string, Standing> $stages   by name, in working order
     */
    public function __construct(
        public Sheet $sheet,
        public JobParts $parts,
        public array $faults,
        public ?MeasuredTop $top,
        public ?RequiredSize $required,
        public Direction $direction,
        public ?Plan $plan,
        public Mend $mend,
        public ?Plan $mended,
        public ?ExtensionPlan $extension,
        public array $piecings,
        public ?Winding $winding,
        private Practice $practice,
        public array $stages,
        public Judgement $judgement,
    ) {
    }

    /** The plan that the drawing shows. */
    public function shownPlan(): ?Plan
    {
        return $this->mended ?? $this->plan;
    }

    /** @return list<Remedy> */
    public function remedies(): array
    {
        return $this->plan?->chosenPlan()->remedies ?? [];
    }

    /** @return list<Proposal> for better passes, best first; each is worked out anew */
    public function proposals(): array
    {
        $plan = $this->shownPlan();

        return null === $plan ? [] : (new ProposalFinder($this->practice))->find($plan);
    }

    public function batting(): ?BattingCheck
    {
        return $this->shownPlan()?->batting;
    }

    public function passesSentence(): Phrase
    {
        return (new PassesVerdict($this->shownPlan(), $this->winding))->sentence();
    }

    public function choice(): ?Choice
    {
        return $this->shownPlan()?->choice;
    }

    /** What is wrong with the entry at this path of the sheet; null where nothing is, or nothing is entered. */
    public function faultAt(string $path): ?string
    {
        $pointer = '/'.str_replace('load/custom/', 'load/margins/', $path);
        foreach ($this->faults as $fault) {
            if (!$fault->isMissing && ($fault->pointer === $pointer || str_starts_with($fault->pointer, $pointer.'/'))) {
                return $fault->message;
            }
        }

        return null;
    }

    /** @return list<Finding> without what the sentences say already */
    public function findings(): array
    {
        return array_values(array_filter($this->shownPlan()->findings ?? [], static fn (Finding $finding): bool => !\in_array($finding->code, ['backing-short', 'row', 'roll'], true)));
    }
}
