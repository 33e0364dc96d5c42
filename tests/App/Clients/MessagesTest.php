<?php

declare(strict_types=1);

namespace Tests\App\Clients;

use App\Clients\ClientBook;
use App\Clients\ClientInput;
use App\Clients\Messages\ClientMessage;
use App\Clients\Messages\ClientMessageRepository;
use App\Clients\Messages\MessageController;
use App\Clients\Messages\MessageInput;
use App\Clients\Messages\MessageKind;
use App\Clients\Messages\MessageState;
use App\Clients\Messages\MessageType;
use App\Clients\Messages\ReadySentences;
use App\Clients\Messages\Sending;
use App\Mail\Letter;
use App\Mail\LetterRepository;
use App\Mail\OutboxController;
use App\Mail\OutboxTransport;
use App\Mail\Post;
use App\Quilt\Quilt;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Mailer\Event\FailedMessageEvent;
use Symfony\Component\Mime\Email;
use Tests\App\StudioTestCase;

#[CoversClass(ClientMessage::class)]
#[CoversClass(ClientMessageRepository::class)]
#[CoversClass(MessageController::class)]
#[CoversClass(MessageInput::class)]
#[CoversClass(MessageKind::class)]
#[CoversClass(MessageState::class)]
#[CoversClass(MessageType::class)]
#[CoversClass(OutboxController::class)]
#[CoversClass(OutboxTransport::class)]
#[CoversClass(Post::class)]
#[CoversClass(ReadySentences::class)]
#[CoversClass(Sending::class)]
final class MessagesTest extends StudioTestCase
{
    /** @param array<string, mixed> $entries */
    #[DataProvider('sentences')]
    public function testReadySentencesCarryTheQuiltsOwnFigures(string $kind, array $entries, string $said): void
    {
        $quilt = $this->quilt($entries);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/messages/new/$kind");

        $text = $page->filter('#message_text')->text(normalizeWhitespace: false);
        self::assertStringContainsString($said, $text);
        self::assertStringStartsWith('Hello Odile Marrant,', $text);
        self::assertStringEndsWith('A studio', trim($text));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function sentences(): iterable
    {
        $full = ['top/widths/top' => '72 in', ...array_diff_key(self::entries(), ['top/widths/top' => 1])];
        yield 'what to bring' => ['bring', self::entries(), 'a backing of at least 76 in × 96 in, square and pressed'];
        yield 'before it is measured' => ['bring', [], 'how wide and how long your top is'];
        yield 'short, with the exact lack' => [
            'short',
            self::entries('72 3/4 in'),
            'As it lies under your top it is 3 ¼ in too narrow for the frame',
        ];
        yield 'short, with the strips' => [
            'short',
            self::entries('72 3/4 in'),
            '- Strips of cloth sewn on, by you or by me: two 2 ¾ in × 96 in.',
        ];
        yield 'large enough' => ['short', self::entries(), 'The backing is large enough'];
        yield 'not measured' => ['short', [], 'The backing is not measured yet.'];
        yield 'batting' => ['unpack', self::rows(), 'the batting must lie open for 24 hours'];
        yield 'full borders' => ['borders', $full, 'Shall I take the border off'];
        yield 'flat borders' => ['borders', self::entries(), 'nothing is to be done'];
        yield 'done' => ['done', self::entries(), 'It was 68 in × 87 ¼ in when it came'];
    }

    public function testSentencesAreInTheUnitsOfTheClient(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->describe($quilt, 'odile@client.example', UnitSystem::Centimetres);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/messages/new/bring");

        self::assertStringContainsString('194 cm × 242 cm', $page->filter('#message_text')->text());
        self::assertSame('odile@client.example', $page->filter('#message_recipient')->attr('value'));
    }

    public function testWhatIsEditedIsSentOnceAndKept(): void
    {
        $quilt = $this->quilt(self::entries());
        $form = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/messages/new/free")
            ->selectButton('Send it')
            ->form([
                'message[recipient]' => 'odile@client.example',
                'message[subject]' => 'Your <quilt>',
                'message[text]' => 'In my own words.',
            ]);
        $this->browser->submit($form);
        $this->browser->submit($form);
        self::assertResponseStatusCodeSame(303);
        $page = $this->browser->followRedirect();

        self::assertCount(1, $page->filter('main li details'));
        self::assertStringContainsString('In my own words.', $page->filter('main li')->text());
        self::assertStringContainsString('waits in the outbox', $page->filter('main li')->text());
        $letters = $this->service(LetterRepository::class)->findOf($this->owner->studio());
        self::assertCount(
            1,
            array_filter($letters, static fn(Letter $letter): bool => 'odile@client.example' === $letter->recipient),
        );
    }

    public function testMarkedAsSentInTheOutboxItIsSentAndMayComeBack(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->send($quilt);
        $letter = $this->service(LetterRepository::class)->findOf($this->owner->studio())[0];
        $this->browser->request('GET', "/outbox/{$letter->id()}");
        $this->browser->submitForm('I have passed it on');
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/messages");
        self::assertStringContainsString('sent', $page->filter('main li summary')->text());
        $this->browser->submitForm('It came back', ['why' => 'The box is full.']);

        $said = $this->browser->followRedirect()->filter('main li summary')->text();
        self::assertStringContainsString('came back', $said);
        self::assertStringContainsString('The box is full.', $said);
    }

    public function testWhatAMailServerRefusesIsSaidAndKept(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->send($quilt);
        $message = $this->service(ClientMessageRepository::class)->findOf($quilt)[0];
        $mail = (new Email())->from('us@studio.example')->to('odile@client.example')->text('x');
        $mail->getHeaders()->addTextHeader(Post::MESSAGE, (string) $message->id());
        $this->service(Sending::class)->failed(new FailedMessageEvent($mail, new \RuntimeException('550 no such box')));

        $said = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/messages")
            ->filter('main li summary')
            ->text();
        self::assertStringContainsString('could not be sent', $said);
        self::assertStringContainsString('550 no such box', $said);
    }

    /** @param array<string, string> $fields */
    #[DataProvider('mistakes')]
    public function testAMistakeIsToldAndNothingIsSent(array $fields, string $field, string $message): void
    {
        $quilt = $this->quilt(self::entries());
        $this->browser->request('GET', "/quilts/{$quilt->id()}/messages/new/bring");
        $page = $this->browser->submitForm('Send it', [
            'message[recipient]' => 'odile@client.example',
            ...$fields,
        ]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($message, $page->filter("#{$field}_error")->text());
        self::assertSame([], $this->service(ClientMessageRepository::class)->findOf($quilt));
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'nowhere to go' => [['message[recipient]' => ''], 'message_recipient', 'Where does it go?'];
        yield 'no address' => [['message[recipient]' => 'odile'], 'message_recipient', 'not an e-mail address'];
        yield 'no subject' => [['message[subject]' => ' '], 'message_subject', 'needs a subject'];
        yield 'nothing in it' => [['message[text]' => "\n"], 'message_text', 'nothing in it'];
    }

    public function testAnErasedClientsMessagesAndLettersAreGone(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->send($quilt);
        $client = $this->reloaded($quilt)->whose();
        self::assertNotNull($client);
        $this->service(ClientBook::class)->erase($client);

        self::assertSame([], $this->service(ClientMessageRepository::class)->findOf($this->reloaded($quilt)));
        foreach ($this->service(LetterRepository::class)->findOf($this->reloaded($quilt)->studio) as $letter) {
            self::assertNotSame('odile@client.example', $letter->recipient);
        }
    }

    private function send(Quilt $quilt): void
    {
        $this->browser->request('GET', "/quilts/{$quilt->id()}/messages/new/bring");
        $this->browser->submitForm('Send it', ['message[recipient]' => 'odile@client.example']);
        self::assertResponseStatusCodeSame(303);
    }

    private function describe(Quilt $quilt, string $email, UnitSystem $units): void
    {
        self::assertNotNull($quilt->whose());
        $input = ClientInput::of($quilt->whose());
        [$input->email, $input->units] = [$email, $units];
        $this->service(ClientBook::class)->write($quilt->whose(), $input);
    }
}
