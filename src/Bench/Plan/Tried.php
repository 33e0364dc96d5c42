<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Bench\WallClock;
use Schwung\Core\Queue\Placed;

/**
 * What a place in the queue would mean for a quilt and for the others.
 *
 * Made with named arguments or by no().
 */
final readonly class Tried
{
    /**
     * @param array{float, float} $short   what is missing across and along, in millimetres
     * @param int|null            $instead of so many passes on its own frame; null where this is it
     * @param array<string, int>  $delayed days by which others are later than they would be, by title
     */
    public function __construct(
        public bool $fits,
        public string $sentence,
        public array $short = [0.0, 0.0],
        public ?int $passes = null,
        public ?int $instead = null,
        public ?Placed $placed = null,
        public ?WallClock $clock = null,
        public array $delayed = [],
    ) {}

    /** @param array{float, float} $short */
    public static function no(string $sentence, array $short = [0.0, 0.0]): self
    {
        return new self(false, $sentence, $short);
    }

    /** @return list<string> one thing each, the most important first */
    public function words(): array
    {
        if (null === $this->placed || null === $this->clock) {
            return [$this->sentence];
        }
        $late = $this->placed->daysLate();
        $words = [
            $this->sentence,
            \sprintf(
                '%sfrom %s until %s%s.',
                null === $this->passes ? '' : ucfirst(self::count($this->passes, 'pass', 'passes')) . ', ',
                $this->clock->at($this->placed->start)->format('D j M G:i'),
                $this->clock->at($this->placed->end)->format('D j M G:i'),
                $late > 0 ? ': ' . self::count($late, 'day', 'days') . ' late' : '',
            ),
        ];
        if (null !== $this->instead && $this->instead !== $this->passes) {
            $words[] = 'On its own frame it takes ' . self::count($this->instead, 'pass', 'passes') . '.';
        }
        $words[] =
            [] === $this->delayed
                ? 'It makes nobody else late.'
                : 'It makes late: ' .
                    implode(
                        ', ',
                        array_map(
                            static fn(string|int $title, int $days): string => $title .
                                ' by ' .
                                self::count($days, 'day', 'days'),
                            array_keys($this->delayed),
                            $this->delayed,
                        ),
                    ) .
                    '.';

        return $words;
    }

    private static function count(int $number, string $one, string $many): string
    {
        return $number . ' ' . (1 === $number ? $one : $many);
    }
}
