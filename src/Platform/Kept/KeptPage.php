<?php

declare(strict_types=1);

namespace App\Platform\Kept;

/** A page as it was rendered, with stand-ins for what belongs to one look at it. */
final readonly class KeptPage
{
    /**
     * @param string       $key    of all that it rests on
     * @param string       $mark   drawn by lot, so that nothing that somebody wrote is taken for a stand-in
     * @param list<string> $tokens ids of the tokens of its forms
     * @param int          $keys   how many keys it holds
     */
    public function __construct(
        public string $key,
        public string $body,
        public string $mark,
        public array $tokens,
        public int $keys,
    ) {}

    public function with(string $body): self
    {
        return new self($this->key, $body, $this->mark, $this->tokens, $this->keys);
    }

    /** @return list<string> of its tokens, then of its keys */
    public function standIns(): array
    {
        return [
            ...array_map(fn(string $id): string => "$this->mark-token-$id-", $this->tokens),
            ...array_map(
                fn(int $number): string => "$this->mark-key-$number-",
                array_keys(array_fill(0, $this->keys, true)),
            ),
        ];
    }
}
