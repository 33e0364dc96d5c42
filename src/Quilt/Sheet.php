<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Job\Working;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\BastingStitch;
use Schwung\Core\Practice\BattingHold;
use Schwung\Core\Practice\EdgeGuide;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\LastEdge;
use Schwung\Core\Practice\LayerOrder;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\SideBasting;

/**
 * What has been entered for a quilt, word for word, in the shape of a job document.
 *
 * Readable lengths carry their unit; what cannot be read is kept as it was typed, so that nothing is lost. Members
 * are addressed by their path, "top/widths/middle". A member of its own, "desk", holds what is no part of a job: the
 * mend that was kept, its layout, a roll and pieces of batting, the row design, and whether the quilt is turned round
 * in the middle or its borders are left to the end, where on the leader it hangs, what holds the top itself, and by which
 * ways it is loaded.
 */
final readonly class Sheet
{
    /** The ways of loading, with the usual one of each; their words are those of LoadingHabits. */
    private const WAYS = [
        'purpose' => 'quilting', 'order' => 'backing-first', 'batting_hold' => 'line', 'far_edge' => 'below', 'guide' => 'lock',
        'basting_stitch' => 'long', 'sides' => 'from-front', 'alignment' => 'seam', 'last_edge' => 'pinned',
    ];
    private const BLANK = [
        'top' => [
            'widths' => ['top' => '', 'middle' => '', 'bottom' => ''],
            'lengths' => ['left' => '', 'middle' => '', 'right' => ''],
            'diagonals' => ['', ''],
            'edge' => 'straight', 'directional' => false, 'seams_across' => [], 'seams_along' => [],
        ],
        'backing' => [
            'sides' => ['top' => '', 'right' => '', 'bottom' => '', 'left' => ''],
            'diagonal' => '', 'kind' => 'cotton', 'stretch' => 'none', 'seams' => [], 'directional' => false, 'bolt' => '42 in',
        ],
        'batting' => ['width' => '', 'length' => '', 'kind' => 'cotton', 'loft' => '', 'opened' => ''],
        'load' => [
            'direction' => 'auto', 'margins' => 'four', 'custom' => ['lead' => '4 in', 'tail' => '4 in', 'left' => '4 in', 'right' => '4 in'],
            'float' => 'full', 'lead' => ['method' => 'pins', 'school' => 'hand'], 'tail' => ['method' => 'pins', 'school' => 'hand'], 'planned' => '',
        ],
        'quilting' => ['style' => '', 'row_height' => '', 'gap' => '1/2 in', 'overhang' => '1/2 in', 'finish' => 'fit-scale', 'directional' => false],
        'desk' => ['mend' => 'none', 'strips' => 'both', 'repeat' => '', 'roll' => '', 'pieces' => '', 'design' => '', 'turn_round' => false, 'borders_last' => false, 'position' => 'centre', 'top_method' => 'pins', ...self::WAYS],
    ];

    /** @param array<string, mixed> $members */
    private function __construct(private array $members)
    {
    }

    public static function blank(): self
    {
        return new self(self::BLANK);
    }

    /** @param array<string, mixed> $members as toArray() gave them, by this or an earlier version */
    public static function fromArray(array $members): self
    {
        /** @var array<string, mixed> $whole the keys of both are words */
        $whole = array_replace_recursive(self::BLANK, $members);

        return new self($whole);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->members;
    }

    public function get(string $path): mixed
    {
        $value = $this->members;
        foreach (explode('/', $path) as $key) {
            $value = \is_array($value) ? ($value[$key] ?? null) : null;
        }

        return $value;
    }

    public function text(string $path): string
    {
        $value = $this->get($path);

        return \is_string($value) ? $value : '';
    }

    /** How the passes are worked; turning round comes before leaving the borders to the end. */
    public function working(): Working
    {
        return match (true) {
            true === $this->get('desk/turn_round') => Working::TurnedRound,
            true === $this->get('desk/borders_last') => Working::BordersLast,
            default => Working::Plain,
        };
    }

    /** By which schools it is loaded; a word that is not known is the usual one. */
    public function habits(): LoadingHabits
    {
        $word = fn (string $way): string => $this->text('desk/'.$way);

        return new LoadingHabits(
            Purpose::tryFrom($word('purpose')) ?? Purpose::Quilting,
            LayerOrder::tryFrom($word('order')) ?? LayerOrder::BackingFirst,
            BattingHold::tryFrom($word('batting_hold')) ?? BattingHold::Line,
            FarEdge::tryFrom($word('far_edge')) ?? FarEdge::Below,
            EdgeGuide::tryFrom($word('guide')) ?? EdgeGuide::Lock,
            BastingStitch::tryFrom($word('basting_stitch')) ?? BastingStitch::Long,
            SideBasting::tryFrom($word('sides')) ?? SideBasting::FromFront,
            Alignment::tryFrom($word('alignment')) ?? Alignment::Seam,
            LastEdge::tryFrom($word('last_edge')) ?? LastEdge::Pinned,
        );
    }

    /** @return array<string, string> the ways of loading by path, without what this quilt is on the frame for */
    public function ways(): array
    {
        $ways = [];
        foreach (array_keys(array_diff_key(self::WAYS, ['purpose' => 1])) as $way) {
            $ways['desk/'.$way] = $this->text('desk/'.$way);
        }

        return $ways;
    }

    public function with(string $path, mixed $value): self
    {
        /** @var array<string, mixed> $members */
        $members = self::replaced($this->members, explode('/', $path), $value);

        return new self($members);
    }

    /** @param array<string, string> $words by path */
    public function withAll(array $words): self
    {
        $sheet = $this;
        foreach ($words as $path => $word) {
            $sheet = $sheet->with($path, $word);
        }

        return $sheet;
    }

    /**
     * @param array<mixed>           $members
     * @param non-empty-list<string> $keys
     *
     * @return array<mixed>
     */
    private static function replaced(array $members, array $keys, mixed $value): array
    {
        $key = array_shift($keys);
        $inner = $members[$key] ?? [];
        $members[$key] = [] === $keys ? $value : self::replaced(\is_array($inner) ? $inner : [], $keys, $value);

        return $members;
    }

    public function equals(self $that): bool
    {
        return $this->members === $that->members;
    }
}
