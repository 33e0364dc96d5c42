<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Phrase;

/** The way round that is taken, what settled it, and every criterion side by side. */
final readonly class Choice
{
    /** @param list<Criterion> $criteria in the order in which they decide */
    public function __construct(
        public Direction $chosen,
        public Decision $decidedBy,
        public Direction $proposed,
        public Decision $proposedBy,
        public array $criteria,
    ) {}

    /** The first criterion that sees a difference; null where none does. */
    public function deciding(): ?Criterion
    {
        return self::firstThatDiffers($this->criteria);
    }

    /** @param list<Criterion> $criteria in the order in which they decide */
    public static function firstThatDiffers(array $criteria): ?Criterion
    {
        foreach ($criteria as $criterion) {
            if (null !== $criterion->better) {
                return $criterion;
            }
        }

        return null;
    }

    /** Whether the quilter takes another way than these rules propose. */
    public function isOverruled(): bool
    {
        return $this->chosen !== $this->proposed;
    }

    /** Which way, and what decides it. */
    public function sentence(): Phrase
    {
        if (Decision::Asked === $this->decidedBy) {
            return Phrase::of(
                'You load it ' .
                    $this->chosen->words() .
                    ($this->isOverruled() ? ', against the proposal.' : ', and so it is proposed.'),
            );
        }

        return Phrase::of(
            'Load it ' .
                $this->chosen->words() .
                ': ' .
                match ($this->decidedBy) {
                    Decision::Loads => 'only so does it go on this frame.',
                    Decision::Backing => 'the backing is better that way.',
                    Decision::Stretch => 'the stretch of the backing then lies along the rails.',
                    Decision::Directional => 'the design keeps its up.',
                    Decision::Sections => 'it takes fewer sections.',
                    Decision::Stops => 'fewer blocks are cut.',
                    Decision::Ridge => 'no seam of the backing winds up to a ridge.',
                    Decision::Passes => 'it takes fewer passes.',
                    Decision::Seam => 'no seam of the backing winds on itself.',
                    Decision::Roll => 'the roll stays smaller.',
                    Decision::Tie => 'nothing speaks for turning it.',
                },
        );
    }

    /** @return list<Criterion> in which the way not taken would be better: what the choice costs */
    public function costs(): array
    {
        return array_values(
            array_filter(
                $this->criteria,
                fn(Criterion $criterion): bool => $criterion->better === $this->chosen->other(),
            ),
        );
    }
}
