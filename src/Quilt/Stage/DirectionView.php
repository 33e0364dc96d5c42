<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use App\Drawing\Picture;
use Schwung\Core\Direction\Choice;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Material\TopEdge;

/** Both ways round side by side, and the one that is taken. */
final readonly class DirectionView
{
    /** @param array<string, Picture> $ways both ways round at one scale; empty while nothing is planned */
    public function __construct(
        public ?Choice $choice,
        public ?DirectionPlan $chosen,
        public array $ways,
        public TopEdge $leads,
    ) {}

    /** @return list<TopEdge> the edges that can lead the way round that is taken, the usual one first */
    public function edges(): array
    {
        $usual = TopEdge::usual($this->leads->direction());

        return [$usual, $usual->opposite()];
    }
}
