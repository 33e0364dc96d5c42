<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** A length together with the way it is rounded when written. */
final readonly class Figure
{
    private const UNSEEN = 0.05;

    /** @param float $forgiven millimetres added before rounding: geometry carries noise that no tape sees */
    private function __construct(public Length $length, public Rounding $rounding, private float $forgiven = 0.0) {}

    /** What is needed or must be cut: never written too small. */
    public static function needed(Length $length): self
    {
        return new self($length, Rounding::Up);
    }

    public static function measured(Length $length): self
    {
        return new self($length, Rounding::Nearest);
    }

    /** What is there or is left over: never written too large by more than a twentieth of a millimetre. */
    public static function left(Length $length): self
    {
        return new self($length, Rounding::Down, self::UNSEEN);
    }

    /** What geometry finds missing: never written too small by more than a twentieth of a millimetre. */
    public static function missing(Length $length): self
    {
        return new self($length, Rounding::Up, -self::UNSEEN);
    }

    public function writtenBy(LengthWriter $writer): string
    {
        return $writer->write($this->length->plus(Length::millimetres($this->forgiven)), $this->rounding);
    }
}
