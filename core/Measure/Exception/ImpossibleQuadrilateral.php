<?php

declare(strict_types=1);

namespace Schwung\Core\Measure\Exception;

/** Four sides and a diagonal that no flat cloth can have; names the sides to measure again. */
final class ImpossibleQuadrilateral extends \DomainException
{
    /** @param list<string> $sides */
    public static function triangle(array $sides): self
    {
        return new self(
            \sprintf(
                'The diagonal and the %s and %s sides cannot close to a triangle. Measure these three again: the ' .
                    'diagonal runs from the top-left to the bottom-right corner.',
                ...$sides,
            ),
        );
    }

    public static function notConvex(string $corner): self
    {
        return new self(
            \sprintf(
                'With this diagonal the cloth would be dented at its %s corner. Measure the diagonal from the ' .
                    'top-left to the bottom-right corner and the four sides again.',
                $corner,
            ),
        );
    }
}
