<?php

declare(strict_types=1);

namespace Tests\App\Platform\Kept;

use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

final class WatchedDriver extends AbstractDriverMiddleware
{
    public function connect(#[\SensitiveParameter] array $params): Connection
    {
        return new WatchedConnection(parent::connect($params));
    }
}
