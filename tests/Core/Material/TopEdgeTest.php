<?php

declare(strict_types=1);

namespace Tests\Core\Material;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\Faults;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Preparation\Preparation;
use Tests\Core\Jobs;

/** Any edge of the top may lead: everything on it goes along. */
final class TopEdgeTest extends TestCase
{
    private const SKEW = [
        'top/widths' => ['top' => '68 in', 'middle' => '67 in', 'bottom' => '67 1/2 in'],
        'top/lengths' => ['left' => '87 in', 'middle' => '86 in', 'right' => '86 1/4 in'],
        'top/directional' => true,
        'top/seams_across' => [['at' => '6 in', 'kind' => 'border'], ['at' => '30 in', 'kind' => 'block']],
        'top/seams_along' => [['at' => '5 in', 'kind' => 'border']],
        'load/float' => 'part',
    ];

    /** The same quilt measured the other way up. */
    private const HALF_TURNED = [
        'top/widths' => ['top' => '67 1/2 in', 'middle' => '67 in', 'bottom' => '68 in'],
        'top/lengths' => ['left' => '86 1/4 in', 'middle' => '86 in', 'right' => '87 in'],
        'top/directional' => true,
        'top/seams_across' => [['at' => '57 in', 'kind' => 'block'], ['at' => '81 in', 'kind' => 'border']],
        'top/seams_along' => [['at' => '63 in', 'kind' => 'border']],
        'load/float' => 'part',
    ];

    public function testAnEdgeThatLeadsSettlesTheWayRound(): void
    {
        foreach (TopEdge::cases() as $edge) {
            $preparation = Jobs::prepared([...self::SKEW, 'load/lead_edge' => $edge->value]);

            self::assertSame($edge->direction(), $preparation->direction(), $edge->value);
            self::assertSame($edge, $preparation->leads());
            self::assertSame($edge->value, $preparation->setup()?->edgeAt(End::Lead));
            self::assertSame($edge->opposite()->value, $preparation->setup()->edgeAt(End::Tail));
        }
    }

    /** @return iterable<string, array{string, string}> the edge that leads, and the usual one of the same way round */
    public static function others(): iterable
    {
        yield 'as it is' => ['bottom', 'top'];
        yield 'turned' => ['right', 'left'];
    }

    #[DataProvider('others')]
    public function testItIsPlannedAsTheQuiltMeasuredTheOtherWayUp(string $edge, string $usual): void
    {
        $led = Jobs::prepared([...self::SKEW, 'load/lead_edge' => $edge]);
        $halfTurned = Jobs::prepared([...self::HALF_TURNED, 'load/lead_edge' => $usual]);

        self::assertEquals($this->figures($halfTurned), $this->figures($led));
        self::assertNotEquals(
            $this->figures(Jobs::prepared([...self::SKEW, 'load/lead_edge' => $usual])),
            $this->figures($led),
        );
    }

    public function testTheUpIsSaidWhereItPoints(): void
    {
        $told = static fn(string $edge): array => array_map(
            static fn($finding): string => $finding->text->writtenBy(new LengthWriter(UnitSystem::Inches)),
            array_values(
                array_filter(
                    Jobs::prepared([...self::SKEW, 'load/lead_edge' => $edge])->findings(),
                    static fn($finding): bool => FindingCode::TopOnItsSide === $finding->code,
                ),
            ),
        );

        self::assertSame([], $told('top'));
        self::assertStringContainsString('toward you', $told('bottom')[0] ?? '');
        self::assertStringContainsString('to your right', $told('left')[0] ?? '');
        self::assertStringContainsString('to your left', $told('right')[0] ?? '');
    }

    public function testAnEdgeThatCannotLeadThatWayRoundIsAFault(): void
    {
        $faults = new Faults();
        (new JobReader())->parts(
            json_decode((string) json_encode(Jobs::changed(['load/direction' => 'turned', 'load/lead_edge' => 'top']))),
            $faults,
        );

        self::assertSame(['/load/lead_edge'], array_map(static fn($fault): string => $fault->pointer, $faults->all()));
    }

    public function testAWishForAWayRoundIsKeptBesideTheEdge(): void
    {
        $load = Jobs::prepared(['load/direction' => 'as-is', 'load/lead_edge' => 'bottom'])->known->parts->load;

        self::assertSame(DirectionWish::AsIs, $load?->wish());
        self::assertSame(DirectionWish::Auto, Jobs::prepared([])->known->parts->load?->wish());
        self::assertSame(TopEdge::Left, Jobs::prepared([])->known->parts->top?->edgeAt(Direction::Turned, End::Lead));
    }

    /** @return array<string, mixed> all that depends on what lies where */
    private function figures(Preparation $preparation): array
    {
        $setup = $preparation->setup();
        self::assertNotNull($setup);
        $top = $setup->plan->job->top;

        return [
            'along rails' => self::places($top->seamsAlongRails($setup->plan->chosen())),
            'roller to roller' => self::places($top->seamsRollerToRoller($setup->plan->chosen())),
            'full at the lead' => $setup->fullnessAt(End::Lead),
            'full at the tail' => $setup->fullnessAt(End::Tail),
            'aligned by' => $setup->alignmentSeam(),
            'held' => $setup->held->count(),
            'passes' => array_map(static fn(Wind $wind) => $wind->pass->to->nanometres, $setup->winding->winds),
        ];
    }

    /**
     * @param list<TopSeam> $seams
     *
     * @return list<array{int, SeamKind}>
     */
    private static function places(array $seams): array
    {
        return array_map(static fn(TopSeam $seam): array => [$seam->at->nanometres, $seam->kind], $seams);
    }
}
