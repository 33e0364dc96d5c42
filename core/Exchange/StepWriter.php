<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Loading\ClothState;
use Schwung\Core\Loading\FrameState;
use Schwung\Core\Loading\LineIn;
use Schwung\Core\Loading\Pieces;
use Schwung\Core\Loading\ReadingKind;
use Schwung\Core\Loading\Setting;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\School;

/** Writes the steps of a load as a plan document has them. */
final readonly class StepWriter
{
    /** What is done in a step, by its key without numbers; what is not named follows from its kind. */
    private const KINDS = [
        'room' => 'clean',
        'machine' => 'clean',
        'press' => 'clean',
        'square' => 'trim',
        'quarters' => 'inspect',
        'thread' => 'test',
        'route' => 'route',
        'even' => 'even',
        'inspect' => 'inspect',
        'clear-path' => 'inspect',
        'flat' => 'inspect',
        'lies-flat' => 'inspect',
        'pin-batting' => 'pin',
        'pin-sandwich' => 'pin',
        'pin-tail' => 'pin',
        'pins-out-batting' => 'unpin',
        'pins-out-top' => 'unpin',
        'lock' => 'lock',
        'lock-top' => 'lock',
        'lock-edge' => 'lock',
        'align-seam' => 'align',
        'align-edge' => 'align',
        'pull-reference' => 'pick',
        'pull-basting' => 'pick',
        'pass-pick' => 'pick',
        'set-marks' => 'set-marks',
        'lift-top' => 'lift',
        'lower-top' => 'lower',
        'detach' => 'detach',
        'bag' => 'trim',
    ];

    /** What pieces hold, where the document has another word for it. */
    private const OF = [
        'batting' => 'temporary',
        'layers' => 'temporary',
        'layers-beyond' => 'temporary',
        'tail-beyond' => 'tail-edge',
    ];

    private FigureWriter $figures;

    public function __construct(private LengthWriter $writer)
    {
        $this->figures = new FigureWriter($writer);
    }

    /** @return list<array<string, mixed>> ready for json_encode */
    public function document(StepList $list): array
    {
        [$frame, $written] = [$list->start, []];
        foreach ($list->cloths() as $i => $cloth) {
            $frame = $frame->with($list->steps[$i]->leaves);
            $written[] = [...$this->step($list->steps[$i]), 'state' => $this->state($cloth, $frame)];
        }

        return $written;
    }

    /** @return array<string, mixed> */
    private function step(Step $step): array
    {
        $optional = array_filter(
            [
                'pass' => $step->pass,
                'figure' => $this->text($step->text->figure),
                'caution' => $this->text($step->text->caution),
            ],
            static fn(int|string|null $value): bool => null !== $value,
        );

        return [
            'key' => $step->key,
            'group' => $step->group->value,
            ...$optional,
            'do' => $this->text($step->text->do),
            'why' => $this->text($step->text->why),
            'check' => $this->text($step->text->check),
            'otherwise' => $this->text($step->text->otherwise),
            'shows' => $step->shows->value,
            'minutes' => round($step->minutes, 1),
            ...ReadingKind::None === $step->reads ? [] : ['reads' => $step->reads->value],
            'needs' => $this->settings($step->needs),
            'leaves' => $this->settings($step->leaves),
            'kind' => $this->kind($step),
            'weight' => $step->weight->value,
            'school' => null === $step->school ? null : $this->school($step->school),
        ];
    }

    private function kind(Step $step): string
    {
        return self::KINDS[(string) preg_replace('/^pass-\d+-/', 'pass-', $step->key)] ??
            match ($step->kind) {
                StepKind::Prepare => 'other',
                StepKind::Mark => 'mark',
                StepKind::Attach => 'attach',
                StepKind::Wind => 'wind',
                StepKind::Look, StepKind::Settle => 'read',
                StepKind::Lay => 'lay',
                StepKind::Set => 'set',
                StepKind::Baste => 'baste',
                StepKind::Hold => 'hold',
                StepKind::Clamp => 'clamp',
                StepKind::Stitch => 'stitch',
                StepKind::Release => 'release',
                StepKind::Advance => 'advance',
                StepKind::Move => 'move',
                StepKind::Turn => 'turn',
                StepKind::TakeOff => 'detach',
            };
    }

    /** @return array{habit: string, word: string} the key of "load/habits" and the word that made the step so */
    private function school(School $school): array
    {
        return [
            'habit' => (string) array_search($school::class, HabitsReader::WORDS, true),
            'word' => (string) $school->value,
        ];
    }

    /** @return array<string, mixed> where cloth, holds and lines are once the step is done */
    private function state(ClothState $cloth, FrameState $frame): array
    {
        return [
            'wound' => [
                'backing' => $this->figures->measured($cloth->onBacking),
                'takeup' => $this->figures->measured($cloth->onTakeUp),
            ],
            'hold' => $this->place($cloth->hold),
            'lock' => $this->place($cloth->lock),
            'tail' => $cloth->isTailAttached ? 'attached' : 'free',
            'batting' => $cloth->batting->value,
            'batting_from' => $this->place($cloth->battingFrom),
            'top' => $cloth->top->value,
            'top_from' => $this->place($cloth->topFrom),
            'lines' => array_map(
                fn(LineIn $line): array => [
                    'kind' => $line->kind->value,
                    'at' => $this->place($line->at),
                    'stays' => $line->stays,
                ],
                array_values($cloth->lines),
            ),
            'marks' => array_map($this->figures->measured(...), $cloth->marks),
            'pieces' => array_map(
                static fn(string $of, Pieces $pieces): array => [
                    'kind' => $pieces->kind,
                    'of' => self::OF[$of] ?? $of,
                    'count' => $pieces->count,
                    'where' => $pieces->where->value,
                ],
                array_keys($cloth->pieces),
                $cloth->pieces,
            ),
            'side_clamps' => $frame->at(StatePart::SideClamps),
            'lifted' => $cloth->isTopLifted,
            'firmness' => $frame->at(StatePart::Firmness),
            'stitch' => $frame->at(StatePart::Stitch),
            'tension' => $frame->at(StatePart::Tension),
            'foot' => $frame->at(StatePart::Foot),
            'bobbin' => $frame->at(StatePart::Bobbin),
            'from' => $this->figures->measured($cloth->from ?? Length::zero()),
        ];
    }

    /** @return array{mm: float, text: string}|null */
    private function place(?Length $length): ?array
    {
        return null === $length ? null : $this->figures->measured($length);
    }

    private function text(?Phrase $phrase): ?string
    {
        return $phrase?->writtenBy($this->writer);
    }

    /**
     * @param list<Setting> $settings
     *
     * @return list<array{part: string, is: string}>
     */
    private function settings(array $settings): array
    {
        return array_map(
            static fn(Setting $setting): array => ['part' => $setting->part->value, 'is' => $setting->value],
            $settings,
        );
    }
}
