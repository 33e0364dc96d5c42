<?php

declare(strict_types=1);

namespace App\Platform;

/** A pattern for LIKE that finds a text anywhere, its own signs taken as they are; goes with ESCAPE '!'. */
final readonly class Containing
{
    public static function text(string $text): string
    {
        return '%' . strtr($text, ['!' => '!!', '%' => '!%', '_' => '!_']) . '%';
    }
}
