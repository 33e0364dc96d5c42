<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\Account\Address\AccountLetters;
use App\Account\Address\AccountLink;
use App\Account\Address\AddressController;
use App\Account\Address\SignUpLetters;
use App\Account\Address\SignUpWaiting;
use App\Account\PersonRepository;
use App\Audit\Happening;
use App\Mail\Post;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\Mime\Email;
use Tests\App\StudioTestCase;

#[CoversClass(AccountLetters::class)]
#[CoversClass(AccountLink::class)]
#[CoversClass(AddressController::class)]
#[CoversClass(SignUpLetters::class)]
#[CoversClass(SignUpWaiting::class)]
#[CoversClass(Post::class)]
final class AddressTest extends StudioTestCase
{
    use AtTheDoor;

    protected function tearDown(): void
    {
        unset($_SERVER['MAILER_DSN']);
        parent::tearDown();
    }

    public function testAnAddressIsConfirmedByItsLetterOnce(): void
    {
        $this->browser->request('GET', '/settings/account');
        self::assertSelectorTextContains('main', 'not confirmed yet');
        $link = $this->mailedLink('owner@studio.example', '/confirm-address');
        $this->browser->request('GET', $link);
        self::assertFalse($this->again($this->owner)->hasConfirmedAddress(), 'Looking at it alone confirms nothing.');
        $this->browser->submitForm('Yes, it is mine');
        self::assertTrue($this->again($this->owner)->hasConfirmedAddress());
        $this->browser->request('GET', $link);
        self::assertResponseStatusCodeSame(410);
        $this->browser->request('GET', '/settings/account');
        self::assertSelectorTextNotContains('main', 'not confirmed yet');
        self::assertNoted(Happening::AddressConfirmed, $this->happenings());
    }

    public function testALetterIsSentAgainButNotForEver(): void
    {
        for ($time = 0; $time < 5; ++$time) {
            $this->browser->request('GET', '/settings/account');
            $this->browser->submitForm('Send a letter to confirm it');
        }
        $this->browser->request('GET', '/settings/account');
        $this->browser->submitForm('Send a letter to confirm it');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('body', 'Those were many letters.');
        self::assertCount(6, $this->letters('owner@studio.example'), 'one at sign-up, five asked for');
    }

    public function testAnAddressChangesWhenTheNewOneAnswers(): void
    {
        $this->beSure('/settings/account/address');
        $this->browser->submitForm('Send a letter there', ['new_address[email]' => 'nobody']);
        self::assertSelectorTextContains('main form', 'This is not an e-mail address.');
        $this->browser->submitForm('Send a letter there', ['new_address[email]' => 'New@Studio.example']);
        self::assertSame('owner@studio.example', $this->again($this->owner)->email(), 'Until then the old one counts.');

        $link = $this->mailedLink('new@studio.example', '/change-address');
        $this->browser->request('GET', $link);
        $this->browser->submitForm('Yes, it is mine');
        self::assertSame('new@studio.example', $this->again($this->owner)->email());
        foreach (['owner@studio.example', 'new@studio.example'] as $told) {
            self::assertStringContainsString(
                'You sign in with new@studio.example from now on',
                $this->letters($told)[0]->text,
            );
        }
        $this->browser->request('GET', $link);
        self::assertResponseStatusCodeSame(410);
        $this->signOut();
        $this->signIn(email: 'new@studio.example');
        self::assertResponseRedirects('/');
        self::assertNoted(Happening::AddressChanged, $this->happenings());
    }

    public function testSomebodyElsesAddressIsNotTakenOver(): void
    {
        $this->studio('other@studio.example');
        $this->beSure('/settings/account/address');
        $this->browser->submitForm('Send a letter there', ['new_address[email]' => 'other@studio.example']);
        self::assertResponseRedirects('/settings/account', 303, 'The answer does not tell that it is known.');
        $this->browser->request('GET', $this->mailedLink('other@studio.example', '/change-address'));
        self::assertResponseStatusCodeSame(410);
        self::assertSame('owner@studio.example', $this->again($this->owner)->email());
    }

    public function testWhereMailIsSentAStudioOpensByItsLetter(): void
    {
        $this->withMailServer();
        $this->signUp('new@studio.example');
        self::assertSelectorTextContains('h1', 'Read your mail');
        self::assertNull($this->service(PersonRepository::class)->loadUserByIdentifier('new@studio.example'));
        $letter = $this->sent();
        self::assertSame('new@studio.example', $letter->getTo()[0]->getAddress());
        self::assertSame(1, preg_match('~(/open/\S+)~', (string) $letter->getTextBody(), $link));
        $this->browser->request('GET', $link[1] ?? '');
        $this->browser->submitForm('Open the studio');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Your frame, in two measures');
        $owner = $this->service(PersonRepository::class)->loadUserByIdentifier('new@studio.example');
        self::assertTrue($owner?->hasConfirmedAddress());
        $this->signOut();
        $this->browser->request('GET', $link[1] ?? '');
        self::assertResponseStatusCodeSame(410);
        $this->signIn('five grey geese', 'new@studio.example');
        self::assertResponseRedirects('/');
    }

    public function testWhereMailIsSentNoAnswerTellsThatAnAddressIsKnown(): void
    {
        $this->withMailServer();
        $unknown = $this->signUp('new@studio.example');
        $known = $this->signUp('owner@studio.example');
        self::assertSame(str_replace('new@', 'owner@', $unknown), $known);
        self::assertStringContainsString(
            'You sign in with it to A studio already',
            (string) $this->sent()->getTextBody(),
        );

        $this->browser->loginUser($this->owner);
        $answers = [];
        foreach (['helping@studio.example', 'owner@studio.example'] as $email) {
            $this->browser->request('GET', '/people');
            $this->browser->submitForm('Send them a letter', ['helper[name]' => 'Bertil', 'helper[email]' => $email]);
            $letter = $this->sent();
            self::assertSame($email, $letter->getTo()[0]->getAddress());
            $answers[] = [
                str_contains((string) $letter->getTextBody(), 'to another studio already'),
                $this->browser->followRedirect()->filter('body > [role=status]')->last()->text(),
            ];
        }
        self::assertSame(
            [
                [false, 'A letter with a link is on its way to helping@studio.example.'],
                [true, 'A letter with a link is on its way to owner@studio.example.'],
            ],
            $answers,
        );
    }

    public function testALinkLeadsToTheAddressOfTheInstallationWhateverTheRequestSays(): void
    {
        $this->signOut();
        $this->browser->request('GET', '/forgotten', server: ['HTTP_HOST' => 'elsewhere.example']);
        $this->browser->submitForm('Send me a link', ['email' => 'owner@studio.example']);
        self::assertStringContainsString(
            'http://127.0.0.1:8000/new-password/',
            $this->letters('owner@studio.example')[0]->text,
        );
    }

    private function withMailServer(): void
    {
        self::ensureKernelShutdown();
        $_SERVER['MAILER_DSN'] = 'null://default';
        $this->browser = static::createClient();
    }

    private function sent(): Email
    {
        $message = self::getMailerMessages();
        $last = end($message);
        self::assertInstanceOf(Email::class, $last);

        return $last;
    }

    private function signUp(string $email): string
    {
        $this->browser->request('GET', '/sign-up');
        $this->browser->submitForm('Open the studio', [
            'sign_up[studio]' => 'Tideloft',
            'sign_up[email]' => $email,
            'sign_up[password]' => 'five grey geese',
        ]);

        return $this->browser->getCrawler()->filter('main')->text();
    }
}
