<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Plan\Standing;

/**
 * Where each stage stands: by what is missing, by what cannot be as it was entered, and by its findings alone.
 *
 * Load gathers what is stuck anywhere, and waits for what was promised; what waits for a decision elsewhere leaves it
 * fine, but for the cloth itself.
 */
final readonly class StandingRule
{
    /** What must be settled before cloth goes near the frame. */
    private const CLOTH = [Stage::Measure, Stage::Backing];

    /** @return array<string, Standing> by the words of Stage */
    public function standings(Preparation $preparation): array
    {
        $standings = [];
        foreach (Stage::PLANNED as $stage) {
            if (Stage::Load !== $stage) {
                $standings[$stage->value] = $this->of($preparation, $stage);
            }
        }

        return [...$standings, Stage::Load->value => $this->load($preparation, $standings)];
    }

    /** Of the whole: stuck where any stage is, waiting where the cloth is. */
    public function overall(Preparation $preparation): Standing
    {
        $standings = $preparation->standings();

        return match (true) {
            \in_array(Standing::Stuck, $standings, true) && !$this->isOverruled($preparation) => Standing::Stuck,
            null === $preparation->plan() => Standing::Open,
            $this->waits($preparation, $standings) || \in_array(Standing::Stuck, $standings, true) => Standing::Decide,
            default => Standing::Fine,
        };
    }

    /** Whether nothing holds the start, or all that does was overruled with a reason. */
    public function isFree(Preparation $preparation): bool
    {
        return [] === $preparation->known->wrong() &&
            ([] === $this->holding($preparation) || $this->isOverruled($preparation));
    }

    /** Whether somebody said why it goes on although all this is stuck or not done. */
    public function isOverruled(Preparation $preparation): bool
    {
        $overruling = $preparation->known->parts->desk->overruling;
        $holding = $this->holding($preparation);

        return [] === $preparation->known->wrong() && [] !== $holding && true === $overruling?->covers($holding);
    }

    /** @return list<string> the codes of what is stuck, and the keys of the promises that nobody has done yet */
    public function holding(Preparation $preparation): array
    {
        return [
            ...array_map(static fn(Finding $finding): string => $finding->code->value, $this->stuck($preparation)),
            ...array_map(static fn(Decision $promise): string => $promise->key, $preparation->openPromises()),
        ];
    }

    /** @return list<Finding> */
    public function stuck(Preparation $preparation): array
    {
        return array_values(
            array_filter($preparation->findings(), static fn(Finding $finding): bool => $finding->isStuck()),
        );
    }

    private function of(Preparation $preparation, Stage $stage): Standing
    {
        $standing = $this->isOpen($preparation, $stage) ? Standing::Open : Standing::Fine;
        foreach ($preparation->findingsAt($stage) as $finding) {
            $standing = $standing->worse($finding->standing());
        }

        return [] === $preparation->known->wrong($stage) ? $standing : Standing::Stuck;
    }

    private function isOpen(Preparation $preparation, Stage $stage): bool
    {
        return match ($stage) {
            Stage::Measure => null === $preparation->top(),
            Stage::Passes => null === $preparation->kept()?->chosenPlan()->course,
            default => null === $preparation->plan(),
        };
    }

    /** @param array<string, Standing> $standings of the stages before */
    private function load(Preparation $preparation, array $standings): Standing
    {
        return match (true) {
            null === $preparation->plan() => Standing::Open,
            \in_array(Standing::Stuck, $standings, true) => $this->isOverruled($preparation)
                ? Standing::Decide
                : Standing::Stuck,
            null === $preparation->winding() => Standing::Open,
            $this->waits($preparation, $standings) => Standing::Decide,
            default => Standing::Fine,
        };
    }

    /**
     * For a decision about the cloth, or for hands that do what was promised.
     *
     * @param array<string, Standing> $standings
     */
    private function waits(Preparation $preparation, array $standings): bool
    {
        return [] !== $preparation->openPromises() ||
            [] !== $preparation->brokenPins() ||
            [] !==
                array_filter(
                    self::CLOTH,
                    static fn(Stage $stage): bool => Standing::Decide === ($standings[$stage->value] ?? null),
                );
    }
}
