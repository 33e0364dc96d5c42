<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

/** The way round that is taken, what settled it, and every criterion side by side. */
final readonly class Choice
{
    /** @param list<Criterion> $criteria in the order in which they decide */
    public function __construct(public Direction $chosen, public Decision $decidedBy, public Direction $proposed, public Decision $proposedBy, public array $criteria)
    {
    }

    /** Whether the quilter takes another way than these rules propose. */
    public function isOverruled(): bool
    {
        return $this->chosen !== $this->proposed;
    }
}
