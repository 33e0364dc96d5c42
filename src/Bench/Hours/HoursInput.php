<?php

declare(strict_types=1);

namespace App\Bench\Hours;

use App\Bench\Typed;
use App\Settings\Between;
use Schwung\Core\Queue\WorkingTime;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A studio's hours while they are entered: a line of spans for each weekday, days off a line each. */
final class HoursInput
{
    public const DAYS = [
        1 => 'Monday',
        2 => 'Tuesday',
        3 => 'Wednesday',
        4 => 'Thursday',
        5 => 'Friday',
        6 => 'Saturday',
        7 => 'Sunday',
    ];
    public const CHANGES = [
        'thread' => 'Another thread',
        'foot' => 'Another foot',
        'hold' => 'Another way of holding',
        'batting' => 'Another batting',
    ];
    private const MOST_OFF = 400;

    /** @var array<int, string> as they are typed, by weekday */
    public array $hours = [];

    public string $off = '';

    /** @var array<string, int> */
    #[Assert\All([new Between(0, 480, ' minutes.')])]
    public array $setup = [];

    #[Between(0, 100, ' hours; 0 asks for none.')]
    public ?int $needleHours = null;

    public ?\DateTimeImmutable $service = null;

    public static function of(StudioHours $hours): self
    {
        $input = new self();
        foreach (self::DAYS as $day => $name) {
            $input->hours[$day] = implode(
                ', ',
                array_map(
                    static fn(array $span): string => self::written($span[0]) . '-' . self::written($span[1]),
                    $hours->hours()[$day] ?? [],
                ),
            );
        }
        $input->off = implode("\n", $hours->off());
        $input->setup = array_replace(array_fill_keys(array_keys(self::CHANGES), 0), $hours->setup());
        $input->needleHours = $hours->needleHours();
        $input->service = $hours->service();

        return $input;
    }

    /** @return array<int, list<array{int, int}>> minutes of the day by weekday; those without are left out */
    public function spans(): array
    {
        return array_filter(array_map(static fn(string $text): array => self::read($text) ?? [], $this->hours));
    }

    /** @return list<string> each once, in order */
    public function days(): array
    {
        $days = array_merge([], ...array_map(self::daysOf(...), self::lines($this->off)));
        $days = array_values(array_unique($days));
        sort($days);

        return $days;
    }

    #[Assert\Callback]
    public function validate(ExecutionContextInterface $context): void
    {
        foreach ($this->hours as $day => $text) {
            if (null === self::read($text)) {
                $context
                    ->buildViolation(
                        'Write hours of the day one after another, like 9:00-12:30, 13:30-17:00; leave the line empty for a day without.',
                    )
                    ->atPath("hours[$day]")
                    ->addViolation();
            }
        }
        $wrong = array_values(
            array_filter(self::lines($this->off), static fn(string $line): bool => [] === self::daysOf($line)),
        );
        if ([] !== $wrong) {
            $context
                ->buildViolation(
                    '"{{ line }}" is no day. Write each on a line of its own, like 2027-03-19, or the first and the last, like 2027-08-02 to 2027-08-15.',
                    ['{{ line }}' => $wrong[0]],
                )
                ->atPath('off')
                ->addViolation();
        }
        if (\count($this->days()) > self::MOST_OFF) {
            $context
                ->buildViolation('Up to ' . self::MOST_OFF . ' days off.')
                ->atPath('off')
                ->addViolation();
        }
    }

    /** @return list<array{int, int}>|null null where it is no list of hours */
    private static function read(string $text): ?array
    {
        [$spans, $before] = [[], 0];
        foreach (preg_split('/[,;]/', trim($text), -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            if (
                1 !==
                preg_match(
                    '/^\s*(\d{1,2})(?:[:.](\d{2}))?\s*(?:-|–|to)\s*(\d{1,2})(?:[:.](\d{2}))?\s*$/u',
                    $part,
                    $found,
                )
            ) {
                return null;
            }
            $from = 60 * (int) $found[1] + (int) $found[2];
            $to = 60 * (int) $found[3] + (int) ($found[4] ?? 0);
            if (
                (int) $found[2] > 59 ||
                (int) ($found[4] ?? 0) > 59 ||
                $from < $before ||
                $to <= $from ||
                $to > WorkingTime::DAY
            ) {
                return null;
            }
            $spans[] = [$from, $to];
            $before = $to;
        }

        return $spans;
    }

    /** @return list<string> the days of a line; none where it tells none */
    private static function daysOf(string $line): array
    {
        $parts = preg_split('/\s*(?:to|–|\.\.)\s*/u', $line) ?: [];
        $days = array_map(Typed::day(...), $parts);
        $first = $days[0] ?? null;
        $last = $days[1] ?? $first;
        if (null === $first || null === $last || \count($parts) > 2 || \in_array(null, $days, true) || $last < $first) {
            return [];
        }
        $all = [];
        for ($day = $first; $day <= $last && \count($all) <= self::MOST_OFF; $day = $day->modify('+1 day')) {
            $all[] = $day->format('Y-m-d');
        }

        return $all;
    }

    /** @return list<string> */
    private static function lines(string $text): array
    {
        return array_values(array_filter(array_map(trim(...), preg_split('/\R/u', $text) ?: [])));
    }

    private static function written(int $minutes): string
    {
        return \sprintf('%d:%02d', intdiv($minutes, 60), $minutes % 60);
    }
}
