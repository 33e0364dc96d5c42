<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Quilt\Loading\CurrentWays;
use App\Quilt\Loading\Questions;
use Schwung\Core\Job\Entries;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** Lets pages ask what a person can choose from at an entry of a quilt. */
final class EntryExtension extends AbstractExtension
{
    public function __construct(private readonly CurrentWays $ways) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('choices', static fn(string $path): array => Entries::at($path)?->choices() ?? []),
            new TwigFunction('schools', Questions::answers(...)),
            new TwigFunction('begun', Questions::begun(...)),
            new TwigFunction('ways_of', $this->ways->of(...)),
            new TwigFunction('drawn_questions', static fn(): array => Questions::DRAWN),
            new TwigFunction('told_questions', static fn(): array => Questions::TOLD),
        ];
    }
}
