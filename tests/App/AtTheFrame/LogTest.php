<?php

declare(strict_types=1);

namespace Tests\App\AtTheFrame;

use App\AtTheFrame\Differences;
use App\AtTheFrame\LogController;
use App\AtTheFrame\LogCsv;
use App\AtTheFrame\LogLines;
use App\AtTheFrame\OffSheet;
use App\AtTheFrame\PhotoMaker;
use App\Clients\HistoryController;
use App\Quilt\Loading\LoadSheetController;
use App\Quilt\Quilt;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\App\StudioTestCase;

#[CoversClass(LogController::class)]
#[CoversClass(LogLines::class)]
#[CoversClass(LogCsv::class)]
#[CoversClass(OffSheet::class)]
#[CoversClass(Differences::class)]
#[CoversClass(PhotoMaker::class)]
#[CoversClass(HistoryController::class)]
#[CoversClass(LoadSheetController::class)]
final class LogTest extends StudioTestCase
{
    public function testTheLogTellsWhatHappenedInWords(): void
    {
        $quilt = $this->begun([
            ['kind' => 'register', 'step' => null, 'data' => ['wound' => 304.8, 'left' => 0, 'right' => 3.175]],
            ['kind' => 'firmness', 'step' => null, 'data' => ['backing' => [3, 3, 5], 'top' => [3, 3, 3]]],
            [
                'kind' => 'problem',
                'step' => 'room',
                'data' => [
                    'x' => 100,
                    'y' => 200,
                    'layer' => 'top',
                    'seen' => 'top-pleat',
                    'severity' => 'picked',
                    'action' => 'walked it in',
                ],
            ],
            ['kind' => 'done', 'step' => 'room', 'data' => ['turns' => 1.25]],
        ]);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/stitch");
        $log = $page->filter('section[aria-labelledby=log-title]')->text();

        self::assertStringContainsString('left 0 in, right ⅛ in, at 12 in wound on', $log);
        self::assertStringContainsString('backing firm with give, firm with give, rings; top', $log);
        self::assertStringContainsString(
            'a pleat in the top, in the top; had to pick stitches out: walked it in',
            $log,
        );
        self::assertStringContainsString('Sweep the floor under the frame', $log);
        self::assertStringContainsString('(1.25 turns counted)', $log);
        self::assertStringContainsString('It rings: let off until it gives', $page->text());
        self::assertCount(1, $page->filter('#workspace > div > div svg .problem-pin'));
    }

    public function testOfALongLogTheLatestAreShownAndTheOthersAreALinkAway(): void
    {
        $quilt = $this->begun(
            array_map(
                static fn(int $i): array => ['kind' => 'note', 'step' => null, 'data' => ['text' => "note number $i"]],
                range(1, 203),
            ),
        );
        $log = 'section[aria-labelledby=log-title]';
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/stitch");

        self::assertCount(200, $page->filter("$log li"));
        self::assertStringContainsString('note number 203', $page->filter($log)->text());
        self::assertStringNotContainsString('note number 3 ', $page->filter($log)->text());
        $whole = $this->browser->click($page->selectLink('3 earlier entries')->link());
        self::assertCount(203, $whole->filter("$log li"));
        self::assertStringNotContainsString('earlier', $whole->filter($log)->text());
    }

    public function testAProblemIsWrittenDownAfterwardsToo(): void
    {
        $quilt = $this->begun([]);
        $form = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/stitch")
            ->selectButton('Write it down')
            ->form(['seen' => 'side-dip', 'layer' => 'backing', 'severity' => 'noted', 'action' => 'looked at it']);
        $this->browser->submit($form);
        $this->browser->submit($form);
        $page = $this->browser->followRedirect();

        self::assertStringContainsString('One side hangs: perhaps', $page->filter('h1')->text());
        $log = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/stitch")
            ->filter('section[aria-labelledby=log-title] ul')
            ->text();
        self::assertSame(1, substr_count($log, 'looked at it'), 'sent twice, it is written down once');
    }

