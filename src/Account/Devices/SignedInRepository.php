<?php

declare(strict_types=1);

namespace App\Account\Devices;

use App\Account\Person;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<SignedIn> */
final class SignedInRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const MOST = 100;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SignedIn::class);
    }

    public function findOneOf(Person $person, Ulid $id): ?SignedIn
    {
        return $this->findOneBy(['person' => $person, 'id' => $id]);
    }

    public function findBySession(string $sessionId): ?SignedIn
    {
        return $this->findOneBy(['sessionId' => $sessionId]);
    }

    public function findBySeries(string $series): ?SignedIn
    {
        return $this->findOneBy(['series' => $series]);
    }

    /**
     * Those that still get in, by an open session or because they are remembered.
     *
     * @return list<OpenDevice> last seen first
     */
    public function findOpenOf(Person $person, string $here): array
    {
        $devices = $this->findBy(['person' => $person], ['id' => 'DESC'], self::MOST);
        $database = $this->getEntityManager()->getConnection();
        $sessions = $database->fetchAllKeyValue(
            'SELECT sess_id, sess_time FROM sessions WHERE sess_id IN (?) AND sess_lifetime > UNIX_TIMESTAMP()',
            [array_map(static fn(SignedIn $device): string => $device->sessionId(), $devices)],
            [ArrayParameterType::STRING],
        );
        $remembered = $database->fetchAllKeyValue(
            'SELECT series, UNIX_TIMESTAMP(lastUsed) FROM rememberme_token WHERE username = ?',
            [$person->email()],
        );
        $open = [];
        foreach ($devices as $device) {
            $seen = max(
                self::moment($sessions[$device->sessionId()] ?? null),
                self::moment($remembered[$device->series() ?? ''] ?? null),
            );
            $isHere = $device->sessionId() === $here;
            if ($seen > 0 || $isHere) {
                $open[] = new OpenDevice($device, new \DateTimeImmutable('@' . $seen), $isHere);
            }
        }
        usort($open, static fn(OpenDevice $a, OpenDevice $b): int => $b->seen <=> $a->seen);

        return $open;
    }

    /** Ends it at once: its session is gone, and it is not remembered. */
    public function end(SignedIn $device): void
    {
        $database = $this->getEntityManager()->getConnection();
        $database->executeStatement('DELETE FROM sessions WHERE sess_id = ?', [$device->sessionId()]);
        if (null !== $device->series()) {
            $database->executeStatement('DELETE FROM rememberme_token WHERE series = ?', [$device->series()]);
        }
        $this->drop($device);
    }

    /** Ends every device of a person but the one given. */
    public function endAllOf(Person $person, string $except = ''): void
    {
        $kept = '' === $except ? null : $this->findBySession($except)?->series();
        foreach ($this->findBy(['person' => $person]) as $device) {
            if ($device->sessionId() !== $except) {
                $this->end($device);
            }
        }
        // Those too that were remembered before devices were listed.
        $this->getEntityManager()
            ->getConnection()
            ->executeStatement('DELETE FROM rememberme_token WHERE username = ? AND series <> ?', [
                $person->email(),
                $kept ?? '',
            ]);
    }

    private static function moment(mixed $seconds): int
    {
        return is_numeric($seconds) ? (int) $seconds : 0;
    }
}
