<?php

declare(strict_types=1);

namespace App\Frames\Taught;

use App\Drawing\Axis;
use App\Drawing\Picture;
use App\Drawing\Plot;
use App\Frames\StudioFrame;
use App\Leaders\StudioLeaderRepository;
use App\Measure\CurrentUnits;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Leader\CommonTilt;
use Schwung\Core\Learning\DriftLearnt;
use Schwung\Core\Learning\StrainRule;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Tension\Firmness;

/** Draws and says what a frame has taught, each thing with what it rests on. */
final readonly class LessonViews
{
    public function __construct(
        private LessonRepository $lessons,
        private StudioLeaderRepository $leaders,
        private CurrentUnits $units,
    ) {}

    /** @return list<LessonView> */
    public function of(StudioFrame $frame): array
    {
        $tilt = $this->tilt($frame);

        return [
            ...null === $tilt ? [] : [$tilt],
            ...array_map(
                fn(Lesson $lesson): LessonView => match ($lesson->kind) {
                    LessonKind::Thickness => $this->thickness($lesson),
                    LessonKind::Drift => $this->drift($lesson),
                    LessonKind::Clicks => $this->clicks($lesson),
                    LessonKind::Firmness => $this->firmness($lesson),
                },
                $this->lessons->findOf($frame),
            ),
        ];
    }

    private function thickness(Lesson $lesson): LessonView
    {
        $values = $lesson->values();
        $factor = $lesson->value() ?? 1.0;
        $assumed = [] === $values ? 1.0 : $values[\count($values) - 1][1] / $values[\count($values) - 1][0];
        $points = self::numbered(array_column($values, 1));
        $band = array_map(
            static fn(array $one, int $i): array => [$i + 1.0, $one[1] - $one[2], $one[1] + $one[2]],
            $values,
            array_keys($values),
        );
        $ends = [1.0, max(2.0, (float) \count($values))];

        return new LessonView(
            $lesson,
            self::sandwich(...explode(' ', $lesson->about)),
            Phrase::of(
                \sprintf(
                    'A turn adds %.2f mm and not the %.2f that are assumed: plans would go by %d %%%%.',
                    $factor * $assumed,
                    $assumed,
                    (int) round(100 * $factor),
                ),
            ),
            $this->rests($lesson) . ' Each load moves it by a fifth of the way.',
            (new Plot(
                Axis::of('load', self::loads(\count($values))),
                Axis::over('mm a turn', [
                    ...array_column($band, 1),
                    ...array_column($band, 2),
                    $assumed,
                    $factor * $assumed,
                ]),
            ))->draw(
                'Thickness of a turn by load, with the line that plans would go by and, dashed, what is assumed.',
                $points,
                [
                    [[[$ends[0], $assumed], [$ends[1], $assumed]], 'plot-assumed'],
                    [[[$ends[0], $factor * $assumed], [$ends[1], $factor * $assumed]], 'plot-line'],
                ],
                $band,
            ),
            ['load', 'mm a turn', '±'],
            $this->rows(
                $lesson,
                static fn(array $one): array => [\sprintf('%.2f', $one[1]), \sprintf('%.2f', $one[2])],
            ),
        );
    }

    private function drift(Lesson $lesson): LessonView
    {
        $values = $lesson->values();
        $parts = array_map(static fn(array $one): float => 100 * $one[0], $values);
        $float = FloatKind::from($lesson->about);
        $assumed = $lesson->frame->studio->practice()->driftAllowed($float) / 10;
        $allowed = null === $lesson->value() ? null : DriftLearnt::perThousand($lesson->value()) / 10;
        $ends = [1.0, max(2.0, (float) \count($values))];

        return new LessonView(
            $lesson,
            match ($float) {
                FloatKind::Full => 'How far a top drifts that floats',
                FloatKind::Part => 'How far a top drifts that floats in part',
                FloatKind::None => 'How far a top drifts that is held at both ends',
            },
            Phrase::of(
                null === $allowed
                    ? \sprintf(
                        'Until %d loads were read to their end, %.1f %%%% of the length is allowed for.',
                        DriftLearnt::FEWEST,
                        $assumed,
                    )
                    : \sprintf(
                        'Nine of ten stay within %.1f %%%% of the length; %.1f %%%% are allowed for where nothing is learnt.',
                        $allowed,
                        $assumed,
                    ),
            ),
            $this->rests($lesson),
            (new Plot(
                Axis::of('load', self::loads(\count($values))),
                Axis::over('% of the length', [0.0, ...$parts, $allowed ?? $assumed, $assumed]),
            ))->draw(
                'Drift at the tail by load, with the line that plans would go by and, dashed, what is assumed.',
                self::numbered($parts),
                [
                    [[[$ends[0], $assumed], [$ends[1], $assumed]], 'plot-assumed'],
                    ...null === $allowed ? [] : [[[[$ends[0], $allowed], [$ends[1], $allowed]], 'plot-line']],
                ],
                null === $allowed ? [] : [[$ends[0], 0.0, $allowed], [$ends[1], 0.0, $allowed]],
            ),
            ['load', '% of the length'],
            $this->rows($lesson, static fn(array $one): array => [\sprintf('%.2f', 100 * $one[0])]),
        );
    }

    private function clicks(Lesson $lesson): LessonView
    {
        $values = $lesson->values();
        $teeth = $lesson->frame->measures()->ratchetTeeth ?? 0;
        $found = $lesson->value();
        $most = max([1.0, ...array_column($values, 0)]);
        $differs = null !== $found && (int) round($found) !== $teeth;

        return new LessonView(
            $lesson,
            'Clicks against turns',
            Phrase::of(
                null === $found
                    ? 'Three advances with turns from an encoder and clicks that were counted tell the teeth.'
                    : ($differs
                        ? \sprintf(
                            'A turn has %.1f clicks, and this frame says %d teeth: count them, and correct the frame.',
                            $found,
                            $teeth,
                        )
                        : \sprintf('A turn has %.1f clicks, as its %d teeth give.', $found, $teeth)),
            ),
            self::counted(\count($values), 'advance') . '.',
            (new Plot(
                Axis::over('turns', [0.0, $most]),
                Axis::over('clicks', [0.0, ...array_column($values, 1), $most * $teeth]),
            ))->draw(
                'Clicks that were counted against turns, with the line of this frame\'s teeth dashed.',
                array_map(static fn(array $one): array => [$one[0], $one[1]], $values),
                [
                    [[[0.0, 0.0], [$most, $most * $teeth]], 'plot-assumed'],
                    ...null === $found ? [] : [[[[0.0, 0.0], [$most, $most * $found]], 'plot-line']],
                ],
            ),
            ['load', 'turns', 'clicks'],
            $this->rows($lesson, static fn(array $one): array => [\sprintf('%.2f', $one[0]), \sprintf('%d', $one[1])]),
            isAttention: $differs,
        );
    }

    private function firmness(Lesson $lesson): LessonView
    {
        $values = $lesson->values();
        $numbers = (new StrainRule())->inNumbers(
            array_map(static fn(array $one): array => [(int) $one[0], $one[1]], $values),
        );
        $words = [];
        foreach ($numbers as $step => [$strain, $count]) {
            $words[] = \sprintf('%s is %.1f %%%%', Firmness::from($step)->words(), 100 * $strain);
        }
        $ticks = [];
        foreach (Firmness::cases() as $firmness) {
            $ticks[strtok($firmness->words(), ' ')] = (float) $firmness->value;
        }
        $line = array_map(
            static fn(int $step, array $one): array => [(float) $step, 100 * $one[0]],
            array_keys($numbers),
            $numbers,
        );

        return new LessonView(
            $lesson,
            "Firmness of the $lesson->about in numbers",
            Phrase::of(ucfirst(implode(', ', $words)) . '.'),
            self::counted(\count($values), 'reading') . '. The median of each word.',
            (new Plot(
                Axis::of('how it feels', $ticks),
                Axis::over('% pulled', [
                    0.0,
                    1.0,
                    ...array_map(static fn(array $one): float => 100 * $one[1], $values),
                ]),
            ))->draw(
                'Strain by how it was felt, with the medians.',
                array_map(static fn(array $one): array => [$one[0], 100 * $one[1]], $values),
                [[$line, 'plot-line']],
                [[0.5, 0.0, 100 * StrainRule::WOVEN], [5.5, 0.0, 100 * StrainRule::WOVEN]],
            ),
            ['load', 'felt', '% pulled'],
            $this->rows(
                $lesson,
                static fn(array $one): array => [
                    Firmness::from((int) $one[0])->words(),
                    \sprintf('%.2f', 100 * $one[1]),
                ],
            ),
        );
    }

    /** What the leaders have in common is read off their checks, and not kept twice. */
    private function tilt(StudioFrame $frame): ?LessonView
    {
        $leaders = $this->leaders->ofFrame($frame);
        $common = $leaders->commonTilt($frame->measures()->bed());
        if (null === $common) {
            return null;
        }
        $half = $frame->measures()->size(FrameMeasure::Rail)->half();
        $writer = new LengthWriter($this->units->system(), 16);
        $rows = [];
        foreach ($common->own as $leader => $own) {
            $rows[] = [
                str_replace('-', ' ', $leader),
                $writer->write($common->common->plus($own)),
                $writer->write($own),
            ];
        }

        return new LessonView(
            lesson: null,
            heading: 'What all leaders have in common',
            sentence: $common->sentence(),
            rests: self::counted(\count($common->own), 'leader') .
                ', checked within a month; ± ' .
                $writer->write($common->error) .
                '.',
            plot: $this->tiltPlot($common, $half),
            columns: ['leader', 'right end toward you', 'its own'],
            rows: $rows,
            todo: $common->isFrame ? CommonTilt::MEASURE : [],
            isAttention: $common->isFrame,
        );
    }

    private function tiltPlot(CommonTilt $common, Length $half): Picture
    {
        $x = $this->number($half, 10);
        $y = fn(Length $length): float => $this->number($length, 1);
        $line = static fn(float $tilt): array => [[-$x, -$tilt / 2], [$x, $tilt / 2]];
        $lines = array_map(
            static fn(float $tilt): array => [$line($tilt), 'plot-assumed'],
            array_map(static fn(Length $own): float => $y($common->common->plus($own)), array_values($common->own)),
        );
        $error = $y($common->error);
        $tilt = $y($common->common);

        return (new Plot(
            Axis::over($this->isInches() ? 'in along the rail' : 'cm along the rail', [-$x, $x]),
            Axis::over($this->isInches() ? 'in toward you' : 'mm toward you', [
                ...array_merge(...array_map(static fn(array $one): array => array_column($one[0], 1), $lines)),
                $tilt / 2 + $error,
                -$tilt / 2 - $error,
            ]),
        ))->draw(
            'How each leader runs out, dashed, and what they have in common.',
            array_merge(...array_map(static fn(array $one): array => $one[0], $lines)),
            [...$lines, [$line($tilt), 'plot-line']],
            [[-$x, -$tilt / 2 - $error, -$tilt / 2 + $error], [$x, $tilt / 2 - $error, $tilt / 2 + $error]],
        );
    }

    /** In inches, or in so many millimetres. */
    private function number(Length $length, int $millimetres): float
    {
        return $this->isInches() ? $length->toInches() : $length->toMillimetres() / $millimetres;
    }

    private function isInches(): bool
    {
        return UnitSystem::Inches === $this->units->system();
    }

    private static function sandwich(string $backing, string $batting): string
    {
        return \sprintf(
            'How thick a %s backing with %s batting winds',
            BackingKind::from($backing)->words(),
            BattingKind::from($batting)->words(),
        );
    }

    private function rests(Lesson $lesson): string
    {
        return 'Rests on ' . self::counted($lesson->loads(), 'load') . '.';
    }

    /** "1 load", "3 loads" */
    private static function counted(int $count, string $one): string
    {
        return "$count $one" . (1 === $count ? '' : 's');
    }

    /**
     * @param \Closure(list<float>): list<string> $columns
     *
     * @return list<list<string>>
     */
    private function rows(Lesson $lesson, \Closure $columns): array
    {
        return array_map(
            static fn(array $point): array => [$point['title'], ...$columns($point['values'])],
            $lesson->points(),
        );
    }

    /**
     * @param list<float> $values
     *
     * @return list<array{float, float}>
     */
    private static function numbered(array $values): array
    {
        return array_map(static fn(float $value, int $i): array => [$i + 1.0, $value], $values, array_keys($values));
    }

    /** @return non-empty-array<array-key, float> first and last, and some between */
    private static function loads(int $count): array
    {
        $step = max(1, (int) ceil($count / 8));
        $ticks = ['1' => 1.0];
        for ($load = 1 + $step; $load <= max(2, $count); $load += $step) {
            $ticks[(string) $load] = (float) $load;
        }

        return $ticks;
    }
}
