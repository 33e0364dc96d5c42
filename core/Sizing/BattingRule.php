<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Job\Load;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Practice;

/**
 * Rule 6: how much batting a loaded top needs, whether this piece covers, and when it has rested.
 *
 * An everyday rule of the trade: a little over at the sides, below the attachment line at the ends, and never wider
 * than the backing, because loose batting can be drawn into the carriage.
 */
final readonly class BattingRule
{
    public function __construct(private Practice $practice) {}

    public function check(
        Batting $batting,
        Top $top,
        Load $load,
        Direction $direction,
        BackingCheck $backing,
    ): BattingCheck {
        $across = $this->requiredAcross($top, $direction);
        $along = $this->requiredAlong($top, $load, $direction, $backing);
        $limit =
            BackingState::Short === $backing->state()
                ? $backing->required->across->length()
                : $backing->squaredUp->across;
        [$asCut, $turned] = [[$batting->width, $batting->length], [$batting->length, $batting->width]];
        $lays = Direction::AsIs === $direction ? [$asCut, $turned] : [$turned, $asCut];
        [$state, $lay] = $this->lay($lays, $across->length(), $along->length(), $limit);

        return new BattingCheck(
            requiredAcross: $across,
            requiredAlong: $along,
            limit: $limit,
            state: $state,
            layAcross: $lays[$lay][0],
            layAlong: $lays[$lay][1],
            liesTheOtherWay: 1 === $lay,
            trimTo: BattingState::Trim === $state ? $this->trimTo($limit, $across->length()) : null,
            readyFrom: $batting->opened?->add(new \DateInterval("PT{$this->practice->battingRestHours}H")),
            readyBest: $batting->opened?->add(new \DateInterval("PT{$this->practice->battingBestRestHours}H")),
        );
    }

    public function requiredAcross(Top $top, Direction $direction): Worked
    {
        $across = Direction::AsIs === $direction ? $top->width() : $top->length();
        $over = $this->practice->battingOverhang;

        return new Worked(Figure::needed($across->plus($over->times(2))), 'Top and a little over at both sides.', [
            new Term('top', Figure::needed($across), 'measured, the largest'),
            new Term('over at each side', Figure::needed($over), 'studio'),
        ]);
    }

    public function requiredAlong(Top $top, Load $load, Direction $direction, BackingCheck $backing): Worked
    {
        $along = Direction::AsIs === $direction ? $top->length() : $top->width();
        $terms = [new Term('top', Figure::needed($along), 'measured, the largest')];
        foreach (End::cases() as $end) {
            $over = $this->overAt($end, $load, $backing);
            $terms[] = new Term("over at the {$end->value}", Figure::needed($over), 'stays below the attachment line');
            $along = $along->plus($over);
        }

        return new Worked(
            Figure::needed($along),
            'Top and at each end the usual overhang, or less where the attachment begins sooner.',
            $terms,
        );
    }

    /**
     * How far it lies beyond an end of the top: of a margin no larger than what is laid; a backing that is short will
     * be mended to what is asked for.
     */
    public function overAt(End $end, Load $load, BackingCheck $backing): Length
    {
        $asked = $backing->required->margins->at($end);
        $margin =
            BackingState::Short === $backing->state() ? $asked : Length::shortest($asked, $backing->laid->at($end));
        $used = $this->practice
            ->grip($load->holdingAt($end), $end)
            ->usedUp->plus($this->practice->at(Distance::BattingBelowHold));
        $room = $margin->minus($used);

        return Length::longest(Length::zero(), Length::shortest($this->practice->battingOverhang, $room));
    }

    /**
     * The first lay that fits, else the first that covers.
     *
     * @param array{array{Length, Length}, array{Length, Length}} $lays
     *
     * @return array{BattingState, 0|1}
     */
    private function lay(array $lays, Length $across, Length $along, Length $limit): array
    {
        $covers = static fn(int $lay): bool => !$lays[$lay][0]->isShorterThan($across) &&
            !$lays[$lay][1]->isShorterThan($along);
        foreach ([0, 1] as $lay) {
            if ($covers($lay) && !$lays[$lay][0]->isLongerThan($limit)) {
                return [BattingState::Fits, $lay];
            }
        }
        foreach ([0, 1] as $lay) {
            if ($covers($lay)) {
                return [BattingState::Trim, $lay];
            }
        }

        return [BattingState::Short, 0];
    }

    private function trimTo(Length $limit, Length $needed): Length
    {
        return Length::shortest(
            $limit,
            Length::longest($limit->minus($this->practice->at(Distance::BattingClearance)), $needed),
        );
    }
}
