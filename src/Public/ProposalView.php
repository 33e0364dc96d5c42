<?php

declare(strict_types=1);

namespace App\Public;

use App\Quilt\EntryText;
use App\Quilt\Preparations;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;

/** Lays what a client sent beside what the studio measured. */
final readonly class ProposalView
{
    public function __construct(private Preparations $preparations) {}

    public function of(Proposal $proposal, UnitSystem $units): ProposalShown
    {
        [$lines, $writer] = [[], new LengthWriter($units)];
        $sheet = $proposal->quilt->sheet();
        foreach ($proposal->measures as $path => $text) {
            $lines[] = new ProposedMeasure(
                $path,
                ClientMeasures::ASKED[$path] ?? $path,
                EntryText::inUnits($text, $writer),
                EntryText::inUnits($sheet->text($path), $writer),
            );
        }
        $would =
            [] === $lines || !$proposal->isOpen()
                ? ''
                : $this->preparations
                    ->of($proposal->quilt, $units, ClientMeasures::laid($sheet, $proposal->measures))
                    ->sentence()
                    ->writtenBy($writer);

        return new ProposalShown($proposal, $lines, $would);
    }
}
