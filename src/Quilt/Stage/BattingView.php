<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use App\Drawing\Picture;
use App\Shelf\ShelfItem;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\PieceLayout;
use Schwung\Core\Sizing\RollCut;

/** The batting, and what of a roll or of pieces would serve. */
final readonly class BattingView
{
    /**
     * @param list<RollCut>|null $rollCuts null while no roll is given
     * @param bool               $hasPieces whether pieces are given
     * @param PieceLayout|null   $layout    null where they do not cover
     * @param list<int>          $advances  the pass in which each piece of the layout is laid in
     * @param list<ShelfItem>    $shelf     what lies on the shelf and would cover, best first
     */
    public function __construct(
        public ?BattingCheck $check,
        public ?array $rollCuts,
        public bool $hasPieces,
        public ?PieceLayout $layout,
        public ?Picture $picture,
        public array $advances = [],
        public array $shelf = [],
    ) {}
}
