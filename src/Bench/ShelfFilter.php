<?php

declare(strict_types=1);

namespace App\Bench;

use Symfony\Component\HttpFoundation\Request;

/** How the list of the bench is looked through: searched, filtered, sorted. Words it does not know mean everything. */
final readonly class ShelfFilter
{
    public const STATES = [
        'frame' => 'on a frame',
        'fine' => 'will load',
        'decide' => 'to decide',
        'stuck' => 'not yet',
        'open' => 'to measure',
    ];
    public const TROUBLES = [
        'late' => 'late',
        'promised' => 'something promised',
        'parked' => 'parked',
        'undated' => 'no due day',
    ];
    public const SORTS = [
        'due' => 'due day',
        'title' => 'title',
        'client' => 'client',
        'frame' => 'frame',
        'state' => 'state',
    ];

    private function __construct(
        public string $search,
        public string $state,
        public string $frame,
        public string $client,
        public string $trouble,
        public string $sort,
    ) {}

    public static function from(Request $request): self
    {
        $text = static fn(string $name): string => mb_substr(
            trim(mb_scrub($request->query->getString($name), 'UTF-8')),
            0,
            120,
        );
        $known = static fn(string $name, array $words, string $else): string => isset($words[$text($name)])
            ? $text($name)
            : $else;

        return new self(
            mb_substr($text('q'), 0, 80),
            $known('state', self::STATES, ''),
            $text('frame'),
            $text('client'),
            $known('trouble', self::TROUBLES, ''),
            $known('sort', self::SORTS, 'due'),
        );
    }

    /** @return array<string, string> what an address says of it */
    public function query(): array
    {
        return array_filter([
            'q' => $this->search,
            'state' => $this->state,
            'frame' => $this->frame,
            'client' => $this->client,
            'trouble' => $this->trouble,
            'sort' => 'due' === $this->sort ? '' : $this->sort,
        ]);
    }

    public function isNarrow(): bool
    {
        return [] !== array_diff_key($this->query(), ['sort' => true]);
    }
}
