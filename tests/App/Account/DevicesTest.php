<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\Account\Devices\AccountController;
use App\Account\Devices\DeviceKind;
use App\Account\Devices\DevicesNoted;
use App\Account\Devices\SignedIn;
use App\Account\Devices\SignedInRepository;
use App\Audit\Happening;
use App\Platform\SessionStore;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\StudioTestCase;

#[CoversClass(AccountController::class)]
#[CoversClass(DeviceKind::class)]
#[CoversClass(DevicesNoted::class)]
#[CoversClass(SignedInRepository::class)]
#[CoversClass(SessionStore::class)]
final class DevicesTest extends StudioTestCase
{
    use AtTheDoor;

    #[TestWith(['Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101', DeviceKind::Computer])]
    #[TestWith(['Mozilla/5.0 (Linux; Android 14) AppleWebKit/537 Safari/537', DeviceKind::Tablet])]
    #[TestWith(['Mozilla/5.0 (Linux; Android 14) AppleWebKit/537 Mobile Safari/537', DeviceKind::Phone])]
    #[TestWith(['', DeviceKind::Computer])]
    public function testADeviceIsTakenForWhatItSays(string $userAgent, DeviceKind $kind): void
    {
        self::assertSame($kind, DeviceKind::of($userAgent));
    }

    public function testEveryDeviceIsListedAndAnotherIsEndedAtOnce(): void
    {
        $this->signOut();
        $this->browser->request('GET', '/sign-in', server: ['HTTP_USER_AGENT' => 'Android Mobile']);
        $this->browser->submitForm(
            'Sign in',
            ['email' => 'owner@studio.example', 'password' => 'a long password', '_remember_me' => 'on'],
            serverParameters: ['HTTP_USER_AGENT' => 'Android Mobile'],
        );
        $phone = $this->devices()[0];
        $this->openSession($phone);
        $this->signOut();
        $this->signIn();

        $this->browser->request('GET', '/settings/account');
        self::assertSelectorCount(2, 'main ul li');
        self::assertSelectorTextContains('main ul', 'a phone');
        self::assertSelectorTextContains('main ul', 'remembered');
        self::assertSelectorTextContains('main ul', 'this one');
        $this->browser->submit(
            $this->browser
                ->getCrawler()
                ->filter("main [action*='{$phone->id()}']")
                ->form(),
        );
        $this->browser->followRedirect();
        self::assertSelectorCount(1, 'main ul li');
        self::assertSame(0, $this->rowsOf('sessions', 'sess_id', $phone->sessionId()));
        self::assertSame(0, $this->rowsOf('rememberme_token', 'series', (string) $phone->series()));
        self::assertNoted(Happening::DeviceEnded, $this->happenings());
    }

    public function testADeviceThatComesBackIsTheSameOne(): void
    {
        $this->signOut();
        $this->signIn(remember: true);
        $first = $this->devices();
        $this->browser->getCookieJar()->expire('MOCKSESSID');
        $this->browser->request('GET', '/settings/account');
        self::assertResponseIsSuccessful();
        $second = $this->devices();

        self::assertCount(1, $second);
        self::assertTrue($first[0]->id()->equals($second[0]->id()));
        self::assertNotSame($first[0]->sessionId(), $second[0]->sessionId());
    }

    public function testSigningOutTakesADeviceOffTheList(): void
    {
        $this->signOut();
        $this->signIn();
        self::assertCount(1, $this->devices());
        $this->browser->request('GET', '/');
        $this->browser->submitForm('Sign out');
        self::assertCount(0, $this->devices());
    }

    public function testANewPasswordEndsAllOthersAndAllThatIsRemembered(): void
    {
        foreach (['one', 'two'] as $name) {
            $device = new SignedIn(
                $this->owner,
                $name,
                $name,
                DeviceKind::Tablet,
                '127.0.0.1',
                new \DateTimeImmutable(),
            );
            $this->service(SignedInRepository::class)->keep($device);
            $this->openSession($device);
            $this->remember($name);
        }
        $this->remember('of before devices were listed');
        $this->service(SignedInRepository::class)->endAllOf($this->owner, 'two');

        self::assertSame(
            ['two'],
            array_map(static fn(SignedIn $device): string => $device->sessionId(), $this->devices()),
        );
        self::assertSame(0, $this->rowsOf('sessions', 'sess_id', 'one'));
        self::assertSame(1, $this->rowsOf('sessions', 'sess_id', 'two'));
        self::assertSame(0, $this->rowsOf('rememberme_token', 'series', 'of before devices were listed'));
        self::assertSame(1, $this->rowsOf('rememberme_token', 'series', 'two'));
    }

    public function testNobodyEndsSomebodyElsesDevice(): void
    {
        $other = $this->studio('other@studio.example');
        $device = new SignedIn($other, 'theirs', null, DeviceKind::Tablet, '127.0.0.1', new \DateTimeImmutable());
        $this->service(SignedInRepository::class)->keep($device);
        $token = $this->browser->request('GET', '/settings/account')->filter('main [name=_token]')->attr('value');
        $this->browser->request('POST', "/settings/account/devices/{$device->id()}/end", ['_token' => $token]);
        self::assertResponseStatusCodeSame(404);
        self::assertNotNull($this->service(SignedInRepository::class)->findBySession('theirs'));
    }

    public function testASessionThatWasEndedStaysEndedThoughARequestIsUnderWay(): void
    {
        $store = $this->store();
        $store->open('', 'schwung');
        self::assertSame('', $store->read('under-way'));
        $store->write('under-way', 'something');
        self::assertSame(1, $this->rowsOf('sessions', 'sess_id', 'under-way'), 'A new one is written.');
        $reading = $this->store();
        $reading->open('', 'schwung');
        self::assertSame('something', $reading->read('under-way'));
        $reading->write('under-way', 'more');
        self::assertSame('more', $this->store()->read('under-way'), 'One that is there is changed.');

        $this->database()->executeStatement("DELETE FROM sessions WHERE sess_id = 'under-way'");
        $reading->write('under-way', 'much more');
        self::assertSame(0, $this->rowsOf('sessions', 'sess_id', 'under-way'));
    }

    private function store(): SessionStore
    {
        $native = $this->database()->getNativeConnection();
        self::assertInstanceOf(\PDO::class, $native);

        return new SessionStore($native, ['lock_mode' => SessionStore::LOCK_NONE]);
    }

    /** @return list<SignedIn> */
    private function devices(): array
    {
        $entities = $this->service(EntityManagerInterface::class);
        $entities->clear();

        return $entities->getRepository(SignedIn::class)->findBy(['person' => $this->owner->id()]);
    }

    /** The tests keep sessions in files; this one is in the database as they are otherwise. */
    private function openSession(SignedIn $device): void
    {
        $this->database()->executeStatement(
            'INSERT INTO sessions (sess_id, sess_data, sess_lifetime, sess_time) VALUES (?, ?, ?, ?)',
            [$device->sessionId(), '', time() + 3600, time()],
        );
    }

    private function remember(string $series): void
    {
        $this->database()->executeStatement(
            "INSERT INTO rememberme_token (series, value, lastUsed, class, username) VALUES (?, 'x', NOW(), 'x', ?)",
            [$series, $this->owner->email()],
        );
    }

    private function rowsOf(string $table, string $column, string $value): int
    {
        $count = $this->database()->fetchOne("SELECT COUNT(*) FROM $table WHERE $column = ?", [$value]);

        return is_numeric($count) ? (int) $count : -1;
    }

    private function database(): Connection
    {
        return $this->service(EntityManagerInterface::class)->getConnection();
    }
}
