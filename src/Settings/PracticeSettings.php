<?php

declare(strict_types=1);

namespace App\Settings;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Grip;
use Schwung\Core\Practice\HoldTimes;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Practice\Stitches;
use Schwung\Core\Practice\Thickness;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/**
 * A studio's own figures while they are entered, and as they are stored: lengths in nanometres by name.
 *
 * Thicknesses are millimetres, as a gauge shows them.
 */
final class PracticeSettings
{
    private const NEEDED = 'This figure is needed.';

    #[Assert\NotNull(message: self::NEEDED)]
    public ?Length $clampBite;

    #[Assert\NotNull(message: self::NEEDED)]
    public ?Length $footClearance;

    #[Assert\NotNull(message: self::NEEDED)]
    public ?Length $battingOverhang;

    #[Assert\NotNull(message: self::NEEDED)]
    public ?Length $seamAllowance;

    #[Assert\NotNull(message: self::NEEDED)]
    public ?Length $squaringAllowance;

    #[Assert\NotNull(message: self::NEEDED)]
    public ?Length $sectionOverlap;

    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 0, max: 240, notInRangeMessage: 'Between {{ min }} and {{ max }} hours.'),
    ]
    public ?int $battingRestHours;

    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 0, max: 240, notInRangeMessage: 'Between {{ min }} and {{ max }} hours.'),
    ]
    public ?int $battingBestRestHours;

    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 4, max: 20, notInRangeMessage: 'Between {{ min }} and {{ max }}.'),
    ]
    public ?int $quiltingPerInch;
    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(
            min: 2,
            max: 6,
            notInRangeMessage: 'Between {{ min }} and {{ max }}: long stitches come out easily.',
        ),
    ]
    public ?int $bastingPerInch;
    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 10, max: 1000, notInRangeMessage: 'Between {{ min }} and {{ max }} m.'),
    ]
    public ?int $bobbinMetres;
    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 1, max: 4, notInRangeMessage: 'Between {{ min }} and {{ max }}: it is pulled out again.'),
    ]
    public ?int $prebastingPerInch;
    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 0, max: 4, notInRangeMessage: 'Between {{ min }} and {{ max }} turns.'),
    ]
    public ?float $bastingTurnsOff;
    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 0.2, max: 20, notInRangeMessage: 'Between {{ min }} and {{ max }} m a minute.'),
    ]
    public ?float $metresAMinute;
    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 0.2, max: 20, notInRangeMessage: 'Between {{ min }} and {{ max }} mm.'),
    ]
    public ?float $underFoot;
    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 0, max: 100, notInRangeMessage: 'Between {{ min }} and {{ max }} of a thousand.'),
    ]
    public ?int $driftPerThousand;
    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 0, max: 100, notInRangeMessage: 'Between {{ min }} and {{ max }} of a thousand.'),
    ]
    public ?int $fullFloatDriftPerThousand;
    /** Readings at the frame go by this part of an inch. */
    #[Assert\Choice([8, 16])]
    public int $fraction = 8;
    public UnitSystem $units = UnitSystem::Inches;
    /** @var array<string, float|null> millimetres by "top", "backing_minky", "loft_wool" */
    #[
        Assert\All([
            new Assert\NotNull(message: self::NEEDED),
            new Assert\Range(min: 0.05, max: 40, notInRangeMessage: 'Between {{ min }} and {{ max }} mm.'),
        ]),
    ]
    public array $thickness = [];
    /** @var array<string, Length|null> by the words of Distance, "lead_hold" */
    #[Assert\All([new Assert\NotNull(message: self::NEEDED)])]
    public array $distances = [];
    /** @var array<string, Length|null> "pins_used_up", "magnets_lead_standoff" */
    #[Assert\All([new Assert\NotNull(message: self::NEEDED)])]
    public array $grips = [];
    /** @var array<string, float|null> for each piece, by the words of HoldingSystem, "channel_clips" */
    #[
        Assert\All([
            new Assert\NotNull(message: self::NEEDED),
            new Assert\Range(min: 0, max: 600, notInRangeMessage: 'Between {{ min }} and {{ max }} seconds.'),
        ]),
    ]
    public array $seconds = [];

    /** @var array<string, float|null> millimetres of radius, by the words of HoldingSystem */
    #[
        Assert\All([
            new Assert\NotNull(message: self::NEEDED),
            new Assert\Range(min: 0, max: 40, notInRangeMessage: 'Between {{ min }} and {{ max }} mm.'),
        ]),
    ]
    public array $bulks = [];
    #[
        Assert\NotNull(message: self::NEEDED),
        Assert\Range(min: 0, max: 15, notInRangeMessage: 'Between {{ min }} and {{ max }} of a hundred.'),
    ]
    public ?int $canvasShrinksPerCent;

    private function __construct() {}

    public static function of(Practice $practice): self
    {
        $settings = new self();
        foreach (self::lengths() as $name) {
            $settings->{$name} = $practice->{$name};
        }
        [$settings->battingRestHours, $settings->battingBestRestHours] = [
            $practice->battingRestHours,
            $practice->battingBestRestHours,
        ];
        [$settings->quiltingPerInch, $settings->bastingPerInch, $settings->bobbinMetres] = [
            $practice->stitches->quiltingPerInch,
            $practice->stitches->bastingPerInch,
            (int) round($practice->stitches->bobbin->toMillimetres() / 1000),
        ];
        [$settings->prebastingPerInch, $settings->bastingTurnsOff] = [
            $practice->stitches->prebastingPerInch,
            $practice->stitches->bastingTurnsOff,
        ];
        $settings->canvasShrinksPerCent = $practice->canvasShrinksPerCent;
        $settings->metresAMinute = $practice->stitches->millimetresAMinute / 1000;
        $settings->underFoot = $practice->stitches->underFoot->toMillimetres();
        [$settings->driftPerThousand, $settings->fullFloatDriftPerThousand] = [
            $practice->driftPerThousand,
            $practice->fullFloatDriftPerThousand,
        ];
        foreach (Distance::cases() as $distance) {
            $settings->distances[self::key($distance)] = $practice->at($distance);
        }
        foreach (self::holds() as $key => [$system, $end]) {
            $grip = $practice->grip($system, $end);
            $settings->grips[$key . '_used_up'] = $grip->usedUp;
            $settings->grips[$key . '_standoff'] = $grip->standoff;
        }
        foreach (HoldingSystem::cases() as $system) {
            $settings->seconds[self::key($system)] = $practice->times->each($system);
            $settings->bulks[self::key($system)] = $practice->bulk($system)->toMillimetres();
        }
        $settings->thickness['top'] = $practice->thickness->ofTop()->toMillimetres();
        foreach (BackingKind::cases() as $kind) {
            $settings->thickness['backing_' . $kind->value] = $practice->thickness->ofBacking($kind)->toMillimetres();
        }
        foreach (BattingKind::cases() as $kind) {
            $settings->thickness['loft_' . self::key($kind)] = $practice->thickness->loftOf($kind)->toMillimetres();
        }

        return $settings;
    }

    /** @return array<string, array{HoldingSystem, End}> the holds whose grip differs; most are alike at both ends */
    public static function holds(): array
    {
        $holds = [];
        foreach (HoldingSystem::cases() as $system) {
            if (HoldingSystem::Magnets === $system) {
                foreach (End::cases() as $end) {
                    $holds[self::key($system) . '_' . $end->value] = [$system, $end];
                }
            } else {
                $holds[self::key($system)] = [$system, End::Lead];
            }
        }

        return $holds;
    }

    #[Assert\Callback]
    public function checkDistances(ExecutionContextInterface $context): void
    {
        foreach (Distance::cases() as $distance) {
            $given = $this->distances[self::key($distance)] ?? null;
            if (null !== $given && $given->isShorterThan($distance->least())) {
                $context
                    ->buildViolation('At least {{ least }}.', [
                        '{{ least }}' => (new LengthWriter($this->units))->write($distance->least()),
                    ])
                    ->atPath('distances[' . self::key($distance) . ']')
                    ->addViolation();
            }
        }
    }

    #[Assert\Callback]
    public function checkRest(ExecutionContextInterface $context): void
    {
        if ($this->battingBestRestHours < $this->battingRestHours) {
            $context
                ->buildViolation('The best rest is no shorter than the least.')
                ->atPath('battingBestRestHours')
                ->addViolation();
        }
    }

    public function practice(): Practice
    {
        $millimetres = fn(string $name): Length => Length::millimetres($this->thickness[$name] ?? 0);
        [$backings, $lofts] = [[], []];
        foreach (BackingKind::cases() as $kind) {
            $backings[$kind->value] = $millimetres('backing_' . $kind->value);
        }
        foreach (BattingKind::cases() as $kind) {
            $lofts[$kind->value] = $millimetres('loft_' . self::key($kind));
        }

        $grips = [];
        foreach (self::holds() as $key => [$system, $end]) {
            $grip = new Grip(
                $this->grips[$key . '_used_up'] ?? Length::zero(),
                $this->grips[$key . '_standoff'] ?? Length::zero(),
            );
            $ends = HoldingSystem::Magnets === $system ? [$end] : End::cases();
            foreach ($ends as $one) {
                $grips["$system->value $one->value"] = $grip;
            }
        }
        [$distances, $seconds, $bulks] = [[], [], []];
        foreach (Distance::cases() as $distance) {
            $distances[$distance->value] = $this->distances[self::key($distance)] ?? $distance->usual();
        }
        foreach (HoldingSystem::cases() as $system) {
            $seconds[$system->value] = $this->seconds[self::key($system)] ?? HoldTimes::usual($system);
            $bulks[$system->value] = Length::millimetres($this->bulks[self::key($system)] ?? 0);
        }

        return new Practice(
            $this->clampBite,
            $this->footClearance,
            $this->battingOverhang,
            $this->seamAllowance,
            $this->squaringAllowance,
            driftPerThousand: $this->driftPerThousand ?? 5,
            fullFloatDriftPerThousand: $this->fullFloatDriftPerThousand ?? 10,
            battingRestHours: $this->battingRestHours ?? 0,
            battingBestRestHours: $this->battingBestRestHours ?? 0,
            sectionOverlap: $this->sectionOverlap,
            thickness: new Thickness($backings, $lofts, $millimetres('top')),
            stitches: new Stitches(
                $this->quiltingPerInch ?? 11,
                $this->bastingPerInch ?? 4,
                $this->prebastingPerInch ?? 2,
                Length::millimetres(1000 * ($this->bobbinMetres ?? 100)),
                Length::millimetres($this->underFoot ?? 2),
                $this->bastingTurnsOff ?? 1,
                (int) round(1000 * ($this->metresAMinute ?? 2.4)),
            ),
            times: new HoldTimes($seconds),
            distances: $distances,
            grips: $grips,
            bulks: $bulks,
            canvasShrinksPerCent: $this->canvasShrinksPerCent ?? 3,
        );
    }

    /** @return array<string, int|float> lengths in nanometres, hours, thicknesses in millimetres */
    public function toArray(): array
    {
        $record = [
            'quiltingPerInch' => $this->quiltingPerInch ?? 11,
            'bastingPerInch' => $this->bastingPerInch ?? 4,
            'bobbinMetres' => $this->bobbinMetres ?? 100,
            'prebastingPerInch' => $this->prebastingPerInch ?? 2,
            'bastingTurnsOff' => $this->bastingTurnsOff ?? 1,
            'metresAMinute' => $this->metresAMinute ?? 2.4,
            'underFoot' => $this->underFoot ?? 2,
            'driftPerThousand' => $this->driftPerThousand ?? 5,
            'fullFloatDriftPerThousand' => $this->fullFloatDriftPerThousand ?? 10,
            'canvasShrinksPerCent' => $this->canvasShrinksPerCent ?? 3,
            'fraction' => $this->fraction,
            'battingRestHours' => $this->battingRestHours ?? 0,
            'battingBestRestHours' => $this->battingBestRestHours ?? 0,
        ];
        foreach (self::lengths() as $name) {
            $length = $this->{$name};
            $record[$name] = $length instanceof Length ? $length->nanometres : 0;
        }
        foreach ($this->thickness as $name => $millimetres) {
            $record['thickness_' . $name] = $millimetres ?? 0;
        }
        foreach (['distance_' => $this->distances, 'grip_' => $this->grips] as $begin => $lengths) {
            foreach ($lengths as $name => $length) {
                $record[$begin . $name] = $length->nanometres ?? 0;
            }
        }
        foreach ($this->seconds as $name => $seconds) {
            $record['seconds_' . $name] = $seconds ?? 0;
        }
        foreach ($this->bulks as $name => $millimetres) {
            $record['bulk_' . $name] = $millimetres ?? 0;
        }

        return $record;
    }

    /** @param array<string, int|float> $record as toArray() gave it; what it lacks has its default */
    public static function fromArray(array $record): self
    {
        $settings = self::of(new Practice());
        foreach (self::lengths() as $name) {
            $settings->{$name} = isset($record[$name])
                ? Length::ofNanometres((int) $record[$name])
                : $settings->{$name};
        }
        $settings->quiltingPerInch = (int) ($record['quiltingPerInch'] ?? $settings->quiltingPerInch);
        $settings->bastingPerInch = (int) ($record['bastingPerInch'] ?? $settings->bastingPerInch);
        $settings->bobbinMetres = (int) ($record['bobbinMetres'] ?? $settings->bobbinMetres);
        $settings->fraction = (int) ($record['fraction'] ?? $settings->fraction);
        $settings->battingRestHours = (int) ($record['battingRestHours'] ?? $settings->battingRestHours);
        $settings->battingBestRestHours = (int) ($record['battingBestRestHours'] ?? $settings->battingBestRestHours);
        $settings->prebastingPerInch = (int) ($record['prebastingPerInch'] ?? $settings->prebastingPerInch);
        $settings->bastingTurnsOff = (float) ($record['bastingTurnsOff'] ?? $settings->bastingTurnsOff);
        $settings->metresAMinute = (float) ($record['metresAMinute'] ?? $settings->metresAMinute);
        $settings->underFoot = (float) ($record['underFoot'] ?? $settings->underFoot);
        $settings->driftPerThousand = (int) ($record['driftPerThousand'] ?? $settings->driftPerThousand);
        $settings->fullFloatDriftPerThousand =
            (int) ($record['fullFloatDriftPerThousand'] ?? $settings->fullFloatDriftPerThousand);
        $length = static fn(string $name, ?Length $else): ?Length => isset($record[$name])
            ? Length::ofNanometres((int) $record[$name])
            : $else;
        foreach ($settings->distances as $name => $usual) {
            $settings->distances[$name] = $length('distance_' . $name, $usual);
        }
        foreach ($settings->grips as $name => $usual) {
            $settings->grips[$name] = $length('grip_' . $name, $usual);
        }
        foreach ($settings->seconds as $name => $usual) {
            $settings->seconds[$name] = (float) ($record['seconds_' . $name] ?? $usual);
        }
        foreach ($settings->bulks as $name => $usual) {
            $settings->bulks[$name] = (float) ($record['bulk_' . $name] ?? $usual);
        }
        $settings->canvasShrinksPerCent = (int) ($record['canvasShrinksPerCent'] ?? $settings->canvasShrinksPerCent);
        foreach (array_keys($settings->thickness) as $name) {
            $settings->thickness[$name] = (float) ($record['thickness_' . $name] ?? $settings->thickness[$name]);
        }

        return $settings;
    }

    /**
     * @return list<'clampBite'|'footClearance'|'battingOverhang'|'seamAllowance'|'squaringAllowance'|'sectionOverlap'>
     */
    private static function lengths(): array
    {
        return [
            'clampBite',
            'footClearance',
            'battingOverhang',
            'seamAllowance',
            'squaringAllowance',
            'sectionOverlap',
        ];
    }

    /** A form field's name has no hyphen. */
    public static function key(\BackedEnum $word): string
    {
        return str_replace('-', '_', (string) $word->value);
    }
}
