<?php

declare(strict_types=1);

namespace App\Audit;

use App\Account\Person;
use App\Account\Studio;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\RequestStack;

/** Writes down what matters: who got in or did not, whose rights changed, what was taken out or away. */
final readonly class AuditLog
{
    public function __construct(
        private AuditRepository $entries,
        private RequestStack $requests,
        private ClockInterface $clock,
    ) {}

    public function note(Person $who, Happening $what, string $detail = ''): void
    {
        $this->noteOf($who->studio(), $who->name(), $what, $detail);
    }

    /** The same where the person is not there any more, or not yet. */
    public function noteOf(Studio $studio, string $who, Happening $what, string $detail = ''): void
    {
        $this->entries->keep(
            new AuditEntry(
                $studio,
                $what,
                $who,
                mb_substr($detail, 0, 200),
                $this->requests->getMainRequest()?->getClientIp() ?? '',
                $this->clock->now(),
            ),
        );
    }
}
