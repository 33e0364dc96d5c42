<?php

declare(strict_types=1);

namespace App\Drawing;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Worked;

/**
 * Writes a drawing as an SVG that carries its own ink, black on white, for a printer that knows no style sheet. Widths
 * of lines are given in pixels of the page and turned into the drawing's units.
 */
final readonly class PrintInk
{
    /** Fill, stroke, width in pixels, dashes in pixels; the first class of a mark that is named here counts. */
    private const INKS = [
        'rail' => ['#333', 'none', 0, ''],
        'bar' => ['#333', 'none', 0, ''],
        'roller' => ['#333', 'none', 0, ''],
        'tick' => ['none', '#777', 1, ''],
        'ground' => [null, 'none', 0, ''],
        'leader' => [null, '#777', 1, ''],
        'batting' => [null, '#777', 1, ''],
        'layer-top' => ['#fff', '#000', 2, ''],
        'outline-needed' => ['none', '#000', 1.5, '7 5'],
        'outline' => ['none', '#000', 1.5, ''],
        'seam-backing' => ['none', '#000', 2, '10 4 2 4'],
        'seam' => ['none', '#777', 1, ''],
        'band-now' => ['none', '#000', 1, ''],
        'band-done' => ['none', '#777', 1, ''],
        'band' => ['none', '#777', 1, ''],
        'row-edge' => ['none', '#777', 1, '2 6'],
        'stop-cuts' => ['none', '#000', 3, '14 5'],
        'stop-line' => ['none', '#000', 1.5, ''],
        'section-line' => ['none', '#000', 2, '4 4'],
        'turn-line' => ['none', '#000', 4, ''],
        'basting' => ['none', '#000', 2, '6 4'],
        'marker-line' => ['none', '#000', 1, '2 5'],
        'marker' => ['#000', 'none', 0, ''],
        'held-edge' => ['#eee', '#000', 1, ''],
        'piece' => ['#000', '#fff', 1, ''],
        'pin' => ['#000', '#fff', 1, ''],
        'machine' => ['#eee', '#777', 1.5, ''],
        'needle' => ['none', '#000', 2, ''],
        'usable' => ['#ccc', 'none', 0, ''],
        'rolled' => ['#eee', '#000', 1.5, ''],
        'ring' => ['none', '#777', 1, ''],
        'feed' => ['#eee', '#000', 1.5, ''],
        'cloth' => ['none', '#000', 2, ''],
        'clip' => ['none', '#000', 4, ''],
        'dimension' => ['none', '#000', 1.5, ''],
        'arrow' => ['none', '#000', 2, ''],
        'mark' => ['#fff', '#000', 3, ''],
        'unreachable' => ['#ddd', '#777', 1, ''],
    ];
    private const DOTS_PER_INCH = 96;
    private const FILLS = ['url(#hatch)' => '#e2e2e2', 'url(#dots)' => '#f4f4f4', 'url(#short)' => '#ccc'];

    public function __construct(private LengthWriter $writer) {}

    /**
     * As the source of a picture on paper, since nothing is fetched for a PDF.
     *
     * @param list<Shape> $shapes
     */
    public function asData(Canvas $canvas, array $shapes, float $millimetresWide): string
    {
        return 'data:image/svg+xml;base64,' . base64_encode($this->svg($canvas, $shapes, $millimetresWide));
    }

    /**
     * At its size on paper, so that whoever prints it need not scale it.
     *
     * @param list<Shape> $shapes
     */
    public function svg(Canvas $canvas, array $shapes, float $millimetresWide): string
    {
        $wide = ($millimetresWide / 25.4) * self::DOTS_PER_INCH;
        $scale = $wide / $canvas->width;
        $marks = implode('', array_map(fn(Shape $shape): string => $this->mark($shape, $canvas), $shapes));

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.1F" height="%2$.1F" viewBox="0 0 %1$.1F %2$.1F"><g ' .
                'transform="scale(%3$.6F) translate(%4$.2F %5$.2F)">%6$s</g></svg>',
            $wide,
            $scale * $canvas->height,
            $scale,
            -$canvas->left,
            -$canvas->top,
            $marks,
        );
    }

    private function mark(Shape $shape, Canvas $canvas): string
    {
        $attributes = array_diff_key($shape->attributes, ['class' => 1]);
        $ink =
            null === $shape->text
                ? $this->ink($shape->attributes['class'] ?? '', $shape->attributes['fill'] ?? null, $canvas)
                : ['fill' => '#000', 'font-family' => 'DejaVu Sans'];
        $pairs = '';
        foreach ([...$attributes, ...$ink] as $name => $value) {
            $pairs .= \sprintf(' %s="%s"', $name, htmlspecialchars($value));
        }

        return "<$shape->element$pairs" .
            (null === $shape->text ? '/>' : '>' . htmlspecialchars($this->text($shape->text)) . "</$shape->element>");
    }

    /** @return array<string, string> */
    private function ink(string $classes, ?string $fill, Canvas $canvas): array
    {
        foreach (explode(' ', $classes) as $class) {
            if (isset(self::INKS[$class])) {
                [$inside, $line, $width, $dashes] = self::INKS[$class];

                return [
                    'fill' => null === $fill ? $inside ?? 'none' : self::FILLS[$fill] ?? $fill,
                    'stroke' => $line,
                    'stroke-width' => Shape::number($canvas->px($width)),
                    ...'' === $dashes
                        ? []
                        : [
                            'stroke-dasharray' => implode(
                                ' ',
                                array_map(
                                    static fn(string $dash): string => Shape::number($canvas->px((float) $dash)),
                                    explode(' ', $dashes),
                                ),
                            ),
                        ],
                ];
            }
        }

        return ['fill' => 'none', 'stroke' => '#000', 'stroke-width' => Shape::number($canvas->px(1))];
    }

    private function text(string|Length|Figure|Worked|Phrase $text): string
    {
        return match (true) {
            \is_string($text) => $text,
            $text instanceof Length => $this->writer->write($text),
            $text instanceof Worked => $text->figure->writtenBy($this->writer),
            default => $text->writtenBy($this->writer),
        };
    }
}
