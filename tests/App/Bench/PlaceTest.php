<?php

declare(strict_types=1);

namespace Tests\App\Bench;

use App\Bench\PlaceController;
use App\Bench\Plan\Facts;
use App\Bench\Plan\FactsOf;
use App\Bench\Plan\Planning;
use App\Bench\Plan\QueuePin;
use App\Bench\Plan\QueuePinRepository;
use App\Bench\Plan\Queues;
use App\Bench\Plan\Tried;
use App\Bench\Plan\Trying;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\Messenger\Transport\InMemory\InMemoryTransport;
use Symfony\Component\Uid\Ulid;

#[CoversClass(Facts::class)]
#[CoversClass(FactsOf::class)]
#[CoversClass(PlaceController::class)]
#[CoversClass(Planning::class)]
#[CoversClass(QueuePin::class)]
#[CoversClass(QueuePinRepository::class)]
#[CoversClass(Queues::class)]
#[CoversClass(Tried::class)]
#[CoversClass(Trying::class)]
final class PlaceTest extends QueueTestCase
{
    public function testTheQueueIsLaidIntoTheHoursByDueDay(): void
    {
        $frame = $this->frame();
        $this->waiting('Later', '2027-03-20', $frame);
        $this->waiting('Sooner', '2027-03-03', $frame);
        $plan = $this->plan();

        self::assertSame('Mon 9:00', self::starts($plan)['Sooner']);
        self::assertTrue($plan->isProved());
        foreach ($plan->placed() as $placed) {
            self::assertSame(0, $placed['daysLate']);
            self::assertLessThan($placed['end'], $placed['start']);
        }
        $page = $this->browser->request('GET', '/');
        self::assertSame(
            ['Sooner', 'Later'],
            $page->filter('#lanes a')->each(static fn($link): string => (string) $link->attr('data-title')),
        );
    }

    public function testAPlaceIsAnsweredBeforeItIsTakenAndThenPinned(): void
    {
        $frame = $this->frame();
        $first = $this->waiting('First', '2027-03-01', $frame);
        $second = $this->waiting('Second', '2027-03-09', $frame);
        $this->plan();
        $query = ['at' => "{$frame->id()} 1"];
        $this->browser->request('GET', "/bench/{$second->id()}/try", $query);
        $told = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($told);
        self::assertTrue($told['fits']);
        self::assertIsArray($told['words']);
        self::assertStringContainsString(
            'from Mon 1 Mar 9:00 until',
            json_encode($told['words'], \JSON_THROW_ON_ERROR),
        );

        $page = $this->browser->request('GET', "/bench/{$second->id()}");
        $this->browser->submit($page->selectButton('Pin it there')->form(['at' => "{$frame->id()} 1"]));
        self::assertResponseRedirects('/', 303);
        $plan = $this->plan();
        self::assertSame('Mon 9:00', self::starts($plan)['Second']);
        self::assertNotNull($plan->placeOf((string) $second->id())['cost'] ?? null);
        $page = $this->browser->request('GET', "/bench/{$second->id()}");
        self::assertStringContainsString('Pinned: number 1 on North frame', $page->filter('main')->text());
        self::assertStringContainsString('By Owner', $page->filter('main')->text());

        $this->browser->submit($page->selectButton('Leave it to the queue')->form());
        self::assertResponseRedirects("/bench/{$second->id()}", 303);
        self::assertSame('Mon 9:00', self::starts($this->plan())['First']);
        self::assertNotNull($first->due());
    }

    public function testTwoThatArePinnedToOnePlaceStandBehindEachOther(): void
    {
        $frame = $this->frame();
        [$one, $two] = [$this->waiting('One', '2027-03-20', $frame), $this->waiting('Two', '2027-03-20', $frame)];
        $this->plan();
        foreach ([$one, $two] as $quilt) {
            $page = $this->browser->request('GET', "/bench/{$quilt->id()}");
            $this->browser->submit($page->selectButton('Pin it there')->form(['at' => "{$frame->id()} 1"]));
        }
        $pins = $this->service(QueuePinRepository::class);
        $this->service(EntityManagerInterface::class)->clear();
        self::assertSame(1, $pins->find($two->id())?->place());
        self::assertSame(2, $pins->find($one->id())?->place());
        self::assertSame('Mon 9:00', self::starts($this->plan())['Two']);
    }

