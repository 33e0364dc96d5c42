<?php

declare(strict_types=1);

namespace Tests\App\AtTheFrame;

use App\Account\Person;
use App\AtTheFrame\EntryReader;
use App\AtTheFrame\FrameController;
use App\AtTheFrame\FramePictures;
use App\AtTheFrame\FrozenRecord;
use App\AtTheFrame\LogBook;
use App\AtTheFrame\LogEntryRepository;
use App\AtTheFrame\RunRepository;
use App\AtTheFrame\RunViews;
use App\AtTheFrame\Starting;
use App\Quilt\Quilt;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Schwung\Core\Loading\StatePart;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\StudioTestCase;

#[CoversClass(FrameController::class)]
#[CoversClass(Starting::class)]
#[CoversClass(RunViews::class)]
#[CoversClass(LogBook::class)]
#[CoversClass(EntryReader::class)]
#[CoversClass(FrozenRecord::class)]
#[CoversClass(FramePictures::class)]
final class FrameTest extends StudioTestCase
{
    public function testStageLoadTellsTheStepsAndStartsThem(): void
    {
        $quilt = $this->quilt(self::rows());
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/load");

        self::assertMatchesRegularExpression(
            '/^\d\d steps: loaded in about \d\sh\s\d\d, off in about \d\sh\s\d\d \(estimates\)\.$/u',
            $page->filter('#sheet .headline h2')->text(),
        );
        self::assertGreaterThan(25, $page->filter('.steps li')->count());
        self::assertGreaterThan(0, $page->filter('svg .basting-reference')->count());
        $this->begin($quilt);
        $frame = $this->browser->followRedirect();
        self::assertSame('room', $frame->filter('section[data-step]:not([hidden])')->attr('data-step'));
        self::assertTrue($this->reloaded($quilt)->isLoaded());
        self::assertStringContainsString(
            'fine',
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/load")
                ->filter('nav[aria-label=Stages]')
                ->text(),
        );
    }

    public function testAWayThatIsChosenChangesTheStepsAndCanBeginNewQuilts(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->enter($quilt, 'load', ['desk/basting_stitch' => 'same', 'desk/purpose' => 'basting']);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('one large meander', $page->filter('.steps')->text());
        $this->browser->submit($page->selectButton('Begin new quilts with these ways')->form());
        self::assertResponseRedirects();
        $this->browser->request('GET', '/quilts/new');
        $this->browser->submitForm('Measure it', ['new_quilt[title]' => 'Another', 'new_quilt[client]' => 'Somebody']);
        preg_match('~/quilts/([^/]+)/~', (string) $this->browser->getResponse()->headers->get('Location'), $found);
        $other = $this->browser->request('GET', '/quilts/' . ($found[1] ?? '') . '/load');

        self::assertSame('same', $other->filter('#f-desk-basting_stitch input[checked]')->attr('value'));
        self::assertSame(
            'quilting',
            $other->filter('#f-desk-purpose option[selected]')->attr('value'),
            'what one quilt is there for is not what the next is',
        );
    }

    public function testAQuiltThatIsHalfDoneGoesOnAtItsPassAndTellsNothingOfWhatCameBefore(): void
    {
        $quilt = $this->quilt(self::rows());
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/load");
        $asks = $this->browser->click($page->selectLink('It is half done already')->link());
        $this->browser->submitForm('Go on from there', ['pass' => '2', 'rows' => 'some']);
        self::assertResponseStatusCodeSame(422);
        self::assertInputValueSame('rows', 'some');
        self::assertSelectorTextContains('#rows-note', 'A number of rows is accepted');
        self::assertFalse($this->reloaded($quilt)->isLoaded(), 'nothing is begun by what cannot be read');
        $form = $asks->selectButton('Go on from there')->form(['pass' => '3', 'rows' => '½']);
        $this->browser->submit($form);
        $frame = $this->browser->followRedirect();
        $this->browser->submit($form);

        self::assertSame('pass-3-stitch', $frame->filter('section[data-step]:not([hidden])')->attr('data-step'));
        self::assertStringContainsString('½ rows left', $frame->filter('[data-shows=left]')->text());
        $log = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/stitch")
            ->filter('main')
            ->text();
        self::assertStringContainsString('(before it was written down here)', $log);
        $entries = $this->get($quilt, 0)['entries'];
        self::assertCount(
            \count($entries),
            array_unique(array_column($entries, 'key')),
            'a second click writes nothing',
        );
        $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/half-done");
        self::assertResponseRedirects("/quilts/{$quilt->id()}/load", 303);
    }

