<?php

declare(strict_types=1);

namespace Tests\Core\Design;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\RowRule;
use Schwung\Core\Design\Affine;
use Schwung\Core\Design\Arc;
use Schwung\Core\Design\Exception\UnusableDesign;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Design\LaidDesignWriter;
use Schwung\Core\Design\PathReader;
use Schwung\Core\Design\ShippedDesigns;
use Schwung\Core\Design\StitchPath;
use Schwung\Core\Design\SvgReader;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Point;

#[CoversClass(SvgReader::class)]
#[CoversClass(PathReader::class)]
#[CoversClass(Arc::class)]
#[CoversClass(Affine::class)]
#[CoversClass(StitchPath::class)]
#[CoversClass(LaidDesign::class)]
#[CoversClass(LaidDesignWriter::class)]
#[CoversClass(ShippedDesigns::class)]
final class DesignTest extends TestCase
{
    /**
     * Each kind of segment, alone, against what geometry says of its size and length.
     */
    #[DataProvider('paths')]
    public function testEverySegmentIsMeasured(string $path, float $width, float $height, float $stitched): void
    {
        $design = (new SvgReader())->read(self::svg("<path d=\"$path\"/>"));

        self::assertEqualsWithDelta($width, $design->repeat()->toMillimetres(), 0.1);
        self::assertEqualsWithDelta($height, $design->height()->toMillimetres(), 0.1);
        self::assertEqualsWithDelta($stitched, $design->stitched()->toMillimetres(), 0.3);
    }

    /** @return iterable<string, array{string, float, float, float}> */
    public static function paths(): iterable
    {
        yield 'lines, absolute' => ['M0 0L30 40', 30, 40, 50];
        yield 'lines, relative, implied' => ['m10 10 30 40', 30, 40, 50];
        yield 'level and upright' => ['M0 0H30V40h-10v-5z', 30, 40, 30 + 40 + 10 + 5 + hypot(20, 35)];
        yield 'cubic: a quarter of a circle' => ['M0 50C0 22.386 22.386 0 50 0', 50, 50, 25 * \M_PI];
        yield 'cubic and its smooth other half' => [
            'M0 50C0 22.386 22.386 0 50 0S100 22.386 100 50',
            100,
            50,
            50 * \M_PI,
        ];
        yield 'the same, relative' => ['m0 50c0-27.614 22.386-50 50-50s50 22.386 50 50', 100, 50, 50 * \M_PI];
        yield 'quadratic: a parabola' => ['M0 0Q50 100 100 0', 100, 50, 147.89];
        yield 'quadratic and its smooth mirror' => ['M0 50Q25 0 50 50T100 50', 100, 50, 147.89];
        yield 'a half circle by an arc' => ['M0 50A50 50 0 0 1 100 50', 100, 50, 50 * \M_PI];
        yield 'the large arc, flags run together' => ['M0 50a50 50 0 1150 50', 100, 100, 75 * \M_PI];
        yield 'an arc with radii too small' => ['M0 50A1 1 0 0 1 100 50', 100, 50, 50 * \M_PI];
        yield 'a turned ellipse' => ['M0 0A50 20 90 0 0 0 100', 20, 100, 115.06];
        yield 'a line after a closed figure' => ['M0 0L30 0L30 40ZL0 40', 30, 40, 30 + 40 + 50 + 40];
        yield 'numbers without spaces' => ['M.5.5-9.5-9.5', 10, 10, hypot(10, 10)];
        yield 'numbers with exponents' => ['M0 0L3e1 4.0E+1', 30, 40, 50];
    }

    public function testGroupsTurnAndScale(): void
    {
        $design = (new SvgReader())->read(
            self::svg(
                '<g transform="translate(5 5) rotate(90)"><g transform="scale(2, 1)"><line x1="0" y1="0" x2="10" ' .
                    'y2="10"/></g></g><polyline points="0,0 10,10" transform="matrix(1 0 0 1 -50 0)"/><polygon ' .
                    'points="0 0 4 0 4 3" transform="rotate(180 10 10) skewX(0) skewY(0)"/>',
            ),
        );

        self::assertEqualsWithDelta(70, $design->repeat()->toMillimetres(), 0.01);
        self::assertEqualsWithDelta(25, $design->height()->toMillimetres(), 0.01);
        self::assertEqualsWithDelta(hypot(20, 10) + hypot(10, 10) + 12, $design->stitched()->toMillimetres(), 0.01);
    }

