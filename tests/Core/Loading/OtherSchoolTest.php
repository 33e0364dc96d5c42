<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\OtherSchool;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepRule;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\LoadingPlace;
use Schwung\Core\Practice\School;

#[CoversClass(OtherSchool::class)]
#[CoversClass(LoadingHabits::class)]
final class OtherSchoolTest extends TestCase
{
    public function testOnlyWhatIsDoneOtherwiseIsTold(): void
    {
        self::assertSame(['attach-tail', 'wind-on', 'attach-lead', 'wind-back'], $this->keys(LoadingPlace::Front));
        self::assertSame([], $this->keys(LoadingPlace::Rear), 'these do it like that');
        self::assertSame(['reference', 'lay-top', 'baste-edge'], $this->without('lock', $this->keys(FarEdge::Wavy)));
    }

    public function testOneAnswerIsChangedAndNoOther(): void
    {
        $habits = new LoadingHabits(place: LoadingPlace::Front, farEdge: FarEdge::OnLine);

        self::assertEquals(
            new LoadingHabits(place: LoadingPlace::Table, farEdge: FarEdge::OnLine),
            $habits->with(LoadingPlace::Table),
        );
    }

    /** @return list<string> */
    private function keys(School $answer): array
    {
        $setup = Loads::setup();

        return array_map(
            static fn(Step $step): string => $step->key,
            (new OtherSchool())->steps($setup, (new StepRule())->steps($setup), $answer),
        );
    }

    /**
     * @param list<string> $keys
     *
     * @return list<string>
     */
    private function without(string $beginning, array $keys): array
    {
        return array_values(array_filter($keys, static fn(string $key): bool => !str_starts_with($key, $beginning)));
    }
}
