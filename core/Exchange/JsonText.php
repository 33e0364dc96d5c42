<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;

/** Turns the text of a document into plain values, within limits that no honest document comes near. */
final readonly class JsonText
{
    public const LARGEST_BYTES = 1_048_576;
    private const DEEPEST = 32;

    /** @throws FaultyDocument if the text is no JSON, too large or nested too deeply */
    public function decode(string $text): mixed
    {
        if (\strlen($text) > self::LARGEST_BYTES) {
            throw $this->faulty(
                \sprintf(
                    'is %.1f MB long; accepted is a document of up to 1 MB.',
                    \strlen($text) / self::LARGEST_BYTES,
                ),
            );
        }
        try {
            return json_decode($text, false, self::DEEPEST, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw $this->faulty(
                \JSON_ERROR_DEPTH === $exception->getCode()
                    ? \sprintf(
                        'is nested more than %d levels deep; accepted is a document like the one in docs/formats.',
                        self::DEEPEST,
                    )
                    : \sprintf('is no JSON (%s); accepted is a JSON document.', lcfirst($exception->getMessage())),
            );
        }
    }

    private function faulty(string $message): FaultyDocument
    {
        return FaultyDocument::with([new Fault('', $message)]);
    }
}
