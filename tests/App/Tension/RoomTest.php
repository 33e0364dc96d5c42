<?php

declare(strict_types=1);

namespace Tests\App\Tension;

use App\AtTheFrame\LogBook;
use App\AtTheFrame\Run;
use App\Frames\StudioFrame;
use App\Quilt\Subject;
use App\Tension\Confirmed;
use App\Tension\Foresight;
use App\Tension\FrameProblems;
use App\Tension\LoggedProblem;
use App\Tension\ProblemFilter;
use App\Tension\ProblemLog;
use App\Tension\RailPicture;
use App\Tension\Remedy;
use App\Tension\RoomChanges;
use App\Tension\RoomMemory;
use App\Tension\RoomView;
use App\Tension\StudioTask;
use App\Tension\StudioTaskRepository;
use App\Tension\TaskController;
use App\Tension\TensionController;
use App\Tension\TensionRoom;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Tests\App\StudioTestCase;

#[CoversClass(TensionController::class)]
#[CoversClass(TensionRoom::class)]
#[CoversClass(ProblemFilter::class)]
#[CoversClass(LoggedProblem::class)]
#[CoversClass(RailPicture::class)]
#[CoversClass(Remedy::class)]
#[CoversClass(Foresight::class)]
#[CoversClass(FrameProblems::class)]
#[CoversClass(ProblemLog::class)]
#[CoversClass(RoomMemory::class)]
#[CoversClass(RoomChanges::class)]
#[CoversClass(RoomView::class)]
#[CoversClass(TaskController::class)]
#[CoversClass(StudioTask::class)]
#[CoversClass(StudioTaskRepository::class)]
#[CoversClass(Confirmed::class)]
final class RoomTest extends StudioTestCase
{
    public function testBeforeAnythingWasOnAFrameTheRoomSaysSo(): void
    {
        self::assertStringContainsString(
            'Nothing has been on a frame yet.',
            $this->browser->request('GET', '/tension')->filter('main')->text(),
        );
    }

    public function testWhatComesBackOnOneFrameIsSaidWithItsQuiltsAndATask(): void
    {
        [$north, $attic] = [$this->frame(), $this->frame(name: 'Attic frame')];
        for ($i = 1; $i <= 6; ++$i) {
            $this->load($north, "North $i", $i > 2 ? 'centre-dip' : null, 20.0, $i);
            $this->load($attic, "Attic $i", 1 === $i ? 'edge-fullness' : null, 600.0, $i);
        }
        $next = $this->quilt(self::rows(), title: 'The next', frame: $north)->id();
        $page = $this->browser->request('GET', '/tension');

        self::assertSame(
            'The middle hangs, centre, on 4 of the last 6 loads, whatever was on it.',
            $page->filter('.border-attention p')->first()->text(),
        );
        self::assertStringContainsString(
            'On North 3, North 4, North 5, North 6.',
            $page->filter('.border-attention')->text(),
        );
        $this->browser->submit($page->selectButton('Check the leaders')->form());
        $this->browser->submit($page->selectButton('Check the leaders')->form());
        $todo = $this->browser->followRedirect()->filter('section[aria-labelledby=tasks-title]');
        self::assertCount(1, $todo->filter('li'), 'pressed twice, it is one task');
        self::assertStringContainsString(
            'Check the leaders, North frame The middle hangs, centre, on 4 of the last 6 loads',
            $todo->text(),
        );
        self::assertSame("/frames/{$north->id()}/leaders", $todo->selectLink('To its leaders')->attr('href'));
        $bench = $this->browser->request('GET', '/');
        $this->browser->submit($bench->filter('form[action^="/tension/task"]')->form());
        self::assertResponseRedirects('/');
        self::assertCount(0, $this->browser->followRedirect()->filter('#tasks li'));
        foreach (['attach', 'load'] as $stage) {
            self::assertStringContainsString(
                'On North frame: The middle hangs, centre, on 4 of the last 6 loads',
                $this->browser
                    ->request('GET', "/quilts/$next/$stage")
                    ->filter('#sheet')
                    ->text(),
                'while it can still be changed',
            );
        }
        self::assertCount(5, $page->filter('svg .problem-pin'));
        self::assertCount(2, $page->filter('main section svg'));
    }

