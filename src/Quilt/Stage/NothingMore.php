<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

/** A stage that shows no more than every stage does. */
final readonly class NothingMore {}
