<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\Account\Invitation;
use App\Account\PersonRepository;
use App\Account\SignInThrottle;
use App\Account\StudioOpening;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\StudioTestCase;

#[CoversClass(StudioOpening::class)]
#[CoversClass(Invitation::class)]
#[CoversClass(SignInThrottle::class)]
final class AccountTest extends StudioTestCase
{
    use AtTheDoor;

    public function testAStudioSignsUpAndMeetsItsFirstFrame(): void
    {
        $this->signOut();
        $this->signUp([]);

        self::assertResponseStatusCodeSame(303);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Your frame, in two measures');
        $person = $this->service(PersonRepository::class)->findOneBy(['email' => 'new@studio.example']);
        self::assertTrue($person?->isOwner());
        self::assertNotSame('a long password', $person->getPassword());
    }

    #[TestWith(['en-US,en;q=0.8', 'in'])]
    #[TestWith(['de-AT,de;q=0.8', 'cm'])]
    public function testUnitsAreProposedByWhereTheBrowserIs(string $language, string $units): void
    {
        $this->signOut();
        $page = $this->browser->request('GET', '/sign-up', server: ['HTTP_ACCEPT_LANGUAGE' => $language]);

        self::assertSame($units, $page->filter('[name="sign_up[units]"][checked]')->attr('value'));
        self::assertCount(
            4 + 1,
            $page->filter('main input:not([type=hidden])'),
            'studio, e-mail, password, and units to choose between',
        );
    }

    public function testAClockThatIsNoneIsTheWorlds(): void
    {
        $this->signOut();
        $this->signUp(['timeZone' => 'Nowhere/Else']);

        $person = $this->service(PersonRepository::class)->findOneBy(['email' => 'new@studio.example']);
        self::assertSame('UTC', $person?->studio()->timeZone()->getName());
        self::assertSame('New', $person->name(), 'as the address begins, until she says otherwise');
    }

    public function testNamesAndClocksAreChangedLater(): void
    {
        $this->browser->loginUser($this->owner);
        $this->browser->request('GET', '/settings/account/names');
        $this->browser->submitForm('Take these names', [
            'names[name]' => 'Wiebke Heron',
            'names[studio]' => 'Heron Quilting',
            'names[timeZone]' => 'Europe/Vienna',
        ]);
        self::assertResponseRedirects('/settings/account', 303);
        $page = $this->browser->followRedirect()->filter('main')->text();
        self::assertStringContainsString('Wiebke Heron', $page);
        self::assertStringContainsString('Heron Quilting, its clocks in Europe/Vienna', $page);

        $this->browser->request('GET', '/settings/account/names');
        $this->browser->submitForm('Take these names', ['names[name]' => ' ']);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main', 'Say what you are called.');
    }

