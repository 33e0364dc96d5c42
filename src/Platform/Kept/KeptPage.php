<?php

declare(strict_types=1);

namespace App\Platform\Kept;

/** A page as it was rendered, with stand-ins for what belongs to one look at it. */
final readonly class KeptPage
{
    /**
     * @param string       $mark   drawn by lot, so that nothing that somebody wrote is taken for a stand-in
     * @param list<string> $tokens ids of the tokens of its forms
     * @param int          $keys   how many keys it holds
     */
    public function __construct(public string $body, public string $mark, public array $tokens, public int $keys) {}

    public static function standIn(string $mark, string $kind, string $which): string
    {
        return "$mark-$kind-$which-";
    }
}
