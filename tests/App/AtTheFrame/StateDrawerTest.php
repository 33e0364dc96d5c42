<?php

declare(strict_types=1);

namespace Tests\App\AtTheFrame;

use App\AtTheFrame\StateCloth;
use App\AtTheFrame\StateDrawer;
use App\AtTheFrame\StatePoles;
use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Frames\SideGeometry;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Loading\StepRule;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\LoadingPlace;
use Tests\Core\Loading\Loads;

/** The frame as each step leaves it: what is drawn is where the state says that it is. */
#[CoversClass(StateDrawer::class)]
#[CoversClass(StateCloth::class)]
#[CoversClass(StatePoles::class)]
final class StateDrawerTest extends TestCase
{
    /** @param array<string, mixed> $members */
    #[DataProvider('loads')]
    public function testEveryStepOfALoadIsDrawnWithinItsFrame(array $members, LoadingPlace $place): void
    {
        $setup = Loads::setup($members, new LoadingHabits(place: $place));
        $steps = (new StepRule())->steps($setup);
        [$keys, $pictures] = (new StateDrawer($setup))->all($steps);

        self::assertCount($steps->count(), $keys);
        self::assertLessThan(\count($keys), \count($pictures), 'steps that leave the same share a drawing');
        foreach ($pictures as $picture) {
            foreach ($picture->shapes as $shape) {
                foreach ($shape->attributes as $name => $value) {
                    self::assertStringNotContainsStringIgnoringCase('nan', $value, $name);
                    self::assertStringNotContainsStringIgnoringCase('inf', $value, $name);
                }
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, LoadingPlace}> */
    public static function loads(): iterable
    {
        yield 'floating, from the rear' => [[], LoadingPlace::Rear];
        yield 'floating, from the front' => [[], LoadingPlace::Front];
        yield 'the top on its roller' => [['load/float' => 'part'], LoadingPlace::Table];
        yield 'all layers held' => [['load/float' => 'none'], LoadingPlace::Rear];
        yield 'a front roller' => [['frame/kind' => 'roller-front-backing'], LoadingPlace::Front];
        yield 'magnets behind the bar' => [['load/lead' => ['method' => 'magnets']], LoadingPlace::Rear];
        yield 'poles' => [Loads::clamped(), LoadingPlace::Rear];
        yield 'clamps and rollers' => [
            [
                'frame/kind' => 'clamp-with-rollers',
                'frame/unreachable_left' => '6 in',
                'frame/unreachable_right' => '6 in',
            ],
            LoadingPlace::Rear,
        ];
    }

    public function testTheHoldTheLockAndTheRollsAreToScale(): void
    {
        $setup = Loads::setup();
        $steps = (new StepRule())->steps($setup);
        $side = SideGeometry::of($setup->plan->job->frame, $setup->winding->roll->radius(0));
        $scale = ($side->frontBar - $side->leveller()) / $setup->plan->job->frame->bed()->toMillimetres();
        $of = static fn(string $key): Picture => self::after($setup, $steps, $key);

        $hold = self::shape($of('wind-back'), 'state-hold');
        self::assertEqualsWithDelta(
            $side->leveller() + 25.4 * $scale,
            (float) explode(',', $hold->attributes['points'])[0],
            0.1,
            'an inch in front of the leveller bar',
        );
        self::assertSame('0', $of('wind-back')->shapes[0]->attributes['x'], 'all the way to the front');
        $locked = (float) $of('lock')->shapes[0]->attributes['x'];
        self::assertEqualsWithDelta($side->leveller() + (25.4 + 76.2) * $scale - $side->needle(), $locked, 0.1);
        $roll = static fn(string $key): float => (float) self::shape($of($key), 'rolled')->attributes['r'];
        self::assertGreaterThan($roll('wind-back'), $roll('wind-on'), 'parked on the take-up');
        self::assertGreaterThan($roll('wind-back'), $roll('pass-2-advance'));
        self::assertGreaterThan($roll('pass-2-advance'), $roll('pass-9-advance'));
        $feed = static fn(string $key): float => (float) self::shape($of($key), 'feed')->attributes['r'];
        self::assertGreaterThan($feed('pass-9-advance'), $feed('wind-back'));
        self::assertSame([], self::shapes($of('pass-9-advance'), 'state-hold'), 'it has gone into the roll');
    }

    public function testOnPolesTheLooseQuiltShrinksAsTheBackPoleFills(): void
    {
        $setup = Loads::setup(Loads::clamped());
        $steps = (new StepRule())->steps($setup);
        $rolls = static fn(string $key): array => array_map(
            static fn(Shape $shape): float => (float) $shape->attributes['r'],
            self::shapes(self::after($setup, $steps, $key), 'rolled'),
        );
        $clips = static fn(string $key): int => \count(self::shapes(self::after($setup, $steps, $key), 'clip'));

        self::assertSame([], $rolls('lay-top'), 'it lies on the table still');
        self::assertSame(
            [0, 1, 2, 3],
            [$clips('lay-top'), $clips('clamp-lead'), $clips('clamp-tail'), $clips('roll-loose')],
        );
        [$pole, $loose] = $rolls('roll-loose');
        [$fuller, $thinner] = $rolls('pass-3-advance');
        self::assertGreaterThan($pole, $fuller);
        self::assertLessThan($loose, $thinner);
        self::assertSame(2, $clips('pass-3-advance'), 'what holds the lead is in the roll');
    }

    public function testALiftedTopRollerIsDrawnHigher(): void
    {
        $setup = Loads::setup(['load/float' => 'part']);
        $steps = (new StepRule())->steps($setup);
        $at = static fn(string $key): float => (float) self::shape(self::after($setup, $steps, $key), 'held-edge')
            ->attributes['cy'];

        self::assertLessThan($at('roll-top'), $at('lift-top'));
        self::assertSame($at('roll-top'), $at('lower-top'));
    }

    private static function after(Setup $setup, StepList $steps, string $key): Picture
    {
        [$keys, $pictures] = (new StateDrawer($setup))->all($steps);
        $place = $steps->placeOf($key);
        self::assertNotNull($place, $key);

        return $pictures[$keys[$place]];
    }

    private static function shape(Picture $picture, string $class): Shape
    {
        $shapes = self::shapes($picture, $class);
        self::assertNotSame([], $shapes, $class);

        return $shapes[0];
    }

    /** @return list<Shape> */
    private static function shapes(Picture $picture, string $class): array
    {
        return array_values(
            array_filter(
                $picture->shapes,
                static fn(Shape $shape): bool => ($shape->attributes['class'] ?? '') === $class,
            ),
        );
    }
}
