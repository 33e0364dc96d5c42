<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Drawing\Shape;
use Schwung\Core\Loading\LineIn;

/** The cloth of one moment of a load, laid on the side view of its frame. */
interface DrawnCloth
{
    /** Where the lead hold stands on the bed; null where it does not. */
    public function holdAt(): ?float;

    /** How far the machine stands from all the way to the front. */
    public function machineAt(): float;

    /** @return list<Shape> what is rolled up */
    public function rolls(): array;

    /** @return list<Shape> the layers, each along its way */
    public function runs(): array;

    /** @return list<Shape> what holds an end or stands in the bed */
    public function pieces(): array;

    /** @return list<array{LineIn, float}> the lines across that are on the bed, with their places */
    public function lines(): array;
}
