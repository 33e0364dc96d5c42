<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Queue\Queue;

/** A queue as a document has it. */
final readonly class QueueDocument
{
    /**
     * @param Queue $free    the same without what somebody pinned
     * @param bool  $tellsAll whether pins, running work or changes are spoken of, so that the answer tells of them too
     */
    public function __construct(
        public \DateTimeImmutable $firstDay,
        public Queue $queue,
        public Queue $free,
        public bool $tellsAll,
    ) {}
}
