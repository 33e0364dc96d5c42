<?php

declare(strict_types=1);

namespace App\Mail;

use Symfony\Component\Mailer\Transport\Dsn;
use Symfony\Component\Mailer\Transport\TransportFactoryInterface;
use Symfony\Component\Mailer\Transport\TransportInterface;

/** Takes the address "outbox://default", which is the usual one where no mail server is set. */
final readonly class OutboxTransportFactory implements TransportFactoryInterface
{
    public function __construct(private OutboxTransport $outbox) {}

    public function create(Dsn $dsn): TransportInterface
    {
        return $this->outbox;
    }

    public function supports(Dsn $dsn): bool
    {
        return 'outbox' === $dsn->getScheme();
    }
}
