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
     * @param list<Mark>                 $marks       noted when it came in, on it or on the backing under it
     * @param Shade|null                 $shade       null where nobody said
     * @param TopEdge|null               $lead        the edge that leads where it was asked for; null for the usual one
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
        public ?TopEdge $lead = null,
        public array $marks = [],
        public ?Shade $shade = null,
    ) {}

    /** The same top with an edge that is to lead, in the way round in which it can. */
    public function ledBy(?TopEdge $lead): self
    {
        // @phpstan-ignore argument.type (the names and types are those of this class)
        return new self(...[...get_object_vars($this), 'lead' => $lead]);
    }

    /** Its own edge at one end of the load. */
    public function edgeAt(Direction $direction, End $end): TopEdge
    {
        $lead = $direction === $this->lead?->direction() ? $this->lead : TopEdge::usual($direction);

        return End::Lead === $end ? $lead : $lead->opposite();
    }

    /** Whether the other edge than usual leads, so that everything on the top lies the other way about. */
    public function isUpsideDown(Direction $direction): bool
    {
        return $this->edgeAt($direction, End::Lead) !== TopEdge::usual($direction);
    }

    /** Whether anything was marked that a flat foot would catch. */
    public function hasRaisedMarks(): bool
    {
        foreach ($this->marks as $mark) {
            if (MarkKind::Raised === $mark->kind) {
                return true;
            }
        }

        return false;
    }

    /** How far a marked place lies from the edge that leads. */
    public function fromLead(Mark $mark, Direction $direction): Length
    {
        return match ($this->edgeAt($direction, End::Lead)) {
            TopEdge::Top => $mark->along,
            TopEdge::Bottom => $this->length()->minus($mark->along),
            TopEdge::Left => $mark->across,
            TopEdge::Right => $this->width()->minus($mark->across),
        };
    }

    /** How far it lies from the left side of the top as it is loaded, for somebody who stands at the front. */
    public function fromLeft(Mark $mark, Direction $direction): Length
    {
        // Turned the usual way, the left edge leads and the top edge lies at the right.
        return match ($this->edgeAt($direction, End::Lead)) {
            TopEdge::Top => $mark->across,
            TopEdge::Bottom => $this->width()->minus($mark->across),
            TopEdge::Left => $this->length()->minus($mark->along),
            TopEdge::Right => $mark->along,
        };
    }

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
        $seams = Direction::AsIs === $direction ? $this->seamsAcross : $this->seamsAlong;

        return $this->isUpsideDown($direction) ? $this->fromTheOtherSide($seams, $this->along($direction)) : $seams;
    }

    /** @return list<TopSeam> seams from roller to roller once loaded, in order from the left */
    public function seamsRollerToRoller(Direction $direction): array
    {
        $seams = Direction::AsIs === $direction ? $this->seamsAlong : $this->seamsAcross;

        // Turned the usual way, the top edge lies at the right.
        return $this->isUpsideDown($direction) === (Direction::AsIs === $direction)
            ? $this->fromTheOtherSide($seams, $this->across($direction))
            : $seams;
    }

    /**
     * @param list<TopSeam> $seams
     *
     * @return list<TopSeam>
     */
    private function fromTheOtherSide(array $seams, Length $whole): array
    {
        return array_map(
            static fn(TopSeam $seam): TopSeam => new TopSeam($whole->minus($seam->at), $seam->kind),
            array_reverse($seams),
        );
    }
}
