<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\Event\Code\TestMethod;
use PHPUnit\Event\Test\Finished;
use PHPUnit\Event\Test\FinishedSubscriber;
use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\Test\PreparationStartedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/** Writes down which test runs over which lines of the core; unlike a report, without asking what it claims to cover. */
final class CoverageExtension implements Extension
{
    /** The file that the coverage is left in, as an environment variable. */
    public const FILE = 'SCHWUNG_COVERAGE';

    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $coverage = new Coverage();
        $facade->registerSubscribers(
            new class implements PreparationStartedSubscriber {
                public function notify(PreparationStarted $event): void
                {
                    \pcov\clear();
                    \pcov\start();
                }
            },
            new class($coverage) implements FinishedSubscriber {
                public function __construct(private readonly Coverage $coverage) {}

                public function notify(Finished $event): void
                {
                    \pcov\stop();
                    /** @var array<string, array<int, int>> $lines */
                    $lines = \pcov\collect();
                    $test = $event->test();
                    if ($test instanceof TestMethod) {
                        $this->coverage->add(
                            $test->file(),
                            $test->methodName(),
                            $event->telemetryInfo()->durationSincePrevious()->asFloat(),
                            $lines,
                        );
                    }
                }
            },
        );
        register_shutdown_function(static fn() => $coverage->write((string) getenv(self::FILE)));
    }
}