    #[DataProvider('sizes')]
    public function testTheDrawingsOwnSizeIsKept(string $attributes, float $millimetres): void
    {
        $design = (new SvgReader())->read(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" $attributes><path d=\"M0 0L96 96\"/></svg>",
        );

        self::assertEqualsWithDelta($millimetres, $design->height()->toMillimetres(), 0.001);
    }

    /** @return iterable<string, array{string, float}> */
    public static function sizes(): iterable
    {
        yield 'inches' => ['width="5in" viewBox="0 0 96 96"', 127];
        yield 'centimetres' => ['width="5cm" viewBox="0 0 96 96"', 50];
        yield 'points' => ['width="72pt" viewBox="0 0 96 96"', 25.4];
        yield 'pixels' => ['width="192px" viewBox="0,0,96,96"', 50.8];
        yield 'no size' => ['', 25.4];
        yield 'a share of the page' => ['width="100%" viewBox="0 0 96 96"', 25.4];
    }

    public function testARepeatCarriesOnWhereThePathEndsAsHighAsItBegan(): void
    {
        // The curl reaches beyond the end, yet the next repeat begins at the end.
        $design = (new SvgReader())->read(self::svg('<path d="M0 20L70 20L70 0L60 10L60 20"/>'));

        self::assertEqualsWithDelta(60, $design->repeat()->toMillimetres(), 0.001);
    }

    #[DataProvider('hostile')]
    public function testWhatCannotBeADesignIsRefusedByName(string $text, string $message): void
    {
        $this->expectException(UnusableDesign::class);
        $this->expectExceptionMessage($message);

        (new SvgReader())->read($text);
    }

