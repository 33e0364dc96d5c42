<?php

declare(strict_types=1);

namespace Tests\App\Bench;

use App\Bench\Plan\BenchPlanRepository;
use App\Bench\Plan\PlanQueue;
use App\Bench\Plan\PlanQueueHandler;
use App\Bench\Plan\PlanRead;
use App\Frames\StudioFrame;
use App\Quilt\Quilt;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\Test\ClockSensitiveTrait;
use Tests\App\StudioTestCase;

/** A studio whose queue is worked out when a test asks for it; it is Monday, nine o'clock. */
abstract class QueueTestCase extends StudioTestCase
{
    use ClockSensitiveTrait;

    protected const MONDAY = '2027-03-01 09:00';

    protected function setUp(): void
    {
        self::mockTime(self::MONDAY);
        parent::setUp();
    }

    /**
     * A quilt that loads, whose batting has rested.
     *
     * @param array<string, mixed> $entries by path of the sheet
     */
    protected function waiting(string $title, string $due, StudioFrame $frame, array $entries = []): Quilt
    {
        return $this->quilt(
            [...self::rows(), 'batting/opened' => '2027-02-20T09:00:00+00:00', ...$entries],
            title: $title,
            frame: $frame,
            due: '' === $due ? null : new \DateTimeImmutable($due),
        );
    }

    protected function plan(): PlanRead
    {
        $entities = $this->service(EntityManagerInterface::class);
        $entities->clear();
        do {
            $this->service(PlanQueueHandler::class)(new PlanQueue($this->owner->studio()->id()));
            $kept = $this->service(BenchPlanRepository::class)->find($this->owner->studio()->id());
            self::assertNotNull($kept);
            $entities->refresh($kept);
        } while (true !== ($kept->plan()['isWhole'] ?? null));

        return new PlanRead($kept->plan(), $this->owner->studio()->timeZone());
    }

    /** @return array<string, string> when each begins, as the wall shows it, by title */
    protected static function starts(PlanRead $plan): array
    {
        $starts = [];
        foreach ($plan->placed() as $placed) {
            $starts[$plan->title($placed['id'])] = $plan->clock->at($placed['start'])->format('D G:i');
        }

        return $starts;
    }

    /** @return list<string> what the bench asks for */
    protected function todos(): array
    {
        return $this->browser
            ->request('GET', '/')
            ->filter('#tasks > ul > li')
            ->each(static fn($item): string => trim((string) preg_replace('/^›\s*/', '', $item->text())));
    }
}
