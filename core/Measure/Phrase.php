<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** A sentence with figures in it, written in the reader's units only when it is shown. */
final readonly class Phrase
{
    /** @param list<Figure|self|Written|string> $parts fill the places marked %s, in order */
    private function __construct(private string $pattern, private array $parts) {}

    public static function of(string $pattern, Figure|self|string ...$parts): self
    {
        return new self($pattern, array_values($parts));
    }

    /**
     * "the top, the right and the bottom"; empty for none.
     *
     * @param list<string> $words
     */
    public static function listed(array $words): string
    {
        $last = array_pop($words);

        return [] === $words ? (string) $last : implode(', ', $words) . ' and ' . $last;
    }

    /**
     * A sentence that was written in each unit system before.
     *
     * @param array<string, string> $texts by the words of UnitSystem
     */
    public static function inEach(array $texts): self
    {
        return new self('%s', [new Written($texts)]);
    }

    /** Several sentences as one text. */
    public static function joined(self ...$phrases): self
    {
        return new self(
            implode(' ', array_map(static fn(self $phrase): string => $phrase->pattern, $phrases)),
            array_merge([], ...array_map(static fn(self $phrase): array => $phrase->parts, array_values($phrases))),
        );
    }

    public function writtenBy(LengthWriter $writer): string
    {
        $texts = array_map(
            static fn(Figure|self|Written|string $part): string => \is_string($part)
                ? $part
                : $part->writtenBy($writer),
            $this->parts,
        );

        return vsprintf($this->pattern, $texts);
    }
}
