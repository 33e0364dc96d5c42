<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\Account\Address\AccountLink;
use App\Account\Address\AccountLinkRepository;
use App\Account\Address\ForgottenController;
use App\Account\Address\LinkPurpose;
use App\Account\Address\PasswordForgottenHandler;
use App\Account\Address\PasswordLinkCommand;
use App\Account\Password\CommonPasswords;
use App\Account\Password\GoodPasswordValidator;
use App\Account\Password\NewPassword;
use App\Account\Password\Passwords;
use App\Account\Sure\Sureness;
use App\Audit\Happening;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Validator\Validator\ValidatorInterface;
use Tests\App\StudioTestCase;

#[CoversClass(CommonPasswords::class)]
#[CoversClass(GoodPasswordValidator::class)]
#[CoversClass(Passwords::class)]
#[CoversClass(Sureness::class)]
#[CoversClass(ForgottenController::class)]
#[CoversClass(PasswordForgottenHandler::class)]
#[CoversClass(PasswordLinkCommand::class)]
#[CoversClass(AccountLinkRepository::class)]
final class PasswordTest extends StudioTestCase
{
    use AtTheDoor;

    /** Short of twelve, common with case, digits and repetition around it, one's own words with little else. */
    #[TestWith(['elevenchars', 'At least 12'])]
    #[TestWith(['qwerty123456', 'tried first everywhere'])]
    #[TestWith(['Password-2026', 'tried first everywhere'])]
    #[TestWith(['dragondragon', 'tried first everywhere'])]
    #[TestWith(['111111111111', 'tried first everywhere'])]
    #[TestWith(['Odile-Marrant-77', 'Your names'])]
    #[TestWith(['tideloft quilts', 'Your names'])]
    public function testAPasswordThatIsGuessedIsRefused(string $password, string $why): void
    {
        self::assertStringContainsString($why, $this->faults($password));
    }

    /** Of just twelve, of common words in a row, with one's own name and enough beside it, in any letters. */
    #[TestWith(['twelve chars'])]
    #[TestWith(['dragon monkey shadow master'])]
    #[TestWith(['Odile keeps nine bees'])]
    #[TestWith(['zwölf Öfen im Dorf'])]
    public function testALongOneIsTaken(string $password): void
    {
        self::assertSame('', $this->faults($password));
    }

    public function testAPasswordIsChangedByWhoKnowsTheOldOne(): void
    {
        $this->beSure('/settings/account/password');
        $this->browser->submitForm('Take this password', ['new_password[password]' => 'short']);
        self::assertResponseStatusCodeSame(422);
        $this->browser->submitForm('Take this password', ['new_password[password]' => 'nine bees in the loft']);
        self::assertResponseRedirects('/settings/account', 303);
        $this->browser->followRedirect();
        self::assertResponseIsSuccessful('This device stays signed in.');

        $this->signOut();
        $this->signIn();
        $this->browser->followRedirect();
        self::assertSelectorTextContains('[role=alert]', 'Invalid credentials');
        $this->signIn('nine bees in the loft');
        self::assertResponseRedirects('/');
        self::assertStringContainsString('Your password was changed.', $this->letters('owner@studio.example')[0]->text);
        self::assertNoted(Happening::PasswordChanged, $this->happenings());
    }

    public function testAHashOfAnEarlierDayIsMadeAnewWhenSomebodySignsIn(): void
    {
        self::assertStringStartsWith('$argon2id$', $this->owner->getPassword());
        $this->owner->changePassword(password_hash('a long password', \PASSWORD_BCRYPT, ['cost' => 4]));
        $this->service(EntityManagerInterface::class)->flush();
        $this->signOut();
        $this->signIn();
        self::assertResponseRedirects('/');
        self::assertStringStartsWith('$argon2id$', $this->again($this->owner)->getPassword());
    }

    public function testAWrongPasswordDoesNotMakeSure(): void
    {
        $this->browser->request('GET', '/settings/account/sure?back=/settings/account/password');
        $this->browser->submitForm('Go on', ['password' => 'not it at all']);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('[role=alert]', 'The password is not right.');
        $this->browser->request('GET', '/settings/account/password');
        self::assertResponseRedirects('/settings/account/sure?back=/settings/account/password');
    }

    public function testWhoIsAskedIsNeverLedAway(): void
    {
        $this->browser->request('GET', '/settings/account/sure?back=//elsewhere.example');
        $this->browser->submitForm('Go on', ['password' => 'a long password']);
        self::assertResponseRedirects('/settings/account');
    }

