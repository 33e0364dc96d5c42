<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

/** One thing wrong with a document, at the JSON pointer of the member that is faulty or missing. */
final readonly class Fault
{
    public function __construct(public string $pointer, public string $message, public bool $isMissing = false) {}

    public function line(): string
    {
        return $this->pointer . ': ' . $this->message;
    }
}
