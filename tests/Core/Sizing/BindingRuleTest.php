<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\BindingRule;

#[CoversClass(BindingRule::class)]
final class BindingRuleTest extends TestCase
{
    public function testItGoesRoundAndHasTenInchesForCornersAndJoin(): void
    {
        $binding = (new BindingRule())->length(Length::inches(60), Length::inches(80));

        self::assertSame(290.0, $binding->length()->toInches());
        self::assertSame(['width', 'length', 'corners and join'], array_column($binding->terms, 'name'));
    }
}
