<?php

declare(strict_types=1);

namespace App\Settings;

use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\Constraints as Assert;

/** A figure that is needed, between two others, both allowed. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class Between extends Assert\Compound
{
    public const NEEDED = 'This figure is needed.';

    /** @param string $unit what stands after the two figures, to the end of the sentence */
    public function __construct(
        private readonly float $least,
        private readonly float $most,
        private readonly string $unit = '.',
    ) {
        parent::__construct();
    }

    /**
     * @param array<string, mixed> $options
     *
     * @return list<Constraint>
     */
    protected function getConstraints(array $options): array
    {
        return [
            new Assert\NotNull(message: self::NEEDED),
            new Assert\Range(
                min: $this->least,
                max: $this->most,
                notInRangeMessage: 'Between {{ min }} and {{ max }}' . $this->unit,
            ),
        ];
    }
}
