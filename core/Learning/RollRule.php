<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

use Schwung\Core\Advance\Roll;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/**
 * Rule 19: the roll tells the thickness.
 *
 * The end of a roll grows by thickness times length, so that y = π(r² − r1²) over the wound length s is a line through
 * the origin whose slope is the thickness t = Σ s·y ÷ Σ s², by least squares; its standard error is
 * √(Σ(y − t·s)² ÷ ((n − 1)·Σ s²)). An estimate: layers wound without air. It is as planned within a tenth of what was
 * planned, or within two standard errors.
 */
final readonly class RollRule
{
    private const FEWEST = 2;
    private const ALIKE = 0.1;
    private const ERRORS = 2;
    /** What a tape misses of a diameter at the most; a roll that shrinks by more while it grows was misread. */
    private const MISREAD_INCHES = 0.25;

    /**
     * @param float $roller the bare roller's radius, in millimetres
     * @param float $start  its radius with the leader wound on, where the quilt begins
     */
    public function __construct(private float $roller, private float $start) {}

    public static function bare(Length $diameter, Length $leader, Length $leaderThickness): self
    {
        $roller = $diameter->toMillimetres() / 2;

        return new self($roller, Roll::around($roller, $leaderThickness->toMillimetres(), $leader->toMillimetres()));
    }

    /** @param list<RollReading> $readings */
    public function judge(array $readings, Length $planned): RollLearnt
    {
        if (\count($readings) < self::FEWEST) {
            return new RollLearnt(RollState::TooFew, null, null, null, \count($readings));
        }
        [$sy, $ss, $rest] = [0.0, 0.0, 0.0];
        foreach ($readings as $reading) {
            $sy += $reading->wound * $this->grown($reading);
            $ss += $reading->wound ** 2;
        }
        $thickness = $sy / $ss;
        foreach ($readings as $reading) {
            $rest += ($this->grown($reading) - $thickness * $reading->wound) ** 2;
        }
        $error = sqrt($rest / ((\count($readings) - 1) * $ss));
        $off = $thickness - $planned->toMillimetres();
        $alike = max(self::ALIKE * $planned->toMillimetres(), self::ERRORS * $error);

        return new RollLearnt(
            match (true) {
                abs($off) <= $alike => RollState::AsPlanned,
                $off > 0 => RollState::Thicker,
                default => RollState::Thinner,
            },
            Length::millimetres($thickness),
            Length::millimetres($error),
            $thickness / $planned->toMillimetres(),
            \count($readings),
        );
    }

    /** What is wrong with a reading by itself; null where nothing is. */
    public function fault(RollReading $reading): ?Phrase
    {
        return match (true) {
            $reading->wound <= 0 => Phrase::of('Nothing is wound on yet: a roll says something once a pass is on it.'),
            $reading->radius < $this->roller => Phrase::of(
                'That is less than the bare roller, which is %s round and %s through.',
                Figure::measured(Length::millimetres(2 * \M_PI * $this->roller)),
                Figure::measured(Length::millimetres(2 * $this->roller)),
            ),
            default => null,
        };
    }

    /**
     * What keeps two of these readings from both being true: a roll does not shrink while it is wound, and half of what
     * lies on it is not air. Null where nothing does.
     *
     * @param list<RollReading> $readings
     */
    public function contradiction(array $readings): ?Phrase
    {
        usort($readings, static fn(RollReading $one, RollReading $other): int => $one->wound <=> $other->wound);
        $most = null;
        foreach ($readings as $reading) {
            if (
                null !== $most &&
                2 * ($most->radius - $reading->radius) > Length::inches(self::MISREAD_INCHES)->toMillimetres()
            ) {
                return Phrase::of(
                    'With %s wound on the roll was read as %s through, and with %s as %s: one of them is misread.',
                    Figure::measured(Length::millimetres($most->wound)),
                    Figure::measured(Length::millimetres(2 * $most->radius)),
                    Figure::measured(Length::millimetres($reading->wound)),
                    Figure::measured(Length::millimetres(2 * $reading->radius)),
                );
            }
            $most = null === $most || $reading->radius > $most->radius ? $reading : $most;
        }

        return null;
    }

    /** By how much the end of the roll has grown, in square millimetres. */
    public function grown(RollReading $reading): float
    {
        return \M_PI * ($reading->radius ** 2 - $this->start ** 2);
    }
}
