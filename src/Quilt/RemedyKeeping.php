<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Sizing\RemedyKind;

/** Writes a remedy into a sheet, for trying it on as for keeping it. */
final readonly class RemedyKeeping
{
    public function apply(Remedy $remedy, Sheet $sheet): Sheet
    {
        $load = $remedy->load;

        return match ($remedy->kind) {
            RemedyKind::Turn => $sheet->with('load/direction', $load->direction->value ?? 'auto'),
            RemedyKind::Method => $sheet->with('load/lead/method', $load->lead->value ?? 'pins')->with('load/tail/method', $load->tail->value ?? 'pins'),
            RemedyKind::WorkedOut => $sheet->with('load/margins', 'worked-out'),
            RemedyKind::Extend, RemedyKind::SquareUp, RemedyKind::Piece, RemedyKind::AskClient => $sheet->with('desk/mend', $remedy->kind->value),
        };
    }
}
