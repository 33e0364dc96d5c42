<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Material\ThreadWeight;
use Schwung\Core\Measure\Length;

/**
 * How a studio stitches: stitches an inch, what a bobbin holds, how thick the quilt is under the foot. Everyday
 * figures.
 */
final readonly class Stitches
{
    public Length $bobbin;
    public Length $underFoot;

    /**
     * @param float $bastingTurnsOff    of the upper tension, for basting that is pulled out again
     * @param int   $millimetresAMinute of a line, with starts and stops; an estimate
     */
    public function __construct(
        public int $quiltingPerInch = 11,
        public int $bastingPerInch = 4,
        public int $prebastingPerInch = 2,
        ?Length $bobbin = null,
        ?Length $underFoot = null,
        public float $bastingTurnsOff = 1,
        public int $millimetresAMinute = 2400,
    ) {
        $this->bobbin = $bobbin ?? Length::millimetres(100_000);
        $this->underFoot = $underFoot ?? Length::millimetres(2);
    }

    /** The same with bobbins of a thread that is heavier or lighter than the usual. */
    public function winding(ThreadWeight $thread): self
    {
        return new self(
            quiltingPerInch: $this->quiltingPerInch,
            bastingPerInch: $this->bastingPerInch,
            prebastingPerInch: $this->prebastingPerInch,
            bobbin: $thread->onBobbin($this->bobbin),
            underFoot: $this->underFoot,
            bastingTurnsOff: $this->bastingTurnsOff,
            millimetresAMinute: $this->millimetresAMinute,
        );
    }

    /** Stitches for each millimetre of quilting. */
    public function perMillimetre(): float
    {
        return $this->quiltingPerInch / 25.4;
    }

    /** As a quilter says it, with the stitch's length for those who set that. */
    public static function words(int $perInch): string
    {
        return \sprintf('%d stitches an inch (%.1f mm)', $perInch, 25.4 / $perInch);
    }
}