    /** @param array<string, string> $wrong */
    #[DataProvider('faults')]
    public function testAFaultIsToldAtItsFieldAndTheRestIsKept(array $wrong, string $message): void
    {
        $this->signOut();
        $this->signUp($wrong);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main form', $message);
        self::assertSelectorExists('[aria-invalid=true]');
        self::assertInputValueSame('sign_up[studio]', $wrong['studio'] ?? 'Tideloft');
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function faults(): iterable
    {
        yield 'no studio' => [['studio' => ''], 'Give your studio a name.'];
        yield 'no e-mail' => [['email' => 'nobody'], 'This is not an e-mail address.'];
        yield 'a short password' => [['password' => 'short'], 'At least 12 characters'];
        yield 'an address that is taken, in capitals' => [
            ['email' => 'OWNER@studio.example'],
            'Somebody signs in with this address already.',
        ];
    }

    public function testSigningInAsksForTheRightPassword(): void
    {
        $this->signOut();
        $this->signIn('wrong password');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('[role=alert]', 'Invalid credentials');
        self::assertInputValueSame('email', 'owner@studio.example');

        $this->signIn('a long password');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Bench');
    }

    public function testGuessingIsSlowedDown(): void
    {
        $this->signOut();
        for ($try = 0; $try < 6; ++$try) {
            $this->signIn('wrong password');
        }
        $this->browser->followRedirect();
        self::assertSelectorTextContains('[role=alert]', 'Too many failed login attempts');
        $this->signIn('a long password');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('[role=alert]', 'Too many failed login attempts');
    }

    public function testADeviceIsRemembered(): void
    {
        $this->signOut();
        $this->signIn('a long password', remember: true);
        $cookie = $this->browser->getCookieJar()->get('REMEMBERME');
        self::assertNotNull($cookie);
        $this->browser->getCookieJar()->expire('MOCKSESSID');
        $this->browser->request('GET', '/');
        self::assertResponseIsSuccessful();
    }

    public function testSigningOutEndsIt(): void
    {
        $this->browser->request('GET', '/');
        $this->browser->submitForm('Sign out');
        $this->browser->request('GET', '/');
        self::assertResponseRedirects('http://localhost/sign-in');
    }

    public function testAnOwnerAddsAHelperByALink(): void
    {
        $this->browser->request('GET', '/people');
        $page = $this->browser->submitForm('Make a link for them', [
            'helper[name]' => 'Bertil',
            'helper[email]' => 'bertil@studio.example',
        ]);
        self::assertResponseStatusCodeSame(303);
        $link = $this->browser->followRedirect()->filter('[role=status] p.break-all')->text();

        $this->signOut();
        $this->browser->request('GET', $link);
        self::assertSelectorTextContains('main', 'you sign in as bertil@studio.example');
        $this->browser->submitForm('Join', ['new_password[password]' => 'another long one']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Bench');
        $helper = $this->service(PersonRepository::class)->findOneBy(['email' => 'bertil@studio.example']);
        self::assertFalse($helper?->isOwner());
        self::assertTrue(
            $helper
                ->studio()
                ->id()
                ->equals($this->owner->studio()->id()),
        );

        $this->signOut();
        $this->browser->request('GET', $link);
        self::assertResponseStatusCodeSame(410);
    }

    public function testAHelperInvitesNobody(): void
    {
        $invitation = new Invitation(
            $this->owner->studio(),
            'Bertil',
            'bertil@studio.example',
            'secret',
            new \DateTimeImmutable(),
        );
        $this->service(EntityManagerInterface::class)->persist($invitation);
        $this->browser->loginUser($this->service(StudioOpening::class)->join($invitation, 'another long one', false));
        $this->browser->request('GET', '/people');
        self::assertSelectorNotExists('form[name=helper]');
        $this->browser->request('POST', '/people');
        self::assertResponseStatusCodeSame(403);
    }

    public function testAnOldLinkIsClosed(): void
    {
        $invitation = new Invitation(
            $this->owner->studio(),
            'Bertil',
            'bertil@studio.example',
            'secret',
            new \DateTimeImmutable('-8 days'),
        );

        self::assertFalse($invitation->isOpenedBy('secret', new \DateTimeImmutable()));
        self::assertFalse($invitation->isOpenedBy('another', new \DateTimeImmutable('-2 days')));
        self::assertTrue($invitation->isOpenedBy('secret', new \DateTimeImmutable('-2 days')));
    }

    public function testStrangersSeeNothing(): void
    {
        $this->signOut();
        foreach (['/', '/frames', '/quilts/new', '/people'] as $path) {
            $this->browser->request('GET', $path);
            self::assertResponseRedirects('http://localhost/sign-in');
        }
    }

    /** @param array<string, string> $change */
    private function signUp(array $change): void
    {
        $this->browser->request('GET', '/sign-up');
        $entries = [
            ...[
                'studio' => 'Tideloft',
                'email' => 'new@studio.example',
                'password' => 'a long password',
                'units' => 'cm',
                'timeZone' => 'Europe/Vienna',
            ],
            ...$change,
        ];
        $fields = [];
        foreach ($entries as $name => $value) {
            $fields["sign_up[$name]"] = $value;
        }
        $this->browser->submitForm('Open the studio', $fields);
    }
}
