<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpParser\Node;
use PhpParser\Node\Expr\New_;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;
use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Whoever gives more than seven things says which is which. */
#[CoversNothing]
#[Group('slow')]
final class NamedArgumentsTest extends TestCase
{
    private const MOST = 7;

    public function testMoreThanSevenArgumentsAreNamed(): void
    {
        $parser = (new ParserFactory())->createForHostVersion();
        $finder = new NodeFinder();
        $found = [];
        foreach (self::files('core', 'src') as $file) {
            $tree = (new NodeTraverser(new NameResolver()))->traverse(
                $parser->parse((string) file_get_contents($file)) ?? [],
            );
            foreach ($finder->findInstanceOf($tree, New_::class) as $new) {
                $unnamed = array_filter(
                    $new->args,
                    static fn(Node $argument): bool => $argument instanceof Node\Arg && null === $argument->name,
                );
                if (\count($unnamed) > self::MOST) {
                    $found[] = substr($file, \strlen(\dirname(__DIR__, 2)) + 1) . ':' . $new->getStartLine();
                }
            }
        }

        self::assertSame([], $found);
    }

    /** @return iterable<string> */
    private static function files(string ...$folders): iterable
    {
        foreach ($folders as $folder) {
            $all = new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(\dirname(__DIR__, 2) . "/$folder", \FilesystemIterator::SKIP_DOTS),
            );
            foreach ($all as $file) {
                if ($file instanceof \SplFileInfo && 'php' === $file->getExtension()) {
                    yield $file->getPathname();
                }
            }
        }
    }
}
