<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Length;

/** The pieced top as measured: three widths, three lengths, both diagonals if taken, its seams from top and left. */
final readonly class Top
{
    /**
     * @param array{Length, Length}|null $diagonals
     * @param list<TopSeam>              $seamsAcross from the top edge, in order
     * @param list<TopSeam>              $seamsAlong  from the left edge, in order
     */
    public function __construct(
        public Length $widthTop,
        public Length $widthMiddle,
        public Length $widthBottom,
        public Length $lengthLeft,
        public Length $lengthMiddle,
        public Length $lengthRight,
        public ?array $diagonals = null,
        public EdgeKind $edge = EdgeKind::Straight,
        public bool $directional = false,
        public array $seamsAcross = [],
        public array $seamsAlong = [],
    ) {}

    /** The greatest of the three widths: what must be covered. */
    public function width(): Length
    {
        return Length::longest($this->widthTop, $this->widthMiddle, $this->widthBottom);
    }

    /** The greatest of the three lengths: what must be covered. */
    public function length(): Length
    {
        return Length::longest($this->lengthLeft, $this->lengthMiddle, $this->lengthRight);
    }

    /** What lies along the rails once it is loaded this way round. */
    public function across(Direction $direction): Length
    {
        return Direction::AsIs === $direction ? $this->width() : $this->length();
    }

    /** What lies from roller to roller once it is loaded this way round. */
    public function along(Direction $direction): Length
    {
        return Direction::AsIs === $direction ? $this->length() : $this->width();
    }

    /** @return list<TopSeam> seams along the rails once loaded, in order from the lead edge */
    public function seamsAlongRails(Direction $direction): array
    {
        return Direction::AsIs === $direction ? $this->seamsAcross : $this->seamsAlong;
    }

    /**
     * @return list<TopSeam> seams from roller to roller once loaded, in order from the left; turned, the top edge lies
     * at the right
     */
    public function seamsRollerToRoller(Direction $direction): array
    {
        return Direction::AsIs === $direction
            ? $this->seamsAlong
            : array_map(
                fn(TopSeam $seam): TopSeam => new TopSeam($this->length()->minus($seam->at), $seam->kind),
                array_reverse($this->seamsAcross),
            );
    }
}
