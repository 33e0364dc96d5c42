<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Drawing\Shape;
use App\Frames\ClothRun;
use App\Frames\SideGeometry;
use Schwung\Core\Advance\Roll;
use Schwung\Core\Loading\ClothState;
use Schwung\Core\Loading\Layer;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\Where;
use Schwung\Core\Measure\Length;

/**
 * The cloth of one moment of a load, laid on the side view of its frame: places along the bed and radii of rolls, in
 * millimetres. Layers are drawn a little apart, or nobody could follow them.
 */
final readonly class StateCloth implements DrawnCloth
{
    /** So far an end that hangs is drawn. */
    private const HANG = 130.0;
    private const ABOVE = ['batting' => -4.0, 'top' => -8.0];
    /** How much higher the top roller is drawn while it is lifted. */
    private const LIFT = 55.0;

    private float $scale;

    public function __construct(private Setup $setup, private SideGeometry $side, private ClothState $cloth)
    {
        $this->scale = ($side->frontBar - $side->leveller()) / $cloth->bed->toMillimetres();
    }

    public function holdAt(): ?float
    {
        return null === $this->cloth->hold || Where::Roller === ($this->cloth->pieces['lead'] ?? null)?->where
            ? null
            : $this->at(Length::zero());
    }

    public function machineAt(): float
    {
        return null === $this->cloth->lock ? 0.0 : min(0.0, $this->at($this->cloth->lock) - $this->side->needle());
    }

    public function rolls(): array
    {
        $roll = $this->setup->winding->roll;
        $taken = $this->cloth->onTakeUp->toMillimetres();
        $isSandwich = Layer::None !== $this->cloth->batting;
        [$backing, $top] = $roll->sheets();
        $takeUp = $isSandwich ? $roll->radius($taken) : Roll::around($roll->radius(0), $backing, $taken);
        [$x, $y] = ClothRun::backingRoller($this->side);
        $shapes = [
            Shape::circle($this->side->takeupX, $this->side->takeupY, $takeUp, 'rolled'),
            Shape::circle(
                $x,
                $y,
                Roll::around($this->side->backingRadius, $backing, $this->cloth->onBacking->toMillimetres()),
                'feed',
            ),
        ];
        $onTopRoller = $this->onTopRoller();
        if ($onTopRoller > 0) {
            [$x, $y] = $this->topRoller();
            $shapes[] = Shape::circle($x, $y, Roll::around($this->side->topRadius, $top, $onTopRoller), 'held-edge');
            if ($this->cloth->isTopLifted) {
                $shapes[] = Shape::circle($x, $y, $this->side->topRadius, 'roller');
            }
        }

        return $shapes;
    }

    public function runs(): array
    {
        return array_values(array_filter([$this->leader(), $this->backing(), $this->batting(), $this->top()]));
    }

    public function pieces(): array
    {
        $shapes = [];
        $end = $this->tailOfTop();
        if (isset($this->cloth->pieces['hanging-end']) && null !== $end && $end > $this->side->frontBar) {
            $down = min(self::HANG, $end - $this->side->frontBar);
            $shapes[] = Shape::box($this->side->frontBar + 34, $down - 4, 22, 12, 'state-piece');
        }
        if (isset($this->cloth->pieces['side'])) {
            $middle = ($this->side->leveller() + $this->side->frontBar) / 2;
            $shapes[] = Shape::box($middle - 60, -18, 46, 8, 'state-piece');
            $shapes[] = Shape::box($middle + 20, -18, 46, 8, 'state-piece');
        }
        foreach (['batting' => $this->cloth->battingFrom, 'tail-edge' => null] as $what => $place) {
            if (isset($this->cloth->pieces[$what])) {
                $x = null === $place ? min($end ?? $this->side->frontBar, $this->side->frontBar) : $this->at($place);
                $shapes[] = Shape::polyline([[$x - 3, -26], [$x + 4, 4]], 'state-pin');
            }
        }

        return $shapes;
    }

    public function lines(): array
    {
        $lines = [];
        foreach ($this->cloth->lines as $line) {
            $x = null === $line->at ? null : $this->at($line->at);
            if (null !== $x && $x >= $this->side->leveller()) {
                $lines[] = [$line, $x];
            }
        }

        return $lines;
    }

    /** @param Length $place from the lead hold toward the quilter */
    private function at(Length $place): float
    {
        $hold = $this->cloth->hold ?? Length::zero();

        return $this->side->leveller() + $hold->plus($place)->toMillimetres() * $this->scale;
    }

    /** From the take-up to the hold, where that stands on the bed. */
    private function leader(): ?Shape
    {
        $hold = $this->holdAt();

        return null === $hold || $hold < $this->side->leveller()
            ? null
            : Shape::polyline(
                [
                    [$this->side->takeupX, $this->side->takeupY + $this->side->bareRadius],
                    [$this->side->leveller(), 0],
                    [$hold, 0],
                ],
                'cloth state-leader',
            );
    }

    private function backing(): ?Shape
    {
        $isLeadHeld = null !== $this->cloth->hold;
        if (!$isLeadHeld && !$this->cloth->isTailAttached) {
            return null;
        }
        $wound = $this->cloth->onTakeUp->plus($this->cloth->onBacking);
        $free = $this->cloth->cloth->minus($wound)->toMillimetres() * $this->scale;
        $points = $isLeadHeld ? $this->fromLead() : $this->overTheRear($free);
        $ends = $this->cloth->isTailAttached
            ? ClothRun::overFrontBar($this->side, $this->side->backingRadius)
            : $this->overTheFront($points, $free);

        return Shape::polyline([...$points, ...$ends], 'cloth cloth-backing');
    }

    /** @return list<array{float, float}> */
    private function fromLead(): array
    {
        $hold = $this->at(Length::zero());

        return $hold < $this->side->leveller()
            ? [[$this->side->takeupX, $this->side->takeupY + $this->side->bareRadius], [$this->side->leveller(), 0.0]]
            : [[$hold, 0.0]];
    }

    /** @return list<array{float, float}> the free lead end: on the bed, or over the leveller and down behind it */
    private function overTheRear(float $free): array
    {
        $bed = $this->side->frontBar - $this->side->leveller();
        $beyond = $free - $bed;

        return $beyond > 0
            ? [
                [$this->side->leveller() - 16, min(self::HANG, $beyond)],
                [$this->side->leveller() - 12, 10.0],
                [$this->side->leveller(), 0.0],
            ]
            : [[$this->side->frontBar - $free, 0.0]];
    }

    /**
     * @param list<array{float, float}> $from
     *
     * @return list<array{float, float}> the free tail end: on the bed, or over the front bar and down
     */
    private function overTheFront(array $from, float $free): array
    {
        $start = max($this->side->leveller(), $from[\count($from) - 1][0]);
        $end = $start + $free;

        return $end <= $this->side->frontBar ? [[$end, 0.0]] : $this->hanging(0.0, 14.0, $end - $this->side->frontBar);
    }

    private function batting(): ?Shape
    {
        if (Layer::None === $this->cloth->batting || null === $this->cloth->battingFrom) {
            return null;
        }
        $from = max($this->side->leveller(), $this->at($this->cloth->battingFrom));
        $end = ($this->tailOfTop() ?? $from + $this->setup->along()->toMillimetres()) + 75;

        return $this->layer('batting', $from, $end, 24);
    }

    private function top(): ?Shape
    {
        if (null === $this->cloth->topFrom) {
            return Layer::Rolled === $this->cloth->top ? $this->endOfRolledTop() : null;
        }
        $from = max($this->side->leveller(), $this->at($this->cloth->topFrom));
        if ($this->onTopRoller() > 0) {
            [$x, $y] = $this->topRoller();

            return Shape::polyline(
                [[$from, self::ABOVE['top']], [$this->side->frontBar - 20, self::ABOVE['top']], [$x, $y]],
                'cloth cloth-top',
            );
        }

        return $this->layer('top', $from, $this->tailOfTop() ?? $from, 38);
    }

    private function endOfRolledTop(): Shape
    {
        [$x, $y] = $this->topRoller();

        return Shape::polyline([[$x - 20, $y], [$x - 26, $y + 26]], 'cloth cloth-top');
    }

    private function layer(string $name, float $from, float $end, float $out): Shape
    {
        $above = self::ABOVE[$name];
        $bar = $this->side->frontBar;

        return Shape::polyline(
            [[$from, $above], ...$end <= $bar ? [[$end, $above]] : $this->hanging($above, $out, $end - $bar)],
            "cloth cloth-$name",
        );
    }

    /** @return list<array{float, float}> over the front bar and down before the rollers */
    private function hanging(float $above, float $out, float $far): array
    {
        $bar = $this->side->frontBar;

        return [
            [$bar, $above],
            [$bar + $out * 0.8, 4.0],
            [$bar + $out, 24.0],
            [$bar + $out + 6, max(24.0, min(self::HANG, $far))],
        ];
    }

    /** Where the tail edge of the top lies or would lie if it went straight on; null while the top is not laid. */
    private function tailOfTop(): ?float
    {
        return null === $this->cloth->topFrom ? null : $this->at($this->cloth->topFrom->plus($this->setup->along()));
    }

    /** Millimetres of top on its roller. */
    private function onTopRoller(): float
    {
        if (!isset($this->cloth->pieces['top'])) {
            return 0.0;
        }
        $end = $this->tailOfTop();

        return null === $end
            ? $this->setup->along()->toMillimetres()
            : max(1.0, ($end - $this->side->frontBar) / $this->scale);
    }

    /** @return array{float, float} */
    private function topRoller(): array
    {
        [$x, $y] = ClothRun::topRoller($this->side);

        return [$x, $this->cloth->isTopLifted ? $y - self::LIFT : $y];
    }
}
