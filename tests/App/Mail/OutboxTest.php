<?php

declare(strict_types=1);

namespace Tests\App\Mail;

use App\Mail\Letter;
use App\Mail\LetterRepository;
use App\Mail\OutboxController;
use App\Mail\OutboxTransport;
use App\Mail\OutboxTransportFactory;
use App\Mail\Post;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\Mailer\Transport\Dsn;
use Tests\App\Account\AtTheDoor;
use Tests\App\StudioTestCase;

#[CoversClass(Letter::class)]
#[CoversClass(LetterRepository::class)]
#[CoversClass(OutboxController::class)]
#[CoversClass(OutboxTransport::class)]
#[CoversClass(OutboxTransportFactory::class)]
final class OutboxTest extends StudioTestCase
{
    use AtTheDoor;

    public function testALetterIsReadDownloadedAndMarkedAsPassedOn(): void
    {
        $this->browser->request('GET', '/outbox');
        self::assertSelectorTextContains('main', 'No mail server is set');
        $this->browser->clickLink('Confirm your address for A studio');
        self::assertStringContainsString(
            '/confirm-address/',
            $this->browser->getCrawler()->filter('textarea')->text(normalizeWhitespace: false),
        );
        $this->browser->clickLink('Download');
        self::assertResponseHeaderSame('Content-Type', 'message/rfc822');
        $message = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString("To: owner@studio.example\r\n", $message);
        self::assertStringContainsString("Subject: Confirm your address for A studio\r\n", $message);
        $this->browser->back();
        $this->browser->submitForm('I have passed it on');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('main li', 'passed on');
    }

    public function testWhatStandsInAStudiosNameIsTakenAsText(): void
    {
        $this->service(Post::class)->send($this->owner->studio(), 'ida@studio.example', 'farewell', [
            'name' => "Ida & <b>Co</b>\r\nBcc: somebody@elsewhere.example",
            'what' => 'You have left.',
        ]);
        $letter = $this->letters('ida@studio.example')[0];
        self::assertStringStartsWith('Ida & <b>Co</b>', $letter->text);
        self::assertStringContainsString(",\n\nYou have left.", $letter->text, 'Its paragraphs stay apart.');
        $headers = explode("\r\n\r\n", $letter->toMessage('Schwung <schwung@localhost>'))[0];
        self::assertStringNotContainsString('Bcc', $headers);
    }

    public function testAnotherStudiosLettersAndAHelpersEyesAreKeptApart(): void
    {
        $this->studio('other@studio.example');
        $theirs = $this->letters('other@studio.example')[0];
        $token = $this->browser
            ->request('GET', "/outbox/{$this->letters('owner@studio.example')[0]->id()}")
            ->filter('main [name=_token]')
            ->attr('value');
        foreach (['', '/letter.eml'] as $part) {
            $this->browser->request('GET', "/outbox/{$theirs->id()}$part");
            self::assertResponseStatusCodeSame(404);
        }
        $this->browser->request('POST', "/outbox/{$theirs->id()}/passed-on", ['_token' => $token]);
        self::assertResponseStatusCodeSame(404);
        $this->browser->loginUser($this->helper());
        $this->browser->request('GET', '/outbox');
        self::assertResponseStatusCodeSame(403);
    }

    public function testOnlyItsOwnAddressIsTaken(): void
    {
        $factory = $this->service(OutboxTransportFactory::class);

        self::assertTrue($factory->supports(new Dsn('outbox', 'default')));
        self::assertFalse($factory->supports(new Dsn('smtp', 'default')));
        self::assertSame('outbox://default', (string) $factory->create(new Dsn('outbox', 'default')));
    }
}
