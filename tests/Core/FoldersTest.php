<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;

/** The folders of the core lie one above the other: what one uses never uses it back, directly or by others. */
#[CoversNothing]
final class FoldersTest extends TestCase
{
    private const CORE = __DIR__ . '/../../core';

    public function testNoFolderUsesItselfByAnother(): void
    {
        self::assertSame([], self::circles(self::uses()));
    }

    public function testACircleWouldBeFound(): void
    {
        $uses = ['Cloth' => ['Measure'], 'Measure' => ['Frame'], 'Frame' => ['Cloth'], 'Alone' => []];

        self::assertSame(['Cloth', 'Measure', 'Frame'], self::circles($uses));
        self::assertSame([], self::circles(['Measure' => [], 'Cloth' => ['Measure'], 'Frame' => ['Cloth', 'Measure']]));
    }

    /**
     * What is left when the folders that use nothing any more are taken away, again and again.
     *
     * @param array<string, list<string>> $uses
     *
     * @return list<string>
     */
    private static function circles(array $uses): array
    {
        do {
            $before = \count($uses);
            $uses = array_filter(
                $uses,
                static fn(array $used): bool => [] !== array_intersect($used, array_keys($uses)),
            );
        } while (\count($uses) < $before);

        return array_keys($uses);
    }

    /** @return array<string, list<string>> */
    private static function uses(): array
    {
        $uses = [];
        foreach (
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::CORE, \FilesystemIterator::SKIP_DOTS))
            as $file
        ) {
            \assert($file instanceof \SplFileInfo);
            if ('php' === $file->getExtension()) {
                $folder = explode('/', substr($file->getPathname(), \strlen(self::CORE) + 1))[0];
                preg_match_all(
                    '/Schwung\\\\Core\\\\([A-Za-z]+)\\\\/',
                    (string) file_get_contents($file->getPathname()),
                    $found,
                );
                $uses[$folder] = [...$uses[$folder] ?? [], ...array_diff($found[1], [$folder])];
            }
        }
        self::assertGreaterThan(10, \count($uses));

        return array_map(static fn(array $used): array => array_values(array_unique($used)), $uses);
    }
}
