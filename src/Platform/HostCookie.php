<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\DependencyInjection\EnvVarProcessorInterface;

/**
 * The name of a cookie: where the installation is reached by https it begins with __Host-, so that a browser takes it
 * from this host alone, for all of it, and never over an open line (RFC 6265bis, 4.1.3.2).
 */
final class HostCookie implements EnvVarProcessorInterface
{
    public static function getProvidedTypes(): array
    {
        return ['host_cookie' => 'string'];
    }

    public function getEnv(string $prefix, string $name, \Closure $getEnv): string
    {
        $address = $getEnv('SCHWUNG_ADDRESS');
        $cookie = $getEnv($name);
        \assert(\is_string($cookie));

        return \is_string($address) && str_starts_with($address, 'https://') ? '__Host-' . $cookie : $cookie;
    }
}
