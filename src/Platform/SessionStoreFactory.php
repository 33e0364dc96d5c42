<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/** Keeps sessions in the database, over the connection that is open anyway. */
final class SessionStoreFactory
{
    public static function create(Connection $connection): PdoSessionHandler
    {
        $native = $connection->getNativeConnection();
        \assert($native instanceof \PDO);

        return new PdoSessionHandler($native, ['lock_mode' => PdoSessionHandler::LOCK_NONE]);
    }
}
