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

/**
 * What a page holds that belongs to one look at it: the tokens of its forms, and keys by which a second press is
 * known.
 */
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

    /**
     * The page as it can be kept: stand-ins where each look needs its own.
     *
     * @param string $key of all that it rests on
     */
    public function keep(string $key, string $body): KeptPage
    {
        $page = new KeptPage($key, '', bin2hex(random_bytes(8)), array_keys($this->tokens), \count($this->keys));

        return $page->with($this->standingIn($page, $body));
    }

    /** Whether this look's page is the kept one. */
    public function isOf(KeptPage $page, string $body): bool
    {
        return $this->standingIn($page, $body) === $page->body;
    }

    private function standingIn(KeptPage $page, string $body): string
    {
        return str_replace($this->given($page), $page->standIns(), $body);
    }

    /** The page for this look. */
    public function show(KeptPage $page): string
    {
        return str_replace($page->standIns(), $this->given($page), $page->body);
    }

    /** @return list<string> the tokens and keys of this look: those that it has, or new ones */
    private function given(KeptPage $page): array
    {
        while (\count($this->keys) < $page->keys) {
            $this->newKey();
        }

        return [
            ...array_map(fn(string $id): string => $this->getToken($id)->getValue(), $page->tokens),
            ...\array_slice($this->keys, 0, $page->keys),
        ];
    }

    public function reset(): void
    {
        [$this->tokens, $this->keys] = [[], []];
    }
}
