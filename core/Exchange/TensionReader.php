<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Faults;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\TensionCase;

/** Reads a tension case document, version 1, and finds all its faults at once. */
final readonly class TensionReader
{
    /** @throws FaultyDocument if the document cannot be used */
    public function read(mixed $document): TensionCase
    {
        $faults = new Faults();
        $case = $this->case(
            (new Node($document, '', $faults))->document('schwung/tension-case', [
                'seen',
                'looked_for_absent',
                'context',
                'result',
            ]),
        );
        $all = $faults->all();
        if ([] !== $all || null === $case) {
            throw FaultyDocument::with([] === $all ? [new Fault('', 'is not a tension case.')] : $all);
        }

        return $case;
    }

    /**
     * The members of a case, wherever it stands.
     *
     * @param array<string, Node> $members seen, looked_for_absent, context
     */
    public function case(array $members): ?TensionCase
    {
        $seen = $this->symptoms($members['seen']);
        $absent = $this->symptoms($members['looked_for_absent']);
        $circumstances = (new CircumstancesReader())->read($members['context']);
        $both = array_filter($absent, static fn(Symptom $symptom): bool => \in_array($symptom, $seen, true));
        if ([] !== $both) {
            $members['looked_for_absent']->fault('symptoms that are not in "seen" too');

            return null;
        }

        return new TensionCase($seen, $absent, $circumstances);
    }

    /** @return list<Symptom> each once */
    private function symptoms(Node $node): array
    {
        $symptoms = [];
        foreach ($node->items() as $item) {
            $symptom = $item->word(Symptom::class);
            if (null !== $symptom) {
                $symptoms[$symptom->value] = $symptom;
            }
        }

        return array_values($symptoms);
    }
}
