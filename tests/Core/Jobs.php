<?php

declare(strict_types=1);

namespace Tests\Core;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Length;

/** Short ways to say what the tests are about; all figures in inches. */
final class Jobs
{
    public static function top(float $width, float $length): Top
    {
        [$w, $l] = [Length::inches($width), Length::inches($length)];

        return new Top($w, $w, $w, $l, $l, $l);
    }

    public static function backing(float $across, float $along, ?float $diagonal = null, ?float $bolt = null): Backing
    {
        [$a, $l] = [Length::inches($across), Length::inches($along)];

        return new Backing(
            $a,
            $l,
            $a,
            $l,
            null === $diagonal ? null : Length::inches($diagonal),
            bolt: null === $bolt ? null : Length::inches($bolt),
        );
    }

    public static function crooked(float $top, float $right, float $bottom, float $left, float $diagonal): Backing
    {
        return new Backing(
            ...array_map(static fn(float $side): Length => Length::inches($side), [
                $top,
                $right,
                $bottom,
                $left,
                $diagonal,
            ]),
        );
    }

    public static function frame(): Frame
    {
        return Frames::bare();
    }

    /** @return array<string, mixed> a whole job document that loads */
    public static function document(): array
    {
        $text = file_get_contents(__DIR__ . '/Exchange/documents/fits.job.json');
        /** @var array<string, mixed> $document */
        $document = json_decode((string) $text, true, flags: \JSON_THROW_ON_ERROR);

        return $document;
    }
}
