<?php

declare(strict_types=1);

// The measuring half of bin/bench: "core" for the core and the command, "pages URL QUILTS" for the pages of a server.

use App\Demo\DemoCommand;
use Schwung\Core\Advance\Roll;
use Schwung\Core\Leader\FrameOrLeaderRule;
use Schwung\Core\Leader\LeaderCheckRule;
use Schwung\Core\Leader\LeaderTilt;
use Schwung\Core\Leader\Reading;
use Schwung\Core\Learning\ContractionRule;
use Schwung\Core\Learning\DriftLearnt;
use Schwung\Core\Learning\DriftSeen;
use Schwung\Core\Learning\QuiltedTop;
use Schwung\Core\Learning\RatchetRule;
use Schwung\Core\Learning\RollReading;
use Schwung\Core\Learning\RollRule;
use Schwung\Core\Learning\StrainRule;
use Schwung\Core\Learning\ThicknessLearnt;
use Schwung\Core\Running\LineReading;
use Schwung\Core\Running\LineRule;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\Quilting;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Exchange\JsonText;
use Schwung\Core\Exchange\PlanAnswer;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\Top;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Loading\StepRule;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Job\Job;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Job\Load;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Queue\Queue;
use Schwung\Core\Queue\QueueJob;
use Schwung\Core\Queue\QueueRule;
use Schwung\Core\Queue\WorkingTime;
use Schwung\Core\Shelf\AssignmentRule;
use Schwung\Core\Shelf\Need;
use Schwung\Core\Shelf\Piece;
use Schwung\Core\Shelf\Roll as ShelfRoll;
use Schwung\Core\Tension\Circumstances;
use Schwung\Core\Tension\HoldFacts;
use Schwung\Core\Tension\ClothFacts;
use Schwung\Core\Tension\DiagnosisRule;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\QuestionRule;
use Schwung\Core\Tension\SeamLie;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\TensionCase;
use Schwung\Core\Tension\TestRule;

require dirname(__DIR__) . '/vendor/autoload.php';

/** How often each page is asked for, and the thinnest page of somebody who is signed in. */
const ROUNDS = 25;
const THINNEST = 'T, the devices';
/** Seconds in which the worker has learnt what five thousand quilts teach; until then no page stays what it was. */
const LEARNING = 90;

/** @param list<float> $values */
function median(array $values): float
{
    sort($values);

    return $values[intdiv(count($values), 2)];
}

/** Milliseconds, the median of some runs. */
function timed(int $runs, Closure $work): float
{
    $times = [];
    for ($i = 0; $i < $runs; ++$i) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e6;
    }

    return median($times);
}

function row(string $what, string ...$figures): void
{
    echo '| ', implode(' | ', [$what, ...$figures]), " |\n";
}

/** A square quilt of block work, sizes in inches. */
function blocks(float $size, int $seams, float $throat): Job
{
    $at = array_map(
        static fn(int $i): TopSeam => new TopSeam(Length::inches(($i * $size) / ($seams + 1)), SeamKind::Block),
        range(1, $seams),
    );

    return square($size, $throat, $at, Quilting::blocks());
}

/** A square quilt of rows, sizes in inches. */
function rows(float $size, float $height, float $throat): Job
{
    return square(
        $size,
        $throat,
        [],
        Quilting::rows(
            new RowDesign(Length::inches($height), Length::inches(0.1), Length::inches(0.5), Finish::FitScale),
        ),
        10,
    );
}

/**
 * @param list<TopSeam> $seams  both ways
 * @param float         $roller its diameter; a thick one grows slowly
 */
