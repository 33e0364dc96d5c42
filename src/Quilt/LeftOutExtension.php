<?php

declare(strict_types=1);

namespace App\Quilt;

use Symfony\Component\HttpFoundation\RequestStack;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/**
 * Lets an answer to a change leave out what is closed, which nobody reads before it is opened, and what is shown already.
 *
 * Whoever sends the change tells in "opened" what is open, by what it is called, a line each, and in "shown" which parts
 * stand there untouched, each by its name and its mark. Where nothing is told, as on every page that is asked for,
 * nothing is left out.
 */
final class LeftOutExtension extends AbstractExtension
{
    public function __construct(private readonly RequestStack $requests) {}

    public function getFunctions(): array
    {
        return [new TwigFunction('is_told', [$this, 'isTold'])];
    }

    public function getFilters(): array
    {
        return [new TwigFilter('part', [$this, 'part'], ['is_safe' => ['html']])];
    }

    /** @param string $name of what opens to be read */
    public function isTold(string $name): bool
    {
        return \in_array($name, explode("\n", $this->sent('opened', $name)), true);
    }

    /**
     * A part of the page, marked by what is in it; empty where it is shown as it is. Nothing in it may differ from one
     * look to the next, such as a token.
     *
     * @param string $html what is in it
     * @param string $name of the part, one word
     */
    public function part(string $html, string $name): string
    {
        $mark = hash('xxh64', $html);
        $isShown = \in_array("$name:$mark", explode(' ', $this->sent('shown')), true);

        return $isShown
            ? "<div id=\"part-$name\" data-shown></div>"
            : "<div id=\"part-$name\" data-part=\"$name:$mark\" class=\"contents\">$html</div>";
    }

    private function sent(string $name, string $else = ''): string
    {
        $request = $this->requests->getMainRequest();

        return true === $request?->isMethod('POST') ? $request->getPayload()->getString($name, $else) : $else;
    }
}
