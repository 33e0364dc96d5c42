<?php

declare(strict_types=1);

namespace App\Clients;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Uid\Ulid;

/** How the history is looked through; words it does not know mean everything. */
final readonly class HistoryFilter
{
    private function __construct(
        public string $search,
        public string $client,
        public string $frame,
        public string $how,
    ) {}

    public const HOWS = [
        'flat' => 'flat',
        'rippled' => 'rippled',
        'not-flat' => 'not flat',
        'problems' => 'with problems',
        'longer' => 'longer than expected',
    ];

    public static function from(Request $request): self
    {
        $text = static fn(string $name): string => mb_substr(
            trim(mb_scrub($request->query->getString($name), 'UTF-8')),
            0,
            120,
        );

        return new self(
            $text('q'),
            $text('client'),
            Ulid::isValid($text('frame')) ? $text('frame') : '',
            isset(self::HOWS[$text('how')]) ? $text('how') : '',
        );
    }
}
