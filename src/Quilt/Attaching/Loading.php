<?php

declare(strict_types=1);

namespace App\Quilt\Attaching;

use App\Leaders\LeaderLoad;
use App\Leaders\StudioLeaderRepository;
use App\Quilt\Quilt;
use App\Quilt\Reviewer;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Hand;

/** Marks a quilt as on its frame, and writes down where it hangs from the leaders, so that their wear shows. */
final readonly class Loading
{
    public function __construct(
        private Reviewer $reviewer,
        private Attaching $attaching,
        private StudioLeaderRepository $leaders,
        private EntityManagerInterface $entities,
    ) {
    }

    public function load(Quilt $quilt, \DateTimeImmutable $now): void
    {
        $plan = $this->reviewer->review($quilt, UnitSystem::Inches)->shownPlan();
        if ($quilt->isLoaded() || null === $quilt->frame() || null === $plan) {
            return;
        }
        $view = $this->attaching->view($quilt, $plan, $quilt->sheet(), UnitSystem::Inches, Hand::Right);
        $leaders = $this->leaders->ofFrame($quilt->frame());
        foreach ([[End::Lead, $view->edges[0]], [End::Tail, $view->edges[1]]] as [$end, $edge]) {
            $leader = $leaders->at($end);
            if (null !== $leader && null !== $edge->attachment) {
                $leader->hang(new LeaderLoad($leader, $now, $quilt->title(), new PastLoad($view->position, $edge->attachment->edge->length())));
                $this->entities->persist($leader);
            }
        }
        $quilt->load($now);
    }
}
