<?php

declare(strict_types=1);

namespace App\Demo;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;

/** The made-up studio of the demo: its frames and a shelf with a quilt in every state. */
final readonly class DemoStudio
{
    /** @return array<string, Frame> by name */
    public function frames(): array
    {
        return [
            'North frame' => new Frame(
                FrameKind::Roller,
                self::inches([
                    'rail' => 126,
                    'throat' => 20,
                    'arm_clearance' => 9,
                    'takeup_diameter' => 2,
                    'leader_length' => 24,
                    'leader_width' => 118,
                    'bed_span' => 24,
                ]),
                36,
                [HoldingSystem::Pins, HoldingSystem::Zip, HoldingSystem::ChannelClips],
            ),
            'Window frame' => new Frame(
                FrameKind::Clamp,
                self::inches([
                    'rail' => 60,
                    'unreachable_left' => 6,
                    'unreachable_right' => 6,
                    'throat' => 16,
                    'arm_clearance' => 7,
                    'takeup_diameter' => 1.5,
                    'bed_span' => 20,
                ]),
                null,
                [HoldingSystem::SpringClamps],
            ),
            'Attic frame' => new Frame(
                FrameKind::RollerFrontBacking,
                self::inches([
                    'rail' => 132,
                    'throat' => 18,
                    'arm_clearance' => 6.5,
                    'takeup_diameter' => 2.5,
                    'leader_length' => 22,
                    'leader_width' => 124,
                    'bed_span' => 22,
                ]),
                null,
                [HoldingSystem::Pins, HoldingSystem::Magnets],
            ),
        ];
    }

    /**
     * @param array<string, float|int> $inches by the words of FrameMeasure
     *
     * @return array<string, Length>
     */
    private static function inches(array $inches): array
    {
        return array_map(static fn(float|int $inch): Length => Length::inches($inch), $inches);
    }

    /**
     * @return array<string, array{bool, Stock}> whether the bars are of steel, and what is at hand, by the frame's name
     */
    public function equipment(): array
    {
        $pieces = static fn(float $inches, int $count): StockPiece => new StockPiece(Length::inches($inches), $count);

        return [
            'North frame' => [
                true,
                (new Stock([
                    'channel-clips' => [$pieces(36, 3), $pieces(12, 4)],
                    'zip' => [$pieces(100, 2)],
                ]))->withCounts(['pins' => 160]),
            ],
            'Window frame' => [false, (new Stock())->withCounts(['spring-clamps' => 16])],
            'Attic frame' => [
                false,
                (new Stock([
                    'channel-clips' => [$pieces(15.5, 4)],
                    'dowel-clamps' => [$pieces(4, 40)],
                ]))->withCounts(['pins' => 90, 'magnets' => 60]),
            ],
        ];
    }

    /** @return list<DemoQuilt> */
    public function quilts(\DateTimeImmutable $now): array
    {
        $blocks = static fn(string ...$at): array => array_map(
            static fn(string $place): array => ['at' => $place . ' in', 'kind' => 'block'],
            $at,
        );
        $rows = static fn(string $height, string $gap = '1/2 in', string $finish = 'fit-scale'): array => [
            'quilting/style' => 'rows',
            'quilting/row_height' => $height,
            'quilting/gap' => $gap,
            'quilting/finish' => $finish,
        ];
        $bordered = static fn(string $first, array $inner, string $last): array => [
            ['at' => $first . ' in', 'kind' => 'border'],
            ...$inner,
            ['at' => $last . ' in', 'kind' => 'border'],
        ];

        return [
            new DemoQuilt(
                'Harbour lamps',
                'Odile Marrant',
                12,
                0,
                ['68', '67 3/4', '68 1/8', '87', '86 3/4', '87 1/4', '110 1/2', '110 1/4'],
                ['78', '96', '78', '96', '123 3/4'],
                ['74', '93'],
                [
                    'top/directional' => true,
                    'top/seams_across' => $bordered('6', $blocks('18 1/2', '31', '43 1/2', '56', '68 1/2'), '81'),
                    'top/seams_along' => $bordered('6', $blocks('20', '34', '48'), '62'),
                    'batting/opened' => $now
                        ->modify('-1 day')
                        ->setTime(9, 0)
                        ->format(\DATE_ATOM),
                    'load/planned' => $now
                        ->modify('+1 day')
                        ->setTime(10, 0)
                        ->format(\DATE_ATOM),
                    'load/tail/method' => 'channel-clips',
                    'desk/position' => 'in-turn',
                    'quilting/directional' => true,
                    'desk/design' => 'loops',
                    ...$rows('8 in'),
                ],
            ),
            new DemoQuilt(
                'Nine winds',
                'Bertil Ockley',
                5,
                0,
                ['64', '63 7/8', '64', '80', '80', '79 7/8'],
                ['71 1/2', '90', '71 1/2', '90', '114 7/8'],
                ['72', '90'],
                $rows('6 in', '1/4 in', 'run-off'),
            ),
            new DemoQuilt(
                'Long acre',
                'Philippa Dunmoor',
                9,
                1,
                ['50', '50', '50', '62', '62', '62'],
                ['64', '71', '64', '71', '95 5/8'],
                ['58', '70'],
                [
                    'load/direction' => 'as-is',
                    'load/lead/method' => 'spring-clamps',
                    'load/tail/method' => 'spring-clamps',
                    'top/seams_across' => $blocks('12 3/8', '24 3/4', '37 1/4', '49 5/8'),
                    'quilting/style' => 'blocks',
                ],
            ),
            new DemoQuilt(
                'Salt stairs',
                'Odile Marrant',
                16,
                0,
                ['72', '72', '72 1/8', '92', '92 1/8', '92'],
                ['74 1/2', '94', '74 3/8', '94', '119 7/8'],
                ['80', '96'],
                [
                    'load/tail/method' => 'channel-clips',
                    'top/seams_across' => $bordered('5', $blocks('18 5/8', '32 1/4', '46', '59 3/4', '73 3/8'), '87'),
                    'top/seams_along' => $bordered('5', $blocks('20 1/2', '36', '51 1/2'), '67'),
                ],
            ),
            new DemoQuilt(
                'Kite weather',
                'Tamsel Ruddick',
                20,
                2,
                ['62', '62', '62', '80', '80', '80'],
                ['75', '92 1/2', '72', '92 1/4', '118'],
                ['68', '86'],
                ['load/margins' => 'five', 'backing/kind' => 'flannel', 'load/lead/method' => 'magnets'],
            ),
            new DemoQuilt(
                'Moth and candle',
                'Ewart Lindqvane',
                23,
                2,
                ['66', '66', '66 1/8', '88', '88', '88'],
                ['77', '94 1/2', '71', '93', '120'],
                ['72', '94'],
                [
                    'load/lead/method' => 'hook-and-loop',
                    'load/tail/method' => 'dowel-clamps',
                ],
            ),
            new DemoQuilt(
                'Cloud ledger',
                'Philippa Dunmoor',
                26,
                2,
                ['60', '60', '60', '76', '76', '76'],
                ['70', '86', '70', '86'],
                ['90', '86'],
                ['load/tail/method' => 'channel-clips', 'load/direction' => 'as-is'],
            ),
            new DemoQuilt(
                'Full sails',
                'Ines Hallorane',
                30,
                0,
                ['71 3/4', '70', '71 5/8', '84 1/2', '84', '84 3/8'],
                ['82', '96', '82', '96', '126 1/4'],
                ['80', '90'],
                ['load/lead/method' => 'zip', 'load/float' => 'none', 'load/direction' => 'as-is'],
            ),
            new DemoQuilt(
                'Shell market',
                'Tamsel Ruddick',
                33,
                0,
                ['66', '66', '66', '66', '66', '66'],
                ['78', '78', '78', '78', '110 1/4'],
                ['72', '72'],
                ['top/edge' => 'scalloped'],
            ),
            new DemoQuilt(
                'Great meadow',
                'Bertil Ockley',
                41,
                0,
                ['96', '96', '96 1/8', '104', '104', '104'],
                ['90', '96', '90', '96'],
                ['108', '112'],
                ['desk/mend' => 'piece', 'backing/bolt' => '60 in', ...$rows('9 in', '1 in', 'fit-gap')],
            ),
            new DemoQuilt(
                'Fjordlys',
                'Sunniva Aldertoft',
                44,
                0,
                ['168 cm', '167.5 cm', '168 cm', '210 cm', '210 cm', '210.5 cm', '269 cm', '269 cm'],
                ['190 cm', '234 cm', '190 cm', '234 cm', '301.4 cm'],
                ['180 cm', '225 cm'],
                ['desk/design' => 'waves', ...$rows('14 cm', '-2 cm')],
            ),
            new DemoQuilt('Small hours', 'Ines Hallorane', 48, 1, ['44', '44', '44', '58', '58', '58']),
            new DemoQuilt(
                'Garden wall',
                'Sunniva Aldertoft',
                14,
                0,
                ['58', '58', '58', '92', '92', '92'],
                ['70', '104', '70', '104', '125 3/8'],
                ['66', '98'],
                [
                    'load/margins' => 'four',
                    'batting/kind' => 'polyester',
                    ...$rows('12 in', '1/2 in', 'run-off'),
                ],
            ),
            new DemoQuilt(
                'Otter creek',
                'Tamsel Ruddick',
                18,
                0,
                ['60', '60', '60', '72', '72', '72'],
                ['84', '84', '84', '84', '118 3/4'],
                ['68', '80'],
                [
                    'backing/kind' => 'minky',
                    'backing/stretch' => 'along',
                    ...$rows('6 in'),
                ],
            ),
            new DemoQuilt(
                'Tall houses',
                'Ewart Lindqvane',
                21,
                0,
                ['69', '69', '69', '78', '78', '78'],
                ['80', '90', '80', '90', '120 3/8'],
                ['76', '86'],
                [
                    'top/seams_across' => $blocks('26', '52'),
                    'top/seams_along' => $blocks('11 1/2', '23', '34 1/2', '46', '57 1/2'),
                    'quilting/style' => 'blocks',
                ],
            ),
            new DemoQuilt(
                'Winter coat',
                'Ines Hallorane',
                24,
                2,
                ['100', '100', '100', '104', '104', '104'],
                ['112', '116', '112', '116', '161 1/4'],
                ['104', '108'],
                [
                    'batting/kind' => 'wool',
                    'batting/loft' => '14 mm',
                    'backing/kind' => 'fleece',
                    ...$rows('7 in'),
                ],
            ),
            new DemoQuilt(
                'Long table',
                'Bertil Ockley',
                37,
                1,
                ['100', '100', '100', '52', '52', '52'],
                ['114', '66', '114', '66', '131 3/4'],
                ['106', '56'],
                [
                    'load/lead/method' => 'spring-clamps',
                    'load/tail/method' => 'spring-clamps',
                    'load/margins' => 'worked-out',
                    'load/direction' => 'as-is',
                    'top/seams_across' => $bordered('5', $blocks('15 1/2', '26', '36 1/2'), '47'),
                    'top/seams_along' => $bordered(
                        '5',
                        $blocks('17 7/8', '30 3/4', '43 5/8', '56 1/2', '69 3/8', '82 1/4'),
                        '95',
                    ),
                    'quilting/style' => 'blocks',
                ],
            ),
            new DemoQuilt(
                'Paper boats',
                'Odile Marrant',
                -6,
                0,
                ['54', '54', '54', '70', '70', '70'],
                ['64', '80', '64', '80', '102 3/8'],
                ['58', '74'],
                ['load/direction' => 'as-is', 'desk/design' => 'waves', ...$rows('7 in')],
            ),
            new DemoQuilt('Unopened parcel', 'Ewart Lindqvane', 60, 1, []),
        ];
    }
}