    #[TestWith([1])]
    #[TestWith([3])]
    public function testAHalfDoneFrameStandsAsTheLastStepLeftIt(int $pass): void
    {
        $quilt = $this->quilt(self::rows());
        $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/half-done");
        $this->browser->submitForm('Go on from there', ['pass' => (string) $pass]);
        $run = $this->service(RunRepository::class)->findOpen($this->reloaded($quilt)) ?? self::fail('no run');
        $journal = $this->service(RunViews::class)->open($run)->journal;

        self::assertSame([], $journal->unmet(), 'what the step at hand needs is so');
        self::assertSame('free', $journal->state()->at(StatePart::Flaps));
    }

    public function testTheBenchSaysHowFarWhatIsOnAFrameIsAndSinceWhenItIsParked(): void
    {
        $quilt = $this->begun();
        $bench = fn(): string => $this->browser->request('GET', '/')->filter('section[aria-labelledby=loaded]')->text();
        self::assertStringContainsString('pass 1 of', $bench());
        self::assertStringNotContainsString('parked', $bench());
        $parked = new \DateTimeImmutable('-13 days');
        $this->beganAlready('-14 days');
        $this->send($quilt, [
            [
                'key' => '0000000001',
                'kind' => 'rows',
                'step' => 'pass-1-stitch',
                'at' => $parked->getTimestamp() * 1000 - 1,
                'data' => ['rows' => 0.5],
            ],
            [
                'key' => '0000000002',
                'kind' => 'park',
                'step' => null,
                'at' => $parked->getTimestamp() * 1000,
                'data' => [],
            ],
        ]);

        self::assertMatchesRegularExpression('/ ½ rows left, parked 13 days/', $bench());
        self::assertStringContainsString($quilt->title(), $bench());
        $theirs = $this->studio('other@studio.example');
        $this->browser->loginUser($theirs);
        self::assertCount(0, $this->browser->request('GET', '/')->filter('section[aria-labelledby=loaded]'));
    }

    public function testWhatAnotherSchoolDoesIsOneTapAway(): void
    {
        $quilt = $this->begun();
        $frame = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame");
        $tap = $frame->filter('[data-step=attach-lead] [hx-get$="/other/attach-lead/front"]');
        self::assertCount(1, $tap);
        $other = $this->browser->request('GET', (string) $tap->attr('hx-get'));

        self::assertStringContainsString('thrown over the rear so that it drags', $other->text());
        foreach (['attach-lead/upside-down', 'nothing/front', 'machine/front'] as $none) {
            $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/other/$none");
            self::assertResponseStatusCodeSame(404, $none);
        }
    }

    public function testNothingIsAskedOfAQuiltThatCannotBeLoaded(): void
    {
        $quilt = $this->quilt(self::entries());
        $token = $this->browser
            ->request('GET', "/quilts/{$this->quilt(self::rows())->id()}/load")
            ->filter('#start [name=_token]')
            ->attr('value');
        $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/half-done");
        self::assertResponseRedirects("/quilts/{$quilt->id()}/load", 303);
        $this->browser->request('POST', "/quilts/{$quilt->id()}/frame/start", ['_token' => $token, 'rows' => 'some']);
        self::assertResponseRedirects("/quilts/{$quilt->id()}/load", 303);
    }

    public function testASlackSideLeadsToTheLeadersCheck(): void
    {
        $quilt = $this->begun();
        $link = static fn(Crawler $page): int => $page->filter('a[href$="/leaders"]')->count();
        $frame = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame");
        self::assertSame(2, $link($frame), 'where it is evened, and where it is looked at');
        $feel = static fn(string $key, array $backing): array => [
            'key' => $key,
            'kind' => 'firmness',
            'step' => 'inspect',
            'at' => 1,
            'data' => ['backing' => $backing, 'top' => [3, 3, 3]],
        ];
        $drift = "/quilts/{$quilt->id()}/frame/drift";
        $this->send($quilt, [$feel('0000000001', [3, 3, 3])]);
        self::assertSame(0, $link($this->browser->request('GET', $drift)));
        $this->send($quilt, [$feel('0000000002', [4, 3, 3])]);
        self::assertSame(1, $link($this->browser->request('GET', $drift)));
    }