    /** @return iterable<string, array{string, string}> */
    public static function hostile(): iterable
    {
        yield 'nothing' => ['', 'This is no SVG drawing'];
        yield 'not XML' => ['a wave', 'This is no SVG drawing'];
        yield 'broken off' => ['<svg xmlns="http://www.w3.org/2000/svg"><path d="M0', 'This is no SVG drawing'];
        yield 'another document' => ['<html/>', 'This is no SVG drawing'];
        yield 'too large' => [str_repeat(' ', 600_000), 'a row design may have 512 kB'];
        yield 'entities that grow' => ['<!DOCTYPE svg [<!ENTITY a "aaaa">]><svg>&a;</svg>', 'declares a document type'];
        yield 'an outside entity' => ['<!DOCTYPE svg SYSTEM "file:///etc/passwd"><svg/>', 'declares a document type'];
        yield 'a script' => [self::svg('<script>alert(1)</script>'), 'wants to run something (script)'];
        yield 'a handler' => [self::svg('<path d="M0 0L9 9" onload="alert(1)"/>'), 'wants to run something (onload)'];
        yield 'a handler on the drawing' => [
            '<svg xmlns="http://www.w3.org/2000/svg" onload="x()"><path d="M0 0L9 9"/></svg>',
            'wants to run something (onload)',
        ];
        yield 'a page within' => [self::svg('<foreignObject/>'), 'wants to run something (foreignObject)'];
        yield 'a picture' => [self::svg('<image width="3"/>'), 'refers to something else (image)'];
        yield 'a link' => [
            self::svg(
                '<g xmlns:xlink="http://www.w3.org/1999/xlink"><path xlink:href="http://outside.example/" d="M0 0L9 ' .
                    '9"/></g>',
            ),
            'refers to something outside it',
        ];
        yield 'a circle' => [self::svg('<circle r="5"/>'), 'this drawing has "circle". Turn its objects into paths.'];
        yield 'letters' => [self::svg('<text>row</text>'), 'this drawing has "text"'];
        yield 'nothing to stitch' => [self::svg('<g/>'), 'There is nothing to stitch'];
        yield 'only a dot' => [self::svg('<path d="M5 5"/>'), 'There is nothing to stitch'];
        yield 'flat' => [self::svg('<path d="M0 5H50"/>'), 'a row design is between 1 mm and 10 m'];
        yield 'a path that is none' => [self::svg('<path d="M0 0 L nine"/>'), 'A path cannot be read at "nine"'];
        yield 'a path without a start' => [self::svg('<path d="L5 5"/>'), 'A path cannot be read at "L5 5"'];
        yield 'a path with a loose number' => [self::svg('<path d="M0 0L1"/>'), 'A path cannot be read at'];
        yield 'a wrong flag' => [self::svg('<path d="M0 0A5 5 0 2 0 9 9"/>'), 'A path cannot be read at "2 0 9 9"'];
        yield 'an absurd number' => [self::svg('<path d="M0 0L1e300 0"/>'), 'A path cannot be read at'];
        yield 'a transform that is none' => [
            self::svg('<g transform="spin(3)"><path d="M0 0L9 9"/></g>'),
            'There is no transform "spin" with 1 numbers.',
        ];
        yield 'a broken transform' => [
            self::svg('<g transform="scale(2"><path d="M0 0L9 9"/></g>'),
            'The transform "scale(2" cannot be read.',
        ];
        yield 'odd points' => [self::svg('<polyline points="0 0 5"/>'), 'A polyline has no pairs of numbers.'];
        yield 'points that are none' => [self::svg('<polyline points="0 0 5 x"/>'), '"x" is no number.'];
        yield 'deep groups' => [self::svg(str_repeat('<g>', 60) . str_repeat('</g>', 60)), 'nested more than 40 deep'];
        yield 'too many elements' => [self::svg(str_repeat('<g/>', 5001)), 'more than 5000 elements'];
        yield 'too many points' => [
            self::svg('<path d="M0 0' . str_repeat('C9 0 0 9 9 9', 9_000) . '"/>'),
            'a row design may have 60000',
        ];
    }

    /** What was reproduced against the designs page: each kept it down, or kept the server busy. */
    #[DataProvider('overwhelming')]
    public function testAHostileDrawingIsRefusedAtOnce(string $text, string $message): void
    {
        $memory = memory_get_usage();
        try {
            (new SvgReader())->read($text);
            self::fail('It was taken.');
        } catch (UnusableDesign $refused) {
            self::assertStringContainsString($message, $refused->getMessage());
        }
        self::assertLessThan(40_000_000, memory_get_peak_usage() - $memory, 'it was read to its end');
    }

    /** @return iterable<string, array{string, string}> */
    public static function overwhelming(): iterable
    {
        $svg = static fn(
            string $inner,
        ): string => '<svg xmlns="http://www.w3.org/2000/svg" width="8in" viewBox="0 0 80 40">' . $inner . '</svg>';
        $row = '<path d="M0 30C20-10 60-10 80 30"/>';
        yield 'a matrix without end' => [
            $svg("<g transform=\"matrix(1e308 1e308 1e308 1e308 0 0)\">$row</g>"),
            'far too large',
        ];
        yield 'scales that multiply' => [
            $svg(str_repeat('<g transform="scale(1e6)">', 30) . $row . str_repeat('</g>', 30)),
            'far too large',
        ];
        yield 'half a megabyte of arcs' => [
            $svg('<path d="M0 0' . str_repeat('a9 9 0 1 0 1 1', 37_000) . '"/>'),
            'a row design may have 60000',
        ];
        yield 'many paths of arcs' => [
            $svg(str_repeat('<path d="M0 0' . str_repeat('a9 9 0 1 0 1 1', 40) . '"/>', 800)),
            'a row design may have 60000',
        ];
        yield 'a document type in another encoding' => [
            (string) mb_convert_encoding(
                '<?xml version="1.0" encoding="UTF-16"?><!DOCTYPE svg [<!ENTITY a "b">]>' . $svg($row),
                'UTF-16',
                'UTF-8',
            ),
            'declares a document type',
        ];
    }

