<?php

declare(strict_types=1);

namespace App\Measure;

use App\Account\Person;
use App\Account\UsualUnits;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\OwnUnits;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Practice;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

/** The unit system of the person who is looking. */
final class CurrentUnits
{
    /** Under this name a request says in which units its answer is, whoever looks: a card for a client is in theirs. */
    private const CHOSEN = '_units';

    /** A page asks a thousand times; whoever looks stays the same for as long as one request lasts. */
    private ?Request $asked = null;
    private UnitSystem $found = UnitSystem::Inches;

    public function __construct(private readonly Security $security, private readonly RequestStack $requests) {}

    public function system(): UnitSystem
    {
        $request = $this->requests->getCurrentRequest();
        if (null === $request || $request !== $this->asked) {
            [$this->asked, $this->found] = [$request, $this->of($request)];
        }

        return $this->found;
    }

    private function of(?Request $request): UnitSystem
    {
        $chosen = $request?->attributes->get(self::CHOSEN);
        $person = $chosen instanceof UnitSystem ? null : $this->security->getUser();

        return match (true) {
            $chosen instanceof UnitSystem => $chosen,
            $person instanceof Person => $person->units(),
            null === $request => UnitSystem::Inches,
            default => UsualUnits::of($request),
        };
    }

    /**
     * Answers in the units that the request asks for, or in these.
     *
     * @param UnitSystem $usual of whoever the answer is for
     */
    public function choose(UnitSystem $usual): UnitSystem
    {
        $request = $this->requests->getCurrentRequest();
        $units = UnitSystem::tryFrom($request?->query->getString('units') ?? '') ?? $usual;
        $request?->attributes->set(self::CHOSEN, $units);
        $this->asked = null;

        return $units;
    }

    public function writer(?UnitSystem $units = null): LengthWriter
    {
        return new LengthWriter($units ?? $this->system(), own: $this->own());
    }

    /**
     * What a hand, a finger and a tick measure for whoever is looking; found when a length is read, not when one is
     * written.
     */
    private function own(): OwnUnits
    {
        return new OwnUnits(function (): array {
            $person = $this->security->getUser();
            $practice =
                $person instanceof Person
                    ? $person->studio()->practice()->differing($person->distances())
                    : new Practice();

            return [
                'hand' => $practice->at(Distance::HandWide),
                'finger' => $practice->at(Distance::FingerWide),
                'tick' => $practice->at(Distance::TickApart),
            ];
        });
    }
}
