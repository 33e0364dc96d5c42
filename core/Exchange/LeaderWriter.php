<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Leader\LeaderCheck;
use Schwung\Core\Leader\StationResult;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;

/** Writes the result of a leader check, inches in sixteenths. */
final readonly class LeaderWriter
{
    private LengthWriter $writer;

    public function __construct(UnitSystem $units)
    {
        $this->writer = new LengthWriter($units, 16);
    }

    /** @return array<string, mixed> */
    public function result(LeaderCheck $check): array
    {
        return [
            'range' => $this->figure($check->range->figure),
            'verdict' => $check->verdict->value,
            'tilt' => $this->figure($check->tilt->figure),
            'bow' => $this->figure($check->bow->figure),
            'cuts' => array_map(fn (StationResult $station): array => ['at' => $this->figure(Figure::measured($station->reading->at)), 'cut' => $this->figure($station->cut->figure)], $check->stations),
            'dips' => array_map(fn (StationResult $station): array => ['at' => $this->figure(Figure::measured($station->reading->at)), 'dip' => $this->figure($station->dip->figure)], $check->stations),
        ];
    }

    /** @return array{mm: float, text: string} */
    private function figure(Figure $figure): array
    {
        return ['mm' => round($figure->length->toMillimetres(), 3), 'text' => $figure->writtenBy($this->writer)];
    }
}
