<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Worked;

/** Writes figures as the documents have them: millimetres to the thousandth, and the text that a person reads. */
final readonly class FigureWriter
{
    public function __construct(private LengthWriter $writer) {}

    /** @return array{mm: float, text: string} */
    public function figure(Figure $figure): array
    {
        return ['mm' => round($figure->length->toMillimetres(), 3) + 0.0, 'text' => $figure->writtenBy($this->writer)];
    }

    /** @return array{mm: float, text: string} */
    public function worked(Worked $worked): array
    {
        return $this->figure($worked->figure);
    }

    /** @return array{mm: float, text: string} */
    public function measured(Length $length): array
    {
        return $this->figure(Figure::measured($length));
    }
}
