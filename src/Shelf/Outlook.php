<?php

declare(strict_types=1);

namespace App\Shelf;

use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Shelf\Assignment;
use Schwung\Core\Shelf\Cut;
use Schwung\Core\Shelf\Need;

/** Which batting is meant for which waiting quilt, as it was worked out with the queue. */
final readonly class Outlook
{
    /**
     * @param array<string, Need>         $needs    by quilt, in the order in which they are loaded
     * @param array<string, list<string>> $joined   pieces that cover together, by quilt
     * @param array<string, string>       $runsOut  the quilt for which a roll does not last, by the roll's id
     * @param array<string, string>       $threads  the colour that does not last, by quilt
     * @param array<string, string>       $titles   of the quilts that need something
     * @param array<string, string>       $days     on which they are loaded, like "2027-03-01"; none without a place
     * @param int                         $beyond   needs that are more than are planned
     */
    public function __construct(
        public array $needs = [],
        public Assignment $assignment = new Assignment([], [], 0.0, 0.0, true),
        public array $joined = [],
        public array $runsOut = [],
        public array $threads = [],
        public int $beyond = 0,
        public array $titles = [],
        public array $days = [],
    ) {}

    public function isToBuy(string $quilt): bool
    {
        return \in_array($quilt, $this->assignment->unserved, true) && !isset($this->joined[$quilt]);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'needs' => array_map(
                static fn(Need $need): array => [
                    $need->kind->value,
                    $need->across->nanometres,
                    $need->along->nanometres,
                    $need->of,
                ],
                $this->needs,
            ),
            'cuts' => array_map(
                static fn(Cut $cut): array => [$cut->need, $cut->from, $cut->turned, $cut->length?->nanometres],
                $this->assignment->cuts,
            ),
            'unserved' => $this->assignment->unserved,
            'new' => $this->assignment->newCloth,
            'over' => $this->assignment->leftOver,
            'proved' => $this->assignment->provedBest,
            'joined' => $this->joined,
            'runsOut' => $this->runsOut,
            'threads' => $this->threads,
            'beyond' => $this->beyond,
            'titles' => $this->titles,
            'days' => $this->days,
        ];
    }

    /** @param array<string, mixed> $record as toArray() gave it */
    public static function fromArray(array $record): self
    {
        if ([] === $record) {
            return new self();
        }
        /** @var array{needs: array<string, array{string, int, int, string}>, cuts: list<array{string, string, bool, int|null}>, unserved: list<string>, new: float, over: float, proved: bool, joined: array<string, list<string>>, runsOut: array<string, string>, threads: array<string, string>, beyond: int, titles: array<string, string>, days: array<string, string>} $record */
        $needs = [];
        foreach ($record['needs'] as $id => [$kind, $across, $along, $of]) {
            $needs[$id] = new Need(
                (string) $id,
                BattingKind::from($kind),
                Length::ofNanometres($across),
                Length::ofNanometres($along),
                $of,
            );
        }

        return new self(
            needs: $needs,
            assignment: new Assignment(
                array_map(
                    static fn(array $cut): Cut => new Cut(
                        $cut[0],
                        $cut[1],
                        $cut[2],
                        null === $cut[3] ? null : Length::ofNanometres($cut[3]),
                    ),
                    $record['cuts'],
                ),
                $record['unserved'],
                (float) $record['new'],
                (float) $record['over'],
                $record['proved'],
            ),
            joined: $record['joined'],
            runsOut: $record['runsOut'],
            threads: $record['threads'],
            beyond: $record['beyond'],
            titles: $record['titles'],
            days: $record['days'],
        );
    }
}