function square(float $size, float $throat, array $seams, Quilting $quilting, float $roller = 2): Job
{
    $in = Length::inches(...);
    [$w, $b] = [$in($size), $in($size + 10)];
    $frame = new Frame(
        FrameKind::Roller,
        [
            'rail' => $in($size + 20),
            'throat' => $in($throat),
            'arm_clearance' => $in(7)->plus($in($roller)),
            'takeup_diameter' => $in($roller),
            'leader_length' => $in(24),
            'leader_width' => $in($size + 15),
        ],
        36,
    );

    return new Job(
        title: 'bench',
        units: UnitSystem::Inches,
        top: new Top($w, $w, $w, $w, $w, $w, seamsAcross: $seams, seamsAlong: $seams),
        backing: new Backing($b, $b, $b, $b, $in(($size + 10) * M_SQRT2)),
        batting: new Batting($in($size + 5), $in($size + 5), BattingKind::Cotton),
        frame: $frame,
        load: new Load(),
        quilting: $quilting,
    );
}

function stepsTimed(string $root): string
{
    $text = (string) file_get_contents("$root/tests/Core/Exchange/documents/fits.job.json");
    $preparation = Preparation::ofJob((new JobReader())->read((new JsonText())->decode($text)));
    $setup = $preparation->setup() ?? throw new LogicException('The example rolls through.');

    return sprintf('%.1f ms', timed(200, static fn() => (new StepRule())->steps($setup)));
}

/** A short backing beside a fitting one, each planned and asked for everything, one after the other. */
function remediesTimed(string $folder): void
{
    $text = (string) file_get_contents("$folder/fits.job.json");
    $sides = static fn(string $across, string $along): string => (string) preg_replace(
        ['/"top": "78 in", "right": "96 in", "bottom": "78 in", "left": "96 in"/', '/"diagonal": "123 3\/4 in", /'],
        ["\"top\": \"$across\", \"right\": \"$along\", \"bottom\": \"$across\", \"left\": \"$along\"", ''],
        $text,
    );
    $jobs = array_map(static fn(string $document) => (new JobReader())->read((new JsonText())->decode($document)), [
        'fits' => $sides('78 in', '96 in'),
        'short' => $sides('70 in', '90 in'),
    ]);
    $whole = static function (Job $job): float {
        $start = hrtime(true);
        $preparation = Preparation::ofJob($job);
        $preparation->standings();
        $preparation->remedies();

        return (hrtime(true) - $start) / 1e6;
    };
    [$fits, $short, $ratios] = [[], [], []];
    for ($i = 0; $i < 300; ++$i) {
        [$fits[], $short[]] = [$whole($jobs['fits']), $whole($jobs['short'])];
        $ratios[] = $short[$i] / $fits[$i];
    }
    row('a fitting backing, judged', sprintf('%.2f ms', median($fits)));
    row(
        'a short backing, judged with all its ways out',
        sprintf('%.2f ms, %.1f times that', median($short), median($ratios)),
    );
}

function diagnosisTimed(): string
{
    $rule = new DiagnosisRule(Knowledge::ofTheTrade(), ['leader-worn-centre' => 3]);
    $case = new TensionCase(
        [Symptom::CentreDip, Symptom::DragLine],
        [Symptom::SideDip],
        new Circumstances(
            cloth: new ClothFacts(backingKind: BackingKind::Cotton, seam: SeamLie::AlongRails),
            hold: new HoldFacts(alwaysCentred: true, loadsSinceLeaderCheck: 30),
        ),
    );

    return sprintf(
        '%.2f ms',
        timed(300, static function () use ($rule, $case): void {
            $ranked = $rule->rank($case);
            (new TestRule($rule))->best($case, $ranked);
            (new QuestionRule($rule, Knowledge::ofTheTrade()))->most($case, 3);
        }),
    );
}

