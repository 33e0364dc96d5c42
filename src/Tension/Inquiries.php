<?php

declare(strict_types=1);

namespace App\Tension;

use App\AtTheFrame\RunView;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\DiagnosisRule;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\QuestionRule;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\TensionCase;
use Schwung\Core\Tension\TestRule;

/**
 * Reasons about a problem of a run, from all that is in its log and plan, and from what the studio has confirmed
 * before.
 */
final readonly class Inquiries
{
    private const SHOWN = 3;

    public function __construct(private CircumstancesOf $circumstances, private Confirmed $confirmed) {}

    /** Null where the run has no such problem. */
    public function open(RunView $view, string $key): ?Inquiry
    {
        $problem = $this->problem($view, $key);
        if (null === $problem) {
            return null;
        }
        $about = $view->journal->about($key);
        $case = $this->case($view, $problem, $about);
        $rule = new DiagnosisRule(Knowledge::ofTheTrade(), $this->confirmed->of($view->run->quilt->studio));
        $ranked = $rule->rank($case);
        $first = DiagnosisRule::named($ranked, self::SHOWN);

        return new Inquiry(
            view: $view,
            problem: $problem,
            case: $case,
            first: $first,
            test: (new TestRule($rule))->best($case, $ranked),
            questions: (new QuestionRule($rule, Knowledge::ofTheTrade()))->most($case, self::SHOWN),
            unexplained: $rule->unexplained($case, $first),
            about: $about,
        );
    }

    private function problem(RunView $view, string $key): ?JournalEntry
    {
        foreach ($view->journal->problems() as $problem) {
            if ($problem->key === $key) {
                return $problem;
            }
        }

        return null;
    }

    /** @param list<JournalEntry> $about the later answer to a question counts */
    private function case(RunView $view, JournalEntry $problem, array $about): TensionCase
    {
        $answers = [$problem->text('seen') => true];
        $tests = [];
        foreach ($about as $entry) {
            if (EntryKind::Looked === $entry->kind) {
                $answers[$entry->text('symptom')] = $entry->isSet('seen');
            } elseif (EntryKind::Tested === $entry->kind) {
                $tests[$entry->text('cause')] = $entry->isSet('proved');
            }
        }
        $symptoms = static fn(bool $isSeen): array => array_values(
            array_filter(
                array_map(
                    static fn(string $word): ?Symptom => Symptom::tryFrom($word),
                    array_keys($answers, $isSeen, true),
                ),
            ),
        );
        $causes = static fn(bool $isProved): array => array_values(
            array_filter(
                array_map(
                    static fn(string $word): ?Cause => Cause::tryFrom($word),
                    array_keys($tests, $isProved, true),
                ),
            ),
        );

        return new TensionCase(
            $symptoms(true),
            $symptoms(false),
            $this->circumstances->problem($view, $problem),
            $causes(true),
            $causes(false),
        );
    }
}