    public function testAnotherFrameThatDoesNotTakeItSaysWhyAndKeepsWhatWasChosen(): void
    {
        $north = $this->frame();
        $window = $this->frame(name: 'Window frame');
        $wide = $this->waiting('Wide', '2027-03-20', $north, ['load/lead/method' => 'pins']);
        $this->plan();
        $this->browser->request('GET', "/bench/{$wide->id()}/try", ['at' => "{$window->id()} 1"]);
        $told = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($told);
        $page = $this->browser->request('GET', "/bench/{$wide->id()}");
        $this->browser->submit($page->selectButton('Pin it there')->form(['at' => "{$window->id()} 1"]));
        if (true === $told['fits']) {
            self::assertResponseRedirects('/', 303);
            self::assertSame('Window frame', $this->reloaded($wide)->frame()?->name());
        } else {
            self::assertResponseStatusCodeSame(422);
            self::assertSelectorTextContains('#frame-fault', 'It cannot be loaded on Window frame');
        }
    }

    public function testNotBeforeWeightAndThreadAreKept(): void
    {
        $frame = $this->frame();
        $quilt = $this->waiting('One', '2027-03-20', $frame);
        $page = $this->browser->request('GET', "/bench/{$quilt->id()}");
        $this->browser->submit(
            $page->selectButton('Keep to it')->form([
                'not_before' => '2027-03-04T10:30',
                'weight' => '4',
                'thread' => 'grey',
            ]),
        );
        self::assertResponseRedirects("/bench/{$quilt->id()}", 303);
        self::assertSame('Thu 10:30', self::starts($this->plan())['One']);
        $page = $this->browser->request('GET', "/bench/{$quilt->id()}");
        self::assertSame('grey', $page->filter('[name=thread]')->attr('value'));
        self::assertSame('4', $page->filter('[name=weight] option[selected]')->attr('value'));

        $form = $page->selectButton('Keep to it')->form();
        $this->browser->request('POST', $form->getUri(), [...$form->getPhpValues(), 'not_before' => 'soon']);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('#before-fault', 'This is no day and hour.');
    }

    public function testWhatMayNotBeginForALifetimeIsAnsweredAndTheOthersGoOn(): void
    {
        $frame = $this->frame();
        $this->waiting('Other', '2027-03-20', $frame);
        $quilt = $this->waiting('One', '2027-03-20', $frame);
        $page = $this->browser->request('GET', "/bench/{$quilt->id()}");
        $this->browser->submit($page->selectButton('Keep to it')->form(['not_before' => '2150-01-01T09:00']));
        $plan = $this->plan();

        self::assertSame(['Other' => 'Mon 9:00'], self::starts($plan));
        self::assertSame('beyond', $plan->waiting()[(string) $quilt->id()]['held']);
    }

    public function testAPlaceIsAnsweredNoSoonerThanItMayBegin(): void
    {
        $frame = $this->frame();
        $quilt = $this->waiting('One', '2027-03-20', $frame);
        $page = $this->browser->request('GET', "/bench/{$quilt->id()}");
        $this->browser->submit($page->selectButton('Keep to it')->form(['not_before' => '2027-03-04T10:30']));
        $this->plan();
        $this->browser->request('GET', "/bench/{$quilt->id()}/try", ['at' => "{$frame->id()} 1"]);

        self::assertStringContainsString('from Thu 4 Mar 10:30', (string) $this->browser->getResponse()->getContent());
    }

