<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** What is done in a step, as far as times and hazards go. */
enum StepKind: string
{
    case Prepare = 'prepare';
    case Mark = 'mark';
    case Attach = 'attach';
    case Wind = 'wind';
    case Look = 'look';
    case Lay = 'lay';
    case Set = 'set';
    case Baste = 'baste';
    case Hold = 'hold';
    case Clamp = 'clamp';
    case Stitch = 'stitch';
    case Release = 'release';
    case Advance = 'advance';
    case Settle = 'settle';
    case Move = 'move';
    case Turn = 'turn';
    case TakeOff = 'take-off';
}
