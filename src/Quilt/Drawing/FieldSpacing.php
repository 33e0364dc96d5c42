<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use App\Drawing\Canvas;
use Schwung\Core\Measure\Point;

/**
 * Keeps the fields of a drawing clear of each other, of the rulers and of the rails, however small or long a quilt is:
 * each is moved along its own line first, and beside it where the line is too short.
 */
final readonly class FieldSpacing
{
    /** A field on the narrowest of desks, in pixels of the drawing. */
    private const WIDE = 124;
    private const HIGH = 52;
    /** Places along a line that are tried, after the field's own. */
    private const SHARES = [0.5, 0.3, 0.7, 0.2, 0.8, 0.4, 0.6, 0.12, 0.88];
    /** So many fields beside the line. */
    private const FARTHEST = 4;
    private const ROOM = ['left' => 54, 'top' => 66, 'right' => 4, 'bottom' => 42];

    public function __construct(private Canvas $canvas) {}

    /**
     * @param list<MeasureField> $fields the most wanted at its place first
     *
     * @return list<MeasureField>
     */
    public function spaced(array $fields): array
    {
        $placed = [];
        foreach ($fields as $field) {
            $placed[] = $this->place($field, $placed);
        }

        return $placed;
    }

    /** @param list<MeasureField> $placed */
    private function place(MeasureField $field, array $placed): MeasureField
    {
        foreach ($this->places($field) as $point) {
            $moved = $field->at($point);
            if ($this->isInside($moved) && !$this->meetsAny($moved, $placed)) {
                return $moved;
            }
        }

        return $field;
    }

    /** @return iterable<Point> on its line, then farther and farther beside it */
    private function places(MeasureField $field): iterable
    {
        yield new Point($field->x, $field->y);
        $on = static fn(float $share): Point => new Point(
            $field->x1 + $share * ($field->x2 - $field->x1),
            $field->y1 + $share * ($field->y2 - $field->y1),
        );
        foreach (self::SHARES as $share) {
            yield $on($share);
        }
        [$wide, $high] = [$this->canvas->px(self::WIDE), $this->canvas->px(self::HIGH)];
        for ($far = 1; $far <= self::FARTHEST; ++$far) {
            foreach ([0.5, 0.25, 0.75] as $share) {
                foreach ([[-$wide, 0.0], [$wide, 0.0], [0.0, -$high], [0.0, $high]] as [$dx, $dy]) {
                    yield new Point($on($share)->x + $far * $dx, $on($share)->y + $far * $dy);
                }
            }
        }
    }

    private function isInside(MeasureField $field): bool
    {
        [$x, $y] = [$this->canvas->px(self::WIDE / 2), $this->canvas->px(self::HIGH / 2)];

        return $field->x - $x >= $this->canvas->left + $this->canvas->px(self::ROOM['left']) &&
            $field->x + $x <= $this->canvas->right() - $this->canvas->px(self::ROOM['right']) &&
            $field->y - $y >= $this->canvas->top + $this->canvas->px(self::ROOM['top']) &&
            $field->y + $y <= $this->canvas->bottom() - $this->canvas->px(self::ROOM['bottom']);
    }

    /** @param list<MeasureField> $placed */
    private function meetsAny(MeasureField $field, array $placed): bool
    {
        foreach ($placed as $that) {
            if (
                abs($field->x - $that->x) < $this->canvas->px(self::WIDE) &&
                abs($field->y - $that->y) < $this->canvas->px(self::HIGH)
            ) {
                return true;
            }
        }

        return false;
    }
}
