<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Material\EdgeKind;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\Shade;
use Schwung\Core\Material\Top;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Length;

/** Reads the member "top" of a job. */
final readonly class TopReader
{
    private const KEYS = [
        'widths',
        'lengths',
        'diagonals',
        'edge',
        'directional',
        'seams_across',
        'seams_along',
        'marks',
        'shade',
    ];

    public function read(Node $node): ?Top
    {
        $members = $node->members(self::KEYS);
        $widths = $this->three($members['widths'], ['top', 'middle', 'bottom']);
        $lengths = $this->three($members['lengths'], ['left', 'middle', 'right']);
        $edge = $members['edge']->word(EdgeKind::class);
        $directional = $members['directional']->flag();
        $diagonals = $this->diagonals($members['diagonals'], $widths, $lengths);
        $across = $this->seams($members['seams_across'], null === $lengths ? null : Length::longest(...$lengths));
        $along = $this->seams($members['seams_along'], null === $widths ? null : Length::longest(...$widths));
        $marks = (new MarksReader())->read($members['marks'], $widths, $lengths);
        if (null === $widths || null === $lengths || null === $edge || null === $directional) {
            return null;
        }

        return new Top(
            widthTop: $widths[0],
            widthMiddle: $widths[1],
            widthBottom: $widths[2],
            lengthLeft: $lengths[0],
            lengthMiddle: $lengths[1],
            lengthRight: $lengths[2],
            diagonals: $diagonals,
            edge: $edge,
            directional: $directional,
            seamsAcross: $across,
            seamsAlong: $along,
            marks: $marks,
            shade: $members['shade']->given()?->word(Shade::class),
        );
    }

    /**
     * @param list<string> $where
     *
     * @return array{Length, Length, Length}|null
     */
    private function three(Node $node, array $where): ?array
    {
        $members = $node->members($where);
        [$one, $two, $three] = array_map(static fn(string $key): ?Length => $members[$key]->size(), $where);

        return null === $one || null === $two || null === $three ? null : [$one, $two, $three];
    }

    /**
     * @param array{Length, Length, Length}|null $widths
     * @param array{Length, Length, Length}|null $lengths
     *
     * @return array{Length, Length}|null
     */
    private function diagonals(Node $node, ?array $widths, ?array $lengths): ?array
    {
        $items = $node->items();
        $read = array_map(fn(Node $item): ?Length => $this->diagonal($item, $widths, $lengths), $items);
        if ([] !== $items && 2 !== \count($items)) {
            $node->fault('both diagonals, or none');
        }

        return isset($read[0], $read[1]) && 2 === \count($read) ? [$read[0], $read[1]] : null;
    }

    /**
     * @param array{Length, Length, Length}|null $widths
     * @param array{Length, Length, Length}|null $lengths
     */
    private function diagonal(Node $node, ?array $widths, ?array $lengths): ?Length
    {
        $diagonal = $node->size();
        if (null === $diagonal || null === $widths || null === $lengths) {
            return $diagonal;
        }
        [$width, $length] = [Length::longest(...$widths), Length::longest(...$lengths)];
        [$shorter, $longer] = [Length::shortest($width, $length), Length::longest($width, $length)];
        if (!$diagonal->isShorterThan($width->plus($length)) || !$diagonal->plus($shorter)->isLongerThan($longer)) {
            $node->fault('a diagonal that closes a triangle with the width and the length');

            return null;
        }

        return $diagonal;
    }

    /** @return list<TopSeam> in order from the edge */
    private function seams(Node $node, ?Length $within): array
    {
        $seams = [];
        foreach ($node->items() as $item) {
            $members = $item->members(['at', 'kind']);
            $at = $members['at']->size();
            $kind = $members['kind']->word(SeamKind::class);
            if (null !== $at && null !== $within && !$at->isShorterThan($within)) {
                $members['at']->fault('a place within the top');
            } elseif (null !== $at && null !== $kind) {
                $seams[] = new TopSeam($at, $kind);
            }
        }
        usort($seams, static fn(TopSeam $one, TopSeam $other): int => $one->at->compareTo($other->at));

        return $seams;
    }
}
