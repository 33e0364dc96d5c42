<?php

declare(strict_types=1);

namespace App\Settings;

/** What a studio calls the parts of its frames. */
final readonly class Words
{
    /** The parts that may have a name of the studio's own. */
    public const PARTS = [
        'leveller bar',
        'front bar',
        'take-up roller',
        'backing roller',
        'top roller',
        'channel lock',
    ];

    /** @param array<string, string> $own by the usual name */
    public function __construct(private array $own = []) {}

    public function of(string $part): string
    {
        $own = trim($this->own[$part] ?? '');

        return '' === $own ? $part : $own;
    }

    /** A text in which every usual name has become the studio's own. */
    public function in(string $text): string
    {
        if ([] === $this->own) {
            return $text;
        }
        $pairs = [];
        foreach (self::PARTS as $part) {
            $pairs[$part] = $this->of($part);
            $pairs[ucfirst($part)] = ucfirst($this->of($part));
        }

        return strtr($text, $pairs);
    }
}
