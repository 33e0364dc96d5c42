<?php

declare(strict_types=1);

namespace Tests\App\Shelf;

use App\Clients\Client;
use App\Clients\ClientBook;
use App\Clients\ClientRepository;
use App\Quilt\QuiltRepository;
use App\Shelf\Batting\BattingController;
use App\Shelf\Batting\BattingInput;
use App\Shelf\Batting\BattingShelf;
use App\Shelf\Batting\BattingType;
use App\Shelf\Batting\CutAsked;
use App\Shelf\Batting\CutRefused;
use App\Shelf\Batting\ShelfBatting;
use App\Shelf\Batting\ShelfBattingRepository;
use App\Shelf\Batting\ShelfCut;
use App\Shelf\Drawing\CutDrawer;
use App\Shelf\Drawing\ShelfDrawer;
use App\Shelf\JoinController;
use App\Shelf\Joining;
use App\Shelf\Outlook;
use App\Shelf\Outlooks;
use App\Shelf\Serving;
use App\Shelf\ShelfController;
use App\Shelf\ShelfItem;
use App\Shelf\ShelfPage;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Symfony\Component\DomCrawler\Form;

#[CoversClass(BattingController::class)]
#[CoversClass(BattingInput::class)]
#[CoversClass(BattingShelf::class)]
#[CoversClass(BattingType::class)]
#[CoversClass(CutDrawer::class)]
#[CoversClass(CutAsked::class)]
#[CoversClass(CutRefused::class)]
#[CoversClass(JoinController::class)]
#[CoversClass(Joining::class)]
#[CoversClass(Outlook::class)]
#[CoversClass(Outlooks::class)]
#[CoversClass(Serving::class)]
#[CoversClass(ShelfBatting::class)]
#[CoversClass(ShelfBattingRepository::class)]
#[CoversClass(ShelfController::class)]
#[CoversClass(ShelfCut::class)]
#[CoversClass(ShelfDrawer::class)]
#[CoversClass(ShelfItem::class)]
#[CoversClass(ShelfPage::class)]
final class BattingTest extends ShelfTestCase
{
    public function testAPieceIsPutOnTheShelfOnceAndGetsALabel(): void
    {
        $form = $this->open('/shelf/batting/new')
            ->selectButton('Put it on the shelf')
            ->form([
                'batting[kind]' => 'wool',
                'batting[width]' => '70',
                'batting[length]' => '2 yd',
                'batting[name]' => 'in the box',
            ]);
        $this->browser->submit($form);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('P1: a piece of wool', $page->filter('h1')->text());
        self::assertStringContainsString('70 in × 72 in', $page->filter('main')->text());
        $this->browser->submit($form);

        self::assertSame(['P1 70×72'], $this->here());
        $this->browser->request('GET', $page->selectLink('Its label')->link()->getUri());
        self::assertResponseHeaderSame('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF', (string) $this->browser->getResponse()->getContent());
    }

