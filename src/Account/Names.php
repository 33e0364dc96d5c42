<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\Validator\Constraints as Assert;

/** What a person is called, and for an owner the studio and where its clocks stand. */
final class Names
{
    private const LONGEST = 'Up to {{ limit }} letters.';

    #[Assert\NotBlank(message: 'Say what you are called.'), Assert\Length(max: 120, maxMessage: self::LONGEST)]
    public string $name = '';

    #[Assert\NotBlank(message: 'Give your studio a name.'), Assert\Length(max: 120, maxMessage: self::LONGEST)]
    public string $studio = '';

    #[Assert\Timezone(message: 'Choose a time zone from the list.')]
    public string $timeZone = 'UTC';

    public static function of(Person $person): self
    {
        $names = new self();
        $names->name = $person->name();
        $names->studio = $person->studio()->name();
        $names->timeZone = $person->studio()->timeZone()->getName();

        return $names;
    }

    public function give(Person $person): void
    {
        $person->rename(trim($this->name));
        if ($person->isOwner()) {
            $person->studio()->rename(trim($this->studio), $this->timeZone);
        }
    }
}
