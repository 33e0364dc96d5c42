<?php

declare(strict_types=1);

namespace App\Platform\Kept;

use App\Account\Person;
use App\Account\Studio;
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
        $item = $this->pages->getItem($this->key($request, $person, $keeping->seconds()));
        $item->expiresAfter($keeping->seconds());
        $request->attributes->set(self::ITEM, $item);
        $kept = $item->get();
        if ($kept instanceof KeptPage && !$this->isChecked) {
            $request->attributes->remove(self::ITEM);
            $event->setController(fn(): Response => (new Response($this->look->show($kept)))->setVary('HX-Request'));
            $event->setArguments([]);
        }
    }

    #[AsEventListener(priority: 100)]
    public function keep(ResponseEvent $event): void
    {
        $item = $event->getRequest()->attributes->get(self::ITEM);
        $response = $event->getResponse();
        if (
            !$event->isMainRequest() ||
            !($item instanceof CacheItemInterface) ||
            Response::HTTP_OK !== $response->getStatusCode() ||
            false === $response->getContent()
        ) {
            return;
        }
        $kept = $item->get();
        if (
            $kept instanceof KeptPage &&
            $kept->body !== $this->look->keep($response->getContent(), $kept->mark)->body
        ) {
            throw new \LogicException(
                \sprintf(
                    '%s is not what was kept of it, though nothing seemed to be written.',
                    $event->getRequest()->getRequestUri(),
                ),
            );
        }
        $page = $this->look->keep($response->getContent(), bin2hex(random_bytes(8)));
        $this->pages->save($item->set($page));
    }

    /** @param int $seconds after which it is another */
    private function key(Request $request, Person $person, int $seconds): string
    {
        return 'page-' .
            hash(
                'xxh128',
                implode("\n", [
                    $this->build->id(),
                    $this->changes->stampOf($person->studio()),
                    $this->read($person),
                    $this->read($person->studio()),
                    intdiv($this->clock->now()->getTimestamp(), $seconds),
                    $request->getUri(),
                    ...array_map(static fn(string $name): string => $request->headers->get($name, ''), self::HEADERS),
                ]),
            );
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
