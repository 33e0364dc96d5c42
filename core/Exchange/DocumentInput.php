<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;

/** Reads the document that a command is given: a file, or "-" for standard input. */
final readonly class DocumentInput
{
    /**
     * @param resource $in where "-" reads from
     *
     * @throws FaultyDocument if there is no such document, or it is no JSON
     */
    public function read(?string $file, $in): mixed
    {
        $text = match (true) {
            null === $file => throw $this->unreadable('no file is named; give a file, or - for standard input.'),
            '-' === $file => stream_get_contents($in, JsonText::LARGEST_BYTES + 1),
            is_file($file) && is_readable($file) => file_get_contents($file, length: JsonText::LARGEST_BYTES + 1),
            default => throw $this->unreadable(\sprintf('the file "%s" cannot be read.', $file)),
        };

        return (new JsonText())->decode(false === $text ? '' : $text);
    }

    private function unreadable(string $message): FaultyDocument
    {
        return FaultyDocument::with([new Fault('', $message)]);
    }
}
