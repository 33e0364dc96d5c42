<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Tension\Circumstances;
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

    /** What can be kept away here follows from the cloth alone: no leader has to be asked. */
    private const OF_CLOTH = [Stage::Measure, Stage::Backing, Stage::Direction];

    /** @param array<string, int> $confirmed how often the studio has confirmed each cause, by its word */
    public function __construct(private array $confirmed) {}

    /** @return list<Risk> those that this stage can keep away; at stage Load all that are left */
    public function risks(Preparation $preparation, Stage $stage, \DateTimeImmutable $now): array
    {
        $circumstances = $this->circumstances($preparation, $stage, $now);
        if (null === $circumstances) {
            return [];
        }
        $told = array_map(static fn(Finding $finding): FindingCode => $finding->code, $preparation->findings());

        return array_values(
            array_filter(
                (new RiskRule(Knowledge::ofTheTrade(), $this->confirmed))->foresee(
                    $circumstances,
                    Stage::Load === $stage ? null : $stage->value,
                ),
                static fn(Risk $risk): bool => !\in_array(self::TOLD[$risk->entry->cause->value] ?? null, $told, true),
            ),
        );
    }

    /** What is known at a stage; null where there is nothing to load yet. */
    private function circumstances(Preparation $preparation, Stage $stage, \DateTimeImmutable $now): ?Circumstances
    {
        $plan = $preparation->kept();
        if (\in_array($stage, self::OF_CLOTH, true)) {
            return null === $plan || null === $preparation->winding()
                ? null
                : new Circumstances((new ClothRule())->facts($plan, $now));
        }
        $setup = $preparation->setup();

        return null === $setup ? null : (new CircumstancesRule($preparation->known, $setup))->planned($now);
    }
}
