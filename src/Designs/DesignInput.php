<?php

declare(strict_types=1);

namespace App\Designs;

use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Validator\Constraints as Assert;

/** A row design while it is brought in. */
final class DesignInput
{
    #[
        Assert\NotBlank(message: 'Give the design a name.'),
        Assert\Length(max: 80, maxMessage: 'Up to {{ limit }} letters.'),
    ]
    public string $name = '';

    #[Assert\NotNull(message: 'Choose an SVG file of one row.')]
    public ?UploadedFile $file = null;

    /**
     * The text of the file, cut off one byte beyond what is accepted.
     *
     * @param positive-int $most bytes
     */
    public function text(int $most): string
    {
        $text =
            true === $this->file?->isValid() ? file_get_contents($this->file->getPathname(), length: $most + 1) : '';

        return false === $text ? '' : $text;
    }
}
