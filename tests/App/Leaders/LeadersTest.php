<?php

declare(strict_types=1);

namespace Tests\App\Leaders;

use App\Leaders\LeadersController;
use App\Leaders\LeaderStrip;
use App\Leaders\ReadingLines;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\StudioTestCase;

#[CoversClass(LeadersController::class)]
#[CoversClass(LeaderStrip::class)]
#[CoversClass(ReadingLines::class)]
final class LeadersTest extends StudioTestCase
{
    private const CROOKED = "-50: 1 3/4\n-25: 1 7/8\n0: 2 1/8\n25: 2\n50: 1 13/16";

    public function testACheckIsWrittenDownDrawnAndJudged(): void
    {
        $this->check(self::CROOKED);
        self::assertResponseStatusCodeSame(303);
        $page = $this->browser->followRedirect();

        self::assertStringContainsString('The leader is crooked', $page->filter('section')->first()->text());
        self::assertSame('⅜ in', $page->filter('summary:contains("From longest to shortest") span')->last()->text());
        self::assertStringContainsString('at 0 in: 1 13/16 in', $page->filter('section')->first()->text());
        self::assertCount(5, $page->filter('section')->first()->filter('circle.pin'));
        $this->browser->click($page->selectLink('Re-hem sheet')->link());
        self::assertSelectorTextContains('main table', '50 in right');
        self::assertSelectorTextContains('main table', '1/16 in');
    }

    #[DataProvider('bad')]
    public function testABadCheckIsToldAndKept(string $text, string $message): void
    {
        $this->check($text);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('#readings-take-up-note', $message);
        self::assertSame(
            trim($text),
            trim((string) $this->browser->getCrawler()->filter('#readings-take-up')->text(null, false)),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'two readings' => ["0: 2\n10: 2", 'There are 2 readings; a check has from 3 to 60.'];
        yield 'none' => ['', 'There are 0 readings'];
        yield 'out of order' => ["-25: 2\n25: 2\n0: 2", '"0: 2" comes after "25: 2".'];
        yield 'two at one place' => ["-25: 2\n0: 2\n0 cm: 2", 'one at each place'];
        yield 'unreadable' => ["-25: 2\n0 two\n25: 2", '"0 two" cannot be read.'];
        yield 'below zero' => ["-25: 2\n0: -1\n25: 2", 'a distance is from zero to 40 in'];
        yield 'beyond the leader' => ["-80: 2\n0: 2\n25: 2", 'is beyond the end of the leader'];
    }

    public function testANewLeaderIsWorkedOutAndABadEntryTold(): void
    {
        $frame = $this->frame();
        $page = $this->browser->request(
            'GET',
            "/frames/{$frame->id()}/leaders/take-up/new?reaches=30&casing=1&unwashed=1",
        );
        self::assertStringContainsString('Cut canvas 128 ¾ in × 42 ¾ in.', $page->filter('main')->text());
        $page = $this->browser->request('GET', "/frames/{$frame->id()}/leaders/take-up/new?reaches=far");
        self::assertStringContainsString('"far" is not a length.', $page->filter('main')->text());
        self::assertInputValueSame('reaches', 'far');
        self::assertStringContainsString(
            'has not been checked yet',
            $this->browser
                ->request('GET', "/frames/{$frame->id()}/leaders/take-up/re-hem")
                ->filter('main')
                ->text(),
        );
    }

    public function testALeaderOfAFrameThatRunsOutIsNotCutBeforeTheFrameIsMeasured(): void
    {
        $frame = $this->frame();
        foreach (
            ['take-up' => "-50: 2\n0: 2 3/16\n50: 2 3/8", 'backing' => "-50: 2 3/8\n0: 2 3/16\n50: 2"]
            as $roller => $readings
        ) {
            $page = $this->browser->request('GET', "/frames/{$frame->id()}/leaders");
            $form = $page->filter("form[action$='$roller/check']")->form(['readings' => $readings]);
            $this->browser->submit($form);
        }
        $page = $this->browser->request('GET', "/frames/{$frame->id()}/leaders");
        self::assertSelectorTextContains('#common-title', 'It is the frame, not the leaders');
        $sheet = $this->browser->request('GET', "/frames/{$frame->id()}/leaders/take-up/re-hem");
        self::assertStringContainsString('measure the frame before you cut', $sheet->filter('main')->text());
        self::assertCount(0, $sheet->filter('main table'));
        $this->browser->click($sheet->selectLink('The frame was measured and is true: show the sheet')->link());
        self::assertSelectorTextContains('main table', '50 in right');
        $this->browser->request('GET', "/frames/{$frame->id()}/taught");
        self::assertSelectorTextContains('main', 'All leaders run out alike, ⅜ in over the width');
        self::assertSelectorTextContains('main', 'Both diagonals of the frame');
    }

    public function testHowALeaderIsSewnWhileItHangs(): void
    {
        $frame = $this->frame();
        foreach (
            ['line' => 'Lock the channel', 'casing' => 'the dowel slides in', 'pocket' => 'pacemakers']
            as $work => $says
        ) {
            $this->browser->request('GET', "/frames/{$frame->id()}/leaders/backing/sew/$work");
            self::assertSelectorTextContains('main', $says);
        }
        $this->browser->request('GET', "/frames/{$frame->id()}/leaders/backing/sew/hat");
        self::assertResponseStatusCodeSame(404);
    }

    public function testALeaderGetsItsCasingAndDowelClampsNoLongerAskForIt(): void
    {
        $frame = $this->frame();
        $quilt = $this->quilt([...self::entries(), 'load/lead/method' => 'dowel-clamps'], frame: $frame);
        self::assertStringContainsString(
            'This leader has no casing',
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/attach")
                ->filter('#sheet')
                ->text(),
        );
        $page = $this->browser->request('GET', "/frames/{$frame->id()}/leaders");
        $this->browser->submit($page->filter('form[action$="take-up/casing"] button')->form());
        self::assertStringContainsString(
            'It has a casing for a dowel.',
            $this->browser->followRedirect()->filter('section')->first()->text(),
        );

        self::assertStringNotContainsString(
            'This leader has no casing',
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/attach")
                ->filter('#sheet')
                ->text(),
        );
    }

    public function testPolesHaveNoLeadersAndAnotherStudiosFrameIsNotThere(): void
    {
        $poles = $this->frame(name: 'Window frame');
        $theirs = $this->frame($this->studio('other@studio.example'));
        self::assertStringContainsString(
            'no leaders',
            $this->browser
                ->request('GET', "/frames/{$poles->id()}/leaders")
                ->filter('main')
                ->text(),
        );
        foreach (
            [
                "/frames/{$poles->id()}/leaders/top/new",
                "/frames/{$theirs->id()}/leaders",
                "/frames/{$theirs->id()}/leaders/top/re-hem",
            ]
            as $page
        ) {
            $this->browser->request('GET', $page);
            self::assertResponseStatusCodeSame(404, $page);
        }
    }

    public function testACheckNeedsItsToken(): void
    {
        $this->browser->request('POST', "/frames/{$this->frame()->id()}/leaders/take-up/check", [
            'readings' => self::CROOKED,
        ]);

        self::assertResponseStatusCodeSame(403);
    }

    private function check(string $text): Crawler
    {
        $page = $this->browser->request('GET', "/frames/{$this->frame()->id()}/leaders");

        return $this->browser->submit($page->filter('form[action$="take-up/check"]')->form(['readings' => $text]));
    }
}
