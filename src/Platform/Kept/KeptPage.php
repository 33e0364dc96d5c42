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

    /**
     * @param list<string> $tokens
     *
     * @return list<string> of these tokens, and of so many keys
     */
    public static function standIns(string $mark, array $tokens, int $keys): array
    {
        return [
            ...array_map(static fn(string $id): string => "$mark-token-$id-", $tokens),
            ...array_map(
                static fn(int $number): string => "$mark-key-$number-",
                array_keys(array_fill(0, $keys, true)),
            ),
        ];
    }
}