    public function testABastedQuiltTakesItsCardAlongAndComesBackByIt(): void
    {
        $other = $this->quilt(self::rows());
        $quilt = $this->quilt([...self::rows(), 'desk/purpose' => 'basting']);
        $card = "/quilts/{$quilt->id()}/reload-card";
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/load");
        self::assertCount(1, $page->selectLink('Reload card'));
        self::assertStringContainsString('in one large meander', $this->browser->request('GET', $card)->text());
        self::assertSelectorNotExists('main form', 'it has not been basted yet');
        $this->begin($quilt);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
        self::assertSelectorTextContains('main', 'reload card');
        $this->browser->submitForm('It is off the frame');
        $this->browser->request('GET', $card);
        $this->browser->submitForm('It is back, load it again');
        self::assertResponseRedirects("/quilts/{$quilt->id()}/load", 303);

        self::assertSame('prebasted', $this->reloaded($quilt)->sheet()->text('desk/purpose'));
        self::assertStringContainsString('the basted quilt, top side up', $this->browser->followRedirect()->text());
        $this->browser->request('GET', $card);
        self::assertResponseIsSuccessful('the card stays, whatever it is here for by now');
        self::assertSelectorNotExists('main form');
        $this->browser->request('GET', "/quilts/{$other->id()}/reload-card");
        self::assertResponseStatusCodeSame(404);
    }

    public function testWithoutQuiltingThereIsNothingToLoadYet(): void
    {
        $quilt = $this->quilt(self::entries());
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/load");

        self::assertStringContainsString('once batting and quilting are chosen', $page->filter('#sheet h2')->text());
        self::assertCount(0, $page->filter('#start'));
        $this->browser->request('GET', "/quilts/{$quilt->id()}/frame");
        self::assertResponseRedirects("/quilts/{$quilt->id()}/load", 303);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/load-sheet");
        self::assertResponseStatusCodeSame(404);
    }

    public function testStartedTwiceItIsOneRun(): void
    {
        $quilt = $this->quilt(self::rows());
        $start = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/load")
            ->filter('#start')
            ->form();
        $this->browser->submit($start);
        $this->browser->submit($start);

        self::assertCount(1, $this->service(RunRepository::class)->findBy(['quilt' => $this->reloaded($quilt)]));
    }

    public function testAStepIsDoneWithoutScripts(): void
    {
        $quilt = $this->begun();
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame");
        $this->browser->submit($page->filter('[data-next]')->form());

        self::assertSame(
            'machine',
            $this->browser->followRedirect()->filter('section[data-step]:not([hidden])')->attr('data-step'),
        );
    }

    public function testEntriesAreTakenOnceHoweverOftenTheyAreSent(): void
    {
        $quilt = $this->begun();
        $entry = [
            'key' => 'device-a-0001',
            'kind' => 'done',
            'step' => 'room',
            'at' => 1_700_000_000_000,
            'data' => [],
        ];
        $first = $this->send($quilt, [$entry, $entry]);
        $second = $this->send($quilt, [$entry]);

        self::assertSame(['device-a-0001'], array_column($first['entries'], 'key'));
        self::assertSame($first['entries'], $second['entries']);
        self::assertSame([], $this->get($quilt, $first['last'])['entries'], 'after the last there is nothing new');
        $all = $this->get($quilt, 0);
        self::assertCount(1, $all['entries']);
        self::assertSame([1, $all['last']], [$all['count'], $all['highest']], 'so a device notices what was forgotten');
    }