    public function testARiskIsToldWhereItCanBeKeptAway(): void
    {
        $quilt = $this->quilt([...self::rows(), 'desk/purpose' => 'prebasted'], frame: $this->frame());
        $told = fn(string $stage): string => $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/$stage")
            ->filter('#sheet')
            ->text();

        self::assertStringContainsString(
            'May come: a pleat in the top, because it was basted before. Better: baste it loose.',
            $told('load'),
        );
        self::assertStringNotContainsString('May come', $told('backing'));
    }

    public function testProblemsAreFilteredByWhatWhereAndWhen(): void
    {
        $north = $this->frame();
        $this->load($north, 'One', 'centre-dip', 20.0, 1);
        $this->load($north, 'Two', 'edge-fullness', 600.0, 2, 'top');
        $shown = fn(string $query): int => $this->browser
            ->request('GET', "/tension?$query")
            ->filter('section ol li')
            ->count();

        self::assertSame(
            [2, 1, 1, 1, 0, 2, 0, 0],
            [
                $shown(''),
                $shown('symptom=centre-dip'),
                $shown('zone=right'),
                $shown('layer=top'),
                $shown('zone=left'),
                $shown('season=winter'),
                $shown('season=summer'),
                $shown('cause=border-full'),
            ],
        );
        self::assertSame([2, 0], [$shown('frame=' . $north->id()), $shown('frame=another')]);
        self::assertStringContainsString(
            'Nothing of this kind was seen on 2 loads.',
            $this->browser->request('GET', '/tension?symptom=ghosts')->filter('main')->text(),
        );
    }

    public function testWhatHelpedIsCounted(): void
    {
        $north = $this->frame();
        foreach ([true, true, false] as $i => $worked) {
            $run = $this->load($north, "Quilt $i", 'centre-dip', 0.0, $i + 1);
            $this->service(LogBook::class)->write($run, [
                new JournalEntry(
                    'remedy-0000001',
                    EntryKind::Fixed,
                    null,
                    new \DateTimeImmutable('2026-01-10T12:00:00Z'),
                    [
                        'of' => 'problem-0000001',
                        'cause' => 'leader-worn-centre',
                        'action' => 'Attached it deeper.',
                        'worked' => $worked,
                    ],
                ),
            ]);
        }
        $next = $this->load($north, 'Quilt 4', 'centre-dip', 0.0, 4)->quilt->id();
        $row = $this->browser->request('GET', '/tension')->filter('section table tr')->last()->text();

        self::assertStringContainsString('Attached it deeper.', $row);
        self::assertStringContainsString('2 of 3', $row);
        self::assertCount(
            2,
            $this->browser->request('GET', '/tension?cause=leader-worn-centre')->filter('section ol li'),
            'those against which it helped',
        );
        self::assertStringContainsString(
            'Attached it deeper. The leader is stretched where it is always loaded; helped 2 of 3.',
            $this->browser
                ->request('GET', "/quilts/$next/problem/problem-0000001")
                ->filter('main')
                ->text(),
        );
    }

    public function testOfVeryManyTheLastAreToldAndAllAreCountedOnTheDrawing(): void
    {
        $run = $this->load($this->frame(), 'Many', null, 0.0, 1);
        $this->service(LogBook::class)->write(
            $run,
            array_map(
                static fn(int $i): JournalEntry => new JournalEntry(
                    \sprintf('problem-%06d', $i),
                    EntryKind::Problem,
                    null,
                    new \DateTimeImmutable("2026-01-01T10:00:00Z +$i minutes"),
                    [
                        'x' => 10.0 * ($i % 7),
                        'y' => 300.0,
                        'layer' => 'top',
                        'seen' => 'top-pleat',
                        'severity' => 'noted',
                        'action' => "number $i.",
                    ],
                ),
                range(1, 90),
            ),
        );
        $page = $this->browser->request('GET', '/tension');

        self::assertCount(30, $page->filter('section ol li'));
        self::assertStringContainsString('number 90.', $page->filter('section ol li')->first()->text());
        self::assertStringContainsString('60 earlier ones are on the drawing.', $page->filter('main')->text());
        self::assertSame(
            ['90'],
            $page->filter('svg .problem-number')->each(static fn($number): string => $number->text()),
        );
        self::assertCount(
            90,
            $this->browser->click($page->selectLink('Show 100 more')->link())->filter('section ol li'),
        );
    }