/** What 5,000 readings teach: 625 loads of eight taped passes, and as many of everything else. */
function learningTimed(): string
{
    $mm = Length::millimetres(...);
    $each = static fn(Closure $reading): array => array_map($reading, range(1, 5000));
    $loads = array_map(
        static fn(int $load): array => array_map(
            static fn(int $pass): RollReading => RollReading::round(
                $mm(240.0 * $pass),
                $mm(2 * M_PI * Roll::around(34, 2 + ($load % 9) / 10, 240.0 * $pass)),
            ),
            range(1, 8),
        ),
        range(1, 625),
    );
    $drifts = $each(static fn(int $i): DriftSeen => new DriftSeen(2000, $i % 19));
    $tops = $each(static fn(int $i): QuiltedTop => new QuiltedTop(3 + ($i % 5), ($i % 11) / 100, 0.03, 0.02));
    $advances = $each(static fn(int $i): array => [1 + ($i % 3), 24.0 * (1 + ($i % 3))]);
    $strains = $each(static fn(int $i): array => [1 + ($i % 5), ($i % 10) / 1000]);
    $line = $each(static fn(int $i): LineReading => new LineReading($mm($i), $mm($i % 7)));
    $tilts = $each(
        static fn(int $i): LeaderTilt => LeaderTilt::of(
            "leader $i",
            (new LeaderCheckRule())->check(
                [
                    new Reading($mm(0), $mm(20 + ($i % 3))),
                    new Reading($mm(1500), $mm(20 + ($i % 5))),
                    new Reading($mm(3000), $mm(20 + ($i % 7))),
                ],
                $mm(3000),
            ),
            true,
        ),
    );

    return sprintf(
        '%.1f ms',
        timed(20, static function () use ($loads, $drifts, $tops, $advances, $strains, $line, $tilts, $mm): void {
            $rule = new RollRule(31.75, 34);
            $factors = [];
            foreach ($loads as $readings) {
                $factors[] = ($rule->judge($readings, $mm(2.4))->thickness?->toMillimetres() ?? 2.4) / 2.4;
            }
            ThicknessLearnt::of($factors);
            (new DriftLearnt())->allowance($drifts);
            (new ContractionRule())->expect($tops, 4, 0.05);
            (new RatchetRule())->teeth($advances);
            (new StrainRule())->inNumbers($strains);
            (new LineRule())->judge($line, $mm(5000));
            (new FrameOrLeaderRule())->judge($tilts);
        }),
    );
}

/** A shelf of one kind, drawn from a seed: 40 needs, 60 pieces, 6 rolls that are so long, in inches. */
function shelfTimed(int $seed, int $longest): string
{
    mt_srand($seed);
    $in = static fn(int $from, int $to): Length => Length::inches(mt_rand($from, $to));
    $of = static fn(int $count, Closure $make): array => array_map($make, range(1, $count));
    $rolls = $of(
        6,
        static fn(int $i): ShelfRoll => new ShelfRoll("R$i", BattingKind::Cotton, $in(60, 120), $in(60, $longest)),
    );
    $pieces = $of(60, static fn(int $i): Piece => new Piece("P$i", BattingKind::Cotton, $in(12, 120), $in(12, 120)));
    $needs = $of(40, static fn(int $i): Need => new Need("Q$i", BattingKind::Cotton, $in(30, 110), $in(30, 120)));
    $best = (new AssignmentRule())->assign($rolls, $pieces, $needs);

    return sprintf(
        '%.0f ms, %d without, %s',
        timed(3, static fn() => (new AssignmentRule())->assign($rolls, $pieces, $needs)),
        count($best->unserved),
        $best->provedBest ? 'proved' : 'not proved',
    );
}

