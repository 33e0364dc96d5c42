<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Section;

/**
 * The pins that hold the layers of a sandwich together along an end, shared out alike: how many of them lie within
 * reach at each section of a clamp frame.
 *
 * @internal
 */
final readonly class SectionPins
{
    public const APART_INCHES = 5;

    /** @var list<Section> as they lie now, from the left */
    private array $sections;

    /** @param bool $isTurned whether the quilt has been turned round since it was pinned */
    public function __construct(private Setup $setup, bool $isTurned = false)
    {
        $sections = $setup->winding->sections;
        $this->sections = $isTurned ? Section::mirrored($sections, $setup->across()) : $sections;
    }

    public function all(): int
    {
        return (int) ceil($this->setup->across()->toInches() / self::APART_INCHES);
    }

    /** @param int|null $section counted from the left; null where the whole width is in reach */
    public function in(?int $section): int
    {
        return match ($section) {
            null => $this->all(),
            1 => $this->all() - $this->beyond(1),
            default => $this->beyond($section - 1) - $this->beyond($section),
        };
    }

    /** To the right of a section. */
    private function beyond(int $section): int
    {
        $across = $this->setup->across();
        $to = $this->sections[$section - 1]->to;

        return (int) floor(($this->all() * $across->minus($to)->toMillimetres()) / $across->toMillimetres());
    }
}
