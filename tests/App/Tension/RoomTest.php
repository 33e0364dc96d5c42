<?php

declare(strict_types=1);

namespace Tests\App\Tension;

use App\AtTheFrame\LogBook;
use App\AtTheFrame\Run;
use App\Frames\StudioFrame;
use App\Quilt\Subject;
use App\Tension\Confirmed;
use App\Tension\Foresight;
use App\Tension\LoggedProblem;
use App\Tension\ProblemFilter;
use App\Tension\RailPicture;
use App\Tension\Remedy;
use App\Tension\TensionController;
use App\Tension\TensionRoom;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use Schwung\Core\Loading\EntryKind;
use Schwung\Core\Loading\JournalEntry;
use Tests\App\StudioTestCase;

#[CoversClass(TensionController::class)]
#[CoversClass(TensionRoom::class)]
#[CoversClass(ProblemFilter::class)]
#[CoversClass(LoggedProblem::class)]
#[CoversClass(RailPicture::class)]
#[CoversClass(Remedy::class)]
#[CoversClass(Foresight::class)]
#[CoversClass(Confirmed::class)]
final class RoomTest extends StudioTestCase
{
    public function testBeforeAnythingWasOnAFrameTheRoomSaysSo(): void
    {
        self::assertStringContainsString('Nothing has been on a frame yet.', $this->browser->request('GET', '/tension')->filter('main')->text());
    }

    public function testWhatComesBackOnOneFrameIsSaidWithItsQuiltsAndATask(): void
    {
        [$north, $attic] = [$this->frame(), $this->frame(name: 'Attic frame')];
        for ($i = 1; $i <= 6; ++$i) {
            $this->load($north, "North $i", $i > 2 ? 'centre-dip' : null, 20.0, $i);
            $this->load($attic, "Attic $i", 1 === $i ? 'edge-fullness' : null, 600.0, $i);
        }
        $page = $this->browser->request('GET', '/tension');

        self::assertSame('The middle hangs, centre, on 4 of the last 6 loads, whatever was on it.', $page->filter('.border-attention p')->first()->text());
        self::assertStringContainsString('On North 3, North 4, North 5, North 6.', $page->filter('.border-attention')->text());
        self::assertSame("/frames/{$north->id()}/leaders", $page->selectLink('Check the leaders')->attr('href'));
        $next = $this->quilt(self::rows(), title: 'The next', frame: $north)->id();
        foreach (['attach', 'load'] as $stage) {
            self::assertStringContainsString('On North frame: The middle hangs, centre, on 4 of the last 6 loads', $this->browser->request('GET', "/quilts/$next/$stage")->filter('#sheet')->text(), 'while it can still be changed');
        }
        self::assertCount(5, $page->filter('svg .problem-pin'));
        self::assertCount(2, $page->filter('main section svg'));
    }

    public function testARiskIsToldWhereItCanBeKeptAway(): void
    {
        $quilt = $this->quilt([...self::rows(), 'desk/purpose' => 'prebasted'], frame: $this->frame());
        $told = fn (string $stage): string => $this->browser->request('GET', "/quilts/{$quilt->id()}/$stage")->filter('#sheet')->text();

        self::assertStringContainsString('May come: a pleat in the top, because it was basted before. Better: baste it loose.', $told('load'));
        self::assertStringNotContainsString('May come', $told('backing'));
    }

    public function testProblemsAreFilteredByWhatWhereAndWhen(): void
    {
        $north = $this->frame();
        $this->load($north, 'One', 'centre-dip', 20.0, 1);
        $this->load($north, 'Two', 'edge-fullness', 600.0, 2, 'top');
        $shown = fn (string $query): int => $this->browser->request('GET', "/tension?$query")->filter('section ol li')->count();

        self::assertSame([2, 1, 1, 1, 0, 2, 0], [$shown(''), $shown('symptom=centre-dip'), $shown('zone=right'), $shown('layer=top'), $shown('zone=left'), $shown('season=winter'), $shown('season=summer')]);
        self::assertStringContainsString('Nothing of this kind was seen on 2 loads.', $this->browser->request('GET', '/tension?symptom=ghosts')->filter('main')->text());
    }

    public function testWhatHelpedIsCounted(): void
    {
        $north = $this->frame();
        foreach ([true, true, false] as $i => $worked) {
            $run = $this->load($north, "Quilt $i", 'centre-dip', 0.0, $i + 1);
            $this->service(LogBook::class)->write($run, [new JournalEntry('remedy-0000001', EntryKind::Fixed, null, new \DateTimeImmutable('2026-01-10T12:00:00Z'), ['of' => 'problem-0000001', 'cause' => 'leader-worn-centre', 'action' => 'Attached it deeper.', 'worked' => $worked])]);
        }
        $row = $this->browser->request('GET', '/tension')->filter('section[aria-labelledby=helped] tr')->last()->text();

        self::assertStringContainsString('Attached it deeper.', $row);
        self::assertStringContainsString('2 of 3', $row);
    }

    public function testAnotherStudiosProblemsAreNotShown(): void
    {
        $this->load($this->frame(), 'One', 'centre-dip', 20.0, 1);
        $this->browser->loginUser($this->studio('stranger@studio.example'));

        self::assertStringContainsString('Nothing has been on a frame yet.', $this->browser->request('GET', '/tension')->filter('main')->text());
    }

    private function load(StudioFrame $frame, string $title, ?string $seen, float $x, int $day, string $layer = 'backing'): Run
    {
        $quilt = $this->quilt(self::rows(), title: $title, frame: $frame);
        $at = new \DateTimeImmutable(\sprintf('2026-01-%02dT09:00:00Z', $day));
        $run = new Run($quilt, $at, Subject::of($quilt));
        $this->service(EntityManagerInterface::class)->persist($run);
        $this->service(EntityManagerInterface::class)->flush();
        if (null !== $seen) {
            $this->service(LogBook::class)->write($run, [new JournalEntry('problem-0000001', EntryKind::Problem, null, $at, ['x' => $x, 'y' => 300.0, 'layer' => $layer, 'seen' => $seen, 'severity' => 'noted', 'action' => ''])]);
        }

        return $run;
    }
}
