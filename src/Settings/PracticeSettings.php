<?php

declare(strict_types=1);

namespace App\Settings;

use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
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
    /** Readings at the frame go by this part of an inch. */
    #[Assert\Choice([8, 16])]
    public int $fraction = 8;
    /** @var array<string, float|null> millimetres by "top", "backing_minky", "loft_wool" */
    #[
        Assert\All([
            new Assert\NotNull(message: self::NEEDED),
            new Assert\Range(min: 0.05, max: 40, notInRangeMessage: 'Between {{ min }} and {{ max }} mm.'),
        ]),
    ]
    public array $thickness = [];

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
        $settings->thickness['top'] = $practice->thickness->ofTop()->toMillimetres();
        foreach (BackingKind::cases() as $kind) {
            $settings->thickness['backing_' . $kind->value] = $practice->thickness->ofBacking($kind)->toMillimetres();
        }
        foreach (BattingKind::cases() as $kind) {
            $settings->thickness['loft_' . self::key($kind)] = $practice->thickness->loftOf($kind)->toMillimetres();
        }

        return $settings;
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

        return new Practice(
            $this->clampBite,
            $this->footClearance,
            $this->battingOverhang,
            $this->seamAllowance,
            $this->squaringAllowance,
            battingRestHours: $this->battingRestHours ?? 0,
            battingBestRestHours: $this->battingBestRestHours ?? 0,
            sectionOverlap: $this->sectionOverlap,
            thickness: new Thickness($backings, $lofts, $millimetres('top')),
            stitches: new Stitches(
                $this->quiltingPerInch ?? 11,
                $this->bastingPerInch ?? 4,
                bobbin: Length::millimetres(1000 * ($this->bobbinMetres ?? 100)),
            ),
        );
    }

    /** @return array<string, int|float> lengths in nanometres, hours, thicknesses in millimetres */
    public function toArray(): array
    {
        $record = [
            'quiltingPerInch' => $this->quiltingPerInch ?? 11,
            'bastingPerInch' => $this->bastingPerInch ?? 4,
            'bobbinMetres' => $this->bobbinMetres ?? 100,
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
    private static function key(BattingKind $kind): string
    {
        return str_replace('-', '_', $kind->value);
    }
}
