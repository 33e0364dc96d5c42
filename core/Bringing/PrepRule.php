<?php

declare(strict_types=1);

namespace Schwung\Core\Bringing;

use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Rounding;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\Piecing;
use Schwung\Core\Sizing\RequiredSize;

/**
 * What to bring for a top: the backing that the frame needs, what this client's backings usually lack on top of it, and
 * a batting that covers.
 *
 * Sizes are asked for in whole inches or centimetres, rounded up: nobody cuts a backing to an eighth. Where any of
 * several frames may take the quilt, each side is the largest that one of them needs. An everyday rule of the trade.
 */
final readonly class PrepRule
{
    /** Widths that cloth is usually sold in: wide backing, and the two of ordinary cloth. */
    private const BOLTS_INCHES = [108, 60, 44];
    private const BOLTS_MILLIMETRES = [2750, 1500, 1100];
    /** What a client is asked for is told in whole inches, or whole centimetres. */
    private const STEP_INCHES = 1;
    private const STEP_MILLIMETRES = 10;

    public function __construct(private UnitSystem $units) {}

    /**
     * @param non-empty-list<array{string, Preparation}> $frames each frame's name with this top prepared for it; its size
     *   must be known
     *
     * @throws \DomainException if a top was not measured
     */
    public function card(array $frames, ?Profile $profile = null): PrepCard
    {
        [$across, $along] = [$this->largest($frames, 0), $this->largest($frames, 1)];
        $first = $frames[0][1];
        $top = $first->top() ?? throw new \DomainException('A card needs the size of the top.');
        $lacked = true === $profile?->lacks() ? $profile : null;
        $backing = [$this->asked($across, $lacked?->lackedAcross), $this->asked($along, $lacked?->lackedAlong)];
        $practice = $first->known->practice;

        return new PrepCard(
            topAcross: $top->width->length(),
            topAlong: $top->length->length(),
            backingAcross: $backing[0],
            backingAlong: $backing[1],
            battingAcross: $this->batting($top->width->length(), $backing[0]->length(), $practice),
            battingAlong: $this->batting($top->length->length(), $backing[1]->length(), $practice),
            bolts: $this->bolts($backing, $practice),
            tooWideFor: $this->tooWide($frames),
            profile: $lacked,
        );
    }

    /**
     * @param non-empty-list<array{string, Preparation}> $frames
     * @param 0|1                                        $axis   beside the top's width, or its length
     */
    private function largest(array $frames, int $axis): Worked
    {
        $largest = null;
        foreach ($frames as [, $preparation]) {
            $required = $preparation->required() ?? throw new \DomainException('A card needs the size of the top.');
            $needed = self::asItLies($required, $preparation->direction())[$axis];
            $largest = null === $largest || $needed->length()->isLongerThan($largest->length()) ? $needed : $largest;
        }

        return $largest;
    }

    /** @return array{Worked, Worked} beside the width and the length of the top as it is made */
    private static function asItLies(RequiredSize $required, Direction $direction): array
    {
        return Direction::AsIs === $direction
            ? [$required->across, $required->along]
            : [$required->along, $required->across];
    }

    private function asked(Worked $needed, ?Usual $lacked): Worked
    {
        $length = $needed->length();
        $terms = $needed->terms;
        if (null !== $lacked && $lacked->mean->isPositive()) {
            $length = $length->plus($lacked->mean);
            $terms[] = new Term(
                'what your backings usually lack',
                Figure::needed($lacked->mean),
                "the last {$lacked->restsOn} quilts",
            );
        }

        return new Worked(
            Figure::needed($length->roundedTo($this->step(), Rounding::Up)),
            'Top and margins, up to the next whole ' . (UnitSystem::Inches === $this->units ? 'inch.' : 'centimetre.'),
            $terms,
        );
    }

    /** A little over on every side, and never wider than the backing: loose batting is drawn into the carriage. */
    private function batting(Length $top, Length $backing, Practice $practice): Worked
    {
        $wanted = $top->plus($practice->battingOverhang->times(2))->roundedTo($this->step(), Rounding::Up);
        $most = $backing->minus($practice->at(Distance::BattingClearance));

        return new Worked(
            Figure::needed(Length::longest($top, Length::shortest($wanted, $most))),
            'Top and a little over at both sides, less than the backing.',
            [
                new Term('top', Figure::needed($top), 'measured'),
                new Term('over at each side', Figure::needed($practice->battingOverhang), 'studio'),
                new Term('at most', Figure::left($most), 'the backing, less what keeps loose batting inside'),
            ],
        );
    }

    /**
     * @param array{Worked, Worked} $backing
     *
     * @return list<BoltCut> the widest bolt first
     */
    private function bolts(array $backing, Practice $practice): array
    {
        $bolts =
            UnitSystem::Inches === $this->units
                ? array_map(Length::inches(...), self::BOLTS_INCHES)
                : array_map(Length::millimetres(...), self::BOLTS_MILLIMETRES);

        return array_map(
            fn(Length $bolt): BoltCut => new BoltCut(
                $bolt,
                (new Piecing($practice, $this->units))->plans(
                    $backing[0]->length(),
                    $backing[1]->length(),
                    $bolt,
                    false,
                    Direction::AsIs,
                )[0],
            ),
            $bolts,
        );
    }

    /**
     * @param non-empty-list<array{string, Preparation}> $frames
     *
     * @return list<string> names of those whose needle reaches from side to side of it neither way round
     */
    private function tooWide(array $frames): array
    {
        $tooWide = [];
        foreach ($frames as [$name, $preparation]) {
            $frame = $preparation->known->parts->frame;
            $top = $preparation->top();
            // On poles the quilt is moved sideways, section by section.
            if (null === $frame || null === $top || $frame->kind->worksInSections()) {
                continue;
            }
            if (Length::shortest($top->width->length(), $top->length->length())->isLongerThan($frame->usableAcross())) {
                $tooWide[] = $name;
            }
        }

        return $tooWide;
    }

    private function step(): Length
    {
        return UnitSystem::Inches === $this->units
            ? Length::inches(self::STEP_INCHES)
            : Length::millimetres(self::STEP_MILLIMETRES);
    }
}
