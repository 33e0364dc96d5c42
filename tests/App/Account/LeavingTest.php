<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\Account\Address\LinkPurpose;
use App\Account\Devices\DeviceKind;
use App\Account\Devices\SignedIn;
use App\Account\Invitation;
use App\Account\Leaving\ClosedStudio;
use App\Account\Leaving\Closing;
use App\Account\Leaving\ClosingController;
use App\Account\Leaving\Helpers;
use App\Account\Leaving\LeavingController;
use App\Account\Leaving\StudioExport;
use App\Account\Leaving\StudioRows;
use App\Audit\Happening;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\Uid\Ulid;
use Tests\App\StudioTestCase;

#[CoversClass(ClosedStudio::class)]
#[CoversClass(Closing::class)]
#[CoversClass(ClosingController::class)]
#[CoversClass(Helpers::class)]
#[CoversClass(LeavingController::class)]
#[CoversClass(StudioExport::class)]
#[CoversClass(StudioRows::class)]
final class LeavingTest extends StudioTestCase
{
    use AtTheDoor;

    public function testAHelperIsRemovedAndOutAtOnce(): void
    {
        $helper = $this->helper();
        $this->browser->loginUser($helper);
        $this->browser->request('GET', '/');
        self::assertResponseIsSuccessful();
        $cookies = $this->browser->getCookieJar()->all();

        $this->signOut();
        $this->browser->loginUser($this->owner);
        $this->beSure("/people/{$helper->id()}/remove");
        $this->browser->submitForm('Remove Bertil');
        self::assertResponseRedirects('/people', 303);
        self::assertTrue($this->isGone($helper));
        self::assertStringContainsString('has removed you', $this->letters('bertil@studio.example')[0]->text);
        self::assertNoted(Happening::HelperRemoved, $this->happenings());

        $this->signOut();
        foreach ($cookies as $cookie) {
            $this->browser->getCookieJar()->set($cookie);
        }
        $this->browser->request('GET', '/');
        self::assertResponseRedirects('http://localhost/sign-in', message: 'The session of before opens nothing.');
    }

    public function testAnInvitationIsTakenBack(): void
    {
        $this->browser->request('GET', '/people');
        $this->browser->submitForm('Make a link for them', [
            'helper[name]' => 'Bertil',
            'helper[email]' => 'bertil@studio.example',
        ]);
        $link = $this->browser->followRedirect()->filter('[role=status] p.break-all')->text();
        $this->browser->submit($this->browser->getCrawler()->filter('main [action*=invitations]')->form());
        $this->browser->followRedirect();
        self::assertSelectorTextNotContains('main ul', 'Bertil');
        $this->signOut();
        $this->browser->request('GET', $link);
        self::assertResponseStatusCodeSame(410);
        self::assertNoted(Happening::InvitationRemoved, $this->happenings());
    }

    public function testAHelperLeaves(): void
    {
        $helper = $this->helper();
        $this->browser->loginUser($helper);
        $this->beSure('/settings/account/leave');
        $this->browser->submitForm('Leave the studio');
        self::assertResponseRedirects('/sign-in', 303);
        self::assertTrue($this->isGone($helper));
        self::assertNoted(Happening::HelperLeft, $this->happenings());
        $this->browser->request('GET', '/');
        self::assertResponseRedirects('http://localhost/sign-in');
    }

    public function testAnOwnerHandsOverAndOnlyThenMayLeave(): void
    {
        $helper = $this->helper();
        $this->beSure('/settings/account/leave');
        self::assertResponseRedirects('/settings/account', 303, 'An owner does not leave a studio to nobody.');
        $this->browser->request('GET', "/people/{$helper->id()}/hand-over");
        $this->browser->submitForm('Hand it over');
        self::assertTrue($this->again($helper)->isOwner());
        self::assertFalse($this->again($this->owner)->isOwner());
        self::assertNoted(Happening::HandedOver, $this->happenings());
        foreach (['/outbox', '/settings/log', '/settings/account/close', "/people/{$helper->id()}/remove"] as $path) {
            $this->browser->request('GET', $path);
            self::assertResponseStatusCodeSame(403, "$path is the owner's");
        }
    }

