<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\Test\PreparationStartedSubscriber;

/** Counts lines from the start of a test on, as if it were the first: what the core keeps for later is forgotten. */
final readonly class CoverageStart implements PreparationStartedSubscriber
{
    public function notify(PreparationStarted $event): void
    {
        foreach (get_declared_classes() as $class) {
            if (str_starts_with($class, 'Schwung\\Core\\')) {
                $this->forget(new \ReflectionClass($class));
            }
        }
        \pcov\clear();
        \pcov\start();
    }

    /** @param \ReflectionClass<object> $class */
    private function forget(\ReflectionClass $class): void
    {
        foreach ($class->getProperties(\ReflectionProperty::IS_STATIC) as $property) {
            if (true === $property->getType()?->allowsNull()) {
                $property->setValue(null, null);
            }
        }
    }
}
