<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

/** Which batting for which quilt. */
final readonly class Assignment
{
    /**
     * @param list<Cut>    $cuts       in the order of the needs
     * @param list<string> $unserved   ids of needs for which there is nothing
     * @param float        $newCloth   off the rolls, over their whole width, in square metres
     * @param float        $leftOver   of the pieces that are used, in square metres
     * @param bool         $provedBest whether nothing better exists
     */
    public function __construct(
        public array $cuts,
        public array $unserved,
        public float $newCloth,
        public float $leftOver,
        public bool $provedBest,
    ) {}

    public function of(string $need): ?Cut
    {
        foreach ($this->cuts as $cut) {
            if ($cut->need === $need) {
                return $cut;
            }
        }

        return null;
    }
}
