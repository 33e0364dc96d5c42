<?php

declare(strict_types=1);

namespace App\Shelf\Thread;

use App\Clients\Client;
use Schwung\Core\Material\ThreadWeight;
use Schwung\Core\Measure\Length;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** What is written down of a cone. */
final class ThreadInput
{
    public const WEIGHED = ['number' => 'number', 'tex' => 'tex'];
    public const MEASURED = ['m' => 'metres', 'yd' => 'yards', 'g' => 'grams'];
    private const MILLIMETRES = ['m' => 1000.0, 'yd' => 914.4];
    private const MOST_M = 100_000;

    #[
        Assert\NotBlank(message: 'Say what colour it is.', normalizer: 'trim'),
        Assert\Length(max: 80, maxMessage: 'Up to {{ limit }} letters.'),
    ]
    public string $colour = '';
    #[Assert\Regex('/^#[0-9a-f]{6}$/Di', message: 'This is no colour. Choose one.')]
    public string $swatch = '#808080';
    #[Assert\NotNull(message: 'A thread has a weight: its number, like 40, or tex, like 25. It stands on the cone.')]
    public ?float $heavy = null;
    #[Assert\Choice(['number', 'tex'])]
    public string $weighed = 'number';
    #[Assert\NotNull(message: 'How much is left on it?')]
    public ?float $much = null;
    #[Assert\Choice(['m', 'yd', 'g'])]
    public string $measured = 'm';
    public ?Client $client = null;

    public static function of(ShelfThread $thread): self
    {
        $input = new self();
        [$input->colour, $input->swatch, $input->client] = [$thread->colour(), $thread->swatch(), $thread->client()];
        [$input->heavy, $input->weighed] = [round($thread->weight()->number(), 2), 'number'];
        [$input->much, $input->measured] = [round($thread->left()->toMillimetres() / 1000), 'm'];

        return $input;
    }

    public function weight(): ?ThreadWeight
    {
        return match (true) {
            null === $this->heavy => null,
            'tex' === $this->weighed => ThreadWeight::ofTex($this->heavy),
            default => ThreadWeight::ofNumber($this->heavy),
        };
    }

    public function left(): ?Length
    {
        return match (true) {
            null === $this->much => null,
            'g' === $this->measured => $this->weight()?->length($this->much),
            default => Length::millimetres($this->much * self::MILLIMETRES[$this->measured]),
        };
    }

    #[Assert\Callback]
    public function check(ExecutionContextInterface $context): void
    {
        if (null !== $this->heavy && null === $this->weight()) {
            $context
                ->buildViolation(
                    'No sewing thread is so light or so heavy: its number lies between 5 and 200, tex too.',
                )
                ->atPath('heavy')
                ->addViolation();
        }
        if (null !== $this->much && ($this->much < 0 || $this->much > self::MOST_M)) {
            $context->buildViolation('Accepted is from 0 to 100000.')->atPath('much')->addViolation();
        }
    }
}
