<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Job\Faults;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BackingSeam;
use Schwung\Core\Material\Pressing;
use Schwung\Core\Material\SeamDirection;
use Schwung\Core\Material\Shade;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Material\Weave;
use Schwung\Core\Measure\Exception\ImpossibleQuadrilateral;
use Schwung\Core\Measure\Length;

/** Reads the member "backing" of a job and checks that its sides and diagonal can be. */
final readonly class BackingReader
{
    public function read(Node $node, Faults $faults): ?Backing
    {
        $members = $node->members([
            'sides',
            'diagonal',
            'kind',
            'stretch',
            'seams',
            'directional',
            'bolt',
            'shade',
            'weave',
        ]);
        $sides = $members['sides']->members(['top', 'right', 'bottom', 'left']);
        [$top, $right, $bottom, $left] = [
            $sides['top']->size(),
            $sides['right']->size(),
            $sides['bottom']->size(),
            $sides['left']->size(),
        ];
        $diagonal = $members['diagonal']->given()?->size();
        $kind = $members['kind']->word(BackingKind::class);
        $stretch = $members['stretch']->word(Stretch::class);
        $directional = $members['directional']->flag();
        $bolt = $members['bolt']->given()?->size();
        if (null !== $bolt && $bolt->toInches() <= 1) {
            $members['bolt']->fault('a bolt wider than its two seam allowances');
        }
        $shade = $members['shade']->given()?->word(Shade::class);
        $weave = $members['weave']->given()?->word(Weave::class);
        $seams = $this->seams($members['seams']);
        if (
            null === $top ||
            null === $right ||
            null === $bottom ||
            null === $left ||
            null === $kind ||
            null === $stretch ||
            null === $directional
        ) {
            return null;
        }
        $backing = new Backing(
            top: $top,
            right: $right,
            bottom: $bottom,
            left: $left,
            diagonal: $diagonal,
            kind: $kind,
            stretch: $stretch,
            seams: $seams,
            directional: $directional,
            bolt: $bolt,
            shade: $shade,
            weave: $weave,
        );

        return $this->isPossible($backing, $members['sides'], $faults, $members['diagonal']->pointer) ? $backing : null;
    }

    private function isPossible(Backing $backing, Node $sides, Faults $faults, string $diagonalPointer): bool
    {
        $all = [$backing->top, $backing->right, $backing->bottom, $backing->left];
        $longest = Length::longest(...$all);
        if (!Length::zero()->plus(...$all)->minus($longest)->isLongerThan($longest)) {
            $sides->fault('four sides of which none is as long as the other three together');

            return false;
        }
        try {
            $backing->outline();
        } catch (ImpossibleQuadrilateral $exception) {
            $faults->add($diagonalPointer, $exception->getMessage());

            return false;
        }

        return true;
    }

    /** @return list<BackingSeam> */
    private function seams(Node $node): array
    {
        $seams = [];
        foreach ($node->items() as $item) {
            $members = $item->members(['direction', 'at', 'pressed']);
            $direction = $members['direction']->word(SeamDirection::class);
            $at = $members['at']->size();
            $pressed = $members['pressed']->isMissing() ? Pressing::Open : $members['pressed']->word(Pressing::class);
            if (null !== $direction && null !== $at && null !== $pressed) {
                $seams[] = new BackingSeam($direction, $at, $pressed);
            }
        }

        return $seams;
    }
}
