<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

enum LeaderVerdict: string
{
    case Good = 'good';
    case Watch = 'watch';
    case ReHem = 're-hem';

    public function sentence(): string
    {
        return match ($this) {
            self::Good => 'The leader is straight enough to hang cloth from.',
            self::Watch => 'The leader begins to stretch: check it again soon.',
            self::ReHem => 'The leader is crooked: cloth will hang where it is longer. Hem it again.',
        };
    }
}
