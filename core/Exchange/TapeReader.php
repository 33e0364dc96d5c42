<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Job\Faults;
use Schwung\Core\Job\Tape;
use Schwung\Core\Job\Taping;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Top;

/** Reads what the tape has said so far of a job that is still being filled in; what cannot be read is not there. */
final readonly class TapeReader
{
    public function read(mixed $document): Tape
    {
        $root = new Node($document, '', new Faults());
        $taken = [];
        foreach (Taping::cases() as $measure) {
            $node = $root;
            foreach (explode('/', $measure->value) as $key) {
                $node = ctype_digit($key) ? $node->items()[(int) $key] ?? $node->at('') : $node->at($key);
            }
            $length = $node->given()?->size();
            if (null !== $length) {
                $taken[$measure->value] = $length;
            }
        }

        return new Tape($taken);
    }

    /** The top with what is open of it guessed; null while there is not one measure each way. */
    public function guessedTop(Tape $tape, mixed $top): ?Top
    {
        $member = $this->filled($tape, Taping::TOP, $top);

        return null === $member ? null : (new TopReader())->read(new Node($member, '/top', new Faults()));
    }

    /** The backing likewise. */
    public function guessedBacking(Tape $tape, mixed $backing): ?Backing
    {
        $member = $this->filled($tape, Taping::BACKING, $backing);
        $faults = new Faults();

        return null === $member ? null : (new BackingReader())->read(new Node($member, '/backing', $faults), $faults);
    }

    /**
     * @param list<Taping> $layer
     *
     * @return array<mixed>|null the member of a layer with a length at every measure but the diagonals
     */
    private function filled(Tape $tape, array $layer, mixed $member): ?array
    {
        $whole = $tape->whole($layer);
        if (null === $whole) {
            return null;
        }
        $filled = json_decode((string) json_encode($member), true);
        $filled = \is_array($filled) ? $filled : [];
        foreach ($whole as $path => $length) {
            $keys = \array_slice(explode('/', $path), 1);
            if (1 === \count($keys)) {
                $filled[$keys[0]] = $length->exactText();
            } elseif (!ctype_digit($keys[1])) {
                $under = $filled[$keys[0]] ?? [];
                $filled[$keys[0]] = [...\is_array($under) ? $under : [], $keys[1] => $length->exactText()];
            }
        }

        return $filled;
    }
}
