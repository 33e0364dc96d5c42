<?php

declare(strict_types=1);

namespace App\Clients\Messages;

use App\Mail\Post;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Mailer\Event\FailedMessageEvent;
use Symfony\Component\Mailer\Event\SentMessageEvent;
use Symfony\Component\Mime\Message;
use Symfony\Component\Mime\RawMessage;
use Symfony\Component\Uid\Ulid;

/** Sends a message to a client, and writes down what became of it. */
final readonly class Sending
{
    public function __construct(private ClientMessageRepository $messages, private Post $post) {}

    public function send(ClientMessage $message): void
    {
        $this->messages->keep($message);
        $this->post->write(
            $message->quilt->studio,
            $message->recipient,
            $message->subject,
            $message->text,
            (string) $message->id(),
        );
    }

    #[AsEventListener]
    public function went(SentMessageEvent $event): void
    {
        $message = $this->of($event->getMessage()->getOriginalMessage());
        // One that the outbox took is not sent yet: somebody has to pass it on.
        if (null !== $message && MessageState::UnderWay === $message->state()) {
            $message->sent();
            $this->messages->save();
        }
    }

    #[AsEventListener]
    public function failed(FailedMessageEvent $event): void
    {
        $message = $this->of($event->getMessage());
        if (null !== $message) {
            $message->fail('The mail server did not take it: ' . $event->getError()->getMessage());
            $this->messages->save();
        }
    }

    private function of(RawMessage $mail): ?ClientMessage
    {
        $id = $mail instanceof Message ? $mail->getHeaders()->get(Post::MESSAGE)?->getBodyAsString() : null;

        return null !== $id && Ulid::isValid($id) ? $this->messages->find(Ulid::fromString($id)) : null;
    }
}
