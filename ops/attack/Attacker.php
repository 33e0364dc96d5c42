<?php

declare(strict_types=1);

use App\Demo\DemoCommand;

const SECONDS = 20;

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
