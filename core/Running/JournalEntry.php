<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

/** One line of the log of a load, as it was written at the frame. */
final readonly class JournalEntry
{
    /**
     * @param string               $key  made where it was written, the same however often it is sent
     * @param string|null          $step key of the step at hand
     * @param array<string, mixed> $data by kind: register {left, right, wound in mm}, firmness {backing, top: three
     *   steps
     *                                   each}, release {jumped in mm}, straightness {left, centre, right in mm}, roll {wound and
     *                                   round, or from, to and clicks}, width {depth, width}, slant {left, right, apart},
     *                                   strain {layer, apart, loaded}, thickness {mm, passes}, refit {passes, from,
     *                                   begins, height, gap}, all in mm, state
     *                                   {part, is}, problem {x, y in mm, layer, seen, severity, action}, note {text},
     *                                   looked {of: key, symptom, seen}, tested {of: key, cause, proved}, fixed {of:
     *                                   key,
     *                                   cause, action, worked}, correction {of: key}, park {for}
     */
    public function __construct(
        public string $key,
        public EntryKind $kind,
        public ?string $step,
        public \DateTimeImmutable $at,
        public array $data = [],
        public string $person = '',
    ) {}

    public function movedTo(\DateTimeImmutable $at): self
    {
        return new self($this->key, $this->kind, $this->step, $at, $this->data, $this->person);
    }

    /** A number of its data; zero where there is none. */
    public function number(string $name): float
    {
        $value = $this->data[$name] ?? 0;

        return \is_int($value) || \is_float($value) ? (float) $value : 0.0;
    }

    /** A text of its data; empty where there is none. */
    public function text(string $name): string
    {
        $value = $this->data[$name] ?? '';

        return \is_string($value) ? $value : '';
    }

    public function isSet(string $name): bool
    {
        return true === ($this->data[$name] ?? false);
    }

    /** @return list<int> a row of steps of firmness */
    public function steps(string $name): array
    {
        $value = $this->data[$name] ?? [];

        return \is_array($value) ? array_values(array_filter($value, is_int(...))) : [];
    }
}
