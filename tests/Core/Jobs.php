<?php

declare(strict_types=1);

namespace Tests\Core;

use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Length;
use Schwung\Core\Preparation\Preparation;

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

    /** @param array<string, mixed> $changes to the job that loads: by path, null takes a member away */
    public static function prepared(array $changes): Preparation
    {
        return Preparation::ofJob((new JobReader())->read(self::changed($changes)));
    }

    /**
     * @param array<string, mixed> $changes by path, null takes a member away
     *
     * @return array<string, mixed>
     */
    public static function changed(array $changes): array
    {
        $document = self::document();
        foreach ($changes as $path => $value) {
            $members = explode('/', $path);
            $last = array_pop($members);
            $at = &$document;
            foreach ($members as $member) {
                \assert(\is_array($at));
                $at[$member] ??= [];
                $at = &$at[$member];
            }
            \assert(\is_array($at));
            if (null === $value) {
                unset($at[$last]);
            } else {
                $at[$last] = $value;
            }
            unset($at);
        }

        /** @var array<string, mixed> $document */
        return $document;
    }

    /** @return array<string, mixed> the changes that give a backing these sides */
    public static function sides(float $across, float $along): array
    {
        [$a, $l] = ["$across in", "$along in"];

        return [
            'backing/sides' => ['top' => $a, 'right' => $l, 'bottom' => $a, 'left' => $l],
            'backing/diagonal' => null,
        ];
    }

    /** @return array<string, mixed> the changes that give a top these measures */
    public static function measures(float $width, float $length): array
    {
        [$w, $l] = ["$width in", "$length in"];

        return [
            'top/widths' => ['top' => $w, 'middle' => $w, 'bottom' => $w],
            'top/lengths' => ['left' => $l, 'middle' => $l, 'right' => $l],
            'top/diagonals' => null,
        ];
    }
}
