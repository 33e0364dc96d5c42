<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Job\Faults;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Preparation\Decision;
use Schwung\Core\Preparation\Known;
use Schwung\Core\Preparation\PassesSentence;
use Schwung\Core\Preparation\Preparation;

/** Quilts of which not all is entered, or not all that is entered can be: what is said of them all the same. */
final readonly class Unfinished implements Account
{
    private const LEFT = [
        ['frame'],
        ['backing'],
        ['top'],
        ['batting'],
        ['quilting'],
        ['load'],
        ['units'],
        ['top', 'widths'],
        ['backing', 'sides'],
        ['frame', 'throat'],
        ['quilting', 'row_height'],
        ['batting', 'width'],
        ['load', 'float'],
    ];
    private const WRONG = [
        ['top', 'edge'],
        ['backing', 'diagonal'],
        ['batting', 'loft'],
        ['frame', 'rail'],
        ['load', 'direction'],
        ['load', 'margins'],
        ['quilting', 'gap'],
        ['desk', 'repeat'],
        ['desk', 'position'],
        ['desk', 'turn_round'],
    ];

    public function pages(): int
    {
        return 80;
    }

    public function page(int $number): iterable
    {
        $lot = new Lot($number);
        $document = Season::quilt($number);
        foreach (range(0, $lot->between(0, 2)) as $_) {
            $document = $this->with($document, $lot->of(self::LEFT), null);
        }
        if ($lot->isOf(50)) {
            $document = $this->with($document, $lot->of(self::WRONG), '7 ells');
        }
        $faults = new Faults();
        $preparation = new Preparation(new Known((new JobReader())->parts($document, $faults), $faults->all()));

        yield Words::of($preparation->sentence()) . ' ' . Words::of((new PassesSentence())->of($preparation));
        yield Words::of(array_values($preparation->standings())) . ($preparation->mayStart() ? ', may start' : '');
        yield 'found ' .
            Words::of(
                array_map(static fn(Finding $finding): string => $finding->code->value, $preparation->findings()),
            );
        foreach ([...Stage::PLANNED, null] as $stage) {
            $wrong = $preparation->known->wrong($stage);
            if ([] !== $wrong) {
                yield ($stage->value ?? 'all') . ' wrong: ' . Words::of($wrong);
            }
        }
        yield Words::of([
            'overall' => $preparation->overall(),
            'direction' => $preparation->direction(),
            'needs' => Words::mark($preparation->required()),
            'remedies' => \count($preparation->remedies()),
            'proposals' => \count($preparation->proposals()),
            'promises' => array_map(static fn(Decision $promise) => $promise->text, $preparation->promises()),
            'stuck' => \count($preparation->stuck()),
            'errors' => \count($preparation->errors()),
            'pieces' => null !== $preparation->pieces(),
            'steps' => $preparation->steps()?->count(),
            'top' => Words::mark($preparation->top()),
        ]);
    }

    /**
     * @param array<string, mixed> $document
     * @param list<string>         $path
     *
     * @return array<string, mixed> with something else there; null takes the member away
     */
    private function with(array $document, array $path, ?string $to): array
    {
        [$part, $member] = [$path[0], $path[1] ?? null];
        if (null === $member) {
            unset($document[$part]);

            return $document;
        }
        $members = \is_array($document[$part] ?? null) ? $document[$part] : [];
        unset($members[$member]);
        $document[$part] = null === $to ? $members : [...$members, $member => $to];
        if ([] === $document[$part]) {
            unset($document[$part]);
        }

        return $document;
    }
}
