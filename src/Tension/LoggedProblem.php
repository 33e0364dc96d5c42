<?php

declare(strict_types=1);

namespace App\Tension;

use App\AtTheFrame\Run;
use Schwung\Core\Loading\JournalEntry;
use Schwung\Core\Tension\Layer;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Zone;

/** A problem with the load on which it was seen. */
final readonly class LoggedProblem
{
    public function __construct(public Run $run, public JournalEntry $entry, public Symptom $symptom, public Layer $layer)
    {
    }

    /** Null where the log has a word that is not known any more. */
    public static function of(Run $run, JournalEntry $entry): ?self
    {
        $symptom = Symptom::tryFrom($entry->text('seen'));
        $layer = Layer::tryFrom($entry->text('layer'));

        return null === $symptom || null === $layer ? null : new self($run, $entry, $symptom, $layer);
    }

    public function hasPlace(): bool
    {
        return isset($this->entry->data['x'], $this->entry->data['y']);
    }

    public function zone(): Zone
    {
        return Zone::onRail($this->entry->number('x'));
    }

    public function season(): string
    {
        return match (intdiv((int) $this->entry->at->format('n') % 12, 3)) {
            0 => 'winter',
            1 => 'spring',
            2 => 'summer',
            default => 'autumn',
        };
    }
}
