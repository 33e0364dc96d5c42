<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;

/**
 * A command of the open formats: a document in, a document out.
 *
 * Exit codes: 0 done; 1 what it says cannot be carried out; 2 the input is wrong, each line on standard error then
 * being a JSON pointer and what is wrong there.
 */
final readonly class DocumentCommand
{
    private const WRONG_INPUT = 2;
    private const ANSWERS = [
        'schwung:plan' => PlanAnswer::class,
        'schwung:leader' => LeaderAnswer::class,
        'schwung:drift' => DriftAnswer::class,
        'schwung:roll' => RollAnswer::class,
        'schwung:line' => LineAnswer::class,
        'schwung:queue' => QueueAnswer::class,
        'schwung:shelf' => ShelfAnswer::class,
        'schwung:diagnose' => DiagnosisAnswer::class,
        'schwung:evaluate' => EvaluationAnswer::class,
    ];

    /** @param \Closure(mixed): Answer $answer throws FaultyDocument where the document cannot be used */
    private function __construct(private \Closure $answer) {}

    /** The command of a name on the command line; null for any other. */
    public static function named(string $name): ?self
    {
        $answer = self::ANSWERS[$name] ?? null;

        return null === $answer ? null : new self((new $answer())->to(...));
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::ANSWERS);
    }

    /**
     * @param resource $in  where "-" reads from
     * @param resource $out
     * @param resource $err one line a problem
     */
    public function run(?string $file, $in, $out, $err): int
    {
        try {
            $answer = ($this->answer)((new DocumentInput())->read($file, $in));
        } catch (FaultyDocument $exception) {
            fwrite($err, $exception->getMessage() . "\n");

            return self::WRONG_INPUT;
        }
        fwrite(
            $out,
            json_encode(
                $answer->document,
                \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
            ) . "\n",
        );
        foreach ($answer->problems as $problem) {
            fwrite($err, $problem . "\n");
        }

        return [] === $answer->problems ? 0 : 1;
    }
}
