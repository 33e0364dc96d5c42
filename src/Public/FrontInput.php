<?php

declare(strict_types=1);

namespace App\Public;

use App\Clients\Prep\PrepTexts;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** What an owner sets of the pages that need no account. */
final class FrontInput
{
    #[
        Assert\Regex(
            '/^[A-Za-z0-9]([A-Za-z0-9-]{1,38}[A-Za-z0-9])$/',
            message: 'Three to forty letters a to z, digits and dashes, like tideloft-quilting.',
        ),
    ]
    public string $word = '';
    public bool $calculates = false;
    public bool $listens = false;

    /** @var array<string, string> by place */
    #[Assert\All([new Assert\Length(max: PrepTexts::MOST_LETTERS, maxMessage: 'Up to {{ limit }} letters.')])]
    public array $texts = [];

    public static function of(StudioFront $front): self
    {
        $input = new self();
        $input->word = $front->word() ?? '';
        $input->calculates = $front->calculates();
        $input->listens = $front->listens();
        foreach (array_keys(PrepTexts::USUAL) as $place) {
            $input->texts[$place] = $front->texts()->at($place);
        }

        return $input;
    }

    #[Assert\Callback]
    public function check(ExecutionContextInterface $context): void
    {
        if ($this->calculates && '' === trim($this->word)) {
            $context
                ->buildViolation('The page needs a word of its own in its address, like tideloft-quilting.')
                ->atPath('word')
                ->addViolation();
        }
    }
}
