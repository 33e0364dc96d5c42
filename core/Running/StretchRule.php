<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Material\Top;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Measure\Length;

/**
 * Rule 22, stretch: a width of the top read in the bed, against the width there between the three that were measured at
 * the table. Half a hundredth either way is fine; of more than a tenth something else was measured.
 */
final readonly class StretchRule
{
    private const FINE = 0.005;
    private const MOST = 0.1;
    /** What floating point loses of a part. */
    private const EXACT = 1e-9;

    /** @param Length $depth from the lead edge to where it was read */
    public function judge(Top $top, Direction $direction, Length $depth, Length $read): Stretch
    {
        $measured = $this->across($top, $direction, $depth);
        $part = ($read->nanometres - $measured->nanometres) / $measured->nanometres;

        return new Stretch(
            match (true) {
                abs($part) > self::MOST + self::EXACT => StretchState::Elsewhere,
                $part > self::FINE + self::EXACT => StretchState::Stretched,
                $part < -self::FINE - self::EXACT => StretchState::Bunched,
                default => StretchState::Fine,
            },
            $part,
            $measured,
        );
    }

    /** What the top measures across at a depth from its lead edge, between the nearest two of its three measures. */
    public function across(Top $top, Direction $direction, Length $depth): Length
    {
        [$lead, $middle, $tail] = match ($top->edgeAt($direction, End::Lead)) {
            TopEdge::Top => [$top->widthTop, $top->widthMiddle, $top->widthBottom],
            TopEdge::Bottom => [$top->widthBottom, $top->widthMiddle, $top->widthTop],
            TopEdge::Left => [$top->lengthLeft, $top->lengthMiddle, $top->lengthRight],
            TopEdge::Right => [$top->lengthRight, $top->lengthMiddle, $top->lengthLeft],
        };
        $share = max(0.0, min(1.0, $depth->nanometres / $top->along($direction)->nanometres));
        [$from, $to, $between] = $share <= 0.5 ? [$lead, $middle, 2 * $share] : [$middle, $tail, 2 * $share - 1];

        return Length::millimetres($from->toMillimetres() + $between * ($to->toMillimetres() - $from->toMillimetres()));
    }
}
