<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Advance\Change;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Learning\RollLearnt;
use Schwung\Core\Learning\RollReading;
use Schwung\Core\Learning\RollRule;
use Schwung\Core\Learning\RollState;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\ResumeRule;
use Schwung\Core\Running\Journal;

/** What the roll of a load has shown so far (rule 19), and how the passes that are left would be with it. */
final readonly class RollRead
{
    private const WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six'];

    /**
     * @param list<RollReading>     $readings      that count, in order
     * @param array<string, Phrase> $faults        why others do not, by the keys of their entries
     * @param Phrase|null           $contradiction why not all of them can be true
     * @param Winding|null          $anew          the passes as they would be; null where nothing differs, or they cannot
     *   be worked so
     */
    private function __construct(
        public RollRule $rule,
        public array $readings,
        public array $faults,
        public ?Phrase $contradiction,
        public RollLearnt $learnt,
        public Length $planned,
        public int $pass,
        public Winding $winding,
        public ?Winding $anew,
    ) {}

    /** @param int $pass at hand, which stays as it is */
    public static function of(Setup $setup, Journal $journal, int $pass): self
    {
        $winding = $setup->winding;
        [$start, $roller] = $winding->roll->bareRadii();
        $rule = new RollRule($roller, $start);
        [$readings, $faults] = [[], []];
        foreach ($journal->rollReadings($winding, $setup->plan->job->frame->ratchetTeeth) as $key => $reading) {
            $fault = $rule->fault($reading);
            if (null === $fault) {
                $readings[] = $reading;
            } else {
                $faults[$key] = $fault;
            }
        }
        $planned = $winding->roll->thickness->length();
        $contradiction = $rule->contradiction($readings);
        $learnt = $rule->judge(null === $contradiction ? $readings : [], $planned);

        return new self(
            rule: $rule,
            readings: $readings,
            faults: $faults,
            contradiction: $contradiction,
            learnt: $learnt,
            planned: $planned,
            pass: $pass,
            winding: $winding,
            anew: $learnt->state->differs() && null !== $learnt->thickness
                ? (new ResumeRule($setup->plan))->resume($winding, new Change($pass, thickness: $learnt->thickness))
                : null,
        );
    }

    /** What keeps the reading of an entry from being true, by itself or beside the others; null where nothing does. */
    public function faultOf(string $key): ?Phrase
    {
        return $this->faults[$key] ?? $this->contradiction;
    }

    public function sentence(): Phrase
    {
        return match (true) {
            null !== $this->contradiction => $this->contradiction,
            RollState::TooFew === $this->learnt->state => Phrase::of(
                [] === $this->readings
                    ? 'Nothing was read of the roll yet.'
                    : 'One reading. A second one at a later pass tells how thick it winds.',
            ),
            RollState::AsPlanned === $this->learnt->state => Phrase::of('The roll grows as planned: go on.'),
            null === $this->anew => Phrase::of(
                "The roll grows {$this->learnt->state->words()}: what is left does not fit so. Fewer rows, or turn it round.",
            ),
            default => Phrase::of(
                "{$this->passes($this->anew->count() - $this->winding->count())}, the last with %s to stitch in.",
                $this->anew->at($this->anew->count())->pass->depth()->figure,
            ),
        };
    }

    private function passes(int $more): string
    {
        $count = self::WORDS[abs($more)] ?? (string) abs($more);

        return match (true) {
            $more > 0 => ucfirst($count) . (1 === $more ? ' pass more' : ' passes more'),
            $more < 0 => ucfirst($count) . (-1 === $more ? ' pass fewer' : ' passes fewer'),
            default => 'As many passes',
        };
    }

    /** What a tape round the roll is expected to say with so much wound on. */
    public static function expected(Winding $winding, Length $wound): Figure
    {
        return Figure::measured(Length::millimetres(2 * \M_PI * $winding->roll->radius($wound->toMillimetres())));
    }
}
