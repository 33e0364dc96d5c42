<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Loading\ReadingKind;
use Schwung\Core\Loading\Setting;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;

/** Writes the steps of a load as a plan document has them. */
final readonly class StepWriter
{
    public function __construct(private LengthWriter $writer) {}

    /** @return list<array<string, mixed>> ready for json_encode */
    public function document(StepList $list): array
    {
        return array_map($this->step(...), $list->steps);
    }

    /** @return array<string, mixed> */
    private function step(Step $step): array
    {
        $optional = array_filter(
            [
                'pass' => $step->pass,
                'figure' => $this->text($step->text->figure),
                'caution' => $this->text($step->text->caution),
            ],
            static fn(int|string|null $value): bool => null !== $value,
        );

        return [
            'key' => $step->key,
            'group' => $step->group->value,
            ...$optional,
            'do' => $this->text($step->text->do),
            'why' => $this->text($step->text->why),
            'check' => $this->text($step->text->check),
            'otherwise' => $this->text($step->text->otherwise),
            'shows' => $step->shows->value,
            'minutes' => round($step->minutes, 1),
            ...ReadingKind::None === $step->reads ? [] : ['reads' => $step->reads->value],
            'needs' => $this->settings($step->needs),
            'leaves' => $this->settings($step->leaves),
        ];
    }

    private function text(?Phrase $phrase): ?string
    {
        return $phrase?->writtenBy($this->writer);
    }

    /**
     * @param list<Setting> $settings
     *
     * @return list<array{part: string, is: string}>
     */
    private function settings(array $settings): array
    {
        return array_map(
            static fn(Setting $setting): array => ['part' => $setting->part->value, 'is' => $setting->value],
            $settings,
        );
    }
}
