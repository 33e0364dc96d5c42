<?php

declare(strict_types=1);

use App\Kernel;
use Symfony\Component\Routing\RouterInterface;

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
