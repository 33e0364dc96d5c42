<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** The test that tells the first two causes apart best, and which would lead after each answer. */
final readonly class SeparatingTest
{
    /**
     * @param string       $text    what to do or to look for
     * @param string       $yes    what shows where it is so; $no where it is not
     * @param Cause|null   $proves  the cause that a yes would prove; null where the test looks for a symptom
     * @param Symptom|null $looksFor the symptom that it looks for; null where it tests a cause
     */
    public function __construct(
        public string $text,
        public string $yes,
        public string $no,
        public ?Cause $proves,
        public ?Symptom $looksFor,
        public Cause $leadsIfYes,
        public Cause $leadsIfNo,
    ) {}
}
