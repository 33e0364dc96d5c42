<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Quadrilateral;

/** The backing as measured: four sides and, if taken, the diagonal from its top-left to its bottom-right corner. */
final readonly class Backing
{
    /**
     * @param list<BackingSeam> $seams
     * @param Length|null       $bolt  width of the bolt that a new backing would be pieced from
     * @param Shade|null        $shade how dark it is, and $weave how close it is woven; null where nobody said
     */
    public function __construct(
        public Length $top,
        public Length $right,
        public Length $bottom,
        public Length $left,
        public ?Length $diagonal = null,
        public BackingKind $kind = BackingKind::Cotton,
        public Stretch $stretch = Stretch::None,
        public array $seams = [],
        public bool $directional = false,
        public ?Length $bolt = null,
        public ?Shade $shade = null,
        public ?Weave $weave = null,
    ) {}

    /**
     * The cloth laid out flat; without a diagonal, the rectangle of the shorter sides.
     *
     * @throws \Schwung\Core\Measure\Exception\ImpossibleQuadrilateral if the measures cannot be
     */
    public function outline(): Quadrilateral
    {
        return null === $this->diagonal
            ? Quadrilateral::rectangle(
                Length::shortest($this->top, $this->bottom),
                Length::shortest($this->left, $this->right),
            )
            : Quadrilateral::fromSides($this->top, $this->right, $this->bottom, $this->left, $this->diagonal);
    }

    /**
     * The same cloth made to a true rectangle of a new size, by cutting, sewing on or piecing.
     *
     * @param list<BackingSeam> $seams
     */
    public function remadeTo(Length $across, Length $along, array $seams): self
    {
        $diagonal = Length::millimetres(hypot($across->toMillimetres(), $along->toMillimetres()));

        return new self(
            top: $across,
            right: $along,
            bottom: $across,
            left: $along,
            diagonal: $diagonal,
            kind: $this->kind,
            stretch: $this->stretch,
            seams: $seams,
            directional: $this->directional,
            bolt: $this->bolt,
            shade: $this->shade,
            weave: $this->weave,
        );
    }

    /**
     * The cloth given a quarter turn clockwise under the quilt: its left side becomes the top. The diagonal that was
     * measured is then the other one, so that it has to be measured again.
     */
    public function laidTheOtherWay(): self
    {
        $width = Length::shortest($this->left, $this->right);
        $seams = array_map(
            static fn(BackingSeam $seam): BackingSeam => SeamDirection::Across === $seam->direction
                ? new BackingSeam(SeamDirection::Along, $width->minus($seam->at), $seam->pressed)
                : new BackingSeam(SeamDirection::Across, $seam->at, $seam->pressed),
            $this->seams,
        );

        return new self(
            top: $this->left,
            right: $this->top,
            bottom: $this->right,
            left: $this->bottom,
            kind: $this->kind,
            stretch: $this->stretch->turned(),
            seams: $seams,
            directional: $this->directional,
            bolt: $this->bolt,
            shade: $this->shade,
            weave: $this->weave,
        );
    }

    /**
     * @return list<BackingSeam> those that run with the quilt and wind on themselves, once it is loaded this way round
     */
    public function seamsRollerToRoller(Direction $direction): array
    {
        $way = Direction::AsIs === $direction ? SeamDirection::Along : SeamDirection::Across;

        return array_values(
            array_filter($this->seams, static fn(BackingSeam $seam): bool => $seam->direction === $way),
        );
    }
}
