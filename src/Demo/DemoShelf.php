<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\Studio;
use App\Clients\Client;
use App\Clients\ClientRepository;
use App\Quilt\Quilt;
use App\Shelf\Batting\BattingInput;
use App\Shelf\Batting\BattingShelf;
use App\Shelf\Batting\CutAsked;
use App\Shelf\Batting\ShelfBatting;
use App\Shelf\Recipes\Recipe;
use App\Shelf\Recipes\RecipeCards;
use App\Shelf\Recipes\RecipeInput;
use App\Shelf\Thread\ShelfThread;
use App\Shelf\Thread\ThreadInput;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;

/** The shelf of the demo: two rolls under the frame, a box of offcuts, cones, and what was stitched with them. */
final readonly class DemoShelf
{
    /** Kind, width and length in inches, name, whose. */
    private const ROLLS = [
        ['cotton', 96, 300, 'under the north frame', ''],
        ['wool', 90, 84, 'in the tall cupboard', ''],
    ];
    private const PIECES = [
        ['cotton', 68, 82, '', ''],
        ['cotton', 46, 58, 'in the box', ''],
        ['cotton', 44, 96, 'in the box', ''],
        ['cotton', 30, 60, 'in the box', ''],
        ['cotton', 24, 96, '', ''],
        ['cotton', 18, 72, '', ''],
        ['wool', 72, 72, '', 'Odile Marrant'],
        ['wool', 40, 62, '', ''],
        ['polyester', 60, 80, 'the high one', ''],
        ['cotton-poly', 54, 66, '', ''],
        ['bamboo', 48, 60, '', ''],
    ];
    /** Colour, how it looks, number, metres when new, metres left. */
    private const CONES = [
        ['Fog grey', '#9aa3a8', 40, 2700, 2100],
        ['Chalk white', '#f4f1e8', 40, 2700, 1350],
        ['Moss', '#5f6f4a', 50, 3000, 2800],
        ['Ink blue', '#22304d', 40, 2700, 60],
        ['Straw', '#d9b864', 30, 1800, 900],
        ['Smoke, for bobbins', '#c9c8c4', 60, 5000, 4300],
    ];

    public function __construct(
        private EntityManagerInterface $entities,
        private BattingShelf $shelf,
        private ClientRepository $clients,
        private RecipeCards $cards,
    ) {}

    /** @param array<string, Quilt> $quilts by title */
    public function fill(Studio $studio, array $quilts): void
    {
        if (!isset($quilts['Rain on slate'], $quilts['Paper boats'])) {
            return;
        }
        $rolls = [];
        foreach (self::ROLLS as $i => $roll) {
            $rolls[] = $this->put($studio, true, $roll, "demo-roll-$i");
        }
        foreach (self::PIECES as $i => $piece) {
            $this->put($studio, false, $piece, "demo-piece-$i");
        }
        // Of what was cut for the quilt that is off its frame, a strip is left.
        $this->shelf->cut(
            $rolls[0],
            new CutAsked(
                version: $rolls[0]->version(),
                over: Length::inches(66),
                off: Length::inches(50),
                quilt: null,
                person: 'Maren Tideloft',
                key: 'demo-cut',
            ),
        );
        $cones = $this->cones($studio);
        $this->recipe($quilts['Paper boats'], $cones['Fog grey'], $cones['Smoke, for bobbins'], 'two and a half');
        $this->recipe($quilts['Harbour lamps'], $cones['Chalk white'], $cones['Chalk white'], 'two');
        $this->recipe($quilts['Rain on slate'], $cones['Ink blue'], $cones['Smoke, for bobbins'], '');
        $this->entities->flush();
    }

    /** @param array{string, int, int, string, string} $thing */
    private function put(Studio $studio, bool $isRoll, array $thing, string $key): ShelfBatting
    {
        [$kind, $width, $length, $name, $whose] = $thing;
        $input = new BattingInput();
        [$input->isRoll, $input->kind, $input->name] = [$isRoll, BattingKind::from($kind), $name];
        [$input->width, $input->length] = [Length::inches($width), Length::inches($length)];
        $input->client = '' === $whose ? null : $this->client($studio, $whose);

        return $this->shelf->put($studio, $input, $key);
    }

    private function client(Studio $studio, string $name): ?Client
    {
        return $this->clients->findOneNamed($studio, $name);
    }

    /** @return array<string, ShelfThread> by colour */
    private function cones(Studio $studio): array
    {
        $cones = [];
        foreach (self::CONES as $i => [$colour, $swatch, $number, $new, $left]) {
            $input = new ThreadInput();
            [$input->colour, $input->swatch] = [$colour, $swatch];
            [$input->heavy, $input->much] = [(float) $number, (float) $new];
            $cones[$colour] = new ShelfThread($studio, "demo-cone-$i");
            $cones[$colour]->describe($input);
            $input->much = (float) $left;
            $cones[$colour]->describe($input);
            $this->entities->persist($cones[$colour]);
        }
        $this->entities->flush();

        return $cones;
    }

    private function recipe(Quilt $quilt, ShelfThread $top, ShelfThread $bobbin, string $tension): void
    {
        $input = new RecipeInput();
        [$input->top, $input->bobbin, $input->tension] = [$top, $bobbin, $tension];
        [$input->needle, $input->foot, $input->perInch] = ['100, round point', 'hopping', 11];
        $input->seen = '' === $tension ? [] : ['day', 'lamp'];
        $input->isTested = '' !== $tension;
        $this->cards->settle(new Recipe($quilt), $input);
    }
}
