<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\Quilt\Preparations;
use App\Quilt\QuiltController;
use App\Quilt\QuiltRepository;
use App\Quilt\Revision;
use App\Quilt\SheetChanges;
use App\Quilt\SheetForm;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Standing;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\StudioTestCase;

#[CoversClass(QuiltController::class)]
#[CoversClass(SheetChanges::class)]
#[CoversClass(SheetForm::class)]
#[CoversClass(Preparations::class)]
final class QuiltTest extends StudioTestCase
{
    public function testANewQuiltIsTakenInOnceHoweverOftenItIsSent(): void
    {
        $this->frame();
        $page = $this->browser->request('GET', '/quilts/new');
        $form = $page->selectButton('Measure it')->form([
            'new_quilt[title]' => 'Nine winds',
            'new_quilt[client]' => 'Bertil Ockley',
            'new_quilt[due]' => '2027-03-12',
        ]);
        $this->browser->submit($form);
        $first = $this->browser->getResponse()->headers->get('Location');
        $this->browser->submit($form);

        self::assertSame($first, $this->browser->getResponse()->headers->get('Location'));
        self::assertSame(1, $this->service(QuiltRepository::class)->count(['studio' => $this->owner->studio()]));
    }

    public function testANewQuiltNeedsTitleAndClient(): void
    {
        $this->browser->request('GET', '/quilts/new');
        $this->browser->submitForm('Measure it', ['new_quilt[due]' => '2027-03-12']);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main form', 'Give the quilt a title to find it by.');
        self::assertInputValueSame('new_quilt[due]', '2027-03-12');
    }

    /** @param list<string> $told of the figures below the sentence */
    #[TestWith(['87', ['Missing along 3 in']])]
    #[TestWith(['84', ['Left across 16 in', 'Left along 1 in']])]
    public function testNothingIsCalledLeftOfACrookedBackingThatIsShortTheOtherWay(string $length, array $told): void
    {
        $quilt = $this->quilt();
        $this->enter($quilt, 'measure', [
            'top/widths/top' => '68',
            'top/widths/middle' => '68',
            'top/widths/bottom' => '68',
            'top/lengths/left' => $length,
            'top/lengths/middle' => $length,
            'top/lengths/right' => $length,
        ]);
        $this->enter($quilt, 'backing', [
            'backing/sides/top' => '99',
            'backing/sides/right' => '92',
            'backing/sides/bottom' => '92',
            'backing/sides/left' => '98',
            'backing/diagonal' => '138',
        ]);
        $figures = $this->browser
            ->followRedirect()
            ->filter('summary')
            ->each(
                static fn(Crawler $summary): string => implode(
                    ' ',
                    $summary->filter('span')->each(static fn(Crawler $part): string => trim($part->text())),
                ),
            );

        self::assertSame($told, array_values(preg_grep('/^(Left|Missing) a/', $figures) ?: []));
    }

    public function testMeasuresInAnyNotationGiveOneSentence(): void
    {
        $quilt = $this->quilt();
        $this->enter($quilt, 'measure', [
            'top/widths/top' => '68',
            'top/widths/middle' => '172,7 cm',
            'top/widths/bottom' => '67 7/8',
            'top/lengths/left' => '87.25',
            'top/lengths/middle' => '87¼',
            'top/lengths/right' => '7 ft 3 1/4',
        ]);
        self::assertResponseStatusCodeSame(303);
        $this->enter($quilt, 'backing', [
            'backing/sides/top' => '78',
            'backing/sides/right' => '94',
            'backing/sides/bottom' => '78',
            'backing/sides/left' => '94',
            'load/tail/method' => 'channel-clips',
        ]);
        $page = $this->browser->followRedirect();

        self::assertSame(
            'It will load, but tight: 1 ¼ in below the margin asked for along the quilt.',
            $page->filter('form h2')->text(),
        );
        self::assertSame('172,7 cm', $this->reloaded($quilt)->sheet()->text('top/widths/middle'));
        self::assertSame('68 in', $this->reloaded($quilt)->sheet()->text('top/widths/top'));
        self::assertSame(Standing::Decide, $this->reloaded($quilt)->standing());
    }

