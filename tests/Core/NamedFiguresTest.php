<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;

/** A distance of the trade has a name and a reason, and stands in one place. */
#[CoversNothing]
final class NamedFiguresTest extends TestCase
{
    public function testNoRuleHasALengthWithoutAName(): void
    {
        $root = \dirname(__DIR__, 2);
        $found = [];
        $files = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator("$root/core", \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($files as $file) {
            // What a studio may set otherwise has its everyday figure there, beside its name.
            if (!($file instanceof \SplFileInfo) || str_contains($file->getPath(), '/core/Practice')) {
                continue;
            }
            foreach (file($file->getPathname()) ?: [] as $i => $line) {
                if (1 === preg_match('/\b(inches|millimetres)\(-?[0-9]+(\.[0-9]+)?\)/', $line)) {
                    $found[] = substr($file->getPathname(), \strlen($root) + 1) . ':' . ($i + 1);
                }
            }
        }

        self::assertSame([], $found);
    }
}
