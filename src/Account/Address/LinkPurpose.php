<?php

declare(strict_types=1);

namespace App\Account\Address;

/** What a link that was mailed to somebody opens, and for how long. */
enum LinkPurpose: string
{
    case ConfirmAddress = 'confirm';
    case ChangeAddress = 'change';
    case NewPassword = 'password';

    public function until(\DateTimeImmutable $now): \DateTimeImmutable
    {
        return $now->modify(
            match ($this) {
                self::ConfirmAddress => '+7 days',
                self::ChangeAddress => '+1 day',
                self::NewPassword => '+1 hour',
            },
        );
    }

    public function route(): string
    {
        return match ($this) {
            self::ConfirmAddress => 'app_account_confirm_address',
            self::ChangeAddress => 'app_account_change_address',
            self::NewPassword => 'app_account_new_password',
        };
    }
}
