<?php

declare(strict_types=1);

namespace Tests\App\Platform;

use App\Account\Invitation;
use App\Account\InvitationRepository;
use App\Platform\PruneCommand;
use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Tests\App\StudioTestCase;

#[CoversClass(PruneCommand::class)]
final class PruneTest extends StudioTestCase
{
    public function testOnlyWhatHasRunOutIsTakenAway(): void
    {
        $database = $this->service(Connection::class);
        foreach (['gone' => time() - 60, 'here' => time() + 3600] as $id => $until) {
            $database->insert('sessions', [
                'sess_id' => $id,
                'sess_data' => '',
                'sess_lifetime' => $until,
                'sess_time' => time(),
            ]);
            $database->insert('lock_keys', ['key_id' => $id, 'key_token' => 'x', 'key_expiration' => $until]);
        }
        foreach (['gone' => '-31 days', 'here' => '-29 days'] as $series => $used) {
            $database->insert('rememberme_token', [
                'series' => $series,
                'value' => '',
                'lastUsed' => (new \DateTimeImmutable($used, new \DateTimeZone('UTC')))->format('Y-m-d H:i:s'),
                'class' => '',
                'username' => 'owner@studio.example',
            ]);
        }
        $invitations = $this->service(InvitationRepository::class);
        foreach (['-8 days' => 'gone', '-6 days' => 'here'] as $made => $name) {
            $invitations->keep(
                new Invitation(
                    $this->owner->studio(),
                    $name,
                    "$name@studio.example",
                    $name,
                    new \DateTimeImmutable($made),
                ),
            );
        }
        $database->insert('cache_items', [
            'item_id' => 'gone',
            'item_data' => '',
            'item_lifetime' => 60,
            'item_time' => time() - 61,
        ]);
        $database->insert('cache_items', [
            'item_id' => 'here',
            'item_data' => '',
            'item_lifetime' => 60,
            'item_time' => time(),
        ]);
        self::assertNotNull(self::$kernel);
        $command = new CommandTester((new Application(self::$kernel))->find('app:prune'));

        self::assertSame(0, $command->execute([]));
        foreach (
            [
                'SELECT sess_id FROM sessions' => ['here'],
                'SELECT key_id FROM lock_keys' => ['here'],
                'SELECT series FROM rememberme_token' => ['here'],
                'SELECT name FROM invitation' => ['here'],
                "SELECT item_id FROM cache_items WHERE item_id IN ('gone', 'here')" => ['here'],
            ]
            as $question => $left
        ) {
            self::assertSame($left, $database->fetchFirstColumn($question), $question);
        }
    }
}
