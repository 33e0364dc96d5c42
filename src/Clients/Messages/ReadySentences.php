<?php

declare(strict_types=1);

namespace App\Clients\Messages;

use App\Clients\Bag\IntakeRepository;
use App\Clients\Prep\PrepCards;
use App\Clients\Prep\PrepDates;
use App\Public\JobLinks;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use Schwung\Core\Bringing\BoltCut;
use Schwung\Core\Bringing\Brought;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\Strip;
use Schwung\Core\Sizing\Yardage;

/** Fills the usual sentences with a quilt's own figures, in the units that its client thinks in. */
final readonly class ReadySentences
{
    public function __construct(
        private Preparations $preparations,
        private PrepCards $cards,
        private PrepDates $dates,
        private JobLinks $links,
        private IntakeRepository $intakes,
    ) {}

    /** @return array{string, string} subject and text, to be edited */
    public function write(MessageKind $kind, Quilt $quilt, string $signed): array
    {
        $units = $quilt->whose()?->units() ?? $quilt->studio->units();
        $writer = new LengthWriter($units);
        $preparation = $this->preparations->of($quilt, $units);
        [$subject, $said] = match ($kind) {
            MessageKind::Bring => ['What to bring for ' . $quilt->title(), $this->bring($quilt, $units, $writer)],
            MessageKind::Short => [
                'The backing of ' . $quilt->title(),
                $this->short($quilt, $preparation, $units, $writer),
            ],
            MessageKind::Unpack => ['The batting of ' . $quilt->title(), $this->unpack($quilt, $preparation)],
            MessageKind::Borders => ['The borders of ' . $quilt->title(), $this->borders($preparation, $writer)],
            MessageKind::Loaded => [
                $quilt->title() . ' is on the frame',
                ['your quilt is on the frame now. I will write when it is done.', ...$this->dates->of($quilt)],
            ],
            MessageKind::Done => [$quilt->title() . ' is done', $this->done($quilt, $preparation, $writer)],
            MessageKind::Free => [$quilt->title(), ['']],
        };
        $link = $this->links->openOf($quilt);
        $lines = [
            "Hello {$quilt->client()},",
            ...$said,
            ...null === $link ? [] : ["Where it stands, at any time: {$this->links->address($link)}"],
            "$signed, {$quilt->studio->name()}",
        ];

        return [$subject, implode("\n\n", $lines)];
    }

    /** @return list<string> */
    private function bring(Quilt $quilt, UnitSystem $units, LengthWriter $writer): array
    {
        $card = $this->cards->ofQuilt($quilt, $units);
        if (null === $card) {
            return ['Please tell me how wide and how long your top is; then I can say what to bring.'];
        }

        return [
            'for your quilt please bring a backing of at least ' .
            $this->size($card->backingAcross->length(), $card->backingAlong->length(), $writer) .
            ', square and pressed, and a batting of ' .
            $this->size($card->battingAcross->length(), $card->battingAlong->length(), $writer) .
            '.',
            'Check it: fold top and backing in quarters and lay fold on fold. ' .
            Figure::needed($card->showsAcross())->writtenBy($writer) .
            ' of the backing must show at one open side, ' .
            Figure::needed($card->showsAlong())->writtenBy($writer) .
            ' at the other.',
            ...$this->dates->of($quilt),
        ];
    }

    /**
     * In the words of somebody who never stood at a frame: beside the top's own width and length, without lead and
     * tail.
     *
     * @return list<string>
     */
    private function short(Quilt $quilt, Preparation $preparation, UnitSystem $units, LengthWriter $writer): array
    {
        $plan = $preparation->plan();
        if (null === $plan) {
            return ['The backing is not measured yet.'];
        }
        $brought = Brought::in($plan);
        $missing = [];
        foreach (['too narrow' => $brought->lackedAcross, 'too short' => $brought->lackedAlong] as $way => $lack) {
            if ($lack->isPositive()) {
                $missing[] = Figure::missing($lack)->writtenBy($writer) . " $way";
            }
        }
        if ([] === $missing) {
            return ['The backing is large enough: ' . $preparation->sentence()->writtenBy($writer)];
        }
        $card = $this->cards->ofQuilt($quilt, $units);

        return [
            'I have measured your backing. As it lies under your top it is ' .
            implode(' and ', $missing) .
            ' for the frame, which has to grip it on every side.',
            'What would help:',
            ...$this->strips($preparation, $writer),
            ...null === $card
                ? []
                : [
                    '- Or another backing of at least ' .
                    $this->size($card->backingAcross->length(), $card->backingAlong->length(), $writer) .
                    ': ' .
                    implode(
                        '; ',
                        array_map(
                            static fn(BoltCut $cut): string => Yardage::of($cut->plan->toBuy)->writtenIn($units) .
                                ' of cloth ' .
                                $writer->write($cut->bolt) .
                                ' wide' .
                                ([] === $cut->plan->seams ? ', no seam' : ''),
                            $card->bolts,
                        ),
                    ) .
                    '.',
                ],
            'Tell me which you like best.',
        ];
    }

    /** @return list<string> */
    private function strips(Preparation $preparation, LengthWriter $writer): array
    {
        foreach ($preparation->remedies() as $remedy) {
            if (null !== $remedy->extension) {
                return [
                    '- Strips of cloth sewn on, by you or by me: ' .
                    implode(
                        ', and ',
                        array_map(
                            static fn(Strip $strip): string => (1 === $strip->count() ? 'one ' : 'two ') .
                                $strip->size()->writtenBy($writer),
                            $remedy->extension->strips,
                        ),
                    ) .
                    '.',
                ];
            }
        }

        return [];
    }

    private function size(Length $across, Length $along, LengthWriter $writer): string
    {
        return Figure::needed($across)->writtenBy($writer) . ' × ' . Figure::needed($along)->writtenBy($writer);
    }

    /** @return list<string> */
    private function unpack(Quilt $quilt, Preparation $preparation): array
    {
        $hours = $preparation->known->practice->battingRestHours;

        return [
            "before it goes on the frame the batting must lie open for $hours hours, so that its folds lie down. Please " .
            'take it out of its bag and lay it flat, or bring it so much earlier.',
            ...$this->dates->of($quilt),
        ];
    }

    /** @return list<string> */
    private function borders(Preparation $preparation, LengthWriter $writer): array
    {
        $told = [];
        foreach ($preparation->findings() as $finding) {
            if (\in_array($finding->code, [FindingCode::EdgeTooFull, FindingCode::EdgeTooTight], true)) {
                $told[] = $finding->text->writtenBy($writer);
            }
        }

        return [
            ...[] === $told ? ['the borders lie as flat as the middle of the top: nothing is to be done.'] : $told,
            ...[] === $told
                ? []
                : [
                    'A border that is longer than the body of the quilt has to go somewhere: into a pleat, or into the ' .
                    'batting. I can ease a little in; more would show. Shall I take the border off and cut it to the ' .
                    'middle, or quilt it as it is?',
                ],
        ];
    }

    /** @return list<string> */
    private function done(Quilt $quilt, Preparation $preparation, LengthWriter $writer): array
    {
        $top = $preparation->top();
        $wishes = $quilt->whose()?->wishes();
        $left = $wishes?->left;

        return [
            'your quilt is done and waits for you.' .
            (null === $top
                ? ''
                : ' It was ' .
                    $top->width->figure->writtenBy($writer) .
                    ' × ' .
                    $top->length->figure->writtenBy($writer) .
                    ' when it came, and is a little smaller now.'),
            (null === $left ? 'The edges' : $writer->write($left) . ' beyond the edges') .
            ' are left for the binding. Wash it cool the first time, and dry it flat.',
            ...[] === $this->intakes->of($quilt)->facts()->bag()
                ? []
                : ['What is left of backing and batting is in the bag.'],
        ];
    }
}
