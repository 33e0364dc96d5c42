<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** What two marks on a layer say (rule 24). */
final readonly class StrainTold
{
    /**
     * @param float|null $strain    null where the two marks cannot be so
     * @param Length     $along     of the quilt, from roller to roller
     * @param bool       $hasClicks of a ratchet, to let it off by
     */
    public function __construct(
        public ?float $strain,
        private bool $isStretchy,
        private Length $along,
        private bool $hasClicks,
    ) {}

    public function isTooMuch(): bool
    {
        return null !== $this->strain && (new StrainRule())->isTooMuch($this->strain, $this->isStretchy);
    }

    public function sentence(): Phrase
    {
        if (null === $this->strain) {
            return Phrase::of('The two marks cannot stand so: read them again.');
        }

        return Phrase::of(
            \sprintf('Pulled by %.1f %%%%', 100 * $this->strain) .
                match (true) {
                    !$this->isTooMuch() => ', as it should be.',
                    $this->hasClicks => ', more than it bears: let a click off.',
                    default => ', more than it bears: let a little off.',
                } .
                ' Off the frame it shrinks back by %s over the quilt.',
            Figure::measured((new StrainRule())->shrinksBack($this->along, $this->strain)),
        );
    }
}
