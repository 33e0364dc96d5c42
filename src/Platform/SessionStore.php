<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * Sessions in the database. Where nothing in a session has changed nothing is written: its end is put off when its time
 * of last use is, every five minutes (metadata_update_threshold), and not at each of the questions that a tablet asks a
 * second.
 */
final class SessionStore extends PdoSessionHandler
{
    public function updateTimestamp(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        return '' !== $data || parent::updateTimestamp($sessionId, $data);
    }
}
