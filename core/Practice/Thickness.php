<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Pressing;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/**
 * How thick each layer is once it is wound on a roller (rule 8). Estimates: everyday figures that a studio may
 * set to what it measures.
 */
final readonly class Thickness
{
    /** What is left of a batting's loft on the roller, in per cent. */
    private const ROLLED_PER_CENT = 60;

    /**
     * @param array<string, Length> $backings by the words of BackingKind; what is not named keeps its default
     * @param array<string, Length> $lofts    by the words of BattingKind
     */
    public function __construct(private array $backings = [], private array $lofts = [], private ?Length $top = null) {}

    public function ofTop(): Length
    {
        return $this->top ?? Length::millimetres(0.55);
    }

    public function ofBacking(BackingKind $kind): Length
    {
        return $this->backings[$kind->value] ??
            Length::millimetres(
                match ($kind) {
                    BackingKind::Cotton, BackingKind::Wide => 0.3,
                    BackingKind::Flannel => 0.6,
                    BackingKind::Minky => 1.5,
                    BackingKind::Fleece => 1.8,
                    BackingKind::Knit => 0.7,
                },
            );
    }

    public function loftOf(BattingKind $kind): Length
    {
        return $this->lofts[$kind->value] ??
            Length::millimetres(
                match ($kind) {
                    BattingKind::Cotton, BattingKind::Bamboo => 2.5,
                    BattingKind::CottonPoly, BattingKind::Silk => 3,
                    BattingKind::Polyester => 5,
                    BattingKind::Wool => 6,
                },
            );
    }

    /** As it was measured, or as such a batting usually is. */
    public function loft(Batting $batting): Length
    {
        return $batting->loft ?? $this->loftOf($batting->kind);
    }

    public static function loftFrom(Batting $batting): string
    {
        return null === $batting->loft ? 'usual loft of ' . $batting->kind->value : 'loft as measured';
    }

    /**
     * Backing, top and pressed batting together.
     *
     * @param float $learnt what rolls of this sandwich were really found to be, as a part of that
     */
    public function ofSandwich(BackingKind $backing, Batting $batting, float $learnt = 1.0): Worked
    {
        $pressed = $this->loft($batting)->scaledBy(self::ROLLED_PER_CENT, 100);
        $assumed = $this->ofBacking($backing)->plus($this->ofTop(), $pressed);
        $more = Length::millimetres($assumed->toMillimetres() * ($learnt - 1));

        return new Worked(
            Figure::measured($assumed->plus($more)),
            'The three layers as they lie on the roller, the batting pressed to 60 % of its loft (an estimate).',
            [
                new Term('backing', Figure::measured($this->ofBacking($backing)), $backing->words()),
                new Term('top with its seams', Figure::measured($this->ofTop()), 'studio'),
                new Term('batting, pressed', Figure::measured($pressed), self::loftFrom($batting)),
                ...1.0 === $learnt
                    ? []
                    : [
                        new Term(
                            'as this frame winds it',
                            Figure::measured($more),
                            \sprintf('learnt here: %d %% of that', (int) round(100 * $learnt)),
                        ),
                    ],
            ],
        );
    }

    /** The loft at which backing, top and batting together are so thick on the roller; not positive where none is. */
    public function loftWithin(Length $sandwich, BackingKind $backing): Length
    {
        return $sandwich
            ->minus($this->ofBacking($backing))
            ->minus($this->ofTop())
            ->scaledBy(100, self::ROLLED_PER_CENT);
    }

    /** What a backing's seam adds at each turn where it lies from roller to roller. */
    public function ofSeam(Pressing $pressed): Length
    {
        return Length::millimetres(Pressing::Open === $pressed ? 0.3 : 0.6);
    }

    public function ofLeader(): Length
    {
        return Length::millimetres(0.6);
    }
}
