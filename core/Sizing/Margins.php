<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Grip;

/** How far the backing reaches beyond the top at each loaded edge. */
final readonly class Margins
{
    public function __construct(public Worked $lead, public Worked $tail, public Worked $left, public Worked $right) {}

    public function at(End $end): Length
    {
        return (End::Lead === $end ? $this->lead : $this->tail)->length();
    }

    /** The lesser of both sides. */
    public function leastSide(): Length
    {
        return Length::shortest($this->left->length(), $this->right->length());
    }

    /** The cloth that is left before the top where an end is held so. */
    public function freeAt(End $end, Grip $grip): Length
    {
        return $this->at($end)->minus($grip->usedUp);
    }

    /** @return array{lead: Worked, tail: Worked, left: Worked, right: Worked} */
    public function byEdge(): array
    {
        return ['lead' => $this->lead, 'tail' => $this->tail, 'left' => $this->left, 'right' => $this->right];
    }
}
