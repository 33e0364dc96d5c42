<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Sizing\PieceLayout;

/** Several pieces of the shelf that cover one need together, butted. */
final readonly class Joined
{
    /**
     * @param list<Piece> $pieces as the layout counts them
     */
    public function __construct(public PieceLayout $layout, public array $pieces) {}

    /** @return list<string> ids of those that are used, in the order in which they are laid */
    public function ids(): array
    {
        $ids = [];
        foreach ($this->layout->pieces as $laid) {
            $ids[] = $this->pieces[$laid->number]->id;
        }

        return $ids;
    }
}
