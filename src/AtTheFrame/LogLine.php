<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Schwung\Core\Running\JournalEntry;

/** One line of the log as the page of stage Stitch shows it. */
final readonly class LogLine
{
    /**
     * @param string      $text        what it says, in the reader's units
     * @param bool        $isCorrected it was wrong: it stays to be seen, and counts no more
     * @param float|null  $minutes     that the step took, where one ended
     * @param string|null $photo       id of a photo
     */
    public function __construct(
        public JournalEntry $entry,
        public string $text,
        public bool $isCorrected,
        public ?float $minutes,
        public ?string $photo,
    ) {}
}
