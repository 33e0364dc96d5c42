<?php

declare(strict_types=1);

namespace App\Bench\Times;

use App\Account\Person;
use App\Audit\AuditLog;
use App\Audit\Happening;
use App\Bench\Typed;
use App\Platform\Csv;
use App\Quilt\QuiltRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** What loads were estimated to take and took, as a table of commas: of a quilt, or of a span of time. */
final class TimesController extends AbstractController
{
    private const HEADER = [
        'started',
        'number',
        'title',
        'client',
        'frame',
        'loading_expected',
        'loading_took',
        'stitching_expected',
        'stitching_took',
        'tending_expected',
        'tending_took',
        'problems',
    ];

    public function __construct(private readonly RunTimesRepository $times) {}

    #[Route('/times.csv', name: 'app_bench_times', methods: ['GET'])]
    public function span(#[CurrentUser] Person $person, Request $request, AuditLog $log): Response
    {
        $zone = $person->studio()->timeZone();
        [$from, $until] = [
            self::midnight($request->query->getString('from'), $zone),
            self::midnight($request->query->getString('until'), $zone)?->modify('+1 day'),
        ];
        $log->note($person, Happening::Exported, 'times.csv');

        return $this->answer(
            array_filter(
                $this->times->findOf($person->studio()),
                static fn(RunTimes $times): bool => !$times->isToldAgain() &&
                    (null === $from || $times->run->started >= $from) &&
                    (null === $until || $times->run->started < $until),
            ),
            $zone,
        );
    }

    #[Route('/quilts/{id}/times.csv', name: 'app_bench_times_of', methods: ['GET'])]
    public function ofQuilt(Ulid $id, #[CurrentUser] Person $person, QuiltRepository $quilts): Response
    {
        $quilt = $quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();

        return $this->answer(
            array_filter(
                $this->times->findOf($person->studio()),
                static fn(RunTimes $times): bool => $times->run->quilt === $quilt,
            ),
            $person->studio()->timeZone(),
        );
    }

    /** @param array<RunTimes> $all */
    private function answer(array $all, \DateTimeZone $zone): Response
    {
        $minutes = static fn(float $minutes): string => number_format($minutes, 1, '.', '');
        $rows = array_map(
            static fn(RunTimes $times): array => [
                $times->run->started->setTimezone($zone)->format('Y-m-d\TH:i'),
                $times->run->quilt->number(),
                $times->run->quilt->title(),
                $times->run->quilt->client(),
                $times->run->quilt->frame()?->name() ?? '',
                ...array_map(static fn(string $what): string => $minutes($times->sum($what)), [
                    'loading expected',
                    'loading took',
                    'stitching expected',
                    'stitching took',
                    'tending expected',
                    'tending took',
                ]),
                (string) (int) $times->sum('problems'),
            ],
            array_values($all),
        );

        return new Response(
            Csv::of([self::HEADER, ...$rows]),
            headers: [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => 'attachment; filename=times.csv',
            ],
        );
    }

    private static function midnight(string $text, \DateTimeZone $zone): ?\DateTimeImmutable
    {
        $day = Typed::day($text);

        return null === $day ? null : new \DateTimeImmutable($day->format('Y-m-d'), $zone);
    }
}