function measureCore(): void
{
    $root = dirname(__DIR__);
    echo "| core | figure |\n|---|---|\n";
    foreach (['fits', 'short', 'metric'] as $case) {
        $text = (string) file_get_contents("$root/tests/Core/Exchange/documents/$case.job.json");
        $milliseconds = timed(300, static function () use ($text): void {
            (new PlanAnswer())->to((new JsonText())->decode($text));
        });
        row("plans a second, one process, job \"$case\"", number_format(1000 / $milliseconds));
    }
    $planner = new Planner(new Practice());
    remediesTimed("$root/tests/Core/Exchange/documents");
    row('steps of a load', stepsTimed($root));
    row('a diagnosis: causes ranked, the test and the questions chosen', diagnosisTimed());
    row('what 5,000 readings of each kind teach, all rules', learningTimed());
    foreach (
        ['that last' => 3000, 'of which some run out' => 240, 'that are nearly empty' => 90]
        as $rolls => $longest
    ) {
        foreach ([1, 2] as $seed) {
            row("batting for 40 quilts of 60 pieces and 6 rolls $rolls, shelf $seed", shelfTimed($seed, $longest));
        }
    }
    foreach (
        [
            'plan of 120 × 120 in with 60 block seams each way, one process' => blocks(120, 60, 20),
            'worst case, blocks: the same on a throat of 7.35 in' => blocks(120, 60, 7.35),
            'worst case, rows: 300 × 300 in, a row of 1 3/8 in a pass' => rows(300, 1.375, 8.7),
        ]
        as $what => $job
    ) {
        $passes = $planner->plan($job)->chosenPlan()->course?->passes->count();
        row($what, sprintf('%.1f ms, %d passes', timed(60, static fn() => $planner->plan($job)), $passes));
    }
    $php = escapeshellarg(PHP_BINARY);
    $bare = timed(15, static fn() => exec("$php -r " . escapeshellarg("require '$root/vendor/autoload.php';")));
    $command = timed(
        15,
        static fn() => exec("$php bin/console schwung:plan tests/Core/Exchange/documents/fits.job.json"),
    );
    row('PHP with the autoloader, whole process', sprintf('%.0f ms', $bare));
    row('schwung:plan, whole process', sprintf('%.0f ms, %.1f times that', $command, $command / $bare));
    measureQueues();
    row('peak memory after all that', sprintf('%.1f MiB', memory_get_peak_usage(true) / 2 ** 20));
    echo "\n";
}

/**
 * @param array<string, string> $cookies changed by the answer
 * @param array<string, string> $form    sent by POST where there is any
 *
 * @return array{string, float} body, milliseconds
 */
function fetch(string $url, array &$cookies, array $form = []): array
{
    $pairs = array_map(
        static fn(string $name, string $value): string => "$name=$value",
        array_keys($cookies),
        $cookies,
    );
    $http_response_header = [];
    $start = hrtime(true);
    $body = (string) @file_get_contents(
        $url,
        context: stream_context_create([
            'http' => [
                'method' => [] === $form ? 'GET' : 'POST',
                'header' => [
                    'Cookie: ' . implode('; ', $pairs),
                    ...[] === $form ? [] : ['Content-Type: application/x-www-form-urlencoded'],
                ],
                'content' => http_build_query($form),
                'follow_location' => 0,
                'ignore_errors' => true,
            ],
        ]),
    );
    $milliseconds = (hrtime(true) - $start) / 1e6;
    foreach ($http_response_header as $header) {
        if (1 === preg_match('/^Set-Cookie: ([^=]+)=([^;]*)/i', $header, $found)) {
            $cookies[$found[1]] = $found[2];
        }
    }

    return [$body, $milliseconds];
}

/** @return array<string, string> the cookies of somebody signed in */
function signedIn(string $server): array
{
    $cookies = [];
    for ($wait = 0; $wait < 100 && "up\n" !== fetch("$server/up", $cookies)[0]; ++$wait) {
        usleep(50_000);
    }
    preg_match('/name="_csrf_token" value="([^"]+)"/', fetch("$server/sign-in", $cookies)[0], $token);
    fetch("$server/sign-in", $cookies, [
        '_csrf_token' => $token[1] ?? '',
        'email' => DemoCommand::EMAIL,
        'password' => DemoCommand::PASSWORD,
    ]);

    return $cookies;
}

