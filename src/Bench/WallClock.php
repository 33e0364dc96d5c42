<?php

declare(strict_types=1);

namespace App\Bench;

use App\Account\Studio;
use Schwung\Core\Queue\WorkingTime;

/**
 * The clock on a studio's wall, in minutes from the midnight before today. A day has 1440 of them there, whatever the
 * law does to the hours of one night.
 */
final readonly class WallClock
{
    /**
     * @param \DateTimeImmutable $firstDay midnight as the wall shows it, told in UTC
     * @param int                $now      minute of the wall clock
     */
    private function __construct(public \DateTimeImmutable $firstDay, public int $now, private \DateTimeZone $zone) {}

    public static function of(Studio $studio, \DateTimeImmutable $now): self
    {
        $shown = self::shown($now, $studio->timeZone());
        $firstDay = $shown->setTime(0, 0);

        return new self($firstDay, intdiv($shown->getTimestamp() - $firstDay->getTimestamp(), 60), $studio->timeZone());
    }

    /** The same wall, of a plan that was made on another day. */
    public static function on(string $day, int $now, \DateTimeZone $zone): self
    {
        return new self(new \DateTimeImmutable($day, new \DateTimeZone('UTC')), $now, $zone);
    }

    /** What the wall shows at a moment. */
    public function minute(\DateTimeImmutable $moment): int
    {
        return intdiv(self::shown($moment, $this->zone)->getTimestamp() - $this->firstDay->getTimestamp(), 60);
    }

    /** A day or a time that is already told by the wall. */
    public function minuteOf(\DateTimeImmutable $wall): int
    {
        return intdiv(
            (new \DateTimeImmutable($wall->format('Y-m-d H:i'), new \DateTimeZone('UTC')))->getTimestamp() -
                $this->firstDay->getTimestamp(),
            60,
        );
    }

    public function dayOf(\DateTimeImmutable $date): int
    {
        return (int) floor($this->minuteOf($date->setTime(0, 0)) / WorkingTime::DAY);
    }

    /** What the wall shows then, told in UTC. */
    public function at(int $minute): \DateTimeImmutable
    {
        return $this->firstDay->modify(\sprintf('%+d minutes', $minute));
    }

    public function day(int $day): \DateTimeImmutable
    {
        return $this->firstDay->modify(\sprintf('%+d days', $day));
    }

    /** Whether a day, counted from the first, is the one at hand: a plan may be from before. */
    public function isToday(int $day, \DateTimeImmutable $now): bool
    {
        return self::shown($now, $this->zone)->format('Y-m-d') === $this->day($day)->format('Y-m-d');
    }

    /** The moment at which the wall shows it; in a night that has an hour twice, the second time. */
    public function moment(int $minute): \DateTimeImmutable
    {
        return new \DateTimeImmutable($this->at($minute)->format('Y-m-d H:i:s'), $this->zone);
    }

    private static function shown(\DateTimeImmutable $moment, \DateTimeZone $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable($moment->setTimezone($zone)->format('Y-m-d H:i:s'), new \DateTimeZone('UTC'));
    }
}
