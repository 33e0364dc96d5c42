<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\Foot;
use Schwung\Core\Loading\ChosenFoot;
use Schwung\Core\Loading\FootRule;
use Schwung\Core\Loading\Step;
use Tests\Core\Jobs;

#[CoversClass(FootRule::class)]
#[CoversClass(ChosenFoot::class)]
final class FootRuleTest extends TestCase
{
    /** @param array<string, mixed> $job */
    #[DataProvider('jobs')]
    public function testTheFootFollowsTheWorkAndSaysWhy(array $job, Foot $foot, string $reason): void
    {
        $chosen = (new FootRule())->choose(
            Jobs::prepared($job)->known->parts->job() ?? self::fail('The job is whole.'),
        );

        self::assertSame($foot, $chosen->foot);
        self::assertStringContainsString($reason, $chosen->reason);
    }

    /** @return iterable<string, array{array<string, mixed>, Foot, string}> */
    public static function jobs(): iterable
    {
        $blocks = ['quilting' => ['style' => 'blocks']];
        $always = ['frame/machine' => ['always' => 'ruler']];
        yield 'nothing special' => [[], Foot::OpenToe, 'seen best'];
        yield 'blocks' => [$blocks, Foot::Ruler, 'along their seams'];
        yield 'blocks, only basted' => [[...$blocks, 'desk/purpose' => 'basting'], Foot::OpenToe, 'seen best'];
        yield 'one that stays on' => [[...$blocks, ...$always], Foot::Ruler, 'while nothing asks'];
        yield 'points' => [['top/edge' => 'points', ...$always], Foot::Disc, 'under its points'];
        yield 'raised pieces' => [['desk/raised' => true, ...$always], Foot::Disc, 'rides over raised'];
        yield 'rulers, although raised' => [
            ['desk/raised' => true, 'desk/ruler_work' => true],
            Foot::Ruler,
            'off the needle',
        ];
        yield 'asked for' => [
            ['desk/raised' => true, 'desk/foot' => 'open-toe'],
            Foot::OpenToe,
            'chosen for this quilt',
        ];
        yield 'wanted, and not there' => [
            ['desk/raised' => true, 'frame/machine' => ['feet' => ['ruler']]],
            Foot::Ruler,
            'None is written down',
        ];
    }

    public function testWhatWouldSuitBetterIsNamed(): void
    {
        $choose = static fn(array $feet): ?Foot => (new FootRule())->choose(
            Jobs::prepared(['desk/raised' => true, 'frame/machine' => ['feet' => $feet]])->known->parts->job() ??
                self::fail('The job is whole.'),
        )->wanted;

        self::assertSame([Foot::Disc, null], [$choose(['open-toe']), $choose(['open-toe', 'disc'])]);
    }

    public function testAFullEdgeIsWalkedWithADiscFootOnlyWhereThereIsOne(): void
    {
        $full = ['top/widths/top' => '68 1/2 in'];
        self::assertContains('foot-disc', self::keys($full));
        self::assertNotContains('foot-disc', self::keys([...$full, 'frame/machine' => ['feet' => ['open-toe']]]));
        self::assertNotContains('foot-disc', self::keys([...$full, 'desk/foot' => 'disc']), 'it is on already');
    }

    /**
     * @param array<string, mixed> $job
     *
     * @return list<string> of its steps
     */
    private static function keys(array $job): array
    {
        return array_map(static fn(Step $step): string => $step->key, Loads::steps($job)->steps);
    }
}
