<?php

declare(strict_types=1);

namespace Tests\App\Frames;

use App\AtTheFrame\FrozenRecord;
use App\AtTheFrame\LogBook;
use App\AtTheFrame\Run;
use App\AtTheFrame\RunRepository;
use App\AtTheFrame\RunViews;
use App\AtTheFrame\Starting;
use App\Drawing\Axis;
use App\Drawing\Plot;
use App\Frames\StudioFrame;
use App\Frames\Taught\Lesson;
use App\Frames\Taught\LessonRepository;
use App\Frames\Taught\LessonViews;
use App\Frames\Taught\TaughtController;
use App\Frames\Taught\Teaching;
use App\Quilt\Quilt;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Tests\App\StudioTestCase;

#[CoversClass(Teaching::class)]
#[CoversClass(Lesson::class)]
#[CoversClass(LessonRepository::class)]
#[CoversClass(LessonViews::class)]
#[CoversClass(TaughtController::class)]
#[CoversClass(FrozenRecord::class)]
#[CoversClass(Axis::class)]
#[CoversClass(Plot::class)]
final class TaughtTest extends StudioTestCase
{
    public function testLoadsTeachAndNothingIsUsedBeforeItIsAgreedTo(): void
    {
        $frame = $this->frame();
        for ($load = 0; $load < 8; ++$load) {
            $this->loaded($frame, $load);
        }
        $page = $this->browser->request('GET', "/frames/{$frame->id()}/taught");

        self::assertSelectorTextContains('main', 'How thick a cotton backing with cotton and polyester batting winds');
        self::assertSelectorTextContains('main', 'Rests on 8 loads.');
        self::assertSelectorTextContains('main', 'Nine of ten stay within 0.4 % of the length');
        self::assertGreaterThan(15, $page->filter('.plot-point')->count());
        self::assertCount(
            16,
            $page->filter('details tr')->reduce(static fn($row): bool => 0 < $row->filter('td')->count()),
        );
        $next = $this->anew($frame, 'The next');
        self::assertStringNotContainsString('as this frame winds it', $this->working($next));

        $this->browser->request('GET', "/frames/{$frame->id()}/taught");
        $this->browser->submit($page->filter('section:contains("winds")')->selectButton('Use it')->form());
        $this->browser->submit($page->filter('section:contains("drifts")')->selectButton('Use it')->form());
        $page = $this->browser->followRedirect();
        self::assertSame(2, substr_count($page->filter('main')->text(), '· in use'));
        self::assertStringContainsString('as this frame winds it 0.44', $this->working($next));
        $this->enter($next, 'backing', ['load/margins' => 'worked-out']);
        self::assertStringContainsString(
            '0.4 % of the loaded length, full float (learnt on this frame)',
            $this->browser->request('GET', "/quilts/{$next->id()}/backing")->text(),
        );

        $this->begin($next);
        $run = $this->service(RunRepository::class)->findOpen($this->reloaded($next));
        self::assertSame(
            ['full' => 4],
            $run?->subject()->practice->taught->drift,
            'a load keeps what it was planned with',
        );

        $page = $this->browser->request('GET', "/frames/{$frame->id()}/taught");
        $this->browser->submit($page->filter('section:contains("winds")')->selectButton('Do not use it')->form());
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('· not used', $page->filter('section:contains("winds")')->text());
        $this->browser->submit(
            $page->filter('section:contains("drifts")')->selectButton('Forget the readings')->form(),
        );
        $page = $this->browser->followRedirect();
        self::assertCount(0, $page->filter('section:contains("drifts")'));
        $other = $this->anew($frame, 'Another');
        self::assertStringNotContainsString('as this frame winds it', $this->working($other));
    }

    public function testWhileAFrameHasTaughtTooLittleTheStudiosOwnDriftIsSaid(): void
    {
        $frame = $this->frame();
        $this->loaded($frame, 0);
        $this->browser->request('GET', '/settings/practice');
        $this->browser->submitForm('Plan with these figures', ['practice[fullFloatDriftPerThousand]' => '13']);
        $this->browser->request('GET', "/frames/{$frame->id()}/taught");

        self::assertSelectorTextContains(
            'main',
            'Until 8 loads were read to their end, 1.3 % of the length is allowed for.',
        );
    }

    public function testALoadToldTwiceTeachesOnce(): void
    {
        $frame = $this->frame();
        $run = $this->loaded($frame, 0);
        $this->service(Teaching::class)->learn($this->service(RunViews::class)->open($run));

        self::assertCount(1, $this->service(LessonRepository::class)->findOf($frame)[1]->points());
    }

