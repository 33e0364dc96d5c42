<?php

declare(strict_types=1);

namespace App\Tension;

use App\AtTheFrame\RunView;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;
use Schwung\Core\Tension\SeparatingTest;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\TensionCase;
use Symfony\Component\Uid\Ulid;

/** What is known by now of why a problem is there. */
final readonly class Inquiry
{
    /**
     * @param non-empty-list<Likely> $first       the likeliest that something speaks for, three at most
     * @param list<Symptom>          $questions   what is most worth looking for next, three at most
     * @param list<Symptom>          $unexplained by any of the first three
     * @param list<JournalEntry>     $about       what was looked for, tested and done so far
     */
    public function __construct(
        public RunView $view,
        public JournalEntry $problem,
        public TensionCase $case,
        public array $first,
        public SeparatingTest $test,
        public array $questions,
        public array $unexplained,
        public array $about,
    ) {}

    /** For a form, so that a second click answers nothing twice. */
    public function once(): string
    {
        return (string) new Ulid();
    }

    /** A cause as a quilter says it. */
    public function words(Cause $cause): string
    {
        return Knowledge::ofTheTrade()->of($cause)->words;
    }

    /** "The middle hangs: most likely the leader is stretched where it is always loaded." */
    public function sentence(): string
    {
        return ucfirst($this->seen()?->words() ?? '') .
            ": {$this->first[0]->howSure()} {$this->first[0]->entry->words}.";
    }

    public function seen(): ?Symptom
    {
        return Symptom::tryFrom($this->problem->text('seen'));
    }
}
