<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Faults;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\DiagnosisRule;
use Schwung\Core\Tension\Evaluation\CaseNoise;
use Schwung\Core\Tension\Evaluation\Found;
use Schwung\Core\Tension\Evaluation\KnownCase;
use Schwung\Core\Tension\Evaluation\Reliability;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;
use Schwung\Core\Tension\TensionCase;

/**
 * Answers schwung:evaluate: how often the diagnosis puts the right cause of known cases first and among the first
 * three, and how far its chances can be believed; of the cases as they are, of as many more made of them with noise,
 * and of those alone that were held out while strengths and chances were set.
 */
final readonly class EvaluationAnswer
{
    private const ENLARGED_TO = 120;

    /** @throws FaultyDocument if the document is no list of known cases */
    public function to(mixed $document): Answer
    {
        $cases = $this->read($document);
        $bare = array_map(
            static fn(KnownCase $known): KnownCase => new KnownCase(
                $known->title,
                new TensionCase($known->case->seen, $known->case->absent),
                $known->causes,
                $known->isHeldOut,
            ),
            $cases,
        );
        $found = $this->find($cases);
        $enlarged = $this->find((new CaseNoise())->enlarged($cases, max(self::ENLARGED_TO, \count($cases))));

        return new Answer([
            'format' => 'schwung/evaluation',
            'version' => 1,
            'cases' => \count($cases),
            ...$this->shares($found),
            // How much of it is owed to what is known beside what is seen.
            'by_what_is_seen_alone' => $this->shares($this->find($bare)),
            'enlarged' => $this->reliable($enlarged),
            'held_out' => $this->reliable($this->heldOut($enlarged)),
            'missed' => array_values(
                array_map(
                    static fn(Found $one): string => $one->known->title,
                    array_filter($found, static fn(Found $one): bool => 1 !== $one->place),
                ),
            ),
        ]);
    }

    /**
     * @param non-empty-list<KnownCase> $cases
     *
     * @return non-empty-list<Found>
     */
    private function find(array $cases): array
    {
        $rule = new DiagnosisRule(Knowledge::ofTheTrade());

        return array_map(static function (KnownCase $known) use ($rule): Found {
            $ranked = $rule->rank($known->case);
            $places = array_keys(
                array_filter(
                    $ranked,
                    static fn(Likely $likely): bool => \in_array($likely->cause(), $known->causes, true),
                ),
            );

            return new Found($known, 1 + min([\count($ranked), ...$places]), $ranked[0]->chance);
        }, $cases);
    }

    /**
     * @param list<Found> $found
     *
     * @return list<Found>
     */
    private function heldOut(array $found): array
    {
        return array_values(array_filter($found, static fn(Found $one): bool => $one->known->isHeldOut));
    }

    /**
     * @param list<Found> $found
     *
     * @return array<string, mixed>|null null of none
     */
    private function reliable(array $found): ?array
    {
        if ([] === $found) {
            return null;
        }
        $reliability = Reliability::of($found);

        return [
            'cases' => \count($found),
            ...$this->shares($found),
            'calibration_error' => round($reliability->error, 3),
            'reliability' => $reliability->bins,
        ];
    }

    /**
     * @param non-empty-list<Found> $found
     *
     * @return array{first_percent: float, first_three_percent: float}
     */
    private function shares(array $found): array
    {
        $within = static fn(int $most): float => round(
            (100 * \count(array_filter($found, static fn(Found $one): bool => $one->place <= $most))) / \count($found),
            1,
        );

        return ['first_percent' => $within(1), 'first_three_percent' => $within(3)];
    }

    /**
     * @return non-empty-list<KnownCase>
     *
     * @throws FaultyDocument if it cannot be used
     */
    private function read(mixed $document): array
    {
        $faults = new Faults();
        $cases = [];
        foreach (
            (new Node($document, '', $faults))->document('schwung/known-cases', ['cases'])['cases']->items()
            as $item
        ) {
            $members = $item->members(['title', 'cause', 'seen', 'looked_for_absent', 'context', 'held_out']);
            [$title, $cause, $case] = [
                $members['title']->text(),
                $members['cause']->word(Cause::class),
                (new TensionReader())->case($members),
            ];
            if (null !== $title && null !== $cause && null !== $case) {
                $cases[] = new KnownCase($title, $case, [$cause], true === $members['held_out']->given()?->flag());
            }
        }
        $all = $faults->all();

        return [] === $cases || [] !== $all
            ? throw FaultyDocument::with(
                [] === $all ? [new Fault('/cases', 'is empty; at least one known case is needed.')] : $all,
            )
            : $cases;
    }
}