    public function testClicksAndFirmnessAreLearntFrom(): void
    {
        $frame = $this->frame();
        $this->loaded($frame, 0, [
            ...array_merge(
                [],
                ...array_map(
                    static fn(int $pass): array => [
                        [EntryKind::Done, "pass-$pass-advance", ['turns' => 1.25]],
                        [EntryKind::Roll, "pass-$pass-advance", ['from' => 10, 'to' => 300, 'clicks' => 30]],
                    ],
                    [2, 3, 4],
                ),
            ),
            [EntryKind::Firmness, null, ['backing' => [3, 3, 3], 'top' => [2, 2, 2]]],
            [EntryKind::Strain, null, ['layer' => 'backing', 'apart' => 254, 'loaded' => 255]],
        ]);
        $page = $this->browser
            ->request('GET', "/frames/{$frame->id()}/taught")
            ->filter('main')
            ->text();

        self::assertStringContainsString('A turn has 24.0 clicks, and this frame says 36 teeth', $page);
        self::assertStringContainsString('Firm with give is 0.4 %.', $page);
    }

    public function testAFrameThatTaughtNothingSaysHowItWould(): void
    {
        $frame = $this->frame();
        $this->browser->request('GET', "/frames/{$frame->id()}/taught");

        self::assertSelectorTextContains('main', 'Nothing yet. Tape the roll at two passes');
        $other = $this->frame($this->studio('other@studio.example'));
        $this->browser->request('GET', "/frames/{$other->id()}/taught");
        self::assertResponseStatusCodeSame(404);
    }

    public function testTicksStandAtRoundNumbers(): void
    {
        self::assertSame(
            ['0', '5', '10', '15', '20'],
            array_map(strval(...), array_keys(Axis::over('', [0.0, 18.0])->ticks)),
        );
        self::assertSame(
            ['−0.2', '−0.1', '0.0', '0.1', '0.2'],
            array_map(strval(...), array_keys(Axis::over('', [-0.19, 0.16])->ticks)),
        );
        self::assertSame([0.0, 0.5, 1.0], array_map(Axis::over('', [2.0, 4.0])->share(...), [2.0, 3.0, 4.0]));
        self::assertGreaterThan(1, \count(Axis::over('', [7.0])->ticks));
    }

    /** @param list<array{EntryKind, string|null, array<string, mixed>}>|null $entries those of a load whose roll and register were read */
    private function loaded(StudioFrame $frame, int $number, ?array $entries = null): Run
    {
        $quilt = $this->anew($frame, "Load $number");
        $run = $this->service(Starting::class)->start($quilt);
        self::assertNotNull($run);
        $winding = $this->service(RunViews::class)->open($run)->setup->winding;
        $roll = $winding->roll->measured($winding->roll->thickness->length()->scaledBy(120, 100));
        if (null === $entries) {
            $entries = [];
            foreach ($winding->winds as $wind) {
                $wound = $wind->pass->wound->toMillimetres();
                $off = (0.002 + 0.0002 * $number) * $wound;
                $entries[] = [EntryKind::Register, null, ['left' => $off, 'right' => $off, 'wound' => $wound]];
                if ($wound > 0) {
                    $entries[] = [
                        EntryKind::Roll,
                        null,
                        ['wound' => $wound, 'round' => 2 * \M_PI * $roll->radius($wound)],
                    ];
                }
            }
        }
        $this->service(LogBook::class)->write(
            $run,
            array_map(
                static fn(array $entry, int $i): JournalEntry => new JournalEntry(
                    "load-$number-$i-entry",
                    $entry[0],
                    $entry[1],
                    new \DateTimeImmutable("+$i seconds"),
                    $entry[2],
                ),
                $entries,
                array_keys($entries),
            ),
        );
        $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
        $this->browser->submitForm('It is off the frame');
        self::assertResponseStatusCodeSame(303);

        return $run;
    }

    private function working(Quilt $quilt): string
    {
        return $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/passes")
            ->filter('main')
            ->text();
    }

    /** A quilt on a frame as another request would find both. */
    private function anew(StudioFrame $frame, string $title): Quilt
    {
        $found = $this->service(EntityManagerInterface::class)->find(StudioFrame::class, $frame->id());
        self::assertNotNull($found);

        return $this->quilt(self::rows(), $this->ownerAnew(), $title, $found);
    }
}
