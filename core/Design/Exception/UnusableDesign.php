<?php

declare(strict_types=1);

namespace Schwung\Core\Design\Exception;

/** A drawing that cannot be taken as a row design; the message says why and what to do. */
final class UnusableDesign extends \DomainException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
