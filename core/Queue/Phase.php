<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

use Schwung\Core\Loading\StepKind;

/** The parts of a load that are told apart where times are told. */
enum Phase: string
{
    case Loading = 'loading';
    case Stitching = 'stitching';
    case Tending = 'tending';

    /** @param bool $isLoaded whether the first stitch of the quilting is behind */
    public static function of(StepKind $kind, bool $isLoaded): self
    {
        return match (true) {
            StepKind::Stitch === $kind => self::Stitching,
            $isLoaded => self::Tending,
            default => self::Loading,
        };
    }
}
