<?php

declare(strict_types=1);

namespace App\Platform\Kept;

/** On a record that no page with `#[KeptUntilChanged]` shows: that it is written makes none of them old. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class ShownOnNoKeptPage {}
