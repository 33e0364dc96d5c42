<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** An answer that is kept as a file. */
final class Download
{
    public static function of(string $bytes, string $type, string $name): Response
    {
        return self::kept(new Response($bytes, headers: ['Content-Type' => $type]), $name);
    }

    /** @param array<string, mixed> $document */
    public static function json(array $document, string $name): Response
    {
        $response = new JsonResponse($document);
        $response->setEncodingOptions(\JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);

        return self::kept($response, $name);
    }

    private static function kept(Response $response, string $name): Response
    {
        $response->headers->set(
            'Content-Disposition',
            HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
        );

        return $response;
    }
}
