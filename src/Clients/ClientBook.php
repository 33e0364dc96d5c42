<?php

declare(strict_types=1);

namespace App\Clients;

use App\Account\Studio;
use App\Bench\Plan\QueueChanges;
use App\Clients\Messages\ClientMessageRepository;
use App\Public\ProposalRepository;
use App\Shelf\Batting\ShelfBattingRepository;
use App\Shelf\Thread\ShelfThreadRepository;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Lock\LockFactory;

/** A studio's clients: found by name where they are known, made where they are not, merged, renamed and erased. */
final readonly class ClientBook
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ClientRepository $clients,
        private ClientMessageRepository $messages,
        private ProposalRepository $proposals,
        private QueueChanges $queue,
        private LockFactory $locks,
        private ClockInterface $clock,
        private ShelfBattingRepository $battings,
        private ShelfThreadRepository $threads,
    ) {}

    /** Whoever is called so; a new record where nobody is yet. */
    public function named(Studio $studio, string $name): Client
    {
        $known = $this->clients->findOneNamed($studio, $name);
        if (null !== $known) {
            return $known;
        }
        // Two that enter the first quilts of one client at once enter one client.
        $lock = $this->locks->createLock('client-' . $studio->id());
        $lock->acquire(true);
        try {
            $client = $this->clients->findOneNamed($studio, $name);
            if (null === $client) {
                $client = new Client($studio, trim($name), $this->clock->now());
                $this->clients->keep($client);
            }

            return $client;
        } finally {
            $lock->release();
        }
    }

    /**
     * @return Client|null somebody else who is called so already, in which case nothing was written
     */
    public function write(Client $client, ClientInput $input): ?Client
    {
        $namesake = $this->clients->findOneNamed($client->studio, $input->name);
        if (null !== $namesake && $namesake !== $client) {
            return $namesake;
        }
        $client->describe($input);
        try {
            $this->clients->keep($client);
        } catch (UniqueConstraintViolationException) {
            return $this->clients->findOneNamed($client->studio, $input->name);
        }
        $this->clients->rename($client);
        $this->queue->ask($client->studio->id());

        return null;
    }

    /** Makes one of two records of the same person; what the kept one does not say, the other does. */
    public function merge(Client $kept, Client $other): void
    {
        $this->entities->wrapInTransaction(function () use ($kept, $other): void {
            $kept->takeOver($other);
            $this->clients->handOver($other, $kept);
            $this->battings->handOver($other, $kept);
            $this->threads->handOver($other, $kept);
            $this->clients->drop($other);
        });
        $this->queue->ask($kept->studio->id());
    }

    /** Takes away whatever says who it is; the quilts stay, as those of a client who was removed. */
    public function erase(Client $client): void
    {
        $studio = $client->studio->id();
        $this->entities->wrapInTransaction(function () use ($client): void {
            $this->messages->forget($client);
            $this->proposals->forget($client);
            $this->clients->release($client);
            $this->clients->drop($client);
        });
        $this->queue->ask($studio);
    }
}
