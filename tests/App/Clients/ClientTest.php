<?php

declare(strict_types=1);

namespace Tests\App\Clients;

use App\Clients\Client;
use App\Clients\ClientBook;
use App\Clients\ClientController;
use App\Clients\ClientFolder;
use App\Clients\ClientInput;
use App\Clients\ClientPage;
use App\Clients\ClientRepository;
use App\Clients\ClientRow;
use App\Clients\ClientType;
use App\Clients\Wishes;
use App\Clients\WishesType;
use App\Quilt\Quilt;
use App\Quilt\QuiltEntry;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\Account\AtTheDoor;
use Tests\App\StudioTestCase;

#[CoversClass(Client::class)]
#[CoversClass(ClientBook::class)]
#[CoversClass(ClientController::class)]
#[CoversClass(ClientFolder::class)]
#[CoversClass(ClientInput::class)]
#[CoversClass(ClientPage::class)]
#[CoversClass(ClientRepository::class)]
#[CoversClass(ClientRow::class)]
#[CoversClass(ClientType::class)]
#[CoversClass(QuiltEntry::class)]
#[CoversClass(Wishes::class)]
#[CoversClass(WishesType::class)]
final class ClientTest extends StudioTestCase
{
    use AtTheDoor;

    public function testWhoeverAQuiltIsEnteredForIsInTheBookOnce(): void
    {
        $first = $this->quilt(title: 'First');
        $second = $this->quilt(title: 'Second', frame: $first->frame());

        self::assertNotNull($first->whose());
        self::assertSame($first->whose(), $second->whose());
        $page = $this->browser->request('GET', '/clients');
        self::assertSame(1, $page->filter('main li')->count());
        self::assertStringContainsString('2 quilts are here, 2 in all', $page->filter('main li')->text());
    }

