<?php

declare(strict_types=1);

namespace App\Bench\Gangs;

use App\Quilt\Quilt;
use Schwung\Core\Measure\Phrase;
use Twig\Attribute\AsTwigFunction;

/** Lets any page of a load say which tops lie in it and where. */
final readonly class RidersExtension
{
    public function __construct(private RiderPlaces $places) {}

    /** @return list<array{quilt: Quilt, words: Phrase}> from left to right; none where it is a load of one */
    #[AsTwigFunction('riders')]
    public function riders(Quilt $quilt): array
    {
        return $this->places->of($quilt);
    }
}
