<?php

declare(strict_types=1);

namespace Tests\App\Platform;

use App\Platform\DatabaseTrouble;
use Doctrine\DBAL\Driver\PDO\Exception as DriverException;
use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\DriverException as DbalFault;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Psr\Log\NullLogger;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Twig\Environment;

#[CoversClass(DatabaseTrouble::class)]
final class DatabaseTroubleTest extends KernelTestCase
{
    #[TestWith(['GET', 'This page asks again every 5 seconds.'])]
    #[TestWith(['POST', 'Go back in a moment and send it once more; what you typed is kept.'])]
    public function testAPageSaysThatTheDatabaseIsAwayHoweverDeepItWasNoticed(string $method, string $told): void
    {
        $gone = new ConnectionException(DriverException::new(new \PDOException('gone', 2002)), null);
        $event = $this->event($method, new \RuntimeException('While a template was filled.', previous: $gone));
        $page = (string) $event->getResponse()?->getContent();

        self::assertSame(503, $event->getResponse()?->getStatusCode());
        self::assertStringContainsString($told, (string) preg_replace('/\s+/', ' ', $page));
        self::assertSame('GET' === $method, str_contains($page, 'http-equiv="refresh"'));
    }

    public function testItIsNoticedPastDoctrineToo(): void
    {
        foreach ([1053, 2002, 2003, 2006, 2013] as $code) {
            $lost = new \PDOException('gone');
            $lost->errorInfo = ['HY000', $code, 'gone'];
            foreach (
                [$lost, new \PDOException('gone', $code), new DbalFault(DriverException::new($lost), null)]
                as $fault
            ) {
                self::assertSame(503, $this->event('GET', $fault)->getResponse()?->getStatusCode(), "code $code");
            }
        }
    }

    public function testAPageSaysThatThereIsNoRoomWhoeverNoticedIt(): void
    {
        foreach ([1021, 1026, 1114] as $code) {
            $full = new \PDOException('The table is full');
            $full->errorInfo = ['HY000', $code, 'The table is full'];
            foreach ([$full, new DbalFault(DriverException::new($full), null)] as $noticed) {
                $event = $this->event('POST', new \RuntimeException('While a form was kept.', previous: $noticed));
                self::assertSame(507, $event->getResponse()?->getStatusCode());
                self::assertStringContainsString('disk is full', (string) $event->getResponse()->getContent());
            }
        }
    }

    public function testEveryOtherFaultIsLeftAlone(): void
    {
        $twice = new \PDOException('Twice the same.');
        $twice->errorInfo = ['23000', 1062, 'Twice the same.'];
        self::assertNull($this->event('POST', $twice)->getResponse());
        self::assertNull($this->event('POST', new \RuntimeException('Something else.', 1114))->getResponse());
        self::assertNull($this->event('GET', new \PDOException('Twice the same.', 1062))->getResponse());
        self::assertNull($this->event('GET', new \RuntimeException('Something else.'))->getResponse());
    }

    private function event(string $method, \Throwable $fault): ExceptionEvent
    {
        $event = new ExceptionEvent(
            self::bootKernel(),
            Request::create('/', $method),
            HttpKernelInterface::MAIN_REQUEST,
            $fault,
        );
        $twig = self::getContainer()->get(Environment::class);
        self::assertInstanceOf(Environment::class, $twig);
        (new DatabaseTrouble($twig, new NullLogger()))($event);

        return $event;
    }
}
