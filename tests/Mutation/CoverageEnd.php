<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\Event\Code\TestMethod;
use PHPUnit\Event\Test\Finished;
use PHPUnit\Event\Test\FinishedSubscriber;

/** Writes down the lines that a test ran over. */
final readonly class CoverageEnd implements FinishedSubscriber
{
    public function __construct(private Coverage $coverage) {}

    public function notify(Finished $event): void
    {
        \pcov\stop();
        $test = $event->test();
        if ($test instanceof TestMethod) {
            /** @var array<string, array<int, int>> $lines */
            $lines = \pcov\collect();
            $seconds = $event->telemetryInfo()->durationSincePrevious()->asFloat();
            $this->coverage->add($test->file(), $test->name(), $seconds, $lines);
        }
    }
}
