<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Material\Backing;
use Schwung\Core\Material\BackingSeam;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\SeamDirection;
use Schwung\Core\Material\Top;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Point;

/**
 * Lays backing, batting and top on the bed one way round, true to their measures.
 *
 * A backing that is enough lies with its spare shared out; one that is short lies with the squared-up cloth's lead
 * edge on the lead, so that what is missing shows at the tail.
 */
final readonly class BedPlacing
{
    /** So much narrower is the cloth laid that what rounding took still fits into it. */
    private const FORGIVEN_MILLIMETRES = 0.5;

    public function place(
        Top $top,
        Backing $backing,
        UsableBacking $cloth,
        BackingCheck $check,
        Direction $direction,
        ?BattingCheck $batting,
    ): BedLayout {
        $topBox = $this->topBox($top, $direction);
        $margins = $check->required->margins;
        $required = new Box(
            $topBox->left - $margins->left->length()->toMillimetres(),
            -$margins->lead->length()->toMillimetres(),
            $topBox->right + $margins->right->length()->toMillimetres(),
            $topBox->tail + $margins->tail->length()->toMillimetres(),
        );
        $move = $this->placement($cloth, $check, $direction, $required, $top->isUpsideDown($direction));

        return new BedLayout(
            $topBox,
            $required,
            null === $batting ? null : $this->battingBox($topBox, $batting),
            array_map($move, $cloth->outline->corners()),
            array_map(
                fn(BackingSeam $seam): array => array_map($move, $this->seamEnds($seam, $backing, $cloth)),
                $backing->seams,
            ),
            array_map(
                static fn(TopSeam $seam): array => [$seam->at->toMillimetres(), $seam->kind->value],
                $top->seamsAlongRails($direction),
            ),
            array_map(
                static fn(TopSeam $seam): array => [$topBox->left + $seam->at->toMillimetres(), $seam->kind->value],
                $top->seamsRollerToRoller($direction),
            ),
        );
    }

    private function topBox(Top $top, Direction $direction): Box
    {
        $across = $top->across($direction)->toMillimetres();

        return new Box(-$across / 2, 0.0, $across / 2, $top->along($direction)->toMillimetres());
    }

    private function battingBox(Box $top, BattingCheck $batting): Box
    {
        $across = ($batting->trimTo ?? $batting->layAcross)->toMillimetres();
        $lead = $batting->requiredAlong->terms[1]->amount->length->toMillimetres();

        return new Box(
            -$across / 2,
            $top->lead - $lead,
            $across / 2,
            $top->lead - $lead + $batting->layAlong->toMillimetres(),
        );
    }

    /** @return \Closure(Point): Point from the backing as measured to the bed */
    private function placement(
        UsableBacking $cloth,
        BackingCheck $check,
        Direction $direction,
        Box $required,
        bool $isUpsideDown,
    ): \Closure {
        $fits = BackingState::Fits === $check->stateAcross && BackingState::Fits === $check->stateAlong;
        $across = $fits ? $check->required->across->length() : $check->squaredUp->across;
        $along = $fits ? $check->required->along->length() : $check->squaredUp->along;
        $turn =
            $fits && $cloth->isSquareKnown
                ? $cloth->loaded($direction)->turnAt($across->minus(Length::millimetres(self::FORGIVEN_MILLIMETRES)))
                : $check->squaredUp->turn;
        [$width, $length] = Direction::AsIs === $direction ? [$across, $along] : [$along, $across];
        $from = $this->rotated(
            (new CentreFinder())->centre($cloth->outline, $width->toMillimetres(), $length->toMillimetres(), $turn),
            $direction,
            $turn,
        );
        $x = ($required->left + $required->right) / 2;
        $isShortAlong = !$fits && $along->isShorterThan($check->required->along->length());
        $y = $isShortAlong ? $required->lead + $along->toMillimetres() / 2 : ($required->lead + $required->tail) / 2;

        // A backing goes the way of its top: with the other edge in front both have made a half turn.
        $way = $isUpsideDown ? -1 : 1;

        return function (Point $point) use ($direction, $turn, $from, $x, $y, $way): Point {
            $to = $this->rotated($point, $direction, $turn);

            return new Point($way * ($to->x - $from->x) + $x, $way * ($to->y - $from->y) + $y);
        };
    }

    /** A quarter turn clockwise where the quilt is turned, and back by the rectangle's own small turn. */
    private function rotated(Point $point, Direction $direction, float $turn): Point
    {
        $loaded = Direction::AsIs === $direction ? $point : new Point(-$point->y, $point->x);

        return new Point(
            $loaded->x * cos($turn) + $loaded->y * sin($turn),
            -$loaded->x * sin($turn) + $loaded->y * cos($turn),
        );
    }

    /** @return array{Point, Point} */
    private function seamEnds(BackingSeam $seam, Backing $backing, UsableBacking $cloth): array
    {
        [$tl, $tr, $br, $bl] = $cloth->outline->corners();
        $at = $seam->at->toMillimetres();

        return SeamDirection::Across === $seam->direction
            ? [
                $this->between($tl, $bl, $at / $backing->left->toMillimetres()),
                $this->between($tr, $br, $at / $backing->right->toMillimetres()),
            ]
            : [
                $this->between($tl, $tr, $at / $backing->top->toMillimetres()),
                $this->between($bl, $br, $at / $backing->bottom->toMillimetres()),
            ];
    }

    private function between(Point $from, Point $to, float $share): Point
    {
        return new Point($from->x + $share * ($to->x - $from->x), $from->y + $share * ($to->y - $from->y));
    }
}
