<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Worded;

/** An edge of the top by its own name, however it is loaded. Any of them may lead. */
enum TopEdge: string implements Worded
{
    case Top = 'top';
    case Right = 'right';
    case Bottom = 'bottom';
    case Left = 'left';

    /** The edge at one end of the load, where no other was asked for: the top leads, or turned the left. */
    public static function usual(Direction $direction, End $end = End::Lead): self
    {
        $lead = Direction::AsIs === $direction ? self::Top : self::Left;

        return End::Lead === $end ? $lead : $lead->opposite();
    }

    /** The way round that it lies in while it leads. */
    public function direction(): Direction
    {
        return match ($this) {
            self::Top, self::Bottom => Direction::AsIs,
            self::Left, self::Right => Direction::Turned,
        };
    }

    public function opposite(): self
    {
        return match ($this) {
            self::Top => self::Bottom,
            self::Right => self::Left,
            self::Bottom => self::Top,
            self::Left => self::Right,
        };
    }

    public function words(): string
    {
        return "the $this->value edge";
    }

    /** Where the top's own up points for somebody who stands at the frame while this edge leads. */
    public function up(): string
    {
        return match ($this) {
            self::Top => 'away from you, to the take-up',
            self::Bottom => 'toward you, to the front bar',
            self::Left => 'to your right',
            self::Right => 'to your left',
        };
    }
}
