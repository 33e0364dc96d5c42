<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Account\Studio;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;

/** Enters a quilt once, however often its form is sent. */
final readonly class QuiltEntry
{
    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltRepository $quilts,
        private SheetChanges $changes,
    ) {}

    public function enter(Studio $studio, NewQuilt $input, Sheet $sheet): Quilt
    {
        $known = $this->quilts->findOneByEntry($studio, $input->key);
        if (null !== $known) {
            return $known;
        }
        $quilt = new Quilt($studio, $input->key, $input->title, $input->client, $input->due, $input->frame);
        try {
            $this->entities->persist($quilt);
            $this->entities->flush();
        } catch (UniqueConstraintViolationException $exception) {
            // The twin of a double click came first; its quilt is this one.
            return $this->quilts->findOneByEntry($studio, $input->key) ?? throw $exception;
        }
        $this->changes->change($quilt, static fn(): Sheet => $sheet);

        return $quilt;
    }
}
