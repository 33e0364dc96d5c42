<?php

declare(strict_types=1);

namespace Tests\Core\Tension;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\EdgeLine;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\People;
use Schwung\Core\Tension\Circumstances;
use Schwung\Core\Tension\ClothFacts;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;
use Schwung\Core\Tension\FrameFacts;
use Schwung\Core\Tension\Hint;
use Schwung\Core\Tension\HoldFacts;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\SeamLie;
use Schwung\Core\Tension\SeenFacts;
use Schwung\Core\Tension\TopFacts;
use Schwung\Core\Tension\WhichPass;

/**
 * The knowledge of the trade as a table: knowledge.txt beside this test, one cause after the other.
 *
 * Each hint is asked with one circumstance after the other changed, once with nothing else known and once with all
 * known; the table says at which values it holds. Whoever changes the knowledge reads the difference there.
 */
#[CoversClass(Knowledge::class)]
#[CoversClass(Hint::class)]
#[CoversClass(Circumstances::class)]
final class KnowledgeTest extends TestCase
{
    private const GROUPS = [
        'cloth' => ClothFacts::class,
        'hold' => HoldFacts::class,
        'top' => TopFacts::class,
        'frame' => FrameFacts::class,
        'seen' => SeenFacts::class,
    ];
    private const NUMBERS = [-1, 0, 0.4, 0.5, 0.6, 1, 1.1, 2, 2.1, 3, 4, 5, 12, 19, 20, 21, 23, 24, 25, 48];

    public function testTheTableOfTheTrade(): void
    {
        $table = $this->table();

        self::assertStringEqualsFile(__DIR__ . '/knowledge.txt', $table);
    }

    public function testEveryHintHoldsSomewhereAndNotEverywhere(): void
    {
        foreach (Knowledge::ofTheTrade()->entries as $entry) {
            foreach ($entry->hints as $hint) {
                $said = $this->holds($hint);

                self::assertNotSame([], $said, "{$entry->cause->value}: $hint->says");
                self::assertFalse($hint->holdsIn(new Circumstances()), "{$entry->cause->value}: $hint->says");
            }
        }
    }

    private function table(): string
    {
        $lines = [];
        foreach (Knowledge::ofTheTrade()->entries as $entry) {
            $lines[] = "{$entry->cause->value} ($entry->prior)";
            foreach ($entry->shows as $symptom => $strength) {
                $lines[] = "  shows $symptom $strength";
            }
            foreach ($entry->hints as $hint) {
                $lines[] = \sprintf('  %+d %s', $hint->weight, $hint->says);
                foreach ($this->holds($hint) as $circumstance => $values) {
                    $lines[] = "       $circumstance: " . implode(' ', $values);
                }
            }
        }

        return implode("\n", $lines) . "\n";
    }

    /** @return array<string, list<string>> values by circumstance */
    private function holds(Hint $hint): array
    {
        $said = [];
        foreach (self::bases() as $base => $circumstances) {
            foreach (self::GROUPS as $group => $class) {
                foreach ((new \ReflectionMethod($class, '__construct'))->getParameters() as $parameter) {
                    $tried = 0;
                    $holds = [];
                    foreach (self::values($parameter) as $words => $value) {
                        ++$tried;
                        if ($hint->holdsIn(self::with($circumstances, $group, $parameter->getName(), $value))) {
                            $holds[] = (string) $words;
                        }
                    }
                    // What holds at every value does not depend on this circumstance.
                    if ([] !== $holds && \count($holds) < $tried) {
                        $said["$group.{$parameter->getName()}$base"] = $holds;
                    }
                }
            }
        }

        return $said;
    }

    private static function with(Circumstances $base, string $group, string $name, mixed $value): Circumstances
    {
        $facts = get_object_vars($base)[$group] ?? null;
        \assert(\is_object($facts));
        $changed = [...get_object_vars($facts), $name => $value];
        $groups = [
            ...get_object_vars($base),
            $group => (new \ReflectionClass(self::GROUPS[$group]))->newInstanceArgs($changed),
        ];

        return (new \ReflectionClass(Circumstances::class))->newInstanceArgs($groups);
    }

