<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * What the core makes of a busy season, as the text files beside this show it: quilts, beds, exercises, diagnoses,
 * leaders, designs, logs, lengths, queues and shelves, all drawn by lot and always the same. A mark at the end of a
 * line stands for every other figure and word that was worked out.
 *
 * A change that is meant moves lines: run with UPDATE=1, read the difference, and keep it if each line is right.
 */
#[CoversNothing]
#[Group('slow')]
final class SeasonTest extends TestCase
{
    private const AT_ONCE = 8;

    #[DataProvider('pages')]
    public function testEverythingComesOutAsItDid(Account $account, string $name, int $from): void
    {
        $file = __DIR__ . "/$name.txt";
        $now = [];
        for ($page = $from; $page < min($account->pages(), $from + self::AT_ONCE); ++$page) {
            $now[] = "$page\n  " . implode("\n  ", [...$account->page($page)]);
        }
        if (false !== getenv('UPDATE')) {
            file_put_contents($file, implode("\n\n", $now) . "\n\n", 0 === $from ? 0 : \FILE_APPEND);
        }
        $kept = explode("\n\n", rtrim((string) file_get_contents($file)));

        self::assertSame(\array_slice($kept, $from, self::AT_ONCE), $now);
    }

    /** @return iterable<string, array{Account, string, int}> */
    public static function pages(): iterable
    {
        $accounts = [
            'quilts' => new Quilts(),
            'beds' => new Beds(),
            'exercises' => new Exercises(),
            'diagnoses' => new Diagnoses(),
            'leaders' => new Leaders(),
            'designs' => new Designs(),
            'logs' => new Logs(),
            'lengths' => new Lengths(),
            'entries' => new AllEntries(),
            'unfinished' => new Unfinished(),
            'queues' => new Queues(),
            'shelves' => new Shelves(),
        ];
        foreach ($accounts as $name => $account) {
            for ($from = 0; $from < $account->pages(); $from += self::AT_ONCE) {
                yield "$name from $from" => [$account, $name, $from];
            }
        }
    }
}
