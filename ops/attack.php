<?php

declare(strict_types=1);

// The attacking half of bin/attack: URL REQUESTS KILLS SERVER-PID-FILE DATABASE-PID-FILE. Ends with 1 where anything fell.

use App\Demo\DemoCommand;
use App\Kernel;
use Symfony\Component\Routing\RouterInterface;

require dirname(__DIR__) . '/vendor/autoload.php';

/** What no answer to the attacker may hold: everything of the other studio carries it. */
const MARK = 'Marked ';
const SECONDS = 20;
/** What would end the attack itself. */
const SPARED = '~^/(sign-out|settings/account/(close|leave|password|address|second-step|devices)|closed|people/.*/(remove|hand-over))~';
const NASTY = [
    '',
    "\xff\xfe",
    "a\0b",
    '9223372036854775807',
    '-1',
    '1e999',
    'NaN',
    '../../etc/passwd',
    '//elsewhere.example/',
    '=1+1',
    "\u{202e}abc",
    '<script>alert(1)</script>',
    "' OR 1=1 -- ",
    '{{7*7}}',
    '71 1/2 in',
    '-5 cm',
    '0',
    '[]',
    '{"a":{"b":[1]}}',
];

/** A browser with one person's cookies. */
final class Attacker
{
    public string $token = '';
    /** @var array<string, string> */
    private array $cookies = [];

    public function __construct(private readonly string $server, private readonly string $email) {}

    /**
     * @param array<mixed>|string $body
     *
     * @return array{int, string, float} status (0 where none came), body, seconds
     */
    public function send(string $method, string $path, array|string $body = [], int $patience = SECONDS): array
    {
        $curl = curl_init($this->server . $path);
        curl_setopt_array($curl, [
            \CURLOPT_CUSTOMREQUEST => $method,
            \CURLOPT_NOBODY => 'HEAD' === $method,
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_HEADER => true,
            \CURLOPT_TIMEOUT => $patience,
            \CURLOPT_COOKIE => http_build_query($this->cookies, arg_separator: '; ', encoding_type: \PHP_QUERY_RFC3986),
        ]);
        if ('POST' === $method && [] !== $body) {
            curl_setopt($curl, \CURLOPT_POSTFIELDS, is_string($body) ? $body : self::flat($body));
        }
        $start = hrtime(true);
        $answer = curl_exec($curl);
        $seconds = (hrtime(true) - $start) / 1e9;
        $status = curl_getinfo($curl, \CURLINFO_RESPONSE_CODE);
        if (!is_string($answer)) {
            return [0, '', $seconds];
        }
        $size = curl_getinfo($curl, \CURLINFO_HEADER_SIZE);
        preg_match_all('~^Set-Cookie: ([^=]+)=([^;\r]*)~mi', substr($answer, 0, $size), $found, \PREG_SET_ORDER);
        foreach ($found as [, $name, $value]) {
            $this->cookies[$name] = rawurldecode($value);
        }

        return [$status, substr($answer, $size), $seconds];
    }

    public function signIn(): void
    {
        $this->cookies = [];
        $page = $this->send('GET', '/sign-in')[1];
        $this->send('POST', '/sign-in', [
            '_csrf_token' => self::inPage('name="_csrf_token" value="', $page),
            'email' => $this->email,
            'password' => DemoCommand::PASSWORD,
        ]);
        $this->token = self::inPage('data-token="', $this->send('GET', '/')[1]);
        if ('' === $this->token) {
            throw new RuntimeException("{$this->email} could not sign in.");
        }
    }

    public function isIn(): bool
    {
        return '' !== self::inPage('data-token="', $this->send('GET', '/')[1]);
    }

    private static function inPage(string $before, string $page): string
    {
        return 1 === preg_match('~' . preg_quote($before, '~') . '([^"]*)"~', $page, $found)
            ? html_entity_decode($found[1])
            : '';
    }

    /**
     * @param array<mixed> $fields
     *
     * @return array<string, mixed> as a form of many parts names them; files stay files
     */
    private static function flat(array $fields, string $before = ''): array
    {
        $flat = [];
        foreach ($fields as $name => $value) {
            $name = '' === $before ? (string) $name : "{$before}[$name]";
            $flat = [...$flat, ...is_array($value) ? self::flat($value, $name) : [$name => $value]];
        }

        return $flat;
    }
}

/** Makes requests that nobody should send, from those that our own pages would. */
final class Mutations
{
    /** @var list<array{string, string, array<string, mixed>}> method, path, fields */
    public array $forms = [];
    /** @var array<string, true> */
    public array $pages = [];
    /** @var list<string> */
    private array $mine = [];
    /** @var list<array{string, string}> method, path as the router knows it */
    private array $routes = [];

