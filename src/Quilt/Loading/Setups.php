<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

use App\Quilt\Attaching\Attaching;
use App\Quilt\Attaching\AttachView;
use App\Quilt\Laying;
use App\Quilt\Quilt;
use App\Quilt\Review;
use App\Quilt\Standing;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StitchedRule;
use Schwung\Core\Loading\ThreadRule;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\Practice;

/** Brings together what the steps of a quilt depend on: its plan, its holds, its design, its ways, and the hand. */
final readonly class Setups
{
    public function __construct(private Attaching $attaching, private Laying $laying)
    {
    }

    /** Null while there is nothing to load, or this frame does not take it. */
    public function of(Quilt $quilt, Review $review, Practice $practice, UnitSystem $units, Hand $hand): ?Setup
    {
        [$plan, $winding] = [$review->shownPlan(), $review->winding];
        if (null === $plan || null === $winding || \in_array($review->stages['load'], [Standing::Open, Standing::Stuck], true)) {
            return null;
        }
        $attach = $this->attaching->view($quilt, $plan, $review->sheet, $units, $hand);
        $stitched = (new StitchedRule($plan->job->top->across($plan->chosen()), $this->laying->of($quilt, $review)))->byPass($winding);

        return new Setup(
            $plan, $winding, $review->sheet->habits(), $practice->stitches, (new ThreadRule($practice->stitches))->plan($stitched),
            $this->held($attach, 'lead'), $this->held($attach, 'tail'), $this->held($attach, 'top'),
            $attach->position, $hand, true === $quilt->frame()?->hasSteelBars(),
        );
    }

    private function held(AttachView $attach, string $name): ?\Schwung\Core\Attachment\Attachment
    {
        foreach ($attach->edges as $edge) {
            if ($edge->name === $name) {
                return $edge->attachment;
            }
        }

        return null;
    }
}
