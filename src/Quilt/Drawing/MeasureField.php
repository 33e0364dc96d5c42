<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use Schwung\Core\Job\Tape;
use Schwung\Core\Job\Taping;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Point;

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

    /** The same field elsewhere; its line stays where it is. */
    public function at(Point $point): self
    {
        return new self(
            path: $this->path,
            label: $this->label,
            x: $point->x,
            y: $point->y,
            x1: $this->x1,
            y1: $this->y1,
            x2: $this->x2,
            y2: $this->y2,
            isMeasured: $this->isMeasured,
            guess: $this->guess,
        );
    }

    /** How far it stands from its line, in millimetres. */
    public function aside(): float
    {
        $length = hypot($this->x2 - $this->x1, $this->y2 - $this->y1);

        return 0.0 === $length
            ? 0.0
            : abs(($this->x2 - $this->x1) * ($this->y1 - $this->y) - ($this->x1 - $this->x) * ($this->y2 - $this->y1)) /
                    $length;
    }

    /** Where on its line it belongs. */
    public function foot(): Point
    {
        return new Point(($this->x1 + $this->x2) / 2, ($this->y1 + $this->y2) / 2);
    }

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
            guess: $tape->guessOfOpen($measure),
        );
    }
}