    /** @param list<string> $theirs */
    public function __construct(private readonly Attacker $attacker, private readonly array $theirs)
    {
        $this->crawl(140);
        $this->routes = self::routes();
    }

    /** @return array{string, string, array<mixed>|string} method, path, body */
    public function next(): array
    {
        return match (mt_rand(0, 5)) {
            0, 1, 2 => $this->form(),
            3 => $this->route(),
            4 => $this->entries(),
            default => $this->link(),
        };
    }

    /** @return array{string, string, array<mixed>} */
    private function form(): array
    {
        [$method, $path, $fields] = $this->forms[array_rand($this->forms)];
        for ($time = mt_rand(1, 3); $time > 0 && [] !== $fields; --$time) {
            $name = array_rand($fields);
            if (str_contains($name, 'token') && mt_rand(0, 9) > 0) {
                continue;
            }
            match (mt_rand(0, 4)) {
                0 => ($fields = array_diff_key($fields, [$name => true])),
                1 => ($fields = [...array_diff_key($fields, [$name => true]), $name . '[x][y]' => 'z']),
                2 => ($fields[$name] = str_repeat('long', mt_rand(1, 4000))),
                3 => ($fields[$name] = $this->file()),
                default => ($fields[$name] = NASTY[array_rand(NASTY)]),
            };
        }

        return [$method, $this->astray($path), $fields];
    }

    /** @return array{string, string, array<mixed>} */
    private function route(): array
    {
        [$method, $path] = $this->routes[array_rand($this->routes)];
        $path = (string) preg_replace_callback('~\{\w+\}~', fn(): string => rawurlencode($this->part()), $path);

        return [$method, $path, 'POST' === $method ? ['_token' => $this->attacker->token, 'x' => $this->part()] : []];
    }

    /** @return array{string, string, array<mixed>} */
    private function entries(): array
    {
        $entries = [];
        for ($count = mt_rand(0, 4); $count > 0; --$count) {
            $entry = [
                'key' => bin2hex(random_bytes(8)),
                'kind' => ['note', 'done', 'advance', 'problem', 'park', 'resume', 'tick', 'nothing'][mt_rand(0, 7)],
                'step' => 'stitch-1',
                'at' => mt_rand(0, 3) > 0 ? time() * 1000 : \PHP_INT_MAX,
                'data' => ['text' => NASTY[array_rand(NASTY)], 'x' => mt_rand(-9, 9) * 1e300, 'rows' => [1]],
            ];
            $entry[array_rand($entry)] = [null, [], 'x', -1, 1.5, true][mt_rand(0, 5)];
            $entries[] = $entry;
        }
        $id = mt_rand(0, 2) > 0 ? $this->mine[array_rand($this->mine)] : $this->theirs[array_rand($this->theirs)];
        $json = json_encode($entries, \JSON_PARTIAL_OUTPUT_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE);

        return [
            'POST',
            "/quilts/$id/frame/entries",
            [
                '_token' => $this->attacker->token,
                'now' => mt_rand(0, 3) > 0 ? time() * 1000 : NASTY[array_rand(NASTY)],
                'entries' => mt_rand(0, 5) > 0 ? $json : substr((string) $json, mt_rand(0, 20)),
                ...mt_rand(0, 3) > 0 ? [] : ['photo-' . mt_rand(0, 3) => $this->file()],
            ],
        ];
    }

    /** @return array{string, string, array<mixed>} */
    private function link(): array
    {
        $path = $this->astray((string) array_rand($this->pages));
        $query = [];
        foreach (
            ['q', 'page', 'try', 'pass', 'did', 'symptom', 'shown', 'run', 'after', 'back', 'of', 'all']
            as $name
        ) {
            if (0 === mt_rand(0, 3)) {
                $query[$name] = 0 === mt_rand(0, 5) ? ['x' => NASTY[array_rand(NASTY)]] : NASTY[array_rand(NASTY)];
            }
        }

        return [
            ['GET', 'GET', 'GET', 'HEAD', 'PUT', 'DELETE', 'OPTIONS'][mt_rand(0, 6)],
            explode('?', $path)[0] . '?' . http_build_query($query),
            [],
        ];
    }

    /** Now and then with what is the other studio's in the place of one's own. */
    private function astray(string $path): string
    {
        return 0 === mt_rand(0, 3)
            ? (string) preg_replace_callback(
                '~[0-9A-Z]{26}~',
                fn(): string => $this->theirs[array_rand($this->theirs)],
                $path,
            )
            : $path;
    }

