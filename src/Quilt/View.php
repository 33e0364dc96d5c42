<?php

declare(strict_types=1);

namespace App\Quilt;

use Symfony\Component\HttpFoundation\Request;

/** What of a quilt somebody looks at: the stage, what is tried on there, and the pass at hand. */
final readonly class View
{
    private const MOST_PASSES = 2000;

    public function __construct(public string $stage, public ?string $trying = null, public int $pass = 1) {}

    public static function from(Request $request, string $stage): self
    {
        $pass = $request->query->getString('pass', $request->getPayload()->getString('pass', '1'));

        return new self($stage, $request->query->getString('try') ?: null, max(1, min(self::MOST_PASSES, (int) $pass)));
    }
}
