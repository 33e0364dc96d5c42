<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Job\Working;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\BastingStitch;
use Schwung\Core\Practice\BattingHold;
use Schwung\Core\Practice\ChannelLock;
use Schwung\Core\Practice\ClampFirmness;
use Schwung\Core\Practice\ClampGrip;
use Schwung\Core\Practice\ClampTime;
use Schwung\Core\Practice\EdgeGuide;
use Schwung\Core\Practice\EdgeLine;
use Schwung\Core\Practice\EdgeRun;
use Schwung\Core\Practice\EndStop;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\FirstFixings;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\HangingEnd;
use Schwung\Core\Practice\LastEdge;
use Schwung\Core\Practice\LayerOrder;
use Schwung\Core\Practice\LineDirection;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\LoadingPlace;
use Schwung\Core\Practice\NeedleStop;
use Schwung\Core\Practice\People;
use Schwung\Core\Practice\PickTime;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\SecondEnd;
use Schwung\Core\Practice\SideBasting;
use Schwung\Core\Practice\Smoothing;
use Schwung\Core\Practice\ToAndFro;
use Schwung\Core\Practice\Tug;

/** Reads "load/habits" of a job: the schools by which it is loaded. What is left out stays as it was. */
final readonly class HabitsReader
{
    /** The schools in the order in which the work meets them. */
    public const WORDS = [
        'purpose' => Purpose::class,
        'place' => LoadingPlace::class,
        'first_fixings' => FirstFixings::class,
        'second_end' => SecondEnd::class,
        'edge' => EdgeLine::class,
        'stop' => EndStop::class,
        'to_and_fro' => ToAndFro::class,
        'layers' => LayerOrder::class,
        'batting' => BattingHold::class,
        'direction' => LineDirection::class,
        'lock' => ChannelLock::class,
        'far_edge' => FarEdge::class,
        'guide' => EdgeGuide::class,
        'stitch' => BastingStitch::class,
        'pick' => PickTime::class,
        'sides' => SideBasting::class,
        'alignment' => Alignment::class,
        'hanging_end' => HangingEnd::class,
        'side_clamps' => ClampTime::class,
        'clamps_grip' => ClampGrip::class,
        'clamps_firm' => ClampFirmness::class,
        'last_edge' => LastEdge::class,
        'people' => People::class,
        'smoothing' => Smoothing::class,
        'edges' => EdgeRun::class,
        'tug' => Tug::class,
        'needle' => NeedleStop::class,
    ];

    /** What may be said of a load beside the schools. */
    private const BESIDE = ['turn_at_middle', 'borders_last', 'centre_seam', 'hand'];

    public function read(Node $node, LoadingHabits $else): LoadingHabits
    {
        return $node->isMissing() ? $else : $this->from($this->members($node), $else);
    }

    /** Whether the quilt is turned at its middle, or its borders come last; null where neither is said. */
    public function working(Node $node): ?Working
    {
        if ($node->isMissing()) {
            return null;
        }
        $members = $this->members($node);
        $said = array_filter(
            ['turn_at_middle', 'borders_last'],
            static fn(string $key): bool => !$members[$key]->isMissing(),
        );
        $is = static fn(string $key): bool => \in_array($key, $said, true) && true === $members[$key]->flag();

        return [] === $said ? null : Working::of($is('turn_at_middle'), $is('borders_last'));
    }

    /** @return array<string, Node> */
    private function members(Node $node): array
    {
        return $node->members([...array_keys(self::WORDS), ...self::BESIDE]);
    }

    /** @param array<string, Node> $members by the keys of WORDS; what is not there stays as it was */
    public function from(array $members, LoadingHabits $else): LoadingHabits
    {
        return new LoadingHabits(
            purpose: $this->word($members['purpose'] ?? null, Purpose::class) ?? $else->purpose,
            order: $this->word($members['layers'] ?? null, LayerOrder::class) ?? $else->order,
            batting: $this->word($members['batting'] ?? null, BattingHold::class) ?? $else->batting,
            farEdge: $this->word($members['far_edge'] ?? null, FarEdge::class) ?? $else->farEdge,
            guide: $this->word($members['guide'] ?? null, EdgeGuide::class) ?? $else->guide,
            stitch: $this->word($members['stitch'] ?? null, BastingStitch::class) ?? $else->stitch,
            sides: $this->word($members['sides'] ?? null, SideBasting::class) ?? $else->sides,
            alignment: $this->word($members['alignment'] ?? null, Alignment::class) ?? $else->alignment,
            lastEdge: $this->word($members['last_edge'] ?? null, LastEdge::class) ?? $else->lastEdge,
            place: $this->word($members['place'] ?? null, LoadingPlace::class) ?? $else->place,
            toAndFro: $this->word($members['to_and_fro'] ?? null, ToAndFro::class) ?? $else->toAndFro,
            hangingEnd: $this->word($members['hanging_end'] ?? null, HangingEnd::class) ?? $else->hangingEnd,
            clampTime: $this->word($members['side_clamps'] ?? null, ClampTime::class) ?? $else->clampTime,
            clampGrip: $this->word($members['clamps_grip'] ?? null, ClampGrip::class) ?? $else->clampGrip,
            clampFirmness: $this->word($members['clamps_firm'] ?? null, ClampFirmness::class) ?? $else->clampFirmness,
            pick: $this->word($members['pick'] ?? null, PickTime::class) ?? $else->pick,
            firstFixings: $this->word($members['first_fixings'] ?? null, FirstFixings::class) ?? $else->firstFixings,
            secondEnd: $this->word($members['second_end'] ?? null, SecondEnd::class) ?? $else->secondEnd,
            edge: $this->word($members['edge'] ?? null, EdgeLine::class) ?? $else->edge,
            stop: $this->word($members['stop'] ?? null, EndStop::class) ?? $else->stop,
            direction: $this->word($members['direction'] ?? null, LineDirection::class) ?? $else->direction,
            lock: $this->word($members['lock'] ?? null, ChannelLock::class) ?? $else->lock,
            people: $this->word($members['people'] ?? null, People::class) ?? $else->people,
            smoothing: $this->word($members['smoothing'] ?? null, Smoothing::class) ?? $else->smoothing,
            edgeRun: $this->word($members['edges'] ?? null, EdgeRun::class) ?? $else->edgeRun,
            tug: $this->word($members['tug'] ?? null, Tug::class) ?? $else->tug,
            needle: $this->word($members['needle'] ?? null, NeedleStop::class) ?? $else->needle,
            hand: $this->word($members['hand'] ?? null, Hand::class) ?? $else->hand,
            centreSeam: isset($members['centre_seam']) && !$members['centre_seam']->isMissing()
                ? true === $members['centre_seam']->flag()
                : $else->centreSeam,
        );
    }

    /** @return array<string, string> the words in force, by the keys of WORDS */
    public static function words(LoadingHabits $habits): array
    {
        $words = $habits->words();

        return array_map(static fn(string $question): string => $words[$question], self::WORDS);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    private function word(?Node $node, string $enum): ?\BackedEnum
    {
        return $node?->given()?->word($enum);
    }
}
