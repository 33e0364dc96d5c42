<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Leader\LeaderCheckRule;

/**
 * The command schwung:leader: the readings of a leader check in, the same with its result out.
 *
 * Exit codes: 0 done, 2 the input is wrong.
 */
final readonly class LeaderCommand
{
    private const WRONG_INPUT = 2;

    /**
     * @param resource $in  where "-" reads from
     * @param resource $out
     * @param resource $err one line a problem
     */
    public function run(?string $file, $in, $out, $err): int
    {
        try {
            $document = (new DocumentInput())->read($file, $in);
            $check = (new LeaderReader())->read($document);
        } catch (FaultyDocument $exception) {
            fwrite($err, $exception->getMessage()."\n");

            return self::WRONG_INPUT;
        }
        $result = (new LeaderWriter($check->units))->result((new LeaderCheckRule())->check($check->readings, $check->bedSpan));
        $whole = [...(array) $document, 'result' => $result];
        fwrite($out, json_encode($whole, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR)."\n");

        return 0;
    }
}
