<?php

declare(strict_types=1);

namespace App\Quilt;

use Symfony\Component\HttpFoundation\RequestStack;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/**
 * Lets an answer to a change leave out what is closed: a third of it, which nobody reads before it is opened.
 *
 * Whoever sends the change tells in "opened" what is open, by what it is called, a line each. Where nothing is told, as
 * on every page that is asked for, nothing is left out.
 */
final class WorkingExtension extends AbstractExtension
{
    public function __construct(private readonly RequestStack $requests) {}

    public function getFunctions(): array
    {
        return [new TwigFunction('is_told', [$this, 'isTold'])];
    }

    /** @param string $name of what opens to be read */
    public function isTold(string $name): bool
    {
        $request = $this->requests->getMainRequest();
        $opened = true === $request?->isMethod('POST') ? $request->getPayload()->getString('opened', $name) : $name;

        return \in_array($name, explode("\n", $opened), true);
    }
}
