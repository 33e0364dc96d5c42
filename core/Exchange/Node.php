<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Job\Faults;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;

/**
 * A member of a document being read, with its place.
 *
 * Each reading method notes a fault and answers null where the member is missing or not what is asked for, so that
 * reading goes on and all faults are found.
 */
final readonly class Node
{
    /** Longer than any quilt or rail: 300 in, 7.62 m. */
    private const LONGEST_INCHES = 300;
    private const LONGEST_ROLL_MM = 100_000;
    private const LONGEST_TEXT = 200;

    public function __construct(public mixed $value, public string $pointer, private Faults $faults) {}

    public function isMissing(): bool
    {
        return null === $this->value || '' === $this->value;
    }

    /** This node, or null where nothing was given: `$node->given()?->size()`. */
    public function given(): ?self
    {
        return $this->isMissing() ? null : $this;
    }

    /**
     * The members of an object; unknown ones are faults that name the nearest known key.
     *
     * @param list<string> $known
     *
     * @return array<string, self> every known key, missing members with a null value
     */
    public function members(array $known): array
    {
        $members = [];
        $expected = 'an object with ' . implode(', ', $known);
        $given = $this->object();
        if ($this->isRequired($expected) && null === $given) {
            $this->fault($expected);
        }
        // Of an object that is not there, only the object itself is told.
        $faults = null === $given ? new Faults() : $this->faults;
        $given ??= [];
        foreach (array_keys($given) as $key) {
            if (!\in_array((string) $key, $known, true)) {
                $this->faults->add(
                    $this->child((string) $key),
                    \sprintf('is not a known key; did you mean "%s"?', $this->nearest((string) $key, $known)),
                );
            }
        }
        foreach ($known as $key) {
            $members[$key] = new self($given[$key] ?? null, $this->child($key), $faults);
        }

        return $members;
    }

    /**
     * An object of a document that was decoded, or of one that was never text: an array with words for keys.
     *
     * @return array<mixed>|null null where it is no object
     */
    private function object(): ?array
    {
        return match (true) {
            $this->value instanceof \stdClass => get_object_vars($this->value),
            \is_array($this->value) && !array_is_list($this->value) => $this->value,
            default => null,
        };
    }

    public function isObject(): bool
    {
        return null !== $this->object();
    }

    /**
     * The members of a whole document, which must say that it is of this format, version 1.
     *
     * @param list<string> $known beside format and version
     *
     * @return array<string, self> as members() gives them
     */
    public function document(string $format, array $known): array
    {
        $members = $this->members(['format', 'version', ...$known]);
        $members['format']->mustBe($format);
        $members['version']->mustBe(1);

        return $members;
    }

    /** One member of an object, whatever else is in it. */
    public function at(string $key): self
    {
        return new self($this->object()[$key] ?? null, $this->child($key), $this->faults);
    }

    private function mustBe(string|int $value): void
    {
        $expected = (string) json_encode($value, \JSON_UNESCAPED_SLASHES);
        if ($this->isRequired($expected) && $this->value !== $value) {
            $this->fault($expected);
        }
    }

    /** @return list<self> */
    public function items(): array
    {
        if ($this->isMissing()) {
            return [];
        }
        if (!\is_array($this->value) || !array_is_list($this->value)) {
            $this->fault('a list');

            return [];
        }

        return array_map(
            fn(mixed $item, int $index): self => new self($item, $this->child((string) $index), $this->faults),
            $this->value,
            array_keys($this->value),
        );
    }

    /** A length above zero and up to 300 in. */
    public function size(): ?Length
    {
        $length = $this->length();
        if (null !== $length && !$length->isPositive()) {
            return $this->refuse('a length above zero, like "66 1/2 in" or "169 cm"');
        }

        return $length;
    }

    /** What is left on a roll: a length above zero and up to 100 m. */
    public function rollLength(): ?Length
    {
        if (!$this->isRequired('a length, like "12 yd"')) {
            return null;
        }
        try {
            $length = Length::parse(\is_string($this->value) ? $this->value : '');
        } catch (UnreadableLength) {
            return $this->refuse('a length, like "12 yd"');
        }

        return $length->isPositive() && !$length->isLongerThan(Length::millimetres(self::LONGEST_ROLL_MM))
            ? $length
            : $this->refuse('a length above zero and up to 100 m');
    }

    /** A length of zero or more and up to 300 in. */
    public function allowance(): ?Length
    {
        $length = $this->length();
        if (null !== $length && $length->isNegative()) {
            return $this->refuse('a length of zero or more, like "3 in"');
        }

        return $length;
    }

    public function signedLength(): ?Length
    {
        return $this->length();
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function word(string $enum): ?\BackedEnum
    {
        $words = array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases());
        if (!$this->isRequired('one of ' . implode(', ', $words))) {
            return null;
        }

        return (\is_string($this->value) ? $enum::tryFrom($this->value) : null) ??
            $this->refuse('one of ' . implode(', ', $words));
    }

    /** @param list<string> $words */
    public function oneOf(array $words): ?string
    {
        if (!$this->isRequired('one of ' . implode(', ', $words))) {
            return null;
        }

        return \is_string($this->value) && \in_array($this->value, $words, true)
            ? $this->value
            : $this->refuse('one of ' . implode(', ', $words));
    }

    public function flag(): ?bool
    {
        if (!$this->isRequired('true or false')) {
            return null;
        }

        return \is_bool($this->value) ? $this->value : $this->refuse('true or false');
    }

    public function text(int $most = self::LONGEST_TEXT): ?string
    {
        if (!$this->isRequired('a text')) {
            return null;
        }

        return \is_string($this->value) && mb_strlen($this->value) <= $most
            ? $this->value
            : $this->refuse("a text of up to $most characters");
    }

    public function count(int $most): ?int
    {
        if (!$this->isRequired("a whole number from 1 to $most")) {
            return null;
        }

        return \is_int($this->value) && $this->value >= 1 && $this->value <= $most
            ? $this->value
            : $this->refuse("a whole number from 1 to $most");
    }

    /** A number, whole or not, of zero or more. */
    public function number(int $most): ?float
    {
        $expected = "a number from 0 to $most";
        if (!$this->isRequired($expected)) {
            return null;
        }

        return (\is_int($this->value) || \is_float($this->value)) && $this->value >= 0 && $this->value <= $most
            ? (float) $this->value
            : $this->refuse($expected);
    }

    public function moment(): ?\DateTimeImmutable
    {
        $expected = 'a time with its offset, like "2027-03-01T09:00:00+01:00"';
        if (!$this->isRequired($expected)) {
            return null;
        }
        foreach (['Y-m-d\TH:i:sP', 'Y-m-d\TH:iP'] as $format) {
            $moment =
                \is_string($this->value) && !str_contains($this->value, "\0")
                    ? \DateTimeImmutable::createFromFormat('!' . $format, $this->value)
                    : false;
            if (false !== $moment && false === \DateTimeImmutable::getLastErrors()) {
                return $moment;
            }
        }

        return $this->refuse($expected);
    }

    public function fault(string $expected): void
    {
        $this->faults->add($this->pointer, \sprintf('%s cannot be here. Accepted is %s.', $this->shown(), $expected));
    }

    /** Notes that something a person must give is not there. */
    public function isRequired(string $expected): bool
    {
        if ($this->isMissing()) {
            $this->faults->addMissing($this->pointer, $expected);
        }

        return !$this->isMissing();
    }

    private function length(): ?Length
    {
        if (!$this->isRequired('a length with its unit, like "66 1/2 in" or "169 cm"')) {
            return null;
        }
        if (!\is_string($this->value)) {
            return $this->refuse('a length with its unit in quotes, like "66 1/2 in" or "169 cm"');
        }
        try {
            $length = Length::parse($this->value);
        } catch (UnreadableLength $exception) {
            $this->faults->add($this->pointer, $exception->getMessage());

            return null;
        }

        return abs($length->toInches()) > self::LONGEST_INCHES
            ? $this->refuse('a length of up to 300 in or 762 cm')
            : $length;
    }

    private function refuse(string $expected): null
    {
        $this->fault($expected);

        return null;
    }

    private function shown(): string
    {
        $text = json_encode(
            $this->value,
            \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PARTIAL_OUTPUT_ON_ERROR,
        );
        $text = false === $text ? 'a value' : $text;

        return mb_strlen($text) > 60 ? mb_substr($text, 0, 60) . '…' : $text;
    }

    private function child(string $key): string
    {
        return $this->pointer . '/' . strtr($key, ['~' => '~0', '/' => '~1']);
    }

    /** @param list<string> $known */
    private function nearest(string $key, array $known): string
    {
        $short = substr($key, 0, 60);
        usort(
            $known,
            static fn(string $one, string $other): int => levenshtein($short, $one) <=> levenshtein($short, $other),
        );

        return $known[0] ?? '';
    }
}
