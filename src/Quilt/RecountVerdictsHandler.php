<?php

declare(strict_types=1);

namespace App\Quilt;

use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\MessageBusInterface;

/** Judges a batch of quilts and asks for the next, until no verdict is from before. */
#[AsMessageHandler]
final readonly class RecountVerdictsHandler
{
    /** So many are locked at once: a quilter who saves one of them waits for less than a second. */
    private const BATCH = 50;

    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltRepository $quilts,
        private Preparations $preparations,
        private MessageBusInterface $bus,
    ) {}

    public function __invoke(RecountVerdicts $message): void
    {
        $judged = $this->entities->wrapInTransaction(function () use ($message): int {
            $outdated = $this->quilts->findOutdated($message->studio, self::BATCH);
            foreach ($outdated as $quilt) {
                $quilt->judge(Judgement::of($this->preparations->of($quilt, UnitSystem::Inches)));
            }

            return \count($outdated);
        });
        if (self::BATCH === $judged) {
            $this->bus->dispatch($message);
        }
    }
}
