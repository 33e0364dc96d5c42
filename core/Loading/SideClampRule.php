<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Practice;

/**
 * How many side clamps a bed takes: so many that no gap between two bites, or beside the outermost, is wider than the
 * setting, and no more than there are. Between two bites the side hangs in a shallow arc, as a leader does that is
 * longer in one place: extra length e over a span s dips about sqrt(3·s·e/8). An estimate.
 */
final readonly class SideClampRule
{
    /** How much longer the side becomes between two bites that pull it: a hundredth, as loosely woven cotton does. */
    private const GIVES = 0.01;

    public function __construct(private Practice $practice) {}

    public function plan(Frame $frame): SideClampPlan
    {
        $width = $frame->sideClamps ?? ClampWidth::Wide;
        $width = ClampWidth::None === $width ? ClampWidth::Wide : $width;
        $bed = $frame->bed()->toMillimetres();
        $bite = min($bed, $width->bite()->toMillimetres());
        $most = max(1.0, $this->practice->at(Distance::SideClampGap)->toMillimetres());
        $wanted = max(1, (int) ceil(($bed - $most) / ($bite + $most)));
        $owned = $frame->fittings->sideClamps;
        $each = null === $owned ? $wanted : max(1, min($wanted, intdiv($owned, 2)));
        $gap = max(0.0, $bed - $each * $bite) / ($each + 1);

        return new SideClampPlan(
            new Pieces(ClampWidth::Rod === $width ? 'rods' : $width->words(), 2 * $each),
            $each,
            $wanted,
            Length::millimetres($gap),
            Length::millimetres(sqrt((3 * $gap * $gap * self::GIVES) / 8)),
        );
    }
}
