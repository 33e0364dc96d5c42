<?php

declare(strict_types=1);

namespace Tests\App\Platform;

use App\Platform\HostCookie;
use App\Platform\RequestId;
use Monolog\Handler\TestHandler;
use Monolog\Level;
use Monolog\LogRecord;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Tests\App\StudioTestCase;

#[CoversClass(RequestId::class)]
#[CoversClass(HostCookie::class)]
final class RequestIdTest extends StudioTestCase
{
    public function testEveryAnswerAndItsLinesInTheLogCarryOneNumber(): void
    {
        $this->browser->request('GET', '/nothing-is-here');
        self::assertResponseStatusCodeSame(404);
        $number = $this->browser->getResponse()->headers->get('X-Request-Id');
        self::assertMatchesRegularExpression('/^[0-9a-f]{12}$/', (string) $number);
        $handler = self::getContainer()->get('monolog.handler.main');
        self::assertInstanceOf(TestHandler::class, $handler);
        $lines = array_filter(
            $handler->getRecords(),
            static fn(LogRecord $line): bool => ($line->extra['request'] ?? null) === $number,
        );

        self::assertNotSame([], $lines);
        foreach ($lines as $line) {
            self::assertSame('127.0.0.1', $line->extra['from']);
            self::assertTrue(
                $line->level->isLowerThan(Level::Notice) || 'deprecation' === $line->channel,
                'A 404 is no error.',
            );
        }
    }

    public function testThePageThatSaysThatItFailedCanTellTheNumber(): void
    {
        $request = new Request();
        $request->attributes->set(RequestId::ATTRIBUTE, '0123456789ab');
        $stack = new RequestStack([$request, new Request()]);

        self::assertSame('0123456789ab', (new RequestId($stack))->number());
        self::assertSame('', (new RequestId(new RequestStack()))->number());
    }

    public function testUnderHttpsACookieIsForThisHostAlone(): void
    {
        $env = static fn(string $address): \Closure => static fn(string $name): string => [
            'SCHWUNG_ADDRESS' => $address,
            'SESSION_COOKIE' => 'schwung',
        ][$name];

        self::assertSame(
            '__Host-schwung',
            (new HostCookie())->getEnv('host_cookie', 'SESSION_COOKIE', $env('https://a.example')),
        );
        self::assertSame(
            'schwung',
            (new HostCookie())->getEnv('host_cookie', 'SESSION_COOKIE', $env('http://127.0.0.1:8000')),
        );
    }
}
