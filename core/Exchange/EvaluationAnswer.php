<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Faults;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\DiagnosisRule;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;
use Schwung\Core\Tension\TensionCase;

/**
 * Answers schwung:evaluate: how often the diagnosis puts the right cause of known cases first, and among the first
 * three.
 */
final readonly class EvaluationAnswer
{
    /** @throws FaultyDocument if the document is no list of known cases */
    public function to(mixed $document): Answer
    {
        $cases = $this->read($document);
        $bare = array_map(
            static fn(array $case): array => [new TensionCase($case[0]->seen, $case[0]->absent), $case[1]],
            $cases,
        );
        $places = $this->places($cases);

        return new Answer([
            'format' => 'schwung/evaluation',
            'version' => 1,
            'cases' => \count($cases),
            ...$this->shares($places),
            // How much of it is owed to what is known beside what is seen.
            'by_what_is_seen_alone' => $this->shares($this->places($bare)),
            'missed' => array_keys(array_filter($places, static fn(int $place): bool => 1 !== $place)),
        ]);
    }

    /**
     * @param non-empty-array<string, array{TensionCase, Cause}> $cases
     *
     * @return non-empty-array<string, int> the place of the right cause, from 1
     */
    private function places(array $cases): array
    {
        $rule = new DiagnosisRule(Knowledge::ofTheTrade());

        return array_map(
            static fn(array $case): int => 1 +
                (int) array_search(
                    $case[1]->value,
                    array_map(static fn(Likely $likely): string => $likely->cause()->value, $rule->rank($case[0])),
                    true,
                ),
            $cases,
        );
    }

    /**
     * @param non-empty-array<string, int> $places
     *
     * @return array{first_percent: float, first_three_percent: float}
     */
    private function shares(array $places): array
    {
        $within = static fn(int $most): float => round(
            (100 * \count(array_filter($places, static fn(int $place): bool => $place <= $most))) / \count($places),
            1,
        );

        return ['first_percent' => $within(1), 'first_three_percent' => $within(3)];
    }

    /**
     * @return non-empty-array<string, array{TensionCase, Cause}> by title
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
            $members = $item->members(['title', 'cause', 'seen', 'looked_for_absent', 'context']);
            [$title, $cause, $case] = [
                $members['title']->text(),
                $members['cause']->word(Cause::class),
                (new TensionReader())->case($members),
            ];
            if (null !== $title && null !== $cause && null !== $case) {
                $cases[$title] = [$case, $cause];
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
