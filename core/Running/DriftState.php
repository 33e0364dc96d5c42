<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

enum DriftState: string
{
    case Unknown = 'unknown';
    case Ok = 'ok';
    case Watch = 'watch';
    case Act = 'act';

    public function advice(): string
    {
        return match ($this) {
            self::Unknown => 'Three readings are needed before anything can be said.',
            self::Ok => 'It runs true enough. Smooth, read, go on.',
            self::Watch
                => 'It will come near the side margin. Smooth against the drift at each advance, and look whether ' .
                'one roller is tighter.',
            self::Act
                => 'Stop before the next advance: let the side clamps off, undo the last basting, lay the top back ' .
                'to its marks, and baste again.',
        };
    }
}
