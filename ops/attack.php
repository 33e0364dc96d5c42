<?php

declare(strict_types=1);

// The attacking half of bin/attack: URL REQUESTS KILLS SERVER-PID-FILE DATABASE-PID-FILE. Ends with 1 where anything
// fell.

use App\Demo\DemoCommand;
use Symfony\Component\Uid\Ulid;

require dirname(__DIR__) . '/vendor/autoload.php';
require __DIR__ . '/attack/Attacker.php';
require __DIR__ . '/attack/Mutations.php';

/** What no answer to the attacker may hold: everything of the other studio carries it. */
const MARK = 'Marked ';

function database(): PDO
{
    $url = parse_url((string) getenv('DATABASE_URL'));
    assert(is_array($url));

    return new PDO(
        sprintf(
            'mysql:host=%s;port=%d;dbname=%s',
            $url['host'] ?? '',
            $url['port'] ?? 3306,
            ltrim($url['path'] ?? '', '/'),
        ),
        rawurldecode($url['user'] ?? ''),
        rawurldecode($url['pass'] ?? ''),
    );
}

/** @return list<string> as they stand in addresses */
function theirQuilts(): array
{
    $ids = database()->query("SELECT id FROM quilt WHERE title LIKE 'Marked %'")->fetchAll(PDO::FETCH_COLUMN);

    return array_map(static fn(string $id): string => (string) Ulid::fromBinary($id), $ids);
}

/** Kilobytes that the server with its workers holds. */
function memory(string $pidFile): int
{
    $group = trim((string) file_get_contents($pidFile));
    exec("ps -o rss= -g $group", $lines);

    return (int) array_sum(array_map(intval(...), $lines));
}

/** A digest of all that is the other studio's. */
function theirSum(): string
{
    $sums = [];
    foreach (
        [
            "SELECT * FROM quilt WHERE title LIKE 'Marked %' ORDER BY id",
            "SELECT * FROM studio_frame WHERE name LIKE 'Marked %' ORDER BY id",
            "SELECT * FROM log_entry WHERE person = 'Marked owner' ORDER BY id",
            "SELECT * FROM person WHERE name = 'Marked owner'",
        ]
        as $query
    ) {
        $rows = database()->query($query)->fetchAll(PDO::FETCH_ASSOC);
        $sums[] = count($rows) . ':' . hash('xxh128', serialize($rows));
    }

    return implode(' ', $sums);
}

/** @return array<string, string> what is told of it; whatever is not as it should be begins with "!" */
function attackWithRequests(string $server, int $count, string $serverPid): array
{
    mt_srand((int) (getenv('SEED') ?: 20261128));
    $attacker = new Attacker($server, DemoCommand::EMAIL);
    $attacker->signIn();
    $theirs = theirQuilts();
    $before = theirSum();
    $mutations = new Mutations($attacker, $theirs);
    [$leaks, $fallen, $silent, $slowest, $statuses, $flat] = [[], [], [], [0.0, ''], [], 0];
    for ($sent = 0; $sent < $count; ++$sent) {
        if (0 === $sent % 500 && !$attacker->isIn()) {
            // The tokens of before are for the session of before.
            $attacker->signIn();
            $mutations = new Mutations($attacker, $theirs);
        }
        if ($sent === intdiv($count, 5)) {
            $flat = memory($serverPid);
        }
        [$method, $path, $body] = $mutations->next();
        [$status, $answer, $seconds] = $attacker->send($method, $path, $body);
        $statuses[$status] = ($statuses[$status] ?? 0) + 1;
        if (str_contains($answer, MARK)) {
            $leaks[] = "$method $path";
        }
        if ($status >= 500) {
            $fallen[] =
                "$status $method $path " .
                substr(is_string($body) ? $body : serialize(array_filter($body, is_string(...))), 0, 600);
        }
        if (0 === $status) {
            $silent[] = "$method $path";
        }
        if ($seconds > $slowest[0]) {
            $slowest = [$seconds, "$method $path"];
        }
    }
    ksort($statuses);
    foreach (['leak' => $leaks, 'fell' => $fallen, 'no answer' => $silent] as $what => $which) {
        foreach (array_slice($which, 0, 10) as $one) {
            fwrite(\STDERR, "$what: $one\n");
        }
    }
    $grown = memory($serverPid) / max(1, $flat);

    return [
        'requests' => sprintf(
            '%s over %d forms and %d pages',
            number_format($count),
            count($mutations->forms),
            count($mutations->pages),
        ),
        'answers' => implode(
            ', ',
            array_map(
                static fn(int $status, int $times): string => "$status: $times",
                array_keys($statuses),
                $statuses,
            ),
        ),
        'leaks' => ([] === $leaks ? '' : '!') . count($leaks),
        'answers of 500 and more' => ([] === $fallen ? '' : '!') . count($fallen),
        'without an answer' => ([] === $silent ? '' : '!') . count($silent),
        'what is the other studio\'s' => theirSum() === $before ? 'unchanged' : '!changed',
        'slowest answer' => sprintf('%.1f s, %s', ...$slowest),
        'memory of the server' => sprintf('%s%.2f times that after a fifth', $grown > 1.25 ? '!' : '', $grown),
    ];
}

