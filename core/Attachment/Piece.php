<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Measure\Length;

/** One pin, clip, clamp, magnet or zip at its place on the rail; from and to are the same for a point. */
final readonly class Piece
{
    /**
     * @param Length $from  from the leader's centre mark, right positive
     * @param int    $order in which it is placed, from 1
     */
    public function __construct(public Length $from, public Length $to, public int $order) {}

    public static function at(Length $place, int $order): self
    {
        return new self($place, $place, $order);
    }

    /**
     * Points along an edge.
     *
     * @param list<Length> $places from the edge's centre, from left to right
     * @param list<int>    $orders of placing, in the same order
     *
     * @return list<self>
     */
    public static function row(array $places, array $orders, Edge $edge): array
    {
        return array_map(
            static fn(Length $place, int $order): self => self::at($place->plus($edge->position), $order),
            $places,
            $orders,
        );
    }

    public function centre(): Length
    {
        return $this->from->plus($this->to)->half();
    }

    public function length(): Length
    {
        return $this->to->minus($this->from);
    }
}
