<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Hand;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** What a person says of her own body while it is entered. */
final class BodyInput
{
    private const LEAST_REACH_INCHES = 6;
    private const MOST_REACH_INCHES = 60;

    #[Assert\NotNull(message: 'Choose a hand.')]
    public ?Hand $hand = Hand::Right;

    public ?Length $reach = null;

    public bool $soreHands = false;

    /** @var array<string, Length|null> by the words of Distance; null as the studio has it */
    public array $distances = [];

    private UnitSystem $units = UnitSystem::Inches;

    public static function of(Person $person): self
    {
        $input = new self();
        $body = $person->body();
        [$input->hand, $input->reach, $input->soreHands] = [$body->hand, $body->reach, $body->hasSoreHands];
        [$input->distances, $input->units] = [$person->distances(), $person->units()];

        return $input;
    }

    public function body(): Body
    {
        return new Body($this->hand ?? Hand::Right, $this->reach, $this->soreHands);
    }

    /** @return array<string, Length> by the words of Distance */
    public function distances(): array
    {
        return array_filter($this->distances);
    }

    #[Assert\Callback]
    public function checkReach(ExecutionContextInterface $context): void
    {
        [$least, $most] = [Length::inches(self::LEAST_REACH_INCHES), Length::inches(self::MOST_REACH_INCHES)];
        if (null !== $this->reach && ($this->reach->isShorterThan($least) || $this->reach->isLongerThan($most))) {
            $writer = new LengthWriter($this->units);
            $context
                ->buildViolation('Between {{ least }} and {{ most }}.', [
                    '{{ least }}' => $writer->write($least),
                    '{{ most }}' => $writer->write($most),
                ])
                ->atPath('reach')
                ->addViolation();
        }
    }
}
