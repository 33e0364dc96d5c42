<?php

declare(strict_types=1);

namespace App\Demo;

use Schwung\Core\Frame\Fittings;
use Schwung\Core\Frame\Foot;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Machine;
use Schwung\Core\Frame\MachineKind;
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
     * @return array<string, array{Fittings, Stock}> what it has beside its measures, and what is at hand, by the frame's name
     */
    public function equipment(): array
    {
        $pieces = static fn(float $inches, int $count): StockPiece => new StockPiece(Length::inches($inches), $count);

        return [
            'North frame' => [
                new Fittings(
                    true,
                    false,
                    8,
                    new Machine(MachineKind::Regulated, [Foot::OpenToe, Foot::Disc, Foot::Ruler], Foot::OpenToe),
                ),
                (new Stock([
                    'channel-clips' => [$pieces(36, 3), $pieces(12, 4)],
                    'zip' => [$pieces(100, 2)],
                ]))->withCounts(['pins' => 160]),
            ],
            'Window frame' => [new Fittings(), (new Stock())->withCounts(['spring-clamps' => 16])],
            'Attic frame' => [
                new Fittings(hasTable: true),
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
                title: 'Harbour lamps',
                client: 'Odile Marrant',
                dueInDays: 12,
                frame: 0,
                top: ['68', '67 3/4', '68 1/8', '87', '86 3/4', '87 1/4', '110 1/2', '110 1/4'],
                backing: ['78', '96', '78', '96', '123 3/4'],
                batting: ['74', '93'],
                more: [
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
                title: 'Nine winds',
                client: 'Bertil Ockley',
                dueInDays: 5,
                frame: 0,
                top: ['64', '63 7/8', '64', '80', '80', '79 7/8'],
                backing: ['71 1/2', '90', '71 1/2', '90', '114 7/8'],
                batting: ['72', '90'],
                more: $rows('6 in', '1/4 in', 'run-off'),
            ),
            new DemoQuilt(
                title: 'Long acre',
                client: 'Philippa Dunmoor',
                dueInDays: 9,
                frame: 1,
                top: ['50', '50', '50', '62', '62', '62'],
                backing: ['64', '71', '64', '71', '95 5/8'],
                batting: ['58', '70'],
                more: [
                    'load/direction' => 'as-is',
                    'load/lead/method' => 'spring-clamps',
                    'load/tail/method' => 'spring-clamps',
                    'top/seams_across' => $blocks('12 3/8', '24 3/4', '37 1/4', '49 5/8'),
                    'quilting/style' => 'blocks',
                ],
            ),
            new DemoQuilt(
                title: 'Salt stairs',
                client: 'Odile Marrant',
                dueInDays: 16,
                frame: 0,
                top: ['72', '72', '72 1/8', '92', '92 1/8', '92'],
                backing: ['74 1/2', '94', '74 3/8', '94', '119 7/8'],
                batting: ['80', '96'],
                more: [
                    'load/tail/method' => 'channel-clips',
                    'top/seams_across' => $bordered('5', $blocks('18 5/8', '32 1/4', '46', '59 3/4', '73 3/8'), '87'),
                    'top/seams_along' => $bordered('5', $blocks('20 1/2', '36', '51 1/2'), '67'),
                ],
            ),
            new DemoQuilt(
                title: 'Kite weather',
                client: 'Tamsel Ruddick',
                dueInDays: 20,
                frame: 2,
                top: ['62', '62', '62', '80', '80', '80'],
                backing: ['75', '92 1/2', '72', '92 1/4', '118'],
                batting: ['68', '86'],
                more: ['load/margins' => 'five', 'backing/kind' => 'flannel', 'load/lead/method' => 'magnets'],
            ),
            new DemoQuilt(
                title: 'Moth and candle',
                client: 'Ewart Lindqvane',
                dueInDays: 23,
                frame: 2,
                top: ['66', '66', '66 1/8', '88', '88', '88'],
                backing: ['77', '94 1/2', '71', '93', '120'],
                batting: ['72', '94'],
                more: [
                    'load/lead/method' => 'hook-and-loop',
                    'load/tail/method' => 'dowel-clamps',
                ],
            ),
            new DemoQuilt(
                title: 'Cloud ledger',
                client: 'Philippa Dunmoor',
                dueInDays: 26,
                frame: 2,
                top: ['60', '60', '60', '76', '76', '76'],
                backing: ['70', '86', '70', '86'],
                batting: ['90', '86'],
                more: ['load/tail/method' => 'channel-clips', 'load/direction' => 'as-is'],
            ),
            new DemoQuilt(
                title: 'Full sails',
                client: 'Ines Hallorane',
                dueInDays: 30,
                frame: 0,
                top: ['71 3/4', '70', '71 5/8', '84 1/2', '84', '84 3/8'],
                backing: ['82', '96', '82', '96', '126 1/4'],
                batting: ['80', '90'],
                more: ['load/lead/method' => 'zip', 'load/float' => 'none', 'load/direction' => 'as-is'],
            ),
            new DemoQuilt(
                title: 'Shell market',
                client: 'Tamsel Ruddick',
                dueInDays: 33,
                frame: 0,
                top: ['66', '66', '66', '66', '66', '66'],
                backing: ['78', '78', '78', '78', '110 1/4'],
                batting: ['72', '72'],
                more: ['top/edge' => 'scalloped'],
            ),
            new DemoQuilt(
                title: 'Great meadow',
                client: 'Bertil Ockley',
                dueInDays: 41,
                frame: 0,
                top: ['96', '96', '96 1/8', '104', '104', '104'],
                backing: ['90', '96', '90', '96'],
                batting: ['108', '112'],
                more: ['desk/mend' => 'piece', 'backing/bolt' => '60 in', ...$rows('9 in', '1 in', 'fit-gap')],
            ),
            new DemoQuilt(
                title: 'Fjordlys',
                client: 'Sunniva Aldertoft',
                dueInDays: 44,
                frame: 0,
                top: ['168 cm', '167.5 cm', '168 cm', '210 cm', '210 cm', '210.5 cm', '269 cm', '269 cm'],
                backing: ['190 cm', '234 cm', '190 cm', '234 cm', '301.4 cm'],
                batting: ['180 cm', '225 cm'],
                more: ['desk/design' => 'waves', ...$rows('14 cm', '-2 cm')],
            ),
            new DemoQuilt('Small hours', 'Ines Hallorane', 48, 1, ['44', '44', '44', '58', '58', '58']),
            new DemoQuilt(
                title: 'Garden wall',
                client: 'Sunniva Aldertoft',
                dueInDays: 14,
                frame: 0,
                top: ['58', '58', '58', '92', '92', '92'],
                backing: ['70', '104', '70', '104', '125 3/8'],
                batting: ['66', '98'],
                more: [
                    'load/margins' => 'four',
                    'batting/kind' => 'polyester',
                    ...$rows('12 in', '1/2 in', 'run-off'),
                ],
            ),
            new DemoQuilt(
                title: 'Otter creek',
                client: 'Tamsel Ruddick',
                dueInDays: 18,
                frame: 0,
                top: ['60', '60', '60', '72', '72', '72'],
                backing: ['84', '84', '84', '84', '118 3/4'],
                batting: ['68', '80'],
                more: [
                    'backing/kind' => 'minky',
                    'backing/stretch' => 'along',
                    ...$rows('6 in'),
                ],
            ),
            new DemoQuilt(
                title: 'Tall houses',
                client: 'Ewart Lindqvane',
                dueInDays: 21,
                frame: 0,
                top: ['69', '69', '69', '78', '78', '78'],
                backing: ['80', '90', '80', '90', '120 3/8'],
                batting: ['76', '86'],
                more: [
                    'top/seams_across' => $blocks('26', '52'),
                    'top/seams_along' => $blocks('11 1/2', '23', '34 1/2', '46', '57 1/2'),
                    'quilting/style' => 'blocks',
                ],
            ),
            new DemoQuilt(
                title: 'Winter coat',
                client: 'Ines Hallorane',
                dueInDays: 24,
                frame: 2,
                top: ['100', '100', '100', '104', '104', '104'],
                backing: ['112', '116', '112', '116', '161 1/4'],
                batting: ['104', '108'],
                more: [
                    'batting/kind' => 'wool',
                    'batting/loft' => '14 mm',
                    'backing/kind' => 'fleece',
                    ...$rows('7 in'),
                ],
            ),
            new DemoQuilt(
                title: 'Long table',
                client: 'Bertil Ockley',
                dueInDays: 37,
                frame: 1,
                top: ['100', '100', '100', '52', '52', '52'],
                backing: ['114', '66', '114', '66', '131 3/4'],
                batting: ['106', '56'],
                more: [
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
                title: 'Paper boats',
                client: 'Odile Marrant',
                dueInDays: -6,
                frame: 0,
                top: ['54', '54', '54', '70', '70', '70'],
                backing: ['64', '80', '64', '80', '102 3/8'],
                batting: ['58', '74'],
                more: ['load/direction' => 'as-is', 'desk/design' => 'waves', ...$rows('7 in')],
            ),
            new DemoQuilt('Unopened parcel', 'Ewart Lindqvane', 60, 1, []),
            new DemoQuilt(
                title: 'Slow river',
                client: 'Philippa Dunmoor',
                dueInDays: 3,
                frame: 2,
                top: ['60', '60', '60', '78', '78', '78'],
                backing: ['72', '92', '72', '92', '116 3/4'],
                batting: ['66', '86'],
                more: $rows('7 in'),
            ),
            ...$this->pressing($rows, $now),
            ...$this->small($rows),
            ...$this->wanting($rows),
        ];
    }

    /**
     * Two that want each other's place, for both are due before both can be done, and one whose day has been. Their
     * battings have rested.
     *
     * @param \Closure(string): array<string, string> $rows
     *
     * @return list<DemoQuilt>
     */
    private function pressing(\Closure $rows, \DateTimeImmutable $now): array
    {
        $quilt = static fn(string $title, string $client, int $due, string $height): DemoQuilt => new DemoQuilt(
            title: $title,
            client: $client,
            dueInDays: $due,
            frame: 0,
            top: ['84', '84', '84', '96', '96', '96'],
            backing: ['96', '110', '96', '110', '146'],
            batting: ['90', '102'],
            more: [
                'load/direction' => 'as-is',
                'batting/opened' => $now->modify('-3 days')->format(\DATE_ATOM),
                ...$rows($height),
            ],
        );

        return [
            $quilt('Early bird', 'Tamsel Ruddick', 1, '7/8 in'),
            $quilt('Second worm', 'Ewart Lindqvane', 1, '7/8 in'),
            $quilt('Last year\'s lace', 'Ines Hallorane', -2, '5 in'),
        ];
    }

    /**
     * Five that have come without batting: the studio's shelf is asked for it.
     *
     * @param \Closure(string): array<string, string> $rows
     *
     * @return list<DemoQuilt>
     */
    private function wanting(\Closure $rows): array
    {
        $quilt = static fn(
            string $title,
            string $client,
            int $due,
            int $wide,
            int $long,
            string $kind,
        ): DemoQuilt => new DemoQuilt(
            title: $title,
            client: $client,
            dueInDays: $due,
            frame: 0,
            top: ["$wide", "$wide", "$wide", "$long", "$long", "$long"],
            backing: [(string) ($wide + 12), (string) ($long + 14)],
            more: [
                'load/direction' => 'as-is',
                'backing/sides/bottom' => $wide + 12 . ' in',
                'backing/sides/left' => $long + 14 . ' in',
                'batting/kind' => $kind,
                ...$rows('6 in'),
            ],
        );

        return [
            $quilt('Rain on slate', 'Tamsel Ruddick', 36, 60, 72, 'cotton'),
            $quilt('Two rivers', 'Ewart Lindqvane', 37, 80, 88, 'cotton'),
            $quilt('Lantern row', 'Odile Marrant', 38, 64, 64, 'wool'),
            $quilt('Small orchard', 'Ines Hallorane', 39, 40, 50, 'cotton'),
            $quilt('Wide hours', 'Ines Hallorane', 40, 92, 104, 'wool'),
        ];
    }

    /**
     * Three that can be loaded side by side.
     *
     * @param \Closure(string): array<string, string> $rows
     *
     * @return list<DemoQuilt>
     */
    private function small(\Closure $rows): array
    {
        $quilt = static fn(string $title, int $due, string $wide, string $long): DemoQuilt => new DemoQuilt(
            title: $title,
            client: 'Odile Marrant',
            dueInDays: $due,
            frame: 0,
            top: [$wide, $wide, $wide, $long, $long, $long],
            backing: [(string) ((int) $wide + 12), (string) ((int) $long + 14)],
            batting: [(string) ((int) $wide + 6), (string) ((int) $long + 6)],
            more: [
                'load/direction' => 'as-is',
                'backing/sides/bottom' => (int) $wide + 12 . ' in',
                'backing/sides/left' => (int) $long + 14 . ' in',
                ...$rows('6 in'),
            ],
        );

        return [
            $quilt('Pocket star', 27, '30', '36'),
            $quilt('Pocket moon', 28, '32', '38'),
            $quilt('Pocket sun', 29, '34', '40'),
        ];
    }
}
