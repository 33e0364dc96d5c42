<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\Test\PreparationStartedSubscriber;

/** Counts lines from the start of a test on. */
final readonly class CoverageStart implements PreparationStartedSubscriber
{
    public function notify(PreparationStarted $event): void
    {
        \pcov\clear();
        \pcov\start();
    }
}
