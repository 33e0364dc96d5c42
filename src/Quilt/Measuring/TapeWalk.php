<?php

declare(strict_types=1);

namespace App\Quilt\Measuring;

use App\Quilt\Workspace;
use Schwung\Core\Job\Taping;
use Schwung\Core\Preparation\Preparation;

/** Where somebody stands on the walk round the table: the one measure that is asked for, and the ways on from it. */
final readonly class TapeWalk
{
    /** @param list<Taping> $skipped what is left out for now */
    public function __construct(public Workspace $workspace, public ?Taping $now, public array $skipped) {}

    /**
     * One width and one length first; then, of the layer that lies on the table, what narrows the range most, and its
     * diagonals; then the other layer. Null where all was measured or left out.
     *
     * @param list<Taping> $skipped
     */
    public static function next(Preparation $preparation, array $skipped, bool $isOfBacking): ?Taping
    {
        $tape = $preparation->known->parts->tape;
        $isLeft = static fn(Taping $measure): bool => null === $tape->at($measure) &&
            !\in_array($measure, $skipped, true);
        $layers = $isOfBacking ? [Taping::BACKING, Taping::TOP] : [Taping::TOP, Taping::BACKING];
        foreach ($layers as $layer) {
            $left = array_values(array_filter($layer, $isLeft));
            $telling =
                null === $tape->whole($layer)
                    ? array_values(array_filter($left, static fn(Taping $one): bool => null === $tape->guess($one)))
                    : array_values(
                        array_filter(
                            $preparation->estimate()->open ?? [],
                            static fn(Taping $one): bool => \in_array($one, $left, true),
                        ),
                    );
            $next = $telling[0] ?? ($left[0] ?? null);
            if (null !== $next) {
                return $next;
            }
        }

        return null;
    }

    public function isOfTop(): bool
    {
        return false !== $this->now?->isOfTop();
    }

    /** @return list<Taping> all of them, in walking order */
    public function all(): array
    {
        return Taping::cases();
    }

    public function before(): ?Taping
    {
        $all = Taping::cases();
        $place = null === $this->now ? \count($all) : (int) array_search($this->now, $all, true);

        return $all[$place - 1] ?? null;
    }

    /** The words of what is left out, with the measure at hand, for the way past it. */
    public function skippedWith(?Taping $measure): string
    {
        $all = null === $measure ? $this->skipped : [...$this->skipped, $measure];

        return implode(' ', array_unique(array_map(static fn(Taping $skipped): string => $skipped->value, $all)));
    }

    public function isTaped(Taping $measure): bool
    {
        return '' !== $this->workspace->value($measure->value);
    }

    /** Whether the top says enough that the backing may be laid on the table. */
    public function mayTurnToBacking(): bool
    {
        $parts = $this->workspace->preparation->known->parts;

        return true === $this->now?->isOfTop() && null !== $parts->tape->whole(Taping::TOP);
    }
}
