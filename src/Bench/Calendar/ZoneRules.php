<?php

declare(strict_types=1);

namespace App\Bench\Calendar;

use Sabre\VObject\Component\VCalendar;

/** Writes a time zone into a calendar with every change of its clocks in the years that it is read in. */
final readonly class ZoneRules
{
    private const BEFORE = '-1 year';
    private const AFTER = '+6 years';

    public function write(VCalendar $calendar, \DateTimeZone $zone, \DateTimeImmutable $now): void
    {
        $written = $calendar->createComponent('VTIMEZONE');
        $written->add('TZID', $zone->getName());
        /** @var list<array{ts: int, offset: int, isdst: bool, abbr: string}> $changes the first tells how it is before */
        $changes = $zone->getTransitions(
            $now->modify(self::BEFORE)->getTimestamp(),
            $now->modify(self::AFTER)->getTimestamp(),
        );
        $before = $changes[0]['offset'] ?? 0;
        foreach ($changes as $change) {
            $kind = $calendar->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD');
            // A change is told by the clock as it was before.
            $kind->add('DTSTART', gmdate('Ymd\THis', $change['ts'] + $before));
            $kind->add('TZOFFSETFROM', self::offset($before));
            $kind->add('TZOFFSETTO', self::offset($change['offset']));
            $kind->add('TZNAME', $change['abbr']);
            $written->add($kind);
            $before = $change['offset'];
        }
        $calendar->add($written);
    }

    private static function offset(int $seconds): string
    {
        return \sprintf(
            '%s%02d%02d',
            $seconds < 0 ? '-' : '+',
            intdiv(abs($seconds), 3600),
            intdiv(abs($seconds) % 3600, 60),
        );
    }
}
