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
            $after = $this->pinned($quilt, $sheet, $change($sheet), $person, $isOffer);
            $asked = $this->asks($quilt, $sheet, $after, $answer, $person);

            return $asked instanceof Asked ? $sheet : $asked ?? $after;
        });

        return $asked instanceof Asked ? $asked : null;
    }

    /** Somebody has done with her hands what was promised, or takes that back. */
    public function tick(Quilt $quilt, Person $person, string $key, bool $isDone): void
    {
        $this->changes->change($quilt, function (Sheet $sheet) use ($quilt, $person, $key, $isDone): Sheet {
            $promise = $this->of($quilt, $sheet)->decisions()[$key] ?? null;
            if (null === $promise || !$promise->kind->isPromise()) {
                return $sheet;
            }
            $pins = $this->without(SheetPins::of($sheet), [$key]);
            $kept =
                $this->of($quilt, $sheet)->known->pin($key) ?? SheetPins::pin($promise, $person->name(), $this->now());

            return SheetPins::with($sheet, [
                ...$pins,
                $isDone ? $kept->done($person->name(), $this->now()) : $kept->undone(),
            ]);
        });
    }

    /** Somebody has done all that was promised. */
    public function tickAll(Quilt $quilt, string $by): void
    {
        $this->changes->change($quilt, function (Sheet $sheet) use ($quilt, $by): Sheet {
            $stands = $this->of($quilt, $sheet);
            $keys = array_map(static fn(Decision $promise): string => $promise->key, $stands->promises());

            return SheetPins::with($sheet, [
                ...$this->without(SheetPins::of($sheet), $keys),
                ...array_map(
                    fn(Decision $promise): Pin => SheetPins::pin($promise, $by, $this->now())->done($by, $this->now()),
                    $stands->promises(),
                ),
            ]);
        });
    }

    /** What was chosen by this change is pinned; what was decided anew and not done yet is pinned as it is now. */
    private function pinned(Quilt $quilt, Sheet $before, Sheet $after, Person $person, bool $isOffer): Sheet
    {
        $decided = array_values(
            array_filter(
                PinKind::cases(),
                static fn(PinKind $kind): bool => [] !==
                    array_filter(
                        $kind->decidedAt(),
                        static fn(string $path): bool => $before->get($path) !== $after->get($path),
                    ),
            ),
        );
        if ($quilt->isLoaded() && null === $this->of($quilt, $before)->known->pin('load')) {
            $decided[] = PinKind::Load;
        }
        if ([] === $decided) {
            return $after;
        }
        $old = SheetPins::of($after);
        $pins = array_values(
            array_filter(
                $old,
                static fn(Pin $pin): bool => ($pin->isDone() || !\in_array(PinKind::of($pin->key), $decided, true)) &&
                    ($quilt->isLoaded() || PinKind::Load !== PinKind::of($pin->key)),
            ),
        );
        $stands = [
            ...$this->of($quilt, $after)->decisions(),
            ...array_filter(
                $this->of($quilt, $before)->decisions(),
                static fn(Decision $decision): bool => PinKind::Load === $decision->kind,
            ),
        ];
        foreach ($stands as $decision) {
            $isKept = [] !== array_filter($pins, static fn(Pin $pin): bool => $pin->key === $decision->key);
            if (
                !$isKept &&
                \in_array($decision->kind, $decided, true) &&
                $this->isChosen($decision, $before, $after, $isOffer)
            ) {
                $pins[] = SheetPins::pin($decision, $person->name(), $this->now());
            }
        }

        return SheetPins::with($after, $pins);
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

    /** The question; or the sheet to keep where it was answered; null where there is nothing to ask. */
    private function asks(Quilt $quilt, Sheet $before, Sheet $after, string $answer, Person $person): Asked|Sheet|null
    {
        if ([] === SheetPins::of($after) || $before->equals($after)) {
            return null;
        }
        $stands = $this->of($quilt, $before);
        $known = array_map(static fn(BrokenPin $one): string => $one->pin->key, $stands->brokenPins());
        $broken = array_values(
            array_filter(
                $this->of($quilt, $after)->brokenPins(),
                static fn(BrokenPin $one): bool => !\in_array($one->pin->key, $known, true),
            ),
        );

        return match (true) {
            [] === $broken => null,
            self::LET_GO === $answer => $this->settled($after, $broken, $person),
            default => new Asked($after, $broken, $stands),
        };
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
