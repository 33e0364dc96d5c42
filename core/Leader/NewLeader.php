<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/**
 * Rule 15, a new leader or casing: what to cut from canvas, and where to mark it.
 *
 * Long enough for a turn and a half on the roller; unwashed canvas is cut larger by what it shrinks.
 */
final readonly class NewLeader
{
    private const TURNED_UNDER_INCHES = 0.25;
    private const SIDE_HEMS_INCHES = 1;
    /** Of the rail, at both ends together: cloth that reaches its end is caught by the gears. */
    private const FREE_INCHES = 2;
    /** From the free edge to the fold: a dowel slides through the one, a needle catches the other. */
    private const CASING_INCHES = 1.75;
    private const HEM_INCHES = 1;
    /** Near enough that a hand's pins are counted by them. */
    private const TICK_INCHES = 5;

    public function __construct(
        private Frame $frame,
        private bool $hasCasing,
        private bool $isUnwashed,
        private int $shrinksPerCent = 3,
    ) {}

    /** @param Length $reaches from the roller to the far side of the bed */
    public function cutLength(Length $reaches): Worked
    {
        $turns = Length::millimetres($this->frame->size(FrameMeasure::TakeupDiameter)->toMillimetres() * \M_PI * 1.5);
        $sum = $reaches->plus($turns, $this->fold(), Length::inches(self::TURNED_UNDER_INCHES));

        return new Worked(
            Figure::needed($this->grown($sum)),
            $this->rule('From the roller to the far side of the bed, a turn and a half on the roller, and the fold'),
            [
                new Term('roller to far side', Figure::measured($reaches), 'frame'),
                new Term('a turn and a half', Figure::measured($turns), 'roller'),
                new Term($this->hasCasing ? 'casing' : 'hem', Figure::measured($this->fold()), 'fold line'),
                new Term('turned under', Figure::measured(Length::inches(self::TURNED_UNDER_INCHES)), 'usual'),
            ],
        );
    }

    public function cutWidth(): Worked
    {
        $sum = $this->finishedWidth()->plus(Length::inches(self::SIDE_HEMS_INCHES));

        return new Worked(
            Figure::needed($this->grown($sum)),
            $this->rule('The rail less what is left free of it, and two side hems'),
            [
                new Term('rail', Figure::measured($this->frame->size(FrameMeasure::Rail)), 'frame'),
                new Term('left free', Figure::measured(Length::inches(self::FREE_INCHES)), 'usual'),
                new Term('side hems', Figure::measured(Length::inches(self::SIDE_HEMS_INCHES)), 'both together'),
            ],
        );
    }

    /** From the free edge to the line where it is folded for the casing or the hem. */
    public function fold(): Length
    {
        return Length::inches($this->hasCasing ? self::CASING_INCHES : self::HEM_INCHES);
    }

    public function finishedWidth(): Length
    {
        return $this->frame->size(FrameMeasure::Rail)->minus(Length::inches(self::FREE_INCHES));
    }

    /** From one tick to the next. */
    public function tickSpacing(): Length
    {
        return Length::inches(self::TICK_INCHES);
    }

    /** @return list<Length> ticks each way from the centre mark, on the finished leader */
    public function ticks(): array
    {
        $last = (int) floor($this->finishedWidth()->half()->nanometres / $this->tickSpacing()->nanometres);

        return array_map(fn(int $k): Length => $this->tickSpacing()->times($k), range(-$last, $last));
    }

    private function grown(Length $length): Length
    {
        return $this->isUnwashed ? $length->scaledBy(100 + $this->shrinksPerCent, 100) : $length;
    }

    private function rule(string $sum): string
    {
        return $sum .
            ($this->isUnwashed ? "; $this->shrinksPerCent per cent more, because unwashed canvas shrinks." : '.');
    }
}
