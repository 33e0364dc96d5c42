<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Practice\School;

/** What the followers of another school would do on the same load. */
final readonly class OtherSchool
{
    /**
     * @param StepList $steps of the load as it is set up
     *
     * @return list<Step> those that they do otherwise, or beside; what they leave out is not named
     */
    public function steps(Setup $setup, StepList $steps, School $answer): array
    {
        $texts = [];
        foreach ($steps->steps as $step) {
            $texts[$step->key] = $step->text;
        }

        return array_values(
            array_filter(
                (new StepRule())->steps($setup->by($setup->habits->with($answer)))->steps,
                static fn(Step $step): bool => ($texts[$step->key] ?? null) != $step->text,
            ),
        );
    }
}
