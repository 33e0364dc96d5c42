<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Body;
use Symfony\Bundle\SecurityBundle\Security;

/** Whose hands do the work: those of the person who is looking. */
final readonly class CurrentBody
{
    public function __construct(private Security $security) {}

    public function body(): Body
    {
        return $this->person()?->body() ?? new Body();
    }

    /** @return array<string, Length> by the words of Distance, where this person's differ from the studio's */
    public function distances(): array
    {
        return $this->person()?->distances() ?? [];
    }

    private function person(): ?Person
    {
        $person = $this->security->getUser();

        return $person instanceof Person ? $person : null;
    }
}
