<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use Twig\Attribute\AsTwigFilter;

/** Calls the parts of a frame what the studio calls them. */
final readonly class WordsExtension
{
    /** @param TokenStorageInterface $tokens asked itself: a page has hundreds of texts */
    public function __construct(private TokenStorageInterface $tokens) {}

    #[AsTwigFilter('in_words')]
    public function inWords(string $text): string
    {
        $person = $this->tokens->getToken()?->getUser();

        return $person instanceof Person ? $person->studio()->words()->in($text) : $text;
    }
}
