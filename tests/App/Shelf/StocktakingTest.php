<?php

declare(strict_types=1);

namespace Tests\App\Shelf;

use App\Clients\Client;
use App\Clients\ClientRepository;
use App\Shelf\Batting\BattingShelf;
use App\Shelf\Stocktaking\BattingList;
use App\Shelf\Stocktaking\StocktakingController;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Schwung\Core\Material\BattingKind;

#[CoversClass(BattingList::class)]
#[CoversClass(BattingShelf::class)]
#[CoversClass(StocktakingController::class)]
final class StocktakingTest extends ShelfTestCase
{
    public function testPieceAfterPieceIsMeasured(): void
    {
        $page = $this->open('/shelf/measure');
        $page = $this->browser->submit($page->selectButton('On')->form(['size' => '40', 'kind' => 'wool']));
        self::assertStringContainsString('40 in wide.', $page->filter('form')->last()->text());
        $form = $page->selectButton('Keep it, next')->form(['size' => '62 1/2']);
        $this->browser->submit($form);
        $page = $this->browser->followRedirect();
        $this->browser->submit($form);
        self::assertSame('wool', $page->filter('select[name=kind] option[selected]')->attr('value'));
        $this->browser->submit($page->selectButton('On')->form(['size' => '24 x 50']));

        self::assertSame(['P1 40×62.5', 'P2 24×50'], $this->here());
        self::assertStringContainsString('P2', $this->browser->followRedirect()->filter('ul')->last()->text());
    }

    #[DataProvider('unmeasured')]
    public function testWhatIsNoPieceIsAskedAgain(string $size, string $words): void
    {
        $page = $this->open('/shelf/measure');
        $page = $this->browser->submit($page->selectButton('On')->form(['size' => $size]));

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($words, $page->filter('#size-fault')->text());
        self::assertSame($size, $page->filter('[name=size]')->attr('value'));
        self::assertSame([], $this->here());
    }

    /** @return iterable<string, array{string, string}> */
    public static function unmeasured(): iterable
    {
        yield 'nothing' => ['', 'This is not a length.'];
        yield 'words' => ['as wide as my arm', 'This is not a length.'];
        yield 'three' => ['40 x 50 x 60', 'This is not a length.'];
        yield 'below zero' => ['-40', 'more than nothing'];
        yield 'one of both is nothing' => ['40 x 0', 'more than nothing'];
        yield 'wider than any' => ['400', 'No batting is wider'];
    }

    public function testAListGoesOutAndComesInAgain(): void
    {
        $clients = $this->service(ClientRepository::class);
        $clients->keep(new Client($this->owner->studio(), '=Odile', new \DateTimeImmutable()));
        $this->put(96, 250.5, true);
        $this->put(40, 62, false, BattingKind::Bamboo, $clients->findOneNamed($this->owner->studio(), '=Odile'));
        $this->browser->request('GET', '/shelf/batting.csv');
        $list = (string) $this->browser->getResponse()->getContent();
        self::assertSame(
            "label,is,kind,width,length,loft,whose,opened,name\r\n" .
                "R1,roll,cotton,\"2438.4 mm\",\"6362.7 mm\",,,,\r\n" .
                "P2,piece,bamboo,\"1016 mm\",\"1574.8 mm\",,'=Odile,,\r\n",
            $list,
        );
        $form = $this->open('/shelf/bring')
            ->selectButton('Take it in')
            ->form(['typed' => $list]);
        $this->browser->submit($form);
        self::assertStringContainsString('2 are on the shelf.', $this->browser->followRedirect()->text());
        $this->browser->submit($form);

        self::assertSame(['P2 40×62', 'P4 40×62', 'R1 96×250.5', 'R3 96×250.5'], $this->here());
    }

    public function testAListWithOneFaultIsNotTakenInAtAll(): void
    {
        $list = implode("\n", [
            'kind,width,length,is,whose,opened',
            'wool,40,62,,,',
            'felt,40,62,,,',
            'wool,-4 in,62,bale,,',
            'wool,40,,,,',
            'wool,40,62,,Nobody,yesterday',
            '',
        ]);
        $form = $this->open('/shelf/bring')
            ->selectButton('Take it in')
            ->form(['typed' => $list]);
        $page = $this->browser->submit($form);

        self::assertResponseStatusCodeSame(422);
        self::assertSame(
            [
                'Line 3: “felt” is no kind of batting. Accepted are cotton, cotton-poly, polyester, wool, silk, bamboo.',
                'Line 4: “bale” under "is" is not known. Accepted are roll and piece.',
                'Line 4: “-4 in” is no width: it is more than nothing.',
                'Line 5: How long is it, or what is left of it?',
                'Line 6: No client is called “Nobody”. Write them down under Clients first.',
                'Line 6: “yesterday” is no moment. Write it like 2027-03-01T09:00:00+01:00.',
            ],
            $page->filter('#faults li')->each(static fn($line): string => $line->text()),
        );
        self::assertStringContainsString('felt,40,62', $page->filter('textarea')->text());
        self::assertSame([], $this->here());
    }

    /** @param list<string> $lines */
    #[DataProvider('noLists')]
    public function testWhatIsNoListIsSaid(array $lines, string $words): void
    {
        $form = $this->open('/shelf/bring')
            ->selectButton('Take it in')
            ->form(['typed' => implode("\n", $lines)]);
        $page = $this->browser->submit($form);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($words, $page->filter('#faults')->text());
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function noLists(): iterable
    {
        yield 'only its columns' => [['width,length'], 'Nothing stands below the line'];
        yield 'empty' => [[''], 'Choose a file, or write the list'];
        yield 'without its columns' => [['breadth,length', '1,2'], 'here is no width.'];
        yield 'too long' => [['width,length', ...array_fill(0, 2001, '40,60')], 'These are 2001 lines; up to 2000'];
    }

    public function testAThousandPiecesComeInAndArePagedThrough(): void
    {
        $lines = ['width,length'];
        for ($i = 0; $i < 1000; ++$i) {
            $lines[] = 20 + ($i % 60) . ',' . (30 + ($i % 70));
        }
        $form = $this->open('/shelf/bring')
            ->selectButton('Take it in')
            ->form(['typed' => implode("\n", $lines)]);
        $this->browser->submit($form);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('1000 are on the shelf.', $page->text());
        self::assertStringContainsString('1000 in all', $page->text());
        $page = $this->browser->click($page->selectLink('More')->link());
        self::assertStringContainsString('P25', $page->filter('main ul')->text());
        $this->wanting();
        $this->plan();
        self::assertNotSame([], $this->read()->outlook()->assignment->cuts);
    }
}
