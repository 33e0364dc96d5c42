<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Advance\Wind;
use Schwung\Core\Advance\Winding;

/** What is still to be stitched at a moment of the work; rows are null for block work. */
final readonly class Remaining
{
    private function __construct(public int $passes, public ?float $rows) {}

    /**
     * @param int               $stitched how many passes are done
     * @param array<int, float> $ticked   rows that are done of passes that are not, in halves, by the pass
     */
    public static function after(Winding $winding, int $stitched, array $ticked = []): self
    {
        $left = \array_slice($winding->winds, max(0, $stitched));

        return new self(
            \count($left),
            null === $winding->rows
                ? null
                : array_sum(
                    array_map(
                        static fn(Wind $wind): float => max(
                            0.0,
                            ($wind->pass->rows ?? 0) - ($ticked[$wind->number] ?? 0.0),
                        ),
                        $left,
                    ),
                ),
        );
    }

    /** "2 passes, 3 ½ rows left", as the page at the frame says it too. */
    public function words(): string
    {
        $passes = $this->passes . (1 === $this->passes ? ' pass' : ' passes');
        if (0 === $this->passes) {
            return 'all stitched';
        }
        if (null === $this->rows) {
            return "$passes left";
        }
        $whole = (int) floor($this->rows);
        $rows = trim((0 === $whole && $this->rows > 0 ? '' : (string) $whole) . ($this->rows > $whole ? ' ½' : ''));

        return "$passes, $rows " . ($this->rows > 0 && $this->rows <= 1 ? 'row' : 'rows') . ' left';
    }
}
