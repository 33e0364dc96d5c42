<?php

declare(strict_types=1);

namespace Tests\App\Bench;

use App\AtTheFrame\LogBook;
use App\AtTheFrame\RunRepository;
use App\Bench\Hours\HoursController;
use App\Bench\Hours\HoursInput;
use App\Bench\Hours\HoursType;
use App\Bench\Hours\StudioHours;
use App\Bench\Hours\StudioHoursRepository;
use App\Bench\Plan\BenchPlan;
use App\Bench\Plan\BenchPlanRepository;
use App\Bench\Times\RunTimes;
use App\Bench\Times\RunTimesRepository;
use App\Bench\Times\TimesController;
use App\Bench\Times\TimesLearnt;
use App\Bench\Typed;
use App\Platform\Csv;
use App\Quilt\Quilt;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;

#[CoversClass(BenchPlan::class)]
#[CoversClass(BenchPlanRepository::class)]
#[CoversClass(Csv::class)]
#[CoversClass(HoursController::class)]
#[CoversClass(HoursInput::class)]
#[CoversClass(HoursType::class)]
#[CoversClass(RunTimes::class)]
#[CoversClass(RunTimesRepository::class)]
#[CoversClass(StudioHours::class)]
#[CoversClass(StudioHoursRepository::class)]
#[CoversClass(TimesController::class)]
#[CoversClass(TimesLearnt::class)]
#[CoversClass(Typed::class)]
final class HoursTest extends QueueTestCase
{
    public function testHoursDaysOffAndMinutesAreKeptAndTheQueueFollows(): void
    {
        $this->waiting('One', '2027-03-20', $this->frame());
        $this->enterHours(['1' => '', '2' => '10 to 12.30; 14-18'], ['off' => "2027-03-02\n2027-03-04 to 2027-03-05"]);
        self::assertResponseRedirects('/settings/hours', 303);
        $page = $this->browser->followRedirect();
        self::assertSame('10:00-12:30, 14:00-18:00', $page->filter('#hours_hours_2')->attr('value'));
        self::assertStringContainsString(
            "2027-03-02\n2027-03-04\n2027-03-05",
            $page->filter('#hours_off')->text(null, false),
        );
        self::assertSame('Wed 9:00', self::starts($this->plan())['One'], 'Monday has no hours, Tuesday is off');
    }

    /** @param array<int, string> $hours */
    #[DataProvider('wrong')]
    public function testWhatIsNoHoursIsSaidAtItsPlaceAndKept(array $hours, string $off, string $fault): void
    {
        $this->enterHours($hours, ['off' => $off]);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($fault, $this->browser->getCrawler()->filter('main')->text());
        foreach ($hours as $day => $text) {
            self::assertSame(
                $text,
                $this->browser
                    ->getCrawler()
                    ->filter("#hours_hours_$day")
                    ->attr('value'),
            );
        }
    }

    /** @return iterable<string, array{array<int, string>, string, string}> */
    public static function wrong(): iterable
    {
        $hours = 'Write hours of the day one after another';
        yield 'overlapping' => [['3' => '9-13, 12-17'], '', $hours];
        yield 'backwards' => [['3' => '17-9'], '', $hours];
        yield 'past midnight' => [['3' => '9-25'], '', $hours];
        yield 'sixty minutes' => [['3' => '9:60-12'], '', $hours];
        yield 'words' => [['3' => 'mornings'], '', $hours];
        yield 'no day' => [[], '2027-02-30', '"2027-02-30" is no day.'];
        yield 'backwards days' => [[], '2027-03-05 to 2027-03-04', 'is no day.'];
        yield 'a year off' => [[], '2027-01-01 to 2028-12-31', 'Up to 400 days off.'];
    }

    public function testWhatIsDoneAtTheFrameTeachesAndIsForgotten(): void
    {
        $quilt = $this->waiting('One', '2027-03-20', $this->frame());
        $this->begin($quilt);
        $at = "/quilts/{$quilt->id()}";
        $page = $this->browser->request('GET', "$at/frame");
        $steps = json_decode((string) $page->filter('#frame')->attr('data-steps'), true);
        $keys = \is_array($steps) ? $steps : $page->filter('[data-step]')->extract(['data-step']);
        self::assertNotSame([], $keys);
        $this->write($quilt, \array_slice(array_values(array_filter($keys, \is_string(...))), 0, 12));
        $plan = $this->plan();
        self::assertNull($plan->placeOf((string) $quilt->id()), 'it is on its frame');
        self::assertSame(1, $plan->loads());
        $page = $this->browser->request('GET', '/settings/hours');
        $before = $page->filter('[action*="/forget/"]')->count();
        self::assertGreaterThan(1, $before);
        self::mockTime('2027-03-01 12:00');
        $this->browser->submit($page->filter('[action*="/forget/"]')->first()->form());
        $this->plan();
        self::assertSame(
            $before - 1,
            $this->browser->request('GET', '/settings/hours')->filter('[action*="/forget/"]')->count(),
        );

        $this->browser->request('GET', "$at/times.csv");
        $lines = explode("\r\n", trim((string) $this->browser->getResponse()->getContent()));
        self::assertCount(2, $lines);
        self::assertStringStartsWith('started,number,title,client,frame,loading_expected,loading_took', $lines[0]);
        self::assertStringContainsString('27-001,One,"Odile Marrant","North frame"', $lines[1]);
        foreach (['2027-02-01' => 2, '2027-03-02' => 1] as $from => $count) {
            $this->browser->request('GET', '/times.csv', ['from' => $from]);
            self::assertCount(
                $count,
                explode("\r\n", trim((string) $this->browser->getResponse()->getContent())),
                $from,
            );
        }
    }

    public function testWhatLooksLikeAFormulaIsToldFromOne(): void
    {
        self::assertSame("a,'=1+1,-5,\"x,y\"\r\n", Csv::of([['a', '=1+1', '-5', 'x,y']]));
    }

    /**
     * @param array<int, string> $hours by weekday
     * @param array<string, string> $more
     */
    private function enterHours(array $hours, array $more): void
    {
        $page = $this->browser->request('GET', '/settings/hours');
        $values = $page->selectButton('Plan in these hours')->form()->getPhpValues();
        self::assertIsArray($values['hours']);
        self::assertIsArray($values['hours']['hours']);
        $values['hours'] = [...$values['hours'], ...$more, 'hours' => array_replace($values['hours']['hours'], $hours)];
        $this->browser->request('POST', '/settings/hours', $values);
    }

    /** @param list<string> $keys */
    private function write(Quilt $quilt, array $keys): void
    {
        $run = $this->service(RunRepository::class)->findOpen($this->reloaded($quilt));
        self::assertNotNull($run);
        $this->service(LogBook::class)->write(
            $run,
            array_map(
                static fn(int $i, string $key) => new JournalEntry(
                    "entry-done-number-$i-of-all",
                    EntryKind::Done,
                    $key,
                    $run->started->modify('+' . 7 * ($i + 1) . ' minutes'),
                    [],
                    'Owner',
                ),
                array_keys($keys),
                $keys,
            ),
        );
        $this->service(EntityManagerInterface::class)->flush();
    }
}
