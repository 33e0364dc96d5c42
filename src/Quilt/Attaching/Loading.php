<?php

declare(strict_types=1);

namespace App\Quilt\Attaching;

use App\Leaders\LeaderLoad;
use App\Leaders\Roller;
use App\Leaders\StudioLeaderRepository;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Measure\UnitSystem;

/** Marks a quilt as on its frame, and writes down where it hangs from the leaders, so that their wear shows. */
final readonly class Loading
{
    public function __construct(
        private Preparations $preparations,
        private StudioLeaderRepository $leaders,
        private EntityManagerInterface $entities,
    ) {}

    public function load(Quilt $quilt, \DateTimeImmutable $now): void
    {
        $holding = $this->preparations->of($quilt, UnitSystem::Inches)->holding();
        if ($quilt->isLoaded() || null === $quilt->frame() || null === $holding) {
            return;
        }
        $leaders = $this->leaders->ofFrame($quilt->frame());
        foreach ($holding->ends->byEdge() as $edge => $attachment) {
            $leader = $leaders->all[Roller::holding($edge)->value] ?? null;
            if (null !== $leader && null !== $attachment) {
                $leader->hang(
                    new LeaderLoad(
                        $leader,
                        $now,
                        $quilt->title(),
                        new PastLoad($holding->place, $attachment->edge->length()),
                    ),
                );
                $this->entities->persist($leader);
            }
        }
        $quilt->load($now);
    }
}
