<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** One answer to a question in which good quilters differ, with the reason that its followers give. */
interface School extends Worded
{
    /** A clause or a sentence, without its full stop. */
    public function reason(): string;
}
