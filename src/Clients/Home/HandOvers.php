<?php

declare(strict_types=1);

namespace App\Clients\Home;

use App\AtTheFrame\FinishedTops;
use App\AtTheFrame\RunRepository;
use App\Clients\Bag\Intake;
use App\Clients\Bag\IntakeInput;
use App\Clients\Bag\IntakeRepository;
use App\Clients\Bag\SheetMark;
use App\Clients\Wishes;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Sizing\BindingRule;

/** Makes the hand-over list of what was marked, what came and what is left over. */
final readonly class HandOvers
{
    public function __construct(
        private IntakeRepository $intakes,
        private RunRepository $runs,
        private Preparations $preparations,
        private FinishedTops $finished,
    ) {}

    public function of(Quilt $quilt): HandOver
    {
        $intake = $this->intakes->of($quilt);
        $off = $this->runs->findLatest($quilt)?->off();
        $preparation = $this->preparations->of($quilt, UnitSystem::Inches);
        $top = $preparation->guess()->known->parts->top;
        $size = null === $top ? null : [$top->width(), $top->length()];
        $finished =
            null === $off?->finishedWidth || null === $off->finishedLength
                ? null
                : [$off->finishedWidth, $off->finishedLength];

        return new HandOver(
            quilt: $quilt,
            intake: $intake,
            off: $off,
            lines: [
                ...$this->marks($quilt),
                ...$this->bag($intake, $off->leftovers ?? ''),
                ...$this->wishes($quilt, $intake),
            ],
            size: $size,
            finished: $finished,
            binding: null === ($finished ?? $size) ? null : (new BindingRule())->length(...$finished ?? $size),
            expected: null === $finished ? $this->finished->expect($quilt->studio, $preparation) : null,
        );
    }

    /** @return list<HandOverLine> */
    private function marks(Quilt $quilt): array
    {
        return array_map(
            static fn(SheetMark $mark): HandOverLine => new HandOverLine(
                'mark-' . $mark->key,
                Phrase::of(
                    ucfirst($mark->mark->words()) .
                        ', %s from the left edge and %s from the top edge, was there when it came' .
                        ($mark->mark->isMended ? '; it is mended' : '') .
                        ($mark->clientKnows ? '.' : '. Show it: the client does not know yet.'),
                    Figure::measured($mark->mark->across),
                    Figure::measured($mark->mark->along),
                ),
            ),
            SheetMark::allIn($quilt->sheet()),
        );
    }

    /** @return list<HandOverLine> */
    private function bag(Intake $intake, string $leftovers): array
    {
        $came = $intake->facts();
        $back = array_values(array_diff($came->came, ['top']));
        $named = array_map(static fn(string $what): string => IntakeInput::CAME[$what], $back);

        return [
            new HandOverLine('quilt', Phrase::of('The quilt itself: look at front and back together.')),
            ...[] === $back && '' === $came->alsoCame
                ? []
                : [
                    new HandOverLine(
                        'bag',
                        Phrase::of(
                            '%s',
                            'What is left of what came: ' .
                                implode(', ', [...$named, ...'' === $came->alsoCame ? [] : [$came->alsoCame]]) .
                                '.',
                        ),
                    ),
                ],
            ...'' === $leftovers
                ? []
                : [new HandOverLine('leftovers', Phrase::of('%s', "Leftovers in the bag: $leftovers."))],
        ];
    }

    /** @return list<HandOverLine> */
    private function wishes(Quilt $quilt, Intake $intake): array
    {
        $wishes = $quilt->whose()?->wishes() ?? new Wishes();
        $lines = [];
        if ('' !== $wishes->trimming) {
            $lines[] = new HandOverLine(
                'trimming',
                Phrase::of('trim' === $wishes->trimming ? 'It is trimmed, as wished.' : 'It is untrimmed, as wished.'),
            );
        }
        if ($wishes->left instanceof Length && $wishes->left->isPositive()) {
            $lines[] = new HandOverLine(
                'left',
                Phrase::of('%s is left beyond the edge for the binding.', Figure::measured($wishes->left)),
            );
        }
        if ('' !== $intake->facts()->wishes) {
            $lines[] = new HandOverLine('wishes', Phrase::of('%s', "Wished: {$intake->facts()->wishes}"));
        }

        return $lines;
    }
}
