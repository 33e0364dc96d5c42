<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Schwung\Core\Loading\ParkFor;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Running\StraightRule;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Severity;
use Schwung\Core\Tension\Symptom;

/** Puts a log into words, as it happened, with what was corrected. */
final readonly class LogLines
{
    public function __construct(private LengthWriter $writer) {}

    /**
     * @param int|null $latest so many of the latest; all where it is null
     *
     * @return list<LogLine> in the order of writing
     */
    public function of(RunView $view, ?int $latest = null): array
    {
        $entries = $view->entries;
        usort(
            $entries,
            static fn(JournalEntry $one, JournalEntry $other): int => $one->at <=> $other->at ?:
            $one->key <=> $other->key,
        );
        $corrected = array_flip(
            array_map(
                static fn(JournalEntry $entry): string => $entry->text('of'),
                array_filter($entries, static fn(JournalEntry $entry): bool => EntryKind::Correction === $entry->kind),
            ),
        );
        [$minutes, $done] = [$view->journal->minutes(), $view->journal->done()];

        return array_map(
            fn(JournalEntry $entry): LogLine => new LogLine(
                $entry,
                $this->text($entry, $view),
                isset($corrected[$entry->key]),
                null !== $entry->step && ($done[$entry->step] ?? null)?->key === $entry->key
                    ? $minutes[$entry->step] ?? null
                    : null,
                '' === $entry->text('photo') ? null : $entry->text('photo'),
            ),
            null === $latest ? $entries : \array_slice($entries, -$latest),
        );
    }

    /** @param list<string> $places */
    private function lengths(JournalEntry $entry, array $places): string
    {
        return implode(', ', array_map(fn(string $place): string => "$place {$this->length($entry, $place)}", $places));
    }

    /** What one entry says. */
    public function text(JournalEntry $entry, RunView $view): string
    {
        return match ($entry->kind) {
            EntryKind::Done, EntryKind::Undone => $this->step($entry, $view) .
                ($entry->isSet('entered') ? ' (before it was written down here)' : ''),
            EntryKind::Rows => "{$this->step($entry, $view)}: {$entry->number('rows')} rows stitched",
            EntryKind::Register => $this->lengths($entry, ['left', 'right']) .
                ", at {$this->length($entry, 'wound')} wound on",
            EntryKind::Straightness => $this->lengths($entry, ['left', 'centre', 'right']) .
                ': ' .
                lcfirst($this->straightness($entry)),
            EntryKind::Release => "jumped back {$this->length($entry, 'jumped')}",
            EntryKind::Roll => isset($entry->data['clicks'])
                ? \sprintf(
                    '%d clicks from %s to %s',
                    $entry->number('clicks'),
                    $this->length($entry, 'from'),
                    $this->length($entry, 'to'),
                )
                : "{$this->length($entry, 'round')} round, with {$this->length($entry, 'wound')} wound on",
            EntryKind::Width => "{$this->length($entry, 'width')} wide, {$this->length(
                $entry,
                'depth',
            )} from the lead edge",
            EntryKind::Slant => $this->lengths($entry, ['left', 'right']) .
                " from the last row, {$this->length($entry, 'apart')} apart",
            EntryKind::Strain => "{$entry->text('layer')}: {$this->length($entry, 'apart')} slack, " .
                "{$this->length($entry, 'loaded')} loaded",
            EntryKind::Thickness => \sprintf(
                'after pass %d the passes go by %.2f mm a turn, as the roll was read',
                $entry->number('passes'),
                $entry->number('mm'),
            ),
            EntryKind::Refit => \sprintf('row %d and those after it: ', 1 + (int) $entry->number('from')) .
                "{$this->length($entry, 'height')} high, {$this->length($entry, 'gap')} between them",
            EntryKind::Firmness => "backing {$this->feel($entry, 'backing')}; top {$this->feel($entry, 'top')}",
            EntryKind::State => "{$entry->text('part')} is {$entry->text('is')}",
            EntryKind::Problem => $this->problem($entry),
            EntryKind::Looked => (Symptom::tryFrom($entry->text('symptom'))?->words() ?? '') .
                ($entry->isSet('seen') ? ': yes' : ': no'),
            EntryKind::Tested => $this->cause($entry) .
                ($entry->isSet('proved') ? ': the test says so' : ': the test says no'),
            EntryKind::Fixed => $this->cause($entry) .
                '; ' .
                $entry->text('action') .
                ($entry->isSet('worked') ? ' It helped.' : ' It did not help.'),
            EntryKind::Note => $entry->text('text'),
            EntryKind::Park => 'parked ' .
                (ParkFor::tryFrom($entry->text('for')) ?? ParkFor::Overnight)->words() .
                ', slackened',
            EntryKind::Resume => 'taken up, looked at, clamped',
            EntryKind::Replan => 'the rest goes by the quilt\'s sheet as it is now',
            EntryKind::Correction => 'an entry above was wrong',
        };
    }

    private function straightness(JournalEntry $entry): string
    {
        [$left, $centre, $right] = array_map(
            static fn(string $place): Length => Length::millimetres($entry->number($place)),
            ['left', 'centre', 'right'],
        );

        return (new StraightRule())->judge($left, $centre, $right)->sentence()->writtenBy($this->writer);
    }

    private function cause(JournalEntry $entry): string
    {
        $cause = Cause::tryFrom($entry->text('cause'));

        return null === $cause ? $entry->text('cause') : Knowledge::ofTheTrade()->of($cause)->words;
    }

    private function step(JournalEntry $entry, RunView $view): string
    {
        $place = null === $entry->step ? null : $view->steps->placeOf($entry->step);
        $turns = $entry->number('turns');

        return (null === $place
            ? (string) $entry->step
            : $view->steps->steps[$place]->text->do->writtenBy($this->writer)) .
            ($turns > 0 ? \sprintf(' (%.2f turns counted)', $turns) : '');
    }

    private function length(JournalEntry $entry, string $name): string
    {
        return $this->writer->write(Length::millimetres($entry->number($name)));
    }

    private function feel(JournalEntry $entry, string $layer): string
    {
        return implode(
            ', ',
            array_map(static fn(int $step): string => Firmness::tryFrom($step)?->words() ?? '?', $entry->steps($layer)),
        );
    }

    private function problem(JournalEntry $entry): string
    {
        $seen = Symptom::tryFrom($entry->text('seen'))?->words() ?? $entry->text('seen');
        $severity = Severity::tryFrom($entry->text('severity'))?->words() ?? '';
        $action = $entry->text('action');

        return "$seen, in the {$entry->text('layer')}; $severity" . ('' === $action ? '' : ": $action");
    }
}
