<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\Quilt\Drawing\MeasureField;
use App\Quilt\Measuring\TapeController;
use App\Quilt\Measuring\TapeWalk;
use App\Quilt\Quilt;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\App\StudioTestCase;

/** One measure after another, in the order of a walk round the table. */
#[CoversClass(TapeController::class)]
#[CoversClass(TapeWalk::class)]
#[CoversClass(MeasureField::class)]
final class TapeTest extends StudioTestCase
{
    public function testItAsksInTheOrderInWhichOneWalksAndSaysARangeAfterTwoNumbers(): void
    {
        $quilt = $this->quilt();
        self::assertSame('Width at the top', $this->asked($quilt));

        $this->type('60');
        self::assertSame('Length at the right', $this->asked($quilt));
        $this->type('80-1/2');
        self::assertSame('Width at the bottom', $this->asked($quilt));
        self::assertStringContainsString('It needs a backing of 68 in to 69 ¼ in across', $this->sentence());
        self::assertGreaterThan(3, $this->browser->getCrawler()->filter('.open-line')->count());
        self::assertCount(1, $this->browser->getCrawler()->filter('.bed .guessed'), 'the top');
        self::assertSame('about 60 in', $this->browser->getCrawler()->filter('#tape-field')->attr('placeholder'));

        $this->browser->clickLink('The backing is on the table now');
        $this->type('2 yds');
        $this->type('8 hands');
        self::assertStringContainsString('short along', $this->sentence());
        self::assertSame('812.8 mm', $this->reloaded($quilt)->sheet()->text('backing/sides/right'));
        self::assertStringContainsString(
            'Each may be up to 2 % longer or shorter',
            $this->browser->getCrawler()->filter('main details')->text(),
        );
    }

    public function testWhatIsSkippedIsNotAskedAgainAndBackLeadsBack(): void
    {
        $quilt = $this->quilt();
        $this->browser->request('GET', "/quilts/{$quilt->id()}/tape");
        $this->browser->clickLink('Skip');
        self::assertSame('Length at the right', $this->now());
        self::assertStringContainsString('skipped', $this->browser->getCrawler()->filter('ol')->text());
        $this->type('80');
        self::assertSame('Width at the bottom', $this->now());
        $this->browser->clickLink('Back');
        self::assertSame('Length at the right', $this->now());
        self::assertSame('80 in', $this->browser->getCrawler()->filter('#tape-field')->attr('value'));
    }

    public function testWhatCannotBeReadIsAskedForAgainWithWhatWasTyped(): void
    {
        $quilt = $this->quilt();
        $this->browser->request('GET', "/quilts/{$quilt->id()}/tape");
        $this->type('sixty');

        self::assertSame('Width at the top', $this->now());
        self::assertSelectorTextContains('#tape-fault', '"sixty" is not a length.');
        self::assertSame('sixty', $this->browser->getCrawler()->filter('#tape-field')->attr('value'));
    }

    public function testAllMeasuredItLeadsOn(): void
    {
        $quilt = $this->quilt([
            ...self::entries(),
            'top/diagonals/0' => '110 5/8 in',
            'top/diagonals/1' => '110 5/8 in',
            'backing/diagonal' => '123 3/4 in',
        ]);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/tape");

        self::assertSelectorNotExists('#tape-field');
        self::assertSelectorTextContains('main', 'That is all there is to measure of top and backing.');
    }

    public function testItAsksWhatWouldUndoAPinToo(): void
    {
        $quilt = $this->quilt([...self::rows(), ...self::entries('70 in', '89 in')]);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/backing?try=extend");
        $this->browser->submit($page->selectButton('Keep it')->form());
        $this->browser->request('GET', "/quilts/{$quilt->id()}/tape?at=top/widths/top");
        $this->type('72');

        self::assertSelectorTextContains('[role=alert]', 'This would undo what was kept');
        self::assertSame('68 in', $this->reloaded($quilt)->sheet()->text('top/widths/top'));
        $this->browser->submitForm('Change it all the same');
        self::assertSame('72 in', $this->reloaded($quilt)->sheet()->text('top/widths/top'));
    }

    public function testAnotherStudiosQuiltIsNotThere(): void
    {
        $quilt = $this->quilt(person: $this->studio('other@studio.example'));
        $this->browser->request('GET', "/quilts/{$quilt->id()}/tape");

        self::assertResponseStatusCodeSame(404);
    }

    private function asked(Quilt $quilt): string
    {
        $this->browser->request('GET', "/quilts/{$quilt->id()}/tape");

        return $this->now();
    }

    private function now(): string
    {
        return $this->browser->getCrawler()->filter('label[for=tape-field]')->text();
    }

    private function type(string $text): void
    {
        $form = $this->browser->getCrawler()->selectButton('Next')->form();
        $name = $this->browser->getCrawler()->filter('#tape-field')->attr('name') ?? '';
        $this->browser->submit($form, [$name => $text]);
        $this->browser->followRedirects();
        if ($this->browser->getResponse()->isRedirection()) {
            $this->browser->followRedirect();
        }
        $this->browser->followRedirects(false);
    }

    private function sentence(): string
    {
        return $this->browser->getCrawler()->filter('#walk-sentence')->text();
    }
}
