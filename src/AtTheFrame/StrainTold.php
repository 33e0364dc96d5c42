<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Schwung\Core\Learning\StrainRule;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** What two marks on a layer say. */
final readonly class StrainTold
{
    /** @param float|null $strain null where the two marks cannot be so */
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
