<?php

declare(strict_types=1);

namespace App\Shelf\Recipes;

use App\AtTheFrame\OffSheet;

/** What an earlier quilt was stitched with, and how it turned out. */
final readonly class Earlier
{
    private const FLATNESS = [
        'flat' => 'it lay flat',
        'rippled' => 'its edges rippled',
        'not-flat' => 'it did not lie flat',
    ];
    private const CURL = ['none' => '', 'to-back' => ', curling to the back', 'to-front' => ', curling to the front'];

    public function __construct(public Recipe $recipe, private OffSheet $off) {}

    /** A clause without its full stop. */
    public function turnedOut(): string
    {
        $next = trim($this->off->nextTime);

        return (self::FLATNESS[$this->off->flatness] ?? '') .
            (self::CURL[$this->off->curl] ?? '') .
            ('' === $next ? '' : '; next time: ' . rtrim($next, '.'));
    }
}
