<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Frames\SideDrawer;
use App\Frames\SideGeometry;
use Schwung\Core\Loading\ClothState;
use Schwung\Core\Loading\FrameState;
use Schwung\Core\Loading\LineIn;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;

/**
 * Draws how a frame stands once a step is done: the cloth on each roller or pole to scale, where the hold stands, what
 * is laid, basted, held and locked. What does not change between two steps is drawn once and copied.
 */
final readonly class StateDrawer
{
    /** The machine and the bars, which every picture copies. */
    private const PARTS = ['state-machine', 'state-bars'];

    /** A hold further behind the leveller bar lies on its way round the roller. */
    private const JUST_BEHIND = 60.0;

    private SideGeometry $side;
    private Canvas $canvas;

    public function __construct(private Setup $setup)
    {
        $this->side = SideGeometry::of($setup->plan->job->frame, $setup->winding->roll->radius(0));
        $this->canvas = (new SideDrawer())->canvas($this->side, 330, 225, SideDrawer::FLOOR);
    }

    /** @return array<string, list<Shape>> what every picture copies, by the ids of the copies */
    public function parts(): array
    {
        $drawer = new SideDrawer();

        return array_combine(self::PARTS, [
            $drawer->machine($this->side),
            [
                Shape::circle($this->side->takeupX, $this->side->takeupY, $this->side->bareRadius, 'roller'),
                ...$drawer->bars($this->side, $this->canvas),
            ],
        ]);
    }

    /**
     * What each step leaves, once where several leave the same.
     *
     * @return array{list<string>, array<string, Picture>} the key of each step's picture, and the pictures by it
     */
    public function all(StepList $steps): array
    {
        [$frame, $keys, $pictures] = [$steps->start, [], []];
        foreach ($steps->cloths() as $i => $cloth) {
            $frame = $frame->with($steps->steps[$i]->leaves);
            $key = 'state-' . hash('xxh32', serialize([$cloth, $this->ratchets($frame)]));
            $keys[] = $key;
            $pictures[$key] ??= $this->draw($cloth, $frame);
        }

        return [$keys, $pictures];
    }

    public function draw(ClothState $cloth, FrameState $frame): Picture
    {
        $drawn = $this->setup->isClamped()
            ? new StatePoles($this->setup, $this->side, $cloth)
            : new StateCloth($this->setup, $this->side, $cloth);

        return new Picture($this->canvas, 'The frame from the side, as this step leaves it.', [
            Shape::copy(self::PARTS[0], $drawn->machineAt(), 0),
            ...$drawn->rolls(),
            ...$drawn->runs(),
            ...$drawn->pieces(),
            ...array_map($this->line(...), $drawn->lines()),
            Shape::copy(self::PARTS[1], 0, 0),
            ...$this->hold($cloth, $drawn),
            ...$this->lock($cloth, $drawn),
            ...$this->rollers($cloth, $frame),
        ]);
    }

    /** @param array{LineIn, float} $line with its place */
    private function line(array $line): Shape
    {
        [$basted, $x] = $line;

        return Shape::line($x, -20, $x, 6, $basted->stays ? 'state-line' : 'state-line state-line-out');
    }

    /** @return list<Shape> */
    private function hold(ClothState $cloth, DrawnCloth $drawn): array
    {
        $x = $drawn->holdAt();
        if (null === $cloth->hold || null === $x || $x < $this->side->leveller() - self::JUST_BEHIND) {
            return [];
        }

        return [
            Shape::polygon([[$x, 2], [$x - 9, 22], [$x + 9, 22]], 'state-hold'),
            $this->text(
                max(0.0, $x - 12),
                62,
                Phrase::of('hold %s', Figure::measured($cloth->hold->absolute())),
                'strong',
            ),
        ];
    }

    /** @return list<Shape> */
    private function lock(ClothState $cloth, DrawnCloth $drawn): array
    {
        return null === $cloth->lock
            ? []
            : [
                $this->text(
                    $this->side->needle() + $drawn->machineAt() + 40,
                    -$this->side->arm / 2,
                    Phrase::of('locked %s from the hold', Figure::measured($cloth->lock)),
                    'strong text-attention-svg',
                ),
            ];
    }

    /** @return list<Shape> what is wound on each roller, and whether it is held */
    private function rollers(ClothState $cloth, FrameState $frame): array
    {
        $shapes = [];
        foreach ($this->ratchets($frame) as $part => $word) {
            $isTakeUp = StatePart::Backing->value !== $part;
            $wound = $isTakeUp ? $cloth->onTakeUp : $cloth->onBacking;
            $name = match (true) {
                $this->setup->isClamped() => 'back pole: ',
                $isTakeUp => 'take-up: ',
                default => '',
            };
            $shapes[] = $this->text(
                $isTakeUp ? -34 : $this->canvas->right() - $this->canvas->px(4),
                $isTakeUp ? -$this->side->arm - 18 : SideDrawer::FLOOR - 4,
                $wound->isPositive()
                    ? Phrase::of("$name%s on, $word", Figure::measured($wound))
                    : Phrase::of("$name$word"),
                'free' === $word ? 'strong text-attention-svg' : 'strong',
                $isTakeUp ? 'start' : 'end',
            );
        }

        return $shapes;
    }

    /** @return array<string, string> whether rollers or poles are held, by the part */
    private function ratchets(FrameState $frame): array
    {
        return array_filter([
            StatePart::Poles->value => $frame->at(StatePart::Poles),
            StatePart::TakeUp->value => $frame->at(StatePart::TakeUp),
            StatePart::Backing->value => $frame->at(StatePart::Backing),
        ]);
    }

    private function text(float $x, float $y, Phrase $text, string $class, string $anchor = 'start'): Shape
    {
        return Shape::text($x, $y, $text, $this->canvas->px(12), "halo $class", $anchor);
    }
}
