<?php

declare(strict_types=1);

namespace Tests\App\Platform;

use App\Platform\Afterwards;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

final class AfterwardsTest extends TestCase
{
    /** @var list<string> */
    private array $done = [];
    private RequestStack $requests;
    private Afterwards $afterwards;

    protected function setUp(): void
    {
        $this->requests = new RequestStack();
        $this->afterwards = new Afterwards($this->requests);
    }

    public function testWhatIsDoneAfterwardsWaitsForTheAnswerAndIsDoneOnce(): void
    {
        $this->requests->push(new Request());
        $this->afterwards->do(fn() => ($this->done[] = 'first'));
        $this->afterwards->do(fn() => $this->afterwards->do(fn() => ($this->done[] = 'of the second')));
        self::assertSame([], $this->done);
        $this->requests->pop();
        $this->terminate();
        self::assertSame(['first', 'of the second'], $this->done);
        $this->terminate();
        self::assertCount(2, $this->done);
    }

    public function testAWorkerWaitsForNoAnswer(): void
    {
        $this->afterwards->do(fn() => ($this->done[] = 'at once'));
        self::assertSame(['at once'], $this->done);
    }

    public function testWhatWasNotDoneIsNotDoneAfterTheNextAnswer(): void
    {
        $this->requests->push(new Request());
        $this->afterwards->do(fn() => ($this->done[] = 'of a request that went wrong'));
        $this->afterwards->reset();
        $this->terminate();
        self::assertSame([], $this->done);
    }

    public function testAnAnswerSaysHowLongItIsWhereThatIsKnown(): void
    {
        self::assertSame('10', $this->length(new Response('½ in or 1')));
        self::assertNull($this->length(new StreamedResponse(static function (): void {})));
        self::assertNull($this->length(new Response('a part'), HttpKernelInterface::SUB_REQUEST));
    }

    private function length(Response $response, int $type = HttpKernelInterface::MAIN_REQUEST): ?string
    {
        $kernel = $this->createStub(HttpKernelInterface::class);
        $this->afterwards->measure(new ResponseEvent($kernel, new Request(), $type, $response));

        return $response->headers->get('Content-Length');
    }

    private function terminate(): void
    {
        $kernel = $this->createStub(HttpKernelInterface::class);
        $this->afterwards->run(new TerminateEvent($kernel, new Request(), new Response()));
    }
}
