<?php

declare(strict_types=1);

namespace App\Platform\Kept;

use Symfony\Component\DependencyInjection\Attribute\AsDecorator;
use Symfony\Component\DependencyInjection\Attribute\AutowireDecorated;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Symfony\Component\Uid\Ulid;
use Symfony\Contracts\Service\ResetInterface;
use Twig\Attribute\AsTwigFunction;

/** What a page holds that belongs to one look at it: the tokens of its forms, and keys by which a second press is known. */
#[AsDecorator('security.csrf.token_manager')]
final class OneLook implements CsrfTokenManagerInterface, ResetInterface
{
    /** @var array<string, CsrfToken> by id: a page has many forms of one kind */
    private array $tokens = [];
    /** @var list<string> */
    private array $keys = [];

    public function __construct(#[AutowireDecorated] private readonly CsrfTokenManagerInterface $manager) {}

    public function getToken(string $tokenId): CsrfToken
    {
        return $this->tokens[$tokenId] ??= $this->manager->getToken($tokenId);
    }

    public function refreshToken(string $tokenId): CsrfToken
    {
        return $this->tokens[$tokenId] = $this->manager->refreshToken($tokenId);
    }

    public function removeToken(string $tokenId): ?string
    {
        unset($this->tokens[$tokenId]);

        return $this->manager->removeToken($tokenId);
    }

    public function isTokenValid(CsrfToken $token): bool
    {
        return $this->manager->isTokenValid($token);
    }

    /** A key for what may be sent twice and is to be done once. */
    #[AsTwigFunction('new_key')]
    public function newKey(): string
    {
        return $this->keys[] = (string) new Ulid();
    }

    /** The page as it can be kept: stand-ins where each look needs its own. */
    public function keep(string $body, string $mark): KeptPage
    {
        $tokens = array_keys($this->tokens);

        return new KeptPage(
            str_replace(
                $this->given($tokens, \count($this->keys)),
                KeptPage::standIns($mark, $tokens, \count($this->keys)),
                $body,
            ),
            $mark,
            $tokens,
            \count($this->keys),
        );
    }

    /** The page for this look. */
    public function show(KeptPage $page): string
    {
        return str_replace(
            KeptPage::standIns($page->mark, $page->tokens, $page->keys),
            $this->given($page->tokens, $page->keys),
            $page->body,
        );
    }

    /**
     * @param list<string> $tokens ids
     *
     * @return list<string> these tokens and so many keys, given out already or now
     */
    private function given(array $tokens, int $keys): array
    {
        while (\count($this->keys) < $keys) {
            $this->newKey();
        }

        return [
            ...array_map(fn(string $id): string => $this->getToken($id)->getValue(), $tokens),
            ...\array_slice($this->keys, 0, $keys),
        ];
    }

    public function reset(): void
    {
        [$this->tokens, $this->keys] = [[], []];
    }
}
