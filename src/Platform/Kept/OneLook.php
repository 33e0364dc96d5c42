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
    /** @var array<string, string> ids of tokens by what was given out */
    private array $tokens = [];
    /** @var list<string> */
    private array $keys = [];

    public function __construct(#[AutowireDecorated] private readonly CsrfTokenManagerInterface $manager) {}

    public function getToken(string $tokenId): CsrfToken
    {
        $token = $this->manager->getToken($tokenId);
        $this->tokens[$token->getValue()] = $tokenId;

        return $token;
    }

    public function refreshToken(string $tokenId): CsrfToken
    {
        return $this->manager->refreshToken($tokenId);
    }

    public function removeToken(string $tokenId): ?string
    {
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
        $put = [];
        foreach ($this->tokens as $value => $id) {
            $put[$value] = KeptPage::standIn($mark, 'token', $id);
        }
        foreach ($this->keys as $number => $key) {
            $put[$key] = KeptPage::standIn($mark, 'key', (string) $number);
        }

        return new KeptPage(
            [] === $put ? $body : strtr($body, $put),
            $mark,
            array_values(array_unique($this->tokens)),
            \count($this->keys),
        );
    }

    /** The page for this look. */
    public function show(KeptPage $page): string
    {
        $put = [];
        foreach ($page->tokens as $id) {
            $put[KeptPage::standIn($page->mark, 'token', $id)] = $this->getToken($id)->getValue();
        }
        for ($number = 0; $number < $page->keys; ++$number) {
            $put[KeptPage::standIn($page->mark, 'key', (string) $number)] = $this->newKey();
        }

        return [] === $put ? $page->body : strtr($page->body, $put);
    }

    public function reset(): void
    {
        [$this->tokens, $this->keys] = [[], []];
    }
}
