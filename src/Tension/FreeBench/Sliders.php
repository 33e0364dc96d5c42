<?php

declare(strict_types=1);

namespace App\Tension\FreeBench;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Material\Pressing;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Tension\Bed\BedSetup;
use Schwung\Core\Tension\Bed\LeaderShape;
use Schwung\Core\Tension\Bed\SideClamps;
use Schwung\Core\Tension\Bed\WoundSeam;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;
use Schwung\Core\Tension\SeamLie;
use Symfony\Component\HttpFoundation\InputBag;

/** Where the sliders of the free bench stand; an address holds them all, so that a bed can be handed on. */
final readonly class Sliders
{
    /** Least, most and where it stands on a bed with nothing wrong, by name. */
    private const ENDS = [
        'backing-left' => [1, 5, 3],
        'backing-centre' => [1, 5, 3],
        'backing-right' => [1, 5, 3],
        'top-left' => [1, 5, 3],
        'top-centre' => [1, 5, 3],
        'top-right' => [1, 5, 3],
        'tilt' => [-8, 8, 0],
        'bow' => [-8, 8, 0],
        'turns' => [0, 30, 12],
        'pull' => [0, SideClamps::STRONGEST, 2],
        'apart' => [4, 24, 12],
        'pins' => [1, 12, 4],
    ];

    /** @param array<string, int> $values by the names of the sliders */
    private function __construct(
        private array $values,
        public SeamLie $seam,
        public Pressing $pressed,
        public ClampWidth $bite,
        public Stretch $stretch,
    ) {}

    /**
     * @param InputBag<string> $query what is missing, or is none of its words, stands as on a bed with nothing wrong
     */
    public static function of(InputBag $query): self
    {
        $values = [];
        foreach (self::ENDS as $name => [$least, $most, $usual]) {
            $value = filter_var($query->get($name), \FILTER_VALIDATE_INT);
            $values[$name] = \is_int($value) ? max($least, min($most, $value)) : $usual;
        }

        return new self(
            $values,
            SeamLie::tryFrom($query->getString('seam')) ?? SeamLie::None,
            Pressing::tryFrom($query->getString('pressed')) ?? Pressing::Open,
            ClampWidth::tryFrom($query->getString('bite')) ?? ClampWidth::Wide,
            Stretch::tryFrom($query->getString('stretch')) ?? Stretch::None,
        );
    }

    public function setup(): BedSetup
    {
        $layer = fn(string $layer): array => [
            Firmness::from($this->values["$layer-left"]),
            Firmness::from($this->values["$layer-centre"]),
            Firmness::from($this->values["$layer-right"]),
        ];

        return new BedSetup(
            firmness: new FirmnessReading($layer('backing'), $layer('top')),
            leader: new LeaderShape($this->sixteenths('tilt'), $this->sixteenths('bow')),
            lag: Length::zero(),
            seam: new WoundSeam($this->seam, $this->pressed, $this->values['turns']),
            clamps: new SideClamps($this->values['pull'], $this->bite, Length::inches($this->values['apart'])),
            pinSpacing: Length::inches($this->values['pins']),
            stretch: $this->stretch,
            middle: Length::zero(),
            sides: Length::zero(),
        );
    }

    /** @return array<string, list<Slider>> by what they are about */
    public function groups(): array
    {
        return [
            'Firmness of the backing' => $this->firmness('backing'),
            'Firmness of the top' => $this->firmness('top'),
            'The leader' => [
                $this->slider('tilt', 'One end', $this->longer('tilt', 'the right', 'the left')),
                $this->slider('bow', 'The middle', $this->longer('bow', 'the middle', 'both ends')),
            ],
            'The seam of the backing' => [
                $this->slider('turns', 'Wound on', Phrase::of('%s turns', (string) $this->values['turns'])),
            ],
            'The side clamps' => [
                $this->slider(
                    'pull',
                    'Pull',
                    Phrase::of(
                        ['not there', 'light', 'just straight', 'hard', 'as hard as they go'][$this->values['pull']] ??
                            '',
                    ),
                ),
                $this->slider(
                    'apart',
                    'Apart',
                    Phrase::of('%s', Figure::measured(Length::inches($this->values['apart']))),
                ),
            ],
            'The pins' => [
                $this->slider(
                    'pins',
                    'Apart',
                    Phrase::of('%s', Figure::measured(Length::inches($this->values['pins']))),
                ),
            ],
        ];
    }

    /** @return list<Slider> */
    private function firmness(string $layer): array
    {
        return array_map(
            fn(string $side): Slider => $this->slider(
                "$layer-$side",
                ucfirst($side),
                Phrase::of(Firmness::from($this->values["$layer-$side"])->words()),
            ),
            ['left', 'centre', 'right'],
        );
    }

    private function slider(string $name, string $label, Phrase $says): Slider
    {
        return new Slider($name, $label, self::ENDS[$name][0], self::ENDS[$name][1], $this->values[$name], $says);
    }

    private function longer(string $name, string $more, string $less): Phrase
    {
        $by = $this->values[$name];

        return 0 === $by
            ? Phrase::of('straight')
            : Phrase::of('%s longer at %s', Figure::measured(Length::inches(abs($by) / 16)), $by > 0 ? $more : $less);
    }

    private function sixteenths(string $name): Length
    {
        return Length::inches($this->values[$name] / 16);
    }
}