    #[DataProvider('spellings')]
    public function testANameIsFoundHoweverItIsWritten(string $typed, bool $isTheSame): void
    {
        $book = $this->service(ClientBook::class);
        $known = $book->named($this->owner->studio(), 'Odile Marrant');

        self::assertSame($isTheSame, $known === $book->named($this->owner->studio(), $typed));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function spellings(): iterable
    {
        yield 'in small letters' => ['odile marrant', true];
        yield 'with a space behind' => ['Odile Marrant ', true];
        yield 'somebody else' => ['Odile Marrand', false];
        yield 'in another script' => ['Одиль Маррант', false];
    }

    public function testNamesOfAnyScriptAreToldApart(): void
    {
        $book = $this->service(ClientBook::class);
        $studio = $this->owner->studio();

        self::assertNotSame($book->named($studio, '😀'), $book->named($studio, '😂'));
        self::assertSame('李雪', $book->named($studio, '李雪')->name());
    }

    public function testARecordIsWrittenAndShown(): void
    {
        $this->browser->request('GET', '/clients/new');
        $this->browser->submitForm('Save', [
            'client[name]' => 'Philippa Dunmoor',
            'client[email]' => 'philippa@client.example',
            'client[units]' => 'cm',
            'client[wishes][thread]' => 'never white',
            'client[wishes][trimming]' => 'leave',
            'client[wishes][left]' => '1/2 in',
            'client[note]' => 'Rings twice.',
        ]);
        self::assertResponseStatusCodeSame(303);
        $text = $this->browser->followRedirect()->filter('main')->text();

        foreach (['philippa@client.example', 'never white', 'leave it untrimmed', '½ in', 'Rings twice.'] as $said) {
            self::assertStringContainsString($said, $text);
        }
        self::assertStringContainsString('Nothing of theirs is here.', $text);
    }

    /** @param array<string, string> $fields */
    #[DataProvider('mistakes')]
    public function testAMistakeIsToldAtItsFieldAndKept(array $fields, string $field, string $message): void
    {
        $this->service(ClientBook::class)->named($this->owner->studio(), 'Odile Marrant');
        $this->browser->request('GET', '/clients/new');
        $page = $this->browser->submitForm('Save', ['client[name]' => 'Ines', ...$fields]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($message, $page->filter("#{$field}_error")->text());
        self::assertSame(array_values($fields)[0], (string) $page->filter("#$field")->attr('value'));
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'no name' => [['client[name]' => ''], 'client_name', 'Say who it is.'];
        yield 'a name that is taken' => [['client[name]' => 'odile marrant'], 'client_name', 'is in the book already'];
        yield 'no address' => [['client[email]' => 'philippa at home'], 'client_email', 'not an e-mail address'];
        yield 'no length' => [['client[wishes][left]' => 'a thumb'], 'client_wishes_left', 'is not a length'];
    }

    public function testARenamedClientIsRenamedOnTheirQuilts(): void
    {
        $quilt = $this->quilt();
        $this->browser->request('GET', "/clients/{$quilt->whose()?->id()}/edit");
        $this->browser->submitForm('Save', ['client[name]' => 'Odile Ockley']);

        self::assertResponseStatusCodeSame(303);
        self::assertSame('Odile Ockley', $this->reloaded($quilt)->client());
        self::assertSame([1, 0], [$this->countFound('ockley'), $this->countFound('marrant')]);
    }

    public function testTwoRecordsOfOnePersonBecomeOne(): void
    {
        $quilt = $this->quilt();
        $book = $this->service(ClientBook::class);
        $kept = $book->named($this->owner->studio(), 'O. Marrant');
        $input = ClientInput::of($kept);
        $input->wishes->thread = 'cotton';
        $book->write($kept, $input);
        $other = $quilt->whose();
        self::assertNotNull($other);
        $input = ClientInput::of($other);
        [$input->email, $input->wishes->thread, $input->wishes->air] = ['odile@client.example', 'silk', 'no smoke'];
        $book->write($other, $input);

        $this->browser->request('GET', "/clients/{$kept->id()}");
        $this->browser->submitForm('Make one of both', ['name' => 'Odile Marrant']);

        $quilt = $this->reloaded($quilt);
        self::assertSame('O. Marrant', $quilt->client());
        self::assertSame('odile@client.example', $quilt->whose()?->email());
        // What the kept one said stands; what it did not say comes along.
        self::assertSame(['cotton', 'no smoke'], [$quilt->whose()->wishes()->thread, $quilt->whose()->wishes()->air]);
        self::assertNull($this->service(ClientRepository::class)->findOneNamed($quilt->studio, 'Odile Marrant'));
    }

    public function testMergingWithNobodyIsSaidAndChangesNothing(): void
    {
        $client = $this->service(ClientBook::class)->named($this->owner->studio(), 'Odile');
        foreach (['Nobody at all' => 'Nobody here is called', 'Odile' => 'That is this client'] as $name => $said) {
            $this->browser->request('GET', "/clients/{$client->id()}");
            $this->browser->submitForm('Make one of both', ['name' => $name]);
            self::assertStringContainsString($said, $this->browser->followRedirect()->filter('[role=alert]')->text());
        }
    }

    public function testAnErasedClientLeavesTheirQuiltsAndNoName(): void
    {
        $quilt = $this->quilt(self::entries());
        $id = $quilt->whose()?->id();
        $this->beSure("/clients/$id/erase");
        $page = $this->browser->submitForm('Erase for good', ['name' => 'Odile']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('no slip', $page->filter('#erase-fault')->text());
        $this->browser->submitForm('Erase for good', ['name' => 'Odile Marrant']);

        $quilt = $this->reloaded($quilt);
        self::assertSame(['client removed', null], [$quilt->client(), $quilt->whose()]);
        self::assertSame([1, 0], [$this->countFound('removed'), $this->countFound('marrant')]);
        self::assertSame('68 in', $quilt->sheet()->text('top/widths/top'));
        $this->browser->request('GET', "/quilts/{$quilt->id()}/about");
        $this->browser->submitForm('Save', ['new_quilt[title]' => 'Still there']);
        self::assertNull($this->reloaded($quilt)->whose());
        $this->browser->request('GET', "/clients/$id");
        self::assertResponseStatusCodeSame(404);
    }

    public function testAllThatIsKeptOfAClientIsOneDocument(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->browser->request('GET', "/clients/{$quilt->whose()?->id()}/client.json");
        /** @var array{name: string, quilts: list<array{number: string, job: array<string, mixed>}>} $document */
        $document = json_decode((string) $this->browser->getResponse()->getContent(), true);

        self::assertSame('Odile Marrant', $document['name']);
        self::assertSame($quilt->number(), $document['quilts'][0]['number']);
        self::assertSame('schwung/job', $document['quilts'][0]['job']['format']);
    }

    public function testThreeQuiltsTellWhatTheirBackingsLack(): void
    {
        $frame = $this->frame();
        $quilts = array_map(fn(string $across): Quilt => $this->quilt(self::entries($across), frame: $frame), [
            '78 in',
            '74 in',
            '73 in',
        ]);
        $page = "/clients/{$quilts[0]->whose()?->id()}";
        // Eight over a top of 68 is 76: one had two to spare, one lacked two, one three.
        $profile = $this->browser->request('GET', $page)->filter('section[aria-labelledby=profile]');
        self::assertStringContainsString('1 ⅝ in ± 1 ½ in', $profile->text());
        // It opens to what each of them was like, the last first.
        self::assertSame(
            ['short 3 in side to side', 'short 2 in side to side', 'short 0 in side to side'],
            $profile
                ->filter('details li span')
                ->each(static fn(Crawler $line): string => strtok($line->text(), ',') ?: ''),
        );
    }

    public function testTwoQuiltsTellNothingYet(): void
    {
        $frame = $this->frame();
        $quilts = array_map(fn(): Quilt => $this->quilt(self::entries(), frame: $frame), [1, 2]);
        $page = $this->browser->request('GET', "/clients/{$quilts[0]->whose()?->id()}");

        self::assertStringContainsString(
            'Known from three measured quilts on.',
            $page->filter('section[aria-labelledby=profile]')->text(),
        );
    }

    public function testALoadOfSeveralIsNobodysOwn(): void
    {
        $quilt = new Quilt(
            $this->owner->studio(),
            Quilt::GANG . str_repeat('a', 20),
            'Together',
            'Ines, Odile',
            null,
            null,
        );

        self::assertNull($quilt->whose());
    }

    public function testAnotherStudiosClientIsNotFound(): void
    {
        $other = $this->service(ClientBook::class)->named($this->studio('other@studio.example')->studio(), 'Odile');
        foreach (['', '/edit', '/client.json'] as $path) {
            $this->browser->request('GET', "/clients/{$other->id()}$path");
            self::assertResponseStatusCodeSame(404);
        }
    }

    /** How many quilts of the bench a search finds. */
    private function countFound(string $search): int
    {
        return $this->browser
            ->request('GET', '/', ['q' => $search])
            ->filter('#shelf li')
            ->count();
    }
}
