<?php

declare(strict_types=1);

namespace Tests\App\Platform\Kept;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Middleware;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Watches every statement of every tested request: one that writes fails it, unless the studio gets another stamp
 * afterwards.
 */
final class UnstampedWrites implements Middleware
{
    /** What no kept page shows. */
    private const SHOWN_NOWHERE = [
        'audit_entry',
        'bench_plan',
        'cache_items',
        'lock_keys',
        'messenger_messages',
        'quilt_facts',
        'rememberme_token',
        'run_times',
        'sessions',
        'sign_up_waiting',
        'studio_transfer',
    ];

    /** @var list<string> */
    private static array $written = [];

    public static function note(string $sql): void
    {
        if (str_contains($sql, 'INTO studio_change')) {
            self::$written = [];
        } elseif (
            1 ===
                preg_match(
                    '/^\s*(?:INSERT(?: IGNORE)? INTO|REPLACE INTO|UPDATE|DELETE FROM)\s+`?(\w+)/i',
                    $sql,
                    $found,
                ) &&
            !\in_array($found[1], self::SHOWN_NOWHERE, true)
        ) {
            self::$written[] = $sql;
        }
    }

    #[AsEventListener(priority: 1000)]
    public function begin(RequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            self::$written = [];
        }
    }

    #[AsEventListener(priority: 90)]
    public function end(ResponseEvent $event): void
    {
        if ($event->isMainRequest() && [] !== self::$written) {
            throw new \LogicException('Written, but the studio has no other stamp: ' . implode('; ', self::$written));
        }
    }

    public function wrap(Driver $driver): Driver
    {
        return new WatchedDriver($driver);
    }
}
