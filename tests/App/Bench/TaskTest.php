<?php

declare(strict_types=1);

namespace Tests\App\Bench;

use App\Bench\Chores\ChoreController;
use App\Bench\Chores\ChoreWords;
use App\Bench\Chores\StandingChores;
use App\Bench\Chores\StudioChore;
use App\Bench\Chores\StudioChoreRepository;
use App\Bench\Chores\Today;
use App\Bench\Chores\ToDo;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;

#[CoversClass(ChoreController::class)]
#[CoversClass(ChoreWords::class)]
#[CoversClass(StandingChores::class)]
#[CoversClass(StudioChore::class)]
#[CoversClass(StudioChoreRepository::class)]
#[CoversClass(ToDo::class)]
#[CoversClass(Today::class)]
final class TaskTest extends QueueTestCase
{
    public function testWhatTheQueueAsksForStandsOnTheBenchUntilItIsTickedOrDone(): void
    {
        $quilt = $this->waiting('One', '2027-03-20', $this->frame(), ['batting/opened' => '']);
        $this->plan();
        $unpack = 'Unpack the batting of One, so that it can rest.';
        self::assertContains("$unpack now", $this->todos());
        self::assertContains('Load One on North frame. tomorrow by 9:00', $this->todos());

        $page = $this->browser->request('GET', '/');
        $this->browser->submit($page->filter("#tasks li:contains('Unpack') form")->form());
        self::assertNotContains("$unpack now", $this->todos());
        $page = $this->browser->request('GET', '/');
        self::assertStringContainsString('1 done today', $page->filter('#tasks')->text());
        $this->browser->submit($page->selectButton('Not done after all')->form());
        self::assertContains("$unpack now", $this->todos());

        // The record itself ends it, too.
        $this->enter($quilt, 'backing', ['batting/opened' => '2027-02-27T08:00']);
        $this->plan();
        self::assertNotContains("$unpack now", $this->todos());
        self::assertContains('Load One on North frame. now', $this->todos());
    }

    public function testATaskIsWrittenDownOnceWithItsHourAndTicked(): void
    {
        $page = $this->browser->request('GET', '/');
        $form = $page->selectButton('Keep it')->form(['text' => 'Order thread', 'by' => '2027-03-01T16:00']);
        $this->browser->submit($form);
        $this->browser->submit($form);
        self::assertSame(['Order thread by 16:00'], $this->todos());
        self::mockTime('2027-03-01 17:00');
        self::assertSame(['Order thread Late: now'], $this->todos());
        $this->browser->submit($this->browser->request('GET', '/')->filter('#tasks li form')->form());
        self::assertSame([], $this->todos());
    }

    public function testWhatIsDoneSoonAfterTheStudiosMidnightIsDoneToday(): void
    {
        $this->owner->studio()->rename('A studio', 'Europe/Berlin');
        $this->service(EntityManagerInterface::class)->flush();
        self::mockTime('2027-02-28 23:30');
        $page = $this->browser->request('GET', '/');
        $this->browser->submit($page->selectButton('Keep it')->form(['text' => 'Wind bobbins']));
        $this->browser->submit($this->browser->request('GET', '/')->filter('#tasks li form')->form());

        $page = $this->browser->request('GET', '/');
        self::assertStringContainsString('1 done today', $page->filter('#tasks')->text());
        self::mockTime('2027-03-01 23:10');
        $page = $this->browser->request('GET', '/');
        self::assertStringNotContainsString('1 done today', $page->filter('#tasks')->text());
    }

    public function testWhatIsNoTaskIsSaidAndKept(): void
    {
        $page = $this->browser->request('GET', '/');
        $form = $page->selectButton('Keep it')->form();
        foreach (
            [
                'Write what is to be done.' => ['text' => '  ', 'by' => '2027-03-01T16:00'],
                'This is no day and hour.' => ['text' => 'Oil it', 'by' => 'at four'],
            ]
            as $fault => $entered
        ) {
            $this->browser->request('POST', $form->getUri(), [...$form->getPhpValues(), ...$entered]);
            $page = $this->browser->followRedirect();
            self::assertStringContainsString($fault, $page->filter('#task-fault')->text());
            self::assertSame($entered['by'], $page->filter('[name=by]')->attr('value'));
        }
        self::assertSame('Oil it', $page->filter('[name=text]')->attr('value'));
    }

    public function testAServiceThatIsNearIsAskedForUntilItIsDone(): void
    {
        $this->frame();
        $page = $this->browser->request('GET', '/settings/hours');
        $this->browser->submit($page->selectButton('Plan in these hours')->form(['hours[service]' => '2027-03-02']));
        $this->plan();
        self::assertSame(['The machine\'s service is due. tomorrow by 9:00'], $this->todos());
        $this->browser->submit($this->browser->request('GET', '/')->filter('#tasks li form')->form());
        $this->plan();
        self::assertSame([], $this->todos());
    }
}
