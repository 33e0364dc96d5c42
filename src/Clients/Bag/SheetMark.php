<?php

declare(strict_types=1);

namespace App\Clients\Bag;

use App\Quilt\Sheet;
use Schwung\Core\Exchange\MarksReader;
use Schwung\Core\Exchange\Node;
use Schwung\Core\Job\Faults;
use Schwung\Core\Material\Mark;

/** A mark as a quilt's sheet keeps it: what the plan takes of it, and what only people read. */
final readonly class SheetMark
{
    private const PATH = 'top/marks';

    private function __construct(
        public string $key,
        public Mark $mark,
        public string $seenBy,
        public bool $clientKnows,
        public string $photo,
    ) {}

    /** @return list<self> those that can be read, in the order in which they were noted */
    public static function allIn(Sheet $sheet): array
    {
        $marks = [];
        foreach (self::kept($sheet) as $place => $kept) {
            $read = (new MarksReader())->read(new Node([$kept], '', new Faults()), null, null);
            if ([] !== $read) {
                $text = static fn(string $name): string => \is_string($kept[$name] ?? null) ? $kept[$name] : '';
                $marks[] = new self(
                    self::keyOf($kept, $place),
                    $read[0],
                    $text('seen_by'),
                    true === ($kept['client_knows'] ?? false),
                    $text('photo'),
                );
            }
        }

        return $marks;
    }

    /** @param array<string, string|bool> $mark */
    public static function added(Sheet $sheet, array $mark): Sheet
    {
        $kept = self::kept($sheet);
        // A second click sends the same mark.
        $isKnown = \in_array($mark['key'], array_column($kept, 'key'), true);

        return $isKnown ? $sheet : $sheet->with(self::PATH, [...$kept, $mark]);
    }

    /** @param array<string, string|bool> $changes */
    public static function changed(Sheet $sheet, string $key, array $changes): Sheet
    {
        return $sheet->with(
            self::PATH,
            array_map(
                static fn(array $mark, int $place): array => self::keyOf($mark, $place) === $key
                    ? [...$mark, ...$changes]
                    : $mark,
                self::kept($sheet),
                array_keys(self::kept($sheet)),
            ),
        );
    }

    public static function removed(Sheet $sheet, string $key): Sheet
    {
        return $sheet->with(
            self::PATH,
            array_values(
                array_filter(
                    self::kept($sheet),
                    static fn(array $mark, int $place): bool => self::keyOf($mark, $place) !== $key,
                    \ARRAY_FILTER_USE_BOTH,
                ),
            ),
        );
    }

    /**
     * One that came with a job document may have no key; its place in the list stands for it.
     *
     * @param array<mixed> $mark
     */
    private static function keyOf(array $mark, int $place): string
    {
        $key = $mark['key'] ?? '';

        return \is_string($key) && 1 === preg_match('/^[0-9A-Za-z-]{1,36}$/', $key) ? $key : (string) $place;
    }

    /** @return list<array<mixed>> */
    private static function kept(Sheet $sheet): array
    {
        $kept = $sheet->get(self::PATH);

        return array_values(array_filter(\is_array($kept) ? $kept : [], \is_array(...)));
    }
}
