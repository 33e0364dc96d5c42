<?php

declare(strict_types=1);

namespace Tests\Core\Season;

/** Tells page by page what the core makes of one thing of the season; kept in a file of the same name. */
interface Account
{
    public function pages(): int;

    /** @return iterable<string> lines */
    public function page(int $number): iterable;
}