    #[DataProvider('badEntries')]
    public function testWhatCannotBeIsKeptAndToldAtItsPlace(
        string $stage,
        string $path,
        string $text,
        string $message,
    ): void {
        $quilt = $this->quilt(self::entries());
        $this->enter($quilt, $stage, [$path => $text]);
        $page = $this->browser->followRedirect();

        self::assertInputValueSame("f[$path]", $text);
        $id = 'f-' . strtr($path, ['/' => '-']);
        self::assertSame('true', $page->filter("#$id")->attr('aria-invalid'));
        self::assertStringContainsString(
            $message,
            $page->filter('#' . $page->filter("#$id")->attr('aria-describedby'))->text(),
        );
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function badEntries(): iterable
    {
        yield 'unreadable' => ['measure', 'top/widths/top', 'sixty-eight', '"sixty-eight" is not a length.'];
        yield 'zero' => ['backing', 'backing/sides/top', '0 in', 'Accepted is a length above zero'];
        yield 'negative' => ['backing', 'batting/width', '−4 in', 'Accepted is a length above zero'];
        yield 'absurd' => ['measure', 'top/lengths/left', '400 in', 'up to 300 in or 762 cm'];
        yield 'a diagonal that cannot be' => ['backing', 'backing/diagonal', '200 in', 'cannot close to a triangle'];
    }

    public function testADraftInHtmlIsOnlyText(): void
    {
        $quilt = $this->quilt();
        $this->enter($quilt, 'measure', ['top/widths/top' => '<script>alert(1)</script>']);
        $this->browser->followRedirect();

        self::assertStringNotContainsString('<script>alert', (string) $this->browser->getResponse()->getContent());
    }

    public function testTwoPeopleAtOneQuiltDoNotOverwriteEachOther(): void
    {
        $quilt = $this->quilt(self::entries());
        $early = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/measure")
            ->filter('#sheet')
            ->form();
        $this->enter($quilt, 'measure', ['top/widths/top' => '70']);
        $values = $early->getPhpValues();
        self::assertIsArray($values['f']);
        $this->browser->request('POST', $early->getUri(), [
            ...$values,
            'f' => [...$values['f'], 'top/lengths/left' => '88'],
        ]);
        $sheet = $this->reloaded($quilt)->sheet();

        self::assertSame(['70 in', '88 in'], [$sheet->text('top/widths/top'), $sheet->text('top/lengths/left')]);
    }

    public function testLookingInOtherUnitsChangesNothing(): void
    {
        $quilt = $this->quilt([...self::entries(), 'top/widths/top' => '67 7/8 in']);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/measure");
        $this->browser->submitForm('cm');
        $this->browser->followRedirect();
        self::assertInputValueSame('f[top/widths/top]', '172.4 cm');
        $this->enter($quilt, 'measure', ['top/widths/bottom' => '173']);
        $sheet = $this->reloaded($quilt)->sheet();

        self::assertSame(['67 7/8 in', '173 cm'], [$sheet->text('top/widths/top'), $sheet->text('top/widths/bottom')]);
    }

    public function testTheLastFiftyChangesCanBeUndoneAndRedone(): void
    {
        $quilt = $this->quilt();
        $changes = $this->service(SheetChanges::class);
        for ($i = 1; $i <= 55; ++$i) {
            $changes->change($quilt, static fn($sheet) => $sheet->with('top/widths/top', "$i in"));
        }
        for ($i = 0; $i < 60; ++$i) {
            $changes->undo($quilt);
        }
        self::assertSame('5 in', $quilt->sheet()->text('top/widths/top'));
        $changes->redo($quilt);
        self::assertSame('6 in', $quilt->sheet()->text('top/widths/top'));
        $changes->change($quilt, static fn($sheet) => $sheet->with('top/widths/top', '99 in'));
        $changes->redo($quilt);
        self::assertSame('99 in', $quilt->sheet()->text('top/widths/top'));
        self::assertSame(
            3,
            $this->service(EntityManagerInterface::class)
                ->getRepository(Revision::class)
                ->count(['quilt' => $quilt]),
        );
    }

    public function testUndoIsAButton(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->enter($quilt, 'measure', ['top/widths/top' => '70']);
        $this->browser->followRedirect();
        $this->browser->submitForm('Undo');
        self::assertSame('68 in', $this->reloaded($quilt)->sheet()->text('top/widths/top'));
    }

    public function testARemedyIsTriedOnWithoutBeingKept(): void
    {
        $quilt = $this->quilt(self::entries('76 in', '90 in'));
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/backing?try=extend");

        self::assertSelectorTextContains('form h2', 'It will load once the strips are sewn on.');
        self::assertSelectorTextContains('main', 'Trying on: Sew on strips.');
        self::assertSame('none', $this->reloaded($quilt)->sheet()->text('desk/mend'));
        $token = $page->filter('#sheet input[name=_token]')->attr('value');
        $this->browser->request('POST', "/quilts/{$quilt->id()}/backing/keep/extend", ['_token' => $token]);
        self::assertResponseStatusCodeSame(303);
        self::assertSame('extend', $this->reloaded($quilt)->sheet()->text('desk/mend'));
        self::assertSame(
            'It will load once the strips are sewn on.',
            $this->reloaded($quilt)->verdict(UnitSystem::Inches),
        );
    }

    public function testARemedyThatIsNotOnOfferIsNotTriedOn(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->browser->request('GET', "/quilts/{$quilt->id()}/backing?try=turn");
        self::assertSelectorTextNotContains('main', 'Trying on');
        $this->browser->request('GET', "/quilts/{$quilt->id()}/backing?try=nonsense");
        self::assertResponseIsSuccessful();
    }

    public function testTheFragmentIsThePagesOwnBlock(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->browser->request('GET', "/quilts/{$quilt->id()}/backing", server: ['HTTP_HX_REQUEST' => 'true']);
        $content = (string) $this->browser->getResponse()->getContent();

        self::assertStringStartsWith('<div id="workspace">', trim($content));
        self::assertResponseHasHeader('Vary');
        $this->browser->request(
            'GET',
            "/quilts/{$quilt->id()}/backing",
            server: ['HTTP_HX_REQUEST' => 'true', 'HTTP_HX_HISTORY_RESTORE_REQUEST' => 'true'],
        );
        self::assertSelectorExists('body header');
    }

    #[TestWith(['in', '95', '95 in'])]
    #[TestWith(['cm', '241', '241 cm'])]
    public function testWhatAnswersAChangeIsThePageAsItIsThen(string $units, string $typed, string $kept): void
    {
        $quilt = $this->quilt(self::entries());
        $page = $this->browser->request('GET', '/');
        $this->browser->submit($page->filter("form[action='/units/$units']")->form());
        $address = "/quilts/{$quilt->id()}/backing";
        $isFragment = ['HTTP_HX_REQUEST' => 'true'];
        $values = $this->browser->request('GET', $address)->filter('#sheet')->form()->getPhpValues();
        $fields = \is_array($values['f'] ?? null) ? $values['f'] : [];
        $answer = $this->browser->request(
            'POST',
            $address,
            [...$values, 'f' => [...$fields, 'backing/sides/right' => $typed]],
            server: $isFragment,
        );

        self::assertSame($kept, $answer->filter('[name="f[backing/sides/right]"]')->attr('value'));
        self::assertSame(
            $this->browser->request('GET', $address, server: $isFragment)->filter('#workspace')->text(),
            $answer->filter('#workspace')->text(),
        );
    }

    public function testWhatWasUndoneDoesNotComeBackWithTheFieldThatItWasTypedInto(): void
    {
        $quilt = $this->quilt(self::entries());
        $address = "/quilts/{$quilt->id()}/backing";
        $isFragment = ['HTTP_HX_REQUEST' => 'true'];
        $form = $this->browser->request('GET', $address)->filter('#sheet')->form();
        $typed = $form->setValues(['f[backing/sides/right]' => '95'])->getPhpValues();
        $answer = $this->browser->request('POST', $address, $typed, server: $isFragment);
        self::assertSame('95 in', $answer->filter('[name="f[backing/sides/right]"]')->attr('value'));
        $revision = $answer->filter('[name=revision]')->attr('value');
        $token = $answer->filter('form[action$="/undo"] [name=_token]')->attr('value');
        $this->browser->request('POST', "$address/undo", ['_token' => $token], server: $isFragment);
        $this->browser->request('POST', $address, [...$typed, 'revision' => $revision], server: $isFragment);
        $page = $this->browser->request('GET', $address);

        self::assertSame('96 in', $page->filter('[name="f[backing/sides/right]"]')->attr('value'));
    }

    public function testAnAnswerTellsTheWorkingOfWhatIsOpen(): void
    {
        $quilt = $this->quilt(self::entries());
        $address = "/quilts/{$quilt->id()}/backing";
        $isFragment = ['HTTP_HX_REQUEST' => 'true'];
        $values = $this->browser->request('GET', $address)->filter('#sheet')->form()->getPhpValues();
        $rules = fn(string $opened): array => $this->browser
            ->request('POST', $address, [...$values, 'opened' => $opened], server: $isFragment)
            ->filter('details.figures table')
            ->each(
                static fn($table): string => $table->closest('details')?->filter('summary span')->first()->text() ?? '',
            );

        self::assertSame([], $rules(''));
        self::assertSame(['Needed across', 'Left along'], $rules("Needed across\nLeft along"));
        self::assertSame(['Lead', 'Lead'], $rules("Margins\nLead"));
        self::assertSame([], $rules('Lead'), 'what it stands in is closed');
    }

    public function testOfAPartThatIsShownAndStaysAsItIsOnlyTheNameIsSent(): void
    {
        $quilt = $this->quilt(self::entries());
        $address = "/quilts/{$quilt->id()}/backing";
        $form = $this->browser->request('GET', $address)->filter('#sheet')->form();
        $send = function (array $fields, string $shown) use ($address, $form): Crawler {
            $fields = array_combine(
                array_map(static fn(string $path): string => "f[$path]", array_keys($fields)),
                $fields,
            );
            $values = [...$form->setValues($fields)->getPhpValues(), 'opened' => '', 'shown' => $shown];

            return $this->browser->request('POST', $address, $values, server: ['HTTP_HX_REQUEST' => 'true']);
        };
        $parts = static fn(Crawler $answer): string => implode(
            ' ',
            $answer->filter('[data-part]')->each(static fn(Crawler $part): string => (string) $part->attr('data-part')),
        );
        $shown = static fn(Crawler $answer): array => $answer->filter('[data-shown]')->extract(['id']);
        $first = $send(['backing/sides/right' => '95'], '');
        self::assertSame([], $shown($first));
        $second = $send(['backing/sides/right' => '96'], $parts($first));

        self::assertSame(['part-stages', 'part-cutting', 'part-choices', 'part-batting'], $shown($second));
        self::assertSame('', $second->filter('#part-choices')->text());
        self::assertSelectorExists('svg.bed');
        $third = $send(['load/margins' => 'five'], $parts($first));
        self::assertNotContains('part-choices', $shown($third));
        self::assertSelectorExists('#part-choices option[value=five][selected]');
        self::assertContains('part-batting', $shown($third));
    }

    public function testEveryFigureOpensToItsWorking(): void
    {
        $quilt = $this->quilt(self::entries());
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/backing");
        $working = $page
            ->filter('details')
            ->reduce(static fn($details): bool => str_contains($details->text(), 'Needed across'))
            ->first()
            ->text();

        self::assertStringContainsString('Top and both side margins.', $working);
        self::assertStringContainsString('68 in', $working);
        self::assertStringContainsString('4 in all round', $working);
    }

    public function testTheSheetPrintsMeasuresVerdictAndCutList(): void
    {
        $quilt = $this->quilt([
            ...self::entries('70 in', '90 in'),
            'desk/mend' => 'piece',
            'backing/bolt' => '42 1/2 in',
        ]);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/sheet");

        self::assertSelectorTextContains('main', 'It will load once the new backing is pieced.');
        self::assertSelectorTextContains('main', 'Buy 5 ½ yd of the 42 ½ in bolt.');
        self::assertSelectorTextContains('main', '87 ¼ in');
        self::assertSelectorNotExists('main input, main select, main textarea');
    }

    public function testJobAndPlanAreOpenFiles(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->browser->request('GET', "/quilts/{$quilt->id()}/job.json");
        $job = (string) $this->browser->getResponse()->getContent();
        $this->browser->request('GET', "/quilts/{$quilt->id()}/plan.json");
        $plan = json_decode((string) $this->browser->getResponse()->getContent(), true);

        self::assertIsArray($plan);
        self::assertSame('schwung/plan', $plan['format']);
        $this->import($job);
        self::assertResponseStatusCodeSame(303);
        self::assertSame(2, $this->service(QuiltRepository::class)->count(['studio' => $this->owner->studio()]));
    }

    public function testTheWaysOfADocumentAreChosenAtTheDesk(): void
    {
        $document = json_decode(
            (string) file_get_contents(\dirname(__DIR__, 2) . '/Core/Exchange/documents/fits.job.json'),
            true,
        );
        self::assertIsArray($document);
        $load = (array) ($document['load'] ?? []);
        $document['load'] = [
            ...$load,
            'habits' => ['place' => 'front', 'purpose' => 'basting', 'borders_last' => true],
        ];
        $this->import(json_encode($document, \JSON_THROW_ON_ERROR));
        $quilt = $this->service(QuiltRepository::class)->findOneBy(['studio' => $this->owner->studio()]);
        self::assertNotNull($quilt);
        $sheet = $quilt->sheet();

        self::assertSame('front', $sheet->text('desk/loading_place'));
        self::assertSame('basting', $sheet->text('desk/purpose'));
        self::assertTrue($sheet->get('desk/borders_last'));
        self::assertFalse($sheet->get('desk/turn_round'));
    }

    public function testADocumentIsTakenInOnceHoweverOftenItIsSent(): void
    {
        $text = (string) file_get_contents(\dirname(__DIR__, 2) . '/Core/Exchange/documents/fits.job.json');
        $form = $this->browser
            ->request('GET', '/quilts/import')
            ->selectButton('Take it in')
            ->form(['client' => 'Bertil', 'text' => $text]);
        $this->browser->submit($form);
        $this->browser->submit($form);

        self::assertSame(1, $this->service(QuiltRepository::class)->count(['studio' => $this->owner->studio()]));
    }

    #[DataProvider('badDocuments')]
    public function testAnImportThatCannotBeSaysWhyAndKeepsTheText(string $text, string $message): void
    {
        $this->import($text);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('[role=alert]', $message);
        self::assertInputValueSame('client', 'Bertil');
    }

    /** @return iterable<string, array{string, string}> */
    public static function badDocuments(): iterable
    {
        yield 'no JSON' => ['hello', 'is no JSON'];
        yield 'nothing' => ['', 'There is no document'];
        yield 'wrong version' => [
            '{"format": "schwung/job", "version": 9}',
            '/version: 9 cannot be here. Accepted is 1.',
        ];
        yield 'unknown key' => ['{"format": "schwung/job", "titel": "x"}', 'did you mean "title"?'];
        yield 'nesting' => [str_repeat('[', 1_500_000), 'accepted is a document of up to 1 MB'];
    }

    public function testAnotherStudiosQuiltIsNotThere(): void
    {
        $mine = $this->quilt();
        $theirs = $this->quilt(self::entries(), $this->studio('other@studio.example'));
        foreach (['/measure', '/backing', '/sheet', '/job.json', '/plan.json', '/about'] as $page) {
            $this->browser->request('GET', "/quilts/{$theirs->id()}$page");
            self::assertResponseStatusCodeSame(404, $page);
        }
        $token = $this->browser
            ->request('GET', "/quilts/{$mine->id()}/measure")
            ->filter('#sheet input[name=_token]')
            ->attr('value');
        foreach (['/measure', '/measure/undo', '/backing/keep/extend'] as $action) {
            $this->browser->request('POST', "/quilts/{$theirs->id()}$action", ['_token' => $token]);
            self::assertResponseStatusCodeSame(404, $action);
        }
    }

    public function testAChangeWithoutItsTokenIsRefused(): void
    {
        $quilt = $this->quilt();
        $this->browser->request('POST', "/quilts/{$quilt->id()}/measure", ['f' => ['top/widths/top' => '70']]);

        self::assertResponseStatusCodeSame(403);
        self::assertSame('', $this->reloaded($quilt)->sheet()->text('top/widths/top'));
    }

    public function testOnlyTheSheetsOwnMembersCanBeEntered(): void
    {
        $quilt = $this->quilt();
        $this->enter($quilt, 'measure', [
            'top/widths' => 'gone',
            'desk/mend/x' => '1',
            'title' => 'x',
            'top/widths/top' => '70',
        ]);

        self::assertSame('70 in', $this->reloaded($quilt)->sheet()->text('top/widths/top'));
    }

    public function testAboutRenamesAndChangesTheFrame(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->browser->request('GET', "/quilts/{$quilt->id()}/about");
        $this->browser->submitForm('Save', ['new_quilt[title]' => 'New name', 'new_quilt[frame]' => '']);

        self::assertSame('New name', $this->reloaded($quilt)->title());
        self::assertSame('Choose a frame for this quilt.', $this->reloaded($quilt)->verdict(UnitSystem::Inches));
    }

    private function import(string $text): void
    {
        $this->browser->request('GET', '/quilts/import');
        $this->browser->submitForm('Take it in', ['client' => 'Bertil', 'text' => $text]);
    }
}
