<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** The test that tells the first two causes apart best, and which would lead after each answer. */
final readonly class SeparatingTest
{
    /**
     * @param string $text   what to do
     * @param string $yes    what shows where it is so; $no where it is not
     * @param Cause  $proves the cause that a yes would prove
     */
    public function __construct(
        public string $text,
        public string $yes,
        public string $no,
        public Cause $proves,
        public Cause $leadsIfYes,
        public Cause $leadsIfNo,
    ) {}
}
