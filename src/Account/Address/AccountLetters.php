<?php

declare(strict_types=1);

namespace App\Account\Address;

use App\Account\LinkSecret;
use App\Account\Person;
use App\Mail\Post;
use Psr\Clock\ClockInterface;

/** Mails people what concerns their own account: links that open something once, and notices of what has changed. */
final readonly class AccountLetters
{
    public function __construct(
        private AccountLinkRepository $links,
        private Post $post,
        private ClockInterface $clock,
    ) {}

    /** Asks whether the address that somebody signs in with is theirs. */
    public function askToConfirm(Person $person): void
    {
        $this->sendLink($person, LinkPurpose::ConfirmAddress, $person->email());
    }

    /** Asks the new address before it counts. */
    public function askToChange(Person $person, string $email): void
    {
        $this->sendLink($person, LinkPurpose::ChangeAddress, $email);
    }

    public function sendNewPassword(Person $person): void
    {
        $this->sendLink($person, LinkPurpose::NewPassword, $person->email());
    }

    /**
     * @param string      $what      a sentence: "Your password was changed."
     * @param string|null $recipient another address than the person's own of now
     */
    public function notice(Person $person, string $what, ?string $recipient = null): void
    {
        $this->post->send($person->studio(), $recipient ?? $person->email(), 'notice', [
            'person' => $person,
            'what' => $what,
            'at' => $this->clock->now()->setTimezone($person->studio()->timeZone()),
        ]);
    }

    /** The same link for somebody who stands beside it. */
    public function newPasswordLink(Person $person): string
    {
        $secret = LinkSecret::make();
        $this->keep($person, LinkPurpose::NewPassword, $person->email(), $secret);

        return $this->post->link(LinkPurpose::NewPassword->route(), ['secret' => $secret]);
    }

    private function sendLink(Person $person, LinkPurpose $purpose, string $email): void
    {
        $secret = LinkSecret::make();
        $link = $this->keep($person, $purpose, $email, $secret);
        $this->post->send(
            $person->studio(),
            $email,
            $purpose->value,
            ['person' => $person, 'link' => $this->post->link($purpose->route(), ['secret' => $secret])],
            $link->expires(),
        );
    }

    private function keep(
        Person $person,
        LinkPurpose $purpose,
        string $email,
        #[\SensitiveParameter] string $secret,
    ): AccountLink {
        $this->links->dropOf($person, $purpose);
        $link = new AccountLink($person, $purpose, $email, $secret, $this->clock->now());
        $this->links->keep($link);

        return $link;
    }
}