    /** @param array<string, string> $typed */
    #[DataProvider('bad')]
    public function testWhatIsNoBattingIsSaidAtItsPlace(array $typed, string $words): void
    {
        $form = $this->open('/shelf/batting/new')->selectButton('Put it on the shelf')->form();
        $page = $this->browser->submit($form, ['batting[width]' => '70', 'batting[length]' => '80', ...$typed]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($words, $page->filter('main')->text());
        foreach ($typed as $name => $value) {
            if ('batting[isRoll]' !== $name) {
                self::assertSame($value, (string) $page->filter("[name='$name']")->attr('value'));
            }
        }
        self::assertSame([], $this->here());
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function bad(): iterable
    {
        yield 'a width below zero' => [['batting[width]' => '-70 in'], 'accepted is more than zero and up to 300 in'];
        yield 'no width' => [['batting[width]' => ''], 'How wide is it?'];
        yield 'no length' => [['batting[length]' => ''], 'How long is it'];
        yield 'words' => [['batting[length]' => 'long'], '"long" is not a length.'];
        yield 'a piece longer than any' => [['batting[length]' => '301 in'], 'No piece is longer than 300 in'];
        yield 'a roll longer than any' => [
            ['batting[isRoll]' => '1', 'batting[length]' => '101 m'],
            'up to 3937 in or 10000 cm',
        ];
    }

    public function testACutIsWrittenIntoTheQuiltAndWhatIsLeftGoesBack(): void
    {
        [$quilt, $roll] = [$this->wanting(), $this->put(96, 200, true)];
        $this->plan();
        $page = $this->open("/shelf?quilt={$quilt->id()}");
        self::assertStringContainsString('72 in × 91 ¼ in cotton: R1, 72 in off it', $page->filter('main')->text());
        self::assertStringContainsString('that is proved', $page->filter('main')->text());
        $form = $page->selectButton('Cut 91 ¼ in × 72 in')->form();
        $this->browser->submit($form);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('it stands with the quilt', $page->filter('body')->text());
        $this->browser->submit($form);

        self::assertSame(['R1 96×128'], $this->here());
        $sheet = $this->service(QuiltRepository::class)->find($quilt->id())?->sheet();
        self::assertSame('2317.75 mm', $sheet?->text('batting/width'));
        self::assertSame('1828.8 mm', $sheet->text('batting/length'));
        self::assertSame(2, $this->anew($roll)->version());
        $this->plan();
        self::assertStringContainsString('Every quilt that waits has its batting', $this->open('/shelf')->text());
    }

    public function testAnOffcutThatIsWideEnoughComesBackWithALabelAndACutCanBeTakenBack(): void
    {
        $quilt = $this->wanting();
        $piece = $this->put(110, 130);
        $this->plan();
        $page = $this->open("/shelf/batting/{$piece->id()}?quilt={$quilt->id()}");
        self::assertStringContainsString(
            'Back on the shelf, with a label: 38 in × 130 in and 72 in × 38 ¾ in',
            $page->text(),
        );
        $this->browser->submit($page->selectButton('Cut it for Harbour lamps')->form());
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('P2 (38 in × 130 in) and P3 (72 in × 38 ¾ in) go back', $page->text());
        self::assertSame(['P2 38×130', 'P3 72×38.75'], $this->here());

        $this->browser->submit($page->selectButton('Take it back')->form());
        self::assertStringContainsString('as it was before', $this->browser->followRedirect()->text());
        self::assertSame(['P1 110×130'], $this->here());
        $sheet = $this->service(QuiltRepository::class)->find($quilt->id())?->sheet();
        self::assertSame('', $sheet?->text('batting/width'));
        self::assertSame('', $sheet->text('batting/length'));
    }

    public function testACutWhoseRestHasGoneIsNotTakenBack(): void
    {
        $piece = $this->put(110, 130);
        $shelf = $this->service(BattingShelf::class);
        $cut = $shelf->cut(
            $piece,
            new CutAsked(
                version: 1,
                over: Length::inches(72),
                off: Length::inches(90),
                quilt: null,
                person: 'Maren',
                key: 'one',
            ),
        );
        $shelf->leave($this->service(ShelfBattingRepository::class)->findRests($cut)[0]);
        $page = $this->open("/shelf/batting/{$piece->id()}");
        $this->browser->submit($page->selectButton('Take it back')->form());

        self::assertStringContainsString('has been cut or has gone since', $this->browser->followRedirect()->text());
        self::assertSame(['P3 72×40'], $this->here());
    }

    public function testTwoPeopleCannotCutTheSameCloth(): void
    {
        [$quilt, $piece] = [$this->wanting(), $this->put(80, 100)];
        $this->plan();
        $mine = $this->open("/shelf?quilt={$quilt->id()}")
            ->selectButton('Cut 72 in × 91 ¼ in')
            ->form();
        $theirs = $this->open("/shelf/batting/{$piece->id()}")
            ->selectButton('Cut it')
            ->form([
                'over' => '40',
                'off' => '50',
            ]);
        $this->browser->submit($theirs);
        $this->browser->submit($mine);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main', 'P1 is not on the shelf any more. Nothing was cut.');
        self::assertSame(['P2 40×100', 'P3 40×50'], $this->here());
        self::assertSame(
            '',
            $this->service(QuiltRepository::class)->find($quilt->id())?->sheet()->text('batting/width'),
        );
    }

    public function testOneQuiltIsNotCutForTwice(): void
    {
        $quilt = $this->wanting();
        $this->put(80, 100);
        $this->put(81, 101);
        $this->plan();
        $page = $this->open("/shelf?quilt={$quilt->id()}");
        $forms = $page->filter('form[action$="/cut"]')->each(static fn($form): Form => $form->form());
        self::assertCount(2, $forms);
        array_map($this->browser->submit(...), $forms);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main', 'Harbour lamps has its batting already, from P1. Nothing was cut.');
        self::assertSame(['P2 81×101'], $this->here());
    }

    public function testARollThatGotShorterMeanwhileIsLookedAtAnew(): void
    {
        $roll = $this->put(96, 100, true);
        $first = $this->open("/shelf/batting/{$roll->id()}")
            ->selectButton('Cut it')
            ->form(['off' => '60']);
        $second = $this->open("/shelf/batting/{$roll->id()}")
            ->selectButton('Cut it')
            ->form(['off' => '30']);
        $this->browser->submit($first);
        $page = $this->browser->submit($second);

        self::assertResponseStatusCodeSame(422);
        self::assertSame(
            'Somebody else has changed R1 meanwhile: it is 96 in × 40 in now. Nothing was cut; look at it and decide anew.',
            $page->filter('#cut-fault')->text(),
        );
        self::assertSame('30', $page->filter('[name=off]')->attr('value'));
        $this->browser->submit($page->selectButton('Cut it')->form());
        self::assertSame(['R1 96×10'], $this->here());
    }

    #[DataProvider('tooMuch')]
    public function testACutBeyondTheClothIsRefused(string $over, string $off, string $words): void
    {
        $roll = $this->put(96, 100, true);
        $form = $this->open("/shelf/batting/{$roll->id()}")
            ->selectButton('Cut it')
            ->form();
        $page = $this->browser->submit($form, ['over' => $over, 'off' => $off]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($words, $page->filter('#cut-fault')->text());
        self::assertSame(
            [$over, $off],
            [$page->filter('[name=over]')->attr('value'), $page->filter('[name=off]')->attr('value')],
        );
        self::assertSame(['R1 96×100'], $this->here());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function tooMuch(): iterable
    {
        yield 'longer than the roll' => ['96', '100 1/8', '96 in × 100 ⅛ in cannot be cut out of that.'];
        yield 'wider than the roll' => ['97', '50', 'It is 96 in wide and 100 in long'];
        yield 'below zero' => ['96', '-5', 'cannot be cut out of that.'];
        yield 'no length' => ['96', 'a lot', 'This is not a length.'];
    }

    public function testAClientsOwnClothServesTheirQuiltsOnly(): void
    {
        $quilt = $this->wanting();
        $clients = $this->service(ClientRepository::class);
        $other = new Client($this->ownerAnew()->studio(), 'Tamsel Ruddick', new \DateTimeImmutable());
        $clients->keep($other);
        $this->put(75, 95, client: $other);
        $this->plan();
        self::assertSame([(string) $quilt->id()], $this->read()->outlook()->assignment->unserved);
        self::assertStringContainsString('Buy cotton batting for Harbour lamps', implode(' ', $this->todos()));

        $this->put(
            76,
            96,
            client: $this->service(ClientRepository::class)->findOneNamed(
                $this->ownerAnew()->studio(),
                'Odile Marrant',
            ),
        );
        $this->plan();
        self::assertSame([], $this->read()->outlook()->assignment->unserved);
        $page = $this->open("/shelf?quilt={$quilt->id()}");
        self::assertCount(2, $page->filter('svg .shelf-theirs'));
        self::assertCount(1, $page->filter('svg .shelf-planned'));
        self::assertSame(1, $page->selectButton('Cut 72 in × 91 ¼ in')->count());
    }

    public function testWhatIsNotCoveredByOneIsOfferedJoinedAndElseBought(): void
    {
        $first = $this->wanting();
        $this->put(73, 50);
        $this->put(42, 73);
        $this->plan();
        self::assertStringContainsString('P1 and P2, butted', $this->open('/shelf')->filter('main')->text());
        self::assertStringNotContainsString('Buy', implode(' ', $this->todos()));
        $form = $this->open("/shelf?quilt={$first->id()}")
            ->selectButton('Cut them for Harbour lamps')
            ->form();
        $this->browser->submit($form);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('Butted, they cover: 2 pieces, 1 join.', $page->text());
        self::assertStringContainsString('Piece 1 is laid in with the first pass.', $page->text());
        self::assertStringContainsString('Piece 2 is laid in with the advance to pass', $page->text());
        self::assertSame([], $this->here());
        $this->browser->submit($form);
        self::assertStringContainsString('do not cover it together any more', $this->browser->followRedirect()->text());
        $taken = $this->service(ShelfBattingRepository::class)->findOneByNumber($this->ownerAnew()->studio(), 2);
        $this->browser->submit(
            $this->open("/shelf/batting/{$taken?->id()}")
                ->selectButton('Take it back')
                ->form(),
        );
        $sheet = $this->service(QuiltRepository::class)->find($first->id())?->sheet();
        self::assertSame(['', ''], [$sheet?->text('batting/width'), $sheet?->text('desk/pieces')]);
        self::assertSame(['P2 42×73'], $this->here());

        $this->wanting('Second', 'wool');
        $this->put(60, 400, true, BattingKind::Wool);
        $this->plan();
        $page = $this->open('/shelf');
        self::assertStringContainsString('72 in × 91 ¼ in wool: nothing covers it: buy', $page->filter('main')->text());
        self::assertStringContainsString(
            'Buy wool batting for Second: nothing on the shelf',
            implode(' ', $this->todos()),
        );
    }

    public function testARollThatRunsOutIsNamedBeforeItDoes(): void
    {
        $this->wanting();
        $this->wanting('Second');
        $this->put(96, 100, true);
        $this->plan();

        self::assertMatchesRegularExpression(
            '/Roll R1 runs out before (Second|Harbour lamps), on (Mon|Tue)/',
            $this->open('/shelf')->text(),
        );
    }

    public function testStageBackingOffersWhatLiesOnTheShelf(): void
    {
        $quilt = $this->wanting();
        $this->put(60, 60);
        $this->put(90, 74);
        $this->put(100, 80);
        $this->put(96, 200, true);
        $page = $this->open("/quilts/{$quilt->id()}/backing");
        $links = $page->filter('a[href*="/shelf/batting/"]');
        self::assertSame(
            ['Cut 91 ¼ in × 72 in', 'Cut 91 ¼ in × 72 in'],
            $links->each(static fn($one): string => $one->text()),
        );
        self::assertStringContainsString('P3, 100 in × 80 in', $page->filter('p:contains("P3")')->text());
        self::assertStringNotContainsString('P2', $page->filter('main')->text(), 'an inch and a quarter too short');
        $page = $this->browser->click($links->first()->link());
        $this->browser->submit($page->selectButton('Cut it for Harbour lamps')->form());

        self::assertStringContainsString(
            "/quilts/{$quilt->id()}/backing",
            (string) $this->browser->getResponse()->headers->get('Location'),
        );
        self::assertSame(['P1 60×60', 'P2 90×74', 'R4 96×200'], $this->here());
        self::assertStringNotContainsString('On the shelf', $this->browser->followRedirect()->filter('main')->text());
    }

    public function testWhatIsAClientsStaysTheirsWhenTwoRecordsBecomeOne(): void
    {
        $book = $this->service(ClientBook::class);
        [$kept, $other] = [
            $book->named($this->owner->studio(), 'O. Marrant'),
            $book->named($this->owner->studio(), 'Odile'),
        ];
        $piece = $this->put(75, 95, client: $other);
        $book->merge($kept, $other);
        $this->service(EntityManagerInterface::class)->clear();

        self::assertSame('O. Marrant', $this->anew($piece)->client()?->name());
    }

    public function testAPieceIsFoundByItsLabel(): void
    {
        $this->put(75, 95);
        foreach (['P1', 'p1', ' 1 '] as $label) {
            $this->browser->request('GET', '/shelf/find?label=' . rawurlencode($label));
            self::assertStringContainsString('P1: a piece', $this->browser->followRedirect()->text());
        }
        $this->browser->request('GET', '/shelf/find?label=P77');
        self::assertStringContainsString('No label says “P77”.', $this->browser->followRedirect()->text());
    }

    public function testNobodyElsesShelfIsOpened(): void
    {
        $piece = $this->put(75, 95);
        $this->browser->loginUser($this->studio('other@studio.example'));
        foreach (['', '/edit', '/label.pdf'] as $part) {
            $this->browser->request('GET', "/shelf/batting/{$piece->id()}$part");
            self::assertResponseStatusCodeSame(404);
        }
    }
}
