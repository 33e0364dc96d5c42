<?php

declare(strict_types=1);

namespace App\Platform;

use Twig\Environment;
use Twig\Extension\AbstractExtension;
use Twig\Node\Node;
use Twig\Node\TextNode;
use Twig\NodeVisitor\NodeVisitorInterface;

/**
 * Leaves the indentation of templates out of what is sent: it is for whoever reads the template.
 *
 * Done once, when a template is compiled. A line stays a line, so that words stay apart; what is printed is not
 * touched.
 */
final class IndentationExtension extends AbstractExtension implements NodeVisitorInterface
{
    public function getNodeVisitors(): array
    {
        return [$this];
    }

    public function enterNode(Node $node, Environment $env): Node
    {
        // A letter is read as it is written.
        if ($node instanceof TextNode && !str_ends_with((string) $node->getTemplateName(), '.txt.twig')) {
            $text = $node->getAttribute('data');
            $node->setAttribute('data', \is_string($text) ? preg_replace('/[ \t]*\R\s*/', "\n", $text) : $text);
        }

        return $node;
    }

    public function leaveNode(Node $node, Environment $env): Node
    {
        return $node;
    }

    public function getPriority(): int
    {
        return 0;
    }
}
