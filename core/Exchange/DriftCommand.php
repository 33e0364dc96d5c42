<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Tension\Drift;
use Schwung\Core\Tension\DriftRule;

/**
 * The command schwung:drift: the register readings of a quilt in, the same with where it is drifting to out.
 *
 * Exit codes: 0 done, 2 the input is wrong.
 */
final readonly class DriftCommand
{
    private const WRONG_INPUT = 2;

    /**
     * @param resource $in  where "-" reads from
     * @param resource $out
     * @param resource $err one line a problem
     */
    public function run(?string $file, $in, $out, $err): int
    {
        try {
            $document = (new DocumentInput())->read($file, $in);
            $log = (new DriftReader())->read($document);
        } catch (FaultyDocument $exception) {
            fwrite($err, $exception->getMessage()."\n");

            return self::WRONG_INPUT;
        }
        $drift = (new DriftRule($log->sideMargin, $log->length))->judge($log->readings);
        $whole = [...(array) $document, 'result' => $this->result($drift, new LengthWriter($log->units, 16))];
        fwrite($out, json_encode($whole, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR)."\n");

        return 0;
    }

    /** @return array<string, mixed> inches in sixteenths; null where three readings are not there */
    private function result(Drift $drift, LengthWriter $writer): array
    {
        $figure = static fn (?Worked $worked): ?array => null === $worked ? null : ['mm' => round($worked->length()->toMillimetres(), 3), 'text' => $worked->figure->writtenBy($writer)];

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
