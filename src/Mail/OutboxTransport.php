<?php

declare(strict_types=1);

namespace App\Mail;

use App\Account\Studio;
use App\Clients\Messages\ClientMessage;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Email;
use Symfony\Component\Uid\Ulid;

/** Stands where a mail server would: what is sent lies in the outbox of the studio that the letter belongs to. */
final class OutboxTransport extends AbstractTransport
{
    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    public function __toString(): string
    {
        return 'outbox://default';
    }

    protected function doSend(SentMessage $message): void
    {
        $email = $message->getOriginalMessage();
        $owner = $email instanceof Email ? $email->getHeaders()->get(Post::STUDIO)?->getBodyAsString() : null;
        $studio = null === $owner ? null : $this->entities->find(Studio::class, Ulid::fromString($owner));
        if (!($email instanceof Email) || null === $studio) {
            // Closed while the letter was under way: nobody is left to read it.
            return;
        }
        $until = $email->getHeaders()->get(Post::UNTIL)?->getBodyAsString();
        $letter = new Letter(
            $studio,
            $email->getTo()[0]->getAddress(),
            (string) $email->getSubject(),
            (string) $email->getTextBody(),
            $this->clock->now(),
            null === $until ? null : new \DateTimeImmutable($until),
        );
        $this->entities->persist($letter);
        $message = $email->getHeaders()->get(Post::MESSAGE)?->getBodyAsString();
        if (null !== $message) {
            $this->entities->find(ClientMessage::class, Ulid::fromString($message))?->layInto($letter);
        }
        $this->entities->flush();
    }
}
