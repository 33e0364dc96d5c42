<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\EdgeLine;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\People;
use Schwung\Core\Tension\Circumstances;
use Schwung\Core\Tension\ClothFacts;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;
use Schwung\Core\Tension\FrameFacts;
use Schwung\Core\Tension\HoldFacts;
use Schwung\Core\Tension\SeamLie;
use Schwung\Core\Tension\SeenFacts;
use Schwung\Core\Tension\TopFacts;
use Schwung\Core\Tension\WhichPass;

/** Reads the member "context" of a tension case; every key of it may be missing. */
final readonly class CircumstancesReader
{
    private const KEYS = [
        'backing_kind',
        'stretch',
        'seam',
        'float',
        'lead_method',
        'pin_spacing',
        'always_centred',
        'loads_since_leader_check',
        'evened',
        'aligned_by',
        'batting_rest_hours',
        'side_clamps',
        'pass',
        'fullness_percent',
        'backing_squared',
        'frame_kind',
        'motorised',
        'firmness',
        'side',
        'same_side_before',
        'centre_dips_before',
        'centres_marked',
        'side_alternates',
        'sides_basted',
        'basting_inset',
        'batting_basted_all_over',
        'prebasted',
        'all_layers_attached',
        'quilt_size',
        'batting_kind',
        'depth_is_small',
        'end_held',
        'leader_check',
        'leaders_tilt_alike',
        'edge_school',
        'thrown_over_bar',
        'rail',
        'people',
        'seam_on_centre',
    ];
    private const MOST = 1000;

    public function read(Node $node): Circumstances
    {
        if ($node->isMissing()) {
            return new Circumstances();
        }
        $known = array_filter($node->members(self::KEYS), static fn(Node $member): bool => !$member->isMissing());
        $flag = static fn(string $key): ?bool => isset($known[$key]) ? $known[$key]->flag() : null;
        $number = static fn(string $key): ?float => isset($known[$key]) ? $known[$key]->number(self::MOST) : null;
        if (isset($known['side'])) {
            $known['side']->oneOf(['left', 'right']);
        }

        return new Circumstances(
            new ClothFacts(
                backingKind: $this->word($known['backing_kind'] ?? null, BackingKind::class),
                battingKind: $this->word($known['batting_kind'] ?? null, BattingKind::class),
                battingRestHours: $number('batting_rest_hours'),
                stretch: $this->word($known['stretch'] ?? null, Stretch::class),
                seam: $this->word($known['seam'] ?? null, SeamLie::class),
                backingSquared: $flag('backing_squared'),
                fullnessPercent: $number('fullness_percent'),
                quiltSize: isset($known['quilt_size']) ? $this->size($known['quilt_size']) : null,
                seamOnCentre: $flag('seam_on_centre'),
            ),
            new HoldFacts(
                leadMethod: $this->word($known['lead_method'] ?? null, HoldingSystem::class),
                pinSpacing: isset($known['pin_spacing']) ? $known['pin_spacing']->size() : null,
                alwaysCentred: $flag('always_centred'),
                loadsSinceLeaderCheck: $this->whole($number('loads_since_leader_check')),
                centresMarked: $flag('centres_marked'),
                evened: $flag('evened'),
                sideClamps: $this->word($known['side_clamps'] ?? null, ClampWidth::class),
                leaderCheck: $this->word($known['leader_check'] ?? null, LeaderVerdict::class),
                leadersTiltAlike: $flag('leaders_tilt_alike'),
                edgeSchool: $this->word($known['edge_school'] ?? null, EdgeLine::class),
                thrownOverBar: $flag('thrown_over_bar'),
                people: $this->word($known['people'] ?? null, People::class),
            ),
            new TopFacts(
                float: $this->word($known['float'] ?? null, FloatKind::class),
                alignedBy: $this->word($known['aligned_by'] ?? null, Alignment::class),
                sidesBasted: $flag('sides_basted'),
                bastingInset: isset($known['basting_inset']) ? $known['basting_inset']->allowance() : null,
                endHeld: $flag('end_held'),
                battingBastedAllOver: $flag('batting_basted_all_over'),
                prebasted: $flag('prebasted'),
                allLayersAttached: $flag('all_layers_attached'),
            ),
            new FrameFacts(
                $this->word($known['frame_kind'] ?? null, FrameKind::class),
                $flag('motorised'),
                $flag('depth_is_small'),
                isset($known['rail']) ? $known['rail']->size() : null,
            ),
            new SeenFacts(
                $this->word($known['pass'] ?? null, WhichPass::class),
                isset($known['firmness']) ? $this->firmness($known['firmness']) : null,
                $this->whole($number('same_side_before')),
                $this->whole($number('centre_dips_before')),
                $flag('side_alternates'),
            ),
        );
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
        return $node?->word($enum);
    }

    private function whole(?float $number): ?int
    {
        return null === $number ? null : (int) round($number);
    }

    private function firmness(Node $node): ?FirmnessReading
    {
        $members = $node->members(['backing', 'top']);
        [$backing, $top] = [$this->layer($members['backing']), $this->layer($members['top'])];

        return null === $backing || null === $top ? null : new FirmnessReading($backing, $top);
    }

    /** @return array{Firmness, Firmness, Firmness}|null */
    private function layer(Node $node): ?array
    {
        $steps = array_values(
            array_filter(
                array_map(
                    static fn(Node $item): ?Firmness => \is_int($item->value) ? Firmness::tryFrom($item->value) : null,
                    $node->items(),
                ),
            ),
        );
        if (3 !== \count($steps)) {
            $node->fault('three steps of firmness from 1 to 5, at left, centre and right');

            return null;
        }

        return [$steps[0], $steps[1], $steps[2]];
    }

    /** @return list<Length>|null */
    private function size(Node $node): ?array
    {
        $lengths = array_values(
            array_filter(array_map(static fn(Node $item): ?Length => $item->size(), $node->items())),
        );
        if (2 !== \count($lengths)) {
            $node->fault('two lengths, across and along');

            return null;
        }

        return $lengths;
    }
}
