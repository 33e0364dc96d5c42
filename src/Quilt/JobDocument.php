<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Exchange\FrameWriter;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\Entries;
use Schwung\Core\Job\Entry;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Measure\UnitSystem;

/** A quilt's sheet and its frame as a job document. */
final readonly class JobDocument
{
    public function __construct(
        private string $title,
        private Sheet $sheet,
        private ?Frame $frame,
        private UnitSystem $units,
    ) {}

    /** @return array<string, mixed> what was left empty is left out */
    public function toArray(): array
    {
        $members = ['format' => 'schwung/job', 'version' => 1, 'units' => $this->units->value, 'title' => $this->title];
        foreach (Entries::all() as $entry) {
            if ($this->isWritten($entry)) {
                $members = Members::with($members, explode('/', $entry->path), $this->sheet->get($entry->path));
            }
        }
        if (null !== $this->frame) {
            $members['frame'] = (new FrameWriter())->document($this->frame);
        }

        return $this->withStocks($this->withMargins($this->withDiagonals($members)));
    }

    private function isWritten(Entry $entry): bool
    {
        $value = $this->sheet->get($entry->path);
        $isEmpty = \in_array($value, ['', []], true);
        [$part, $member] = explode('/', $entry->path);

        return match (true) {
            $isEmpty && $entry->mayBeLeft => false,
            'batting' === $part => '' !== $this->sheet->text('batting/width') . $this->sheet->text('batting/length'),
            'quilting' === $part => match ($this->sheet->text('quilting/style')) {
                '' => false,
                'blocks' => \in_array($member, ['style', 'directional'], true),
                default => true,
            },
            str_ends_with($entry->path, '/school') => $this->hasSchool(\dirname($entry->path)) &&
                ('load/top/school' !== $entry->path || $value !== $entry->usual),
            // Kept for the way round in which it can lead, and silent in the other.
            'load/lead_edge' === $entry->path => \in_array(
                $this->sheet->text('load/direction'),
                ['auto', TopEdge::tryFrom($this->sheet->text($entry->path))?->direction()->value],
                true,
            ),
            'load' === $part && 'custom' === $member => 'custom' === $this->sheet->text('load/margins'),
            // What is as usual goes without saying.
            'desk' === $part, 'load' === $part && 'top' === $member => $value !== $entry->usual,
            default => true,
        };
    }

    /** Systems with spacings of their own are not asked for a school; one that was chosen before counts no more. */
    private function hasSchool(string $edge): bool
    {
        return true === HoldingSystem::tryFrom($this->sheet->text($edge . '/method'))?->hasPinSchool();
    }

    /**
     * Both diagonals, or none: one alone is told as a fault by the reader.
     *
     * @param array<string, mixed> $members
     *
     * @return array<string, mixed>
     */
    private function withDiagonals(array $members): array
    {
        $diagonals = [$this->sheet->text('top/diagonals/0'), $this->sheet->text('top/diagonals/1')];
        $top = \is_array($members['top'] ?? null) ? $members['top'] : [];
        unset($top['diagonals']);

        return [...$members, 'top' => ['', ''] === $diagonals ? $top : [...$top, 'diagonals' => $diagonals]];
    }

    /**
     * Margins set by hand stand in the place of the school.
     *
     * @param array<string, mixed> $members
     *
     * @return array<string, mixed>
     */
    private function withMargins(array $members): array
    {
        $load = \is_array($members['load'] ?? null) ? $members['load'] : [];
        if (isset($load['custom'])) {
            $load['margins'] = $load['custom'];
            unset($load['custom']);
        }

        return [...$members, 'load' => $load];
    }

    /**
     * Pieces that an imported job named for one end are that end's alone.
     *
     * @param array<string, mixed> $members
     *
     * @return array<string, mixed>
     */
    private function withStocks(array $members): array
    {
        foreach (['lead', 'tail', 'top'] as $edge) {
            $stock = $this->sheet->get("load/$edge/stock");
            if (\is_array($stock) && [] !== $stock) {
                $members = Members::with($members, ['load', $edge, 'stock'], $stock);
            }
        }

        return $members;
    }
}
