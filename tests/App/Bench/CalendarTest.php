<?php

declare(strict_types=1);

namespace Tests\App\Bench;

use App\Bench\Calendar\CalendarController;
use App\Bench\Calendar\CalendarWriter;
use App\Bench\Calendar\ZoneRules;
use App\Bench\Hours\HoursController;
use App\Bench\Plan\PlanRead;
use App\Bench\WallClock;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;
use Symfony\Component\DomCrawler\Crawler;

#[CoversClass(CalendarController::class)]
#[CoversClass(CalendarWriter::class)]
#[CoversClass(HoursController::class)]
#[CoversClass(PlanRead::class)]
#[CoversClass(WallClock::class)]
#[CoversClass(ZoneRules::class)]
final class CalendarTest extends QueueTestCase
{
    public function testACalendarReadsDueDaysHoursAndTasksWithItsZone(): void
    {
        $this->owner->studio()->rename('A studio', 'Europe/Vienna');
        $quilt = $this->waiting(
            'Harbour lamps with a very long title that does not fit into one line of a calendar',
            '2027-03-09',
            $this->frame(),
            ['batting/opened' => ''],
        );
        $this->service(EntityManagerInterface::class)->flush();
        $this->plan();
        $this->browser->request('GET', '/bench/calendar.ics');
        $text = (string) $this->browser->getResponse()->getContent();
        foreach (explode("\r\n", $text) as $line) {
            self::assertLessThanOrEqual(75, \strlen($line));
        }
        $calendar = self::read($text);
        self::assertSame([], $calendar->validate());

        $events = self::events($calendar);
        self::assertSame('20270309', $events["due-{$quilt->id()}@schwung"]['DTSTART']);
        $block = array_values(
            array_filter(
                $events,
                static fn(string $uid): bool => str_starts_with($uid, 'block-'),
                \ARRAY_FILTER_USE_KEY,
            ),
        )[0];
        // Ten o'clock in Vienna; its batting rests until the same time on the next day.
        self::assertSame('20270302T100000', $block['DTSTART']);
        self::assertStringStartsWith('North frame: Harbour lamps', $block['SUMMARY']);
        self::assertStringContainsString(
            'Unpack the batting of Harbour lamps',
            $text = str_replace("\r\n ", '', $text),
        );
        self::assertStringContainsString('BEGIN:VALARM', $text);
        self::assertStringContainsString('TZID:Europe/Vienna', $text);
    }

    public function testTheZoneTellsTheClocksOfTheNightsThatHaveAnHourMoreOrLess(): void
    {
        $calendar = new VCalendar();
        $zone = new \DateTimeZone('Europe/Vienna');
        (new ZoneRules())->write($calendar, $zone, new \DateTimeImmutable('2027-03-01'));
        $text = $calendar->serialize();

        self::assertStringContainsString("BEGIN:DAYLIGHT\r\nDTSTART:20270328T020000\r\nTZOFFSETFROM:+0100", $text);
        self::assertStringContainsString("BEGIN:STANDARD\r\nDTSTART:20271031T030000\r\nTZOFFSETFROM:+0200", $text);

        // Half past two is never on the one night, and twice on the other.
        $spring = WallClock::on('2027-03-28', 0, $zone);
        self::assertSame('2027-03-28T03:30:00+02:00', $spring->moment(150)->format(\DATE_ATOM));
        self::assertSame('2027-03-28T09:00:00+02:00', $spring->moment(540)->format(\DATE_ATOM));
        $autumn = WallClock::on('2027-10-31', 0, $zone);
        self::assertSame('2027-10-31T02:30:00+01:00', $autumn->moment(150)->format(\DATE_ATOM), 'the second time');
        self::assertSame('2027-10-31T09:00:00+01:00', $autumn->moment(540)->format(\DATE_ATOM));
        self::assertSame(540, $autumn->minute(new \DateTimeImmutable('2027-10-31T08:00:00Z')));
    }

    public function testAnswersStayTheSameUntilSomethingChanges(): void
    {
        $quilt = $this->waiting('One', '2027-03-09', $this->frame());
        $this->plan();
        $this->browser->request('GET', '/bench/calendar.ics');
        $tag = (string) $this->browser->getResponse()->headers->get('ETag');
        $before = self::events(self::read((string) $this->browser->getResponse()->getContent()));
        $this->browser->request('GET', '/bench/calendar.ics', server: ['HTTP_IF_NONE_MATCH' => $tag]);
        self::assertResponseStatusCodeSame(304);

        $page = $this->browser->request('GET', "/bench/{$quilt->id()}");
        $this->browser->submit($page->selectButton('Keep to it')->form(['not_before' => '2027-03-01T14:00']));
        $this->plan();
        $this->browser->request('GET', '/bench/calendar.ics', server: ['HTTP_IF_NONE_MATCH' => $tag]);
        self::assertResponseIsSuccessful();
        $after = self::events(self::read((string) $this->browser->getResponse()->getContent()));
        self::assertSame(array_keys($before), array_keys($after), 'each is the same event, at another hour');
    }

    public function testTheSecretLinkIsTheOwnersToMakeRenewAndClose(): void
    {
        $this->waiting('One', '2027-03-09', $this->frame());
        $this->plan();
        [$first, $second] = [$this->link('Make a link'), $this->link('Make a new link, close the old one')];
        self::assertNotSame($first, $second);
        $this->browser->restart();
        $this->browser->request('GET', $second);
        self::assertResponseIsSuccessful();
        self::assertResponseHeaderSame('Content-Type', 'text/calendar; charset=utf-8');
        $this->browser->request('GET', $first);
        self::assertResponseStatusCodeSame(404);

        $this->browser->loginUser($this->owner);
        $this->browser->submit(
            $this->browser->request('GET', '/settings/hours')->selectButton('Close the link')->form(),
        );
        $this->browser->request('GET', $second);
        self::assertResponseStatusCodeSame(404);
    }

    public function testBeforeTheFirstQueueTheCalendarIsEmpty(): void
    {
        $this->browser->request('GET', '/bench/calendar.ics');
        self::assertSame([], self::events(self::read((string) $this->browser->getResponse()->getContent())));
    }

    private function link(string $button): string
    {
        $page = $this->browser->request('GET', '/settings/hours');
        $this->browser->submit($page->selectButton($button)->form());
        $shown = new Crawler((string) $this->browser->followRedirect()->filter('code')->text());
        $address = (string) parse_url(trim($shown->text()), \PHP_URL_PATH);
        self::assertMatchesRegularExpression('~^/calendar/[\w-]{43}\.ics$~', $address);

        return $address;
    }

    private static function read(string $text): VCalendar
    {
        $calendar = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);

        return $calendar;
    }

    /** @return array<string, array{DTSTART: string, SUMMARY: string}> by UID */
    private static function events(VCalendar $calendar): array
    {
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            self::assertInstanceOf(Component::class, $event);
            $text = static function (string $name) use ($event): string {
                $property = $event->select($name)[0] ?? null;
                self::assertInstanceOf(Property::class, $property);

                return (string) $property;
            };
            $events[$text('UID')] = ['DTSTART' => $text('DTSTART'), 'SUMMARY' => $text('SUMMARY')];
        }
        ksort($events);

        return $events;
    }
}
