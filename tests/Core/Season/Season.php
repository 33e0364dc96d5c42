<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\ExtensionLayout;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\PlaceWish;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\EdgeKind;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\BastingStitch;
use Schwung\Core\Practice\BattingHold;
use Schwung\Core\Practice\ClampFirmness;
use Schwung\Core\Practice\ClampGrip;
use Schwung\Core\Practice\ClampTime;
use Schwung\Core\Practice\EdgeGuide;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\HangingEnd;
use Schwung\Core\Practice\LastEdge;
use Schwung\Core\Practice\LayerOrder;
use Schwung\Core\Practice\LoadingPlace;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\PickTime;
use Schwung\Core\Practice\PinSchool;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\SideBasting;
use Schwung\Core\Practice\ToAndFro;

/**
 * The quilts of a busy season, drawn by lot and always the same: every kind of frame, cloth, hold and habit, sides that
 * fit to the eighth, lack an eighth, or lack a yard.
 */
final readonly class Season
{
    private function __construct(private Lot $lot) {}

    /** @return array<string, mixed> a job document */
    public static function quilt(int $number): array
    {
        return (new self(new Lot($number)))->document("Quilt $number of the season");
    }

    /** @return array<string, mixed> */
    private function document(string $title): array
    {
        $kind = $this->lot->word(FrameKind::class);
        $isClamped = str_starts_with($kind, 'clamp');
        $width = $this->lot->of([120, 240, 320, 360, 400, 440, 480, 488, 600, 800]);
        $length = $this->lot->of([120, 280, 400, 440, 480, 560, 608, 720, 860]);
        $methods = $isClamped
            ? ['spring-clamps', 'spring-clamps', 'magnets']
            : array_values(
                array_diff(array_map(static fn($one) => $one->value, HoldingSystem::cases()), ['spring-clamps']),
            );

        return [
            'format' => 'schwung/job',
            'version' => 1,
            'units' => $this->lot->of(['in', 'in', 'cm']),
            'title' => $title,
            'top' => $this->top($width, $length),
            'backing' => $this->backing($width, $length),
            ...$this->lot->maybe(85, 'batting', $this->batting($width, $length)),
            'frame' => $this->frame($kind, $isClamped, $methods),
            'load' => $this->load($methods),
            ...$this->lot->maybe(90, 'quilting', $this->quilting()),
            'desk' => $this->desk(),
        ];
    }

    /** @return array<string, mixed> */
    private function top(int $width, int $length): array
    {
        $seams = fn(int $eighths): array => array_map(
            fn(int $i): array => [
                'at' => $this->in(intdiv($eighths * $i, 7) - 12 + $this->lot->of([0, 0, 1, 3])),
                'kind' => $this->lot->of(['block', 'block', 'border']),
            ],
            range(1, 6),
        );
        $straight = (int) hypot($width, $length);

        return [
            'widths' => $this->three($width, ['top', 'middle', 'bottom']),
            'lengths' => $this->three($length, ['left', 'middle', 'right']),
            ...$this->lot->maybe(40, 'diagonals', [
                $this->in($straight),
                $this->in($straight + $this->lot->of([0, 1, 3, 4, 5, -8, 12])),
            ]),
            'edge' => $this->lot->word(EdgeKind::class),
            'directional' => $this->lot->of([false, false, true]),
            ...$this->lot->maybe(50, 'seams_across', $seams($length)),
            ...$this->lot->maybe(50, 'seams_along', $seams($width)),
        ];
    }

    /** @return array<string, mixed> */
    private function backing(int $width, int $length): array
    {
        [$across, $along] = $this->lot->of([true, true, true, false]) ? [$width, $length] : [$length, $width];
        $across += $this->lot->of([-60, 48, 63, 64, 64, 80, 80, 81, 95, 96, 96, 120, 120, 144]);
        $along += $this->lot->of([-80, 48, 49, 64, 64, 72, 80, 80, 96, 96, 128, 160]);
        $out = fn(): int => $this->lot->of([0, 0, 0, 1, 2, -3, 6, 12]);

        return [
            'sides' => [
                'top' => $this->in($across),
                'right' => $this->in($along),
                'bottom' => $this->in($across + $out()),
                'left' => $this->in($along + $out()),
            ],
            ...$this->lot->maybe(40, 'diagonal', $this->in((int) round(hypot($across, $along)) + $out())),
            'kind' => $this->lot->word(BackingKind::class),
            'stretch' => $this->lot->word(Stretch::class),
            ...$this->lot->maybe(50, 'seams', [
                [
                    'direction' => $this->lot->of(['across', 'along']),
                    'at' => $this->in($this->lot->of([2, 3, 5]) * intdiv($across, 8)),
                    ...$this->lot->maybe(70, 'pressed', $this->lot->of(['open', 'side'])),
                ],
            ]),
            'directional' => $this->lot->of([false, false, false, true]),
            ...$this->lot->maybe(40, 'bolt', $this->lot->of(['42 in', '44 1/2 in', '108 in', '110 cm'])),
        ];
    }

    /** @return array<string, mixed> */
    private function batting(int $width, int $length): array
    {
        return [
            'width' => $this->in($width + $this->lot->of([-40, 16, 17, 32, 33, 48, 64, 64, 96, 96, 120, 160])),
            'length' => $this->in($length + $this->lot->of([-40, 16, 17, 32, 33, 48, 64, 64, 96, 96, 120, 160])),
            'kind' => $this->lot->word(BattingKind::class),
            ...$this->lot->maybe(40, 'loft', $this->lot->of(['1/8 in', '5/16 in', '1/2 in', '3 mm', '9 mm'])),
            ...$this->lot->maybe(
                50,
                'opened',
                $this->lot->of(['2027-02-28T18:00:00+00:00', '2027-03-02T18:00:00+00:00']),
            ),
        ];
    }

    /**
     * @param list<string> $methods
     *
     * @return array<string, mixed>
     */
    private function frame(string $kind, bool $isClamped, array $methods): array
    {
        $piece = fn(): array => [
            'length' => $this->lot->of(['8 in', '14 in', '24 in', '36 in', '98 in', '40 cm']),
            'count' => $this->lot->of([1, 3, 5, 12, 30]),
        ];

        return [
            'kind' => $kind,
            'rail' => $this->lot->of(['72 in', '120 in', '144 in', '144 in', '366 cm']),
            ...$this->lot->maybe(50, 'unreachable_left', $this->lot->of(['0 in', '3 in', '6 1/2 in'])),
            ...$this->lot->maybe(50, 'unreachable_right', $this->lot->of(['0 in', '2 in', '5 in'])),
            'throat' => $this->lot->of(['14 in', '18 in', '18 in', '20 in', '26 in', '60 cm']),
            'arm_clearance' => $this->lot->of(['5 in', '6 in', '7 1/2 in', '9 in']),
            'takeup_diameter' => $this->lot->of(['1 1/2 in', '2 in', '2 1/2 in']),
            ...$this->lot->maybe(50, 'front_allowance', $this->lot->of(['1 in', '3 in'])),
            ...$this->lot->maybe(50, 'back_allowance', $this->lot->of(['2 in', '4 in'])),
            ...$this->lot->maybe(40, 'bed_span', $this->lot->of(['24 in', '30 in'])),
            ...$this->lot->maybe(
                70,
                'leader_length',
                $isClamped ? $this->lot->of(['0 in', '12 in']) : $this->lot->of(['18 in', '26 in']),
            ),
            ...$this->lot->maybe(
                70,
                'leader_width',
                $isClamped
                    ? $this->lot->of(['0 in', '60 in'])
                    : $this->lot->of(['84 in', '118 in', '130 in', '138 in']),
            ),
            ...$this->lot->maybe(60, 'ratchet_teeth', $this->lot->of([12, 24, 36, 72])),
            ...$this->lot->maybe(
                40,
                'methods',
                array_values(array_unique([$this->lot->of($methods), $this->lot->of($methods)])),
            ),
            ...$this->lot->maybe(60, 'stock', [
                [...$piece(), ...$this->lot->maybe(70, 'method', $this->lot->of($methods))],
                [...$piece(), ...$this->lot->maybe(70, 'method', $this->lot->of($methods))],
            ]),
            ...$this->lot->maybe(60, 'side_clamps', $this->lot->of(['narrow', 'wide'])),
        ];
    }

    /**
     * @param list<string> $methods
     *
     * @return array<string, mixed>
     */
    private function load(array $methods): array
    {
        $hold = fn(): array => [
            'method' => $this->lot->of($methods),
            ...$this->lot->maybe(60, 'school', $this->lot->word(PinSchool::class)),
            ...$this->lot->maybe(30, 'stock', [
                ['length' => $this->lot->of(['8 in', '36 in', '50 cm']), 'count' => $this->lot->of([1, 4, 9])],
            ]),
        ];
        $margins = $this->lot->word(MarginSchool::class);

        return [
            'direction' => $this->lot->word(DirectionWish::class),
            'margins' =>
                'custom' === $margins
                    ? [
                        'lead' => $this->lot->of(['2 in', '4 in']),
                        'tail' => '5 in',
                        'left' => $this->lot->of(['1/2 in', '3 in']),
                        'right' => '2 1/2 in',
                    ]
                    : $margins,
            'float' => $this->lot->word(FloatKind::class),
            ...$this->lot->maybe(90, 'lead', $hold()),
            ...$this->lot->maybe(90, 'tail', $hold()),
            ...$this->lot->maybe(40, 'top', $hold()),
            ...$this->lot->maybe(
                60,
                'planned',
                $this->lot->of(['2027-03-02T18:00:00+00:00', '2027-03-04T08:30:00+00:00']),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function quilting(): array
    {
        return $this->lot->of([true, false, false])
            ? ['style' => 'blocks', 'directional' => $this->lot->of([false, true])]
            : [
                'style' => 'rows',
                'row_height' => $this->lot->of(['3 in', '5 1/2 in', '5 1/2 in', '8 in', '10 in', '11 1/2 in', '16 cm']),
                'gap' => $this->lot->of(['0 in', '1/4 in', '-1/2 in', '1 in']),
                'overhang' => $this->lot->of(['0 in', '1/2 in', '3/4 in']),
                'finish' => $this->lot->word(Finish::class),
                'directional' => $this->lot->of([false, true]),
            ];
    }

    /** @return array<string, mixed> */
    private function desk(): array
    {
        return [
            ...$this->lot->maybe(
                50,
                'mend',
                $this->lot->of(['none', 'extend', 'extend', 'square-up', 'piece', 'ask-client']),
            ),
            ...$this->usually('strips', ExtensionLayout::class),
            ...$this->lot->maybe(30, 'repeat', $this->lot->of(['4 in', '9 in', '24 cm'])),
            ...$this->lot->maybe(30, 'roll', $this->lot->of(['90 in', '96 in', '124 in'])),
            ...$this->lot->maybe(
                30,
                'pieces',
                $this->lot->of(["40 x 60\n30 x 60", '45 x 93', "60x50\n60x50\n20 x 50"]),
            ),
            ...$this->lot->maybe(25, 'turn_round', true),
            ...$this->lot->maybe(25, 'borders_last', true),
            ...$this->usually('position', PlaceWish::class),
            ...$this->lot->maybe(60, 'purpose', $this->lot->word(Purpose::class)),
            ...$this->usually('order', LayerOrder::class),
            ...$this->usually('batting_hold', BattingHold::class),
            ...$this->usually('far_edge', FarEdge::class),
            ...$this->usually('guide', EdgeGuide::class),
            ...$this->usually('basting_stitch', BastingStitch::class),
            ...$this->usually('sides', SideBasting::class),
            ...$this->usually('alignment', Alignment::class),
            ...$this->usually('last_edge', LastEdge::class),
            ...$this->usually('loading_place', LoadingPlace::class),
            ...$this->usually('to_and_fro', ToAndFro::class),
            ...$this->usually('hanging_end', HangingEnd::class),
            ...$this->usually('side_clamps', ClampTime::class),
            ...$this->usually('clamps_grip', ClampGrip::class),
            ...$this->usually('clamps_firm', ClampFirmness::class),
            ...$this->usually('pick', PickTime::class),
            ...$this->lot->maybe(20, 'despite', 'The client wants it all the same.'),
        ];
    }

    /**
     * @param list<string> $names
     *
     * @return array<string, string> measures that are nearly alike
     */
    private function three(int $eighths, array $names): array
    {
        $all = [];
        foreach ($names as $name) {
            $all[$name] = $this->in($eighths + $this->lot->of([0, 0, 0, 0, 1, -1, 2, -4, 8]));
        }

        return $all;
    }

    /**
     * @param class-string<\BackedEnum> $enum
     *
     * @return array<string, mixed> in half of the quilts
     */
    private function usually(string $member, string $enum): array
    {
        return $this->lot->maybe(50, $member, $this->lot->word($enum));
    }

    /** A length of so many eighths of an inch. */
    private function in(int $eighths): string
    {
        return max(1, $eighths) / 8 . ' in';
    }
}
