<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\Account\SecondStep\CodeAuthenticator;
use App\Account\SecondStep\HalfWay;
use App\Account\SecondStep\QrPicture;
use App\Account\SecondStep\RecoveryCodes;
use App\Account\SecondStep\Seal;
use App\Account\SecondStep\SecondStep;
use App\Account\SecondStep\SecondStepAsked;
use App\Account\SecondStep\Totp;
use App\Audit\Happening;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\StudioTestCase;

#[CoversClass(CodeAuthenticator::class)]
#[CoversClass(HalfWay::class)]
#[CoversClass(QrPicture::class)]
#[CoversClass(RecoveryCodes::class)]
#[CoversClass(Seal::class)]
#[CoversClass(SecondStep::class)]
#[CoversClass(SecondStepAsked::class)]
#[CoversClass(Totp::class)]
final class SecondStepTest extends StudioTestCase
{
    use AtTheDoor;

    /** RFC 6238, appendix B, for SHA-1. */
    #[TestWith([59, '94287082'])]
    #[TestWith([1_111_111_109, '07081804'])]
    #[TestWith([1_111_111_111, '14050471'])]
    #[TestWith([1_234_567_890, '89005924'])]
    #[TestWith([2_000_000_000, '69279037'])]
    #[TestWith([20_000_000_000, '65353130'])]
    public function testACodeIsAsTheStandardReckonsIt(int $seconds, string $code): void
    {
        $totp = Totp::of('12345678901234567890');
        $now = new \DateTimeImmutable("@$seconds");

        self::assertSame($code, $totp->code(Totp::span($now), 8));
        self::assertSame('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', $totp->text());
    }

    public function testAClockMayBeOffByHalfAMinuteAndNotMore(): void
    {
        $totp = Totp::make();
        $now = new \DateTimeImmutable('@1800000015');
        $span = Totp::span($now);
        foreach ([-2 => null, -1 => $span - 1, 0 => $span, 1 => $span + 1, 2 => null] as $off => $found) {
            self::assertSame($found, $totp->spanOf($totp->code($span + $off), $now), "$off spans off");
        }
    }

    public function testAKeyIsSealedUnderTheSecretOfTheInstallation(): void
    {
        $sealed = (new Seal('one secret'))->close('the key');

        self::assertStringNotContainsString('the key', (string) base64_decode($sealed, true));
        self::assertSame('the key', (new Seal('one secret'))->open($sealed));
        self::assertNull((new Seal('another'))->open($sealed));
        self::assertNull((new Seal('one secret'))->open('nothing of ours'));
    }

    public function testAPictureHoldsTheWholeKey(): void
    {
        $small = QrPicture::of('a');
        $large = QrPicture::of(Totp::make()->address('A studio', 'owner@studio.example'));

        // Version 1 has 21 squares a side, and the finder in its corner is dark along its edge.
        self::assertSame(21, $small->size);
        self::assertStringStartsWith('M0 0h1v1h-1zM1 0h1v1h-1z', $small->path);
        self::assertGreaterThan($small->size, $large->size);
    }

    public function testItIsTurnedOnWithTheCodeThatThePhoneShows(): void
    {
        $codes = $this->turnOn($totp);
        self::assertCount(10, $codes);
        self::assertCount(10, array_unique($codes));
        $person = $this->again($this->owner);
        self::assertTrue($person->hasSecondStep());
        self::assertStringNotContainsString($totp->text(), (string) $person->secondStep());
        $this->browser->request('GET', '/settings/account/second-step');
        self::assertSelectorTextContains('main', '10 recovery codes are left');
        self::assertSelectorTextNotContains('main', $codes[0]);
        self::assertStringContainsString('A second step is asked', $this->letters('owner@studio.example')[0]->text);
    }

    public function testAPasswordAloneLetsNobodyIn(): void
    {
        $this->turnOn($totp);
        $this->signOut();
        $this->signIn();
        $this->browser->followRedirect();
        self::assertResponseRedirects('/sign-in/code');
        foreach (['/', '/people', '/settings/account'] as $path) {
            $this->browser->request('GET', $path);
            self::assertResponseRedirects('http://localhost/sign-in', message: "$path stays closed");
        }

        $this->giveCode('000000');
        self::assertSelectorTextContains('[role=alert]', 'This is not the code for this minute.');
        $this->giveCode($totp->code(Totp::span(new \DateTimeImmutable()) + 1));
        self::assertSelectorTextContains('h1', 'Your account', 'It leads to where one wanted to go.');
        self::assertSame(
            [Happening::SecondStepOn->value, Happening::SignInFailed->value, Happening::SignedIn->value],
            \array_slice($this->happenings(), -3),
        );
    }

