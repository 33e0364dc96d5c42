<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;
use Symfony\Component\DependencyInjection\EnvVarLoaderInterface;

/** Gives APP_SECRET from the database where the environment has none, so that all web servers share it. */
final class SecretFromDatabase implements EnvVarLoaderInterface
{
    private bool $isLoading = false;

    /** @param \Closure(): Connection $connection */
    public function __construct(
        #[AutowireServiceClosure('doctrine.dbal.default_connection')] private readonly \Closure $connection,
    ) {}

    /** @return array<string, string> */
    public function loadEnvVars(): array
    {
        // Opening the connection may itself ask for variables that the environment lacks.
        if ($this->isLoading) {
            return [];
        }
        $this->isLoading = true;
        try {
            $secret = ($this->connection)()->fetchOne('SELECT secret FROM app_secret');
        } catch (\Doctrine\DBAL\Exception) {
            $secret = false;
        } finally {
            $this->isLoading = false;
        }

        return \is_string($secret) ? ['APP_SECRET' => $secret] : [];
    }
}
