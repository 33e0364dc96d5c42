<?php

declare(strict_types=1);

namespace Tests\App\Settings;

use App\Settings\Between;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Validator\Validation;

#[CoversClass(Between::class)]
final class BetweenTest extends TestCase
{
    #[TestWith([null, 'This figure is needed.'])]
    #[TestWith([0.19, 'Between 0.2 and 21 mm.'])]
    #[TestWith([0.2, ''])]
    #[TestWith([21, ''])]
    #[TestWith([21.01, 'Between 0.2 and 21 mm.'])]
    public function testBothLimitsAreAllowedAndNothingBeyondThem(int|float|null $figure, string $told): void
    {
        $messages = [];
        foreach (Validation::createValidator()->validate($figure, new Between(0.2, 21, ' mm.')) as $violation) {
            $messages[] = $violation->getMessage();
        }

        self::assertSame($told, implode(' ', $messages));
    }
}
