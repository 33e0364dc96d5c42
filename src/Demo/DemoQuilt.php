<?php

declare(strict_types=1);

namespace App\Demo;

use App\Quilt\Sheet;

/** One quilt of the demo, told in few words; lengths without a unit are inches. */
final readonly class DemoQuilt
{
    /**
     * @param list<string>          $top     three widths, three lengths, and both diagonals where they were taken
     * @param list<string>          $backing top, right, bottom, left, and the diagonal where it was taken; empty while
     *   it has not come
     * @param array{string, string}|null $batting
     * @param array<string, mixed>  $more    further members of the sheet by path
     */
    public function __construct(
        public string $title,
        public string $client,
        public int $dueInDays,
        public int $frame,
        private array $top,
        private array $backing = [],
        private ?array $batting = null,
        private array $more = [],
    ) {}

    public function sheet(): Sheet
    {
        $paths = [
            'top/widths/top',
            'top/widths/middle',
            'top/widths/bottom',
            'top/lengths/left',
            'top/lengths/middle',
            'top/lengths/right',
            'top/diagonals/0',
            'top/diagonals/1',
        ];
        $sheet = $this->fill(Sheet::blank(), $paths, $this->top);
        $sheet = $this->fill(
            $sheet,
            [
                'backing/sides/top',
                'backing/sides/right',
                'backing/sides/bottom',
                'backing/sides/left',
                'backing/diagonal',
            ],
            $this->backing,
        );
        $sheet = $this->fill($sheet, ['batting/width', 'batting/length'], $this->batting ?? []);
        foreach ($this->more as $path => $value) {
            $sheet = $sheet->with($path, $value);
        }

        return $sheet;
    }

    /**
     * @param list<string> $paths
     * @param list<string> $texts
     */
    private function fill(Sheet $sheet, array $paths, array $texts): Sheet
    {
        foreach ($texts as $i => $text) {
            $sheet = $sheet->with($paths[$i], str_ends_with($text, 'm') ? $text : $text . ' in');
        }

        return $sheet;
    }
}