function measurePages(string $server, string $quilts): void
{
    $cookies = signedIn($server);
    preg_match_all('~/quilts/[^/"]+/(?:backing|measure)~', fetch("$server/", $cookies)[0], $found);
    $quilt = (string) preg_replace('~/[a-z]+$~', '', $found[0][3] ?? '');
    $lamps = quiltCalled('harbour', $server, $cookies);
    $winds = quiltCalled('nine winds', $server, $cookies);
    $frame = frameThatTaught($server, $cookies);
    putPieces($server, $cookies);
    sleep($quilts > 1000 ? LEARNING : 10);
    $pages = [
        'floor' => '/floor',
        THINNEST => '/devices',
        'bench' => '/',
        'bench, search' => '/?q=lamps',
        'bench, page 2' => '/?page=2',
        'measure' => "$quilt/measure",
        'backing' => "$quilt/backing",
        'direction' => "$quilt/direction",
        'attach' => "$lamps/attach",
        'passes, a design laid' => "$lamps/passes?pass=4",
        'backing, trying strips' => "$quilt/backing?try=extend",
        'print sheet' => "$quilt/sheet",
        'load' => "$lamps/load",
        'at the frame, a step' => "$winds/frame",
        'at the frame, what is new' => "$winds/frame/entries?after=999999",
        'drift' => "$winds/frame/drift",
        'stitch, the log' => "$winds/stitch",
        'frames' => '/frames',
        'what a frame has taught' => "$frame/taught",
        'clients' => '/clients',
        'what to bring, public' => '/bring/tideloft?across=60+in&along=72+in',
        'the shelf, 1,000 pieces' => '/shelf',
        'a recipe' => "$lamps/recipe",
        'tension' => '/tension',
        'trainer, a bed' => '/tension/trainer/3/12?did=well,press',
        'free bench' => '/tension/bench?bow=4',
    ];
    printPages("page, $quilts quilts", $server, $pages, $cookies);
    measureSettings($server, $cookies);
    measureSaving($server, $winds, $cookies, 'written through to the disk');
}

/**
 * A thousand offcuts, as a list that somebody brings in.
 *
 * @param array<string, string> $cookies
 */
function putPieces(string $server, array $cookies): void
{
    preg_match(
        '~action="/shelf/bring".*?name="_token" value="([^"]+)"~s',
        fetch("$server/shelf/bring", $cookies)[0],
        $token,
    );
    $lines = array_map(static fn(int $i): string => 20 + ($i % 60) . ' in,' . (30 + ($i % 70)) . ' in', range(1, 1000));
    fetch("$server/shelf/bring", $cookies, [
        '_token' => $token[1] ?? '',
        'key' => '01JB0000000000000000000000',
        'typed' => implode("\n", ['width,length', ...$lines]),
    ]);
}

/**
 * Each page made anew, as after a change, and shown again, as while nothing is written.
 *
 * @param array<string, string> $pages   path by name
 * @param array<string, string> $cookies
 */
function printPages(string $title, string $server, array $pages, array $cookies): void
{
    [$times, $bytes] = interleaved($server, $pages, $cookies);
    echo "| $title | made anew | times T | shown again | times T | bytes |\n|---|---|---|---|---|---|\n";
    foreach (array_keys($pages) as $name) {
        row(
            $name,
            sprintf('%.1f ms', median($times["$name, anew"])),
            sprintf('%.1f', median(ratios($times["$name, anew"], $times[THINNEST]))),
            sprintf('%.1f ms', median($times[$name])),
            sprintf('%.1f', median(ratios($times[$name], $times[THINNEST]))),
            number_format($bytes[$name]),
        );
    }
    echo "\n";
}

/**
 * Every page in turn, round after round, so that a machine that slows down slows them all.
 *
 * @param array<string, string> $pages   path by name
 * @param array<string, string> $cookies
 *
 * @return array{array<string, list<float>>, array<string, int>} milliseconds of each round, and bytes, by name; those of
 *                                                               pages that were made anew by "name, anew"
 */
function interleaved(string $server, array $pages, array &$cookies): array
{
    [$times, $bytes] = [[], []];
    for ($round = -1; $round < ROUNDS; ++$round) {
        foreach ($pages as $name => $path) {
            // Nobody has seen a page under an address that nobody has asked for.
            $unseen = $path . (str_contains($path, '?') ? '&' : '?') . "unseen=$round-" . hrtime(true);
            [, $anew] = fetch($server . $unseen, $cookies);
            [$body, $milliseconds] = fetch($server . $path, $cookies);
            $bytes[$name] = strlen($body);
            // The first round fills the caches.
            if ($round >= 0) {
                $times[$name][] = $milliseconds;
                $times["$name, anew"][] = $anew;
            }
        }
    }

    return [$times, $bytes];
}

