<?php

declare(strict_types=1);

namespace Schwung\Core\Design;

use Schwung\Core\Design\Exception\UnusableDesign;
use Schwung\Core\Measure\Point;

/**
 * Reads the d attribute of an SVG path, all kinds of segments, as polylines in millimetres.
 *
 * Curves are cut into so many straight pieces that none is off by more than a twentieth of a millimetre.
 */
final class PathReader
{
    private const MOST_COMMANDS = 100_000;
    private const MOST_PIECES = 64;
    private const OFF_BY = 0.05;
    private const NUMBERS = [
        'M' => 2,
        'L' => 2,
        'H' => 1,
        'V' => 1,
        'C' => 6,
        'S' => 4,
        'Q' => 4,
        'T' => 2,
        'A' => 7,
        'Z' => 0,
    ];

    /** @var list<non-empty-list<Point>> */
    private array $lines = [];
    private float $x = 0;
    private float $y = 0;
    private float $startX = 0;
    private float $startY = 0;
    /** @var array{float, float}|null the last control point, for smooth curves */
    private ?array $control = null;
    private string $before = '';

    private function __construct(private readonly Affine $map, private int $left) {}

    /**
     * @param Affine $map  to millimetres
     * @param int    $most points, before it is given up
     *
     * @return list<non-empty-list<Point>>
     *
     * @throws UnusableDesign if the text is no path
     */
    public static function read(string $text, Affine $map, int $most = StitchPath::MOST_POINTS): array
    {
        $reader = new self($map, $most);
        foreach (self::commands($text) as [$letter, $numbers]) {
            $reader->draw($letter, $numbers);
        }

        return $reader->lines;
    }

    /** @return iterable<array{string, list<float>}> one segment each, with as many numbers as its letter takes */
    private static function commands(string $text): iterable
    {
        $count = 0;
        $offset = 0;
        $length = \strlen($text);
        $letter = '';
        while (true) {
            $offset += strspn($text, " \t\r\n,", $offset);
            if ($offset >= $length) {
                return;
            }
            if (ctype_alpha($text[$offset])) {
                $letter = $text[$offset++];
            } elseif ('' === $letter || 'Z' === strtoupper($letter)) {
                throw self::unreadable($text, $offset);
            } else {
                // More numbers after a move are lines.
                $letter = ['M' => 'L', 'm' => 'l'][$letter] ?? $letter;
            }
            if (
                !isset(self::NUMBERS[strtoupper($letter)]) ||
                (0 === $count && 'M' !== strtoupper($letter)) ||
                ++$count > self::MOST_COMMANDS
            ) {
                throw self::unreadable($text, max(0, $offset - 1));
            }
            $numbers = [];
            for ($i = 0; $i < self::NUMBERS[strtoupper($letter)]; ++$i) {
                $numbers[] = self::number($text, $offset, 'A' === strtoupper($letter) && (3 === $i || 4 === $i));
            }
            yield [$letter, $numbers];
        }
    }

    /** @param bool $isFlag one digit, which may stand right before the next number */
    private static function number(string $text, int &$offset, bool $isFlag): float
    {
        $offset += strspn($text, " \t\r\n,", $offset);
        $pattern = $isFlag ? '/\G[01]/' : '/\G[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d{1,3})?/';
        if (1 !== preg_match($pattern, $text, $found, 0, $offset) || abs((float) $found[0]) > 1e7) {
            throw self::unreadable($text, $offset);
        }
        $offset += \strlen($found[0]);

        return (float) $found[0];
    }

    private static function unreadable(string $text, int $offset): UnusableDesign
    {
        return UnusableDesign::because(
            \sprintf('A path cannot be read at "%s".', mb_scrub(substr($text, $offset, 20))),
        );
    }

