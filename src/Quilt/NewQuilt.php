<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Frames\StudioFrame;
use Symfony\Component\Validator\Constraints as Assert;

/** What is told of a quilt beside its measures. */
final class NewQuilt
{
    #[
        Assert\NotBlank(message: 'Give the quilt a title to find it by.'),
        Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.'),
    ]
    public string $title = '';

    #[
        Assert\NotBlank(message: 'Say whose quilt it is.'),
        Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.'),
    ]
    public string $client = '';

    /** @var list<string> what came in the bag, as IntakeInput calls it; asked for once, when it is entered */
    public array $came = [];

    public ?\DateTimeImmutable $due = null;

    public ?StudioFrame $frame = null;

    #[Assert\Regex('/^[0-9a-zA-Z-]{20,36}$/')]
    public string $key = '';

    public static function of(Quilt $quilt): self
    {
        $input = new self();
        [$input->title, $input->client, $input->due, $input->frame, $input->key] = [
            $quilt->title(),
            $quilt->client(),
            $quilt->due(),
            $quilt->frame(),
            $quilt->entryKey,
        ];

        return $input;
    }
}
