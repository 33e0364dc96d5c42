<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

/** The stages of a quilt, in the order of the work. */
enum Stage: string
{
    case Measure = 'measure';
    case Backing = 'backing';
    case Direction = 'direction';
    case Attach = 'attach';
    case Passes = 'passes';
    case Load = 'load';
    case Stitch = 'stitch';
    case Off = 'off';

    /** Those before the quilt is on its frame, which a plan judges. */
    public const PLANNED = [self::Measure, self::Backing, self::Direction, self::Attach, self::Passes, self::Load];

    public function words(): string
    {
        return match ($this) {
            self::Measure => 'Measure',
            self::Backing => 'Backing',
            self::Direction => 'Direction',
            self::Attach => 'Attach',
            self::Passes => 'Passes',
            self::Load => 'Load',
            self::Stitch => 'Stitch',
            self::Off => 'Off',
        };
    }

    /** Where an entry is made, by its pointer in a job document. */
    public static function ofPointer(string $pointer): self
    {
        return match (true) {
            str_starts_with($pointer, '/top') => self::Measure,
            1 === preg_match('~^/load/(lead|tail|top|float)|^/desk/position~', $pointer) => self::Attach,
            str_starts_with($pointer, '/load/direction') => self::Direction,
            1 === preg_match('~^/quilting|^/desk/(design|turn_round|borders_last)~', $pointer) => self::Passes,
            1 === preg_match('~^/backing|^/batting|^/load|^/desk/(mend|strips|repeat|roll|pieces)~', $pointer)
                => self::Backing,
            str_starts_with($pointer, '/desk') => self::Load,
            default => self::Direction,
        };
    }
}
