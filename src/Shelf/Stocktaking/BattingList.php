<?php

declare(strict_types=1);

namespace App\Shelf\Stocktaking;

use App\Clients\Client;
use App\Platform\Csv;
use App\Shelf\Batting\BattingInput;
use App\Shelf\Batting\ShelfBatting;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** The batting of a shelf as a table of commas: written for whoever counts, and read again, line by line. */
final readonly class BattingList
{
    public const HEADER = ['label', 'is', 'kind', 'width', 'length', 'loft', 'whose', 'opened', 'name'];
    public const MOST = 2000;

    public function __construct(private ValidatorInterface $validator) {}

    /**
     * @param list<ShelfBatting> $battings
     *
     * @return list<list<string>>
     */
    public function rows(array $battings): array
    {
        return [
            self::HEADER,
            ...array_map(
                static fn(ShelfBatting $one): array => [
                    $one->label(),
                    $one->isRoll() ? 'roll' : 'piece',
                    $one->kind()->value,
                    $one->width()->exactText(),
                    $one->length()->exactText(),
                    $one->loft()?->exactText() ?? '',
                    $one->client()?->name() ?? '',
                    $one->opened()?->format(\DATE_ATOM) ?? '',
                    $one->name(),
                ],
                $battings,
            ),
        ];
    }

    /**
     * @param list<Client> $clients of the studio
     *
     * @return array{list<BattingInput>, list<string>} what can be put on the shelf, and what is wrong, line by line
     */
    public function read(string $text, UnitSystem $units, array $clients): array
    {
        $lines = self::lines($text);
        $header = array_map(static fn(string $cell): string => mb_strtolower(trim($cell)), array_shift($lines) ?? []);
        $missing = array_diff(['width', 'length'], $header);
        if ([] !== $missing) {
            return [
                [],
                [
                    'The first line names the columns: ' .
                    implode(', ', self::HEADER) .
                    '. Needed are width and length; here is no ' .
                    implode(' and no ', $missing) .
                    '.',
                ],
            ];
        }
        if (\count($lines) > self::MOST) {
            return [[], ['These are ' . \count($lines) . ' lines; up to ' . self::MOST . ' are taken in at once.']];
        }
        [$inputs, $faults] = [[], []];
        foreach ($lines as $i => $cells) {
            $row = [];
            foreach ($header as $column => $name) {
                $row[$name] = Csv::plain(trim($cells[$column] ?? ''));
            }
            [$input, $wrong] = $this->line($row, $units, $clients);
            foreach ($wrong as $fault) {
                $faults[] = 'Line ' . ($i + 2) . ": $fault";
            }
            $inputs[] = $input;
        }

        return [$inputs, $faults];
    }

    /** @return list<list<string>> */
    private static function lines(string $text): array
    {
        $file = fopen('php://temp', 'w+');
        \assert(false !== $file);
        fwrite($file, mb_scrub((string) preg_replace('/^\xEF\xBB\xBF/', '', $text)));
        rewind($file);
        $lines = [];
        while (false !== ($cells = fgetcsv($file, escape: ''))) {
            if ([null] !== $cells) {
                $lines[] = array_map(strval(...), $cells);
            }
        }

        return $lines;
    }

    /**
     * @param array<string, string> $row
     * @param list<Client>          $clients
     *
     * @return array{BattingInput, list<string>}
     */
    private function line(array $row, UnitSystem $units, array $clients): array
    {
        [$input, $faults] = [new BattingInput(), []];
        $is = $row['is'] ?? '';
        $input->isRoll = 'roll' === $is;
        if (!\in_array($is, ['', 'roll', 'piece'], true)) {
            $faults[] = self::quoted($is) . ' under "is" is not known. Accepted are roll and piece.';
        }
        $kind = $row['kind'] ?? '';
        $input->kind = BattingKind::tryFrom($kind) ?? BattingKind::Cotton;
        if ('' !== $kind && null === BattingKind::tryFrom($kind)) {
            $known = array_map(static fn(BattingKind $one): string => $one->value, BattingKind::cases());
            $faults[] = self::quoted($kind) . ' is no kind of batting. Accepted are ' . implode(', ', $known) . '.';
        }
        foreach (['width', 'length', 'loft'] as $name) {
            $text = $row[$name] ?? '';
            try {
                $input->{$name} = '' === $text ? null : Length::parse($text, $units);
            } catch (UnreadableLength) {
                $faults[] = self::quoted($text) . " is no $name. Write it like 66 1/2 in or 169 cm.";
                continue;
            }
            if (null !== $input->{$name} && !$input->{$name}->isPositive()) {
                $faults[] = self::quoted($text) . " is no $name: it is more than nothing.";
            }
        }
        $whose = $row['whose'] ?? '';
        foreach ($clients as $client) {
            if (0 === strcasecmp($client->name(), $whose)) {
                $input->client = $client;
            }
        }
        if ('' !== $whose && null === $input->client) {
            $faults[] = 'No client is called ' . self::quoted($whose) . '. Write them down under Clients first.';
        }
        $opened = $row['opened'] ?? '';
        $moment =
            '' === $opened ? null : \DateTimeImmutable::createFromFormat(\DATE_ATOM, str_replace("\0", '', $opened));
        if (false === $moment) {
            $faults[] = self::quoted($opened) . ' is no moment. Write it like 2027-03-01T09:00:00+01:00.';
        } else {
            $input->opened = $moment?->setTimezone(new \DateTimeZone('UTC'));
        }
        $input->name = $row['name'] ?? '';
        if ([] === $faults) {
            foreach ($this->validator->validate($input) as $violation) {
                $faults[] = (string) $violation->getMessage();
            }
        }

        return [$input, $faults];
    }

    private static function quoted(string $text): string
    {
        return '“' . (mb_strlen($text) > 40 ? mb_substr($text, 0, 39) . '…' : $text) . '”';
    }
}
