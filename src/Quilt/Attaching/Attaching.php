<?php

declare(strict_types=1);

namespace App\Quilt\Attaching;

use App\Leaders\FrameLeaders;
use App\Leaders\StudioLeaderRepository;
use App\Quilt\Quilt;
use App\Quilt\Sheet;
use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\AttachmentRule;
use Schwung\Core\Attachment\DriftMarkers;
use Schwung\Core\Attachment\FloatRule;
use Schwung\Core\Attachment\LoadedEdges;
use Schwung\Core\Attachment\SharedStock;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Leader\LoadPosition;
use Schwung\Core\Leader\LoadPositionRule;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\Practice;

/** Works out how a quilt is held on its frame: by whom, from which stock, and where on a leader that has been used. */
final readonly class Attaching
{
    /** How far to either side of the centre the school "in turn" goes. */
    private const ASIDE_INCHES = 12;

    public function __construct(private StudioLeaderRepository $leaders)
    {
    }

    public function view(Quilt $quilt, Plan $plan, Sheet $sheet, UnitSystem $units, Hand $hand): AttachView
    {
        $frame = $quilt->frame();
        $leaders = null === $frame ? null : $this->leaders->ofFrame($frame);
        $positions = null === $leaders ? [] : $this->positions($plan, $leaders);
        $practice = $quilt->studio->practice();
        $floats = new FloatRule($practice);
        $position = $this->position($sheet, $positions);
        $loaded = new LoadedEdges($plan->job, $plan->top, $plan->chosenPlan(), $position, $hand);
        $markers = (new DriftMarkers())->places($plan->job->top, $plan->chosen(), $position);
        $edges = $this->edges($plan, $sheet, $loaded, $position, $markers, $units, $leaders);

        return new AttachView(
            $edges,
            $positions,
            $position,
            $markers,
            $floats->options($plan->job, $plan->chosenPlan()),
            $floats->holdingTheEnd($plan->job, $plan->chosenPlan(), true === $frame?->hasSteelBars()),
            $this->costs($practice, $frame?->stock() ?? new Stock(), $plan, $loaded),
            $this->fetch($plan, $edges),
        );
    }

    /** @return list<LoadPosition> */
    private function positions(Plan $plan, FrameLeaders $leaders): array
    {
        $leader = $leaders->at(End::Lead);
        $width = $plan->job->frame->leaderWidth;
        if (null === $leader || null === $width) {
            return [];
        }
        $edge = (new LoadedEdges($plan->job, $plan->top, $plan->chosenPlan(), Length::zero()))->backing(End::Lead)->length();

        return (new LoadPositionRule(Length::inches(self::ASIDE_INCHES)))->positions($leader->pastLoads(), $edge, Length::shortest($width, $plan->job->frame->usableAcross()));
    }

    /** @return list<HoldCost> */
    private function costs(Practice $practice, Stock $stock, Plan $plan, LoadedEdges $loaded): array
    {
        return array_map(static function (HoldingSystem $system) use ($practice, $stock, $plan, $loaded): HoldCost {
            $attachment = (new AttachmentRule())->plan($system, new HoldHabit($plan->job->load->leadHabit->school, $stock->of($system)), $loaded->backing(End::Lead));

            return new HoldCost($system, $practice->grip($system, End::Lead)->total(), $practice->grip($system, End::Tail)->total(), null === $attachment?->missing ? $attachment?->minutes() : null);
        }, HoldingSystem::cases());
    }

    /** @param list<LoadPosition> $positions */
    private function position(Sheet $sheet, array $positions): Length
    {
        $wish = $sheet->text('desk/position');
        if ('centre' === $wish || [] === $positions) {
            return Length::zero();
        }
        foreach ($positions as $position) {
            if ($wish === ($position->at->isNegative() ? 'left' : ($position->at->isPositive() ? 'right' : 'centre'))) {
                return $position->at;
            }
        }

        return 'in-turn' === $wish ? $positions[0]->at : Length::zero();
    }

    /**
     * @param list<Length> $markers
     *
     * @return list<HeldEdge>
     */
    private function edges(Plan $plan, Sheet $sheet, LoadedEdges $loaded, Length $position, array $markers, UnitSystem $units, ?FrameLeaders $leaders): array
    {
        $rule = new AttachmentRule();
        $load = $plan->job->load;
        $lead = $rule->plan($load->lead, $load->leadHabit, $loaded->backing(End::Lead));
        [$tail, $borrow] = $this->tail($plan, $lead, $loaded);
        $strip = static fn (?Attachment $attachment, string $name): HeldEdge => new HeldEdge(
            $name,
            $attachment,
            null === $attachment || [] === $attachment->pieces ? null : (new RailStrip($units))->draw($attachment, $plan->job->frame->leaderWidth, $position, 'top' === $name ? $markers : [], "The $name rail from the front: {$attachment->count()} pieces, numbered as they are placed."),
            'tail' === $name ? $borrow : [],
            HoldingSystem::DowelClamps === $attachment?->system && false === ('tail' === $name ? $leaders?->at(End::Tail) : $leaders?->at(End::Lead))?->hasCasing(),
        );
        $edges = [$strip($lead, 'lead'), $strip($tail, 'tail')];
        if ($loaded->holdsTop(End::Tail)) {
            $method = HoldingSystem::tryFrom($sheet->text('desk/top_method')) ?? HoldingSystem::Pins;
            $edges[] = $strip($rule->plan($method, new HoldHabit($load->tailHabit->school), $loaded->top(End::Tail)), 'top');
        }

        return $edges;
    }

    /**
     * The tail takes what the lead has left, where both are held from one stock.
     *
     * @return array{Attachment|null, list<Length>} and what the lead would have to lend
     */
    private function tail(Plan $plan, ?Attachment $lead, LoadedEdges $loaded): array
    {
        $load = $plan->job->load;
        $habit = $load->tailHabit;
        $isShared = null !== $lead && $load->lead === $load->tail && [] !== $habit->stock;
        $stock = $isShared ? (new SharedStock())->after($habit->stock, $lead) : $habit->stock;
        $tail = (new AttachmentRule())->plan($load->tail, new HoldHabit($habit->school, $stock), $loaded->backing(End::Tail));
        $borrow = $isShared && null !== $tail?->missing && HoldingSystem::ChannelClips === $load->tail
            ? (new SharedStock())->toBorrow($habit->stock, $lead, $loaded->backing(End::Tail))
            : [];

        return [$tail, $borrow];
    }

    /**
     * @param list<HeldEdge> $edges
     *
     * @return array{front: list<Phrase>, back: list<Phrase>}
     */
    private function fetch(Plan $plan, array $edges): array
    {
        $fetch = ['front' => [Phrase::of('The backing, right side down, its centres marked at both ends.')], 'back' => []];
        foreach ($edges as $edge) {
            if (null !== $edge->attachment && [] !== $edge->attachment->pieces) {
                $fetch['lead' === $edge->name ? 'back' : 'front'][] = $this->pieces($edge->attachment, $edge->name);
            }
        }
        if (null !== $plan->batting) {
            $fetch['front'][] = Phrase::of('The batting, %s × %s, out of its bag.', Figure::measured($plan->batting->trimTo ?? $plan->batting->layAcross), Figure::measured($plan->batting->layAlong));
        }
        $fetch['front'][] = Phrase::of('The top, its centres marked; thread and bobbins for basting.');
        $fetch['front'][] = Phrase::of('Side clamps, two for each side, the widest there are.');

        return $fetch;
    }

    private function pieces(Attachment $attachment, string $edge): Phrase
    {
        $name = HoldingSystem::Zip === $attachment->system ? 'zip' : str_replace('-', ' ', $attachment->system->value);
        if (HoldingSystem::ChannelClips !== $attachment->system) {
            return Phrase::of("{$attachment->count()} $name for the $edge.");
        }
        $lengths = $attachment->countByLength();

        return Phrase::of('Clips for the '.$edge.': '.implode(', ', array_map(static fn (int $count): string => "$count × %s", $lengths)).'.', ...array_map(static fn (int $length): Figure => Figure::measured(Length::ofNanometres($length)), array_keys($lengths)));
    }
}
