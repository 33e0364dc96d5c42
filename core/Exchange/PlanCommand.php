<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Practice\Practice;

/**
 * The command schwung:plan: the text of a job in, the text of its plan out.
 *
 * Exit codes: 0 done, 1 the plan cannot be carried out (its errors say why), 2 the input is wrong.
 */
final readonly class PlanCommand
{
    private const CANNOT_BE_CARRIED_OUT = 1;
    private const WRONG_INPUT = 2;

    /**
     * @param resource $in  where "-" reads from
     * @param resource $out
     * @param resource $err one line a problem
     */
    public function run(?string $file, $in, $out, $err): int
    {
        try {
            $job = (new JobReader())->read((new DocumentInput())->read($file, $in));
        } catch (FaultyDocument $exception) {
            fwrite($err, $exception->getMessage()."\n");

            return self::WRONG_INPUT;
        }
        $plan = (new Planner(new Practice()))->plan($job);
        fwrite($out, json_encode((new PlanWriter($plan))->document(), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR)."\n");
        foreach ($plan->errors() as $error) {
            fwrite($err, $error->at.': '.$error->code."\n");
        }

        return [] === $plan->errors() ? 0 : self::CANNOT_BE_CARRIED_OUT;
    }
}
