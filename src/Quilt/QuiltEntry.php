<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Account\Studio;
use App\Clients\ClientBook;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Lock\LockFactory;

/** Enters a quilt once, however often its form is sent. */
final readonly class QuiltEntry
{
    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltRepository $quilts,
        private ClientBook $clients,
        private SheetChanges $changes,
        private LockFactory $locks,
        private ClockInterface $clock,
    ) {}

    public function enter(Studio $studio, NewQuilt $input, Sheet $sheet): Quilt
    {
        $known = $this->quilts->findOneByEntry($studio, $input->key);
        if (null !== $known) {
            return $known;
        }
        $quilt = new Quilt($studio, $input->key, $input->title, $input->client, $input->due, $input->frame);
        if (!$quilt->carriesOthers()) {
            $quilt->belongTo($this->clients->named($studio, $input->client));
        }
        $lock = $this->locks->createLock('number-' . $studio->id());
        $lock->acquire(true);
        try {
            $year = (int) $this->clock->now()->setTimezone($studio->timeZone())->format('Y');
            $quilt->count($year, $this->quilts->nextNumber($studio, $year));
            $this->entities->persist($quilt);
            $this->entities->flush();
        } catch (UniqueConstraintViolationException $exception) {
            // The twin of a double click came first; its quilt is this one.
            return $this->quilts->findOneByEntry($studio, $input->key) ?? throw $exception;
        } finally {
            $lock->release();
        }
        $this->changes->change($quilt, static fn(): Sheet => $sheet);

        return $quilt;
    }
}
