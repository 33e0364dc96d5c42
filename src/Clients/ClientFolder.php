<?php

declare(strict_types=1);

namespace App\Clients;

use App\Quilt\Quilt;
use Schwung\Core\Bringing\Profile;

/** What is kept under a client's name: their quilts, what is still open, and what their cloth is usually like. */
final readonly class ClientFolder
{
    public function __construct(private ClientRepository $clients) {}

    public function of(Client $client): ClientPage
    {
        $quilts = $this->clients->findQuilts($client);

        return new ClientPage(
            array_values(array_filter($quilts, static fn(Quilt $quilt): bool => !$quilt->isFinished())),
            array_values(array_filter($quilts, static fn(Quilt $quilt): bool => $quilt->isFinished())),
            self::profile($quilts),
        );
    }

    /** Null where there are too few quilts to say anything. */
    public function profileOf(?Client $client): ?Profile
    {
        return null === $client ? null : self::profile($this->clients->findQuilts($client));
    }

    /** @param list<Quilt> $quilts */
    private static function profile(array $quilts): ?Profile
    {
        return Profile::of(
            array_values(array_filter(array_map(static fn(Quilt $quilt) => $quilt->brought(), $quilts))),
        );
    }
}
