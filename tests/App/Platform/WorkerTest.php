<?php

declare(strict_types=1);

namespace Tests\App\Platform;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * What the worker takes first: letters and photos, which somebody waits for; then recounts, for each of their portions
 * changes what the queue rests on, so that it would be planned as often as there are portions.
 */
#[CoversNothing]
final class WorkerTest extends TestCase
{
    #[TestWith(['bin/start'])]
    #[TestWith(['bin/test'])]
    #[TestWith(['bin/bench'])]
    #[TestWith(['bin/attack'])]
    #[TestWith(['docs/deploy/schwung-worker.service'])]
    public function testRecountsComeBeforeTheQueue(string $file): void
    {
        self::assertStringContainsString(
            'messenger:consume mails photos recounts queues ',
            (string) file_get_contents(\dirname(__DIR__, 3) . "/$file"),
        );
    }
}
