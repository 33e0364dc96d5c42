<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Job\Working;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Loading\StepRule;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Plan\WindingRule;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Practice\Stitches;
use Tests\Core\Jobs;

/** Loads of the quilt of the job file's example, with some members of its document changed. */
final class Loads
{
    /** @param array<string, mixed> $members by JSON pointer without its first stroke; null takes a member away */
    public static function setup(
        array $members = [],
        LoadingHabits $habits = new LoadingHabits(),
        Working $working = Working::Plain,
        Body $body = new Body(),
        Stitches $stitches = new Stitches(),
    ): Setup {
        $document = Jobs::document();
        foreach ($members as $path => $value) {
            $document = self::replaced($document, explode('/', $path), $value);
        }
        // The purpose decides how deep a pass is; it is the one school that a plan knows of.
        $document = self::replaced($document, ['load', 'habits', 'purpose'], $habits->purpose->value);
        $plan = (new Planner(new Practice()))->plan(
            (new JobReader())->read(json_decode(json_encode($document, \JSON_THROW_ON_ERROR))),
        );
        $winding = (new WindingRule())->of($plan, $working);
        \assert(null !== $winding);

        return Setup::usual($plan, $winding, $habits, $stitches, $body);
    }

    /** @param array<string, mixed> $members */
    public static function steps(
        array $members = [],
        LoadingHabits $habits = new LoadingHabits(),
        Working $working = Working::Plain,
        Body $body = new Body(),
    ): StepList {
        return (new StepRule())->steps(self::setup($members, $habits, $working, $body));
    }

    /** @return list<string> what every step says, with its key before it */
    public static function told(StepList $list): array
    {
        $writer = new LengthWriter(UnitSystem::Inches);

        return array_map(
            static fn($step): string => implode(
                ' ',
                array_filter([
                    $step->key . ':',
                    $step->text->do->writtenBy($writer),
                    $step->text->why->writtenBy($writer),
                    $step->text->check->writtenBy($writer),
                    $step->text->otherwise->writtenBy($writer),
                    $step->text->caution?->writtenBy($writer),
                ]),
            ),
            $list->steps,
        );
    }

    /** @return array<string, mixed> a quilt 100 in across on a frame of poles that reaches 55 in */
    public static function clamped(): array
    {
        return [
            'frame/kind' => 'clamp',
            'frame/rail' => '67 in',
            'frame/unreachable_left' => '6 in',
            'frame/unreachable_right' => '6 in',
            'frame/leader_width' => null,
            'frame/leader_length' => null,
            'load/lead' => ['method' => 'spring-clamps'],
            'load/tail' => ['method' => 'spring-clamps'],
            'load/margins' => 'worked-out',
            'load/direction' => 'as-is',
        ];
    }

    /**
     * @param array<mixed>           $members
     * @param non-empty-list<string> $keys
     *
     * @return array<mixed>
     */
    private static function replaced(array $members, array $keys, mixed $value): array
    {
        $key = array_shift($keys);
        if ([] === $keys && null === $value) {
            unset($members[$key]);

            return $members;
        }
        $inner = $members[$key] ?? [];
        $members[$key] = [] === $keys ? $value : self::replaced(\is_array($inner) ? $inner : [], $keys, $value);

        return $members;
    }
}
