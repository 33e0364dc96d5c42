<?php

declare(strict_types=1);

namespace App\Bench\Gangs;

use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** Where along the rail the tops of one load lie, from the centre mark of the leaders. */
final readonly class RiderPlaces
{
    public function __construct(private QuiltRepository $quilts) {}

    /** @return list<array{quilt: Quilt, words: Phrase}> from left to right; none where it is a load of one */
    public function of(Quilt $carrier): array
    {
        return array_map(
            static fn(Quilt $rider): array => [
                'quilt' => $rider,
                'words' => self::words($rider->carriedAt() ?? Length::zero()),
            ],
            $this->quilts->findCarried($carrier),
        );
    }

    private static function words(Length $station): Phrase
    {
        return match (true) {
            $station->isNegative() => Phrase::of('%s left of the centre mark', Figure::left($station->absolute())),
            $station->isPositive() => Phrase::of('%s right of the centre mark', Figure::left($station)),
            default => Phrase::of('at the centre mark'),
        };
    }
}
