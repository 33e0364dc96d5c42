<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\Bench\BenchController;
use App\Quilt\Drawing\OldShapes;
use App\Quilt\Pinning\Asked;
use App\Quilt\Pinning\Deciding;
use App\Quilt\Pinning\SheetPins;
use App\Quilt\Quilt;
use PHPUnit\Framework\Attributes\CoversClass;
use Schwung\Core\Measure\UnitSystem;
use Tests\App\StudioTestCase;

/** A kept decision is pinned: whoever would undo it is asked, and what was promised holds the start. */
#[CoversClass(Deciding::class)]
#[CoversClass(SheetPins::class)]
#[CoversClass(Asked::class)]
#[CoversClass(OldShapes::class)]
#[CoversClass(BenchController::class)]
final class PinningTest extends StudioTestCase
{
    private const STRIPS = 'Cut two strips 4 ¼ in × 70 in and sew one to the lead and one to the tail end.';

    public function testAChangeThatWouldUndoWhatWasKeptIsAskedAboutAndAnsweredWithANameAndATime(): void
    {
        $quilt = $this->kept();
        $at = "/quilts/{$quilt->id()}";
        self::assertSame(
            ['strip/lead-tail', 'strip/left-right'],
            array_column((array) $this->reloaded($quilt)->sheet()->get('pins'), 'key'),
        );

        $this->enter($quilt, 'backing', ['load/margins' => 'three']);
        self::assertResponseIsSuccessful();
        $asking = $this->browser->getCrawler()->filter('[role=alert]');
        self::assertStringContainsString('This would undo what was kept', $asking->text());
        self::assertStringContainsString(self::STRIPS, $asking->filter('s')->first()->text());
        self::assertStringContainsString('kept by Owner', $asking->text());
        self::assertStringContainsString('Cut two strips 3 ¼ in × 70 in', $asking->text());
        self::assertStringContainsString('Nothing is cut yet: the cut list changes.', $asking->text());
        self::assertCount(1, $this->browser->getCrawler()->filter('.bed rect.was'), 'the old size over the new one');
        self::assertSame('four', $this->reloaded($quilt)->sheet()->text('load/margins'), 'and nothing is changed');

        $this->browser->submit($asking->selectButton('Change it all the same')->form());
        self::assertResponseRedirects("$at/backing", 303);
        $sheet = $this->reloaded($quilt)->sheet();
        self::assertSame('three', $sheet->text('load/margins'));
        $gone = SheetPins::letGo($sheet);
        self::assertSame(self::STRIPS, $gone[0]->said(UnitSystem::Inches));
        self::assertSame('Owner', $gone[0]->doneBy);
        self::assertStringContainsString('3 ¼ in × 70 in', SheetPins::of($sheet)[0]->said(UnitSystem::Inches));
        $load = $this->browser
            ->request('GET', "$at/load")
            ->filter('main')
            ->text();
        self::assertStringContainsString('let go by Owner', $load);

        $form = $this->browser->request('GET', "$at/backing")->selectButton('Undo');
        $this->browser->submit($form->form());
        $sheet = $this->reloaded($quilt)->sheet();
        self::assertSame('four', $sheet->text('load/margins'), 'undo goes back through the answer');
        self::assertSame(self::STRIPS, SheetPins::of($sheet)[0]->said(UnitSystem::Inches));
        self::assertSame([], SheetPins::letGo($sheet));
    }

    public function testWhoDecidesAnewIsNotAsked(): void
    {
        $quilt = $this->kept();
        $this->enter($quilt, 'backing', ['desk/mend' => 'none']);
        self::assertResponseRedirects();
        self::assertSame([], SheetPins::of($this->reloaded($quilt)->sheet()));

        $this->enter($quilt, 'direction', ['load/direction' => 'turned']);
        self::assertSame(
            ['The quilt lies turned: its left edge leads.'],
            array_map(
                static fn($pin): string => $pin->said(UnitSystem::Inches),
                SheetPins::of($this->reloaded($quilt)->sheet()),
            ),
        );
    }

    public function testWhatIsCutAsksEvenWhoDecidesAnew(): void
    {
        $quilt = $this->kept();
        $this->tick($quilt, 'strip/lead-tail');
        $this->enter($quilt, 'backing', ['desk/mend' => 'none']);

        self::assertResponseIsSuccessful();
        self::assertStringContainsString(
            'The strips are cut: others have to be cut and sewn on.',
            $this->browser->getCrawler()->filter('[role=alert]')->text(),
        );
    }

