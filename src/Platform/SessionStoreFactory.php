<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Connection;

/** Keeps sessions in the database, over the connection that is open anyway. */
final class SessionStoreFactory
{
    public static function create(Connection $connection): SessionStore
    {
        $native = $connection->getNativeConnection();
        \assert($native instanceof \PDO);

        return new SessionStore($native, ['lock_mode' => SessionStore::LOCK_NONE]);
    }
}
