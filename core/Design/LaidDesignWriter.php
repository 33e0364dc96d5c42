<?php

declare(strict_types=1);

namespace Schwung\Core\Design;

/** Writes a laid design as an SVG drawing at true size: the quilt's outline, and one path for each row. */
final readonly class LaidDesignWriter
{
    public function write(LaidDesign $design, string $title): string
    {
        $along = $design->rows->along->toMillimetres();
        $across = $design->across->toMillimetres();
        $left = -max($across, $design->repeats * $design->repeat()) / 2;
        $top = min(0.0, $design->rows->start(0)->toMillimetres());
        [$wide, $high] = [
            -2 * $left,
            max($along, $design->rows->end($design->rows->count - 1)->toMillimetres()) - $top,
        ];
        $rows = '';
        foreach (array_chunk($design->places(), $design->repeats) as $row) {
            $rows .= \sprintf(
                '  <path d="%s"/>' . "\n",
                implode('', array_map(fn(array $place): string => $this->repeat($design, $place), $row)),
            );
        }

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.2Fmm" height="%2$.2Fmm" viewBox="%3$.2F ' .
                "%4\$.2F %1\$.2F %2\$.2F\">\n  <title>%5\$s</title>\n  <rect x=\"%6\$.2F\" y=\"0\" width=\"%7\$.2F\" " .
                "height=\"%8\$.2F\" fill=\"none\" stroke=\"#999\"/>\n  <g fill=\"none\" stroke=\"#000\">\n%9\$s  " .
                "</g>\n</svg>\n",
            $wide,
            $high,
            $left,
            $top,
            htmlspecialchars($title, \ENT_XML1 | \ENT_QUOTES),
            -$across / 2,
            $across,
            $along,
            $rows,
        );
    }

    /** @param array{float, float} $place */
    private function repeat(LaidDesign $design, array $place): string
    {
        $data = '';
        foreach ($design->path->lines as $line) {
            foreach ($line as $i => $point) {
                $data .= \sprintf(
                    '%s%.2F %.2F',
                    0 === $i ? 'M' : 'L',
                    $place[0] + $design->scale * $point->x,
                    $place[1] + $design->scale * $point->y,
                );
            }
        }

        return $data;
    }
}
