<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Worded;

/** One thing that is entered for a quilt: where it stands, what is written into it, and what is usual. */
final readonly class Entry
{
    /**
     * @param string                         $path      in the shape of a job document, "top/widths/middle"
     * @param string|bool|list<mixed>        $usual     as a blank sheet has it
     * @param class-string<Worded>|null $words     of an entry that is one word of an enumeration
     * @param bool                           $mayBeLeft out of a document while it is empty
     */
    public function __construct(
        public string $path,
        public EntryType $type,
        public string|bool|array $usual,
        public ?string $words = null,
        public bool $mayBeLeft = false,
    ) {}

    /**
     * @return array<string, string> what a person can choose from, by the word of the documents; empty where it is no
     * choice
     */
    public function choices(): array
    {
        $choices = [];
        foreach (null === $this->words ? [] : $this->words::cases() as $case) {
            $choices[(string) $case->value] = $case->words();
        }

        return $choices;
    }
}
