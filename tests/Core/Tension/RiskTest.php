<?php

declare(strict_types=1);

namespace Tests\Core\Tension;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Tension\Circumstances;
use Schwung\Core\Tension\ClothFacts;
use Schwung\Core\Tension\FrameFacts;
use Schwung\Core\Tension\HoldFacts;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Risk;
use Schwung\Core\Tension\RiskRule;
use Schwung\Core\Tension\SeamLie;
use Schwung\Core\Tension\TopFacts;

#[CoversClass(RiskRule::class)]
#[CoversClass(Risk::class)]
final class RiskTest extends TestCase
{
    /** @param list<string> $foreseen */
    #[DataProvider('quilts')]
    public function testWhatTwoCircumstancesSpeakForIsForeseen(Circumstances $circumstances, array $foreseen): void
    {
        self::assertSame($foreseen, $this->words((new RiskRule(Knowledge::ofTheTrade()))->foresee($circumstances)));
    }

    /** @return iterable<string, array{Circumstances, list<string>}> */
    public static function quilts(): iterable
    {
        $long = [Length::inches(70), Length::inches(96)];

        yield 'nothing known' => [new Circumstances(), []];
        yield 'minky with its stretch from roller to roller' => [
            new Circumstances(cloth: new ClothFacts(backingKind: BackingKind::Minky, stretch: Stretch::Along)),
            ['direction: stretch-roller-to-roller'],
        ];
        yield 'the same, turned' => [
            new Circumstances(cloth: new ClothFacts(backingKind: BackingKind::Minky, stretch: Stretch::Across)),
            [],
        ];
        yield 'a long quilt with its seam from roller to roller' => [
            new Circumstances(cloth: new ClothFacts(seam: SeamLie::RollerToRoller, quiltSize: $long)),
            ['direction: seam-winds-on-itself'],
        ];
        yield 'a short one' => [
            new Circumstances(
                cloth: new ClothFacts(
                    seam: SeamLie::RollerToRoller,
                    quiltSize: [Length::inches(50), Length::inches(60)],
                ),
            ),
            [],
        ];
        yield 'a leader always loaded in the middle and not looked at' => [
            new Circumstances(hold: new HoldFacts(alwaysCentred: true, loadsSinceLeaderCheck: 25)),
            ['attach: leader-worn-centre'],
        ];
        yield 'pins an inch and a half apart' => [
            new Circumstances(hold: new HoldFacts(pinSpacing: Length::inches(1.5))),
            ['attach: pins-too-dense'],
        ];
        yield 'a long top that floats' => [
            new Circumstances(top: new TopFacts(float: FloatKind::Full), cloth: new ClothFacts(quiltSize: $long)),
            ['load: float-unheld'],
        ];
        yield 'the same, held' => [
            new Circumstances(
                top: new TopFacts(float: FloatKind::Full, endHeld: true),
                cloth: new ClothFacts(quiltSize: $long),
            ),
            [],
        ];
        yield 'a clamp frame' => [
            new Circumstances(frame: new FrameFacts(frameKind: FrameKind::Clamp)),
            ['load: frame-not-level'],
        ];
    }

    public function testWhatTheStudioHasMetBeforeIsForeseenSooner(): void
    {
        $circumstances = new Circumstances(cloth: new ClothFacts(battingRestHours: 3));

        self::assertSame([], (new RiskRule(Knowledge::ofTheTrade()))->foresee($circumstances));
        self::assertSame(
            ['backing: batting-creased'],
            $this->words((new RiskRule(Knowledge::ofTheTrade(), ['batting-creased' => 1]))->foresee($circumstances)),
        );
    }

    public function testTheGreaterRiskComesFirstAndSaysWhatWouldBeBetter(): void
    {
        $risks = (new RiskRule(Knowledge::ofTheTrade(), ['batting-creased' => 2]))->foresee(
            new Circumstances(
                cloth: new ClothFacts(
                    battingRestHours: 3,
                    seam: SeamLie::RollerToRoller,
                    quiltSize: [Length::inches(70), Length::inches(96)],
                ),
            ),
        );

        self::assertSame(['direction: seam-winds-on-itself', 'backing: batting-creased'], $this->words($risks));
        self::assertSame(
            'May come: creases or lumps in the batting, because it rested less than a day and it came so here ' .
                'before. Better: let it rest a day or two.',
            $risks[1]->sentence(),
        );
        self::assertSame(
            'May come: a ridge grows on the roll, because a seam lies from roller to roller and the quilt is long. ' .
                'Better: the seam along the rollers.',
            $risks[0]->sentence(),
        );
    }

    /**
     * @param list<Risk> $risks
     *
     * @return list<string>
     */
    private function words(array $risks): array
    {
        return array_map(static fn(Risk $risk): string => $risk->stage . ': ' . $risk->entry->cause->value, $risks);
    }
}
