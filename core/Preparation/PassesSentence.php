<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Advance\Winding;
use Schwung\Core\Job\Finish;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\FindingCode;

/** The sentence that says how a quilt rolls through: what scaling did to the rows first, then how many passes. */
final readonly class PassesSentence
{
    public function of(Preparation $preparation): Phrase
    {
        $job = $preparation->kept()?->job;

        return match (true) {
            null === $job => Phrase::of('Passes are worked out once top and backing are measured.'),
            null === $job->quilting => Phrase::of('Choose rows or blocks to see the passes.'),
            null === $job->batting => Phrase::of('Measure the batting to see the passes: it makes the roll.'),
            default => $this->obstacle($preparation) ?? $this->count($preparation->winding()),
        };
    }

    private function obstacle(Preparation $preparation): ?Phrase
    {
        foreach ($preparation->findings() as $finding) {
            if (\in_array($finding->code, [FindingCode::Row, FindingCode::Roll], true)) {
                return $finding->text;
            }
        }

        return null;
    }

    private function count(?Winding $winding): Phrase
    {
        if (null === $winding) {
            return Phrase::of('No pass can be made.');
        }
        [$scaled, $figures] = $this->scaled($winding);
        $passes = 1 === $winding->count() ? '1 pass' : $winding->count() . ' passes';
        $turned = $winding->isTurnedRound ? ', turned round in the middle' : '';
        $cut = $winding->stopsInBlocks();

        return 0 === $cut
            ? Phrase::of(
                "$scaled$passes$turned, the last with %s of depth.",
                ...[...$figures, $winding->at($winding->count())->pass->depth()->figure],
            )
            : Phrase::of(
                "$scaled$passes$turned; $cut " . (1 === $cut ? 'stop cuts a block.' : 'stops cut a block.'),
                ...$figures,
            );
    }

    /** @return array{string, list<Figure>} empty where the rows are as tall as they were asked for */
    private function scaled(Winding $winding): array
    {
        $rows = $winding->rows;
        $per = null === $rows ? 100 : (int) round(100 * $rows->scale);

        return null === $rows || Finish::FitScale !== $rows->finish || 100 === $per
            ? ['', []]
            : ["Rows of %s ($per %%): ", [Figure::measured($rows->height)]];
    }
}
