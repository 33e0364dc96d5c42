<?php

declare(strict_types=1);

namespace App\Clients\Messages;

use App\Clients\Client;
use App\Mail\Letter;
use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<ClientMessage> */
final class ClientMessageRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const MOST = 100;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ClientMessage::class);
    }

    /** @return list<ClientMessage> the last first */
    public function findOf(Quilt $quilt): array
    {
        return $this->findBy(['quilt' => $quilt], ['id' => 'DESC'], self::MOST);
    }

    public function findOneOf(Quilt $quilt, Ulid $id): ?ClientMessage
    {
        return $this->findOneBy(['quilt' => $quilt, 'id' => $id]);
    }

    public function findOneIn(Letter $letter): ?ClientMessage
    {
        return $this->findOneBy(['letter' => $letter]);
    }

    /** What was written to a client goes with them, the letters in the outbox too. */
    public function forget(Client $client): void
    {
        $messages = $this->createQueryBuilder('m')
            ->join('m.quilt', 'q')
            ->where('q.whose = :client')
            ->setParameter('client', $client->id(), 'ulid')
            ->getQuery()
            ->getResult();
        foreach (\is_array($messages) ? $messages : [] as $message) {
            \assert($message instanceof ClientMessage);
            if (null !== $message->letter()) {
                $this->getEntityManager()->remove($message->letter());
            }
            $this->getEntityManager()->remove($message);
        }
        $this->save();
    }
}
