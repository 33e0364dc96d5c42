<?php

declare(strict_types=1);

namespace App\Help;

/** The words of the trade that a newcomer may not know, each with what it means; a drawing stands beside it. */
enum Word: string
{
    case Lead = 'lead';
    case Tail = 'tail';
    case Float = 'float';
    case Hold = 'hold';
    case School = 'school';
    case Register = 'register';
    case LevellerBar = 'leveller-bar';
    case Fullness = 'fullness';
    case Bite = 'bite';
    case Leader = 'leader';
    case TakeUp = 'take-up';
    case BackingRoller = 'backing-roller';
    case Throat = 'throat';
    case Pass = 'pass';
    case Drift = 'drift';
    case Loft = 'loft';
    case Queue = 'queue';
    case Pin = 'pin';
    case Gang = 'gang';

    public function title(): string
    {
        return match ($this) {
            self::LevellerBar => 'Leveller bar',
            self::TakeUp => 'Take-up roller',
            self::BackingRoller => 'Backing roller',
            default => ucfirst($this->value),
        };
    }

    public function means(): string
    {
        return match ($this) {
            self::Lead => 'The end that is stitched first. It hangs from the take-up roller, far from you.',
            self::Tail => 'The end that is stitched last. It comes from the roller beside you.',
            self::Float
                => 'The top lies loose on batting and backing and is held at its lead edge only. Held at both ends it does not float.',
            self::Hold => 'What fixes an end of the cloth to its leader: pins, a zip, clips, clamps, magnets.',
            self::School
                => 'A way of doing it that good quilters swear by. Where they differ, you choose, and see why.',
            self::Register
                => 'Two marks on the sides of the top, one on each. After an advance you read how far each has moved aside.',
            self::LevellerBar
                => 'The bar that carries the bed just before the take-up roller, so that it lies level however thick the roll is.',
            self::Fullness
                => 'What an edge measures more than the middle, as a share of it. A full edge ripples and has to be worked in.',
            self::Bite => 'How much cloth a side clamp takes between its jaws. The needle keeps clear of it.',
            self::Leader => 'The canvas that stays on a roller. The quilt is held to its free edge.',
            self::TakeUp => 'The roller at the far end. What is stitched winds onto it.',
            self::BackingRoller => 'The roller that carries the backing until it is needed.',
            self::Throat => 'From the needle to the back of the arm: the room that bed and roll share.',
            self::Pass => 'What is stitched between two advances.',
            self::Drift => 'How far the top wanders to one side, pass by pass, as it is wound on.',
            self::Loft => 'How thick a batting lies while nothing presses on it.',
            self::Queue => 'Which quilt goes on which frame when: the best order for all due days within your hours.',
            self::Pin
                => 'A place in the queue that you have chosen. Everything else goes round it, and it is told what it costs.',
            self::Gang
                => 'Small tops that are loaded side by side on one backing, each with its own log and its own end.',
        };
    }
}