/**
 * @param list<float> $ones
 * @param list<float> $others of the same rounds
 *
 * @return list<float>
 */
function ratios(array $ones, array $others): array
{
    return array_map(static fn(float $one, float $other): float => $one / $other, $ones, $others);
}

/** @param array<string, string> $cookies */
function measureSettings(string $server, array &$cookies): void
{
    $form = [];
    $page = new DOMDocument();
    @$page->loadHTML(fetch("$server/settings/practice", $cookies)[0]);
    $path = new DOMXPath($page);
    foreach ($path->query('//form[@name="practice"]//*[@name]') ?: [] as $field) {
        $chosen =
            $field instanceof DOMElement && 'select' === $field->tagName
                ? ($path->query('.//option[@selected]', $field) ?:
                null)
                : null;
        $holder = $chosen?->item(0) ?? $field;
        if ($field instanceof DOMElement && $holder instanceof DOMElement && 'button' !== $field->tagName) {
            $form[$field->getAttribute('name')] = $holder->getAttribute('value');
        }
    }
    $start = hrtime(true);
    [$answer, $saving] = fetch("$server/settings/practice", $cookies, $form);
    if (!str_contains($answer, 'Redirecting')) {
        throw new RuntimeException('The settings were not saved.');
    }
    do {
        usleep(100_000);
        [$body] = fetch("$server/", $cookies);
    } while (str_contains($body, 'every 2s') && hrtime(true) - $start < 600e9);
    echo "| saving the settings | figure |\n|---|---|\n";
    row('until the page answers', sprintf('%.0f ms', $saving));
    row('until the last verdict is worked out anew', sprintf('%.1f s', (hrtime(true) - $start) / 1e9));
    echo "\n";
}

/**
 * The page of the frame whose readings have taught the most.
 *
 * @param array<string, string> $cookies
 */
function frameThatTaught(string $server, array &$cookies): string
{
    preg_match_all('~/frames/[0-9A-Z]{26}~i', fetch("$server/frames", $cookies)[0], $found);
    $plots = [];
    foreach (array_unique($found[0]) as $frame) {
        $plots[$frame] = substr_count(fetch("$server$frame/taught", $cookies)[0], '<svg');
    }
    arsort($plots);

    return (string) array_key_first($plots);
}

/** @param array<string, string> $cookies */
function quiltCalled(string $title, string $server, array &$cookies): string
{
    preg_match('~/quilts/[^/"]+/~', fetch("$server/?q=" . rawurlencode($title), $cookies)[0], $found);

    return rtrim($found[0] ?? '', '/');
}

/** @param array<string, string> $cookies */
/**
 * @param array<string, string> $cookies
 * @param string                $how     in words; entries of another way are others
 */
function measureSaving(string $server, string $quilt, array &$cookies, string $how): void
{
    preg_match('/data-token="([^"]+)"/', fetch("$server$quilt/frame", $cookies)[0], $token);
    $times = [];
    for ($i = 0; $i < 1000; ++$i) {
        $entry = [
            'key' => sprintf('bench-%s-%06d', hash('crc32b', $how), $i),
            'kind' => 'register',
            'step' => null,
            'at' => $i,
            'data' => ['left' => 0, 'right' => 1, 'wound' => $i],
        ];
        [$body, $times[]] = fetch("$server$quilt/frame/entries", $cookies, [
            '_token' => $token[1] ?? '',
            'entries' => json_encode([$entry], JSON_THROW_ON_ERROR),
            'after' => '999999999',
        ]);
        if (!str_contains($body, '"entries"')) {
            throw new RuntimeException('An entry was not saved: ' . substr($body, 0, 200));
        }
    }
    echo "| saving an entry, $how, 1,000 times | figure |\n|---|---|\n";
    row('median', sprintf('%.1f ms', median($times)));
    row('worst', sprintf('%.1f ms', max($times)));
    echo "\n";
}