    public function testACodeIsTakenOnce(): void
    {
        $codes = $this->turnOn($totp);
        $used = $totp->code(Totp::span(new \DateTimeImmutable()) + 1);
        $secondStep = $this->service(SecondStep::class);
        $person = $this->again($this->owner);

        self::assertTrue($secondStep->takes($person, substr($used, 0, 3) . ' ' . substr($used, 3)));
        self::assertFalse($secondStep->takes($person, $used));
        self::assertFalse($secondStep->takes($person, ''));
        self::assertTrue($secondStep->takes($person, strtoupper(str_replace('-', ' ', $codes[3]))));
        self::assertFalse($secondStep->takes($person, $codes[3]));
        self::assertSame(9, $person->countRecoveryCodes());
        self::assertNoted(Happening::RecoveryCodeUsed, $this->happenings());
        self::assertStringContainsString('9 are left', $this->letters('owner@studio.example')[0]->text);
    }

    public function testARecoveryCodeLetsOneInWhoHasLostThePhone(): void
    {
        $codes = $this->turnOn($totp);
        $this->signOut();
        $this->signIn();
        $this->giveCode($codes[0]);
        self::assertSelectorTextContains('h1', 'Bench');
    }

    public function testADeviceIsRememberedAfterTheSecondStepAndNotBefore(): void
    {
        $codes = $this->turnOn($totp);
        $this->signOut();
        $this->signIn(remember: true);
        self::assertNull($this->browser->getCookieJar()->get('REMEMBERME'));
        $this->giveCode($codes[0]);
        self::assertNotNull($this->browser->getCookieJar()->get('REMEMBERME'));
        $this->browser->getCookieJar()->expire('MOCKSESSID');
        $this->browser->request('GET', '/');
        self::assertResponseIsSuccessful();
    }

    public function testTriesAreCounted(): void
    {
        $this->turnOn($totp);
        $this->signOut();
        $this->signIn();
        for ($try = 0; $try < 5; ++$try) {
            $this->giveCode('000000');
        }
        self::assertSelectorTextContains('[role=alert]', 'Too many failed login attempts');
        $this->giveCode($totp->code(Totp::span(new \DateTimeImmutable()) + 1));
        self::assertSelectorTextContains('[role=alert]', 'Too many failed login attempts');
    }

    public function testWhatIsGraveAsksForTheCodeTooAndItIsTurnedOff(): void
    {
        $codes = $this->turnOn($totp);
        $this->signOut();
        $this->browser->loginUser($this->again($this->owner));
        $this->browser->request('GET', '/settings/account/sure?back=/settings/account/second-step');
        $this->browser->submitForm('Go on', ['password' => 'a long password', 'code' => '000000']);
        self::assertSelectorTextContains('[role=alert]', 'The password or the code is not right.');
        $this->browser->submitForm('Go on', ['password' => 'a long password', 'code' => $codes[0]]);
        $this->browser->followRedirect();
        $this->browser->submitForm('Turn it off');
        self::assertFalse($this->again($this->owner)->hasSecondStep());
        $this->signOut();
        $this->signIn();
        self::assertResponseRedirects('/');
        self::assertNoted(Happening::SecondStepOff, $this->happenings());
    }

    public function testTheCodePageIsForThoseWhosePasswordWasRight(): void
    {
        $this->signOut();
        $this->browser->request('GET', '/sign-in/code');
        self::assertResponseRedirects('/sign-in');
        $this->browser->request('POST', '/sign-in/code', ['code' => '123456', '_csrf_token' => 'x']);
        self::assertResponseRedirects('/sign-in/code');
    }

    /**
     * @param-out Totp $totp what the phone knows
     *
     * @return list<string> the recovery codes
     */
    private function turnOn(mixed &$totp): array
    {
        $this->beSure('/settings/account/second-step');
        $text = str_replace(' ', '', $this->browser->getCrawler()->filter('main p.max-w-44')->text());
        $bits = implode(
            '',
            array_map(
                static fn(string $letter): string => str_pad(
                    decbin((int) strpos('ABCDEFGHIJKLMNOPQRSTUVWXYZ234567', $letter)),
                    5,
                    '0',
                    \STR_PAD_LEFT,
                ),
                str_split($text),
            ),
        );
        $totp = Totp::of(
            implode('', array_map(static fn(string $byte): string => \chr((int) bindec($byte)), str_split($bits, 8))),
        );
        self::assertSame($text, $totp->text());
        $this->browser->submitForm('Turn it on', ['code' => '000000']);
        self::assertResponseStatusCodeSame(422);
        $this->browser->submitForm('Turn it on', ['code' => $totp->code(Totp::span(new \DateTimeImmutable()))]);
        $page = $this->browser->followRedirect();

        return $page->filter('[role=status] li')->each(static fn($item): string => $item->text());
    }

    private function giveCode(string $code): void
    {
        $this->browser->request('GET', '/sign-in/code');
        $this->browser->submitForm('Sign in', ['code' => $code]);
        $this->browser->followRedirect();
    }
}
