<?php

declare(strict_types=1);

namespace Tests\App\Attack;

use App\Account\Person;
use App\Account\PersonRepository;
use App\Account\SignInThrottle;
use App\Account\UnknownAccount;
use App\Platform\SameOrigin;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\PasswordHasher\PasswordHasherInterface;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\AuthenticatorInterface;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Tests\App\StudioTestCase;

/** What was tried at the door: other spellings of one address, others' tries forgiven, the clock as a spy. */
#[CoversClass(Person::class)]
#[CoversClass(PersonRepository::class)]
#[CoversClass(SignInThrottle::class)]
#[CoversClass(UnknownAccount::class)]
#[CoversClass(SameOrigin::class)]
final class DoorTest extends StudioTestCase
{
    /** The same address in full-width letters, with capitals, with spaces around. */
    #[TestWith(['owner@studio.example'])]
    #[TestWith(['OWNER@Studio.Example'])]
    #[TestWith(["\u{ff4f}\u{ff57}\u{ff4e}\u{ff45}\u{ff52}@studio.example"])]
    #[TestWith(["  owner@studio.example\t"])]
    public function testAnAddressHasOneSpelling(string $typed): void
    {
        self::assertSame('owner@studio.example', Person::canonical($typed));
        self::assertSame(
            (string) $this->owner->id(),
            (string) $this->service(PersonRepository::class)->loadUserByIdentifier($typed)?->id(),
        );
    }

    public function testLettersThatOnlyLookAlikeAreAnotherAddress(): void
    {
        self::assertNull($this->service(PersonRepository::class)->loadUserByIdentifier('öwner@studio.example'));
        self::assertNotSame(Person::canonical('thröttle@studio.example'), Person::canonical('throttle@studio.example'));
    }

    public function testOtherSpellingsOfAnAddressCountAsOne(): void
    {
        $answers = array_map($this->signIn(...), [
            'owner@studio.example',
            'Owner@studio.example',
            'OWNER@STUDIO.EXAMPLE',
            "\u{ff4f}wner@studio.example",
            ' owner@studio.example',
            'oWner@studio.example',
        ]);

        self::assertStringContainsString('Too many failed', $answers[5]);
        self::assertStringContainsString('Invalid credentials', $answers[4]);
        self::assertStringContainsString('Too many failed', $this->signIn('owner@studio.example', 'a long password'));
    }

    public function testASuccessForgivesNothingThatWasTriedForAnother(): void
    {
        $this->studio('other@studio.example');
        for ($try = 0; $try < 5; ++$try) {
            $this->signIn('other@studio.example');
        }
        $this->signIn('owner@studio.example', 'a long password');
        $this->browser->getCookieJar()->clear();

        self::assertStringContainsString('Too many failed', $this->signIn('other@studio.example'));
    }

    public function testATryForNobodyTakesAsLongAsOneForSomebody(): void
    {
        $hasher = $this->createMock(PasswordHasherInterface::class);
        $hasher->expects(self::once())->method('hash')->willReturn('');
        $factory = $this->createStub(PasswordHasherFactoryInterface::class);
        $factory->method('getPasswordHasher')->willReturn($hasher);
        $failed = fn(\Exception $because): LoginFailureEvent => new LoginFailureEvent(
            new BadCredentialsException('Bad credentials.', 0, $because),
            $this->createStub(AuthenticatorInterface::class),
            new Request(),
            null,
            'main',
        );

        (new UnknownAccount($factory))($failed(new UserNotFoundException()));
        (new UnknownAccount($factory))($failed(new BadCredentialsException()));
    }

    public function testWhatAnotherPageSendsIsRefused(): void
    {
        $page = $this->browser->request('GET', '/settings/you');
        $form = $page->filter('main form')->form();
        foreach (['https://elsewhere.example' => 403, 'null' => 403, 'http://localhost' => 303] as $origin => $status) {
            $this->browser->request('POST', '/settings/you', $form->getPhpValues(), server: ['HTTP_ORIGIN' => $origin]);
            self::assertResponseStatusCodeSame($status, $origin);
        }
    }

    #[TestWith(['/frames', '/frames'])]
    #[TestWith(['//elsewhere.example', '/'])]
    #[TestWith(['/\\elsewhere.example', '/'])]
    #[TestWith(["/a\r\nSet-Cookie: x=y", '/'])]
    public function testTheWayBackIsOneOfOurs(string $back, string $to): void
    {
        $token = $this->browser->request('GET', '/')->filter('form[action*=units] [name=_token]')->attr('value');
        $this->browser->request('POST', '/units/cm', ['_token' => $token, 'back' => $back]);
        self::assertResponseRedirects($to);
        $this->browser->request('POST', '/units/cm', ['_token' => $token, 'back' => '/' . str_repeat('a', 5000)]);
        self::assertResponseRedirects('/');
    }

    public function testPagesOfSomebodySignedInAreNotStored(): void
    {
        $this->browser->request('GET', '/');
        $this->browser->request('GET', '/');

        self::assertResponseHeaderSame('Cache-Control', 'no-store, private');
    }

    public function testNobodyIsLedToTheSourceOfAScriptAfterSigningIn(): void
    {
        $this->browser->request('GET', '/frame-worker.js');

        self::assertResponseIsSuccessful();
        self::assertResponseHeaderSame('Content-Type', 'text/javascript; charset=UTF-8');
    }

    public function testWhatIsOverTheServersLimitIsToldSo(): void
    {
        $this->browser->request('POST', '/sign-in', server: ['CONTENT_LENGTH' => '9999999999']);

        self::assertResponseStatusCodeSame(413);
        self::assertSelectorTextContains('main', 'MB are accepted at once');
    }

    private function signIn(string $email, string $password = 'wrong password'): string
    {
        $this->browser->getCookieJar()->clear();
        $this->browser->request('GET', '/sign-in');
        $this->browser->submitForm('Sign in', ['email' => $email, 'password' => $password]);

        return $this->browser->followRedirect()->filter('body')->text();
    }
}
