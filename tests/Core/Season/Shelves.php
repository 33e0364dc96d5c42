<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Shelf\AssignmentRule;
use Schwung\Core\Shelf\Need;
use Schwung\Core\Shelf\Piece;
use Schwung\Core\Shelf\Roll;

/**
 * Shelves of batting and the quilts that want it: what is cut from what, looked for as long as it takes, and
 * hurriedly.
 */
final readonly class Shelves implements Account
{
    private const HURRIED = 300;

    public function pages(): int
    {
        return 72;
    }

    public function page(int $number): iterable
    {
        $lot = new Lot($number);
        $size = static fn(int $least, int $most): Length => Length::inches($lot->between(4 * $least, 4 * $most) / 4);
        $kind = static fn(): BattingKind => $lot->of([BattingKind::Cotton, BattingKind::Cotton, BattingKind::Wool]);
        $whose = static fn(): string => $lot->of(['', '', '', 'Odile', 'Bertil']);
        [$rolls, $pieces, $needs] = [[], [], []];
        for ($i = $lot->between(0, 4); $i > 0; --$i) {
            $rolls[] = new Roll("R$i", $kind(), $size(40, 124), $size(30, 400), $whose());
        }
        for ($i = $lot->between(0, 12); $i > 0; --$i) {
            $pieces[] = new Piece("P$i", $kind(), $size(20, 120), $size(20, 120), $whose());
        }
        for ($i = $lot->between(1, 10); $i > 0; --$i) {
            $needs[] = new Need("Q$i", $kind(), $size(30, 100), $size(30, 110), $whose());
        }
        foreach ([new AssignmentRule(), new AssignmentRule(self::HURRIED)] as $rule) {
            $found = $rule->assign($rolls, $pieces, $needs);
            yield implode(
                ', ',
                array_map(
                    static fn($cut): string => "$cut->need from $cut->from" .
                        ($cut->turned ? ' turned' : '') .
                        (null === $cut->length ? '' : ' ' . Words::of($cut->length)),
                    $found->cuts,
                ),
            );
            yield \sprintf(
                'nothing for %s; %.4f m² new, %.4f m² left over, %s',
                implode(' ', $found->unserved) ?: 'nobody',
                $found->newCloth,
                $found->leftOver,
                $found->provedBest ? 'proved' : 'good',
            );
        }
    }
}