/** Sends entries one after the other, each again until it is acknowledged, and notes which were. */
function writeEntries(string $server, string $quilt, string $noted, string $over): void
{
    $attacker = new Attacker($server, DemoCommand::EMAIL);
    $attacker->signIn();
    for ($number = 1; !file_exists($over); ++$number) {
        $key = sprintf('attack-%08d', $number);
        $entry = [
            'key' => $key,
            'kind' => 'note',
            'at' => (int) (microtime(true) * 1000),
            'data' => ['text' => "number $number"],
        ];
        for ($try = 0; $try < 40; ++$try) {
            [$status, $body] = $attacker->send(
                'POST',
                "/quilts/$quilt/frame/entries",
                [
                    '_token' => $attacker->token,
                    'now' => (string) (int) (microtime(true) * 1000),
                    'entries' => (string) json_encode([$entry]),
                ],
                10,
            );
            if (200 === $status && is_array(json_decode($body, true))) {
                file_put_contents($noted, "$key\n", \FILE_APPEND);
                break;
            }
            noteFall($status, $over);
            usleep(100_000);
        }
    }
}

/** While server or database are gone a page says so (503), or there is none; anything else fell over. */
function noteFall(int $status, string $over): void
{
    if ($status >= 500 && 503 !== $status) {
        file_put_contents("$over-fell", "$status\n", \FILE_APPEND);
    }
}

/** Changes one measure again and again, and notes what was acknowledged last. */
function writeChanges(string $server, string $quilt, string $noted, string $over): void
{
    $attacker = new Attacker($server, DemoCommand::EMAIL);
    $attacker->signIn();
    $values = static function () use ($attacker, $quilt, $over): array {
        [$status, $body] = $attacker->send('GET', "/quilts/$quilt/measure");
        noteFall($status, $over);
        $page = new DOMDocument();
        @$page->loadHTML('<?xml encoding="UTF-8">' . $body);
        $fields = [];
        foreach ($page->getElementById('sheet')?->getElementsByTagName('input') ?? [] as $field) {
            if (
                !in_array($field->getAttribute('type'), ['radio', 'checkbox'], true) ||
                $field->hasAttribute('checked')
            ) {
                $fields[$field->getAttribute('name')] = $field->getAttribute('value');
            }
        }

        return $fields;
    };
    for ($number = 1; !file_exists($over); ++$number) {
        $fields = $values();
        if (!isset($fields['f[top/widths/middle]'])) {
            usleep(100_000);
            continue;
        }
        $fields['f[top/widths/middle]'] = sprintf('%d mm', 1500 + $number);
        [$status] = $attacker->send('POST', "/quilts/$quilt/measure", $fields, 10);
        noteFall($status, $over);
        if (in_array($status, [200, 303], true)) {
            file_put_contents($noted, "$number\n", \FILE_APPEND);
        }
    }
}

