<?php

declare(strict_types=1);

namespace App\Public;

/** What came of deciding about something that a client sent. */
enum ProposalOutcome
{
    case Accepted;
    case Refused;
    /** Somebody decided it meanwhile. */
    case Late;
    /** It would undo a decision of the studio, so that it is open still. */
    case Kept;

    public function isDone(): bool
    {
        return self::Accepted === $this || self::Refused === $this;
    }

    public function says(): string
    {
        return match ($this) {
            self::Accepted => 'Taken over. Undo at the quilt takes it back.',
            self::Refused => 'Refused.',
            self::Late => 'Somebody was there first: it is decided already.',
            self::Kept => 'Something that was kept stands against it. Change it at the quilt, where it asks you.',
        };
    }
}
