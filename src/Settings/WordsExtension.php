<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use Symfony\Bundle\SecurityBundle\Security;
use Twig\Attribute\AsTwigFilter;

/** Calls the parts of a frame what the studio calls them. */
final readonly class WordsExtension
{
    public function __construct(private Security $security) {}

    #[AsTwigFilter('in_words')]
    public function inWords(string $text): string
    {
        $person = $this->security->getUser();

        return $person instanceof Person ? $person->studio()->words()->in($text) : $text;
    }
}
