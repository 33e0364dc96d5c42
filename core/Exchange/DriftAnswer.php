<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Running\Drift;
use Schwung\Core\Running\DriftRule;

/** Answers schwung:drift: where the top of a quilt is drifting to. */
final readonly class DriftAnswer
{
    /** @throws FaultyDocument if the document is no drift log */
    public function to(mixed $document): Answer
    {
        $log = (new DriftReader())->read($document);

        return Answer::adding(
            $document,
            $this->result(
                (new DriftRule($log->sideMargin, $log->length))->judge($log->readings),
                new FigureWriter(new LengthWriter($log->units, 16)),
            ),
        );
    }

    /** @return array<string, mixed> inches in sixteenths; null where three readings are not there */
    private function result(Drift $drift, FigureWriter $figures): array
    {
        $figure = static fn(?Worked $worked): ?array => null === $worked ? null : $figures->worked($worked);

        return [
            'slope_per_m' => null === $drift->slopePerMetre ? null : round($drift->slopePerMetre, 4),
            'forecast' => $figure($drift->forecast),
            'forecast_error' => $figure($drift->forecastError),
            'margin_left' => $figure($drift->marginLeft),
            'state' => $drift->state->value,
            'skew' => $figure($drift->skew),
        ];
    }
}
