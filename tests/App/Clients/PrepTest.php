<?php

declare(strict_types=1);

namespace Tests\App\Clients;

use App\Clients\ClientBook;
use App\Clients\ClientInput;
use App\Clients\Prep\PrepCards;
use App\Clients\Prep\PrepController;
use App\Clients\Prep\PrepDates;
use App\Clients\Prep\PrepDrawer;
use App\Clients\Prep\PrepInput;
use App\Clients\Prep\PrepTexts;
use App\Clients\Prep\PrepType;
use App\Measure\CurrentUnits;
use App\Measure\UnitsExtension;
use App\Public\CalculatorController;
use App\Public\FrontController;
use App\Public\FrontInput;
use App\Public\FrontType;
use App\Public\PublicThrottle;
use App\Public\StudioFront;
use App\Public\StudioFrontRepository;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\Bench\QueueTestCase;

#[CoversClass(CalculatorController::class)]
#[CoversClass(CurrentUnits::class)]
#[CoversClass(FrontController::class)]
#[CoversClass(FrontInput::class)]
#[CoversClass(FrontType::class)]
#[CoversClass(PrepCards::class)]
#[CoversClass(PrepController::class)]
#[CoversClass(PrepDates::class)]
#[CoversClass(PrepDrawer::class)]
#[CoversClass(PrepInput::class)]
#[CoversClass(PrepTexts::class)]
#[CoversClass(PrepType::class)]
#[CoversClass(PublicThrottle::class)]
#[CoversClass(StudioFront::class)]
#[CoversClass(StudioFrontRepository::class)]
#[CoversClass(UnitsExtension::class)]
final class PrepTest extends QueueTestCase
{
    public function testACardAsksForTheSchoolInBothUnitSystems(): void
    {
        $quilt = $this->quilt(self::entries());
        $card = $this->browser->request('GET', "/quilts/{$quilt->id()}/prep-card")->filter('main');

        // 68 × 87 ¼ with four inches on every side.
        self::assertStringContainsString('76 in (193.1 cm)', $card->text());
        self::assertStringContainsString('96 in (243.9 cm)', $card->text());
        self::assertStringContainsString('4 in (10.2 cm) must show at one open side', $card->text());
        self::assertStringContainsString('4 in all round', $card->filter('details')->text());
        self::assertStringContainsString('Batting so long: 87 ¼ in top', $card->filter('details')->text());
        self::assertCount(3, $card->filter('table')->eq(1)->filter('tr')->slice(1));
    }

    /** Inside the top where it is large enough, below the drawing where it is not. */
    #[DataProvider('tops')]
    public function testTheNameOfTheTopStandsClearOfItsEdges(string $across, string $along, bool $isInside): void
    {
        $named = $this->browser
            ->request('GET', "/clients/prep-card?across=$across+in&along=$along+in")
            ->filter('figure')
            ->each(static fn(Crawler $figure): array => $figure->filter('text')->extract(['_text']));

        self::assertSame($isInside, \in_array('your top', $named[0], true));
        self::assertSame(!$isInside, \in_array('your top on its backing', $named[0], true));
        self::assertSame($isInside, \in_array('your top', $named[1], true));
    }

    /** @return iterable<string, array{string, string, bool}> */
    public static function tops(): iterable
    {
        yield 'usual' => ['68', '87', true];
        yield 'narrow' => ['20', '110', false];
        yield 'flat' => ['118', '12', false];
    }

    public function testACardIsInTheUnitsOfItsClient(): void
    {
        $quilt = $this->quilt(self::entries());
        self::assertNotNull($quilt->whose());
        $input = ClientInput::of($quilt->whose());
        $input->units = UnitSystem::Centimetres;
        $this->service(ClientBook::class)->write($quilt->whose(), $input);

        $said = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/prep-card")
            ->filter('main')
            ->text();
        self::assertStringContainsString('194 cm (76 ½ in)', $said);
        $said = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/prep-card?units=in")
            ->filter('main')
            ->text();
        self::assertStringContainsString('76 in', $said);
    }

    public function testWhatTheClientsBackingsLackIsAskedForAndSaid(): void
    {
        $frame = $this->frame();
        foreach (['74 in', '74 in', '74 in'] as $across) {
            $this->quilt(self::entries($across), frame: $frame);
        }
        $quilt = $this->quilt([...self::entries(), 'backing/sides/top' => ''], frame: $frame);
        $said = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/prep-card")
            ->filter('main')
            ->text();

        self::assertStringContainsString('78 in (198.2 cm)', $said);
        self::assertStringContainsString('2 in what your backings usually lack (the last 3 quilts)', $said);
    }

    public function testACardSaysWhenItIsPlannedAndDue(): void
    {
        $quilt = $this->waiting('Planned', '2027-03-20', $this->frame());
        $this->plan();
        $said = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/prep-card")
            ->filter('main')
            ->text();

        self::assertMatchesRegularExpression(
            '/It is planned onto the frame on Monday, 1 March; bring everything by Friday, 26 February\./',
            $said,
        );
        self::assertStringContainsString('It is due on Saturday, 20 March 2027.', $said);
    }

