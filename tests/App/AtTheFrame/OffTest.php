<?php

declare(strict_types=1);

namespace Tests\App\AtTheFrame;

use App\AtTheFrame\FinishedTops;
use App\AtTheFrame\LogController;
use App\AtTheFrame\OffSheet;
use App\AtTheFrame\OffTold;
use App\AtTheFrame\OffView;
use App\AtTheFrame\RunRepository;
use App\AtTheFrame\Sightings;
use App\AtTheFrame\TakingOff;
use App\Quilt\Quilt;
use App\Tension\ProblemLog;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\StudioTestCase;

/** What is seen and measured once a quilt is off its frame. The top is 68 × 87 1/4 in. */
#[CoversClass(LogController::class)]
#[CoversClass(TakingOff::class)]
#[CoversClass(Sightings::class)]
#[CoversClass(OffView::class)]
#[CoversClass(OffTold::class)]
#[CoversClass(OffSheet::class)]
#[CoversClass(FinishedTops::class)]
final class OffTest extends StudioTestCase
{
    public function testWhatIsSeenOffTheFrameIsAskedWhyAtOnce(): void
    {
        $quilt = $this->begun();
        $page = $this->off($quilt, ['off[flatness]' => 'rippled', 'off[curl]' => 'to-back']);

        self::assertCount(2, $page->filter('[data-seen]'));
        self::assertStringContainsString('Edges curl to the back: most likely', $page->filter('main')->text());
        $why = $this->browser->click($page->filter('[data-seen] a')->first()->link());
        self::assertStringContainsString('Rippled once off the frame: ', $why->filter('h1')->text());
        self::assertStringContainsString('Next time:', $why->filter('main')->text());
        self::assertCount(0, $why->filter('#test'), 'no bed is there to be pressed');
        self::assertCount(2, $this->problems($quilt));

        $this->off($quilt, ['off[flatness]' => 'rippled', 'off[curl]' => 'to-back']);
        self::assertCount(2, $this->problems($quilt), 'said twice, it is seen once');
        $page = $this->off($quilt, ['off[flatness]' => 'flat', 'off[curl]' => 'to-front']);
        self::assertSame(['curl-to-front'], $this->problems($quilt));
        self::assertCount(1, $page->filter('[data-seen]'));
        $this->off($quilt, ['off[flatness]' => 'rippled', 'off[curl]' => 'none']);
        self::assertSame(['ripples-off-frame'], $this->problems($quilt), 'and it can be seen after all');
    }

    #[DataProvider('larger')]
    public function testAFinishedQuiltIsNoLargerThanItsTop(string $width, string $length, ?string $fault): void
    {
        $quilt = $this->begun();
        $page = $this->off($quilt, ['off[finishedWidth]' => $width, 'off[finishedLength]' => $length]);

        if (null === $fault) {
            self::assertStringContainsString('Quilting drew it in by', $page->filter('main')->text());

            return;
        }
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($fault, $page->filter('form[name=off]')->text());
        self::assertInputValueSame('off[finishedWidth]', $width);
        self::assertNull($this->service(RunRepository::class)->findLatest($this->reloaded($quilt))?->ended());
    }

    /** @return iterable<string, array{string, string, string|null}> */
    public static function larger(): iterable
    {
        yield 'drawn in' => ['66 1/2 in', '85 1/2 in', null];
        yield 'as large, and what a tape errs by' => ['68 1/2 in', '87 3/4 in', null];
        yield 'wider' => ['68 3/4 in', '85 in', 'That is more than the top, which measured 68 in there.'];
        yield 'longer' => ['66 in', '88 1/2 in', 'That is more than the top, which measured 87 ¼ in there.'];
    }

    public function testFiveMeasuredQuiltsTellHowTheNextIsDrawnIn(): void
    {
        foreach (['66', '66 1/8', '66', '65 7/8', '66'] as $i => $width) {
            $quilt = $this->begun("Finished $i");
            $page = $this->off($quilt, ['off[finishedWidth]' => "$width in", 'off[finishedLength]' => '85 1/2 in']);
            self::assertStringContainsString('of strips together', $page->filter('main')->text());
        }
        $next = $this->begun('The next');
        $page = $this->browser->request('GET', "/quilts/{$next->id()}/off");

        self::assertStringContainsString(
            'By 5 quilts of yours it is drawn in by about 2.9 ± 0.1 % across',
            $page->filter('main')->text(),
        );
        self::assertStringContainsString(
            'quilting draws such a quilt in by about 2.9 % across and 2.0 % along, so measure it before you cut',
            $this->browser
                ->request('GET', "/quilts/{$next->id()}/home")
                ->filter('main')
                ->text(),
        );
    }

    /** @param array<string, string> $fields */
    private function off(Quilt $quilt, array $fields): Crawler
    {
        $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
        $page = $this->browser->submit($this->browser->getCrawler()->filter('form[name=off]')->form($fields));

        return $this->browser->getResponse()->isRedirect() ? $this->browser->followRedirect() : $page;
    }

    private function begun(string $title = 'Harbour lamps'): Quilt
    {
        $quilt = $this->quilt(self::rows(), $this->ownerAnew(), $title);
        $this->begin($quilt);

        return $quilt;
    }

    /** @return list<string> */
    private function problems(Quilt $quilt): array
    {
        return array_map(
            static fn($problem): string => $problem->symptom->value,
            $this->service(ProblemLog::class)->problems($this->reloaded($quilt)->studio),
        );
    }
}
