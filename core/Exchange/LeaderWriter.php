<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Leader\LeaderCheck;
use Schwung\Core\Leader\StationResult;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;

/** Writes the result of a leader check, inches in sixteenths. */
final readonly class LeaderWriter
{
    private FigureWriter $figures;

    public function __construct(UnitSystem $units)
    {
        $this->figures = new FigureWriter(new LengthWriter($units, 16));
    }

    /** @return array<string, mixed> */
    public function result(LeaderCheck $check): array
    {
        return [
            'range' => $this->figures->worked($check->range),
            'verdict' => $check->verdict->value,
            'tilt' => $this->figures->worked($check->tilt),
            'bow' => $this->figures->worked($check->bow),
            'cuts' => array_map(
                fn(StationResult $station): array => [
                    'at' => $this->figures->measured($station->reading->at),
                    'cut' => $this->figures->worked($station->cut),
                ],
                $check->stations,
            ),
            'dips' => array_map(
                fn(StationResult $station): array => [
                    'at' => $this->figures->measured($station->reading->at),
                    'dip' => $this->figures->worked($station->dip),
                ],
                $check->stations,
            ),
        ];
    }
}
