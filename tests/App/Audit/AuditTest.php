<?php

declare(strict_types=1);

namespace Tests\App\Audit;

use App\Audit\AuditController;
use App\Audit\AuditEntry;
use App\Audit\AuditLog;
use App\Audit\AuditRepository;
use App\Audit\Happening;
use App\Audit\SignInsNoted;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\App\Account\AtTheDoor;
use Tests\App\StudioTestCase;

#[CoversClass(AuditController::class)]
#[CoversClass(AuditEntry::class)]
#[CoversClass(AuditLog::class)]
#[CoversClass(AuditRepository::class)]
#[CoversClass(SignInsNoted::class)]
final class AuditTest extends StudioTestCase
{
    use AtTheDoor;

    public function testAnOwnerReadsWhoCameAndWhoFailed(): void
    {
        $this->signOut();
        $this->signIn('not it at all');
        $this->signIn('whatever it is', 'nobody@studio.example');
        $this->signIn();
        $this->browser->request('GET', '/settings/log');
        $lines = $this->browser->getCrawler()->filter('main ol li')->each(static fn($line): string => $line->text());

        self::assertCount(2, $lines, 'What is tried for an address that nobody has stands in no studio.');
        self::assertStringContainsString('Owner signed in 127.0.0.1', $lines[0]);
        self::assertStringContainsString('As Owner somebody failed to sign in 127.0.0.1', $lines[1]);
        $this->browser->request('GET', '/');
        $this->browser->submitForm('Sign out');
        self::assertNoted(Happening::SignedOut, $this->happenings());
    }

    public function testAHelperDoesNotReadIt(): void
    {
        $this->browser->loginUser($this->helper());
        $this->browser->request('GET', '/settings/log');
        self::assertResponseStatusCodeSame(403);
        $this->browser->request('GET', '/settings/account');
        self::assertSelectorTextNotContains('nav[aria-label=Settings]', 'Who did what');
    }

    public function testItIsReadPageByPageAndItsOwnStudiosAlone(): void
    {
        $log = $this->service(AuditLog::class);
        for ($time = 1; $time <= AuditRepository::PAGE + 1; ++$time) {
            $log->note($this->owner, Happening::Exported, "number $time");
        }
        $log->note($this->studio('other@studio.example'), Happening::Exported, 'theirs');
        $this->browser->request('GET', '/settings/log');
        self::assertSelectorCount(AuditRepository::PAGE, 'main ol li');
        self::assertSelectorTextContains('main ol li', 'number ' . (AuditRepository::PAGE + 1));
        self::assertSelectorTextNotContains('main', 'theirs');
        $this->browser->clickLink('Earlier');
        self::assertSelectorCount(1, 'main ol li');
        self::assertSelectorTextContains('main ol', 'number 1');
        $this->browser->request('GET', '/settings/log?page=0');
        self::assertResponseStatusCodeSame(404);
    }

    public function testEveryHappeningHasWords(): void
    {
        foreach (Happening::cases() as $happening) {
            self::assertNotSame('', $happening->words());
            self::assertLessThanOrEqual(24, \strlen($happening->value), 'so wide is its column');
        }
    }
}
