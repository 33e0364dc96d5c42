<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Material\Backing;
use Schwung\Core\Material\BackingSeam;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Pressing;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Thickness;

/**
 * Rule 8, last part: a backing's seam that lies from roller to roller winds on itself and stands proud by its
 * thickness at each turn; from 5 mm the cloth beside it winds slack. An estimate.
 */
final readonly class Ridge
{
    public const SLACK_MILLIMETRES = 5.0;

    public function __construct(private Roll $roll, private Thickness $thickness) {}

    /** How far the thickest such seam stands proud at the quilt's end; null where none lies that way. */
    public function height(Backing $backing, Direction $direction, Length $along): ?Worked
    {
        $seams = $backing->seamsRollerToRoller($direction);
        if ([] === $seams) {
            return null;
        }
        $toOneSide =
            [] !== array_filter($seams, static fn(BackingSeam $seam): bool => Pressing::ToOneSide === $seam->pressed);
        $each = $this->thickness->ofSeam($toOneSide ? Pressing::ToOneSide : Pressing::Open);
        $turns = $this->roll->turns($along->toMillimetres());

        return new Worked(
            Figure::measured(Length::millimetres($each->toMillimetres() * $turns)),
            'What the seam adds at each turn, times the turns over the whole quilt (an estimate).',
            [
                new Term(
                    'added at each turn',
                    Figure::measured($each),
                    \sprintf('%.2f mm, pressed %s', $each->toMillimetres(), $toOneSide ? 'to one side' : 'open'),
                ),
                new Term('wound on', Figure::measured($along), \sprintf('%.2f turns', $turns)),
            ],
        );
    }
}
