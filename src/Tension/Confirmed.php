<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Studio;
use App\AtTheFrame\LogEntryRepository;
use Schwung\Core\Loading\EntryKind;

/** What a studio has found out for itself: how often a remedy against each cause has helped. */
final readonly class Confirmed
{
    public function __construct(private LogEntryRepository $log)
    {
    }

    /** @return array<string, int> by the words of Cause */
    public function of(Studio $studio): array
    {
        $confirmed = [];
        foreach ($this->log->findOfKind($studio, EntryKind::Fixed) as $row) {
            if ($row->entry()->isSet('worked')) {
                $cause = $row->entry()->text('cause');
                $confirmed[$cause] = 1 + ($confirmed[$cause] ?? 0);
            }
        }

        return $confirmed;
    }
}
