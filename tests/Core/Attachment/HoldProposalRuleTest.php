<?php

declare(strict_types=1);

namespace Tests\Core\Attachment;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Attachment\HoldProposal;
use Schwung\Core\Attachment\HoldProposalRule;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\Practice;
use Tests\Core\Jobs;

#[CoversClass(HoldProposalRule::class)]
#[CoversClass(HoldProposal::class)]
final class HoldProposalRuleTest extends TestCase
{
    private const STOCK = [
        ['length' => '100 in', 'count' => 2, 'method' => 'zip'],
        ['length' => '2 in', 'count' => 60, 'method' => 'magnets'],
    ];

    public function testOnlyWhatIsAtHandIsProposedAndPinsAlwaysAre(): void
    {
        self::assertSame(['pins'], self::possible(self::proposals(['load/tail' => ['method' => 'pins']])));
        self::assertEqualsCanonicalizing(
            ['pins', 'zip', 'magnets'],
            self::possible(
                self::proposals([
                    'load/tail' => ['method' => 'pins'],
                    'frame/stock' => self::STOCK,
                    ...Jobs::sides(78, 100),
                ]),
            ),
        );
    }

    public function testSoreHandsComeBeforeMinutes(): void
    {
        $job = ['frame/stock' => [self::STOCK[1]], ...Jobs::sides(78, 100)];
        $first = static fn(bool $areSore): HoldingSystem => self::proposals($job, areSore: $areSore)[0]->system;

        self::assertSame(HoldingSystem::Magnets, $first(true));
        self::assertSame(
            HoldingSystem::Pins,
            self::proposals([...$job, 'frame/stock' => []], areSore: true)[0]->system,
        );
    }

    public function testWhatAnotherQuiltWantsThatDayComesAfterTheRest(): void
    {
        $job = ['frame/stock' => self::STOCK, ...Jobs::sides(78, 100)];
        $wanted = self::proposals($job, wanted: ['zip' => 'Kite weather', 'pins' => 'Kite weather']);

        self::assertSame(HoldingSystem::Zip, self::proposals($job)[0]->system);
        self::assertNotSame(HoldingSystem::Zip, $wanted[0]->system);
        self::assertStringContainsString(
            'wanted for Kite weather that day',
            self::told(self::of(HoldingSystem::Zip, $wanted)->against),
        );
        self::assertStringNotContainsString(
            'wanted for',
            self::told(self::of(HoldingSystem::Pins, $wanted)->against),
            'of pins there are always enough',
        );
    }

    public function testClothThatIsTooShortForAHoldIsSaid(): void
    {
        $job = ['frame/stock' => self::STOCK, ...Jobs::sides(78, 93)];
        $magnets = self::of(HoldingSystem::Magnets, self::proposals($job));

        self::assertFalse($magnets->isPossible);
        self::assertStringContainsString(
            'it wants 5 in before the top, and the cloth leaves',
            self::told($magnets->against),
        );
        self::assertTrue(self::of(HoldingSystem::Magnets, self::proposals($job, End::Tail))->isPossible);
    }

    public function testWhatAHoldAddsToTheRollIsReckonedFromItsSection(): void
    {
        $proposals = self::proposals(['frame/stock' => self::STOCK]);
        [$pins, $zip] = [self::of(HoldingSystem::Pins, $proposals), self::of(HoldingSystem::Zip, $proposals)];

        // 2 (sqrt(25.4² + 60/π) − 25.4)
        self::assertEqualsWithDelta(0.7463, $zip->thickens->toMillimetres(), 0.001);
        self::assertLessThan($zip->thickens->nanometres, $pins->thickens->nanometres);
        self::assertStringContainsString('0.7 mm (an estimate)', self::told($zip->against));
    }

    /** @param float $section what lies on the roll for each millimetre of its length, in square millimetres */
    #[TestWith([HoldingSystem::Pins, 3])]
    #[TestWith([HoldingSystem::Zip, 60])]
    #[TestWith([HoldingSystem::HookAndLoop, 75])]
    #[TestWith([HoldingSystem::Magnets, 80])]
    #[TestWith([HoldingSystem::ChannelClips, 110])]
    #[TestWith([HoldingSystem::DowelClamps, 200])]
    public function testEachHoldHasASectionOfItsOwn(HoldingSystem $system, float $section): void
    {
        $methods = array_map(static fn(HoldingSystem $one): string => $one->value, HoldingSystem::cases());

        self::assertEqualsWithDelta(
            2 * (sqrt(25.4 ** 2 + $section / \M_PI) - 25.4),
            self::of($system, self::proposals(['frame/methods' => $methods]))->thickens->toMillimetres(),
            1e-5,
        );
    }

    public function testPolesAreHeldBySpringClampsAlone(): void
    {
        $clamped = self::proposals([
            'frame/kind' => 'clamp',
            'load/lead' => ['method' => 'spring-clamps'],
            'frame/leader_width' => null,
            'frame/leader_length' => null,
        ]);

        self::assertSame([HoldingSystem::SpringClamps], array_column($clamped, 'system'));
    }

    /**
     * @param array<string, mixed>  $job
     * @param array<string, string> $wanted
     *
     * @return list<HoldProposal>
     */
    private static function proposals(
        array $job,
        End $end = End::Lead,
        bool $areSore = false,
        array $wanted = [],
    ): array {
        $plan = Jobs::prepared(['load/direction' => 'as-is', ...$job])->plan() ?? self::fail('The job is whole.');

        return (new HoldProposalRule(new Practice(), new Body(hasSoreHands: $areSore), $wanted))->propose(
            $plan->job,
            $plan->top,
            $plan->chosenPlan(),
            $end,
        );
    }

    /**
     * @param list<HoldProposal> $proposals
     *
     * @return list<string>
     */
    private static function possible(array $proposals): array
    {
        return array_map(
            static fn(HoldProposal $proposal): string => $proposal->system->value,
            array_values(array_filter($proposals, static fn(HoldProposal $proposal): bool => $proposal->isPossible)),
        );
    }

    /** @param list<HoldProposal> $proposals */
    private static function of(HoldingSystem $system, array $proposals): HoldProposal
    {
        foreach ($proposals as $proposal) {
            if ($system === $proposal->system) {
                return $proposal;
            }
        }
        self::fail("$system->value is not told of.");
    }

    /** @param list<Phrase> $phrases */
    private static function told(array $phrases): string
    {
        $writer = new LengthWriter(UnitSystem::Inches);

        return implode('; ', array_map(static fn(Phrase $phrase): string => $phrase->writtenBy($writer), $phrases));
    }
}
