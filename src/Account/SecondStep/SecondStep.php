<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

use App\Account\Address\AccountLetters;
use App\Account\Person;
use App\Audit\AuditLog;
use App\Audit\Happening;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Turns the second step on and off, and takes its codes: each once, however many requests bring it. */
final readonly class SecondStep
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Seal $seal,
        private ClockInterface $clock,
        private AuditLog $log,
        private AccountLetters $letters,
    ) {}

    /**
     * Turns it on where the code shows that the phone has the key.
     *
     * @return list<string>|null the recovery codes, to be shown this once; null where the code is not right
     */
    public function turnOn(Person $person, Totp $totp, string $code): ?array
    {
        $span = $totp->spanOf(self::digits($code), $this->clock->now());
        if (null === $span) {
            return null;
        }
        $codes = RecoveryCodes::make();
        $person->turnSecondStepOn($this->seal->close($totp->key), $span, array_map(RecoveryCodes::hash(...), $codes));
        $this->entities->flush();
        $this->log->note($person, Happening::SecondStepOn);
        $this->letters->notice($person, 'A second step is asked for when you sign in.');

        return $codes;
    }

    public function turnOff(Person $person): void
    {
        $person->turnSecondStepOff();
        $this->entities->flush();
        $this->log->note($person, Happening::SecondStepOff);
        $this->letters->notice($person, 'No second step is asked for any more when you sign in.');
    }

    /** Whether it is the code of now, or a recovery code that was not used yet. */
    public function takes(Person $person, #[\SensitiveParameter] string $code): bool
    {
        $isRecovery = false;
        $isTaken = $this->entities->wrapInTransaction(function () use ($person, $code, &$isRecovery): bool {
            // The same code twice at once: one waits for the other here, and finds it used.
            $this->entities->refresh($person, LockMode::PESSIMISTIC_WRITE);
            $span = $this->spanOf($person, $code);
            if (null !== $span) {
                $person->takeCode($span);

                return true;
            }

            return $isRecovery = $person->takeRecoveryCode(RecoveryCodes::hash($code));
        });
        if ($isRecovery) {
            $this->log->note($person, Happening::RecoveryCodeUsed);
            $this->letters->notice(
                $person,
                \sprintf('A recovery code was used to sign in; %d are left.', $person->countRecoveryCodes()),
            );
        }

        return $isTaken;
    }

    private function spanOf(Person $person, string $code): ?int
    {
        $key = null === $person->secondStep() ? null : $this->seal->open($person->secondStep());
        $span = null === $key ? null : Totp::of($key)->spanOf(self::digits($code), $this->clock->now());

        return null === $span || $span <= ($person->codeTaken() ?? 0) ? null : $span;
    }

    private static function digits(string $code): string
    {
        return (string) preg_replace('~\s~', '', $code);
    }
}
