<?php

declare(strict_types=1);

namespace App\Bench\When;

use App\Frames\StudioFrame;
use App\Quilt\Sheet;
use Schwung\Core\Measure\Length;
use Symfony\Component\Validator\Constraints as Assert;

/** What is known of a quilt when somebody asks when it can be done: about how large, and how it is to be quilted. */
final class WhenInput
{
    public const KINDS = [
        'A design in rows, edge to edge' => 'rows',
        'The same, close' => 'close',
        'Each block by itself' => 'blocks',
    ];
    private const ROW_INCHES = ['rows' => 8, 'close' => 4];
    private const BLOCK_INCHES = 12;

    #[Assert\NotNull(message: 'About how wide is it?')]
    public ?Length $across = null;

    #[Assert\NotNull(message: 'About how long is it?')]
    public ?Length $along = null;

    #[Assert\Choice(choices: self::KINDS)]
    public string $kind = 'rows';

    public ?StudioFrame $frame = null;

    public function sheet(): Sheet
    {
        $sheet = Sheet::blank()->withTop($this->across ?? Length::zero(), $this->along ?? Length::zero());

        return isset(self::ROW_INCHES[$this->kind])
            ? $sheet->withAll([
                'quilting/style' => 'rows',
                'quilting/row_height' => self::ROW_INCHES[$this->kind] . ' in',
                'quilting/gap' => '1/2 in',
            ])
            : $sheet->withAll([
                'quilting/style' => 'blocks',
                'top/seams_across' => self::seams($this->along),
                'top/seams_along' => self::seams($this->across),
            ]);
    }

    /** @return list<array{at: string, kind: string}> */
    private static function seams(?Length $length): array
    {
        $seams = [];
        for ($at = self::BLOCK_INCHES; $at < ($length?->toInches() ?? 0.0); $at += self::BLOCK_INCHES) {
            $seams[] = ['at' => "$at in", 'kind' => 'block'];
        }

        return $seams;
    }
}
