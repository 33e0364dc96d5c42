<?php

declare(strict_types=1);

namespace Schwung\Core\Design;

use Schwung\Core\Design\Exception\UnusableDesign;
use Schwung\Core\Measure\Point;

/**
 * Reads one row of an edge-to-edge design from an SVG drawing: paths, polylines, polygons, lines, and groups with
 * transforms. Nothing in it is run and nothing fetched; whatever would want that is refused by name.
 */
final readonly class SvgReader
{
    public const LARGEST_BYTES = 524_288;
    private const MOST_ELEMENTS = 5_000;
    private const DEEPEST = 40;
    private const MILLIMETRES_PER_PIXEL = 25.4 / 96;

    /** @var list<string> what says something about the drawing, or is not drawn */
    private const SILENT = ['title', 'desc', 'metadata', 'defs', 'style', 'namedview'];

    /** @throws UnusableDesign if the drawing cannot be a row design */
    public function read(string $text): StitchPath
    {
        $root = $this->root($text);
        $lines = [];
        $this->gather($root, $this->toMillimetres($root), 0, $lines);

        return StitchPath::of($lines);
    }

    private function root(string $text): \DOMElement
    {
        if (\strlen($text) > self::LARGEST_BYTES) {
            throw UnusableDesign::because(
                \sprintf(
                    'The file is %d kB; a row design may have %d kB.',
                    \strlen($text) / 1024,
                    self::LARGEST_BYTES / 1024,
                ),
            );
        }
        if (1 === preg_match('/<!(DOCTYPE|ENTITY)/i', $text)) {
            throw UnusableDesign::because('The drawing declares a document type. Save it as plain SVG.');
        }
        $document = new \DOMDocument();
        $errors = libxml_use_internal_errors(true);
        $isRead = '' !== trim($text) && $document->loadXML($text, \LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($errors);
        $root = $document->documentElement;
        if (null !== $document->doctype) {
            // In whatever encoding it was written.
            throw UnusableDesign::because('The drawing declares a document type. Save it as plain SVG.');
        }
        if (!$isRead || null === $root || 'svg' !== $root->localName) {
            throw UnusableDesign::because('This is no SVG drawing, or it is broken off.');
        }
        if ($document->getElementsByTagName('*')->length > self::MOST_ELEMENTS) {
            throw UnusableDesign::because(\sprintf('The drawing has more than %d elements.', self::MOST_ELEMENTS));
        }

        return $root;
    }

    /**
     * From the drawing's own units, by its viewBox and its width; a unit without a name is a ninety-sixth of an inch.
     */
    private function toMillimetres(\DOMElement $root): Affine
    {
        $box = preg_split('/[\s,]+/', trim($root->getAttribute('viewBox'))) ?: [];
        $wide = \count($box) < 4 ? 0.0 : (float) $box[2];
        $size = $this->size($root->getAttribute('width'));

        return Affine::scaling($wide > 0 && null !== $size ? $size / $wide : self::MILLIMETRES_PER_PIXEL);
    }

    private function size(string $text): ?float
    {
        if (1 !== preg_match('/^\s*(\d+\.?\d*|\.\d+)\s*(mm|cm|in|pt|pc|px|)\s*$/', $text, $found)) {
            return null;
        }
        $size =
            (float) $found[1] *
            match ($found[2]) {
                'mm' => 1.0,
                'cm' => 10.0,
                'in' => 25.4,
                'pt' => 25.4 / 72,
                'pc' => 25.4 / 6,
                default => self::MILLIMETRES_PER_PIXEL,
            };

        return $size > 0 ? $size : null;
    }

    /** @param list<non-empty-list<Point>> $lines added to */
    private function gather(\DOMElement $parent, Affine $map, int $depth, array &$lines): void
    {
        $this->refuseAttributes($parent);
        if ($depth > self::DEEPEST) {
            throw UnusableDesign::because(\sprintf('Groups are nested more than %d deep.', self::DEEPEST));
        }
        foreach ($parent->childNodes as $child) {
            if (!($child instanceof \DOMElement) || \in_array($child->localName, self::SILENT, true)) {
                continue;
            }
            $this->refuseAttributes($child);
            $inner = $map->after(Affine::parse($child->getAttribute('transform')));
            match ($child->localName) {
                'g' => $this->gather($child, $inner, $depth + 1, $lines),
                'path' => array_push(
                    $lines,
                    ...PathReader::read($child->getAttribute('d'), $inner, self::left($lines)),
                ),
                'polyline' => ($lines[] = $this->points($child, $inner, false)),
                'polygon' => ($lines[] = $this->points($child, $inner, true)),
                'line' => ($lines[] = $this->ends($child, $inner)),
                default => throw $this->refused($child->localName ?? ''),
            };
        }
    }

    /**
     * @param list<non-empty-list<Point>> $lines read so far
     *
     * @return int how many points may come
     */
    private static function left(array $lines): int
    {
        return StitchPath::MOST_POINTS - array_sum(array_map(\count(...), $lines));
    }

    private function refuseAttributes(\DOMElement $element): void
    {
        foreach ($element->attributes as $attribute) {
            if (1 === preg_match('/^on/i', $attribute->nodeName)) {
                throw UnusableDesign::because(
                    \sprintf(
                        'The drawing wants to run something (%s). Save it as plain SVG.',
                        mb_substr($attribute->nodeName, 0, 30),
                    ),
                );
            }
            if ('href' === $attribute->localName) {
                throw UnusableDesign::because(
                    'The drawing refers to something outside it. Put everything into the drawing itself.',
                );
            }
        }
    }

    private function refused(string $name): UnusableDesign
    {
        return UnusableDesign::because(
            match ($name) {
                'script', 'foreignObject', 'animate', 'set', 'handler' => \sprintf(
                    'The drawing wants to run something (%s). Save it as plain SVG.',
                    $name,
                ),
                'image', 'use', 'a' => \sprintf(
                    'The drawing refers to something else (%s). Put everything into paths.',
                    $name,
                ),
                default => \sprintf(
                    'Only paths, polylines, lines and groups can be stitched; this drawing has "%s". Turn its ' .
                        'objects into paths.',
                    mb_substr($name, 0, 30),
                ),
            },
        );
    }

    /** @return non-empty-list<Point> */
    private function points(\DOMElement $element, Affine $map, bool $isClosed): array
    {
        $numbers = preg_split('/[\s,]+/', trim($element->getAttribute('points')), -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        $points = [];
        for ($i = 0; $i + 1 < \count($numbers); $i += 2) {
            $points[] = $map->apply($this->number($numbers[$i]), $this->number($numbers[$i + 1]));
        }
        if ([] === $points || 1 === \count($numbers) % 2) {
            throw UnusableDesign::because('A polyline has no pairs of numbers.');
        }

        return $isClosed ? [...$points, $points[0]] : $points;
    }

    /** @return non-empty-list<Point> */
    private function ends(\DOMElement $element, Affine $map): array
    {
        $at = fn(string $name): float => '' === $element->getAttribute($name)
            ? 0.0
            : $this->number($element->getAttribute($name));

        return [$map->apply($at('x1'), $at('y1')), $map->apply($at('x2'), $at('y2'))];
    }

    private function number(string $text): float
    {
        if (!is_numeric($text) || abs((float) $text) > 1e7) {
            throw UnusableDesign::because(\sprintf('"%s" is no number.', mb_substr($text, 0, 20)));
        }

        return (float) $text;
    }
}
