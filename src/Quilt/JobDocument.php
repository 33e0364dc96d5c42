<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;

/** A quilt's sheet and its frame as a job document. */
final readonly class JobDocument
{
    public function __construct(private string $title, private Sheet $sheet, private ?Frame $frame, private UnitSystem $units, private Stock $stock = new Stock())
    {
    }

    /** @return array<string, mixed> what was left empty is left out */
    public function toArray(): array
    {
        $members = $this->sheet->toArray();
        $load = \is_array($members['load']) ? $members['load'] : [];
        if ('custom' === $this->sheet->text('load/margins')) {
            $load['margins'] = $this->sheet->get('load/custom');
        }
        unset($load['custom']);
        foreach (['lead', 'tail'] as $end) {
            $load[$end] = $this->holding($end);
        }

        return array_filter([
            'format' => 'schwung/job',
            'version' => 1,
            'units' => $this->units->value,
            'title' => $this->title,
            'top' => $this->without($members['top'], ['diagonals']),
            'backing' => $this->without($members['backing'], ['diagonal', 'bolt']),
            'batting' => $this->hasBatting() ? $this->without($members['batting'], ['loft', 'opened']) : null,
            'frame' => null === $this->frame ? null : $this->frame($this->frame),
            'load' => $this->without($load, ['planned']),
            'quilting' => $this->quilting(),
        ], static fn (mixed $member): bool => null !== $member);
    }

    /** The same, as a JSON reader would give it. */
    public function decoded(): mixed
    {
        return json_decode(json_encode($this->toArray(), \JSON_THROW_ON_ERROR), false, flags: \JSON_THROW_ON_ERROR);
    }

    private function hasBatting(): bool
    {
        return '' !== $this->sheet->text('batting/width').$this->sheet->text('batting/length');
    }

    /** @return array<string, mixed> with the frame's pieces, where they are counted */
    private function holding(string $end): array
    {
        $method = $this->sheet->text("load/$end/method");
        $system = HoldingSystem::tryFrom($method);
        $own = $this->sheet->get("load/$end/stock");
        $stock = \is_array($own) && [] !== $own ? $own : (null === $system ? [] : array_map(static fn (StockPiece $piece): array => ['length' => $piece->length->exactText(), 'count' => $piece->count], $this->stock->of($system)));

        return ['method' => $method, 'school' => $this->sheet->text("load/$end/school"), ...([] === $stock ? [] : ['stock' => $stock])];
    }

    /** @return array<mixed>|null null while neither rows nor blocks are chosen */
    private function quilting(): ?array
    {
        $members = $this->sheet->get('quilting');

        return match (true) {
            !\is_array($members) || '' === $this->sheet->text('quilting/style') => null,
            'blocks' === $this->sheet->text('quilting/style') => ['style' => 'blocks', 'directional' => $members['directional']],
            default => $members,
        };
    }

    /**
     * @param list<string> $optional
     *
     * @return array<mixed>
     */
    private function without(mixed $members, array $optional): array
    {
        return array_filter(
            \is_array($members) ? $members : [],
            static fn (mixed $value, int|string $key): bool => [] !== $value && !(\in_array($key, $optional, true) && \in_array($value, ['', ['', '']], true)),
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array<string, mixed> */
    private function frame(Frame $frame): array
    {
        $text = static fn (?Length $length): ?string => $length?->exactText();

        return array_filter([
            'kind' => $frame->kind->value,
            'rail' => $text($frame->rail),
            'unreachable_left' => $text($frame->unreachableLeft),
            'unreachable_right' => $text($frame->unreachableRight),
            'throat' => $text($frame->throat),
            'front_allowance' => $text($frame->frontAllowance),
            'back_allowance' => $text($frame->backAllowance),
            'arm_clearance' => $text($frame->armClearance),
            'takeup_diameter' => $text($frame->takeupDiameter),
            'leader_length' => $text($frame->leaderLength),
            'leader_width' => $text($frame->leaderWidth),
            'ratchet_teeth' => $frame->ratchetTeeth,
            'bed_span' => $text($frame->bedSpan),
            'methods' => array_map(static fn (HoldingSystem $system): string => $system->value, $frame->methods),
        ], static fn (mixed $member): bool => null !== $member && [] !== $member);
    }
}
