<?php

declare(strict_types=1);

namespace App\AtTheFrame;

/** An entry that a device sent cannot be taken into a log. */
final class UnreadableEntry extends \InvalidArgumentException {}
