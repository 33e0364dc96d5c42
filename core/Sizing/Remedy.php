<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Job\Load;
use Schwung\Core\Material\Backing;
use Schwung\Core\Measure\Phrase;

/**
 * One way out of a backing that does not fit: what to do, with its numbers.
 *
 * $load is the changed way of loading, $backing the cloth laid otherwise, both null where the cloth itself is changed;
 * $state is what it comes to.
 */
final readonly class Remedy
{
    public function __construct(
        public RemedyKind $kind,
        public Phrase $title,
        public Phrase $text,
        public BackingState $state,
        public ?Load $load = null,
        public ?ExtensionPlan $extension = null,
        public ?PiecingPlan $piecing = null,
        public ?Backing $backing = null,
    ) {}
}
