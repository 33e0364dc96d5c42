<?php

declare(strict_types=1);

namespace App\Frames;

use App\Drawing\Canvas;
use App\Drawing\Shape;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Plan\WoundState;
use Schwung\Core\Practice\FloatKind;

/**
 * The way of backing, batting and top over the bars of a frame, from the take-up roll to where each of them waits.
 *
 * The layers are drawn a little apart, or nobody could follow them.
 */
final readonly class ClothRun
{
    private const HANG = 150.0;
    private const CORNERS = 24;

    public function __construct(private SideGeometry $side, private WoundState $state, private Canvas $canvas) {}

    /** @return array{float, float} the centre of the roller that feeds the backing */
    public static function backingRoller(SideGeometry $side): array
    {
        return FrameKind::RollerFrontBacking === $side->kind ? [$side->frontBar + 95, 50] : [$side->frontBar + 6, 150];
    }

    /** @return list<array{float, float}> from the front bar to its roller, which is so thick by now */
    public static function overFrontBar(SideGeometry $side, float $radius): array
    {
        [$x, $y] = self::backingRoller($side);
        $bar = $side->frontBar;

        return FrameKind::RollerFrontBacking === $side->kind
            ? [[$bar, 0.0], [$x, $y - $radius]]
            : [
                [$bar, 0.0],
                [$bar + SideGeometry::BAR * 0.7, SideGeometry::BAR * 0.3],
                [$bar + SideGeometry::BAR, SideGeometry::BAR],
                [$x + $radius, $y],
            ];
    }

    /** @return array{float, float} the centre of the roller that feeds the top */
    public static function topRoller(SideGeometry $side): array
    {
        return [$side->frontBar + 48, -95];
    }

    /** @return list<Shape> */
    public function shapes(): array
    {
        return [
            Shape::polyline($this->takenUp(), 'cloth cloth-taken'),
            ...match ($this->side->kind) {
                FrameKind::Roller => $this->overRollers(),
                FrameKind::RollerFrontBacking => $this->overFrontRoller(),
                FrameKind::Clamp => $this->inClamps(),
                FrameKind::ClampWithRollers => $this->backingRolledTopClamped(),
            },
        ];
    }

    /** @return list<array{float, float}> from the leveller, under the roll and up its back */
    private function takenUp(): array
    {
        $from = [$this->side->leveller(), 0.0];
        $angle = $this->tangentAngle($from);
        $points = [[$this->side->frontBar, 0.0], $from];
        for ($i = 0; $i <= self::CORNERS; ++$i) {
            $turn = $angle + ($i / self::CORNERS) * \M_PI;
            $points[] = [
                $this->side->takeupX + $this->state->radius * cos($turn),
                $this->side->takeupY + $this->state->radius * sin($turn),
            ];
        }

        return $points;
    }

    /**
     * Where the cloth from a point in front meets the roll from below.
     *
     * @param array{float, float} $from
     */
    private function tangentAngle(array $from): float
    {
        [$dx, $dy] = [$from[0] - $this->side->takeupX, $from[1] - $this->side->takeupY];
        $distance = hypot($dx, $dy);

        return atan2($dy, $dx) + acos(min(1.0, $this->state->radius / $distance));
    }

    /** @return list<Shape> */
    private function overRollers(): array
    {
        $bar = $this->side->frontBar;
        $top = FloatKind::Full === $this->state->float ? $this->hanging(-7, 30) : $this->fromTopRoller();

        return [
            ...$this->backing(),
            $this->layer($this->hanging(-3.5, 21), 'batting'),
            $this->layer($top, 'top'),
            ...FloatKind::Full === $this->state->float
                ? []
                : [
                    Shape::circle(
                        self::topRoller($this->side)[0],
                        self::topRoller($this->side)[1],
                        $this->state->topRadius,
                        'ring',
                    ),
                ],
            ...$this->names(
                $bar + 90,
                200,
                FloatKind::Full === $this->state->float ? 'top floats, with the batting' : 'batting hangs',
                'end',
            ),
        ];
    }

    /** @return list<Shape> */
    private function overFrontRoller(): array
    {
        return [
            ...$this->backing(),
            $this->layer($this->hangingOver(-3.5, 6), 'batting'),
            $this->layer($this->hangingOver(-7, 14), 'top'),
            ...$this->names($this->side->frontBar + 145, 200, 'top floats, with the batting', 'end'),
        ];
    }

    /** @return list<Shape> */
    private function inClamps(): array
    {
        $bar = $this->side->frontBar;
        $radius = $this->state->feedRadius;
        $middle = [$bar + 26 + $radius, -$radius];

        return [
            Shape::circle($middle[0], $middle[1], $radius, 'rolled'),
            Shape::polyline([[$bar, 0], [$middle[0], 0]], 'cloth cloth-taken'),
            ...$this->clamp($bar),
            ...$this->clip($middle[0], $middle[1], $radius),
            ...$this->names($bar + 145, 84, 'loose quilt, clipped', 'end'),
        ];
    }

    /** @return list<Shape> */
    private function backingRolledTopClamped(): array
    {
        return [
            ...$this->backing(),
            $this->layer($this->hanging(-3.5, 21), 'batting'),
            $this->layer($this->hanging(-7, 30), 'top'),
            ...$this->clamp($this->side->frontBar),
            ...$this->names($this->side->frontBar + 145, 200, 'top and batting, clamped', 'end'),
        ];
    }

    /** @return list<Shape> the backing over the front bar to its roller, and what is still on it */
    private function backing(): array
    {
        [$x, $y] = self::backingRoller($this->side);
        $points = self::overFrontBar($this->side, $this->state->feedRadius);

        return [
            Shape::circle($x, $y, $this->state->feedRadius, 'feed'),
            Shape::circle($x, $y, $this->side->backingRadius, 'roller'),
            $this->layer($points, 'backing'),
        ];
    }

    /** @return list<array{float, float}> over the front bar and down before the rollers */
    private function hanging(float $above, float $out): array
    {
        $bar = $this->side->frontBar;
        $clear = max($out, self::backingRoller($this->side)[0] - $bar + $this->state->feedRadius + $out - 14);

        return [
            [$this->side->needle(), $above],
            [$bar, $above],
            [$bar + $out * 0.8, 4.0],
            [$bar + $clear, 60.0],
            [$bar + $clear, self::HANG + $out],
        ];
    }

    /** @return list<array{float, float}> over the front bar and the front roller, then down */
    private function hangingOver(float $above, float $out): array
    {
        [$x, $y] = self::backingRoller($this->side);
        $radius = $this->state->feedRadius;

        return [
            [$this->side->needle(), $above],
            [$this->side->frontBar, $above],
            [$x, $y - $radius + $above],
            [$x + 0.75 * $radius + $out, $y - 0.6 * $radius],
            [$x + $radius + $out, $y + 10],
            [$x + $radius + $out, self::HANG + 2 * $out],
        ];
    }

    /** @return list<array{float, float}> */
    private function fromTopRoller(): array
    {
        [$x, $y] = self::topRoller($this->side);
        $bar = $this->side->frontBar;

        return [
            [$this->side->needle(), -7.0],
            [$bar - 30, -7.0],
            [$x - 0.7 * $this->state->topRadius, $y + 0.7 * $this->state->topRadius],
        ];
    }

    /** @return list<Shape> a clamp that grips all layers on a pole */
    private function clamp(float $x): array
    {
        return [Shape::polyline([[$x - 20, -34], [$x - 8, -6], [$x + 8, -6], [$x + 20, -34]], 'clip')];
    }

    /** @return list<Shape> a spring clip over a loose roll */
    private function clip(float $x, float $y, float $radius): array
    {
        $over = [];
        for ($i = 0; $i <= self::CORNERS; ++$i) {
            $turn = -0.85 * \M_PI + (0.7 * \M_PI * $i) / self::CORNERS;
            $over[] = [$x + ($radius + 5) * cos($turn), $y + ($radius + 5) * sin($turn)];
        }

        return [Shape::polyline($over, 'clip')];
    }

    /** @return list<Shape> */
    private function names(float $x, float $y, string $text, string $anchor = 'start'): array
    {
        return [Shape::text($x, $y, $text, $this->canvas->px(12), 'halo text-soft-svg', $anchor)];
    }

    /** @param list<array{float, float}> $points */
    private function layer(array $points, string $name): Shape
    {
        return Shape::polyline($points, "cloth cloth-$name");
    }
}