    public function testWhatIsPromisedStandsOnTheBenchAndHoldsTheStartUntilItIsDone(): void
    {
        $quilt = $this->kept();
        $at = "/quilts/{$quilt->id()}";
        $page = $this->browser->request('GET', "$at/load");
        self::assertCount(0, $page->filter('button:contains("Start at the frame")'));
        self::assertCount(2, $page->filter('[role=checkbox][aria-checked=false]'));

        $bench = $this->browser->request('GET', '/');
        self::assertStringContainsString(self::STRIPS, $bench->filter('#tasks')->text());
        $box = $bench->filter("form[action='$at/promises/strip/lead-tail/done']");
        $this->browser->submit($box->form());
        self::assertResponseRedirects('/', 303);
        $this->tick($quilt, 'strip/left-right');
        self::assertStringNotContainsString(self::STRIPS, $this->browser->request('GET', '/')->filter('main')->text());

        $page = $this->browser->request('GET', "$at/load");
        self::assertCount(1, $page->filter('button:contains("Start at the frame")'));
        self::assertStringContainsString('done by Owner', $page->filter('main')->text());
        self::assertStringContainsString(
            'Done by Owner.',
            $this->browser
                ->request('GET', "$at/load-sheet")
                ->filter('main')
                ->text(),
        );
        $this->begin($quilt);
    }

    public function testAPromiseThatIsOverruledStandsAtTheFrameWithItsBox(): void
    {
        $quilt = $this->kept();
        $at = "/quilts/{$quilt->id()}";
        $form = $this->browser->request('GET', "$at/load/overrule")->selectButton('Keep this reason');
        self::assertStringContainsString('Not done yet:', $this->browser->getCrawler()->filter('main')->text());
        $this->browser->submit($form->form(['reason' => 'They are sewn on at the frame.']));
        $this->begin($quilt);

        $page = $this->browser->request('GET', "$at/frame");
        self::assertStringContainsString(self::STRIPS, $page->filter('[aria-labelledby=promised]')->text());
    }

    public function testAChangeFromElsewhereIsToldUntilItIsTaken(): void
    {
        $quilt = $this->kept();
        $at = "/quilts/{$quilt->id()}";
        // By another version of the page, or by hand: the question was never put.
        $sheet = $this->reloaded($quilt)->sheet();
        $pins = array_map(
            static fn(array $pin): array => [...$pin, 'words' => ['in' => 'Cut one strip.', 'cm' => 'Cut one strip.']],
            array_filter((array) $sheet->get('pins'), is_array(...)),
        );
        $this->service(\App\Quilt\SheetChanges::class)->change(
            $this->reloaded($quilt),
            static fn($sheet) => $sheet->with('pins', array_values($pins)),
        );

        $page = $this->browser->request('GET', "$at/load");
        self::assertStringContainsString('Cut one strip.', $page->filter('main')->text());
        $this->browser->submit($page->selectButton('Take it as it is now')->form());
        self::assertStringContainsString(
            self::STRIPS,
            SheetPins::of($this->reloaded($quilt)->sheet())[0]->said(UnitSystem::Inches),
        );
    }

    public function testWhatIsOnItsFrameAsksBeforeItsPlanIsChanged(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->begin($quilt);
        $this->enter($this->reloaded($quilt), 'backing', ['load/margins' => 'three']);

        self::assertResponseIsSuccessful();
        self::assertStringContainsString(
            'What lies on the frame goes by the plan as it was',
            $this->browser->getCrawler()->filter('[role=alert]')->text(),
        );
    }

    /** A short backing whose strips were kept by the button of the page. */
    private function kept(): Quilt
    {
        $quilt = $this->quilt([...self::rows(), ...self::entries('70 in', '89 in')]);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/backing?try=extend");
        $this->browser->submit($page->selectButton('Keep it')->form());
        self::assertResponseRedirects("/quilts/{$quilt->id()}/backing", 303);

        return $quilt;
    }

    private function tick(Quilt $quilt, string $key): void
    {
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/load");
        $this->browser->submit($page->filter("button[formaction='/quilts/{$quilt->id()}/promises/$key/done']")->form());
    }
}
