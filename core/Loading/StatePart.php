<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\FrameKind;

/** A part of the frame's state that is easily forgotten. The value is its name, as a quilter says it. */
enum StatePart: string
{
    case TakeUp = 'take-up ratchet';
    case Backing = 'backing ratchet';
    case Top = 'top ratchet';
    case Poles = 'poles';
    case ChannelLock = 'channel lock';
    case Bobbin = 'bobbin thread';
    case Stitch = 'stitch';
    case Tension = 'upper tension';
    case Foot = 'foot';
    case Flaps = 'leader flaps';
    case Pins = 'pins and holders';
    case SideClamps = 'side clamps';
    case Firmness = 'firmness';
    case Reference = 'reference basting';
    case Tail = 'tail edge';

    /** @return list<string> what it can be, as at rest first; empty for what is counted */
    public function words(): array
    {
        return match ($this) {
            self::TakeUp, self::Backing, self::Top, self::Poles => ['held', 'free'],
            self::ChannelLock => ['off', 'across', 'up and down'],
            self::Bobbin => ['below', 'raised'],
            self::Stitch => ['quilting', 'basting', 'large basting'],
            self::Tension => ['usual', 'loosened'],
            self::Foot => ['open-toe', 'disc', 'ruler'],
            self::Flaps => ['free', 'pinned'],
            self::Pins => [],
            self::SideClamps => ['off', 'on'],
            self::Firmness => ['slack', 'firm', 'softer', 'loose'],
            self::Reference => ['none', 'in', 'out'],
            self::Tail => ['hanging', 'held', 'pinned', 'basted'],
        };
    }

    /** @return list<string> how it may stand without spoiling the next row or advance */
    public function usual(): array
    {
        return self::Pins === $this
            ? ['0']
            : array_values(array_filter($this->words(), fn(string $word): bool => !$this->isUnusual($word)));
    }

    public function accepts(string $value): bool
    {
        return self::Pins === $this ? 1 === preg_match('/^\d{1,3}$/', $value) : \in_array($value, $this->words(), true);
    }

    /** Whether it would spoil the next row or advance if it were forgotten so. */
    public function isUnusual(string $value): bool
    {
        return match ($this) {
            self::TakeUp, self::Backing, self::Top, self::Poles => 'free' === $value,
            self::ChannelLock => 'off' !== $value,
            self::Stitch => 'quilting' !== $value,
            self::Tension => 'loosened' === $value,
            self::Flaps => 'pinned' === $value,
            self::Pins => '0' !== $value,
            self::Foot => 'disc' === $value,
            self::Firmness => 'loose' === $value,
            self::Tail => 'pinned' === $value,
            self::Bobbin, self::SideClamps, self::Reference => false,
        };
    }

    /** @return list<self> the parts that a frame of this kind has */
    public static function of(FrameKind $kind): array
    {
        return array_values(
            array_filter(
                self::cases(),
                static fn(self $part): bool => match ($part) {
                    self::Poles => FrameKind::Clamp === $kind,
                    self::TakeUp, self::Backing, self::Flaps => $kind->hasLeaders(),
                    self::Top => $kind->hasTopRoller(),
                    default => true,
                },
            ),
        );
    }
}
