<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

use Schwung\Core\Measure\Exception\ImpossibleQuadrilateral;

/**
 * A convex four-sided cloth laid out flat: the top-left corner at the origin, the top side along x.
 *
 * Corners go clockwise as seen on the page: top-left, top-right, bottom-right, bottom-left.
 */
final readonly class Quadrilateral
{
    private function __construct(
        public Point $topLeft,
        public Point $topRight,
        public Point $bottomRight,
        public Point $bottomLeft,
    ) {}

    public static function rectangle(Length $width, Length $height): self
    {
        $w = $width->toMillimetres();
        $h = $height->toMillimetres();

        return new self(new Point(0, 0), new Point($w, 0), new Point($w, $h), new Point(0, $h));
    }

    /**
     * Two triangles on the diagonal from top-left to bottom-right, by the law of cosines.
     *
     * @throws ImpossibleQuadrilateral if a triangle cannot close or the four corners are not convex
     */
    public static function fromSides(Length $top, Length $right, Length $bottom, Length $left, Length $diagonal): self
    {
        self::assertCloses($diagonal, ['top' => $top, 'right' => $right]);
        self::assertCloses($diagonal, ['bottom' => $bottom, 'left' => $left]);
        $a = $top->toMillimetres();
        $p = $diagonal->toMillimetres();
        $x = ($a ** 2 + $p ** 2 - $right->toMillimetres() ** 2) / (2 * $a);
        $bottomRight = new Point($x, sqrt(max(0.0, $p ** 2 - $x ** 2)));
        $d = $left->toMillimetres();
        $onDiagonal = ($d ** 2 + $p ** 2 - $bottom->toMillimetres() ** 2) / (2 * $p);
        $offDiagonal = sqrt(max(0.0, $d ** 2 - $onDiagonal ** 2));
        $u = new Point($bottomRight->x / $p, $bottomRight->y / $p);
        $bottomLeft = new Point($onDiagonal * $u->x - $offDiagonal * $u->y, $onDiagonal * $u->y + $offDiagonal * $u->x);
        $shape = new self(new Point(0, 0), new Point($a, 0), $bottomRight, $bottomLeft);
        $shape->assertConvex();

        return $shape;
    }

    /** @return list<Point> clockwise from the top-left */
    public function corners(): array
    {
        return [$this->topLeft, $this->topRight, $this->bottomRight, $this->bottomLeft];
    }

    /** @param array<string, Length> $sides */
    private static function assertCloses(Length $diagonal, array $sides): void
    {
        [$first, $second] = array_values($sides);
        $longest = Length::longest($diagonal, $first, $second);
        if (!$diagonal->plus($first, $second)->minus($longest)->isLongerThan($longest)) {
            throw ImpossibleQuadrilateral::triangle(array_keys($sides));
        }
    }

    private function assertConvex(): void
    {
        $corners = $this->corners();
        foreach ($corners as $i => $corner) {
            $before = $corner->minus($corners[($i + 3) % 4]);
            $after = $corners[($i + 1) % 4]->minus($corner);
            if ($before->cross($after) <= 0.0) {
                throw ImpossibleQuadrilateral::notConvex(['top-left', 'top-right', 'bottom-right', 'bottom-left'][$i]);
            }
        }
    }
}
