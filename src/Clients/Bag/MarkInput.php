<?php

declare(strict_types=1);

namespace App\Clients\Bag;

use Schwung\Core\Material\MarkedCloth;
use Schwung\Core\Material\MarkKind;
use Schwung\Core\Measure\Length;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Validator\Constraints as Assert;

/** Something that is noted of a quilt when it comes in, at its place. */
final class MarkInput
{
    #[Assert\NotNull(message: 'Say what it is.')]
    public ?MarkKind $kind = null;
    public MarkedCloth $cloth = MarkedCloth::Top;
    #[Assert\NotNull(message: 'Tap its place, or write how far it is from the left edge.')]
    public ?Length $across = null;
    #[Assert\NotNull(message: 'Tap its place, or write how far it is from the top edge.')]
    public ?Length $along = null;
    public ?Length $thick = null;
    #[Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.')]
    public string $note = '';
    public bool $clientKnows = false;
    public ?UploadedFile $photo = null;

    /** @return array<string, string|bool> as the sheet keeps it */
    public function toArray(string $key, string $seenBy, string $photo): array
    {
        return array_filter(
            [
                'key' => $key,
                'kind' => $this->kind->value ?? '',
                'cloth' => $this->cloth->value,
                'across' => $this->across?->exactText() ?? '',
                'along' => $this->along?->exactText() ?? '',
                'thick' => $this->thick?->exactText() ?? '',
                'note' => trim($this->note),
                'seen_by' => $seenBy,
                'client_knows' => $this->clientKnows,
                'photo' => $photo,
                'mended' => false,
            ],
            static fn(string|bool $value): bool => '' !== $value,
        );
    }
}
