<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Worded;

/**
 * Every length that is taped of a top and its backing, by the path of its entry, in the order in which one walks round
 * the table: along the far edge, down the right, back along the near edge, up the left, then across the middle.
 */
enum Taping: string implements Worded
{
    case TopWidthTop = 'top/widths/top';
    case TopLengthRight = 'top/lengths/right';
    case TopWidthBottom = 'top/widths/bottom';
    case TopLengthLeft = 'top/lengths/left';
    case TopWidthMiddle = 'top/widths/middle';
    case TopLengthMiddle = 'top/lengths/middle';
    case TopDiagonalLeft = 'top/diagonals/0';
    case TopDiagonalRight = 'top/diagonals/1';
    case BackingTop = 'backing/sides/top';
    case BackingRight = 'backing/sides/right';
    case BackingBottom = 'backing/sides/bottom';
    case BackingLeft = 'backing/sides/left';
    case BackingDiagonal = 'backing/diagonal';

    public const TOP = [
        self::TopWidthTop,
        self::TopLengthRight,
        self::TopWidthBottom,
        self::TopLengthLeft,
        self::TopWidthMiddle,
        self::TopLengthMiddle,
        self::TopDiagonalLeft,
        self::TopDiagonalRight,
    ];
    public const BACKING = [
        self::BackingTop,
        self::BackingRight,
        self::BackingBottom,
        self::BackingLeft,
        self::BackingDiagonal,
    ];

    private const TOP_WIDTHS = [self::TopWidthTop, self::TopWidthMiddle, self::TopWidthBottom];
    private const TOP_LENGTHS = [self::TopLengthLeft, self::TopLengthMiddle, self::TopLengthRight];
    private const BACKING_WIDTHS = [self::BackingTop, self::BackingBottom];
    private const BACKING_LENGTHS = [self::BackingRight, self::BackingLeft];

    public function isOfTop(): bool
    {
        return str_starts_with($this->value, 'top/');
    }

    public function isDiagonal(): bool
    {
        return str_contains($this->value, 'diagonal');
    }

    /** @return list<self> all of its layer */
    public function layer(): array
    {
        return $this->isOfTop() ? self::TOP : self::BACKING;
    }

    /** @return list<self> those that would be as long if the cloth were true, itself among them; none for a diagonal */
    public function alike(): array
    {
        foreach ([self::TOP_WIDTHS, self::TOP_LENGTHS, self::BACKING_WIDTHS, self::BACKING_LENGTHS] as $alike) {
            if (\in_array($this, $alike, true)) {
                return $alike;
            }
        }

        return [];
    }

    public function isInTheMiddle(): bool
    {
        return self::TopWidthMiddle === $this || self::TopLengthMiddle === $this;
    }

    /** The name of its field. */
    public function words(): string
    {
        return match ($this) {
            self::TopWidthTop => 'Width at the top',
            self::TopWidthMiddle => 'Width in the middle',
            self::TopWidthBottom => 'Width at the bottom',
            self::TopLengthLeft => 'Length at the left',
            self::TopLengthMiddle => 'Length in the middle',
            self::TopLengthRight => 'Length at the right',
            self::TopDiagonalLeft => 'Diagonal from top left',
            self::TopDiagonalRight => 'Diagonal from top right',
            self::BackingTop => 'Backing, top side',
            self::BackingRight => 'Backing, right side',
            self::BackingBottom => 'Backing, bottom side',
            self::BackingLeft => 'Backing, left side',
            self::BackingDiagonal => 'Diagonal, top left to bottom right',
        };
    }

    /** The same inside a sentence: "measure the width at the top". */
    public function inASentence(): string
    {
        return match ($this) {
            self::BackingTop => 'the top side of the backing',
            self::BackingRight => 'the right side of the backing',
            self::BackingBottom => 'the bottom side of the backing',
            self::BackingLeft => 'the left side of the backing',
            self::BackingDiagonal => 'the diagonal of the backing',
            default => 'the ' . lcfirst($this->words()),
        };
    }

    /** Where to put the tape. */
    public function help(): string
    {
        return match ($this) {
            self::TopWidthTop => 'Along the far edge, corner to corner. Lay it flat and do not pull.',
            self::TopLengthRight => 'Down the right edge, corner to corner.',
            self::TopWidthBottom => 'Along the near edge, corner to corner.',
            self::TopLengthLeft => 'Up the left edge, corner to corner.',
            self::TopWidthMiddle => 'From side to side, half way down.',
            self::TopLengthMiddle => 'From the far edge to the near one, half way across.',
            self::TopDiagonalLeft => 'From the far left corner to the near right one.',
            self::TopDiagonalRight => 'From the far right corner to the near left one.',
            self::BackingTop => 'Inside the selvedges, along the side that will lie under the top edge of the quilt.',
            self::BackingRight => 'Down the right side, corner to corner.',
            self::BackingBottom => 'Along the near side, inside the selvedges.',
            self::BackingLeft => 'Up the left side, corner to corner.',
            self::BackingDiagonal
                => 'From the far left corner to the near right one: it tells whether the cloth is square.',
        };
    }
}
