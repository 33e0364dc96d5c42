<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Designs\DesignShelf;
use Schwung\Core\Design\LaidDesign;

/** Lays the chosen row design on a quilt, for the pages that draw it. */
final readonly class Laying
{
    public function __construct(private DesignShelf $designs)
    {
    }

    /** Null where no design is chosen, it is not on the shelf any more, or the rows are not known. */
    public function of(Quilt $quilt, Review $review): ?LaidDesign
    {
        [$plan, $rows, $word] = [$review->shownPlan(), $review->winding?->rows, $review->sheet->text('desk/design')];
        $path = null === $plan || null === $rows || '' === $word ? null : $this->designs->find($quilt->studio, $word);

        return null === $path ? null : new LaidDesign($path, $rows, $plan->job->top->across($plan->chosen()));
    }
}