    public function testAForgottenPasswordIsChosenAnewByALetter(): void
    {
        $this->signOut();
        $this->ask('Owner@studio.example');
        $link = $this->mailedLink('owner@studio.example', '/new-password');
        $this->browser->request('GET', $link);
        self::assertSelectorTextContains('main', 'you sign in as owner@studio.example');
        $this->browser->submitForm('Take this password', ['new_password[password]' => 'Its Owner 2026']);
        self::assertSelectorTextContains('main form', 'Your names');
        $this->browser->submitForm('Take this password', ['new_password[password]' => 'nine bees in the loft']);
        self::assertResponseRedirects('/sign-in', 303);

        $this->browser->request('GET', $link);
        self::assertResponseStatusCodeSame(410);
        $this->signIn('nine bees in the loft');
        self::assertResponseRedirects('/');
        self::assertNoted(Happening::PasswordForgotten, $this->happenings());
        self::assertTrue($this->again($this->owner)->hasConfirmedAddress());
    }

    public function testAnAddressThatNobodyHasGetsTheSameAnswerAndNoLetter(): void
    {
        $this->signOut();
        $known = $this->ask('owner@studio.example');
        $unknown = $this->ask('nobody@studio.example');

        self::assertSame(str_replace('owner@', 'nobody@', $known), $unknown);
        self::assertSame([], $this->letters('nobody@studio.example'));
    }

    public function testOnlyTheNewestLinkOpensAndNotForEver(): void
    {
        $this->signOut();
        $this->ask('owner@studio.example');
        $first = $this->mailedLink('owner@studio.example', '/new-password');
        $this->ask('owner@studio.example');
        $this->browser->request('GET', $first);
        self::assertResponseStatusCodeSame(410);

        $now = new \DateTimeImmutable();
        $link = new AccountLink($this->owner, LinkPurpose::NewPassword, 'owner@studio.example', 'secret', $now);
        self::assertTrue($link->isOpenedBy('secret', $now->modify('+59 minutes')));
        self::assertFalse($link->isOpenedBy('secret', $now->modify('+60 minutes')));
        self::assertFalse($link->isOpenedBy('another', $now));
    }

    public function testAskingIsSlowedDown(): void
    {
        $this->signOut();
        for ($try = 0; $try < 4; ++$try) {
            $this->ask('owner@studio.example');
        }
        $asked = array_filter(
            $this->letters('owner@studio.example'),
            static fn($letter): bool => str_contains($letter->text, '/new-password/'),
        );
        self::assertCount(3, $asked, 'The fourth letter within the hour is not written.');
        for ($try = 0; $try < 7; ++$try) {
            $this->browser->request('GET', '/forgotten');
            $this->browser->submitForm('Send me a link', ['email' => "somebody$try@studio.example"]);
        }
        self::assertSelectorTextContains('[role=alert]', 'Too many tries from here.');
    }

    public function testWhatIsNoAddressIsToldAndKept(): void
    {
        $this->signOut();
        $this->browser->request('GET', '/forgotten');
        $this->browser->submitForm('Send me a link', ['email' => 'owner at studio']);
        self::assertResponseStatusCodeSame(422);
        self::assertInputValueSame('email', 'owner at studio');
    }

    public function testWhoeverRunsTheMachineHandsALinkToTheOwner(): void
    {
        $command = new CommandTester(
            (new Application(static::$kernel ?? static::bootKernel()))->find('app:password-link'),
        );
        $command->execute(['email' => 'owner@studio.example']);
        $this->signOut();
        $this->browser->request('GET', trim($command->getDisplay()));
        self::assertSelectorTextContains('h1', 'Choose a new password');

        self::assertSame(1, $command->execute(['email' => 'nobody@studio.example']));
    }

    private function ask(string $email): string
    {
        $this->browser->request('GET', '/forgotten');
        $this->browser->submitForm('Send me a link', ['email' => $email]);
        self::assertResponseRedirects('/forgotten', 303);

        return $this->browser->followRedirect()->filter('[role=status]')->text();
    }

    private function faults(string $password): string
    {
        $new = new NewPassword(['Odile Marrant', 'odile@studio.example', 'Tideloft']);
        $new->password = $password;
        $faults = '';
        foreach ($this->service(ValidatorInterface::class)->validate($new) as $fault) {
            self::assertSame('password', $fault->getPropertyPath());
            $faults .= $fault->getMessage();
        }

        return $faults;
    }
}