    public function testWhatADeviceKeptOfOneLoadIsNotWrittenIntoTheNext(): void
    {
        $quilt = $this->begun();
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame");
        $run = $page->filter('#frame')->attr('data-run');
        $token = $page->filter('body')->attr('data-token');
        $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
        $this->browser->submitForm('It is off the frame');
        $this->begin($quilt);
        $this->browser->request('POST', "/quilts/{$quilt->id()}/frame/entries", [
            '_token' => $token,
            'run' => $run,
            'entries' => json_encode(
                [['key' => 'device-a-late1', 'kind' => 'done', 'step' => 'room', 'at' => 1, 'data' => []]],
                \JSON_THROW_ON_ERROR,
            ),
        ]);

        self::assertResponseIsSuccessful();
        self::assertSame([], $this->get($quilt, 0)['entries']);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/entries?after=0&run=$run");
        self::assertSame(['device-a-late1'], array_column($this->answer()['entries'], 'key'));
    }

    public function testTheStateOfOneDeviceIsSeenOnAnother(): void
    {
        $quilt = $this->begun();
        $this->send($quilt, [
            [
                'key' => 'device-a-0001',
                'kind' => 'state',
                'step' => null,
                'at' => 1,
                'data' => ['part' => 'channel lock', 'is' => 'across'],
            ],
        ]);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame");

        self::assertSame('across', $page->filter('[data-part="channel lock"] b')->text());
        self::assertSame(['part' => 'channel lock', 'is' => 'across'], $this->get($quilt, 0)['entries'][0]['data']);
    }

