<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\Studio;
use App\Bench\Chores\StudioChore;
use App\Bench\Hours\HoursInput;
use App\Bench\Hours\StudioHours;
use App\Bench\Plan\QueuePin;
use App\Quilt\Quilt;
use Doctrine\ORM\EntityManagerInterface;

/** The week at hand of the demo, whatever day it is loaded on: hours, a day off, what waits for its time, a task. */
final readonly class DemoWeek
{
    private const HOURS = '9:00-12:30, 13:30-17:00';

    public function __construct(private EntityManagerInterface $entities) {}

    /** @param array<string, Quilt> $quilts by title */
    public function fill(Studio $studio, array $quilts, \DateTimeImmutable $today): void
    {
        $hours = new StudioHours($studio);
        $input = HoursInput::of($hours);
        foreach (array_keys(HoursInput::DAYS) as $day) {
            // Rest is on the day after the day after tomorrow, so that today and the next have work.
            $input->hours[$day] = (int) $today->modify('+3 days')->format('N') === $day ? '' : self::HOURS;
        }
        $input->off = $today->modify('+5 days')->format('Y-m-d');
        $hours->work($input);
        $this->entities->persist($hours);
        if (isset($quilts['Long table'])) {
            // Its batting has to come out of its bag today at four.
            $pin = new QueuePin($quilts['Long table']);
            $at = $today->modify('+1 day')->format('Y-m-d') . ' 16:00';
            $pin->ask(new \DateTimeImmutable($at, new \DateTimeZone('UTC')), 1, 'white');
            $this->entities->persist($pin);
        }
        $this->entities->persist(
            new StudioChore(
                $studio,
                'typed demo-order-thread',
                'Order grey thread: two cones are left.',
                new \DateTimeImmutable($today->modify('+1 day')->format('Y-m-d') . ' 12:00', new \DateTimeZone('UTC')),
                $today,
            ),
        );
        $this->entities->flush();
    }
}
