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

    /**
     * Of its last run, or of what is planned while it has not been on a frame.
     *
     * @return array{ReloadCard, bool}|null the card, and whether the quilt is off the frame and not yet planned to be
     * quilted; null where it is not to be basted
     */
    public function find(Quilt $quilt): ?array
    {
        $run = $this->runs->findLatest($quilt);
        $setup =
            null === $run
                ? $this->preparations->of($quilt, $this->units->system())->setup()
                : $this->views->open($run)->setup;
        $card = null === $setup ? null : ReloadCard::of($setup);

        return null === $card
            ? null
            : [$card, null !== $run?->ended() && Purpose::Prebasted->value !== $quilt->sheet()->text('desk/purpose')];
    }
}