/** @return array<string, string> */
function attackWithKills(string $server, int $kills, string $serverPid, string $databasePid): array
{
    $var = dirname(__DIR__) . '/var';
    [$entries, $changes, $over] = ["$var/attack-entries", "$var/attack-changes", "$var/attack-writers-over"];
    array_map(static fn(string $file): bool => file_exists($file) && unlink($file), [
        $entries,
        $changes,
        $over,
        "$over-fell",
    ]);
    $run = database()
        ->query(
            "SELECT q.id FROM run r JOIN quilt q ON q.id = r.quilt_id WHERE r.ended IS NULL AND q.title NOT LIKE 'Marked %' LIMIT 1",
        )
        ->fetchColumn();
    $still = database()
        ->query("SELECT id FROM quilt WHERE title NOT LIKE 'Marked %' AND id NOT IN (SELECT quilt_id FROM run) LIMIT 1")
        ->fetchColumn();
    assert(is_string($run) && is_string($still));
    [$logged, $measured] = array_map(static fn(string $id): string => (string) Ulid::fromBinary($id), [$run, $still]);
    $writers = [];
    foreach (
        [
            fn() => writeEntries($server, $logged, $entries, $over),
            fn() => writeChanges($server, $measured, $changes, $over),
        ]
        as $write
    ) {
        $pid = pcntl_fork();
        if (0 === $pid) {
            $write();
            exit(0);
        }
        $writers[] = $pid;
    }
    sleep(2);
    for ($kill = 0; $kill < $kills; ++$kill) {
        // Three times the server, then once the database, each without a word.
        if (3 === $kill % 4) {
            posix_kill((int) file_get_contents($databasePid), \SIGKILL);
        } else {
            posix_kill(-(int) file_get_contents($serverPid), \SIGKILL);
        }
        usleep(mt_rand(300_000, 1_500_000));
        for (
            $wait = 0;
            $wait < 300 && 200 !== (new Attacker($server, ''))->send('GET', '/up', patience: 2)[0];
            ++$wait
        ) {
            usleep(100_000);
        }
    }
    touch($over);
    foreach ($writers as $pid) {
        pcntl_waitpid($pid, $status);
    }
    $acknowledged = file($entries, \FILE_IGNORE_NEW_LINES) ?: [];
    $kept = database()
        ->query("SELECT entry_key FROM log_entry WHERE entry_key LIKE 'attack-%'")
        ->fetchAll(PDO::FETCH_COLUMN);
    $lost = array_diff($acknowledged, $kept);
    $fallen = file_exists("$over-fell") ? file("$over-fell") : [];
    $changed = array_map(intval(...), file($changes, \FILE_IGNORE_NEW_LINES) ?: []);
    $now = database()->prepare(
        'SELECT sheet FROM revision JOIN quilt ON quilt.revision_id = revision.id WHERE quilt.id = ?',
    );
    $now->execute([$still]);
    $sheet = (string) $now->fetchColumn();
    $last = 1 === preg_match('~"middle": ?"(\d+) mm"~', $sheet, $found) ? (int) $found[1] - 1500 : 0;

    return [
        'kills' => sprintf('%d, of them %d of the database', $kills, intdiv($kills, 4)),
        'entries acknowledged' => number_format(count($acknowledged)),
        'of them lost' => ([] === $lost ? '' : '!') . count($lost),
        'of them doubled' =>
            (count($kept) === count(array_unique($kept)) ? '' : '!') . (count($kept) - count(array_unique($kept))),
        'answers of 500 meanwhile' => ([] === $fallen ? '' : '!') . count($fallen),
        'changes acknowledged' => number_format(count($changed)),
        'the last of them' => [] !== $changed && $last >= max($changed) ? 'is there' : '!is lost',
    ];
}

[, $server, $requests, $kills, $serverPid, $databasePid] = $argv;
for ($wait = 0; $wait < 100 && 200 !== (new Attacker($server, ''))->send('GET', '/up')[0]; ++$wait) {
    usleep(100_000);
}
$table = [
    ...attackWithRequests($server, (int) $requests, $serverPid),
    ...attackWithKills($server, (int) $kills, $serverPid, $databasePid),
];
echo "| attack | result |\n|---|---|\n";
foreach ($table as $what => $result) {
    echo "| $what | ", ltrim($result, '!'), str_starts_with($result, '!') ? ' **not as it should be**' : '', " |\n";
}
exit([] === array_filter($table, static fn(string $result): bool => str_starts_with($result, '!')) ? 0 : 1);
