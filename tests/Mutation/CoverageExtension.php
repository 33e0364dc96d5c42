<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/**
 * Writes down which test runs over which lines of the core; unlike a report, without asking what it claims to cover.
 */
final class CoverageExtension implements Extension
{
    /** The file that the coverage is left in, as an environment variable. */
    public const FILE = 'SCHWUNG_COVERAGE';

    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $coverage = new Coverage();
        $facade->registerSubscribers(new CoverageStart(), new CoverageEnd($coverage));
        register_shutdown_function(static fn() => $coverage->write((string) getenv(self::FILE)));
    }
}