    public function testALateQuiltIsHatchedAndToldItsWaysOut(): void
    {
        $frame = $this->frame();
        $quilt = $this->waiting('Late', '2027-02-26', $frame);
        $plan = $this->plan();
        self::assertSame(3, $plan->placeOf((string) $quilt->id())['daysLate'] ?? null, 'a due day in the past');
        $page = $this->browser->request('GET', '/');
        self::assertStringContainsString(
            'Late is due 26 Feb and done Mon 1 Mar: 3 days late.',
            $page->filter('[aria-labelledby=late]')->text(),
        );
        self::assertCount(1, $page->filter('#lanes .bench-late'));
        $page = $this->browser->request('GET', "/bench/{$quilt->id()}");
        $this->browser->submit($page->selectButton('Promise that day')->form());
        self::assertSame('2027-03-01', $this->reloaded($quilt)->due()?->format('Y-m-d'));
        self::assertSame(0, $this->plan()->placeOf((string) $quilt->id())['daysLate'] ?? null);
    }

    public function testWhatCannotBePlannedSaysWhy(): void
    {
        $frame = $this->frame();
        $short = $this->waiting('Short', '2027-03-20', $frame, self::entries('60 in'));
        $unmeasured = $this->quilt(title: 'Unmeasured', frame: $frame);
        $plan = $this->plan();

        self::assertNull($plan->placeOf((string) $short->id()));
        self::assertStringContainsString(
            'It has no place in the queue: Not yet: the backing is',
            $this->browser
                ->request('GET', "/bench/{$short->id()}")
                ->filter('main')
                ->text(),
        );
        self::assertStringContainsString(
            'before its top is measured',
            $this->browser
                ->request('GET', "/bench/{$unmeasured->id()}")
                ->filter('main')
                ->text(),
        );
        foreach ([$short, $unmeasured] as $quilt) {
            $this->browser->request('GET', "/bench/{$quilt->id()}/try", ['at' => "{$frame->id()} 1"]);
            self::assertStringContainsString('"fits":false', (string) $this->browser->getResponse()->getContent());
        }
    }

    public function testAFrameThatIsGoneAndAQuiltOfOthersAreAnswered(): void
    {
        $quilt = $this->waiting('One', '', $this->frame());
        $this->plan();
        $this->browser->request('GET', "/bench/{$quilt->id()}/try", ['at' => new Ulid() . ' x']);
        self::assertStringContainsString('not here any more', (string) $this->browser->getResponse()->getContent());
        $page = $this->browser->request('GET', "/bench/{$quilt->id()}");
        $form = $page->selectButton('Pin it there')->form();
        $this->browser->request('POST', $form->getUri(), [...$form->getPhpValues(), 'at' => new Ulid() . ' 1']);
        self::assertResponseStatusCodeSame(422);

        $this->browser->loginUser($this->studio('other@studio.example'));
        foreach (['', '/try'] as $path) {
            $this->browser->request('GET', "/bench/{$quilt->id()}$path");
            self::assertResponseStatusCodeSame(404);
        }
    }

    public function testAStudioWithoutHoursIsToldSo(): void
    {
        $quilt = $this->waiting('One', '2027-03-20', $this->frame());
        $page = $this->browser->request('GET', '/settings/hours');
        $form = $page->selectButton('Plan in these hours')->form();
        $values = $form->getPhpValues();
        self::assertIsArray($values['hours']);
        $values['hours']['hours'] = array_fill(1, 7, '');
        $this->browser->request('POST', '/settings/hours', $values);
        self::assertResponseRedirects('/settings/hours', 303);
        $plan = $this->plan();

        self::assertSame([], $plan->placed());
        self::assertStringContainsString(
            'No working hours are set',
            $this->browser->request('GET', '/')->filter('main')->text(),
        );
        $this->browser->request('GET', "/bench/{$quilt->id()}/try", ['at' => "{$quilt->frame()?->id()} 1"]);
        self::assertStringContainsString('"fits":false', (string) $this->browser->getResponse()->getContent());
    }

