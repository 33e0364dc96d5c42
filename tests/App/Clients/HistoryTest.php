<?php

declare(strict_types=1);

namespace Tests\App\Clients;

use App\AtTheFrame\LogBook;
use App\AtTheFrame\OffSheet;
use App\AtTheFrame\RunRepository;
use App\Clients\HistoryController;
use App\Clients\HistoryFilter;
use App\Clients\HistoryRepository;
use App\Clients\PastLoad;
use PHPUnit\Framework\Attributes\CoversClass;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Tests\App\Bench\QueueTestCase;

#[CoversClass(HistoryController::class)]
#[CoversClass(HistoryFilter::class)]
#[CoversClass(HistoryRepository::class)]
#[CoversClass(OffSheet::class)]
#[CoversClass(PastLoad::class)]
final class HistoryTest extends QueueTestCase
{
    public function testALoadTellsItsTimesItsProblemsAndHowFarItDrewIn(): void
    {
        $quilt = $this->waiting('Drawn in', '2027-03-20', $this->frame());
        $this->begin($quilt);
        $run = $this->service(RunRepository::class)->findOpen($this->reloaded($quilt));
        self::assertNotNull($run);
        $this->service(LogBook::class)->write($run, [
            $this->entry('the-first-step-of-all', EntryKind::Done, 'room', '+30 minutes'),
            $this->entry('a-pleat-somewhere-here', EntryKind::Problem, null, '+40 minutes'),
        ]);
        self::mockTime('2027-03-01 15:00');
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
        $this->browser->submit(
            $page
                ->selectButton('It is off the frame')
                ->form(['off[finishedWidth]' => '66 in', 'off[finishedLength]' => '86 in']),
        );
        $this->plan();

        $text = $this->browser->request('GET', '/history')->filter('main li')->text();
        self::assertStringContainsString('30 min taken', $text);
        self::assertStringContainsString('1 problem; drew in 2.9 % across, 1.4 % along.', $text);
        foreach (
            [
                'q=drawn' => 1,
                'q=odile' => 1,
                'q=nothing' => 0,
                'how=problems' => 1,
                'how=rippled' => 0,
                'how=longer' => 1,
                'how=nonsense' => 1,
                'frame=' . $quilt->frame()?->id() => 1,
                'frame=01M8H47STJ5Z418SQMZ634J9Z7' => 0,
                'client=Odile+Marrant' => 1,
                'client=Nobody' => 0,
            ]
            as $query => $count
        ) {
            self::assertCount($count, $this->browser->request('GET', "/history?$query")->filter('main li'), $query);
        }
        self::assertSelectorTextContains('main', 'No finished quilt is so.');
    }

    public function testWithoutASizeNothingIsToldOfContraction(): void
    {
        $off = OffSheet::fromArray(['flatness' => 'flat']);
        self::assertNull($off->contraction());
        self::assertNull(OffSheet::fromArray($off->toArray())->finishedWidth);
    }

    private function entry(string $key, EntryKind $kind, ?string $step, string $after): JournalEntry
    {
        $data =
            EntryKind::Problem === $kind
                ? ['layer' => 'top', 'seen' => 'top-pleat', 'severity' => 'noted', 'action' => '']
                : [];

        return new JournalEntry(
            $key,
            $kind,
            $step,
            (new \DateTimeImmutable(self::MONDAY))->modify($after),
            $data,
            'Owner',
        );
    }
}
