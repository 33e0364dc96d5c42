<?php

declare(strict_types=1);

namespace App\Bench\Drawing;

/** The whole bench as it is drawn; pixels. The drawing and its script go by the same figures. */
final readonly class RailDrawing
{
    /**
     * @param list<array{id: string, name: string, y: float, height: float, after: float, blocks: list<array{id: string, title: string, x: float, width: float}>}> $lanes one for each frame
     * @param list<array<string, mixed>> $shelf what waits, by due day
     * @param list<array{x: float, width: float, name: string, isOff: bool, isToday: bool, from: int, to: int}> $days
     * @param float                      $below where the names of the days end
     * @param float                      $beside where words beside a rail begin
     *
     * Made with named arguments
     */
    public function __construct(
        public array $lanes,
        public array $shelf,
        public array $days,
        public float $railWidth,
        public float $width,
        public float $height,
        public float $shelfWidth,
        public float $shelfHeight,
        public float $below,
        public float $beside,
        public float $perMillimetre,
    ) {}

    /** @return array<string, mixed> what the script needs to know where a quilt may be put */
    public function places(): array
    {
        return [
            'perMillimetre' => $this->perMillimetre,
            'lanes' => array_map(
                static fn(array $lane): array => [
                    'id' => $lane['id'],
                    'name' => $lane['name'],
                    'y' => $lane['y'],
                    'height' => $lane['height'],
                    'after' => $lane['after'],
                    'quilts' => array_map(
                        static fn(array $block): array => [
                            'id' => $block['id'],
                            'title' => $block['title'],
                            'x' => $block['x'],
                            'width' => $block['width'],
                        ],
                        $lane['blocks'],
                    ),
                ],
                $this->lanes,
            ),
        ];
    }
}
