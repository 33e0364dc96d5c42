<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Advance\RowRule;
use Schwung\Core\Design\Exception\UnusableDesign;
use Schwung\Core\Design\GapRule;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Design\LaidDesignWriter;
use Schwung\Core\Design\StitchPath;
use Schwung\Core\Design\SvgReader;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Measure\Length;

/** Drawings of every kind of segment and transform, read, and laid over quilts. */
final readonly class Designs implements Account
{
    private const TRANSFORMS = [
        '',
        'translate(7)',
        'translate(-3,4.5)',
        'scale(2)',
        'scale(.5 3)',
        'rotate(30)',
        'rotate(-75 10 20)',
        'skewX(20)',
        'skewY(-10)',
        'matrix(1 .2 -.3 1.5 4 -6)',
        'translate(5 1) rotate(45) scale(1.5,.8)',
        'skewX(5)skewY(7)',
    ];

    public function pages(): int
    {
        return 96;
    }

    public function page(int $number): iterable
    {
        $lot = new Lot($number);
        try {
            $path = (new SvgReader())->read(self::drawing($lot));
        } catch (UnusableDesign $unusable) {
            yield $unusable->getMessage();

            return;
        }
        yield \sprintf(
            'repeats after %.3f mm, %.3f mm high, %.2f mm stitched, %d lines',
            $path->repeat()->toMillimetres(),
            $path->height()->toMillimetres(),
            $path->stitched()->toMillimetres(),
            \count($path->lines),
        );
        $data = $path->toPathData();
        yield \strlen($data) > 160 ? substr($data, 0, 160) . ' ' . Words::mark($data) : $data;
        yield Words::mark(StitchPath::fromPathData($data));

        $design = new RowDesign(
            Length::inches($lot->of([2, 4.5, 9, 11.5])),
            Length::inches($lot->of([0, 0.25, -0.5])),
            Length::inches($lot->of([0, 0.5])),
            $lot->case(Finish::class),
        );
        $rows = (new RowRule())->layOut($design, Length::inches($lot->of([30, 60, 75.5])));
        $laid = new LaidDesign($path, $rows, Length::inches($lot->of([20, 60])));
        yield \sprintf('%d rows, %d repeats of %.3f mm, ', $rows->count, $laid->repeats, $laid->repeat()) .
            Words::of([$laid->stitched(), $laid->places()[0], $laid->places()[$laid->repeats] ?? 'no second row']) .
            ' ' .
            Words::mark((new LaidDesignWriter())->write($laid, 'A <wave> & more'));
        yield 'lines apart by ' . Words::of((new GapRule())->largest($laid));
    }

    private static function drawing(Lot $lot): string
    {
        $size = $lot->of(['', ' width="60mm" viewBox="0 0 120 80"', ' width="3in" height="2in" viewBox="0 0 30 20"']);
        $transform = $lot->of(self::TRANSFORMS);
        $inner = $lot->of([
            '<path d="' . self::path($lot) . '"/>',
            '<path d="' . self::path($lot) . '"/>',
            '<path d="' . self::path($lot) . '"/>',
            '<polyline points="0 0 10,12 30 5.5" transform="' . $lot->of(self::TRANSFORMS) . '"/>',
            '<polygon points="0,0 40,0 40,30"/><line x1="3" y1="4" x2="50" y2="-6"/>',
        ]);

        return "<svg xmlns=\"http://www.w3.org/2000/svg\"$size><g transform=\"$transform\">$inner</g></svg>";
    }

    private static function path(Lot $lot): string
    {
        $n = static fn(): string => (string) ($lot->between(-80, 80) / 2);
        $path = 'M' . $n() . ' ' . $n();
        foreach (range(1, $lot->between(2, 6)) as $_) {
            $letter = $lot->of(['L', 'H', 'V', 'C', 'S', 'Q', 'T', 'A', 'A', 'Z', 'M']);
            $numbers = match ($letter) {
                'L', 'T', 'M' => [$n(), $n()],
                'H', 'V' => [$n()],
                'C' => [$n(), $n(), $n(), $n(), $n(), $n()],
                'S', 'Q' => [$n(), $n(), $n(), $n()],
                'A' => [
                    (string) $lot->of([0, 4, 15, -20, 60]),
                    (string) $lot->of([3, 15, 25, 60]),
                    (string) $lot->of([0, 30, -45, 120]),
                    (string) $lot->between(0, 1),
                    (string) $lot->between(0, 1),
                    $n(),
                    $n(),
                ],
                'Z' => [],
            };
            $path .= ($lot->isOf(50) ? $letter : strtolower($letter)) . implode(' ', $numbers);
        }

        return $path;
    }
}
