<?php

declare(strict_types=1);

namespace App\Account\Arriving;

/** An archive that is none of ours, or was changed so that it cannot be read; the message is for whoever brought it. */
final class UnreadableArchive extends \RuntimeException {}
