<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\Account\Invitation;
use App\Account\Person;
use App\Account\Studio;
use App\Account\StudioOpening;
use App\Audit\AuditEntry;
use App\Audit\Happening;
use App\Mail\Letter;
use Doctrine\ORM\EntityManagerInterface;

/** What tests of accounts do again and again: sign in and out, show who they are, read letters and the log. */
trait AtTheDoor
{
    private function signOut(): void
    {
        $this->browser->getCookieJar()->clear();
    }

    private function signIn(
        string $password = 'a long password',
        string $email = 'owner@studio.example',
        bool $remember = false,
    ): void {
        $this->browser->request('GET', '/sign-in');
        $this->browser->submitForm('Sign in', [
            'email' => $email,
            'password' => $password,
            ...$remember ? ['_remember_me' => 'on'] : [],
        ]);
    }

    /** Shows who one is where something grave has asked. */
    private function beSure(string $path): void
    {
        $this->browser->request('GET', $path);
        self::assertResponseRedirects('/settings/account/sure?back=' . $path, 303, "$path asks who it is");
        $this->browser->followRedirect();
        $this->browser->submitForm('Go on', ['password' => 'a long password']);
        self::assertResponseRedirects($path, 303);
        $this->browser->followRedirect();
    }

    private function helper(string $email = 'bertil@studio.example'): Person
    {
        $studio = $this->service(EntityManagerInterface::class)->find(Studio::class, $this->owner->studio()->id());
        self::assertNotNull($studio);
        $invitation = new Invitation($studio, 'Bertil', $email, "the secret for $email", new \DateTimeImmutable());
        $this->service(EntityManagerInterface::class)->persist($invitation);

        return $this->service(StudioOpening::class)->join($invitation, 'a long password', false);
    }

    /** @return list<Letter> those to one address, newest first */
    private function letters(string $recipient): array
    {
        return $this->service(EntityManagerInterface::class)
            ->getRepository(Letter::class)
            ->findBy(['recipient' => $recipient], ['id' => 'DESC']);
    }

    /** The link in the newest letter to an address. */
    private function mailedLink(string $recipient, string $path): string
    {
        foreach ($this->letters($recipient) as $letter) {
            if (1 === preg_match("~http\S+($path/\S+)~", $letter->text, $found)) {
                return $found[1];
            }
        }
        self::fail("No letter to $recipient leads to $path.");
    }

    /** @return list<string> */
    private function happenings(): array
    {
        return array_map(
            static fn(AuditEntry $entry): string => $entry->what->value,
            $this->service(EntityManagerInterface::class)
                ->getRepository(AuditEntry::class)
                ->findBy(['studio' => $this->owner->studio()], ['id' => 'ASC']),
        );
    }

    /** @param list<string> $happenings */
    private static function assertNoted(Happening $what, array $happenings): void
    {
        self::assertContains($what->value, $happenings, implode(', ', $happenings));
    }

    private function again(Person $person): Person
    {
        $entities = $this->service(EntityManagerInterface::class);
        $entities->clear();
        $found = $entities->find(Person::class, $person->id());
        self::assertNotNull($found);

        return $found;
    }

    private function isGone(Person $person): bool
    {
        $entities = $this->service(EntityManagerInterface::class);
        $entities->clear();

        return null === $entities->find(Person::class, $person->id());
    }
}