    /** @param list<float> $n */
    private function draw(string $letter, array $n): void
    {
        $kind = strtoupper($letter);
        [$dx, $dy] = $letter === $kind ? [0.0, 0.0] : [$this->x, $this->y];
        match ($kind) {
            'M' => $this->move($n[0] + $dx, $n[1] + $dy),
            'L' => $this->line($n[0] + $dx, $n[1] + $dy),
            'H' => $this->line($n[0] + $dx, $this->y),
            'V' => $this->line($this->x, $n[0] + $dy),
            'Z' => $this->line($this->startX, $this->startY),
            'C' => $this->cubic($n[0] + $dx, $n[1] + $dy, $n[2] + $dx, $n[3] + $dy, $n[4] + $dx, $n[5] + $dy),
            'S' => $this->cubic(...$this->mirrored('CS'), ...[$n[0] + $dx, $n[1] + $dy, $n[2] + $dx, $n[3] + $dy]),
            'Q' => $this->quadratic($n[0] + $dx, $n[1] + $dy, $n[2] + $dx, $n[3] + $dy),
            'T' => $this->quadratic(...$this->mirrored('QT'), ...[$n[0] + $dx, $n[1] + $dy]),
            default => $this->arc($n, $n[5] + $dx, $n[6] + $dy),
        };
        $this->before = $kind;
    }

    private function move(float $x, float $y): void
    {
        [$this->x, $this->y, $this->startX, $this->startY] = [$x, $y, $x, $y];
        $this->begin($x, $y);
    }

    private function begin(float $x, float $y): void
    {
        $this->count();
        $this->lines[] = [$this->map->apply($x, $y)];
    }

    private function count(): void
    {
        if (--$this->left < 0) {
            throw StitchPath::tooMany();
        }
    }

    private function line(float $x, float $y): void
    {
        if ('Z' === $this->before) {
            $this->begin($this->x, $this->y);
        }
        [$this->x, $this->y] = [$x, $y];
        $this->add($this->map->apply($x, $y));
    }

    private function add(Point $point): void
    {
        $this->count();
        $this->lines[\count($this->lines) - 1][] = $point;
    }

    /**
     * The control point that carries a curve on smoothly, if the segment before was of these kinds.
     *
     * @return array{float, float}
     */
    private function mirrored(string $kinds): array
    {
        return null !== $this->control && '' !== $this->before && str_contains($kinds, $this->before)
            ? [2 * $this->x - $this->control[0], 2 * $this->y - $this->control[1]]
            : [$this->x, $this->y];
    }

    private function quadratic(float $x1, float $y1, float $x, float $y): void
    {
        [$x0, $y0] = [$this->x, $this->y];
        $this->cubic(
            $x0 + (2 / 3) * ($x1 - $x0),
            $y0 + (2 / 3) * ($y1 - $y0),
            $x + (2 / 3) * ($x1 - $x),
            $y + (2 / 3) * ($y1 - $y),
            $x,
            $y,
        );
        $this->control = [$x1, $y1];
    }

    /** @param list<float> $n */
    private function arc(array $n, float $x, float $y): void
    {
        foreach (
            (new Arc($n[0], $n[1], $n[2], 0.0 !== $n[3], 0.0 !== $n[4]))->curves($this->x, $this->y, $x, $y)
            as $curve
        ) {
            $this->cubic(...$curve);
        }
    }

    private function cubic(float $x1, float $y1, float $x2, float $y2, float $x3, float $y3): void
    {
        if ('Z' === $this->before) {
            $this->begin($this->x, $this->y);
        }
        [$p0, $p1, $p2, $p3] = [
            $this->map->apply($this->x, $this->y),
            $this->map->apply($x1, $y1),
            $this->map->apply($x2, $y2),
            $this->map->apply($x3, $y3),
        ];
        // The second differences bound how far a chord strays from its curve.
        $bend = max(
            hypot($p0->x - 2 * $p1->x + $p2->x, $p0->y - 2 * $p1->y + $p2->y),
            hypot($p1->x - 2 * $p2->x + $p3->x, $p1->y - 2 * $p2->y + $p3->y),
        );
        $pieces = max(1, min(self::MOST_PIECES, (int) ceil(sqrt((0.75 * $bend) / self::OFF_BY))));
        for ($i = 1; $i <= $pieces; ++$i) {
            $t = $i / $pieces;
            [$a, $b, $c, $d] = [(1 - $t) ** 3, 3 * $t * (1 - $t) ** 2, 3 * $t ** 2 * (1 - $t), $t ** 3];
            $this->add(
                new Point(
                    $a * $p0->x + $b * $p1->x + $c * $p2->x + $d * $p3->x,
                    $a * $p0->y + $b * $p1->y + $c * $p2->y + $d * $p3->y,
                ),
            );
        }
        [$this->x, $this->y, $this->control, $this->before] = [$x3, $y3, [$x2, $y2], 'C'];
    }
}
