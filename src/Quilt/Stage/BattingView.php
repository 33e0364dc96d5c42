<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use App\Drawing\Picture;
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
     */
    public function __construct(
        public ?BattingCheck $check,
        public ?array $rollCuts,
        public bool $hasPieces,
        public ?PieceLayout $layout,
        public ?Picture $picture,
    ) {}
}