    private function part(): string
    {
        return match (mt_rand(0, 4)) {
            0 => NASTY[array_rand(NASTY)],
            1, 2 => $this->theirs[array_rand($this->theirs)],
            3 => ['measure', 'load', 'cm', 'pleat', 'backing', '1', '3', 'studio', str_repeat('x', 43)][mt_rand(0, 8)],
            default => $this->mine[array_rand($this->mine)],
        };
    }

    private function file(): CURLStringFile
    {
        return match (mt_rand(0, 3)) {
            0 => new CURLStringFile(random_bytes(mt_rand(1, 3000)), 'photo.jpg', 'image/jpeg'),
            1 => new CURLStringFile(
                "\x89PNG\r\n\x1a\n\0\0\0\rIHDR" . pack('NN', 99_999, 99_999) . random_bytes(60),
                'a.png',
            ),
            2 => new CURLStringFile(
                '<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0 L1e308 9' .
                    NASTY[array_rand(NASTY)] .
                    '"/></svg>',
                'a.svg',
            ),
            default => new CURLStringFile(str_repeat('[', mt_rand(1, 3000)), 'a.json'),
        };
    }

    private function crawl(int $most): void
    {
        $waiting = ['/', '/people', '/settings/account', '/outbox', '/settings/log', '/forgotten', '/quilts/import'];
        while ([] !== $waiting && count($this->pages) < $most) {
            $path = array_shift($waiting);
            if (isset($this->pages[$path])) {
                continue;
            }
            $this->pages[$path] = true;
            [$status, $body] = $this->attacker->send('GET', $path);
            if (200 !== $status || !str_contains($body, '<html')) {
                continue;
            }
            $page = new DOMDocument();
            @$page->loadHTML('<?xml encoding="UTF-8">' . $body);
            foreach ($page->getElementsByTagName('a') as $link) {
                $target = $link->getAttribute('href');
                if (str_starts_with($target, '/') && 1 !== preg_match('~\.(pdf|zip)$~', $target)) {
                    $waiting[] = $target;
                }
            }
            foreach ($page->getElementsByTagName('form') as $form) {
                $this->learn($form, $path);
            }
            preg_match_all('~/quilts/([0-9A-Z]{26})~', $body, $found);
            $this->mine = array_values(array_unique([...$this->mine, ...$found[1]]));
        }
    }

    private function learn(DOMElement $form, string $path): void
    {
        $action = $form->getAttribute('action') ?: $path;
        if (1 === preg_match(SPARED, $action)) {
            return;
        }
        $fields = [];
        foreach (['input', 'select', 'textarea'] as $tag) {
            foreach ($form->getElementsByTagName($tag) as $field) {
                $fields[$field->getAttribute('name')] = $field->getAttribute('value');
            }
        }
        unset($fields['']);
        $this->forms[] = ['' === $form->getAttribute('method') ? 'GET' : 'POST', $action, $fields];
    }

    /** @return list<array{string, string}> */
    private static function routes(): array
    {
        $kernel = new Kernel('prod', false);
        $kernel->boot();
        $router = $kernel->getContainer()->get('router');
        assert($router instanceof RouterInterface);
        $routes = [];
        foreach ($router->getRouteCollection() as $route) {
            foreach ($route->getMethods() ?: ['GET'] as $method) {
                if (1 !== preg_match(SPARED, $route->getPath())) {
                    $routes[] = [$method, $route->getPath()];
                }
            }
        }

        return $routes;
    }
}

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

    return array_map(static fn(string $id): string => (string) Symfony\Component\Uid\Ulid::fromBinary($id), $ids);
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
            usleep(100_000);
        }
    }
}

/** Changes one measure again and again, and notes what was acknowledged last. */
function writeChanges(string $server, string $quilt, string $noted, string $over): void
{
    $attacker = new Attacker($server, DemoCommand::EMAIL);
    $attacker->signIn();
    $values = static function () use ($attacker, $quilt): array {
        $page = new DOMDocument();
        @$page->loadHTML('<?xml encoding="UTF-8">' . $attacker->send('GET', "/quilts/$quilt/measure")[1]);
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
    array_map(static fn(string $file): bool => file_exists($file) && unlink($file), [$entries, $changes, $over]);
    $run = database()
        ->query(
            "SELECT q.id FROM run r JOIN quilt q ON q.id = r.quilt_id WHERE r.ended IS NULL AND q.title NOT LIKE 'Marked %' LIMIT 1",
        )
        ->fetchColumn();
    $still = database()
        ->query("SELECT id FROM quilt WHERE title NOT LIKE 'Marked %' AND id NOT IN (SELECT quilt_id FROM run) LIMIT 1")
        ->fetchColumn();
    assert(is_string($run) && is_string($still));
    [$logged, $measured] = array_map(
        static fn(string $id): string => (string) Symfony\Component\Uid\Ulid::fromBinary($id),
        [$run, $still],
    );
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
