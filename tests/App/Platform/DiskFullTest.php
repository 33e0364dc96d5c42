<?php

declare(strict_types=1);

namespace Tests\App\Platform;

use App\Platform\DiskFull;
use Doctrine\DBAL\Driver\PDO\Exception as PdoFault;
use Doctrine\DBAL\Exception\DriverException;
use PHPUnit\Framework\Attributes\CoversClass;
use Psr\Log\NullLogger;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Twig\Environment;

#[CoversClass(DiskFull::class)]
final class DiskFullTest extends KernelTestCase
{
    public function testAPageSaysThatThereIsNoRoomWhoeverNoticedIt(): void
    {
        foreach ([1021, 1026, 1114] as $code) {
            $fault = self::fault($code);
            foreach ([$fault, new DriverException(PdoFault::new($fault), null)] as $noticed) {
                $event = $this->event(new \RuntimeException('While a form was kept.', previous: $noticed));
                self::assertSame(507, $event->getResponse()?->getStatusCode());
                self::assertStringContainsString('disk is full', (string) $event->getResponse()->getContent());
            }
        }
    }

    public function testEveryOtherFaultIsLeftAlone(): void
    {
        self::assertNull($this->event(self::fault(1062))->getResponse());
        self::assertNull($this->event(new \RuntimeException('Something else.', 1114))->getResponse());
    }

    private static function fault(int $code): \PDOException
    {
        $fault = new \PDOException('The table is full');
        $fault->errorInfo = ['HY000', $code, 'The table is full'];

        return $fault;
    }

    private function event(\Throwable $fault): ExceptionEvent
    {
        $event = new ExceptionEvent(
            self::bootKernel(),
            Request::create('/', 'POST'),
            HttpKernelInterface::MAIN_REQUEST,
            $fault,
        );
        $twig = self::getContainer()->get(Environment::class);
        self::assertInstanceOf(Environment::class, $twig);
        (new DiskFull($twig, new NullLogger()))($event);

        return $event;
    }
}
