<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Attachment\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worked;

/** How far the backing reaches beyond the top at each loaded edge. */
final readonly class Margins
{
    public function __construct(public Worked $lead, public Worked $tail, public Worked $left, public Worked $right)
    {
    }

    public function at(End $end): Length
    {
        return (End::Lead === $end ? $this->lead : $this->tail)->length();
    }

    /** @return array{lead: Worked, tail: Worked, left: Worked, right: Worked} */
    public function byEdge(): array
    {
        return ['lead' => $this->lead, 'tail' => $this->tail, 'left' => $this->left, 'right' => $this->right];
    }
}
