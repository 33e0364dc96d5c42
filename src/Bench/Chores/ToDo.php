<?php

declare(strict_types=1);

namespace App\Bench\Chores;

/** One thing to do, as the bench says it. */
final readonly class ToDo
{
    /**
     * @param int|null    $by      minute of the wall clock from the midnight before today
     * @param bool        $endsByItself once its own record is made: a quilt loaded, a check entered
     * @param string|null $promise the key of a promise of the quilt, that is ticked there
     * @param string|null $tension the id of what the room of tension asks for
     */
    public function __construct(
        public string $key,
        public string $words,
        public ?int $by,
        public string $when,
        public bool $isLate,
        public ?string $link = null,
        public bool $endsByItself = false,
        public ?string $quilt = null,
        public ?string $promise = null,
        public ?string $tension = null,
        public string $why = '',
    ) {}
}