    public function testNobodyReachesPeopleOfAnotherStudio(): void
    {
        $other = $this->studio('other@studio.example');
        $invitation = new Invitation($other->studio(), 'Ida', 'ida@studio.example', 'secret', new \DateTimeImmutable());
        $this->service(EntityManagerInterface::class)->persist($invitation);
        $this->service(EntityManagerInterface::class)->flush();
        $this->beSure('/settings/account/close');
        $token = $this->browser->getCrawler()->filter('main [name=_token]')->attr('value');
        foreach (
            ["/people/{$other->id()}/remove", "/people/{$other->id()}/hand-over", "/people/{$this->owner->id()}/remove"]
            as $path
        ) {
            foreach (['GET', 'POST'] as $method) {
                $this->browser->request($method, $path, ['_token' => $token]);
                self::assertResponseStatusCodeSame(404, "$method $path");
            }
        }
        $this->browser->request('POST', "/people/invitations/{$invitation->id()}/remove", ['_token' => $token]);
        self::assertResponseStatusCodeSame(404);
    }

    public function testAStudioIsClosedAfterItsExportAndKeptAfterAll(): void
    {
        $helper = $this->helper();
        $this->beSure('/settings/account/close');
        $this->browser->submitForm('Close the studio', ['name' => 'A studio']);
        self::assertSelectorTextContains('[role=alert]', 'Fetch the export first');
        $this->writeEverything();
        $this->browser->request('GET', '/settings/account/export.zip');
        self::assertResponseIsSuccessful();
        $this->browser->request('GET', '/settings/account/close');
        $this->browser->submitForm('Close the studio', ['name' => 'Another']);
        self::assertSelectorTextContains('[role=alert]', 'Type the name');
        $this->browser->submitForm('Close the studio', ['name' => 'A studio']);
        self::assertResponseRedirects('/closed', 303);

        foreach (['/', '/people', '/frames', '/quilts/new'] as $path) {
            $this->browser->request('GET', $path);
            self::assertResponseRedirects('/closed', 303, $path);
        }
        $this->browser->request('POST', '/frames');
        self::assertGreaterThanOrEqual(400, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('everything in it is erased', $this->letters($helper->email())[0]->text);

        $this->browser->request('GET', '/closed');
        $this->browser->submitForm('Keep the studio after all');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Bench');
        self::assertNoted(Happening::Exported, $this->happenings());
        self::assertNoted(Happening::StudioClosing, $this->happenings());
        self::assertNoted(Happening::StudioKept, $this->happenings());
    }

    public function testAHelperOfAClosedStudioOnlyReadsSo(): void
    {
        $helper = $this->helper();
        $this->service(Closing::class)->close($this->owner);
        $this->browser->loginUser($helper);
        $this->browser->request('GET', '/');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('main', 'Its owner can still keep it.');
        self::assertSelectorNotExists('main form');
    }

    public function testWhatWasClosedIsErasedWhenItsTimeIsOverAndNothingElse(): void
    {
        $other = $this->studio('other@studio.example');
        $this->quilt(self::entries(), $other, 'Theirs');
        $this->fill();
        $before = $this->tally();
        self::assertNotContains(0, $before['mine'], 'Each table has something of it: ' . json_encode($before['mine']));

        $this->service(Closing::class)->close($this->owner);
        self::assertSame(0, $this->service(Closing::class)->erase(), 'Not before its time.');
        $this->service(EntityManagerInterface::class)
            ->getConnection()
            ->executeStatement('UPDATE studio SET erased_on = ? WHERE erased_on IS NOT NULL', ['2026-01-01 00:00:00']);
        $this->service(EntityManagerInterface::class)->clear();
        self::assertSame(1, $this->service(Closing::class)->erase());

        $after = $this->tally();
        self::assertSame(array_fill_keys(array_keys($after['mine']), 0), $after['mine']);
        self::assertSame($before['others'], $after['others']);
    }

    public function testNoTableIsForgotten(): void
    {
        $tables = $this->database()->fetchFirstColumn(
            "SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_type = 'BASE TABLE'",
        );
        $ofNobody = [
            'app_secret',
            'cache_items',
            'doctrine_migration_versions',
            'lock_keys',
            'messenger_messages',
            'rememberme_token',
            'sessions',
            'sign_up_waiting',
            'studio_change',
        ];
        $known = [...array_keys(StudioRows::TABLES), ...$ofNobody];
        sort($known);
        sort($tables);
        self::assertSame($known, $tables);
    }

    public function testAnExportHoldsEverythingAndNothingThatOpensDoors(): void
    {
        $this->fill();
        $hash = $this->owner->getPassword();
        $this->beSure('/settings/account/close');
        $this->writeEverything();
        $this->browser->request('GET', '/settings/account/export.zip');
        $response = $this->browser->getResponse();
        self::assertInstanceOf(BinaryFileResponse::class, $response);
        // The file is taken away when it was sent, which the test's browser has done into its answer.
        $path = tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($path, $this->browser->getInternalResponse()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($path));
        $all = '';
        $names = [];
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $names[] = (string) $zip->getNameIndex($index);
            $all .= $zip->getFromIndex($index);
        }
        foreach (array_keys(StudioRows::TABLES) as $table) {
            self::assertContains("records/$table.jsonl", $names);
        }
        self::assertCount(1, preg_grep('~^photos/.*\.jpg$~', $names) ?: []);
        self::assertCount(1, preg_grep('~^quilts/.*\.json$~', $names) ?: []);
        self::assertCount(1, preg_grep('~^designs/.*\.txt$~', $names) ?: []);
        self::assertStringContainsString('Harbour lamps', $all);
        self::assertStringContainsString('"client":"Odile Marrant"', $all);
        self::assertStringNotContainsString($hash, $all);
        self::assertStringNotContainsString('secret_hash', $all);
        self::assertStringNotContainsString('/confirm-address/', $all);
        foreach (explode("\n", trim((string) $zip->getFromName('records/log_entry.jsonl'))) as $line) {
            self::assertJson($line);
        }
        unlink($path);
    }

