<?php

declare(strict_types=1);

namespace App\Quilt\Pinning;

use App\Account\Person;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use App\Quilt\Sheet;
use App\Quilt\SheetChanges;
use Psr\Clock\ClockInterface;
use Schwung\Core\Job\Pin;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\BrokenPin;
use Schwung\Core\Preparation\Decision;
use Schwung\Core\Preparation\PinKind;
use Schwung\Core\Preparation\Preparation;

/**
 * Changes a quilt and keeps what was decided: what somebody chooses is pinned, and a change that would undo a pin as a
 * side effect is asked about first.
 */
final readonly class Deciding
{
    /** The answer that makes a change although it undoes what was kept. */
    public const LET_GO = 'let-go';

    public function __construct(
        private SheetChanges $changes,
        private Preparations $preparations,
        private ClockInterface $clock,
    ) {}

    /**
     * @param \Closure(Sheet): Sheet $change  gets the sheet as it is once nobody else can change it
     * @param string                 $answer  LET_GO where the question was answered so
     * @param bool                   $isOffer whether what was proposed is kept, rather than typed
     *
     * @return Asked|null null where it was changed
     */
    public function change(
        Quilt $quilt,
        Person $person,
        \Closure $change,
        string $answer = '',
        bool $isOffer = false,
    ): ?Asked {
        $asked = null;
        $this->changes->change($quilt, function (Sheet $sheet) use (
            $quilt,
            $person,
            $change,
            $answer,
            $isOffer,
            &$asked,
        ): Sheet {
            $outcome = $this->decided($quilt, $sheet, $change($sheet), $person, $answer, $isOffer);
            $asked = $outcome instanceof Asked ? $outcome : null;

            return $outcome instanceof Asked ? $sheet : $outcome;
        });

        return $asked;
    }

    /** Somebody has done with her hands what was promised, or takes that back. */
    public function tick(Quilt $quilt, Person $person, string $key, bool $isDone): void
    {
        $this->tickThose(
            $quilt,
            $person->name(),
            $isDone,
            static fn(Decision $promise): bool => $promise->key === $key,
        );
    }

    /** Somebody has done all that was promised. */
    public function tickAll(Quilt $quilt, string $by): void
    {
        $this->tickThose($quilt, $by, true, static fn(): bool => true);
    }

    /** @param \Closure(Decision): bool $isMeant */
    private function tickThose(Quilt $quilt, string $by, bool $isDone, \Closure $isMeant): void
    {
        $this->changes->change($quilt, function (Sheet $sheet) use ($quilt, $by, $isDone, $isMeant): Sheet {
            $stands = $this->of($quilt, $sheet);
            $meant = array_values(array_filter($stands->promises(), $isMeant));
            $ticked = array_map(function (Decision $promise) use ($stands, $by, $isDone): Pin {
                $kept = $stands->known->pin($promise->key) ?? SheetPins::pin($promise, $by, $this->now());

                return $isDone ? $kept->done($by, $this->now()) : $kept->undone();
            }, $meant);

            return [] === $meant
                ? $sheet
                : SheetPins::with($sheet, [
                    ...$this->without(
                        SheetPins::of($sheet),
                        array_map(static fn(Decision $promise): string => $promise->key, $meant),
                    ),
                    ...$ticked,
                ]);
        });
    }

    /** The sheet with what was chosen pinned; or the question, where that would undo what was kept. */
    private function decided(
        Quilt $quilt,
        Sheet $before,
        Sheet $after,
        Person $person,
        string $answer,
        bool $isOffer,
    ): Asked|Sheet {
        $kinds = $this->kinds($quilt, $before, $after);
        if ([] === $kinds && ([] === SheetPins::of($after) || $before->equals($after))) {
            return $after;
        }
        $stands = $this->of($quilt, $before);
        $comes = $this->of($quilt, $after);
        $pins = $comes->known->pins;
        if ([] !== $kinds) {
            // A load is pinned as it was when the quilt went on.
            $loads = \in_array(PinKind::Load, $kinds, true) ? $stands->decisions() : [];
            $pins = $this->pins(
                $pins,
                $kinds,
                [...$comes->decisions(), ...array_intersect_key($loads, [PinKind::Load->value => true])],
                fn(Decision $decision): bool => $this->isChosen($decision, $before, $after, $isOffer),
                $person,
            );
            $after = SheetPins::with($after, $pins);
        }
        if ([] === $pins || $before->equals($after)) {
            return $after;
        }
        $known = array_map(static fn(BrokenPin $one): string => $one->pin->key, $stands->brokenPins());
        $broken = array_values(
            array_filter(
                $comes->breaking($pins),
                static fn(BrokenPin $one): bool => !\in_array($one->pin->key, $known, true),
            ),
        );

        return match (true) {
            [] === $broken => $after,
            self::LET_GO === $answer => $this->settled($after, $broken, $person),
            default => new Asked($after, $broken, $stands),
        };
    }

    /** @return list<PinKind> what this change decides anew */
    private function kinds(Quilt $quilt, Sheet $before, Sheet $after): array
    {
        $kinds = array_values(
            array_filter(
                PinKind::cases(),
                static fn(PinKind $kind): bool => [] !==
                    array_filter(
                        $kind->decidedAt(),
                        static fn(string $path): bool => $before->get($path) !== $after->get($path),
                    ),
            ),
        );

        return $quilt->isLoaded() && null === Pin::among(SheetPins::of($before), PinKind::Load->value)
            ? [...$kinds, PinKind::Load]
            : $kinds;
    }

    /**
     * What was kept and still holds, with what was chosen now; what was decided anew and not done yet goes.
     *
     * @param list<Pin>               $kept
     * @param list<PinKind>           $kinds     what is decided anew
     * @param array<string, Decision> $decisions as the quilt comes to stand
     * @param \Closure(Decision): bool $isChosen
     *
     * @return list<Pin>
     */
    private function pins(array $kept, array $kinds, array $decisions, \Closure $isChosen, Person $person): array
    {
        $pins = array_values(
            array_filter(
                $kept,
                static fn(Pin $pin): bool => $pin->isDone() || !\in_array(PinKind::of($pin->key), $kinds, true),
            ),
        );
        foreach ($decisions as $decision) {
            if (
                null === Pin::among($pins, $decision->key) &&
                \in_array($decision->kind, $kinds, true) &&
                $isChosen($decision)
            ) {
                $pins[] = SheetPins::pin($decision, $person->name(), $this->now());
            }
        }

        return $pins;
    }

    /** Whether somebody chose it, rather than that it came out so. */
    private function isChosen(Decision $decision, Sheet $before, Sheet $after, bool $isOffer): bool
    {
        return match ($decision->kind) {
            PinKind::Way => 'auto' !== $after->text('load/direction'),
            PinKind::Hold => $before->text("load/{$this->edge($decision)}/method") !==
                $after->text("load/{$this->edge($decision)}/method"),
            // Rows that are typed follow the quilt; those of a proposal were chosen for what they save.
            PinKind::Design => $isOffer,
            // A batting that was measured is cut by nobody before a box is ticked.
            PinKind::Trim => false,
            default => true,
        };
    }

    private function edge(Decision $decision): string
    {
        return explode('/', $decision->key)[1] ?? '';
    }

    /** What was kept and is not any more is taken as it is now, with who said so and when. */
    public function settle(Quilt $quilt, Person $person): void
    {
        $this->changes->change(
            $quilt,
            fn(Sheet $sheet): Sheet => $this->settled($sheet, $this->of($quilt, $sheet)->brokenPins(), $person),
        );
    }

    /** @param list<BrokenPin> $broken */
    private function settled(Sheet $sheet, array $broken, Person $person): Sheet
    {
        $pins = $this->without(
            SheetPins::of($sheet),
            array_map(static fn(BrokenPin $one): string => $one->pin->key, $broken),
        );
        foreach ($broken as $one) {
            if (null !== $one->now) {
                $pins[] = SheetPins::pin($one->now, $person->name(), $this->now());
            }
        }

        return SheetPins::lettingGo(SheetPins::with($sheet, $pins), $broken, $person->name(), $this->now());
    }

    /**
     * @param list<Pin>    $pins
     * @param list<string> $keys
     *
     * @return list<Pin>
     */
    private function without(array $pins, array $keys): array
    {
        return array_values(array_filter($pins, static fn(Pin $pin): bool => !\in_array($pin->key, $keys, true)));
    }

    private function of(Quilt $quilt, Sheet $sheet): Preparation
    {
        return $this->preparations->of($quilt, UnitSystem::Inches, $sheet);
    }

    private function now(): string
    {
        return $this->clock->now()->format(\DATE_ATOM);
    }
}
