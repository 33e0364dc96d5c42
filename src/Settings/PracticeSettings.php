<?php

declare(strict_types=1);

namespace App\Settings;

use App\Measure\OwnDistances;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
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
    private const LENGTHS = [
        'clampBite',
        'footClearance',
        'battingOverhang',
        'seamAllowance',
        'squaringAllowance',
        'sectionOverlap',
    ];
    private const WHOLES = [
        'quiltingPerInch',
        'bastingPerInch',
        'prebastingPerInch',
        'bobbinMetres',
        'battingRestHours',
        'battingBestRestHours',
        'driftPerThousand',
        'fullFloatDriftPerThousand',
        'canvasShrinksPerCent',
        'unmeasuredPerThousand',
    ];
    private const DECIMALS = ['bastingTurnsOff', 'metresAMinute', 'underFoot'];

    #[Assert\NotNull(message: Between::NEEDED)]
    public ?Length $clampBite;

    #[Assert\NotNull(message: Between::NEEDED)]
    public ?Length $footClearance;

    #[Assert\NotNull(message: Between::NEEDED)]
    public ?Length $battingOverhang;

    #[Assert\NotNull(message: Between::NEEDED)]
    public ?Length $seamAllowance;

    #[Assert\NotNull(message: Between::NEEDED)]
    public ?Length $squaringAllowance;

    #[Assert\NotNull(message: Between::NEEDED)]
    public ?Length $sectionOverlap;

    #[Between(0, 240, ' hours.')]
    public ?int $battingRestHours;

    #[Between(0, 240, ' hours.')]
    public ?int $battingBestRestHours;

    #[Between(4, 20)]
    public ?int $quiltingPerInch;
    #[Between(2, 6, ': long stitches come out easily.')]
    public ?int $bastingPerInch;
    #[Between(10, 1000, ' m.')]
    public ?int $bobbinMetres;
    #[Between(1, 4, ': it is pulled out again.')]
    public ?int $prebastingPerInch;
    #[Between(0, 4, ' turns.')]
    public ?float $bastingTurnsOff;
    #[Between(0.2, 20, ' m a minute.')]
    public ?float $metresAMinute;
    #[Between(0.2, 20, ' mm.')]
    public ?float $underFoot;
    #[Between(0, 100, ' of a thousand.')]
    public ?int $driftPerThousand;
    #[Between(0, 100, ' of a thousand.')]
    public ?int $fullFloatDriftPerThousand;
    /** Readings at the frame go by this part of an inch. */
    #[Assert\Choice([8, 16])]
    public int $fraction = 8;
    public UnitSystem $units = UnitSystem::Inches;
    /** @var array<string, float|null> millimetres by "top", "backing_minky", "loft_wool" */
    #[Assert\All([new Between(0.05, 40, ' mm.')])]
    public array $thickness = [];
    /** @var array<string, Length|null> by the words of Distance, "lead_hold" */
    #[Assert\All([new Assert\NotNull(message: Between::NEEDED)])]
    public array $distances = [];
    /** @var array<string, Length|null> "pins_used_up", "magnets_lead_standoff" */
    #[Assert\All([new Assert\NotNull(message: Between::NEEDED)])]
    public array $grips = [];
    /** @var array<string, float|null> for each piece, by the words of HoldingSystem, "channel_clips" */
    #[Assert\All([new Between(0, 600, ' seconds.')])]
    public array $seconds = [];

    /** @var array<string, float|null> millimetres of radius, by the words of HoldingSystem */
    #[Assert\All([new Between(0, 40, ' mm.')])]
    public array $bulks = [];
    #[Between(0, 15, ' of a hundred.')]
    public ?int $canvasShrinksPerCent;

    #[Between(1, 100, ' of a thousand.')]
    public ?int $unmeasuredPerThousand;

    private function __construct() {}

    public static function of(Practice $practice): self
    {
        $settings = new self();
        foreach (self::LENGTHS as $name) {
            $settings->{$name} = $practice->{$name};
        }
        [$settings->battingRestHours, $settings->battingBestRestHours] = [
            $practice->battingRestHours,
            $practice->battingBestRestHours,
        ];
        $settings->unmeasuredPerThousand = $practice->unmeasuredPerThousand;
        [$settings->driftPerThousand, $settings->fullFloatDriftPerThousand, $settings->canvasShrinksPerCent] = [
            $practice->driftPerThousand,
            $practice->fullFloatDriftPerThousand,
            $practice->canvasShrinksPerCent,
        ];
        [$settings->quiltingPerInch, $settings->bastingPerInch] = [
            $practice->stitches->quiltingPerInch,
            $practice->stitches->bastingPerInch,
        ];
        [$settings->prebastingPerInch, $settings->bastingTurnsOff] = [
            $practice->stitches->prebastingPerInch,
            $practice->stitches->bastingTurnsOff,
        ];
        $settings->bobbinMetres = (int) round($practice->stitches->bobbin->toMillimetres() / 1000);
        $settings->metresAMinute = $practice->stitches->millimetresAMinute / 1000;
        $settings->underFoot = $practice->stitches->underFoot->toMillimetres();
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
            $key = self::key($distance);
            OwnDistances::check($context, $distance, $this->distances[$key] ?? null, $key, $this->units);
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
            unmeasuredPerThousand: $this->unmeasuredPerThousand ?? 20,
        );
    }

    /** @return array<string, int|float> lengths in nanometres, hours, thicknesses in millimetres */
    public function toArray(): array
    {
        $usual = self::of(new Practice());
        $record = ['fraction' => $this->fraction];
        foreach ([...self::WHOLES, ...self::DECIMALS] as $name) {
            $record[$name] = $this->{$name} ?? ($usual->{$name} ?? 0);
        }
        foreach (self::LENGTHS as $name) {
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
        $settings->fraction = (int) ($record['fraction'] ?? $settings->fraction);
        foreach (self::WHOLES as $name) {
            $settings->{$name} = (int) ($record[$name] ?? $settings->{$name});
        }
        foreach (self::DECIMALS as $name) {
            $settings->{$name} = (float) ($record[$name] ?? $settings->{$name});
        }
        $length = static fn(string $name, ?Length $else): ?Length => isset($record[$name])
            ? Length::ofNanometres((int) $record[$name])
            : $else;
        foreach (self::LENGTHS as $name) {
            $settings->{$name} = $length($name, $settings->{$name});
        }
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
        foreach (array_keys($settings->thickness) as $name) {
            $settings->thickness[$name] = (float) ($record['thickness_' . $name] ?? $settings->thickness[$name]);
        }

        return $settings;
    }

    /** A form field's name has no hyphen. */
    public static function key(\BackedEnum $word): string
    {
        return str_replace('-', '_', (string) $word->value);
    }
}
