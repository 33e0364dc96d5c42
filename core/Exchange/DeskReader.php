<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Frame\Foot;
use Schwung\Core\Job\Desk;
use Schwung\Core\Job\Entries;
use Schwung\Core\Job\Entry;
use Schwung\Core\Job\ExtensionLayout;
use Schwung\Core\Job\Mend;
use Schwung\Core\Job\Overruling;
use Schwung\Core\Job\PlaceWish;
use Schwung\Core\Job\Working;
use Schwung\Core\Material\NeedleSize;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\LoadingHabits;

/** Reads the member "desk" of a job: what was decided beside what was measured. All of it may be missing. */
final readonly class DeskReader
{
    private const MOST_PIECES = 20;
    private const LONGEST_TEXT = 2000;

    public function __construct(private UnitSystem $units) {}

    /** @param Node $habits "load/habits", which go before what was chosen at the desk */
    public function read(Node $node, Node $habits): Desk
    {
        if ($node->isMissing()) {
            return new Desk(
                working: (new HabitsReader())->working($habits) ?? Working::Plain,
                habits: (new HabitsReader())->read($habits, new LoadingHabits()),
            );
        }
        $keys = array_map(static fn(Entry $entry): string => substr($entry->path, 5), $this->entries());
        $members = $node->members($keys);
        $flag = static fn(string $key): bool => !$members[$key]->isMissing() && true === $members[$key]->flag();

        return new Desk(
            mend: $this->word($members['mend'], Mend::class) ?? Mend::None,
            strips: $this->word($members['strips'], ExtensionLayout::class) ?? ExtensionLayout::BothEnds,
            repeat: $members['repeat']->given()?->size(),
            roll: $members['roll']->given()?->size(),
            pieces: $this->pieces($members['pieces']),
            design: $this->text($members['design']),
            working: (new HabitsReader())->working($habits) ?? Working::of($flag('turn_round'), $flag('borders_last')),
            place: $this->word($members['position'], PlaceWish::class) ?? PlaceWish::Centre,
            habits: (new HabitsReader())->read($habits, $this->habits($members)),
            overruling: $this->overruling($members),
            foot: $this->word($members['foot'], Foot::class),
            isRaised: $flag('raised'),
            isRulerWork: $flag('ruler_work'),
            needleSize: $this->word($members['needle_size'], NeedleSize::class),
        );
    }

    /** @return list<Entry> */
    private function entries(): array
    {
        return array_values(
            array_filter(Entries::all(), static fn(Entry $entry): bool => str_starts_with($entry->path, 'desk/')),
        );
    }

    /** @param array<string, Node> $members */
    private function habits(array $members): LoadingHabits
    {
        $byTheirKeys = ['centre_seam' => $members['centre_seam']];
        foreach (HabitsReader::WORDS as $key => $question) {
            $path = array_search($question, Entries::HABITS, true);
            $byTheirKeys[$key] = $members[false === $path ? $key : substr($path, 5)];
        }

        return (new HabitsReader())->from($byTheirKeys, new LoadingHabits());
    }

    /** @param array<string, Node> $members */
    private function overruling(array $members): ?Overruling
    {
        $reason = $this->text($members['despite']);
        $codes = array_values(array_filter(explode(' ', $this->text($members['despite_of']))));

        return '' === $reason ? null : new Overruling($reason, $codes);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    private function word(Node $node, string $enum): ?\BackedEnum
    {
        return $node->given()?->word($enum);
    }

    private function text(Node $node): string
    {
        return $node->isMissing() ? '' : trim((string) $node->text(self::LONGEST_TEXT));
    }

    /** @return list<array{Length, Length}> lines of "45 x 93", in the document's units where they name none */
    private function pieces(Node $node): array
    {
        $pieces = [];
        foreach (\array_slice(preg_split('/\R/u', $this->text($node)) ?: [], 0, self::MOST_PIECES) as $line) {
            $sides = preg_split('/\s*[x×]\s*/iu', trim($line)) ?: [];
            try {
                if (2 === \count($sides)) {
                    $pieces[] = [Length::parse($sides[0], $this->units), Length::parse($sides[1], $this->units)];
                } elseif ('' !== trim($line)) {
                    $node->fault('pieces of batting, one a line, like 45 x 93');
                }
            } catch (UnreadableLength) {
                $node->fault('pieces of batting, one a line, like 45 x 93');
            }
        }

        return $pieces;
    }
}
