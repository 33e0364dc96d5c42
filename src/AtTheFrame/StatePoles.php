<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Drawing\Shape;
use App\Frames\SideGeometry;
use Schwung\Core\Advance\Roll;
use Schwung\Core\Loading\ClothState;
use Schwung\Core\Loading\Layer;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\Where;

/**
 * The cloth of one moment of a load between two poles: nothing while it still lies on the table, then one piece from
 * pole to pole, what is done rolled up at the back and what is not rolled and clipped before the front pole. Places in
 * millimetres; layers are drawn a little apart.
 */
final readonly class StatePoles implements DrawnCloth
{
    private const LAYERS = ['backing' => 0.0, 'batting' => -4.0, 'top' => -8.0];
    private const HANG = 130.0;
    /** The core that a loose quilt is rolled round: nothing but its own first fold. */
    private const FOLD = 8.0;
    private const CORNERS = 24;

    private float $scale;

    public function __construct(private Setup $setup, private SideGeometry $side, private ClothState $cloth)
    {
        $this->scale = ($side->frontBar - $side->leveller()) / $cloth->bed->toMillimetres();
    }

    public function holdAt(): ?float
    {
        return null;
    }

    public function machineAt(): float
    {
        return null === $this->cloth->lock
            ? 0.0
            : min(
                0.0,
                $this->side->leveller() + $this->cloth->lock->toMillimetres() * $this->scale - $this->side->needle(),
            );
    }

    public function rolls(): array
    {
        $shapes = [];
        if ($this->isHeld('lead')) {
            $shapes[] = Shape::circle($this->side->takeupX, $this->side->takeupY, $this->backRadius(), 'rolled');
        }
        if ($this->isRolled()) {
            [$x, $y, $radius] = $this->loose();
            $shapes[] = Shape::circle($x, $y, $radius, 'rolled');
        }

        return $shapes;
    }

    public function runs(): array
    {
        if (!$this->isHeld('lead')) {
            return [];
        }
        $layers = Layer::None === $this->cloth->top ? \array_slice(self::LAYERS, 0, 1) : self::LAYERS;

        return array_map(
            fn(string $name, float $above): Shape => Shape::polyline($this->run($above), "cloth cloth-$name"),
            array_keys($layers),
            $layers,
        );
    }

    public function pieces(): array
    {
        $shapes = [];
        // What holds the lead end goes into the roll with the first turn of its pole.
        if (Where::Rail === ($this->cloth->pieces['lead'] ?? null)?->where) {
            $shapes[] = $this->clamp($this->side->takeupX, $this->side->takeupY + $this->side->bareRadius);
        }
        if ($this->isHeld('tail')) {
            $shapes[] = $this->clamp($this->side->frontBar, -6.0);
        }
        if ($this->isHeld('side')) {
            $middle = ($this->side->leveller() + $this->side->frontBar) / 2;
            $shapes[] = Shape::box($middle - 60, -20, 46, 8, 'state-piece');
            $shapes[] = Shape::box($middle + 20, -20, 46, 8, 'state-piece');
        }
        if ($this->isHeld('tail-edge') && !$this->isRolled()) {
            $x = $this->side->frontBar - 18;
            $shapes[] = Shape::polyline([[$x - 3, -28], [$x + 4, 4]], 'state-pin');
        }
        if ($this->isHeld('loose')) {
            $shapes[] = $this->clip();
        }

        return $shapes;
    }

    public function lines(): array
    {
        $lines = [];
        foreach ($this->cloth->lines as $line) {
            $from = $this->cloth->hold;
            if (null !== $line->at && null !== $from) {
                $x = $this->side->leveller() + $from->plus($line->at)->toMillimetres() * $this->scale;
                if ($x >= $this->side->leveller()) {
                    $lines[] = [$line, $x];
                }
            }
        }

        return $lines;
    }

    /** @return list<array{float, float}> from the back pole over the bed to the front pole, and on to what is loose */
    private function run(float $above): array
    {
        $bar = $this->side->frontBar;
        $back = [[$this->side->takeupX, $this->side->takeupY + $this->backRadius()], [$this->side->leveller(), $above]];
        if ($this->isRolled()) {
            return [...$back, [$bar, $above], [$this->loose()[0], 0.0]];
        }
        $free = $this->cloth->cloth->minus($this->cloth->onTakeUp)->toMillimetres() * $this->scale;
        $beyond = $this->side->leveller() + $free - $bar;

        return $beyond <= 0
            ? [...$back, [$bar + $beyond, $above]]
            : [
                ...$back,
                [$bar, $above],
                [$bar + 16 - $above, 14.0],
                [$bar + 20 - $above, max(14.0, min(self::HANG, $beyond))],
            ];
    }

    private function backRadius(): float
    {
        return $this->setup->winding->roll->radius($this->cloth->onTakeUp->toMillimetres());
    }

    private function clamp(float $x, float $y): Shape
    {
        return Shape::polyline([[$x - 20, $y - 28], [$x - 8, $y], [$x + 8, $y], [$x + 20, $y - 28]], 'clip');
    }

    private function clip(): Shape
    {
        [$x, $y, $radius] = $this->loose();
        $over = [];
        for ($i = 0; $i <= self::CORNERS; ++$i) {
            $turn = -0.85 * \M_PI + (0.7 * \M_PI * $i) / self::CORNERS;
            $over[] = [$x + ($radius + 5) * cos($turn), $y + ($radius + 5) * sin($turn)];
        }

        return Shape::polyline($over, 'clip');
    }

    /** @return array{float, float, float} middle and radius of the loose quilt, rolled up before the front pole */
    private function loose(): array
    {
        $radius = Roll::around(
            self::FOLD,
            $this->setup->winding->roll->thickness->length()->toMillimetres(),
            $this->cloth->onBacking->toMillimetres(),
        );

        return [$this->side->frontBar + 26 + $radius, -$radius, $radius];
    }

    private function isRolled(): bool
    {
        return $this->isHeld('loose') && $this->cloth->onBacking->isPositive();
    }

    private function isHeld(string $what): bool
    {
        return $this->cloth->has($what);
    }
}