    /** @return iterable<string, mixed> by words */
    private static function values(\ReflectionParameter $parameter): iterable
    {
        $type = $parameter->getType();
        $name = $type instanceof \ReflectionNamedType ? $type->getName() : '';
        if (enum_exists($name)) {
            foreach ($name::cases() as $case) {
                yield $case instanceof \BackedEnum ? (string) $case->value : $case->name => $case;
            }
        } elseif ('bool' === $name) {
            yield from ['yes' => true, 'no' => false];
        } elseif ('float' === $name || 'int' === $name) {
            foreach (self::NUMBERS as $number) {
                if ('float' === $name || \is_int($number)) {
                    yield (string) $number => $number;
                }
            }
        } elseif (Length::class === $name) {
            foreach ([...range(0, 96), 16 * 120, 16 * 120 + 1] as $sixteenths) {
                yield "$sixteenths/16" => Length::inches($sixteenths / 16);
            }
        } elseif (FirmnessReading::class === $name) {
            foreach (
                ['333333', '444333', '443333', '333444', '334333', '553331', '333322', '222333', '135333']
                as $felt
            ) {
                $steps = array_map(static fn(string $step): Firmness => Firmness::from((int) $step), str_split($felt));
                yield "$felt" => new FirmnessReading(
                    [$steps[0], $steps[1], $steps[2]],
                    [$steps[3], $steps[4], $steps[5]],
                );
            }
        } elseif ('array' === $name) {
            foreach (
                [[40, 40], [60, 80], [60, 80.1], [80, 96], [80.1, 96], [90, 108], [108, 60]]
                as [$across, $along]
            ) {
                yield "{$across}x$along" => [Length::inches($across), Length::inches($along)];
            }
        }
    }

    /** @return array<string, Circumstances> */
    private static function bases(): array
    {
        return [
            '' => new Circumstances(),
            ', else a calm load' => self::calm(),
            ', else a rough load' => self::rough(),
        ];
    }

    private static function calm(): Circumstances
    {
        return new Circumstances(
            new ClothFacts(BackingKind::Cotton, BattingKind::Cotton, 30, Stretch::Across, SeamLie::None, true, 0.2, [
                Length::inches(60),
                Length::inches(72),
            ]),
            new HoldFacts(
                HoldingSystem::Pins,
                Length::inches(2),
                false,
                3,
                true,
                true,
                ClampWidth::Wide,
                LeaderVerdict::Good,
                true,
                EdgeLine::Cloth,
                true,
                People::Two,
            ),
            new TopFacts(FloatKind::Full, Alignment::Seam, true, Length::inches(0.125), true, true, false, false),
            new FrameFacts(FrameKind::Roller, true, false),
            new SeenFacts(WhichPass::Middle, null, 0, 0, false),
        );
    }

    private static function rough(): Circumstances
    {
        return new Circumstances(
            new ClothFacts(
                BackingKind::Minky,
                BattingKind::Wool,
                2,
                Stretch::Along,
                SeamLie::RollerToRoller,
                false,
                3,
                [Length::inches(96), Length::inches(108)],
            ),
            new HoldFacts(
                HoldingSystem::Pins,
                Length::inches(6),
                true,
                40,
                false,
                false,
                ClampWidth::Narrow,
                LeaderVerdict::ReHem,
                false,
                EdgeLine::Line,
                false,
                People::Alone,
            ),
            new TopFacts(FloatKind::None, Alignment::Edge, false, Length::inches(0.5), false, false, false, true),
            new FrameFacts(FrameKind::Roller, false, true),
            new SeenFacts(WhichPass::Last, null, 2, 2, true),
        );
    }
}
