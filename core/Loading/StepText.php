<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Phrase;

/** What a step says. */
final readonly class StepText
{
    /**
     * @param Phrase      $do        one sentence with the number in it
     * @param Phrase      $why       its reason
     * @param Phrase      $check     what to see or feel
     * @param Phrase      $otherwise what to do where that is not so
     * @param Phrase|null $figure    the number alone, for reading at two metres
     * @param Phrase|null $caution   where the step can hurt somebody or something
     */
    public function __construct(
        public Phrase $do,
        public Phrase $why,
        public Phrase $check,
        public Phrase $otherwise,
        public ?Phrase $figure = null,
        public ?Phrase $caution = null,
    ) {}

    /** The same, with a sentence more of what to do. */
    public function then(Phrase $more): self
    {
        return new self(
            Phrase::joined($this->do, $more),
            $this->why,
            $this->check,
            $this->otherwise,
            $this->figure,
            $this->caution,
        );
    }

    /** The same, with a sentence more of what to see. */
    public function seeing(Phrase $more): self
    {
        return new self(
            $this->do,
            $this->why,
            Phrase::joined($this->check, $more),
            $this->otherwise,
            $this->figure,
            $this->caution,
        );
    }

    public function warning(Phrase $caution): self
    {
        return new self($this->do, $this->why, $this->check, $this->otherwise, $this->figure, $caution);
    }
}
