<?php

declare(strict_types=1);

namespace App\Clients\Prep;

use App\Frames\StudioFrame;
use Schwung\Core\Measure\Length;
use Symfony\Component\Validator\Constraints as Assert;

/** For how large a top somebody asks what to bring. */
final class PrepInput
{
    #[Assert\NotNull(message: 'How wide is the top?')]
    public ?Length $across = null;

    #[Assert\NotNull(message: 'How long is the top?')]
    public ?Length $along = null;

    public ?StudioFrame $frame = null;
}
