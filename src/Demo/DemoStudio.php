<?php

declare(strict_types=1);

namespace App\Demo;

use Schwung\Core\Attachment\HoldingSystem;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Measure\Length;

/** The made-up studio of the demo: its frames and a shelf with a quilt in every state. */
final readonly class DemoStudio
{
    /** @return array<string, Frame> by name */
    public function frames(): array
    {
        $in = Length::inches(...);

        return [
            'North frame' => new Frame(
                FrameKind::Roller, $in(126), $in(0), $in(0), $in(20), $in(3), $in(3), $in(9), $in(2), $in(24), $in(118), 36, $in(24),
                [HoldingSystem::Pins, HoldingSystem::Zip, HoldingSystem::ChannelClips],
            ),
            'Window frame' => new Frame(
                FrameKind::Clamp, $in(84), $in(6), $in(6), $in(16), $in(3), $in(3), $in(7), $in(1.5), null, null, null, $in(20),
                [HoldingSystem::SpringClamps],
            ),
        ];
    }

    /** @return list<DemoQuilt> */
    public function quilts(\DateTimeImmutable $now): array
    {
        $blocks = static fn (string ...$at): array => array_map(static fn (string $place): array => ['at' => $place.' in', 'kind' => 'block'], $at);
        $bordered = static fn (string $first, array $inner, string $last): array => [['at' => $first.' in', 'kind' => 'border'], ...$inner, ['at' => $last.' in', 'kind' => 'border']];

        return [
            new DemoQuilt('Harbour lamps', 'Odile Marrant', 12, 0, ['68', '67 3/4', '68 1/8', '87', '86 3/4', '87 1/4', '110 1/2', '110 1/4'], ['78', '96', '78', '96', '123 3/4'], ['74', '93'], [
                'top/directional' => true,
                'top/seams_across' => $bordered('6', $blocks('18 1/2', '31', '43 1/2', '56', '68 1/2'), '81'),
                'top/seams_along' => $bordered('6', $blocks('20', '34', '48'), '62'),
                'batting/opened' => $now->modify('-1 day')->setTime(9, 0)->format(\DATE_ATOM),
                'load/planned' => $now->modify('+1 day')->setTime(10, 0)->format(\DATE_ATOM),
            ]),
            new DemoQuilt('Nine winds', 'Bertil Ockley', 5, 0, ['64', '63 7/8', '64', '80', '80', '79 7/8'], ['71 1/2', '90', '71 1/2', '90', '114 7/8'], ['72', '90']),
            new DemoQuilt('Long acre', 'Philippa Dunmoor', 9, 1, ['50', '50', '50', '62', '62', '62'], ['64', '71', '64', '71', '95 5/8'], ['58', '70'], [
                'load/direction' => 'as-is', 'load/lead/method' => 'spring-clamps', 'load/tail/method' => 'spring-clamps', 'top/seams_across' => $blocks('12 3/8', '24 3/4', '37 1/4', '49 5/8'),
            ]),
            new DemoQuilt('Salt stairs', 'Odile Marrant', 16, 0, ['72', '72', '72 1/8', '92', '92 1/8', '92'], ['74 1/2', '94', '74 3/8', '94', '119 7/8'], ['80', '96'], [
                'load/tail/method' => 'channel-clips', 'top/seams_across' => $bordered('5', $blocks('18 5/8', '32 1/4', '46', '59 3/4', '73 3/8'), '87'),
                'top/seams_along' => $bordered('5', $blocks('20 1/2', '36', '51 1/2'), '67'),
            ]),
            new DemoQuilt('Kite weather', 'Tamsel Ruddick', 20, 0, ['62', '62', '62', '80', '80', '80'], ['75', '92 1/2', '72', '92 1/4', '118'], ['68', '86'], ['load/margins' => 'five', 'backing/kind' => 'flannel']),
            new DemoQuilt('Moth and candle', 'Ewart Lindqvane', 23, 0, ['66', '66', '66 1/8', '88', '88', '88'], ['77', '94 1/2', '71', '93', '120'], ['72', '94']),
            new DemoQuilt('Cloud ledger', 'Philippa Dunmoor', 26, 0, ['60', '60', '60', '76', '76', '76'], ['70', '86', '70', '86', '110 7/8'], ['90', '86']),
            new DemoQuilt('Full sails', 'Ines Hallorane', 30, 0, ['71 3/4', '70', '71 5/8', '84 1/2', '84', '84 3/8'], ['82', '96', '82', '96', '126 1/4'], ['80', '90']),
            new DemoQuilt('Shell market', 'Tamsel Ruddick', 33, 0, ['66', '66', '66', '66', '66', '66'], ['78', '78', '78', '78', '110 1/4'], ['72', '72'], ['top/edge' => 'scalloped']),
            new DemoQuilt('Great meadow', 'Bertil Ockley', 41, 0, ['96', '96', '96 1/8', '104', '104', '104'], ['90', '96', '90', '96'], ['108', '112'], ['desk/mend' => 'piece', 'backing/bolt' => '60 in']),
            new DemoQuilt('Fjordlys', 'Sunniva Aldertoft', 44, 0, ['168 cm', '167.5 cm', '168 cm', '210 cm', '210 cm', '210.5 cm', '269 cm', '269 cm'], ['190 cm', '234 cm', '190 cm', '234 cm', '301.4 cm'], ['180 cm', '225 cm']),
            new DemoQuilt('Small hours', 'Ines Hallorane', 48, 1, ['44', '44', '44', '58', '58', '58']),
            new DemoQuilt('Unopened parcel', 'Ewart Lindqvane', 60, 1, []),
        ];
    }
}