    private function writeEverything(): void
    {
        $this->browser->request('GET', '/settings/account/transfer');
        $this->browser->submitForm('Write everything into a ZIP');
    }

    /** One of everything that the database keeps of a studio. */
    private function fill(): void
    {
        $this->helper();
        $database = $this->database();
        $quilt = $this->quilt(self::entries());
        $studio = $this->owner->studio()->id()->toBinary();
        $frame = $database->fetchOne('SELECT id FROM studio_frame WHERE studio_id = ?', [$studio]);
        [$run, $leader] = [(new Ulid())->toBinary(), (new Ulid())->toBinary()];
        $this->row('run', ['id' => $run, 'quilt_id' => $quilt->id()->toBinary()]);
        $this->row('log_entry', ['run_id' => $run, 'data' => '{}']);
        $this->row('photo', ['run_id' => $run, 'quilt_id' => $quilt->id()->toBinary()]);
        foreach (['proposal', 'job_link', 'client_message'] as $table) {
            $this->row($table, ['quilt_id' => $quilt->id()->toBinary()]);
        }
        $this->row('intake', ['quilt_id' => $quilt->id()->toBinary()]);
        $this->row('studio_front', ['studio_id' => $studio]);
        $this->row('photo_piece', ['run_id' => $run]);
        $this->row('revision', ['quilt_id' => $quilt->id()->toBinary()]);
        $this->row('studio_leader', ['id' => $leader, 'frame_id' => $frame, 'roller' => 'backing']);
        $this->row('leader_load', ['leader_id' => $leader]);
        $this->row('leader_inspection', ['leader_id' => $leader]);
        $this->row('studio_task', ['frame_id' => $frame]);
        $this->row('lesson', ['frame_id' => $frame, 'kind' => 'drift', 'points' => '[]']);
        $batting = (new Ulid())->toBinary();
        $this->row('shelf_batting', ['id' => $batting, 'studio_id' => $studio, 'kind' => 'wool']);
        $this->row('shelf_cut', ['batting_id' => $batting]);
        $this->row('shelf_thread', ['studio_id' => $studio]);
        $this->row('recipe', ['quilt_id' => $quilt->id()->toBinary()]);
        $this->row('run_times', ['run_id' => $run]);
        $this->row('quilt_facts', ['quilt_id' => $quilt->id()->toBinary()]);
        $this->row('queue_pin', ['quilt_id' => $quilt->id()->toBinary()]);
        $this->row('studio_chore', ['studio_id' => $studio]);
        $this->row('studio_hours', ['studio_id' => $studio]);
        $this->row('studio_design', ['studio_id' => $studio, 'name' => 'Loops', 'path' => 'M0 0']);
        $this->row('studio_transfer', [
            'studio_id' => $studio,
            'state' => 'done',
            'owner_id' => $this->owner->id()->toBinary(),
        ]);
        $this->row('training_round', ['person_id' => $this->owner->id()->toBinary()]);
        $this->row('invitation', ['studio_id' => $studio]);
        $this->row('account_link', [
            'person_id' => $this->owner->id()->toBinary(),
            'purpose' => LinkPurpose::NewPassword->value,
        ]);
        $device = new SignedIn($this->owner, 'here', null, DeviceKind::Tablet, '127.0.0.1', new \DateTimeImmutable());
        $this->service(EntityManagerInterface::class)->persist($device);
        $this->service(EntityManagerInterface::class)->flush();
    }

