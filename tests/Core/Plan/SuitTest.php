<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Plan\SuitFindings;
use Schwung\Core\Practice\CarePair;
use Schwung\Core\Practice\ClothTrait;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\EatenRule;
use Tests\Core\Jobs;

#[CoversClass(SuitFindings::class)]
#[CoversClass(CarePair::class)]
#[CoversClass(ClothTrait::class)]
#[CoversClass(EatenRule::class)]
final class SuitTest extends TestCase
{
    /**
     * @param array<string, mixed> $job
     * @param list<non-empty-string> $begins
     */
    #[DataProvider('quilts')]
    public function testWhatDoesNotSuitIsToldOnceWithItsReason(array $job, array $begins): void
    {
        $told = $this->told(Jobs::prepared($job));

        self::assertCount(\count($begins), $told, implode(' | ', $told));
        foreach ($begins as $i => $begin) {
            self::assertStringStartsWith($begin, $told[$i]);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, list<non-empty-string>}> */
    public static function quilts(): iterable
    {
        yield 'nobody said anything' => [[], []];
        yield 'a dark backing under a dark top' => [['backing/shade' => 'dark', 'top/shade' => 'dark'], []];
        yield 'a dark backing under a light top' => [
            ['backing/shade' => 'dark', 'top/shade' => 'light'],
            ['A dark backing and a light top: a dark backing shows through'],
        ];
        yield 'wool between dark cloths, told once' => [
            ['backing/shade' => 'dark', 'top/shade' => 'dark', 'batting/kind' => 'wool'],
            ['Wool batting and a dark top: fibres of it come through'],
        ];
        yield 'polyester under a dark backing' => [
            ['backing/shade' => 'dark', 'batting/kind' => 'polyester'],
            ['Polyester batting and a dark backing: fibres'],
        ];
        yield 'a thin needle in a fine weave' => [['backing/weave' => 'fine', 'desk' => ['needle_size' => '90']], []];
        yield 'a thick needle in a fine weave' => [
            ['backing/weave' => 'fine', 'desk' => ['needle_size' => '100']],
            ['A needle of 100 or more and a finely woven backing: so thick'],
        ];
        yield 'a pile, as it is' => [['backing/kind' => 'minky', 'load/direction' => 'as-is'], []];
        yield 'a pile, turned' => [
            ['backing/kind' => 'minky', 'load/direction' => 'turned'],
            ['A backing with a pile and a quilt that is turned: turned, its pile'],
        ];
    }

    public function testAStudioMindsItsOwnPairsToo(): void
    {
        $job = (new JobReader())->read(Jobs::changed(['batting/kind' => 'silk']));
        $pair = new CarePair(ClothTrait::Silk, ClothTrait::LightTop, 'It slips on our frame.', true);
        $told = $this->told(Preparation::ofJob($job, (new Practice())->minding([$pair])));

        self::assertSame([], $told, 'nobody said that the top is light');
        $light = (new JobReader())->read(Jobs::changed(['batting/kind' => 'silk', 'top/shade' => 'light']));
        self::assertSame(
            ['Silk batting and a light top: it slips on our frame.'],
            $this->told(Preparation::ofJob($light, (new Practice())->minding([$pair]))),
        );
    }

    public function testWoolOfSixMillimetresEatsTwoPerCentWithinThirtyThree(): void
    {
        $eaten = Jobs::prepared([
            'top/widths' => ['top' => '68 in', 'middle' => '68 in', 'bottom' => '69.36 in'],
            'top/lengths' => ['left' => '87 in', 'middle' => '87 in', 'right' => '87.435 in'],
            'batting/kind' => 'wool',
            'batting/loft' => null,
        ])->eaten();

        self::assertSame(['bottom'], array_keys($eaten), 'half a per cent is flat');
        self::assertEqualsWithDelta(33.3, $eaten['bottom']->length()->toMillimetres(), 0.05);
        self::assertSame([], Jobs::prepared(['batting' => null])->eaten());
    }

    /** @return list<string> */
    private function told(Preparation $preparation): array
    {
        return array_values(
            array_map(
                static fn(Finding $finding): string => $finding->text->writtenBy(new LengthWriter(UnitSystem::Inches)),
                array_filter(
                    $preparation->findings(),
                    static fn(Finding $finding): bool => FindingCode::Unsuited === $finding->code,
                ),
            ),
        );
    }
}
