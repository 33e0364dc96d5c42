<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Job\ExtensionLayout;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Practice;

/**
 * Rule 3, remedies that change the cloth: strips, less squaring, a new pieced backing, or asking for more.
 *
 * @internal
 */
final readonly class ClothRemedies
{
    /** Usable, of the bolt that most quilting cotton comes on, where none is given. */
    private const BOLT_INCHES = 42;

    public function __construct(private Practice $practice, private UnitSystem $units) {}

    public function extend(BackingCheck $check): ?Remedy
    {
        $plan = (new Extension($this->practice))->plan(
            $check->squaredUp,
            $check->required->across->length(),
            $check->required->along->length(),
            ExtensionLayout::BothEnds,
        );
        if ([] === $plan->strips) {
            return null;
        }

        return new Remedy(
            RemedyKind::Extend,
            Phrase::of('Sew on strips'),
            Phrase::joined(
                ...[
                    ...array_map(static fn(Strip $strip): Phrase => $strip->sentence(), $plan->strips),
                    Phrase::of('The backing is then %s × %s.', Figure::left($plan->across), Figure::left($plan->along)),
                ],
            ),
            BackingState::Fits,
            extension: $plan,
        );
    }

    /**
     * The clamped sides may stay crooked as long as the narrowest place keeps the worked-out margin; only lead and
     * tail are cut straight.
     */
    public function squareUpLess(UsableBacking $cloth, BackingCheck $check, Direction $direction): ?Remedy
    {
        $loaded = $cloth->loaded($direction);
        if (!$cloth->isSquareKnown || !$loaded->lostAcross($check->squaredUp)->isPositive()) {
            return null;
        }
        $narrowest = $check->workedOut->across->length();
        $longest = $loaded->longestAt($narrowest);
        $fits = null !== $longest && !$longest->isShorterThan($check->required->along->length());
        $wasMissingAcross = $check->stateAcross;

        return !$fits || BackingState::Fits === $wasMissingAcross
            ? null
            : new Remedy(
                RemedyKind::SquareUp,
                Phrase::of('Square only the ends'),
                Phrase::of(
                    'Cut lead and tail straight and leave the sides crooked: the narrowest place keeps %s beside ' .
                        'the top, enough for clamps and foot.',
                    $check->workedOut->margins->left->figure,
                ),
                BackingState::Fits,
            );
    }

    public function piece(Backing $backing, BackingCheck $check, Direction $direction): ?Remedy
    {
        if (null === $backing->bolt || !$backing->bolt->isLongerThan($this->practice->seamAllowance->times(2))) {
            return null;
        }
        [$plan] = $this->piecing($backing, $check, $direction, $backing->bolt);
        $seams = \count($plan->seams);

        return new Remedy(
            RemedyKind::Piece,
            Phrase::of('Piece a new backing'),
            Phrase::of(
                'Buy ' . $this->yardage($plan->toBuy) . ' of a %s bolt and cut ' . \count($plan->cuts) . ' × %s: %s.',
                Figure::measured($backing->bolt),
                Figure::needed($plan->cuts[0]),
                0 === $seams
                    ? 'no seam'
                    : \sprintf(
                        '%d %s %s',
                        $seams,
                        1 === $seams ? 'seam' : 'seams',
                        PiecingWay::AlongRails === $plan->way ? 'along the rails' : 'from lead to tail',
                    ),
            ),
            BackingState::Fits,
            piecing: $plan,
        );
    }

    public function askClient(Backing $backing, BackingCheck $check, Direction $direction): Remedy
    {
        $bolt = $backing->bolt ?? Length::inches(self::BOLT_INCHES);
        [$plan] = $this->piecing($backing, $check, $direction, $bolt);

        return new Remedy(
            RemedyKind::AskClient,
            Phrase::of('Ask the client for more'),
            Phrase::of(
                'A backing of at least %s × %s, square: ' . $this->yardage($plan->toBuy) . ' of a %s bolt.',
                $check->required->across->figure,
                $check->required->along->figure,
                Figure::measured($bolt),
            ),
            BackingState::Fits,
        );
    }

    /** @return array{PiecingPlan, PiecingPlan} */
    private function piecing(Backing $backing, BackingCheck $check, Direction $direction, Length $bolt): array
    {
        return (new Piecing($this->practice, $this->units))->plans(
            $check->required->across->length(),
            $check->required->along->length(),
            $bolt,
            $backing->directional,
            $direction,
        );
    }

    private function yardage(Length $length): string
    {
        return Yardage::of($length)->writtenIn($this->units);
    }
}
