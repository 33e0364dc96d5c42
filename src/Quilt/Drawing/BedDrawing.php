<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Ruler;
use App\Drawing\Shape;
use App\Drawing\Tick;
use Schwung\Core\Job\Taping;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Point;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\BedLayout;
use Schwung\Core\Sizing\Box;

/** The bed as the pages show it: one scale, x = 0 at the centre of the rails, y growing toward the quilter. */
final readonly class BedDrawing
{
    public const PIXELS_WIDE = 780;
    public const PIXELS_HIGH = 644;
    private const LEAST_HIGH = 470;
    private const ROOM = ['left' => 64, 'top' => 74, 'right' => 64, 'bottom' => 62];

    /**
     * @param Preparation        $preparation of the quilt that lies on it, with what is not measured guessed
     * @param list<MeasureField> $fields
     * @param list<Label>        $labels
     * @param list<Tick>         $acrossTicks
     * @param list<Tick>         $alongTicks
     * @param list<Point>        $up          from and to of the arrow toward the top's up; empty where it has none
     * @param list<Shape>        $overlay     what the stage draws over the top
     * @param Preparation        $known       the same quilt without a guess
     */
    private function __construct(
        public Preparation $preparation,
        public BedLayout $layout,
        public bool $hasBacking,
        public Canvas $canvas,
        public array $fields,
        public array $labels,
        public array $acrossTicks,
        public array $alongTicks,
        public float $railFrom,
        public float $railTo,
        public array $up,
        public array $overlay,
        public Preparation $known,
    ) {}

    /**
     * @param list<MeasureField> $fields
     * @param list<Label>        $labels
     * @param list<Point>        $up
     * @param float|null         $rail   the frame's rail in millimetres, where it is known
     * @param Preparation        $known  the same quilt without a guess
     */
    public static function of(
        Preparation $preparation,
        BedLayout $layout,
        bool $hasBacking,
        array $fields,
        array $labels,
        ?float $rail,
        UnitSystem $units,
        array $up,
        Preparation $known,
    ): self {
        $part = self::extent($layout);
        $canvas = self::canvas($part);
        $half = min(($rail ?? \INF) / 2, -$canvas->left - $canvas->px(16), $canvas->right() - $canvas->px(16));
        $ruler = new Ruler($units);

        return new self(
            preparation: $preparation,
            layout: $layout,
            hasBacking: $hasBacking,
            canvas: $canvas,
            fields: (new FieldSpacing($canvas))->spaced($fields),
            labels: $labels,
            acrossTicks: $ruler->ticks(-$half, $half),
            alongTicks: $ruler->ticks($part['top'], $part['bottom']),
            railFrom: -$half,
            railTo: $half,
            up: $up,
            overlay: [],
            known: $known,
        );
    }

    /** @param list<Shape> $overlay */
    public function under(array $overlay): self
    {
        return new self(
            preparation: $this->preparation,
            layout: $this->layout,
            hasBacking: $this->hasBacking,
            canvas: $this->canvas,
            fields: $this->fields,
            labels: $this->labels,
            acrossTicks: $this->acrossTicks,
            alongTicks: $this->alongTicks,
            railFrom: $this->railFrom,
            railTo: $this->railTo,
            up: $this->up,
            overlay: $overlay,
            known: $this->known,
        );
    }

    /** The same bed with its quilt hung off the rail's centre by so much, in millimetres: the ruler moves under it. */
    public function hungAt(float $position, UnitSystem $units): self
    {
        $from = max($this->canvas->left + $this->canvas->px(16), $this->railFrom - $position);
        $to = min($this->canvas->right() - $this->canvas->px(16), $this->railTo - $position);
        $ticks = array_map(
            static fn(Tick $tick): Tick => new Tick($tick->at - $position, $tick->label),
            (new Ruler($units))->ticks($from + $position, $to + $position),
        );

        return new self(
            preparation: $this->preparation,
            layout: $this->layout,
            hasBacking: $this->hasBacking,
            canvas: $this->canvas,
            fields: $this->fields,
            labels: $this->labels,
            acrossTicks: $ticks,
            alongTicks: $this->alongTicks,
            railFrom: $from,
            railTo: $to,
            up: $this->up,
            overlay: $this->overlay,
            known: $this->known,
        );
    }

    /** The window of the cloth alone, for a small drawing without rails and rulers. */
    public function clothBox(): string
    {
        $part = self::extent($this->layout);
        $room = 0.03 * max($part['right'] - $part['left'], $part['bottom'] - $part['top']);

        return \sprintf(
            '%.1f %.1f %.1f %.1f',
            $part['left'] - $room,
            $part['top'] - $room,
            $part['right'] - $part['left'] + 2 * $room,
            $part['bottom'] - $part['top'] + 2 * $room,
        );
    }

    public function backingPoints(): string
    {
        return implode(
            ' ',
            array_map(
                static fn(Point $corner): string => \sprintf('%.1f,%.1f', $corner->x, $corner->y),
                $this->layout->backing,
            ),
        );
    }

    public function leadBar(): float
    {
        return $this->canvas->top + $this->canvas->px(24);
    }

    public function tailBar(): float
    {
        return $this->canvas->bottom() - $this->canvas->px(34);
    }

    /** Where the ruler beside the bed stands. */
    public function sideRuler(): float
    {
        return $this->canvas->left + $this->canvas->px(37);
    }

    public function place(MeasureField $field): string
    {
        return $this->canvas->placeAcross($field->x) . ' ' . $this->canvas->placeDown($field->y);
    }

    /** What may be guessed of a measure that is not taken yet; null where it is, or where nothing tells. */
    public function guessOf(Taping $measure): ?Length
    {
        return $this->known->known->parts->tape->guessOfOpen($measure);
    }

    /** Whether what is drawn of the top rests on a guess. */
    public function isTopGuessed(): bool
    {
        return null === $this->known->known->parts->top;
    }

    public function isBackingGuessed(): bool
    {
        return null === $this->known->known->parts->backing;
    }

    public function shapes(): BedShapes
    {
        return new BedShapes($this);
    }

    /**
     * High enough for the fields of a quilt that is much wider than long.
     *
     * @param array{left: float, top: float, right: float, bottom: float} $part
     */
    private static function canvas(array $part): Canvas
    {
        $canvas = Canvas::around($part, self::PIXELS_WIDE, self::PIXELS_HIGH, self::ROOM);
        $missing = (int) ceil((self::LEAST_HIGH - $canvas->height / $canvas->perPixel) / 2);

        return $missing <= 0
            ? $canvas
            : Canvas::around($part, self::PIXELS_WIDE, self::PIXELS_HIGH, [
                ...self::ROOM,
                'top' => self::ROOM['top'] + $missing,
                'bottom' => self::ROOM['bottom'] + $missing,
            ]);
    }

    /** @return array{left: float, top: float, right: float, bottom: float} */
    private static function extent(BedLayout $layout): array
    {
        $boxes = array_filter([$layout->top, $layout->required, $layout->batting]);
        $xs = [
            ...array_map(static fn(Box $box): float => $box->left, $boxes),
            ...array_map(static fn(Box $box): float => $box->right, $boxes),
        ];
        $ys = [
            ...array_map(static fn(Box $box): float => $box->lead, $boxes),
            ...array_map(static fn(Box $box): float => $box->tail, $boxes),
        ];
        foreach ($layout->backing as $corner) {
            [$xs[], $ys[]] = [$corner->x, $corner->y];
        }

        return ['left' => min($xs), 'top' => min($ys), 'right' => max($xs), 'bottom' => max($ys)];
    }
}
