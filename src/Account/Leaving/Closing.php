<?php

declare(strict_types=1);

namespace App\Account\Leaving;

use App\Account\Address\AccountLetters;
use App\Account\Devices\SignedInRepository;
use App\Account\Person;
use App\Account\PersonRepository;
use App\Account\StudioRepository;
use App\Audit\AuditLog;
use App\Audit\Happening;
use App\Mail\Post;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;

/** Closes a studio, keeps it after all, and erases what was closed when its time of grace is over. */
final readonly class Closing
{
    public function __construct(
        private EntityManagerInterface $entities,
        private StudioRepository $studios,
        private PersonRepository $people,
        private SignedInRepository $devices,
        private StudioRows $rows,
        private AuditLog $log,
        private Post $post,
        private AccountLetters $letters,
        private LoggerInterface $logger,
        private ClockInterface $clock,
    ) {}

    public function close(Person $owner): void
    {
        $studio = $owner->studio();
        $studio->close($this->clock->now());
        $this->entities->flush();
        $this->log->note($owner, Happening::StudioClosing);
        foreach ($this->people->findOf($studio) as $person) {
            $this->post->send($studio, $person->email(), 'closing', [
                'person' => $person,
                'who' => $owner->name(),
                'day' => $studio->erasedOn()?->setTimezone($studio->timeZone()),
            ]);
            if ($person !== $owner) {
                $this->devices->endAllOf($person);
            }
        }
    }

    public function keep(Person $owner): void
    {
        $owner->studio()->keep();
        $this->entities->flush();
        $this->log->note($owner, Happening::StudioKept);
        $this->letters->notice($owner, 'Your studio is open again; nothing in it will be erased.');
    }

    /** @return int how many were erased */
    public function erase(): int
    {
        $over = $this->studios->findOverdue($this->clock->now());
        foreach ($over as $studio) {
            $this->rows->erase($studio);
            $this->logger->notice('A studio was erased when its time of grace was over.', [
                'studio' => (string) $studio->id(),
            ]);
        }

        return \count($over);
    }
}
