<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Phrase;

/**
 * One line of the comparison of the two ways round, in the order in which the lines decide.
 *
 * $better is the way that this line alone would choose, null where it sees no difference.
 */
final readonly class Criterion
{
    public function __construct(
        public Decision $decision,
        public string $name,
        public Phrase $asIs,
        public Phrase $turned,
        public ?Direction $better,
        public bool $warnsAsIs,
        public bool $warnsTurned,
    ) {}

    public function of(Direction $direction): Phrase
    {
        return Direction::AsIs === $direction ? $this->asIs : $this->turned;
    }
}
