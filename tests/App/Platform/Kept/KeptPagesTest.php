<?php

declare(strict_types=1);

namespace Tests\App\Platform\Kept;

use App\Account\Person;
use App\Platform\Afterwards;
use App\Platform\Build;
use App\Platform\Kept\KeptPages;
use App\Platform\Kept\KeptUntilChanged;
use App\Platform\Kept\OneLook;
use App\Platform\Kept\StudioChanges;
use App\Platform\Kept\StudioOf;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\Session\Session;
use Symfony\Component\HttpFoundation\Session\Storage\MockArraySessionStorage;
use Symfony\Component\HttpKernel\Event\ControllerArgumentsEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use Symfony\Component\Security\Core\Authentication\Token\UsernamePasswordToken;
use Tests\App\StudioTestCase;

#[CoversClass(KeptPages::class)]
#[CoversClass(OneLook::class)]
#[CoversClass(StudioChanges::class)]
#[CoversClass(StudioOf::class)]
final class KeptPagesTest extends StudioTestCase
{
    private CacheItemPoolInterface $pool;
    private ClockInterface $clock;
    private Session $session;
    private int $made = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->pool = new ArrayAdapter();
        $this->clock = new MockClock('2027-03-01 09:30:00');
        $this->session = new Session(new MockArraySessionStorage('schwung'));
    }

    public function testAPageIsMadeOnceUntilAnythingOfItsStudioIsWritten(): void
    {
        $quilt = $this->quilt();
        $this->look('/page', $this->owner);
        $this->look('/page', $this->owner);
        self::assertSame(1, $this->made);
        $this->frame(name: 'Attic frame');
        $this->look('/page', $this->owner);
        self::assertSame(2, $this->made);
        $this->service(QuiltRepository::class)->markOutdated($quilt->studio, null);
        $this->service(StudioChanges::class)->stamp($quilt->studio->id());
        $this->look('/page', $this->owner);
        self::assertSame(3, $this->made);
    }

    public function testWhatAnotherStudioWritesChangesNothing(): void
    {
        $other = $this->studio('other@studio.example');
        $this->look('/page', $this->owner);
        $this->frame($other);
        $this->look('/page', $this->owner);
        self::assertSame(1, $this->made);
    }

    public function testNobodySeesThePageOfAnother(): void
    {
        $mine = $this->look('/page', $this->owner);
        $theirs = $this->look('/page', $this->studio('other@studio.example'));
        self::assertSame(2, $this->made);
        self::assertStringContainsString('owner@studio.example', $mine);
        self::assertStringContainsString('other@studio.example', $theirs);
    }

    public function testEveryLookHasTokensAndKeysOfItsOwn(): void
    {
        $first = $this->look('/page', $this->owner);
        $second = $this->look('/page', $this->owner);
        self::assertSame(1, $this->made);
        self::assertNotSame($first, $second);
        $pattern = '/token=\S+ key=\w{26}/';
        preg_match_all('/key=\w{26}/', $first . $second, $keys);
        self::assertCount(2, array_unique($keys[0]));
        self::assertSame(preg_replace($pattern, '', $first), preg_replace($pattern, '', $second));
    }

    #[TestWith(['/page?at=2'])]
    #[TestWith(['/other'])]
    public function testAnotherAddressIsAnotherPage(string $address): void
    {
        $this->look('/page', $this->owner);
        $this->look($address, $this->owner);
        self::assertSame(2, $this->made);
    }

    public function testAFragmentIsAnotherPage(): void
    {
        $this->look('/page', $this->owner);
        $this->look('/page', $this->owner, ['HTTP_HX_REQUEST' => 'true']);
        self::assertSame(2, $this->made);
    }

    public function testManyAddressesTakeNoMoreRoomThanSome(): void
    {
        for ($at = 0; $at < 2_300; ++$at) {
            $this->look("/page?at=$at", $this->owner);
        }
        self::assertInstanceOf(ArrayAdapter::class, $this->pool);
        self::assertLessThanOrEqual(2_048, \count($this->pool->getValues()));
        self::assertGreaterThan(1_000, \count($this->pool->getValues()));
    }

    public function testManyStampsBecomeOneThatWasNotThereBefore(): void
    {
        $changes = $this->service(StudioChanges::class);
        $studio = $this->owner->studio();
        $seen = [];
        for ($change = 0; $change < 510; ++$change) {
            $changes->stamp($studio->id());
            $seen[] = $changes->stampOf($studio);
        }
        self::assertCount(510, array_unique($seen));
        self::assertGreaterThanOrEqual(510, $changes->tidy());
        self::assertStringStartsWith('1 ', $changes->stampOf($studio));
        self::assertNotContains($changes->stampOf($studio), $seen);
        self::assertSame(0, $changes->tidy());
    }

    public function testAPageGoesWithItsTenMinutes(): void
    {
        $this->look('/page', $this->owner);
        $this->clock = new MockClock('2027-03-01 10:00:01');
        $this->look('/page', $this->owner);
        self::assertSame(2, $this->made);
    }

    public function testAMessageIsToldOnceAndNeverKept(): void
    {
        $this->look('/page', $this->owner);
        $this->session->getFlashBag()->add('done', 'Saved.');
        self::assertStringContainsString('Saved.', $this->look('/page', $this->owner));
        self::assertStringNotContainsString('Saved.', $this->look('/page', $this->owner));
        self::assertSame(2, $this->made);
    }

    public function testAPersonWhoWasReadBeforeTheyChangedKeepsNothingForTheOneAfter(): void
    {
        // As if somebody renamed the studio between the door and the stamp.
        $studio = $this->owner->studio();
        $this->service(Connection::class)->executeStatement('UPDATE studio SET name = ? WHERE id = ?', [
            'Renamed',
            $studio->id()->toBinary(),
        ]);
        $this->service(StudioChanges::class)->stamp($studio->id());
        $this->look('/page', $this->owner);
        $this->service(EntityManagerInterface::class)->clear();
        $this->look('/page', $this->ownerAnew());
        self::assertSame(2, $this->made);
    }

    public function testEveryRecordLeadsToItsStudioOrIsOfNobody(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->begin($quilt);
        $entities = $this->service(EntityManagerInterface::class);
        $of = new StudioOf();
        $found = 0;
        foreach ($entities->getMetadataFactory()->getAllMetadata() as $class) {
            $one = $entities->getRepository($class->name)->findOneBy([]);
            if (null !== $one && !$class->isMappedSuperclass) {
                ++$found;
                self::assertNotNull($of->find($one, $entities), $class->name);
            }
        }
        self::assertGreaterThan(6, $found);
    }

    public function testATestedPageThatIsNotWhatWasKeptFails(): void
    {
        $quilt = $this->quilt();
        // The first look of a device is noted, which is a change.
        $this->browser->request('GET', "/quilts/{$quilt->id()}/measure");
        $this->browser->request('GET', "/quilts/{$quilt->id()}/measure");
        self::assertResponseIsSuccessful();
        $this->rename($quilt, 'Nine winds');
        $this->browser->request('GET', "/quilts/{$quilt->id()}/measure");
        self::assertResponseStatusCodeSame(500);
    }

    public function testATestedRequestThatWritesWithoutAStampFails(): void
    {
        $watch = new UnstampedWrites();
        $kernel = $this->service(HttpKernelInterface::class);
        $end = new ResponseEvent($kernel, new Request(), HttpKernelInterface::MAIN_REQUEST, new Response());
        $quilt = $this->quilt();
        $watch->end($end);
        $this->rename($quilt, 'Nine winds');
        $this->expectExceptionMessage('no other stamp: UPDATE quilt SET title');
        try {
            $watch->end($end);
        } finally {
            UnstampedWrites::note('INSERT INTO studio_change');
        }
    }

    private function rename(Quilt $quilt, string $title): void
    {
        $this->service(Connection::class)->executeStatement('UPDATE quilt SET title = ? WHERE id = ?', [
            $title,
            $quilt->id()->toBinary(),
        ]);
    }

    /** #[KeptUntilChanged] is read off this method: it stands for a page's action. */
    #[KeptUntilChanged]
    public function page(): Response
    {
        ++$this->made;
        $look = $this->service(OneLook::class);
        $person = $this->service(Security::class)->getUser();

        return new Response(
            \sprintf(
                'for %s: token=%s key=%s %s',
                $person?->getUserIdentifier(),
                $look->getToken('quilt')->getValue(),
                $look->newKey(),
                implode(' ', array_filter($this->session->getFlashBag()->get('done'), is_string(...))),
            ),
        );
    }

    /**
     * As the kernel would answer.
     *
     * @param array<string, string> $server
     */
    private function look(string $address, Person $person, array $server = []): string
    {
        $request = Request::create($address, server: $server, cookies: [$this->session->getName() => 'one']);
        $request->setSession($this->session);
        $this->service(RequestStack::class)->push($request);
        $this->service(TokenStorageInterface::class)->setToken(
            new UsernamePasswordToken($person, 'main', $person->getRoles()),
        );
        $look = $this->service(OneLook::class);
        $look->reset();
        $afterwards = new Afterwards($this->service(RequestStack::class));
        $pages = new KeptPages(
            pages: $this->pool,
            changes: $this->service(StudioChanges::class),
            look: $look,
            security: $this->service(Security::class),
            entities: $this->service(EntityManagerInterface::class),
            build: $this->service(Build::class),
            clock: $this->clock,
            afterwards: $afterwards,
            isChecked: false,
        );
        $kernel = $this->service(HttpKernelInterface::class);
        $main = HttpKernelInterface::MAIN_REQUEST;
        $event = new ControllerArgumentsEvent($kernel, $this->page(...), [], $request, $main);
        $pages->show($event);
        $response = $event->getController()();
        self::assertInstanceOf(Response::class, $response);
        $answer = new ResponseEvent($kernel, $request, $main, $response);
        $pages->keep($answer);
        $afterwards->run(new TerminateEvent($kernel, $request, $answer->getResponse()));

        return (string) $answer->getResponse()->getContent();
    }
}
