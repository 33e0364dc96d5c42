<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Worded;

/** What guides the machine along a design. */
enum MachineKind: string implements Worded
{
    case HandGuided = 'hand-guided';
    case Regulated = 'regulated';
    case ComputerGuided = 'computer-guided';

    public function words(): string
    {
        return match ($this) {
            self::HandGuided => 'hands alone',
            self::Regulated => 'hands, with even stitches by the machine',
            self::ComputerGuided => 'a computer',
        };
    }
}
