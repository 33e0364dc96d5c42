<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Job\Entries;
use Schwung\Core\Job\Entry;
use Schwung\Core\Measure\Length;

/**
 * What has been entered for a quilt, word for word, in the shape of a job document.
 *
 * Readable lengths carry their unit; what cannot be read is kept as it was typed, so that nothing is lost. Members
 * are addressed by their path, "top/widths/middle". What can be entered is declared in Entries.
 */
final readonly class Sheet
{
    /** @param array<string, mixed> $members */
    private function __construct(private array $members) {}

    public static function blank(): self
    {
        /** @var self|null $blank the same for every quilt */
        static $blank = null;

        return $blank ??= array_reduce(
            Entries::all(),
            static fn(self $sheet, Entry $entry): self => $sheet->with($entry->path, $entry->usual),
            new self([]),
        );
    }

    /** @param array<string, mixed> $members as toArray() gave them, by this or an earlier version */
    public static function fromArray(array $members): self
    {
        /** @var array<string, mixed> $whole the keys of both are words */
        $whole = array_replace_recursive(self::blank()->members, $members);
        $sheet = new self($whole);
        $earlier = $sheet->text('desk/top_method');

        // What holds the top itself was kept at the desk once.
        return '' === $earlier ? $sheet : $sheet->with('load/top/method', $earlier)->without('desk', 'top_method');
    }

    private function without(string $part, string $member): self
    {
        $members = $this->members;
        if (\is_array($members[$part] ?? null)) {
            unset($members[$part][$member]);
        }

        return new self($members);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->members;
    }

    public function get(string $path): mixed
    {
        $value = $this->members;
        foreach (explode('/', $path) as $key) {
            $value = \is_array($value) ? $value[$key] ?? null : null;
        }

        return $value;
    }

    public function text(string $path): string
    {
        $value = $this->get($path);

        return \is_string($value) ? $value : '';
    }

    /**
     * @param list<string> $paths
     *
     * @return array<string, string> the words there, by path
     */
    public function texts(array $paths): array
    {
        return array_map($this->text(...), array_combine($paths, $paths));
    }

    public function with(string $path, mixed $value): self
    {
        return new self(Members::with($this->members, explode('/', $path), $value));
    }

    /** @param array<string, mixed> $values by path */
    public function withAll(array $values): self
    {
        $sheet = $this;
        foreach ($values as $path => $value) {
            $sheet = $sheet->with($path, $value);
        }

        return $sheet;
    }

    /** A top that is so wide and so long everywhere. */
    public function withTop(Length $across, Length $along): self
    {
        $text = static fn(Length $length): string => \sprintf('%.3F mm', $length->toMillimetres());

        return $this->withAll([
            ...array_fill_keys(['top/widths/top', 'top/widths/middle', 'top/widths/bottom'], $text($across)),
            ...array_fill_keys(['top/lengths/left', 'top/lengths/middle', 'top/lengths/right'], $text($along)),
        ]);
    }

    /** For another quilt like it: without what was decided, marked or unpacked of this one. */
    public function forAnother(): self
    {
        return $this->withAll([
            'top/marks' => [],
            'batting/opened' => '',
            'load/planned' => '',
            'desk/despite' => '',
            'desk/despite_of' => '',
            'pins' => [],
            'let_go' => [],
        ]);
    }

    public function equals(self $that): bool
    {
        return $this->members === $that->members;
    }
}
