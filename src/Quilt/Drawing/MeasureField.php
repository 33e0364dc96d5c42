<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use Schwung\Core\Job\Tape;
use Schwung\Core\Job\Taping;
use Schwung\Core\Measure\Length;

/**
 * A field typed at the line that it measures: where its middle stands, and that line (millimetres); while it is not
 * measured, what may be guessed of it.
 */
final readonly class MeasureField
{
    public function __construct(
        public string $path,
        public string $label,
        public float $x,
        public float $y,
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
        public bool $isMeasured = true,
        public ?Length $guess = null,
    ) {}

    public function taped(Tape $tape): self
    {
        $measure = Taping::from($this->path);

        return new self(
            path: $this->path,
            label: $this->label,
            x: $this->x,
            y: $this->y,
            x1: $this->x1,
            y1: $this->y1,
            x2: $this->x2,
            y2: $this->y2,
            isMeasured: null !== $tape->at($measure),
            guess: null === $tape->at($measure) ? $tape->guess($measure) : null,
        );
    }
}
