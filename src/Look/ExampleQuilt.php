<?php

declare(strict_types=1);

namespace App\Look;

use App\Account\Studio;
use App\Demo\DemoQuilt;
use App\Demo\DemoStudio;
use App\Frames\StudioFrame;
use App\Quilt\Quilt;
use App\Quilt\Sheet;
use Schwung\Core\Measure\UnitSystem;

/** A quilt of the demo that belongs to nobody and is kept nowhere. */
final readonly class ExampleQuilt
{
    private const TITLE = 'Salt stairs';

    private function __construct(public Quilt $quilt, public Sheet $sheet) {}

    public static function make(\DateTimeImmutable $now): self
    {
        $demo = new DemoStudio();
        $shown = array_values(
            array_filter($demo->quilts($now), static fn(DemoQuilt $quilt): bool => self::TITLE === $quilt->title),
        )[0];
        $studio = new Studio('An example', UnitSystem::Inches, 'UTC');
        $name = array_keys($demo->frames())[$shown->frame];
        $frame = new StudioFrame($studio, $name, $demo->frames()[$name]);
        $frame->equip(...$demo->equipment()[$name]);

        return new self(
            new Quilt($studio, 'example', $shown->title, $shown->client, null, $frame),
            $shown
                ->sheet()
                ->with('batting/width', '84 in')
                ->with('batting/length', '104 in')
                ->with('quilting/style', 'rows')
                ->with('quilting/row_height', '8 in')
                ->with('desk/design', 'loops'),
        );
    }
}
