<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Risk;
use Schwung\Core\Tension\RiskRule;

/** What a quilt is likely to meet, from its plan alone, at the stage where it can still be changed. */
final readonly class Foresight
{
    /** Findings of the plan that say the same, with its figures, by cause. */
    private const TOLD = [
        'seam-winds-on-itself' => FindingCode::SeamRidge,
        'stretch-roller-to-roller' => FindingCode::StretchRollerToRoller,
        'batting-creased' => FindingCode::BattingNotRested,
    ];

    /** @param array<string, int> $confirmed how often the studio has confirmed each cause, by its word */
    public function __construct(private array $confirmed) {}

    /** @return list<Risk> those that this stage can keep away; at stage Load all that are left */
    public function risks(Preparation $preparation, Stage $stage, \DateTimeImmutable $now): array
    {
        $setup = $preparation->setup();
        if (null === $setup) {
            return [];
        }
        $circumstances = (new CircumstancesRule($preparation->known, $setup))->planned($now);
        $told = array_map(static fn(Finding $finding): FindingCode => $finding->code, $preparation->findings());

        return array_values(
            array_filter(
                (new RiskRule(Knowledge::ofTheTrade(), $this->confirmed))->foresee($circumstances),
                static fn(Risk $risk): bool => (Stage::Load === $stage || $risk->stage === $stage->value) &&
                    !\in_array(self::TOLD[$risk->entry->cause->value] ?? null, $told, true),
            ),
        );
    }
}
