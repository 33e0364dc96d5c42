<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

use App\Account\Person;
use App\Account\PersonRepository;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Session\SessionInterface;
use Symfony\Component\Uid\Ulid;

/** Remembers for ten minutes whose password was right, before anybody is signed in. */
final readonly class HalfWay
{
    private const PERSON = 'second_step.person';
    private const UNTIL = 'second_step.until';
    private const REMEMBERED = 'second_step.remembered';
    private const PASSWORD = 'second_step.password';
    private const SECONDS = 600;

    public function __construct(private PersonRepository $people, private ClockInterface $clock) {}

    public function begin(SessionInterface $session, Person $person, bool $isRemembered): void
    {
        $session->set(self::PERSON, (string) $person->id());
        $session->set(self::UNTIL, $this->clock->now()->getTimestamp() + self::SECONDS);
        $session->set(self::REMEMBERED, $isRemembered);
        // A password that was changed meanwhile makes it void.
        $session->set(self::PASSWORD, hash('sha256', $person->getPassword()));
    }

    public function person(SessionInterface $session): ?Person
    {
        $id = $session->get(self::PERSON);
        if (!\is_string($id) || $session->get(self::UNTIL) < $this->clock->now()->getTimestamp()) {
            return null;
        }
        $person = $this->people->find(Ulid::fromString($id));

        return null !== $person && hash('sha256', $person->getPassword()) === $session->get(self::PASSWORD)
            ? $person
            : null;
    }

    public function isToBeRemembered(SessionInterface $session): bool
    {
        return true === $session->get(self::REMEMBERED);
    }

    public function end(SessionInterface $session): void
    {
        foreach ([self::PERSON, self::UNTIL, self::REMEMBERED, self::PASSWORD] as $key) {
            $session->remove($key);
        }
    }
}
