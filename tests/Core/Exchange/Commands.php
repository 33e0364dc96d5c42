<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Schwung\Core\Exchange\DocumentCommand;

/** Runs a command of the open formats as a shell would. */
final class Commands
{
    /** @return array{int, string, string} exit code, output, errors */
    public static function run(string $name, string $text, ?string $file = '-'): array
    {
        $command = DocumentCommand::named($name);
        [$in, $out, $err] = [fopen('php://memory', 'r+'), fopen('php://memory', 'r+'), fopen('php://memory', 'r+')];
        if (null === $command || false === $in || false === $out || false === $err) {
            throw new \LogicException("There is no command $name, or no memory for it.");
        }
        fwrite($in, $text);
        rewind($in);
        $code = $command->run($file, $in, $out, $err);
        rewind($out);
        rewind($err);

        return [$code, (string) stream_get_contents($out), (string) stream_get_contents($err)];
    }
}
