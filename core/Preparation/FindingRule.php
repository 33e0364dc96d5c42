<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Job\Mend;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\FindingCode;

/** The findings of a plan with what was kept at the desk: what is settled is not found any more, what waits is. */
final readonly class FindingRule
{
    /** What turning round in the middle puts right. */
    private const SAVED_BY_TURNING = [FindingCode::Row, FindingCode::Roll];
    /** What a kept mend takes the place of. */
    private const MENDED = [FindingCode::BackingShort, FindingCode::BackingTight];

    /** @return list<Finding> */
    public function collect(Preparation $preparation): array
    {
        $isMended = Mend::None !== $preparation->mended()->mend;
        $settled = [
            ...true === $preparation->winding()?->isTurnedRound ? self::SAVED_BY_TURNING : [],
            ...$isMended ? self::MENDED : [],
        ];
        $found = array_filter(
            $preparation->kept()->findings ?? [],
            static fn(Finding $finding): bool => !\in_array($finding->code, $settled, true) &&
                !($preparation->isOneAlready() && str_starts_with($finding->at, '/load/top')),
        );

        return [
            ...array_values($found),
            ...$isMended ? [$this->ofMend($preparation->mended()->mend)] : [],
            ...$this->ofPieces($preparation),
            ...$this->ofGap($preparation),
            ...$this->ofBlocks($preparation),
            ...array_map($this->ofPin(...), $preparation->brokenPins()),
        ];
    }

    private function ofMend(Mend $mend): Finding
    {
        return new Finding(
            Mend::AskClient === $mend ? FindingCode::BackingAwaited : FindingCode::BackingToMend,
            match ($mend) {
                Mend::Extend => Phrase::of('It will load once the strips are sewn on.'),
                Mend::SquareUp => Phrase::of('It will load with only its ends cut straight.'),
                Mend::Piece => Phrase::of('It will load once the new backing is pieced.'),
                Mend::AskClient, Mend::None => Phrase::of('Waiting for a larger backing from the client.'),
            },
            '/desk/mend',
        );
    }

    /** @return list<Finding> */
    private function ofPieces(Preparation $preparation): array
    {
        $joins = $preparation->isPieced() ? $preparation->pieces()?->joins() : null;

        return null === $joins
            ? []
            : [
                new Finding(
                    FindingCode::BattingToPiece,
                    Phrase::of(
                        0 === $joins
                            ? 'It will load with the piece of batting in the place of the other.'
                            : 'It will load once the pieces of batting are butted and joined.',
                    ),
                    '/desk/pieces',
                ),
            ];
    }

    private function ofPin(BrokenPin $broken): Finding
    {
        $was = Phrase::inEach($broken->pin->words);

        return new Finding(
            FindingCode::PinBroken,
            null === $broken->now
                ? Phrase::of('Kept: “%s” That is not so any more.', $was)
                : Phrase::of('Kept: “%s” Now it would be: “%s”', $was, $broken->now->text),
            '/desk',
        );
    }

    /** @return list<Finding> */
    private function ofGap(Preparation $preparation): array
    {
        $most = $preparation->kept()?->job->batting?->quiltingDistance;
        $gap = null === $most ? null : $preparation->largestGap();

        return null === $gap || !$gap->isLongerThan($most)
            ? []
            : [
                new Finding(
                    FindingCode::DesignGap,
                    Phrase::of(
                        'The lines of this design lie %s apart at their farthest, and the batting wants them within %s: ' .
                            'it would shift and clump. A denser design, or rows closer together.',
                        Figure::needed($gap),
                        Figure::left($most),
                    ),
                    '/batting/quilting_distance',
                ),
            ];
    }

    /** @return list<Finding> */
    private function ofBlocks(Preparation $preparation): array
    {
        $cut = $preparation->winding()?->stopsInBlocks() ?? 0;

        return 0 === $cut
            ? []
            : [
                new Finding(
                    FindingCode::BlockCut,
                    Phrase::of(1 === $cut ? '1 stop cuts a block.' : "$cut stops cut a block."),
                    '/quilting',
                ),
            ];
    }
}
