<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Plan\PassFindings;
use Tests\Core\Jobs;

/** A design that is large for its quilt ends far beyond it, though the margin has room for that. */
#[CoversClass(PassFindings::class)]
final class SmallQuiltTest extends TestCase
{
    /** Rows of 8 in run off: of 12 in two end 4 in beyond, of 14 in 2 in; of 60 in, eight end 4 in beyond. */
    #[TestWith([12, '4 in', true])]
    #[TestWith([14, '2 in', false])]
    #[TestWith([60, '4 in', false])]
    public function testASmallQuiltIsWarnedOfADesignThatEndsBeyondIt(int $long, string $beyond, bool $isWarned): void
    {
        $found = array_values(
            array_filter(
                Jobs::prepared([
                    ...Jobs::measures(12, $long),
                    ...Jobs::sides(40, $long + 28),
                    'top/seams_across' => null,
                    'top/seams_along' => null,
                    'batting/width' => '30 in',
                    'batting/length' => $long + 10 . ' in',
                    'quilting/row_height' => '8 in',
                    'quilting/gap' => '0 in',
                    'quilting/overhang' => '0 in',
                    'quilting/finish' => 'run-off',
                    'load/direction' => 'as-is',
                ])->findings(),
                static fn(Finding $finding): bool => FindingCode::DesignBeyondQuilt === $finding->code,
            ),
        );

        self::assertCount($isWarned ? 1 : 0, $found);
        if ($isWarned) {
            self::assertSame(
                "The last row ends $beyond beyond a quilt of $long in: a row of another height wastes less.",
                $found[0]->text->writtenBy(new LengthWriter(UnitSystem::Inches)),
            );
        }
    }
}
