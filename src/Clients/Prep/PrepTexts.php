<?php

declare(strict_types=1);

namespace App\Clients\Prep;

/** What a card says beside its sizes; a studio may say each in its own words, and leave one out by a single dash. */
final readonly class PrepTexts
{
    public const MOST_LETTERS = 600;

    /** @var array<string, array{string, string}> where it stands and what it usually says, by place */
    public const USUAL = [
        'greeting' => ['At the top', 'So that your quilt can go straight onto the frame, please bring it like this.'],
        'square' => [
            'Square',
            'Cut the backing square: fold it, lay the edges together, and trim what stands over. What is crooked has to ' .
            'be cut away and is missing then.',
        ],
        'pressing' => [
            'Pressed',
            'Press top and backing, seams flat to one side or open. A crease stays in the quilt.',
        ],
        'seams' => [
            'Seams',
            'A seam in the backing is best side to side. Sew it with half an inch, take the selvedges off first, and ' .
            'press it open.',
        ],
        'selvedge' => ['Selvedge', 'Trim the selvedges: they are tighter than the cloth and pull it in.'],
        'pins' => ['No pins', 'No pins, no basting, no loose threads on the back of a light top. Do not layer it.'],
        'edge' => [
            'The edge of the top',
            'Stitch once round, an eighth of an inch from the edge, where seams end there. Mark which edge is up if that ' .
            'matters.',
        ],
        'closing' => ['At the end', 'If anything turns out smaller, tell us before you come: there is usually a way.'],
    ];

    /** @param array<string, string> $own by place */
    public function __construct(private array $own = []) {}

    /** @return array<string, array{string, string}> name of the place and what stands there; those left out are not in it */
    public function all(): array
    {
        $all = [];
        foreach (self::USUAL as $place => [$name, $usual]) {
            $text = $this->own[$place] ?? $usual;
            if ('-' !== $text) {
                $all[$place] = [$name, $text];
            }
        }

        return $all;
    }

    public function at(string $place): string
    {
        return $this->own[$place] ?? self::USUAL[$place][1];
    }
}
