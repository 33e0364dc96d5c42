<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * Sessions in the database. Where nothing in a session has changed nothing is written: its end is put off when its time
 * of last use is, every five minutes (metadata_update_threshold), and not at each of the questions that a tablet asks a
 * second. A session that was ended while a request was under way stays ended.
 */
final class SessionStore extends PdoSessionHandler
{
    private string $found = '';

    public function updateTimestamp(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        return '' !== $data || parent::updateTimestamp($sessionId, $data);
    }

    protected function doRead(#[\SensitiveParameter] string $sessionId): string
    {
        $data = parent::doRead($sessionId);
        $this->found = '' === $data ? '' : $sessionId;

        return $data;
    }

    protected function doWrite(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        if ($sessionId !== $this->found) {
            return parent::doWrite($sessionId, $data);
        }
        $now = time();

        return $this->getConnection()
            ->prepare('UPDATE sessions SET sess_data = ?, sess_lifetime = ?, sess_time = ? WHERE sess_id = ?')
            ->execute([$data, $now + (int) \ini_get('session.gc_maxlifetime'), $now, $sessionId]);
    }
}
