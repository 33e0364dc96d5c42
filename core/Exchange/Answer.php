<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

/** What a command writes: a document, and why it cannot be carried out if it cannot. */
final readonly class Answer
{
    /**
     * @param array<mixed>  $document ready for json_encode
     * @param list<string> $problems one line each
     */
    public function __construct(public array $document, public array $problems = []) {}

    /**
     * The document that was read, with what was found.
     *
     * @param array<string, mixed> $result
     */
    public static function adding(mixed $document, array $result): self
    {
        $members = $document instanceof \stdClass ? get_object_vars($document) : [];

        return new self([...$members, 'result' => $result]);
    }
}
