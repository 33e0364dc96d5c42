<?php

declare(strict_types=1);

namespace App\Shelf\Batting;

use App\Clients\Client;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** What is written down of a roll or a piece. */
final class BattingInput
{
    /** Of a roll: 100 m. */
    public const LONGEST_INCHES = 3937;
    private const LONGEST_MM = 100_000;
    private const WIDEST_MM = 7_620;

    public bool $isRoll = false;
    public BattingKind $kind = BattingKind::Cotton;
    #[Assert\NotNull(message: 'How wide is it?')]
    public ?Length $width = null;
    #[Assert\NotNull(message: 'How long is it, or what is left of it?')]
    public ?Length $length = null;
    public ?Length $loft = null;
    public ?\DateTimeImmutable $opened = null;
    public ?Client $client = null;
    #[Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.')]
    public string $name = '';

    public static function of(ShelfBatting $batting): self
    {
        $input = new self();
        [$input->isRoll, $input->kind, $input->name] = [$batting->isRoll(), $batting->kind(), $batting->name()];
        [$input->width, $input->length, $input->loft] = [$batting->width(), $batting->length(), $batting->loft()];
        [$input->opened, $input->client] = [$batting->opened(), $batting->client()];

        return $input;
    }

    #[Assert\Callback]
    public function check(ExecutionContextInterface $context): void
    {
        if (true === $this->width?->isLongerThan(Length::millimetres(self::WIDEST_MM))) {
            $context->buildViolation('No batting is wider than 300 in, 7.62 m.')->atPath('width')->addViolation();
        }
        $most = $this->isRoll ? self::LONGEST_MM : self::WIDEST_MM;
        if (true === $this->length?->isLongerThan(Length::millimetres($most))) {
            $context
                ->buildViolation(
                    $this->isRoll ? 'No roll is longer than 100 m, 109 yd.' : 'No piece is longer than 300 in, 7.62 m.',
                )
                ->atPath('length')
                ->addViolation();
        }
    }
}