    public function testWithoutATopThereIsNoCardAndItSaysWhy(): void
    {
        $quilt = $this->quilt();
        $said = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/prep-card")
            ->filter('main')
            ->text();

        self::assertStringContainsString('The top is not measured yet', $said);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/prep-card.pdf");
        self::assertResponseStatusCodeSame(404);
    }

    public function testACardIsPrintedOnLetterAndA4(): void
    {
        $quilt = $this->quilt(self::entries());
        foreach (['letter' => '612.000 792.000', 'a4' => '595.280 841.890'] as $paper => $size) {
            $this->browser->request('GET', "/quilts/{$quilt->id()}/prep-card.pdf?paper=$paper");
            $pdf = (string) $this->browser->getResponse()->getContent();
            self::assertStringStartsWith('%PDF-', $pdf);
            self::assertStringContainsString("/MediaBox [0.000 0.000 $size]", $pdf);
            self::assertSame(1, preg_match_all('~/Type /Page\b~', $pdf), $paper);
        }
    }

    public function testForASizeAnyFrameIsAskedUnlessOneIsNamed(): void
    {
        $frame = $this->frame();
        $page = $this->browser->request('GET', '/clients/prep-card?across=68&along=87+1/4&frame=' . $frame->id());

        self::assertStringContainsString('76 in (193.1 cm)', $page->filter('main')->text());
        $page = $this->browser->request('GET', '/clients/prep-card?across=400&along=x');
        self::assertStringContainsString(
            'cannot be: accepted is more than zero',
            $page->filter('#across_error')->text(),
        );
        self::assertStringContainsString('is not a length', $page->filter('#along_error')->text());
        self::assertSame('x', $page->filter('#along')->attr('value'));
    }

    public function testThePublicPageIsOffUntilTheOwnerTurnsItOn(): void
    {
        $this->frame();
        $this->browser->request('GET', '/bring/tideloft-loft');
        self::assertResponseStatusCodeSame(404);
        $this->browser->request('GET', '/settings/clients');
        $this->browser->submitForm('Save', ['front[calculates]' => '1', 'front[word]' => 'Tideloft-Loft']);
        self::assertResponseStatusCodeSame(303);

        $this->browser->getCookieJar()->clear();
        $page = $this->browser->request('GET', '/bring/tideloft-loft?across=68&along=87.25');
        self::assertStringContainsString('76 in (193.1 cm)', $page->filter('main')->text());
        $answer = $this->browser->getResponse();
        self::assertSame([], $answer->headers->getCookies());
        self::assertTrue($answer->isCacheable());
        self::assertCount(0, $page->filter('script'));
        self::assertStringContainsString('A studio', $page->filter('main')->text());
    }

    public function testNonsenseOnThePublicPageIsToldAtItsField(): void
    {
        $this->open();
        $page = $this->browser->request('GET', '/bring/our-loft?across=-3&along=&units=furlong');

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString(
            'cannot be: accepted is more than zero',
            $page->filter('#across_error')->text(),
        );
        self::assertSame('-3', $page->filter('#across')->attr('value'));
    }

    public function testWhoeverAsksTooOftenWaits(): void
    {
        $this->open();
        for ($i = 0; $i < 120; ++$i) {
            $this->browser->request('GET', '/bring/our-loft');
        }
        self::assertResponseIsSuccessful();
        $page = $this->browser->request('GET', '/bring/our-loft');
        self::assertResponseStatusCodeSame(429);
        self::assertStringContainsString('Wait a few minutes', $page->text());
    }

    /** @param array<string, string|bool> $fields */
    #[DataProvider('words')]
    public function testAWordThatCannotBeAnAddressIsRefused(array $fields, string $message): void
    {
        $other = $this->studio('other@studio.example');
        $front = new StudioFront($other->studio());
        $input = new FrontInput();
        $input->word = 'taken-word';
        $front->open($input);
        $this->service(StudioFrontRepository::class)->keep($front);
        $this->browser->request('GET', '/settings/clients');
        $page = $this->browser->submitForm('Save', $fields);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($message, $page->filter('#front_word_error')->text());
    }

    /** @return iterable<string, array{array<string, string|bool>, string}> */
    public static function words(): iterable
    {
        yield 'none' => [['front[calculates]' => '1', 'front[word]' => ''], 'needs a word'];
        yield 'with a slash' => [['front[word]' => 'a/b/c'], 'letters a to z'];
        yield 'somebody else has it' => [['front[word]' => 'Taken-Word'], 'Another studio has this word'];
    }

    public function testOwnWordsStandOnTheCardAndADashLeavesAPlaceOut(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->browser->request('GET', '/settings/clients');
        $this->browser->submitForm('Save', [
            'front[texts][greeting]' => 'Welcome <b>in</b>.',
            'front[texts][pins]' => '-',
            'front[texts][square]' => '',
        ]);
        $said = $this->browser->request('GET', "/quilts/{$quilt->id()}/prep-card")->filter('main');

        self::assertStringContainsString('Welcome <b>in</b>.', $said->text());
        self::assertStringNotContainsString('No pins', $said->text());
        self::assertStringContainsString('Cut the backing square', $said->text());
    }

    private function open(): void
    {
        $this->frame();
        $front = new StudioFront($this->owner->studio());
        $input = new FrontInput();
        [$input->word, $input->calculates] = ['our-loft', true];
        $front->open($input);
        $this->service(StudioFrontRepository::class)->keep($front);
    }
}
