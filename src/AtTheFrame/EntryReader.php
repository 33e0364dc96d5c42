<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Schwung\Core\Loading\ParkFor;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\Layer;
use Schwung\Core\Tension\Severity;
use Schwung\Core\Tension\Symptom;

/** Reads entries as a device sends them, and takes nothing that the log could not be read with later. */
final readonly class EntryReader
{
    private const MOST = 500;
    private const LONGEST_TEXT = 2000;
    /** A bed or a reading beyond this is a slip. */
    private const FARTHEST_MM = 10_000;

    /**
     * @param int                $ahead milliseconds that the server's clock is ahead of the device's
     * @param \DateTimeImmutable $began when the load did: nothing was written before
     */
    public function __construct(
        private string $person,
        private int $ahead,
        private \DateTimeImmutable $now,
        private \DateTimeImmutable $began,
    ) {}

    /**
     * Takes what can be read; what cannot is left out, and never sent again.
     *
     * @return list<JournalEntry>
     *
     * @throws UnreadableEntry if it is no list at all
     */
    public function read(string $json): array
    {
        $items = json_decode($json, true);
        if (!\is_array($items) || !array_is_list($items) || \count($items) > self::MOST) {
            throw new UnreadableEntry('A list of up to ' . self::MOST . ' entries is accepted.');
        }

        return $this->take($items);
    }

    /**
     * The same for what a page has gathered itself.
     *
     * @param list<mixed> $items
     *
     * @return list<JournalEntry>
     */
    public function take(array $items): array
    {
        $entries = [];
        foreach ($items as $item) {
            try {
                $entries[] = $this->entry(\is_array($item) ? $item : []);
            } catch (UnreadableEntry) {
                continue;
            }
        }

        return $this->sinceItBegan($entries);
    }

    /**
     * A device's clock that was put right between writing and sending can lay a batch before the load began; it is
     * moved as a whole then, so that order and distances stay.
     *
     * @param list<JournalEntry> $entries
     *
     * @return list<JournalEntry>
     */
    private function sinceItBegan(array $entries): array
    {
        $moments = array_map(static fn(JournalEntry $entry): int => MomentMs::of($entry->at), $entries);
        $early = [] === $moments ? 0 : MomentMs::of($this->began) - min($moments);
        if ($early <= 0) {
            return $entries;
        }

        return array_map(
            fn(JournalEntry $entry): JournalEntry => $entry->movedTo(
                MomentMs::toMoment(min(MomentMs::of($this->now), MomentMs::of($entry->at) + $early)),
            ),
            $entries,
        );
    }

    /** @param array<mixed> $item */
    private function entry(array $item): JournalEntry
    {
        $key = $item['key'] ?? null;
        $kind = EntryKind::tryFrom(\is_string($item['kind'] ?? null) ? $item['kind'] : '');
        $step = $item['step'] ?? null;
        $at = $item['at'] ?? null;
        if (!\is_string($key) || 1 !== preg_match('/^[0-9A-Za-z-]{10,36}$/', $key) || null === $kind || !\is_int($at)) {
            throw new UnreadableEntry('An entry needs a key, a kind and a time.');
        }
        if (null !== $step && (!\is_string($step) || 1 !== preg_match('/^[a-z0-9-]{1,60}$/', $step))) {
            throw new UnreadableEntry('A step is named by its key.');
        }
        $data = \is_array($item['data'] ?? null) ? $item['data'] : [];
        // No entry lies in the future, however wrong a device's clock is.
        $moment = min(MomentMs::of($this->now), max(0, MomentMs::plausible($at) + $this->ahead));

        return new JournalEntry(
            $key,
            $kind,
            $step,
            MomentMs::toMoment($moment),
            $this->data($kind, $data),
            $this->person,
        );
    }

    /**
     * @param array<mixed> $data
     *
     * @return array<string, mixed>
     */
    private function data(EntryKind $kind, array $data): array
    {
        return match ($kind) {
            EntryKind::Done => isset($data['turns']) ? $this->numbers($data, ['turns'], 1000) : [],
            EntryKind::Undone, EntryKind::Resume, EntryKind::Replan => [],
            EntryKind::Park => isset($data['for']) ? ['for' => $this->word(ParkFor::class, $data['for'])] : [],
            EntryKind::Rows => ['rows' => round(2 * max(0.0, $this->numbers($data, ['rows'], 1000)['rows'])) / 2],
            EntryKind::Register => $this->numbers($data, ['left', 'right', 'wound']),
            EntryKind::Release => $this->numbers($data, ['jumped']),
            EntryKind::Roll => isset($data['clicks'])
                ? [...$this->numbers($data, ['from', 'to']), ...$this->numbers($data, ['clicks'], 10_000)]
                : $this->numbers($data, ['wound', 'round']),
            EntryKind::Width => $this->numbers($data, ['depth', 'width']),
            EntryKind::Slant => $this->numbers($data, ['left', 'right', 'apart']),
            EntryKind::Strain => [
                'layer' => $this->word(Layer::class, $data['layer'] ?? null),
                ...$this->numbers($data, ['apart', 'loaded']),
            ],
            EntryKind::Thickness, EntryKind::Refit => throw new UnreadableEntry(
                'What changes the plan is kept on its page, which shows what it changes.',
            ),
            EntryKind::Straightness => $this->numbers($data, ['left', 'centre', 'right']),
            EntryKind::Firmness => [
                'backing' => $this->feel($data['backing'] ?? null),
                'top' => $this->feel($data['top'] ?? null),
            ],
            EntryKind::State => $this->state($data),
            EntryKind::Problem => $this->problem($data),
            EntryKind::Looked => [
                'of' => $this->text($data['of'] ?? ''),
                'symptom' => $this->word(Symptom::class, $data['symptom'] ?? null),
                'seen' => true === ($data['seen'] ?? null),
            ],
            EntryKind::Tested => [
                'of' => $this->text($data['of'] ?? ''),
                'cause' => $this->word(Cause::class, $data['cause'] ?? null),
                'proved' => true === ($data['proved'] ?? null),
            ],
            EntryKind::Fixed => [
                'of' => $this->text($data['of'] ?? ''),
                'cause' => $this->word(Cause::class, $data['cause'] ?? null),
                'action' => $this->text($data['action'] ?? ''),
                'worked' => true === ($data['worked'] ?? null),
            ],
            EntryKind::Note => ['text' => $this->text($data['text'] ?? '')],
            EntryKind::Correction => ['of' => $this->text($data['of'] ?? '')],
        };
    }

    /**
     * @param array<mixed> $data
     * @param list<string> $names
     *
     * @return array<string, float>
     */
    private function numbers(array $data, array $names, float $most = self::FARTHEST_MM): array
    {
        $numbers = [];
        foreach ($names as $name) {
            $value = $data[$name] ?? null;
            if ((!\is_int($value) && !\is_float($value)) || abs($value) > $most) {
                throw new UnreadableEntry(\sprintf('"%s" is a number of up to %d.', $name, $most));
            }
            $numbers[$name] = (float) $value;
        }

        return $numbers;
    }

    /** @return list<int> */
    private function feel(mixed $steps): array
    {
        $known = \is_array($steps)
            ? array_values(
                array_filter(
                    $steps,
                    static fn(mixed $step): bool => \is_int($step) && null !== Firmness::tryFrom($step),
                ),
            )
            : [];

        return 3 === \count($known)
            ? $known
            : throw new UnreadableEntry('Firmness is told at left, centre and right, in steps from 1 to 5.');
    }

    /**
     * @param array<mixed> $data
     *
     * @return array{part: string, is: string}
     */
    private function state(array $data): array
    {
        [$part, $is] = [StatePart::tryFrom($this->text($data['part'] ?? '')), $this->text($data['is'] ?? '')];

        return null !== $part && $part->accepts($is)
            ? ['part' => $part->value, 'is' => $is]
            : throw new UnreadableEntry('No frame has such a state.');
    }

    /**
     * @param array<mixed> $data
     *
     * @return array<string, mixed>
     */
    private function problem(array $data): array
    {
        $layer = Layer::tryFrom($this->text($data['layer'] ?? ''));
        $seen = Symptom::tryFrom($this->text($data['seen'] ?? ''));
        $severity = Severity::tryFrom($this->text($data['severity'] ?? ''));
        if (null === $layer || null === $seen || null === $severity) {
            throw new UnreadableEntry('A problem needs its layer, what is seen, and how bad it is.');
        }
        $photo = $data['photo'] ?? null;

        return [
            ...isset($data['x'], $data['y']) ? $this->numbers($data, ['x', 'y']) : [],
            'layer' => $layer->value,
            'seen' => $seen->value,
            'severity' => $severity->value,
            'action' => $this->text($data['action'] ?? ''),
            ...\is_string($photo) && '' !== $photo ? ['photo' => $photo] : [],
        ];
    }

    /** @param class-string<\BackedEnum> $enum */
    private function word(string $enum, mixed $word): string
    {
        $case = \is_string($word) ? $enum::tryFrom($word) : null;

        return null === $case ? throw new UnreadableEntry('Such a word is not known.') : (string) $case->value;
    }

    private function text(mixed $text): string
    {
        return \is_string($text) ? mb_substr(trim(mb_scrub($text, 'UTF-8')), 0, self::LONGEST_TEXT) : '';
    }
}
