<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Job\Finish;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Measure\Length;

/**
 * Rule 9, last part: a design only a little too tall often costs nearly twice the advances. The largest scale at
 * which every pass but the last takes a row more, told only where that saves a pass and keeps three quarters of the
 * asked size.
 */
final readonly class OneMoreRule
{
    private const LEAST_SCALE = 0.75;

    /** The smaller rows wind on a little more before the last pass; each round takes that into account. */
    private const ROUNDS = 5;

    public function __construct(private Roll $roll) {}

    public function find(RowDesign $asked, RowLayout $layout, PassPlan $plan): ?OneMore
    {
        $rows = $this->fewestRows($plan) + 1;
        $smaller = $this->smaller($asked, $layout, $plan);
        for ($round = 0; $round < self::ROUNDS && null !== $smaller; ++$round) {
            $scale = $smaller->height->nanometres / $asked->height->nanometres;
            $anew = (new RowRule($this->roll))->layOut(
                $smaller->withFinish(Finish::RunOff),
                $layout->along,
                $layout->begins,
            );
            $passes = (new RowPasses($this->roll))->plan($anew);
            if (
                $scale < self::LEAST_SCALE ||
                !$passes->isComplete() ||
                (int) ceil($anew->count / $rows) >= $plan->count()
            ) {
                return null;
            }
            if ($passes->count() * $rows < $anew->count + $rows) {
                return new OneMore($scale, $smaller->height, $smaller->gap, $anew->count, $passes->count());
            }
            $smaller = $this->filling(
                $smaller,
                $rows,
                $this->roll->depth($anew->pitch()->toMillimetres() * $rows * ((int) ceil($anew->count / $rows) - 1)),
            );
        }

        return null;
    }

    /** The design whose rows, one more a pass, just fill the depth of the last pass; null with a single pass. */
    public function smaller(RowDesign $asked, RowLayout $layout, PassPlan $plan): ?RowDesign
    {
        $last = $plan->last();
        if (null === $last || !$plan->isComplete() || $plan->count() < 2) {
            return null;
        }
        $laid = new RowDesign($layout->height, $layout->gap, $asked->overhang, $asked->finish);

        return $this->filling($laid, $this->fewestRows($plan) + 1, $this->roll->depth($last->wound->toMillimetres()));
    }

    private function filling(RowDesign $design, int $rows, float $depth): ?RowDesign
    {
        $scale = $depth / $design->height->plus($design->gap)->times($rows)->minus($design->gap)->toMillimetres();
        // Down to the nanometre, so that the rows do fit.
        $height = Length::ofNanometres((int) floor($design->height->nanometres * $scale));

        return $height->isPositive() ? $design->atHeight($height) : null;
    }

    private function fewestRows(PassPlan $plan): int
    {
        $rows = array_map(static fn(Pass $pass): int => $pass->rows ?? 1, \array_slice($plan->passes, 0, -1));

        return [] === $rows ? 1 : min($rows);
    }
}
