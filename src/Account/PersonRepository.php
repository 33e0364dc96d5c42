<?php

declare(strict_types=1);

namespace App\Account;

use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Bridge\Doctrine\Security\User\UserLoaderInterface;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\PasswordUpgraderInterface;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<Person> */
final class PersonRepository extends ServiceEntityRepository implements PasswordUpgraderInterface, UserLoaderInterface
{
    use KeepsRecords;

    private const MOST = 200;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Person::class);
    }

    /** By whatever spelling somebody signs in with. */
    public function loadUserByIdentifier(string $identifier): ?Person
    {
        return $this->findOneBy(['email' => Person::spelling($identifier)]);
    }

    public function findOwner(string $email): ?Person
    {
        $person = $this->loadUserByIdentifier($email);

        return true === $person?->isOwner() ? $person : null;
    }

    public function isTaken(string $email): bool
    {
        return null !== $this->loadUserByIdentifier($email);
    }

    public function findOneOf(Studio $studio, Ulid $id): ?Person
    {
        return $this->findOneBy(['studio' => $studio, 'id' => $id]);
    }

    /** @return list<Person> owners first, then by name */
    public function findOf(Studio $studio): array
    {
        return $this->findBy(['studio' => $studio], ['owner' => 'DESC', 'name' => 'ASC', 'id' => 'ASC'], self::MOST);
    }

    public function upgradePassword(PasswordAuthenticatedUserInterface $user, string $newHashedPassword): void
    {
        if (!($user instanceof Person)) {
            throw new UnsupportedUserException(\sprintf('"%s" has no password here.', $user::class));
        }
        $user->changePassword($newHashedPassword);
        $this->getEntityManager()->flush();
    }
}