    public function testWhatWouldTakeLongerThanTenYearsSaysSo(): void
    {
        $frame = $this->frame();
        foreach (['First', 'Second', 'Third', 'Fourth'] as $title) {
            $this->waiting($title, '2027-03-20', $frame);
        }
        $page = $this->browser->request('GET', '/settings/hours');
        $values = $page->selectButton('Plan in these hours')->form()->getPhpValues();
        self::assertIsArray($values['hours']);
        $values['hours']['hours'] = [1 => '9:00-9:01', ...array_fill(2, 6, '')];
        $this->browser->request('POST', '/settings/hours', $values);
        self::assertResponseRedirects('/settings/hours', 303);
        $plan = $this->plan();
        self::assertLessThan(4, \count($plan->placed()));
        $last = array_key_last($plan->waiting());
        self::assertSame('beyond', $plan->waiting()[$last]['held']);
        self::assertStringContainsString(
            'It would not be done within ten years of these hours.',
            $this->browser
                ->request('GET', "/bench/$last")
                ->filter('main')
                ->text(),
        );
    }

    public function testWhateverChangesHasTheQueueWorkedOutAnewOnce(): void
    {
        $quilt = $this->waiting('One', '2027-02-26', $this->frame());
        $this->plan();
        self::assertCount(0, $this->browser->request('GET', '/')->filter('[hx-get="/bench/age"]'));
        $this->browser->request('GET', '/bench/age');
        self::assertSame('true', $this->browser->getResponse()->headers->get('HX-Refresh'));

        $page = $this->browser->request('GET', "/bench/{$quilt->id()}");
        $this->browser->submit($page->selectButton('Promise that day')->form());
        $page = $this->browser->request('GET', '/');
        self::assertStringContainsString(
            'The queue is being worked out; this is how it was 9:00.',
            $page->filter('[hx-get="/bench/age"]')->text(),
        );
        $this->browser->request('GET', '/bench/age');
        self::assertResponseStatusCodeSame(204);
        self::assertSame(0, $this->plan()->placed()[0]['daysLate']);
    }

    public function testAPlanOfYesterdayIsAskedForAnewAndSaysSo(): void
    {
        $this->waiting('One', '2027-03-20', $this->frame());
        $this->plan();
        self::assertStringContainsString('Today', $this->browser->request('GET', '/')->filter('#lanes')->text());
        self::mockTime('2027-03-02 08:00');
        $this->browser->request('GET', '/');
        $page = $this->browser->request('GET', '/');
        self::assertCount(1, $page->filter('[hx-get="/bench/age"]'));
        self::assertMatchesRegularExpression('/Mon 1 Mar.*Today/s', $page->filter('#lanes')->text());
    }

    public function testAPlanThatDoesNotComeIsAskedForAgainByWhoeverWaits(): void
    {
        $quilt = $this->waiting('One', '2027-02-26', $this->frame());
        $this->plan();
        $page = $this->browser->request('GET', "/bench/{$quilt->id()}");
        $this->browser->submit($page->selectButton('Promise that day')->form());
        self::assertSame([0, 0], [$this->asksWhileWaiting(), $this->asksWhileWaiting()]);
        self::mockTime('2027-03-01 09:02');
        self::assertSame([1, 0], [$this->asksWhileWaiting(), $this->asksWhileWaiting()]);
        $this->plan();
        self::mockTime('2027-03-01 09:10');
        self::assertSame(0, $this->asksWhileWaiting());
    }

    public function testAQuiltOfAnyFrameGoesWhereItIsDoneFirst(): void
    {
        $north = $this->frame();
        $attic = $this->frame(name: 'Attic frame');
        $this->waiting('On north', '2027-03-01', $north);
        $free = $this->waiting('Free', '2027-03-01', $north);
        $free->describe('Free', 'Odile Marrant', new \DateTimeImmutable('2027-03-01'), null);
        $this->service(EntityManagerInterface::class)->flush();
        $plan = $this->plan();

        self::assertSame((string) $attic->id(), $plan->placeOf((string) $free->id())['frame'] ?? null);
    }

    private function asksWhileWaiting(): int
    {
        $this->browser->request('GET', '/bench/age');

        $queues = self::getContainer()->get('messenger.transport.queues');
        self::assertInstanceOf(InMemoryTransport::class, $queues);

        return \count($queues->getSent());
    }
}
