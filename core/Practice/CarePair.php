<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Two things that do not suit each other, and why; everyday knowledge, or a studio's own. */
final readonly class CarePair
{
    public function __construct(
        public ClothTrait $one,
        public ClothTrait $other,
        public string $says,
        public bool $isOwn = false,
    ) {}

    /** @return list<self> */
    public static function ofTheTrade(): array
    {
        $under = 'Fibres of it come through dark cloth at the needle holes: a dark batting, or one that is bonded.';

        return [
            new self(
                ClothTrait::DarkBacking,
                ClothTrait::LightTop,
                'A dark backing shows through a light top: lay both over each other at the window before you load.',
            ),
            ...array_merge(
                [],
                ...array_map(
                    static fn(ClothTrait $batting): array => [
                        new self($batting, ClothTrait::DarkTop, $under),
                        new self($batting, ClothTrait::DarkBacking, $under),
                    ],
                    [ClothTrait::Wool, ClothTrait::Polyester],
                ),
            ),
            new self(
                ClothTrait::ThickNeedle,
                ClothTrait::FineBacking,
                'So thick a needle leaves holes in a fine weave: try one of 80 or 90 in its margin.',
            ),
            new self(
                ClothTrait::Pile,
                ClothTrait::Turned,
                'Turned, its pile strokes the other way than the quilt hangs: stroke it, and ask the client which way is up.',
            ),
        ];
    }
}
