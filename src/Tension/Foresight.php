<?php

declare(strict_types=1);

namespace App\Tension;

use App\Quilt\Quilt;
use App\Quilt\Review;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Pattern;
use Schwung\Core\Tension\Risk;
use Schwung\Core\Tension\RiskRule;

/** What a quilt is likely to meet, from its plan and from what came before it on its frame, at the stage where it can still be changed. */
final readonly class Foresight
{
    /** Findings of the plan that say the same, with its figures, by cause. */
    private const TOLD = ['seam-winds-on-itself' => 'seam-ridge', 'stretch-roller-to-roller' => 'stretch-roller-to-roller', 'batting-creased' => 'batting-not-rested'];

    /** Where something can still be changed; the sheet, the log and what comes after tell no risks. */
    private const STAGES = ['measure', 'backing', 'direction', 'attach', 'passes', 'load'];

    public function __construct(private CircumstancesOf $circumstances, private Confirmed $confirmed, private TensionRoom $room)
    {
    }

    /** @return list<Risk> those that this stage can keep away; at stage Load all that are left */
    public function risks(Quilt $quilt, Review $review, string $stage): array
    {
        [$plan, $winding] = [$review->shownPlan(), $review->winding];
        if (!\in_array($stage, self::STAGES, true) || $quilt->isLoaded() || null === $plan || null === $winding) {
            return [];
        }
        $circumstances = $this->circumstances->planned(Setup::usual($plan, $winding, $review->sheet->habits()), $quilt);
        $risks = (new RiskRule(Knowledge::ofTheTrade(), $this->confirmed->of($quilt->studio)))->foresee($circumstances);

        $told = array_map(static fn (Finding $finding): string => $finding->code, $review->findings());

        return array_values(array_filter($risks, static fn (Risk $risk): bool => ('load' === $stage || $risk->stage === $stage) && !\in_array(self::TOLD[$risk->entry->cause->value] ?? '', $told, true)));
    }

    /** @return list<Pattern> what keeps coming back on its frame, told where the place on the leader is chosen and before it is loaded */
    public function patterns(Quilt $quilt, string $stage): array
    {
        $frame = $quilt->frame();

        return null === $frame || !\in_array($stage, ['attach', 'load'], true) ? [] : $this->room->patternsOn($frame);
    }
}
