<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Length;

/**
 * Something that was noted at its place when a quilt came in.
 *
 * Places are those of the top as it is made, from its left and its top edge; of the backing, where it lies under the
 * top.
 */
final readonly class Mark
{
    /** @param Length|null $thick how high it stands, where somebody measured it */
    public function __construct(
        public MarkKind $kind,
        public Length $across,
        public Length $along,
        public MarkedCloth $cloth = MarkedCloth::Top,
        public ?Length $thick = null,
        public bool $isMended = false,
        public string $note = '',
    ) {}

    /** Whether somebody still has to mend it before the quilt goes on a frame. */
    public function wantsMending(): bool
    {
        return !$this->isMended && null !== $this->kind->mending();
    }

    /** "a stain on the backing" */
    public function words(): string
    {
        return $this->kind->words() .
            (MarkedCloth::Top === $this->cloth ? '' : ' ' . $this->cloth->words()) .
            ('' === $this->note ? '' : " ($this->note)");
    }
}
