<?php

declare(strict_types=1);

namespace Tests\App\Platform;

use App\Demo\DemoCommand;
use App\Platform\SessionStoreFactory;
use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

/** Two web servers, each with its own cache folder, share nothing but the database. */
#[CoversClass(SessionStoreFactory::class)]
#[SkipDatabaseRollback]
final class TwoServersTest extends KernelTestCase
{
    private const EMAIL = 'two-servers@schwung.example';

    /** @var list<resource> */
    private array $servers = [];

    protected function setUp(): void
    {
        $command = (new Application(self::bootKernel()))->find('app:demo');
        (new CommandTester($command))->execute(['--email' => self::EMAIL, '--quilts' => '1']);
    }

    protected function tearDown(): void
    {
        foreach ($this->servers as $server) {
            proc_terminate($server);
            proc_close($server);
        }
        $connection = self::getContainer()->get(Connection::class);
        \assert($connection instanceof Connection);
        $connection->executeStatement('UPDATE quilt SET revision_id = NULL');
        foreach (
            [
                'revision',
                'quilt',
                'client',
                'studio_leader',
                'studio_design',
                'studio_frame',
                'person',
                'studio',
                'sessions',
                'rememberme_token',
                'cache_items',
            ]
            as $table
        ) {
            $connection->executeStatement("DELETE FROM $table");
        }
        parent::tearDown();
    }

    public function testWhoSignsInAtOneIsSignedInAtTheOther(): void
    {
        [$one, $other] = [$this->start(), $this->start()];
        [, $page, $cookies] = $this->get("$one/sign-in", []);
        preg_match('/name="_csrf_token" value="([^"]+)"/', $page, $token);
        // Even the token that the first server gave out is taken by the second.
        [$code, , $cookies] = $this->get("$other/sign-in", $cookies, [
            '_csrf_token' => $token[1] ?? '',
            'email' => self::EMAIL,
            'password' => DemoCommand::PASSWORD,
            '_remember_me' => 'on',
        ]);
        self::assertSame(302, $code);
        foreach ([$one, $other] as $server) {
            [$code, $bench] = $this->get("$server/", $cookies);
            self::assertSame(200, $code);
            self::assertStringContainsString('Harbour lamps', $bench);
        }
        [$code] = $this->get("$one/", ['REMEMBERME' => $cookies['REMEMBERME'] ?? '']);
        self::assertSame(200, $code, 'The remembered device is known to the server that did not remember it.');
    }

    private function start(): string
    {
        $probe = stream_socket_server('tcp://127.0.0.1:0');
        \assert(false !== $probe);
        $address = (string) stream_socket_get_name($probe, false);
        fclose($probe);
        $root = \dirname(__DIR__, 3);
        $server = proc_open(
            [\PHP_BINARY, '-S', $address, '-t', 'public', 'ops/router.php'],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', "$root/var/two-servers.log", 'a']],
            $pipes,
            $root,
            [...getenv(), 'APP_ENV' => 'prod', 'APP_DEBUG' => '0'],
        );
        \assert(\is_resource($server));
        $this->servers[] = $server;
        for ($wait = 0; $wait < 100 && 200 !== $this->get("http://$address/up", [])[0]; ++$wait) {
            usleep(100_000);
        }

        return "http://$address";
    }

    /**
     * @param array<string, string> $cookies
     * @param array<string, string> $form    sent by POST where there is any
     *
     * @return array{int, string, array<string, string>} status, body, cookies
     */
    private function get(string $url, array $cookies, array $form = []): array
    {
        $pairs = array_map(
            static fn(string $name, string $value): string => "$name=$value",
            array_keys($cookies),
            $cookies,
        );
        // Stays empty where the server does not answer yet.
        $http_response_header = [];
        $body = @file_get_contents(
            $url,
            context: stream_context_create([
                'http' => [
                    'method' => [] === $form ? 'GET' : 'POST',
                    'header' => [
                        'Cookie: ' . implode('; ', $pairs),
                        ...[] === $form ? [] : ['Content-Type: application/x-www-form-urlencoded'],
                    ],
                    'content' => http_build_query($form),
                    'ignore_errors' => true,
                    'follow_location' => 0,
                ],
            ]),
        );
        $headers = $http_response_header;
        foreach ($headers as $header) {
            if (1 === preg_match('/^Set-Cookie: ([^=]+)=([^;]*)/i', $header, $found)) {
                $cookies[$found[1]] = $found[2];
            }
        }

        return [(int) substr($headers[0] ?? '', 9, 3), (string) $body, $cookies];
    }
}
