<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Schwung\Core\Advance\Roll;
use Schwung\Core\Leader\FrameOrLeaderRule;
use Schwung\Core\Leader\LeaderCheckRule;
use Schwung\Core\Leader\LeaderTilt;
use Schwung\Core\Leader\Reading;
use Schwung\Core\Learning\ContractionRule;
use Schwung\Core\Learning\DriftLearnt;
use Schwung\Core\Learning\DriftSeen;
use Schwung\Core\Learning\Percentile;
use Schwung\Core\Learning\QuiltedTop;
use Schwung\Core\Learning\RollReading;
use Schwung\Core\Learning\RollRule;
use Schwung\Core\Learning\ThicknessLearnt;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Taught;
use Schwung\Core\Preparation\Known;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Running\DriftRule;
use Schwung\Core\Running\RegisterReading;
use Tests\Core\Jobs;

/**
 * Simulated frames whose truth is known, read with a tape that errs by an eighth of an inch (one standard deviation):
 * what is learnt must lie within three of the errors that the rules state, in 95 of 100.
 */
#[CoversClass(RollRule::class)]
#[CoversClass(ThicknessLearnt::class)]
#[CoversClass(DriftLearnt::class)]
#[CoversClass(ContractionRule::class)]
#[CoversClass(FrameOrLeaderRule::class)]
#[CoversClass(LeaderTilt::class)]
final class RecoveryTest extends TestCase
{
    private const FRAMES = 100;
    private const NOISE = 3.175;
    private const ERRORS = 3;

    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(20_261_128));
    }

    public function testThickness(): void
    {
        $this->recovers(function (): array {
            $truth = $this->between(1.2, 4.5);
            $rule = new RollRule(31.75, 34.0);
            $readings = array_map(fn(int $pass): RollReading => $this->taped($truth, 240.0 * $pass), range(1, 8));
            $learnt = $rule->judge($readings, Length::millimetres(2.2));

            return [($learnt->thickness?->toMillimetres() ?? 0) - $truth, $learnt->error?->toMillimetres() ?? 0.0];
        });
    }

    public function testDrift(): void
    {
        $this->recovers(function (): array {
            $slope = $this->between(-0.008, 0.008);
            $readings = array_map(function (int $pass) use ($slope): RegisterReading {
                $wound = 200.0 * $pass;
                $at = fn(): Length => Length::millimetres($slope * $wound + $this->noise());

                return new RegisterReading(Length::millimetres($wound), $at(), $at());
            }, range(0, 9));
            $drift = (new DriftRule(Length::inches(4), Length::millimetres(2200)))->judge($readings);

            return [
                ($drift->forecast?->length()->toMillimetres() ?? 0) - $slope * 2200,
                $drift->forecastError?->length()->toMillimetres() ?? 0.0,
            ];
        });
    }

    public function testTilt(): void
    {
        $this->recovers(function (): array {
            $truth = $this->between(-12, 12);
            $tilts = [];
            foreach (['take-up' => true, 'backing' => false, 'top' => false] as $leader => $hangsForward) {
                $readings = array_map(
                    fn(int $at): Reading => new Reading(
                        Length::millimetres($at),
                        Length::millimetres(60 + (($hangsForward ? $truth : -$truth) * $at) / 2600 + $this->noise()),
                    ),
                    range(-1300, 1300, 260),
                );
                $check = (new LeaderCheckRule())->check($readings, Length::inches(24));
                $tilts[] = LeaderTilt::of($leader, $check, $hangsForward);
            }
            $common = (new FrameOrLeaderRule())->judge($tilts);

            return [($common?->common->toMillimetres() ?? 0) - $truth, $common?->error->toMillimetres() ?? 0.0];
        });
    }

    public function testContraction(): void
    {
        $this->recovers(function (): array {
            [$least, $more] = [$this->between(0.3, 1.5), $this->between(1, 3)];
            $finished = [];
            for ($i = 0; $i < 12; ++$i) {
                [$loft, $density, $size] = [
                    $this->between(2.5, 6),
                    $this->between(0.05, 0.3),
                    $this->between(1200, 2400),
                ];
                $drawn = $least + $more * $loft * $density;
                $read = fn(): float => $drawn + (100 * $this->noise()) / $size;
                $finished[] = new QuiltedTop($loft, $density, $read(), $read());
            }
            $expected = (new ContractionRule())->expect($finished, 4, 0.2);

            return [($expected->across ?? 0) - ($least + $more * 0.8), $expected->acrossError ?? 0.0];
        });
    }

    /**
     * The next load of a frame that has taught: its roll, its passes and what its top may drift are foretold no worse
     * than before in any way, and better in the roll and the drift.
     */
    public function testThePlanAfterLearningForetellsTheNextLoadBetter(): void
    {
        $better = 0;
        for ($i = 0; $i < self::FRAMES; ++$i) {
            $truth = $this->between(0.6, 1.6);
            $wanders = $this->between(0.001, 0.018);
            [$factors, $seen] = [[], []];
            for ($load = 0; $load < 12; ++$load) {
                $factors[] = $this->readOnce($truth);
                $seen[] = new DriftSeen(2200, 2200 * $wanders * $this->normal());
            }
            $parts = array_map(static fn(DriftSeen $one): float => $one->part(), $seen);
            $taught = new Taught(
                ['cotton cotton-poly' => ThicknessLearnt::of($factors)->factor],
                ['full' => (int) round(1000 * ((new DriftLearnt())->allowance($seen) ?? 0.01))],
            );
            [$before, $after, $real] = [
                $this->load(new Taught()),
                $this->load($taught),
                $this->load(new Taught(['cotton cotton-poly' => $truth], [])),
            ];
            $needed = max(2, min(20, 1000 * Percentile::of($parts, 0.9)));
            $better +=
                (int) (abs($after[0] - $real[0]) <= abs($before[0] - $real[0]) &&
                    abs($after[1] - $real[1]) <= abs($before[1] - $real[1]) &&
                    abs($after[2] - $needed) <= abs($before[2] - $needed));
        }

        self::assertGreaterThanOrEqual(90, $better);
    }

    /** @param \Closure(): array{float, float} $simulated what was missed by, and one standard error as the rule states it */
    private function recovers(\Closure $simulated): void
    {
        $within = 0;
        for ($i = 0; $i < self::FRAMES; ++$i) {
            [$missed, $error] = $simulated();
            self::assertGreaterThan(0.0, $error);
            $within += (int) (abs($missed) <= self::ERRORS * $error);
        }

        self::assertGreaterThanOrEqual(95, $within);
    }

    /** What one load of this sandwich gave of the thickness that was planned with, read at five passes. */
    private function readOnce(float $truth): float
    {
        $planned = 2.65;
        $readings = array_map(
            fn(int $pass): RollReading => $this->taped($truth * $planned, 330.0 * $pass),
            range(1, 5),
        );

        return (new RollRule(31.75, 34.0))->judge($readings, Length::millimetres($planned))->factor ?? 1.0;
    }

    private function taped(float $thickness, float $wound): RollReading
    {
        return RollReading::round(
            Length::millimetres($wound),
            Length::millimetres(2 * \M_PI * Roll::around(34.0, $thickness, $wound) + $this->noise()),
        );
    }

    /** @return array{float, int, int} the last roll in millimetres, the passes, what may be drifted of a thousand */
    private function load(Taught $taught): array
    {
        $job = Jobs::prepared(['load/margins' => 'worked-out']);
        $known = new Known(parts: $job->known->parts, practice: $job->known->practice->taught($taught));
        $preparation = new Preparation($known);
        $winding = $preparation->winding();
        self::assertNotNull($winding);
        $float = $preparation->kept()?->job->float();
        self::assertNotNull($float);

        return [2 * $winding->roll->radius(2200), $winding->count(), $known->practice->driftAllowed($float)];
    }

    private function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->share();
    }

    private function noise(): float
    {
        return self::NOISE * $this->normal();
    }

    /** Of the standard normal distribution (Box and Muller). */
    private function normal(): float
    {
        return sqrt(-2 * log(1 - $this->share())) * cos(2 * \M_PI * $this->share());
    }

    /** From zero on, below one. */
    private function share(): float
    {
        return $this->random->getInt(0, 999_999_999) / 1_000_000_000;
    }
}
