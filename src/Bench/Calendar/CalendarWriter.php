<?php

declare(strict_types=1);

namespace App\Bench\Calendar;

use App\Account\Studio;
use App\Bench\Chores\ChoreWords;
use App\Bench\Chores\StudioChoreRepository;
use App\Bench\Plan\PlanRead;
use Psr\Clock\ClockInterface;
use Sabre\VObject\Component\VCalendar;
use Schwung\Core\Queue\ChoreKind;

/** Writes due days, hours on frames and tasks of a studio as a calendar (RFC 5545). */
final readonly class CalendarWriter
{
    /** A task is that long in a calendar, and rung for so long before. */
    private const TASK_MINUTES = 15;
    private const WARNING = '-PT15M';
    /** These stand there as hours on a frame. */
    private const HOURS = [ChoreKind::GoOn, ChoreKind::Load];
    private const MADE_BY = '-//Schwung//Bench//EN';

    public function __construct(private StudioChoreRepository $chores, private ClockInterface $clock) {}

    /** One in which nothing is. */
    public static function blank(): string
    {
        return (new VCalendar(['PRODID' => self::MADE_BY]))->serialize();
    }

    /** @param array<string, mixed> $document as Planning wrote it */
    public function write(Studio $studio, array $document): string
    {
        $plan = new PlanRead($document, $studio->timeZone());
        $calendar = new VCalendar(['PRODID' => self::MADE_BY, 'X-WR-CALNAME' => $studio->name()]);
        (new ZoneRules())->write($calendar, $studio->timeZone(), $this->clock->now());
        $stamp = $plan->clock->firstDay;
        foreach ($plan->dues() as $id => [$title, $client, $due]) {
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "due-$id@schwung",
                'DTSTAMP' => $stamp,
                'SUMMARY' => "Due: $title",
                'DESCRIPTION' => $client,
                'TRANSP' => 'TRANSPARENT',
            ]);
            $event->add('DTSTART', str_replace('-', '', $due), ['VALUE' => 'DATE']);
            $calendar->add($event);
        }
        foreach ($plan->blocks() as [$uid, $words, $from, $to]) {
            $calendar->add('VEVENT', [
                'UID' => "$uid@schwung",
                'DTSTAMP' => $stamp,
                'SUMMARY' => $words,
                'DTSTART' => $plan->clock->moment($from),
                'DTEND' => $plan->clock->moment($to),
            ]);
        }
        foreach ($this->tasks($studio, $plan) as $key => [$words, $by]) {
            $event = $calendar->createComponent('VEVENT', [
                'UID' => 'task-' . hash('xxh128', (string) $key) . '@schwung',
                'DTSTAMP' => $stamp,
                'SUMMARY' => $words,
                'DTSTART' => $plan->clock->moment($by),
                'DTEND' => $plan->clock->moment($by + self::TASK_MINUTES),
            ]);
            $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $words, 'TRIGGER' => self::WARNING]);
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    /** @return array<string, array{string, int}> what to do and by when, by its key */
    private function tasks(Studio $studio, PlanRead $plan): array
    {
        [$tasks, $words] = [[], new ChoreWords($plan)];
        foreach ($plan->chores() as $chore) {
            if (null !== $chore->by && !\in_array($chore->kind, self::HOURS, true)) {
                $tasks[$chore->key] = [$words->of($chore), $chore->by];
            }
        }
        foreach ($this->chores->findOpen($studio) as $typed) {
            if (null !== $typed->by) {
                $tasks[$typed->key] = [$typed->text, $plan->clock->minuteOf($typed->by)];
            }
        }
        foreach ($this->chores->findDoneKeys($studio, $plan->clock->firstDay->modify('-90 days')) as $done) {
            unset($tasks[$done]);
        }

        return $tasks;
    }
}
