<?php

declare(strict_types=1);

namespace App\Account\Sure;

/** What this does cannot be taken back, or opens a door: the person's password is asked for once more. */
#[\Attribute(\Attribute::TARGET_CLASS | \Attribute::TARGET_METHOD)]
final readonly class Grave {}