/** The same entries where a power cut may lose those of the last second: what writing them through costs. */
function measureLooseSaving(string $server): void
{
    $cookies = signedIn($server);
    measureSaving($server, quiltCalled('nine winds', $server, $cookies), $cookies, 'left to the machine');
}

/** @param int $count quilts on two frames, due day by day in turn */
function queueOf(int $count): Queue
{
    $jobs = [];
    for ($i = 0; $i < $count; ++$i) {
        $jobs[] = new QueueJob(
            id: "q$i",
            due: (7 * $i) % max(3, intdiv($count, 2)),
            frames: 0 === $i % 3 ? ['north'] : ['north', 'attic'],
            minutes: 90 + ((53 * $i) % 300),
            traits: ['thread' => ['grey', 'white'][$i % 2]],
        );
    }
    $hours = array_fill_keys([1, 2, 3, 4, 5], [[540, 750], [810, 1020]]);

    return new Queue(
        new WorkingTime(new DateTimeImmutable('2027-03-01'), $hours),
        ['north', 'attic'],
        $jobs,
        setup: ['thread' => 10],
    );
}

function measureQueues(): void
{
    foreach ([10, 12, 60, 500] as $count) {
        $schedule = null;
        $milliseconds = timed(3, static function () use (&$schedule, $count): void {
            $schedule = (new QueueRule())->schedule(queueOf($count));
        });
        row(
            "a queue of $count quilts on two frames",
            sprintf('%.0f ms, %s', $milliseconds, $schedule?->isProved ? 'proved best' : 'not proved'),
        );
    }
}

/** Waits until the queue is worked out. @param array<string, string> $cookies */
function untilPlanned(string $server, array &$cookies): float
{
    $start = hrtime(true);
    do {
        usleep(20_000);
        $page = fetch("$server/", $cookies)[0];
    } while (!str_contains($page, 'Worked out') || str_contains($page, 'The queue is being worked out'));

    return (hrtime(true) - $start) / 1e6;
}

/** The bench of a studio in which sixty of five thousand quilts wait for three frames. */
function measureBench(string $server): void
{
    $cookies = signedIn($server);
    fetch("$server/", $cookies);
    $first = untilPlanned($server, $cookies);
    preg_match('~data-quilt="(\w{26})"[^>]*data-frame="(\w{26})"~', fetch("$server/", $cookies)[0], $found);
    [, $quilt, $frame] = $found + ['', '', ''];
    $pages = [
        THINNEST => '/devices',
        'bench' => '/',
        'bench, search' => '/?q=lamps',
        'calendar' => '/bench/calendar.ics',
        'what a place would mean' => "/bench/$quilt/try?at=$frame+5",
        'when?' => '/when?when[across]=60+in&when[along]=72+in&when[kind]=rows',
        'history' => '/history',
    ];
    printPages('page, 60 of 5,000 quilts wait', $server, $pages, $cookies);
    echo "| the queue | figure |\n|---|---|\n";
    $again = [];
    for ($i = 0; $i < 5; ++$i) {
        preg_match('~/ask".*?name="_token" value="([^"]+)"~s', fetch("$server/bench/$quilt", $cookies)[0], $token);
        fetch("$server/bench/$quilt/ask", $cookies, [
            '_token' => $token[1] ?? '',
            'weight' => (string) [1, 2, 4][$i % 3],
            'thread' => "thread $i",
        ]);
        $again[] = untilPlanned($server, $cookies);
    }
    row('the queue, for the first time', sprintf('%.1f s', $first / 1000));
    row('the queue, after a change, until the page shows it', sprintf('%.1f s', median($again) / 1000));
    echo "\n";
}

match ($argv[1] ?? '') {
    'bench' => measureBench($argv[2] ?? ''),
    'core' => measureCore(),
    'saving' => measureLooseSaving($argv[2] ?? ''),
    default => measurePages($argv[2] ?? '', $argv[3] ?? ''),
};
