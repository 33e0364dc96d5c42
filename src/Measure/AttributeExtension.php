<?php

declare(strict_types=1);

namespace App\Measure;

use Twig\Attribute\AsTwigFunction;

/** Writes the attributes of a tag that are there only sometimes. */
final readonly class AttributeExtension
{
    /** @param array<string, string|int|bool|null> $attributes null and false are left out, true has no value */
    #[AsTwigFunction('attr', isSafe: ['html'])]
    public function attributes(array $attributes): string
    {
        $texts = [];
        foreach ($attributes as $name => $value) {
            if (null !== $value && false !== $value) {
                $texts[] =
                    true === $value
                        ? $name
                        : \sprintf('%s="%s"', $name, htmlspecialchars((string) $value, \ENT_QUOTES));
            }
        }

        return implode(' ', $texts);
    }
}