    public function testADesignSurvivesBeingStored(): void
    {
        $design = (new ShippedDesigns())->find('loops');
        self::assertNotNull($design);
        $again = StitchPath::fromPathData($design->toPathData());

        self::assertEqualsWithDelta($design->height()->toMillimetres(), $again->height()->toMillimetres(), 0.02);
        self::assertEqualsWithDelta($design->repeat()->toMillimetres(), $again->repeat()->toMillimetres(), 0.02);
        self::assertEqualsWithDelta($design->stitched()->toMillimetres(), $again->stitched()->toMillimetres(), 0.5);
    }

    public function testTheShippedDesignsCanBeStitched(): void
    {
        foreach ((new ShippedDesigns())->names() as $key => $name) {
            $design = (new ShippedDesigns())->find($key);
            self::assertNotNull($design);
            self::assertGreaterThan(50, $design->height()->toMillimetres(), $name);
            self::assertCount(1, $design->lines, "$name is one line");
        }
        self::assertNull((new ShippedDesigns())->find('../waves'));
    }

    public function testALaidDesignCoversTheQuiltAndKeepsItsFinish(): void
    {
        $laid = self::laid();

        self::assertEqualsWithDelta((1.044379 * 8) / 5, $laid->scale, 0.002);
        self::assertGreaterThanOrEqual(68 * 25.4, $laid->repeats * $laid->repeat());
        self::assertLessThan(68 * 25.4 + $laid->repeat(), $laid->repeats * $laid->repeat());
        $places = $laid->places();
        self::assertCount(10 * $laid->repeats, $places);
        self::assertEqualsWithDelta(-0.5 * 25.4, $places[0][1], 1e-5);
        self::assertEqualsWithDelta(87.75 * 25.4, $places[\count($places) - 1][1] + 8 * 1.044379 * 25.4, 0.01);
        self::assertEqualsWithDelta(0, $places[0][0] + $places[$laid->repeats - 1][0] + $laid->repeat(), 1e-6);
        self::assertEqualsWithDelta(
            $laid->path->stitched()->toMillimetres() * $laid->scale * \count($places),
            $laid->stitched()->toMillimetres(),
            0.01,
        );
    }

    public function testALaidDesignIsWrittenAsADrawingOfItsTrueSize(): void
    {
        $laid = self::laid();
        $svg = (new LaidDesignWriter())->write($laid, 'Harbour <lamps>');
        $document = new \DOMDocument();

        self::assertTrue($document->loadXML($svg));
        self::assertSame('Harbour <lamps>', $document->getElementsByTagName('title')->item(0)?->textContent);
        self::assertCount(10, $document->getElementsByTagName('path'));
        self::assertStringEndsWith('mm', (string) $document->documentElement?->getAttribute('width'));
        // Read back as a design, it is as long as what was laid.
        $rows = preg_replace('~<rect[^>]*/>~', '', $svg);
        self::assertEqualsWithDelta(
            $laid->stitched()->toMillimetres(),
            (new SvgReader())->read((string) $rows)->stitched()->toMillimetres(),
            5,
        );
    }

    public function testAPathStartsAtItsLeftAndTop(): void
    {
        $design = StitchPath::of([[new Point(10, 30), new Point(40, 20), new Point(70, 30)]]);

        self::assertSame([0.0, 10.0], [$design->lines[0][0]->x, $design->lines[0][0]->y]);
    }

    private static function laid(): LaidDesign
    {
        $waves = (new ShippedDesigns())->find('waves');
        self::assertNotNull($waves);
        $rows = new RowDesign(Length::inches(8), Length::inches(0.5), Length::inches(0.5), Finish::FitScale);

        return new LaidDesign($waves, (new RowRule())->layOut($rows, Length::inches(87.25)), Length::inches(68));
    }

    /** A drawing whose unit is a millimetre. */
    private static function svg(string $content): string
    {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"100mm\" viewBox=\"0 0 100 100\">$content</svg>";
    }
}
