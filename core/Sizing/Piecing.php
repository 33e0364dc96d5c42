<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Rounding;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Practice;

/**
 * Rule 5, second half: piecing a backing of the required size from a bolt, both ways.
 *
 * Chosen is the way with fewest seams, then seams along the rails, then least cloth; a directional print forbids
 * the way that would lay it on its side.
 */
final readonly class Piecing
{
    public function __construct(private Practice $practice, private UnitSystem $units) {}

    /**
     * Both ways, the chosen one first.
     *
     * @return array{PiecingPlan, PiecingPlan}
     *
     * @throws \DomainException if the bolt is no wider than two seam allowances
     */
    public function plans(
        Length $across,
        Length $along,
        Length $bolt,
        bool $directional,
        Direction $direction,
        ?Length $repeat = null,
    ): array {
        if (!$bolt->isLongerThan($this->practice->seamAllowance->times(2))) {
            throw new \DomainException('A bolt must be wider than its two seam allowances.');
        }
        // Cloth comes off the bolt with its print's up along the cut; that must end along the quilt's own length.
        $keepsPrint = Direction::AsIs === $direction ? PiecingWay::RollerToRoller : PiecingWay::AlongRails;
        $plans = array_map(
            fn(PiecingWay $way): PiecingPlan => $this->plan(
                $way,
                $across,
                $along,
                $bolt,
                $repeat,
                $directional && $way !== $keepsPrint,
            ),
            PiecingWay::cases(),
        );
        usort(
            $plans,
            static fn(PiecingPlan $one, PiecingPlan $other): int => [
                $one->turnsPrint,
                \count($one->seams),
                PiecingWay::AlongRails !== $one->way,
                $one->cloth->nanometres,
            ] <=> [
                $other->turnsPrint,
                \count($other->seams),
                PiecingWay::AlongRails !== $other->way,
                $other->cloth->nanometres,
            ],
        );

        return [$plans[0], $plans[1]];
    }

    private function plan(
        PiecingWay $way,
        Length $across,
        Length $along,
        Length $bolt,
        ?Length $repeat,
        bool $turnsPrint,
    ): PiecingPlan {
        [$covered, $cutAlong] = PiecingWay::AlongRails === $way ? [$along, $across] : [$across, $along];
        $widths = $this->widths($covered, $bolt);
        $cut = $cutAlong->plus($this->practice->squaringAllowance);
        $later = null === $repeat ? $cut : $cut->roundedTo($repeat, Rounding::Up);
        $cuts = [$cut, ...array_fill(0, $widths - 1, $later)];
        $cloth = Length::zero()->plus(...$cuts);
        $toBuy = $cloth->roundedTo($this->buyingStep(), Rounding::Up);
        $waste = $toBuy->toMillimetres() * $bolt->toMillimetres() - $across->toMillimetres() * $along->toMillimetres();

        return new PiecingPlan(
            way: $way,
            cuts: $cuts,
            bolt: $bolt,
            cloth: $cloth,
            toBuy: $toBuy,
            seams: $this->seams($way, $widths, $bolt),
            waste: $waste,
            turnsPrint: $turnsPrint,
        );
    }

    /** Full widths of bolt to lay side by side; whole numbers throughout, so that nothing tips by rounding. */
    private function widths(Length $covered, Length $bolt): int
    {
        $seams = $this->practice->seamAllowance->times(2);
        $wanted = $covered->plus($this->practice->squaringAllowance)->minus($seams)->nanometres;
        $gained = $bolt->minus($seams)->nanometres;

        return max(1, intdiv($wanted + $gained - 1, $gained));
    }

    /** @return list<Length> */
    private function seams(PiecingWay $way, int $widths, Length $bolt): array
    {
        $seams = [];
        $gained = $bolt->minus($this->practice->seamAllowance->times(2));
        $whole = $gained->times($widths)->plus($this->practice->seamAllowance->times(2));
        $origin = PiecingWay::AlongRails === $way ? Length::zero() : $whole->half();
        for ($seam = 1; $seam < $widths; ++$seam) {
            $seams[] = $gained->times($seam)->plus($this->practice->seamAllowance)->minus($origin);
        }

        return $seams;
    }

    /** An eighth of a yard, or a tenth of a metre. */
    private function buyingStep(): Length
    {
        return UnitSystem::Inches === $this->units
            ? Length::inches(Yardage::STEP_INCHES)
            : Length::millimetres(Yardage::STEP_MILLIMETRES);
    }
}
