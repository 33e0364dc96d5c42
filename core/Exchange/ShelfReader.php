<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Faults;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Shelf\Need;
use Schwung\Core\Shelf\Piece;
use Schwung\Core\Shelf\Roll;

/** Reads a shelf document, version 1, and finds all its faults at once. */
final readonly class ShelfReader
{
    private const MOST_NEEDS = 200;
    private const MOST_THINGS = 5000;

    /** @throws FaultyDocument if the document is no shelf */
    public function read(mixed $document): ShelfDocument
    {
        $faults = new Faults();
        $members = (new Node($document, '', $faults))->document('schwung/shelf', [
            'units',
            'rolls',
            'pieces',
            'needs',
            'result',
        ]);
        $units = $members['units']->word(UnitSystem::class);
        $ids = [];
        $rolls = $this->all($members['rolls'], ['width', 'length'], self::MOST_THINGS, $ids, self::roll(...));
        $pieces = $this->all($members['pieces'], ['width', 'length'], self::MOST_THINGS, $ids, self::piece(...));
        $needed = [];
        $needs = $this->all($members['needs'], ['across', 'along'], self::MOST_NEEDS, $needed, self::need(...));

        $all = $faults->all();

        return [] !== $all || null === $units
            ? throw FaultyDocument::with([] === $all ? [new Fault('', 'is no shelf.')] : $all)
            : new ShelfDocument($units, $rolls, $pieces, $needs);
    }

    /**
     * @template T of object
     *
     * @param array{string, string} $sides what both are called
     * @param array<string, true>   $ids   met so far
     * @param \Closure(string, BattingKind, Node, Node, string): (T|null) $make
     *
     * @return list<T>
     */
    private function all(Node $node, array $sides, int $most, array &$ids, \Closure $make): array
    {
        if ($node->isMissing()) {
            return [];
        }
        $items = $node->items();
        if (\count($items) > $most) {
            $node->fault("up to $most of them");

            return [];
        }
        $all = [];
        foreach ($items as $item) {
            $members = $item->members(['id', 'kind', ...$sides, 'of']);
            $id = $members['id']->text();
            $kind = $members['kind']->word(BattingKind::class);
            if (null !== $id && isset($ids[$id])) {
                $members['id']->fault('an id that nothing else has');
            }
            $of = $members['of']->given()?->text() ?? '';
            $made = $make($id ?? '', $kind ?? BattingKind::Cotton, $members[$sides[0]], $members[$sides[1]], $of);
            if (null !== $id && null !== $made) {
                $ids[$id] = true;
                $all[] = $made;
            }
        }

        return $all;
    }

    private static function roll(string $id, BattingKind $kind, Node $width, Node $length, string $of): ?Roll
    {
        [$wide, $long] = [$width->size(), $length->rollLength()];

        return null === $wide || null === $long ? null : new Roll($id, $kind, $wide, $long, $of);
    }

    private static function piece(string $id, BattingKind $kind, Node $width, Node $length, string $of): ?Piece
    {
        [$wide, $long] = [$width->size(), $length->size()];

        return null === $wide || null === $long ? null : new Piece($id, $kind, $wide, $long, $of);
    }

    private static function need(string $id, BattingKind $kind, Node $across, Node $along, string $of): ?Need
    {
        [$wide, $long] = [$across->size(), $along->size()];

        return null === $wide || null === $long ? null : new Need($id, $kind, $wide, $long, $of);
    }
}