    /** @param array<string, mixed> $entry */
    #[DataProvider('unreadable')]
    public function testWhatCannotBeReadIsLeftOutAndTheRestIsTaken(array $entry): void
    {
        $quilt = $this->begun();
        $answer = $this->send($quilt, [
            [
                'key' => 'device-a-bad1',
                'kind' => 'register',
                'step' => null,
                'at' => 1,
                'data' => ['left' => 0, 'right' => 1, 'wound' => 2],
                ...$entry,
            ],
            ['key' => 'device-a-good', 'kind' => 'park', 'step' => null, 'at' => 2, 'data' => []],
        ]);

        self::assertSame(['device-a-good'], array_column($answer['entries'], 'key'));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function unreadable(): iterable
    {
        yield 'no such kind' => [['kind' => 'shout']];
        yield 'a key too short' => [['key' => 'a']];
        yield 'a key that is markup' => [['key' => '<b>boldboldbold</b>']];
        yield 'a step that is no key' => [['step' => '../../etc']];
        yield 'no time' => [['at' => 'noon']];
        yield 'a reading without its number' => [['data' => ['left' => 0, 'right' => 'much', 'wound' => 2]]];
        yield 'a reading off the earth' => [['data' => ['left' => 0, 'right' => 1e9, 'wound' => 2]]];
        yield 'no such state' => [['kind' => 'state', 'data' => ['part' => 'channel lock', 'is' => 'askew']]];
        yield 'firmness of two places' => [['kind' => 'firmness', 'data' => ['backing' => [3, 3], 'top' => [3, 3, 3]]]];
        yield 'no such symptom' => [
            ['kind' => 'problem', 'data' => ['layer' => 'top', 'seen' => 'ghosts', 'severity' => 'noted']],
        ];
    }

    public function testABrokenMessageIsRefused(): void
    {
        $quilt = $this->begun();
        $token = $this->token($quilt);
        $this->browser->request('POST', "/quilts/{$quilt->id()}/frame/entries", [
            '_token' => $token,
            'entries' => 'no json',
        ]);
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('POST', "/quilts/{$quilt->id()}/frame/entries", [
            '_token' => 'wrong',
            'entries' => '[]',
        ]);
        self::assertResponseStatusCodeSame(403);
    }

    public function testAClockThatIsWrongIsSetRightAndNothingLiesInTheFuture(): void
    {
        $quilt = $this->begun();
        $this->beganAlready('-1 day');
        $now = (int) (microtime(true) * 1000);
        $hourBehind = $now - 3_600_000;
        $answer = $this->send(
            $quilt,
            [
                [
                    'key' => 'device-a-0001',
                    'kind' => 'done',
                    'step' => 'room',
                    'at' => $hourBehind - 5000,
                    'data' => [],
                ],
                [
                    'key' => 'device-a-0002',
                    'kind' => 'done',
                    'step' => 'machine',
                    'at' => $hourBehind + 900_000,
                    'data' => [],
                ],
            ],
            $hourBehind,
        );

        self::assertEqualsWithDelta($now - 5000, $answer['entries'][0]['at'], 4000);
        self::assertLessThanOrEqual((int) (microtime(true) * 1000), $answer['entries'][1]['at']);
    }

    /** A post that took six seconds, then a quick one with what was written while the first was under way. */
    public function testASlowPostDoesNotLayWhatItBringsBehindWhatWasWrittenAfterIt(): void
    {
        $quilt = $this->begun();
        $this->beganAlready('-1 day');
        $now = (int) (microtime(true) * 1000);
        $entry = static fn(string $key, string $step, int $ago): array => [
            'key' => $key,
            'kind' => 'done',
            'step' => $step,
            'at' => $now - $ago,
            'data' => [],
        ];
        [$room, $machine, $thread] = [
            $entry('device-a-0001', 'room', 6100),
            $entry('device-a-0002', 'machine', 5900),
            $entry('device-a-0003', 'thread', 5800),
        ];
        $slow = $this->times($quilt, [$room], $now - 6000)['device-a-0001'];
        self::assertGreaterThan($now - 5900, $slow);

        $all = $this->times($quilt, [$machine], $now, 'device-a-0001');
        self::assertSame($slow + 1, $all['device-a-0002']);
        // Sent once more, as after an answer that was lost, with one more behind them.
        $all = $this->times($quilt, [$room, $machine, $thread], $now);
        self::assertSame([$slow, $slow + 1, $slow + 2], array_values($all));
        // Another device's entries keep their times.
        self::assertEqualsWithDelta(
            $now - 60_000,
            $this->times($quilt, [$entry('device-b-0001', 'fetch', 60_000)], $now)['device-b-0001'],
            4000,
        );
    }

    public function testLaterChangesAreShownAndNotFollowedUntilAskedFor(): void
    {
        $quilt = $this->begun();
        $steps = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/frame")
            ->filter('section[data-step]')
            ->count();
        $this->enter($quilt, 'passes', ['quilting/row_height' => '12 in']);
        self::assertSame(
            $steps,
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/frame")
                ->filter('section[data-step]')
                ->count(),
        );
        $log = $this->browser->request('GET', "/quilts/{$quilt->id()}/stitch");
        self::assertSame(
            'quilting, row height 8 in 12 in',
            $log->filter('section[aria-labelledby=changed] tr')->eq(1)->text(),
        );
        $this->browser->submit($log->selectButton('Plan the rest with what is there now')->form());

        self::assertStringContainsString(
            'Planned anew',
            $this->browser->followRedirect()->filter('ul')->last()->text(),
        );
        self::assertNotSame(
            $steps,
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/frame")
                ->filter('section[data-step]')
                ->count(),
        );
        self::assertCount(
            0,
            $this->browser->request('GET', "/quilts/{$quilt->id()}/stitch")->filter('section[aria-labelledby=changed]'),
        );
    }

    public function testDriftIsForecastAsInTheWorkedExample(): void
    {
        $quilt = $this->begun();
        $in = 25.4;
        $readings = [[0, 0, 0], [12, 1 / 8, 1 / 8], [24, 1 / 8, 1 / 4], [36, 5 / 16, 3 / 8], [48, 3 / 8, 7 / 16]];
        $this->send(
            $quilt,
            array_map(
                static fn(int $i, array $r): array => [
                    'key' => "device-a-000$i",
                    'kind' => 'register',
                    'step' => null,
                    'at' => $i,
                    'data' => ['wound' => $r[0] * $in, 'left' => $r[1] * $in, 'right' => $r[2] * $in],
                ],
                array_keys($readings),
                $readings,
            ),
        );
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/drift");

        // At 87 1/4 in: 0.2125 + 0.0085938 × 63.25 = 0.7561 in, 3.2439 in left of 4.
        self::assertSame('ok', $page->filter('[data-state]')->attr('data-state'));
        self::assertSame('3/4 in', str_replace('¾', '3/4', $page->filter('[data-forecast]')->text()));
        self::assertStringContainsString('8.59 mm for each metre', $page->text());
        self::assertCount(5, $page->filter('svg .drift-dot'));
        self::assertSame(
            'at the tail ¾ in right',
            $page
                ->filter('svg text')
                ->reduce(static fn(Crawler $text): bool => str_starts_with($text->text(), 'at the tail'))
                ->text(),
        );
        self::assertGreaterThan(0, $page->filter('svg .drift-error')->count());
    }

    public function testAnotherStudioSeesNothingOfIt(): void
    {
        $quilt = $this->begun();
        $stranger = $this->studio('stranger@studio.example');
        $this->browser->loginUser($stranger);
        foreach (
            [
                'frame',
                'frame/entries',
                'frame/drift',
                'stitch',
                'off',
                'log.csv',
                'load-sheet',
                'load-sheet.pdf',
                'label.pdf',
                'load',
            ]
            as $page
        ) {
            $this->browser->request('GET', "/quilts/{$quilt->id()}/$page");
            self::assertResponseStatusCodeSame(404, $page);
        }
    }

    public function testALogIsReadWholeHoweverLong(): void
    {
        $quilt = $this->begun();
        $entries = array_map(
            static fn(int $i): array => [
                'key' => \sprintf('device-a-%04d', $i),
                'kind' => 'note',
                'step' => null,
                'at' => $i,
                'data' => ['text' => 'x'],
            ],
            range(1, 300),
        );
        $this->send($quilt, $entries);

        self::assertCount(300, $this->get($quilt, 0)['entries']);
        $this->service(EntityManagerInterface::class)->getConnection()->executeStatement(
            "INSERT INTO log_entry (run_id, entry_key, kind, step, at_ms, person, data, received)
                SELECT run_id, CONCAT(entry_key, '-', seq), kind, step, at_ms, person, data, received
                FROM log_entry, seq_1_to_20",
        );
        $run = $this->service(RunRepository::class)->findOpen($this->reloaded($quilt)) ?? self::fail('no run');

        self::assertCount(6300, $this->service(LogEntryRepository::class)->entriesOf($run));
    }

    private function beganAlready(string $when): void
    {
        $this->service(EntityManagerInterface::class)
            ->getConnection()
            ->executeStatement('UPDATE run SET started = ?', [(new \DateTimeImmutable($when))->format('Y-m-d H:i:s')]);
        $this->service(EntityManagerInterface::class)->clear();
    }

    private function begun(?Person $person = null): Quilt
    {
        $quilt = $this->quilt(self::rows(), $person);
        $this->begin($quilt);

        return $quilt;
    }

    private function token(Quilt $quilt): string
    {
        return (string) $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/frame")
            ->filter('body')
            ->attr('data-token');
    }

    /**
     * @param list<array<string, mixed>> $entries
     *
     * @return array{entries: list<array{key: string, at: int, data: mixed}>, last: int, count: int, highest: int}
     */
    private function send(Quilt $quilt, array $entries, ?int $now = null, string $follows = ''): array
    {
        $this->browser->request('POST', "/quilts/{$quilt->id()}/frame/entries", [
            '_token' => $this->token($quilt),
            'entries' => json_encode($entries, \JSON_THROW_ON_ERROR),
            'after' => '0',
            'follows' => $follows,
            ...null === $now ? [] : ['now' => (string) $now],
        ]);
        self::assertResponseIsSuccessful();

        return $this->answer();
    }

    /**
     * @param list<array<string, mixed>> $entries
     *
     * @return array<string, int> of the whole log, in milliseconds, by key
     */
    private function times(Quilt $quilt, array $entries, int $deviceNow, string $follows = ''): array
    {
        return array_column($this->send($quilt, $entries, $deviceNow, $follows)['entries'], 'at', 'key');
    }

    /** @return array{entries: list<array{key: string, at: int, data: mixed}>, last: int, count: int, highest: int} */
    private function get(Quilt $quilt, int $after): array
    {
        $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/entries?after=$after");

        return $this->answer();
    }

    /** @return array{entries: list<array{key: string, at: int, data: mixed}>, last: int, count: int, highest: int} */
    private function answer(): array
    {
        /** @var array{entries: list<array{key: string, at: int, data: mixed}>, last: int, count: int, highest: int} $answer */
        $answer = json_decode((string) $this->browser->getResponse()->getContent(), true, flags: \JSON_THROW_ON_ERROR);

        return $answer;
    }
}
