<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\FrameKind;

/** How every part of a frame stands at one moment. */
final readonly class FrameState
{
    /** @param array<string, string> $values by the names of StatePart */
    private function __construct(public array $values) {}

    /** As a frame stands between two quilts. */
    public static function between(FrameKind $kind): self
    {
        $values = [];
        foreach (StatePart::of($kind) as $part) {
            $values[$part->value] = match ($part) {
                StatePart::Pins => '0',
                StatePart::Flaps => 'pinned',
                default => $part->words()[0],
            };
        }

        return new self($values);
    }

    /** Null where the frame has no such part. */
    public function at(StatePart $part): ?string
    {
        return $this->values[$part->value] ?? null;
    }

    public function pins(): int
    {
        return (int) $this->values[StatePart::Pins->value];
    }

    /** @param list<Setting> $settings those of parts that the frame lacks change nothing */
    public function with(array $settings): self
    {
        $values = $this->values;
        foreach ($settings as $setting) {
            if (isset($values[$setting->part->value])) {
                $values[$setting->part->value] = $setting->value;
            }
        }

        return new self($values);
    }

    /**
     * @param list<Setting> $needs
     *
     * @return list<Setting> those that are not met; a part that the frame lacks is never in the way
     */
    public function unmet(array $needs): array
    {
        return array_values(
            array_filter(
                $needs,
                fn(Setting $need): bool => null !== $this->at($need->part) && $this->at($need->part) !== $need->value,
            ),
        );
    }
}