    public function testAProblemWithoutWhatIsSeenIsAskedForAgain(): void
    {
        $quilt = $this->begun([]);
        $token = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/stitch")
            ->filter('form[data-problem] [name=_token]')
            ->attr('value');
        $page = $this->browser->request('POST', "/quilts/{$quilt->id()}/stitch/problem", [
            '_token' => $token,
            'once' => 'problem-0000001',
            'seen' => 'ghosts',
            'layer' => 'top',
            'severity' => 'noted',
        ]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString(
            'Choose what is seen and in which layer',
            $page->filter('[role=alert]')->text(),
        );
    }

    public function testWhatWasWrongStaysToBeSeenAndCountsNoMore(): void
    {
        $quilt = $this->begun([
            ['kind' => 'register', 'step' => null, 'data' => ['wound' => 304.8, 'left' => 0, 'right' => 60]],
        ]);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/stitch");
        $this->browser->submit($page->selectButton('Was wrong')->form());
        $after = $this->browser->followRedirect();

        self::assertSame('left 0 in, right 2 ⅜ in, at 12 in wound on', $after->filter('s')->text());
        self::assertStringContainsString('corrected', $after->filter('section[aria-labelledby=log-title]')->text());
        self::assertCount(
            0,
            $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/drift")->filter('.drift-dot'),
        );
        $this->browser->back();
        $this->browser->submit($page->selectButton('Was wrong')->form());
        self::assertCount(1, $this->browser->followRedirect()->filter('s'), 'a second click corrects nothing more');
    }

    public function testANoteIsAddedOnce(): void
    {
        $quilt = $this->begun([]);
        $form = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/stitch")
            ->selectButton('Add')
            ->form(['text' => 'Lint under the "left" wheel']);
        $this->browser->submit($form);
        $this->browser->submit($form);

        self::assertSame(
            1,
            substr_count(
                $this->browser->followRedirect()->filter('section[aria-labelledby=log-title]')->text(),
                'Lint under the "left" wheel',
            ),
        );
    }

    public function testTheLogAsATableOfCommas(): void
    {
        $quilt = $this->begun([
            ['kind' => 'note', 'step' => null, 'data' => ['text' => "=1+1, \"quoted\"\nand on"]],
            ['kind' => 'done', 'step' => 'room', 'data' => []],
        ]);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/log.csv");
        $csv = (string) $this->browser->getResponse()->getContent();

        self::assertStringStartsWith("time,person,kind,step,text,minutes,corrected,data\r\n", $csv);
        self::assertResponseHeaderSame('Content-Type', 'text/csv; charset=UTF-8; header=present');
        $file = fopen('php://temp', 'w+');
        self::assertIsResource($file);
        fwrite($file, $csv);
        rewind($file);
        $rows = [];
        while (false !== ($row = fgetcsv($file, escape: ''))) {
            $rows[] = $row;
        }
        self::assertCount(3, $rows);
        self::assertSame("'=1+1, \"quoted\"\nand on", $rows[1][4], 'no table calculator takes it for a formula');
        self::assertSame(['done', 'room'], [$rows[2][2], $rows[2][3]]);
    }

    public function testOffTheFrameItGoesToItsClientsHistory(): void
    {
        $quilt = $this->begun([['kind' => 'done', 'step' => 'room', 'data' => []]]);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
        self::assertSame(
            '1',
            $page->filter('#off_bobbins')->attr('value'),
            'proposed from the thread that was reckoned',
        );
        $this->browser->submitForm('It is off the frame', [
            'off[bobbins]' => '900',
            'off[nextTime]' => 'Closer pins at the tail',
        ]);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('form[name=off]', 'Between 0 and 200 bobbins.');
        self::assertSelectorTextContains('#off_nextTime', 'Closer pins at the tail');
        $this->browser->submitForm('It is off the frame', [
            'off[bobbins]' => '3',
            'off[curl]' => 'to-back',
            'off[thread]' => 'grey cotton',
            'off[nextTime]' => 'Closer pins at the tail',
        ]);
        self::assertResponseRedirects("/quilts/{$quilt->id()}/off", 303);

        $reloaded = $this->reloaded($quilt);
        self::assertTrue($reloaded->isFinished());
        self::assertFalse($reloaded->isLoaded());
        $history = $this->browser->request('GET', '/history?client=Odile+Marrant');
        self::assertStringContainsString(
            'Flat, curls to the back; grey cotton, 3 bobbins. Next time: Closer pins at the tail',
            $history->filter('main')->text(),
        );
        self::assertStringContainsString(
            'No finished quilt is so.',
            $this->browser->request('GET', '/history?client=Nobody')->filter('main')->text(),
        );
        self::assertStringNotContainsString(
            'Harbour lamps',
            $this->browser->request('GET', '/')->filter('#shelf')->text(),
        );

        $this->browser->submit(
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/off")
                ->selectButton('Put it on the shelf again')
                ->form(),
        );
        self::assertStringContainsString(
            'Harbour lamps',
            $this->browser->request('GET', '/')->filter('#shelf')->text(),
        );
        $this->begin($quilt);
        self::assertSame(
            'room',
            $this->browser->followRedirect()->filter('section[data-step]:not([hidden])')->attr('data-step'),
            'loaded again, it begins anew',
        );
    }

    public function testAPhotoIsMadeAnewWithoutItsData(): void
    {
        $quilt = $this->begun([
            [
                'kind' => 'problem',
                'step' => null,
                'data' => [
                    'layer' => 'top',
                    'seen' => 'top-pleat',
                    'severity' => 'noted',
                    'action' => '',
                    'photo' => 'data:image/jpeg;base64,' . base64_encode($this->jpegWithComment()),
                ],
            ],
        ]);
        $link = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/stitch")
            ->filter('section[aria-labelledby=log-title] img')
            ->attr('src');
        $this->browser->request('GET', (string) $link);
        $jpeg = (string) $this->browser->getResponse()->getContent();

        self::assertResponseHeaderSame('Content-Type', 'image/jpeg');
        self::assertStringNotContainsString('where I live', $jpeg);
        self::assertSame(
            [1600, 800],
            \array_slice((array) getimagesizefromstring($jpeg), 0, 2),
            'no side is longer than it need be',
        );
        $this->browser->loginUser($this->studio('stranger@studio.example'));
        $this->browser->request('GET', (string) $link);
        self::assertResponseStatusCodeSame(404);
    }

    public function testWhatIsNoPictureIsLeftOutAndTheProblemIsNot(): void
    {
        $quilt = $this->begun([
            [
                'kind' => 'problem',
                'step' => null,
                'data' => [
                    'layer' => 'top',
                    'seen' => 'top-pleat',
                    'severity' => 'noted',
                    'action' => '',
                    'photo' => 'data:image/jpeg;base64,' . base64_encode('<script>'),
                ],
            ],
        ]);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/stitch");

        self::assertStringContainsString('a pleat in the top', $page->text());
        self::assertCount(0, $page->filter('section[aria-labelledby=log-title] img'));
    }

    public function testTheLoadSheetHasEveryDrawingAndEveryStep(): void
    {
        $quilt = $this->quilt(self::rows());
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/load-sheet");

        self::assertCount(4, $page->filter('main svg[role=img]'), 'bed, side, both rails');
        self::assertStringContainsString('Wind 1 bobbin', $page->filter('.steps')->text());
        self::assertCount(11, $page->filter('table tr'), 'a head and ten passes');
        $checks = $page->filter('.steps [data-told] > span.text-soft:not(.no-print)');
        self::assertGreaterThan(2, $checks->count(), 'what to look at is printed where there is room');
        self::assertLessThan($page->filter('.steps li:not(.no-print)')->count(), $checks->count());
    }

    public function testTheLoadSheetIsAPdfOfTwoSidesAndTheLabelOfOne(): void
    {
        $quilt = $this->quilt(self::rows());
        foreach (['load-sheet.pdf' => 2, 'label.pdf' => 1] as $file => $pages) {
            $this->browser->request('GET', "/quilts/{$quilt->id()}/$file");
            $pdf = (string) $this->browser->getResponse()->getContent();
            self::assertResponseHeaderSame('Content-Type', 'application/pdf');
            self::assertStringStartsWith('%PDF-', $pdf);
            self::assertSame($pages, preg_match_all('~/Type /Page\b(?!s)~', $pdf), $file);
        }
    }

    /** @param list<array<string, mixed>> $entries */
    private function begun(array $entries): Quilt
    {
        $quilt = $this->quilt(self::rows());
        $this->begin($quilt);
        $token = $this->browser->followRedirect()->filter('body')->attr('data-token');
        $entries = array_map(
            static fn(int $i, array $entry): array => [
                'key' => \sprintf('device-a-%04d', $i),
                'at' => 1_700_000_000_000 + $i,
                ...$entry,
            ],
            array_keys($entries),
            $entries,
        );
        $this->browser->request('POST', "/quilts/{$quilt->id()}/frame/entries", [
            '_token' => $token,
            'entries' => json_encode($entries, \JSON_THROW_ON_ERROR),
        ]);
        self::assertResponseIsSuccessful();

        return $quilt;
    }

    private function jpegWithComment(): string
    {
        $image = imagecreatetruecolor(2000, 1000);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $comment = 'where I live';

        return substr($jpeg, 0, 2) . "\xFF\xFE" . pack('n', \strlen($comment) + 2) . $comment . substr($jpeg, 2);
    }
}
