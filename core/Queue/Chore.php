<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** Something to be done by a day and an hour. */
final readonly class Chore
{
    /**
     * @param string      $key   the same for the same chore of any queue, so that one that is ticked stays so
     * @param int|null    $by    minute of the wall clock; null where it has no hour
     * @param string|null $quilt that it is about
     * @param string|null $of    which of several promises it is
     */
    public function __construct(
        public string $key,
        public ChoreKind $kind,
        public ?int $by,
        public ?string $quilt = null,
        public ?string $frame = null,
        public ?string $of = null,
    ) {}
}
