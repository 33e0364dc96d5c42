<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Quilt\Loading\CurrentWays;
use App\Quilt\Loading\Questions;
use App\Quilt\Loading\Ways;
use Schwung\Core\Job\Entries;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/**
 * Lets pages ask what a person can choose from at an entry of a quilt. Functions are named, not closures: closures make
 * every page gather all functions that there are.
 */
final class EntryExtension extends AbstractExtension
{
    public function __construct(private readonly CurrentWays $ways) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('choices', [self::class, 'choices']),
            new TwigFunction('schools', [Questions::class, 'answers']),
            new TwigFunction('begun', [Questions::class, 'begun']),
            new TwigFunction('ways_of', [$this, 'waysOf']),
            new TwigFunction('drawn_questions', [self::class, 'drawn']),
            new TwigFunction('told_questions', [self::class, 'told']),
            new TwigFunction('held_questions', [self::class, 'held']),
        ];
    }

    /** @return array<string, string> what to call it, by word */
    public static function choices(string $path): array
    {
        return Entries::at($path)?->choices() ?? [];
    }

    /** @return array<string, string> what each is called, by path */
    public static function drawn(): array
    {
        return Questions::DRAWN;
    }

    /** @return array<string, array<string, string>> the same by the heading over them */
    public static function told(): array
    {
        return Questions::TOLD;
    }

    /** @return array<string, string> what each is called, by path */
    public static function held(): array
    {
        return Questions::HELD;
    }

    public function waysOf(Quilt $quilt): Ways
    {
        return $this->ways->of($quilt);
    }
}