    /**
     * A row with what is given, and with something that fits in each other column that must have something.
     *
     * @param array<string, mixed> $given by name of a column
     */
    private function row(string $table, array $given): void
    {
        /** @var array<string, string> $columns type by name */
        $columns = $this->database()->fetchAllKeyValue(
            "SELECT column_name, data_type FROM information_schema.columns WHERE table_schema = DATABASE()
                AND table_name = ? AND is_nullable = 'NO' AND extra <> 'auto_increment'",
            [$table],
        );
        foreach ($columns as $name => $type) {
            $given[$name] ??= match ($type) {
                'datetime' => '2026-01-01 00:00:00',
                'longtext' => '{}',
                'binary' => (new Ulid())->toBinary(),
                'int', 'bigint', 'smallint', 'tinyint', 'double' => 0,
                default => '',
            };
        }
        $this->database()->insert($table, $given);
    }

    /** @return array{mine: array<string, int>, others: array<string, int>} rows by table */
    private function tally(): array
    {
        $tally = ['mine' => [], 'others' => []];
        foreach (StudioRows::TABLES as $table => $condition) {
            $mine = $this->number("SELECT COUNT(*) FROM `$table` WHERE $condition", [
                'studio' => $this->owner->studio()->id()->toBinary(),
            ]);
            $tally['mine'][$table] = $mine;
            $tally['others'][$table] = $this->number("SELECT COUNT(*) FROM `$table`") - $mine;
        }

        return $tally;
    }

    /** @param array<string, mixed> $parameters */
    private function number(string $query, array $parameters = []): int
    {
        $number = $this->database()->fetchOne($query, $parameters);

        return is_numeric($number) ? (int) $number : -1;
    }

    private function database(): Connection
    {
        return $this->service(EntityManagerInterface::class)->getConnection();
    }
}
