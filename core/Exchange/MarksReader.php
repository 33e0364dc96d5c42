<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Material\Mark;
use Schwung\Core\Material\MarkedCloth;
use Schwung\Core\Material\MarkKind;
use Schwung\Core\Measure\Length;

/** Reads the member "marks" of a top: what was noted when it came in, at its place. */
final readonly class MarksReader
{
    /** Who saw it, whether the client knows and which photo shows it say nothing to a plan. */
    private const KEYS = [
        'kind',
        'cloth',
        'across',
        'along',
        'thick',
        'mended',
        'note',
        'key',
        'seen_by',
        'client_knows',
        'photo',
    ];

    /**
     * @param array{Length, Length, Length}|null $widths
     * @param array{Length, Length, Length}|null $lengths
     *
     * @return list<Mark>
     */
    public function read(Node $node, ?array $widths, ?array $lengths): array
    {
        $marks = [];
        foreach ($node->items() as $item) {
            $members = $item->members(self::KEYS);
            $kind = $members['kind']->word(MarkKind::class);
            $across = $this->within($members['across'], $widths);
            $along = $this->within($members['along'], $lengths);
            $cloth = $members['cloth']->given()?->word(MarkedCloth::class) ?? MarkedCloth::Top;
            $thick = $members['thick']->given()?->size();
            $isMended = true === $members['mended']->given()?->flag();
            $note = $members['note']->given()?->text() ?? '';
            foreach (['key', 'seen_by', 'photo'] as $said) {
                $members[$said]->given()?->text();
            }
            $members['client_knows']->given()?->flag();
            if (null !== $kind && null !== $across && null !== $along) {
                $marks[] = new Mark($kind, $across, $along, $cloth, $thick, $isMended, $note);
            }
        }

        return $marks;
    }

    /** @param array{Length, Length, Length}|null $sizes */
    private function within(Node $node, ?array $sizes): ?Length
    {
        $at = $node->allowance();
        if (null !== $at && null !== $sizes && $at->isLongerThan(Length::longest(...$sizes))) {
            $node->fault('a place within the top');

            return null;
        }

        return $at;
    }
}
