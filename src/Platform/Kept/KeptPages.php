<?php

declare(strict_types=1);

namespace App\Platform\Kept;

use App\Account\Person;
use App\Account\Studio;
use App\Platform\Afterwards;
use App\Platform\Build;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Cache\CacheItemInterface;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\Session\FlashBagAwareSessionInterface;
use Symfony\Component\HttpKernel\Event\ControllerArgumentsEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\Uid\AbstractUid;

/** Shows a page as it was rendered for this person before, as long as nothing of the studio was written since. */
final readonly class KeptPages
{
    private const ITEM = '_kept_page';
    private const KEY = '_kept_page_key';
    /**
     * So many pages of a person are kept at most, however many addresses are asked for. Two that fall on one place put
     * each other out, so that there are many more places than somebody has pages.
     */
    private const PLACES = 2048;
    /** What of a request the same address may be answered by differently. */
    private const HEADERS = ['HX-Request', 'HX-History-Restore-Request'];

    /** @param bool $isChecked whether each page is made anew nevertheless, and held against the one that was kept */
    public function __construct(
        private CacheItemPoolInterface $pages,
        private StudioChanges $changes,
        private OneLook $look,
        private Security $security,
        private EntityManagerInterface $entities,
        private Build $build,
        private ClockInterface $clock,
        private Afterwards $afterwards,
        #[Autowire(param: 'app.kept_pages_checked')] private bool $isChecked,
    ) {}

    /** After all that could refuse the request: who is signed in, and with what right. */
    #[AsEventListener(priority: -100)]
    public function show(ControllerArgumentsEvent $event): void
    {
        $request = $event->getRequest();
        $keeping = $event->getAttributes(KeptUntilChanged::class)[0] ?? null;
        if (null === $keeping || !$event->isMainRequest() || !$request->isMethod('GET')) {
            return;
        }
        $person = $this->security->getUser();
        if (!($person instanceof Person) || self::isToldSomething($request)) {
            return;
        }
        $key = $this->key($request, $person, $keeping->seconds());
        $item = $this->pages->getItem(\sprintf('page-%s-%d', $person->id(), self::place($request)));
        $item->expiresAfter($keeping->seconds());
        $kept = $item->get();
        if (!$this->isChecked && $kept instanceof KeptPage && $kept->key === $key) {
            $event->setController(fn(): Response => (new Response($this->look->show($kept)))->setVary('HX-Request'));
            $event->setArguments([]);

            return;
        }
        $request->attributes->set(self::ITEM, $item);
        $request->attributes->set(self::KEY, $key);
    }

    #[AsEventListener(priority: 100)]
    public function keep(ResponseEvent $event): void
    {
        $request = $event->getRequest();
        [$item, $key] = [$request->attributes->get(self::ITEM), $request->attributes->get(self::KEY)];
        [$response, $body] = [$event->getResponse(), $event->getResponse()->getContent()];
        if (
            !$event->isMainRequest() ||
            !($item instanceof CacheItemInterface) ||
            !\is_string($key) ||
            Response::HTTP_OK !== $response->getStatusCode() ||
            false === $body
        ) {
            return;
        }
        $kept = $item->get();
        if ($kept instanceof KeptPage && $kept->key === $key && !$this->look->isOf($kept, $body)) {
            throw new \LogicException(
                $request->getRequestUri() . ' is not what was kept of it, though nothing was written.',
            );
        }
        $this->afterwards->do(fn() => $this->pages->save($item->set($this->look->keep($key, $body))));
    }

    /** @param int $seconds after which it is another */
    private function key(Request $request, Person $person, int $seconds): string
    {
        return hash(
            'xxh128',
            implode("\n", [
                $this->build->id(),
                $this->changes->stampOf($person->studio()),
                $this->read($person),
                $this->read($person->studio()),
                intdiv($this->clock->now()->getTimestamp(), $seconds),
                self::asked($request),
            ]),
        );
    }

    private static function place(Request $request): int
    {
        return (int) hexdec(hash('crc32b', self::asked($request))) % self::PLACES;
    }

    private static function asked(Request $request): string
    {
        return implode("\n", [
            $request->getUri(),
            ...array_map(static fn(string $name): string => $request->headers->get($name, ''), self::HEADERS),
        ]);
    }

    /** Both were read before the stamp: whoever was changed in between is another. */
    private function read(Person|Studio $record): string
    {
        return serialize(
            array_filter(
                $this->entities->getUnitOfWork()->getOriginalEntityData($record),
                static fn(mixed $value): bool => !\is_object($value) ||
                    $value instanceof \UnitEnum ||
                    $value instanceof AbstractUid ||
                    $value instanceof \DateTimeInterface,
            ),
        );
    }

    /** Whether a message waits for the next page, whichever it is. */
    private static function isToldSomething(Request $request): bool
    {
        $session = $request->hasPreviousSession() ? $request->getSession() : null;

        return $session instanceof FlashBagAwareSessionInterface && [] !== $session->getFlashBag()->peekAll();
    }
}