    public function testWhatIsAddedShowsAtOnce(): void
    {
        $north = $this->frame();
        $this->load($north, 'One', 'centre-dip', 20.0, 1);
        $stitch = "/quilts/{$this->load($north, 'Two', null, 0.0, 2)->quilt->id()}/stitch";
        $count = fn(): int => $this->browser->request('GET', '/tension')->filter('section ol li')->count();

        self::assertSame(1, $count());
        $this->browser->submit(
            $this->browser
                ->request('GET', $stitch)
                ->selectButton('Write it down')
                ->form(['seen' => 'side-dip', 'layer' => 'backing', 'severity' => 'noted']),
        );
        self::assertSame(2, $count());
        $this->browser->submit($this->browser->request('GET', $stitch)->selectButton('Was wrong')->form());
        self::assertSame(1, $count(), 'what was corrected is gone');
    }

    public function testAnotherStudiosProblemsAreNotShown(): void
    {
        $this->load($this->frame(), 'One', 'centre-dip', 20.0, 1);
        $this->browser->loginUser($this->studio('stranger@studio.example'));

        self::assertStringContainsString(
            'Nothing has been on a frame yet.',
            $this->browser->request('GET', '/tension')->filter('main')->text(),
        );
    }

    private function load(
        StudioFrame $frame,
        string $title,
        ?string $seen,
        float $x,
        int $day,
        string $layer = 'backing',
    ): Run {
        $quilt = $this->quilt(self::rows(), title: $title, frame: $frame);
        $at = new \DateTimeImmutable(\sprintf('2026-01-%02dT09:00:00Z', $day));
        $run = new Run($quilt, $at, Subject::of($quilt));
        $this->service(EntityManagerInterface::class)->persist($run);
        $this->service(EntityManagerInterface::class)->flush();
        if (null !== $seen) {
            $this->service(LogBook::class)->write($run, [
                new JournalEntry('problem-0000001', EntryKind::Problem, null, $at, [
                    'x' => $x,
                    'y' => 300.0,
                    'layer' => $layer,
                    'seen' => $seen,
                    'severity' => 'noted',
                    'action' => '',
                ]),
            ]);
        }

        return $run;
    }

    #[TestWith(['/tension?symptom=ghosts', '/tension?symptom=elves'])]
    #[TestWith(['/tension?frame=x', '/tension?frame=y'])]
    #[TestWith(['/tension', '/tension?shown=29'])]
    #[TestWith(['/tension?shown=40', '/tension?shown=99'])]
    public function testWordsThatAreNoneAreOnePage(string $one, string $other): void
    {
        $this->frame();
        // From here on the studio is read as another request finds it.
        $this->browser->request('GET', '/');
        $page = $this->browser->request('GET', $one)->filter('main')->text();
        $kept = $this->countKept();

        self::assertSame($page, $this->browser->request('GET', $other)->filter('main')->text());
        self::assertSame($kept, $this->countKept(), 'No page of its own is remembered.');
        $this->browser->request('GET', '/tension?season=winter');
        self::assertGreaterThan($kept, $this->countKept(), 'A word that is one has its own.');
    }

    #[TestWith([-1, 30])]
    #[TestWith([30, 30])]
    #[TestWith([31, 130])]
    #[TestWith([130, 130])]
    #[TestWith([131, 230])]
    #[TestWith([\PHP_INT_MAX, 5030])]
    public function testSoManyAreShownAsALinkAsksFor(int $asked, int $shown): void
    {
        self::assertSame($shown, FrameProblems::shown($asked));
    }

    private function countKept(): int
    {
        $folder = static::getContainer()->getParameter('kernel.cache_dir');
        self::assertIsString($folder);

        return iterator_count(
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator($folder . '/pools/app', \FilesystemIterator::SKIP_DOTS),
            ),
        );
    }
}
