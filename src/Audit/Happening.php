<?php

declare(strict_types=1);

namespace App\Audit;

/** What an owner can read afterwards of who did what in the studio. */
enum Happening: string
{
    case SignedIn = 'signed_in';
    case SignInFailed = 'sign_in_failed';
    case SignedOut = 'signed_out';
    case DeviceEnded = 'device_ended';
    case PasswordForgotten = 'password_forgotten';
    case PasswordChanged = 'password_changed';
    case AddressConfirmed = 'address_confirmed';
    case AddressChanged = 'address_changed';
    case SecondStepOn = 'second_step_on';
    case SecondStepOff = 'second_step_off';
    case RecoveryCodeUsed = 'recovery_code_used';
    case HelperInvited = 'helper_invited';
    case InvitationRemoved = 'invitation_removed';
    case HelperJoined = 'helper_joined';
    case HelperRemoved = 'helper_removed';
    case HelperLeft = 'helper_left';
    case HandedOver = 'handed_over';
    case Exported = 'exported';
    case StudioClosing = 'studio_closing';
    case StudioKept = 'studio_kept';
    case ClientErased = 'client_erased';

    public function words(): string
    {
        return match ($this) {
            self::SignedIn => 'signed in',
            self::SignInFailed => 'somebody failed to sign in',
            self::SignedOut => 'signed out',
            self::DeviceEnded => 'ended a device',
            self::PasswordForgotten => 'asked for a new password',
            self::PasswordChanged => 'changed the password',
            self::AddressConfirmed => 'confirmed the e-mail address',
            self::AddressChanged => 'changed the e-mail address',
            self::SecondStepOn => 'turned the second step on',
            self::SecondStepOff => 'turned the second step off',
            self::RecoveryCodeUsed => 'used a recovery code',
            self::HelperInvited => 'invited a helper',
            self::InvitationRemoved => 'took an invitation back',
            self::HelperJoined => 'joined',
            self::HelperRemoved => 'removed a helper',
            self::HelperLeft => 'left the studio',
            self::HandedOver => 'handed the studio over',
            self::Exported => 'took an export',
            self::StudioClosing => 'closed the studio',
            self::StudioKept => 'kept the studio after all',
            self::ClientErased => 'erased a client',
        };
    }
}
