<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Wind;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Measure\Length;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\Stitches;

/**
 * Rule 18, thread: a lockstitch takes of the upper and of the bobbin thread each the stitched length, and once the
 * thickness under the foot for every stitch. An estimate.
 */
final readonly class ThreadRule
{
    /** So much more than a row must be on the bobbin before it is begun. */
    private const TO_SPARE = 1.05;

    /** @param int|null $perInch of the stitch; null for that of quilting */
    public function __construct(private Stitches $stitches, private ?int $perInch = null) {}

    /** Of a load: a basting meander runs where no design does, at a stitch of its own. */
    public static function ofLoad(
        Plan $plan,
        Winding $winding,
        Purpose $purpose,
        Practice $practice,
        ?LaidDesign $laid = null,
    ): ThreadPlan {
        $isBasting = Purpose::Basting === $purpose;
        $stitched = new StitchedRule(
            $plan->job->top->across($plan->chosen()),
            $isBasting ? null : $laid,
            $isBasting ? $practice->at(Distance::BastingSpacing) : null,
        );
        $rule = new self($practice->stitches, $isBasting ? $practice->stitches->prebastingPerInch : null);

        return $rule->plan(
            $stitched->byPass($winding),
            array_map(static fn(Wind $wind): ?int => $isBasting ? null : $wind->pass->rows, $winding->winds),
        );
    }

    /** Thread of one kind for a stitched length. */
    public function thread(Length $stitched): Length
    {
        return Length::millimetres(
            $stitched->toMillimetres() * (1 + $this->stitches->underFoot->toMillimetres() * $this->perMillimetre()),
        );
    }

    private function perMillimetre(): float
    {
        return null === $this->perInch ? $this->stitches->perMillimetre() : $this->perInch / 25.4;
    }

    /**
     * @param list<Length>   $stitched in each pass
     * @param list<int|null> $rows     of each pass; null where it has none
     */
    public function plan(array $stitched, array $rows = []): ThreadPlan
    {
        $capacity = $this->stitches->bobbin->toMillimetres();
        [$used, $runsOut] = [0.0, []];
        foreach ($stitched as $i => $length) {
            $before = $used;
            $used += $this->thread($length)->toMillimetres();
            // A bobbin that is empty exactly at the end of a pass runs out in the next.
            if ((int) ceil($used / $capacity) > max(1, (int) ceil($before / $capacity))) {
                $runsOut[] = $i + 1;
            }
        }

        return new ThreadPlan(
            $stitched,
            Length::millimetres(
                array_sum(array_map(static fn(Length $length): float => $length->toMillimetres(), $stitched)),
            ),
            Length::millimetres($used),
            max(1, (int) ceil($used / $capacity)),
            $runsOut,
            $this->changes($stitched, $rows),
        );
    }

    /**
     * A bobbin is changed at the end of a row where what is left is less than the next row and 5 %. Where nothing ends
     * in rows, and in a row that takes more than a whole bobbin, it runs out and another is begun.
     *
     * @param list<Length>   $stitched
     * @param list<int|null> $rows
     *
     * @return list<BobbinChange>
     */
    private function changes(array $stitched, array $rows): array
    {
        $capacity = $this->stitches->bobbin->toMillimetres();
        [$left, $changes, $before] = [$capacity, [], null];
        foreach ($stitched as $i => $length) {
            $count = max(1, $rows[$i] ?? 1);
            $next = $this->thread($length)->toMillimetres() / $count;
            for ($row = 1; $row <= $count; ++$row) {
                if (null !== $before && $left < $next * self::TO_SPARE) {
                    $changes[] = new BobbinChange($before[0], $before[1], Length::millimetres($left));
                    $left = $capacity;
                }
                $left -= $next;
                while ($left < 0) {
                    $left += $capacity;
                }
                $before = null === ($rows[$i] ?? null) ? null : [$i + 1, $row];
            }
        }

        return $changes;
    }
}
