<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Advance\Proposal;
use Schwung\Core\Advance\ProposalKind;
use Schwung\Core\Exchange\BackingWriter;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Sizing\RemedyKind;

/** Finds what a stage offers by its word, and writes it into a sheet, for trying it on as for keeping it. */
final readonly class TryingOn
{
    /** The remedy or proposal of this word that the stage offers; null where it is not on offer any more. */
    public function find(Preparation $preparation, string $stage, string $word): Remedy|Proposal|null
    {
        $offers = 'passes' === $stage ? $preparation->proposals() : $preparation->remedies();
        foreach ($offers as $offer) {
            if ($offer->kind->value === $word && ($offer instanceof Remedy || $offer->kind->canBeTried())) {
                return $offer;
            }
        }

        return null;
    }

    public function apply(Remedy|Proposal $offer, Sheet $sheet): Sheet
    {
        return $offer instanceof Remedy ? $this->remedied($offer, $sheet) : $this->proposed($offer, $sheet);
    }

    private function remedied(Remedy $remedy, Sheet $sheet): Sheet
    {
        [$load, $backing] = [$remedy->load, $remedy->backing];

        return match ($remedy->kind) {
            RemedyKind::Turn => $sheet->with('load/direction', $load->direction->value ?? 'auto'),
            RemedyKind::Swap => null === $backing ? $sheet : $sheet->withAll((new BackingWriter())->laid($backing)),
            RemedyKind::Method => $sheet
                ->with('load/lead/method', $load->lead->value ?? 'pins')
                ->with('load/tail/method', $load->tail->value ?? 'pins'),
            RemedyKind::Float => $sheet->with('load/float', $load->float->value ?? 'part'),
            RemedyKind::WorkedOut => $sheet->with('load/margins', 'worked-out'),
            RemedyKind::Extend, RemedyKind::SquareUp, RemedyKind::Piece, RemedyKind::AskClient => $sheet->with(
                'desk/mend',
                $remedy->kind->value,
            ),
        };
    }

    private function proposed(Proposal $proposal, Sheet $sheet): Sheet
    {
        $rows = $proposal->rows;
        if (null !== $rows) {
            $sheet = $sheet
                ->with('quilting/row_height', $rows->height->exactText())
                ->with('quilting/gap', $rows->gap->exactText())
                ->with('quilting/finish', $rows->finish->value);
        }
        if (null !== $proposal->direction) {
            $sheet = $sheet->with('load/direction', $proposal->direction->value);
        }

        return match ($proposal->kind) {
            ProposalKind::TurnRound => $sheet->with('desk/turn_round', true),
            ProposalKind::BordersLast => $sheet->with('desk/borders_last', true),
            default => $sheet,
        };
    }
}
