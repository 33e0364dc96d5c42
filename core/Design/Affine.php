<?php

declare(strict_types=1);

namespace Schwung\Core\Design;

use Schwung\Core\Design\Exception\UnusableDesign;
use Schwung\Core\Measure\Point;

/** An affine map of the plane: x' = a·x + c·y + e, y' = b·x + d·y + f, as the transform attribute of SVG writes it. */
final readonly class Affine
{
    private const MOST_STEPS = 50;
    private const LARGEST = 1e7;
    private const NUMBER = '[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d{1,3})?';

    private function __construct(
        private float $a,
        private float $b,
        private float $c,
        private float $d,
        private float $e,
        private float $f,
    ) {}

    public static function identity(): self
    {
        return new self(1, 0, 0, 1, 0, 0);
    }

    public static function scaling(float $factor): self
    {
        return new self($factor, 0, 0, $factor, 0, 0);
    }

    /** @throws UnusableDesign if the text is no list of transforms */
    public static function parse(string $text): self
    {
        $map = self::identity();
        $rest = trim($text);
        for ($step = 0; '' !== $rest; ++$step) {
            if (
                $step >= self::MOST_STEPS ||
                1 !==
                    preg_match(
                        '/^(\w+)\s*\(\s*(' . self::NUMBER . '(?:[\s,]+' . self::NUMBER . '){0,5})\s*\)[\s,]*/',
                        $rest,
                        $found,
                    )
            ) {
                throw UnusableDesign::because(\sprintf('The transform "%s" cannot be read.', mb_substr($text, 0, 60)));
            }
            $map = $map->after(
                self::step($found[1], array_map(floatval(...), preg_split('/[\s,]+/', $found[2]) ?: [])),
            );
            $rest = substr($rest, \strlen($found[0]));
        }

        return $map;
    }

    private function isSane(): bool
    {
        foreach ([$this->a, $this->b, $this->c, $this->d, $this->e, $this->f] as $number) {
            if (!is_finite($number) || abs($number) > self::LARGEST) {
                return false;
            }
        }

        return true;
    }

    /**
     * This map of what $inner gives.
     *
     * @throws UnusableDesign if it would carry everything out of sight
     */
    public function after(self $inner): self
    {
        $map = new self(
            $this->a * $inner->a + $this->c * $inner->b,
            $this->b * $inner->a + $this->d * $inner->b,
            $this->a * $inner->c + $this->c * $inner->d,
            $this->b * $inner->c + $this->d * $inner->d,
            $this->a * $inner->e + $this->c * $inner->f + $this->e,
            $this->b * $inner->e + $this->d * $inner->f + $this->f,
        );
        if (!$map->isSane()) {
            throw UnusableDesign::because('A transform of the drawing is far too large.');
        }

        return $map;
    }

    public function apply(float $x, float $y): Point
    {
        return new Point($this->a * $x + $this->c * $y + $this->e, $this->b * $x + $this->d * $y + $this->f);
    }

    /** @param list<float> $v */
    private static function step(string $name, array $v): self
    {
        return match ([$name, \count($v)]) {
            ['matrix', 6] => new self(...$v),
            ['translate', 1] => new self(1, 0, 0, 1, $v[0], 0),
            ['translate', 2] => new self(1, 0, 0, 1, $v[0], $v[1]),
            ['scale', 1] => new self($v[0], 0, 0, $v[0], 0, 0),
            ['scale', 2] => new self($v[0], 0, 0, $v[1], 0, 0),
            ['rotate', 1] => self::rotation($v[0]),
            ['rotate', 3] => (new self(1, 0, 0, 1, $v[1], $v[2]))
                ->after(self::rotation($v[0]))
                ->after(new self(1, 0, 0, 1, -$v[1], -$v[2])),
            ['skewX', 1] => new self(1, 0, tan(deg2rad($v[0])), 1, 0, 0),
            ['skewY', 1] => new self(1, tan(deg2rad($v[0])), 0, 1, 0, 0),
            default => throw UnusableDesign::because(
                \sprintf('There is no transform "%s" with %d numbers.', mb_substr($name, 0, 20), \count($v)),
            ),
        };
    }

    private static function rotation(float $degrees): self
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

        return new self($cos, $sin, -$sin, $cos, 0, 0);
    }
}
