<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Designs\DesignShelf;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Preparation\KeptWay;

/**
 * What follows from a change of a sheet: another design brings its height, and no choice about the passes turns the
 * quilt.
 */
final readonly class FollowingChoices
{
    /** Where the way round is chosen, or what is measured may still turn a quilt that nobody has asked to lie so. */
    private const MAY_TURN = [Stage::Measure, Stage::Backing, Stage::Direction];

    public function __construct(private DesignShelf $designs, private Preparations $preparations) {}

    public function follow(Sheet $before, Sheet $after, Quilt $quilt, string $stage): Sheet
    {
        $after = $this->withEdge($before, $this->withHeight($before, $after, $quilt));

        return \in_array(Stage::tryFrom($stage), self::MAY_TURN, true)
            ? $after
            : $this->notTurned($before, $after, $quilt);
    }

    /** An edge that is to lead settles the way round; leaving the way to the plan leaves the edge to it, too. */
    private function withEdge(Sheet $before, Sheet $after): Sheet
    {
        $edge = TopEdge::tryFrom($after->text('load/lead_edge'));
        $way = $after->text('load/direction');

        return match (true) {
            null === $edge => $after,
            $edge->value !== $before->text('load/lead_edge') => $after->with(
                'load/direction',
                $edge->direction()->value,
            ),
            $way !== $before->text('load/direction') && 'auto' === $way => $after->with('load/lead_edge', ''),
            default => $after,
        };
    }

    /** When another row design is chosen, the rows take its height, unless a height was entered along with it. */
    private function withHeight(Sheet $before, Sheet $after, Quilt $quilt): Sheet
    {
        $word = $after->text('desk/design');
        if (
            '' === $word ||
            $word === $before->text('desk/design') ||
            $after->text('quilting/row_height') !== $before->text('quilting/row_height')
        ) {
            return $after;
        }
        $path = $this->designs->find($quilt->studio, $word);

        return null === $path
            ? $after
            : $after->with('quilting/row_height', \sprintf('%.3F mm', $path->height()->toMillimetres()));
    }

    private function notTurned(Sheet $before, Sheet $after, Quilt $quilt): Sheet
    {
        $of = fn(Sheet $sheet) => $this->preparations->of($quilt, UnitSystem::Inches, $sheet);
        $way = $before->equals($after) ? null : (new KeptWay())->toKeep($of($before), $of($after));

        return null === $way ? $after : $after->with('load/direction', $way->value);
    }
}
