<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Near;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/**
 * Rule 8: the take-up roll as a quilt winds on, and the depth that it leaves to stitch in.
 *
 * The layers are taken as wound without air, so that the area of the roll's end grows by thickness times length:
 * r(s) = √(r1² + t·s/π), an estimate; a hold that goes into the roll first thickens r1 by its bulk, where that was
 * measured. Lengths within are millimetres; $wound is counted from the first pass.
 */
final readonly class Roll
{
    private float $start;
    private float $first;
    private float $layers;
    private float $deepest;

    /** @param Length|null $bulk that the lead's hold adds to the radius of the first turn; null for nothing */
    public function __construct(
        private Frame $frame,
        public Worked $thickness,
        private Length $leaderThickness,
        private ?Length $bulk = null,
    ) {
        $leader = $frame->at(FrameMeasure::LeaderLength)?->toMillimetres() ?? 0.0;
        $this->start = self::around(
            $frame->size(FrameMeasure::TakeupDiameter)->toMillimetres() / 2,
            $leaderThickness->toMillimetres(),
            $leader,
        );
        $this->first = $this->start + ($bulk?->toMillimetres() ?? 0.0);
        $this->layers = $thickness->length()->toMillimetres();
        $this->deepest = $frame->bareDepth()->toMillimetres();
    }

    /** The same roll of layers that were found to be so thick; each has its share of what they are more or less. */
    public function measured(Length $thickness): self
    {
        $share = $thickness->nanometres / max(1, $this->thickness->length()->nanometres);
        $terms = array_map(
            static fn(Term $term): Term => new Term(
                $term->name,
                Figure::measured(Length::millimetres($term->amount->length->toMillimetres() * $share)),
                $term->source,
            ),
            $this->thickness->terms,
        );

        return new self(
            $this->frame,
            new Worked(
                Figure::measured($thickness),
                'As this roll was measured while it was wound, each layer by its share (an estimate).',
                $terms,
            ),
            $this->leaderThickness,
            $this->bulk,
        );
    }

    /** @return array{float, float} its radius where the quilt begins, and that of the bare roller, in millimetres */
    public function bareRadii(): array
    {
        return [$this->first, $this->frame->size(FrameMeasure::TakeupDiameter)->toMillimetres() / 2];
    }

    /** The radius of whatever is wound on a bare roller, as rule 8 has it; all in millimetres. */
    public static function around(float $bare, float $thickness, float $wound): float
    {
        return sqrt($bare ** 2 + ($thickness * $wound) / \M_PI);
    }

    public function radius(float $wound): float
    {
        return $wound > 0 ? self::around($this->first, $this->layers, $wound) : $this->start;
    }

    /** @return array{float, float} how thick backing and top alone are on a roller, in millimetres */
    public function sheets(): array
    {
        [$backing, $top] = $this->thickness->terms;

        return [$backing->amount->length->toMillimetres(), $top->amount->length->toMillimetres()];
    }

    /** The usable depth, below zero where the roll has eaten it all. */
    public function depth(float $wound): float
    {
        return $this->deepest - ($this->radius($wound) - $this->start);
    }

    /** Turns since the first pass. */
    public function turns(float $wound): float
    {
        return $wound > 0 ? ($this->radius($wound) - $this->first) / $this->layers : 0.0;
    }

    /** Whole clicks of the ratchet since the first pass, halves up; null without a ratchet. */
    public function clicks(float $wound): ?int
    {
        return null === $this->frame->ratchetTeeth
            ? null
            : (int) floor($this->frame->ratchetTeeth * $this->turns($wound) + 0.5);
    }

    /** How much cloth one click of the ratchet takes up or lets off; null without a ratchet. */
    public function click(float $wound): ?Length
    {
        return null === $this->frame->ratchetTeeth
            ? null
            : Length::millimetres((2 * \M_PI * $this->radius($wound)) / $this->frame->ratchetTeeth);
    }

    public function isUnderArm(float $wound): bool
    {
        return Near::isWithin(
            2 * $this->radius($wound),
            $this->frame->size(FrameMeasure::ArmClearance)->toMillimetres(),
        );
    }

    /** The thickest sandwich whose roll still goes under the arm with so much wound; zero where none does. */
    public function thickestUnderArm(float $wound): Length
    {
        $room = ($this->frame->size(FrameMeasure::ArmClearance)->toMillimetres() / 2) ** 2 - $this->first ** 2;

        return Length::millimetres($wound > 0 && $room > 0 ? (\M_PI * $room) / $wound : 0);
    }

    public function diameter(Length $wound): Worked
    {
        $hasLeader = $this->frame->kind->hasLeaders();

        return new Worked(
            Figure::measured(Length::millimetres(2 * $this->radius($wound->toMillimetres()))),
            ($hasLeader ? 'Bare roller with its leader' : 'Bare pole') .
                ', grown by what is wound on: 2 × √(radius² + thickness × wound ÷ π). An estimate.',
            [
                new Term(
                    $hasLeader ? 'roller' : 'pole',
                    Figure::measured($this->frame->size(FrameMeasure::TakeupDiameter)),
                    'frame',
                ),
                ...$hasLeader
                    ? [
                        new Term(
                            'with its leader',
                            Figure::measured(Length::millimetres(2 * $this->start)),
                            'leader ' . $this->leaderThickness->toMillimetres() . ' mm thick',
                        ),
                    ]
                    : [],
                new Term('wound on', Figure::measured($wound), 'passes before'),
                $this->thicknessTerm(),
            ],
        );
    }

    public function usableDepth(Length $wound): Worked
    {
        $grown = Length::millimetres($this->radius($wound->toMillimetres()) - $this->start);

        return new Worked(
            Figure::left(Length::millimetres($this->depth($wound->toMillimetres()))),
            'Throat, less what is kept free in front and at the back, less what the roll has grown (an estimate).',
            [
                new Term('throat', Figure::measured($this->frame->size(FrameMeasure::Throat)), 'frame'),
                new Term(
                    'kept free in front',
                    Figure::measured($this->frame->size(FrameMeasure::FrontAllowance)),
                    'frame',
                ),
                new Term(
                    'kept free at the back',
                    Figure::measured($this->frame->size(FrameMeasure::BackAllowance)),
                    'frame',
                ),
                new Term('the roll has grown', Figure::measured($grown), 'after ' . $this->turnsInWords($wound)),
                $this->thicknessTerm(),
            ],
        );
    }

    private function thicknessTerm(): Term
    {
        return new Term(
            'the layers',
            $this->thickness->figure,
            \sprintf(
                '%.2f mm: %s',
                $this->layers,
                implode(
                    ', ',
                    array_map(
                        static fn(Term $term): string => \sprintf(
                            '%s %.2f',
                            $term->name,
                            $term->amount->length->toMillimetres(),
                        ),
                        $this->thickness->terms,
                    ),
                ),
            ),
        );
    }

    private function turnsInWords(Length $wound): string
    {
        return \sprintf('%.2f turns', $this->turns($wound->toMillimetres()));
    }
}
