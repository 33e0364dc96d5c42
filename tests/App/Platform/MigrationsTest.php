<?php

declare(strict_types=1);

namespace Tests\App\Platform;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;

/** A migration that somebody's database has been through is never edited: another one mends what it left. */
#[CoversNothing]
final class MigrationsTest extends TestCase
{
    private const FOLDER = __DIR__ . '/../../../migrations';

    public function testWhatHasLandedIsAsItLanded(): void
    {
        $landed = [];
        foreach (file(self::FOLDER . '/landed.sha256', \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            [$sum, $name] = explode('  ', $line);
            $landed[$name] = $sum;
        }
        $now = array_map(
            static fn(string $name): string => hash_file('sha256', self::FOLDER . "/$name") ?: 'gone',
            array_combine(array_keys($landed), array_keys($landed)),
        );

        self::assertNotSame([], $landed);
        self::assertSame($landed, $now);
    }

    public function testALaterMigrationComesAfterAllThatLanded(): void
    {
        $names = array_map(basename(...), glob(self::FOLDER . '/Version*.php') ?: []);
        $landed = array_map(
            static fn(string $line): string => explode('  ', $line)[1],
            file(self::FOLDER . '/landed.sha256', \FILE_IGNORE_NEW_LINES) ?: [],
        );

        self::assertSame($landed, \array_slice($names, 0, \count($landed)), 'they run in the order of their names');
    }
}
