<?php

declare(strict_types=1);

namespace Tests\App\Platform\Kept;

use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Result;
use Doctrine\DBAL\Driver\Statement;

final class WatchedConnection extends AbstractConnectionMiddleware
{
    public function prepare(string $sql): Statement
    {
        UnstampedWrites::note($sql);

        return parent::prepare($sql);
    }

    public function query(string $sql): Result
    {
        UnstampedWrites::note($sql);

        return parent::query($sql);
    }

    public function exec(string $sql): int|string
    {
        UnstampedWrites::note($sql);

        return parent::exec($sql);
    }
}
