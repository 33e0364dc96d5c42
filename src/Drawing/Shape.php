<?php

declare(strict_types=1);

namespace App\Drawing;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Worked;

/** One mark of a drawing, ready to be printed as an SVG element; places in the drawing's own units. */
final readonly class Shape
{
    /**
     * @param array<string, string>                          $attributes
     * @param string|Length|Figure|Worked|Phrase|null $text       what a text says, in the reader's units
     */
    private function __construct(
        public string $element,
        public array $attributes,
        public string|Length|Figure|Worked|Phrase|null $text = null,
    ) {}

    public static function line(float $x1, float $y1, float $x2, float $y2, string $class): self
    {
        return new self('line', [
            'x1' => self::number($x1),
            'y1' => self::number($y1),
            'x2' => self::number($x2),
            'y2' => self::number($y2),
            'class' => $class,
        ]);
    }

    public static function box(
        float $left,
        float $top,
        float $width,
        float $height,
        string $class,
        ?string $fill = null,
    ): self {
        return new self('rect', [
            'x' => self::number($left),
            'y' => self::number($top),
            'width' => self::number(max(0.0, $width)),
            'height' => self::number(max(0.0, $height)),
            'class' => $class,
            ...null === $fill ? [] : ['fill' => $fill],
        ]);
    }

    public static function circle(float $x, float $y, float $radius, string $class): self
    {
        return new self('circle', [
            'cx' => self::number($x),
            'cy' => self::number($y),
            'r' => self::number($radius),
            'class' => $class,
        ]);
    }

    /** @param list<array{float, float}> $points */
    public static function polyline(array $points, string $class): self
    {
        return new self('polyline', ['points' => self::points($points), 'class' => $class]);
    }

    /** @param list<array{float, float}> $points */
    public static function polygon(array $points, string $class, ?string $fill = null): self
    {
        return new self('polygon', [
            'points' => self::points($points),
            'class' => $class,
            ...null === $fill ? [] : ['fill' => $fill],
        ]);
    }

    public static function path(string $commands, string $class): self
    {
        return new self('path', ['d' => $commands, 'class' => $class]);
    }

    /** @param float $size the height of the letters in the drawing's units */
    public static function text(
        float $x,
        float $y,
        string|Length|Figure|Worked|Phrase $text,
        float $size,
        string $class = '',
        string $anchor = 'start',
    ): self {
        return new self(
            'text',
            [
                'x' => self::number($x),
                'y' => self::number($y),
                'font-size' => self::number($size),
                'text-anchor' => $anchor,
                'class' => $class,
            ],
            $text,
        );
    }

    public function movedBy(float $x, float $y, float $scale = 1.0): self
    {
        $transform =
            \sprintf('translate(%s %s)', self::number($x), self::number($y)) .
            (1.0 === $scale ? '' : \sprintf(' scale(%.5F)', $scale));

        return new self($this->element, [...$this->attributes, 'transform' => $transform], $this->text);
    }

    /** Another copy of a mark that has this id. */
    public static function copy(string $id, float $x, float $y): self
    {
        return new self('use', ['href' => '#' . $id, 'x' => self::number($x), 'y' => self::number($y)]);
    }

    /** With a mark of its own that a script finds it by. */
    public function marked(string $name, string $value): self
    {
        return new self($this->element, [...$this->attributes, 'data-' . $name => $value], $this->text);
    }

    public function named(string $id): self
    {
        return new self($this->element, [...$this->attributes, 'id' => $id], $this->text);
    }

    public static function number(float $value): string
    {
        $rounded = round($value, 2);

        // Not "-0".
        return (string) (0.0 === $rounded ? 0.0 : $rounded);
    }

    /** @param list<array{float, float}> $points */
    private static function points(array $points): string
    {
        return implode(
            ' ',
            array_map(
                static fn(array $point): string => self::number($point[0]) . ',' . self::number($point[1]),
                $points,
            ),
        );
    }
}
