<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Measure\CurrentUnits;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use Schwung\Core\Loading\ReloadCard;
use Schwung\Core\Practice\Purpose;

/** Finds the card that goes with a quilt that was basted and taken off. */
final readonly class ReloadCards
{
    public function __construct(
        private RunRepository $runs,
        private RunViews $views,
        private Preparations $preparations,
        private CurrentUnits $units,
    ) {}

    /** Of its last run, or of what is planned while it has not been on a frame; null where it is not to be basted. */
    public function of(Quilt $quilt): ?ReloadCard
    {
        $run = $this->runs->findLatest($quilt);
        $setup =
            null === $run
                ? $this->preparations->of($quilt, $this->units->system())->setup()
                : $this->views->open($run)->setup;

        return null === $setup ? null : ReloadCard::of($setup);
    }

    /** Whether it is off the frame, basted, and not yet planned to be quilted. */
    public function mayReturn(Quilt $quilt): bool
    {
        $run = $this->runs->findLatest($quilt);

        return null !== $run?->ended() &&
            null !== $this->of($quilt) &&
            Purpose::Prebasted->value !== $quilt->sheet()->text('desk/purpose');
    }
}
