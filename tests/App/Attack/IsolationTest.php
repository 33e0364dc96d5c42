<?php

declare(strict_types=1);

namespace Tests\App\Attack;

use App\Account\Devices\DeviceKind;
use App\Account\Devices\SignedIn;
use App\Account\Invitation;
use App\Account\Leaving\StudioRows;
use App\Account\Person;
use App\Account\Studio;
use App\Designs\StudioDesign;
use App\Frames\StudioFrame;
use App\Mail\Letter;
use App\Quilt\Quilt;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversNothing;
use Schwung\Core\Design\StitchPath;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;
use Tests\App\Account\AtTheDoor;
use Tests\App\StudioTestCase;

/**
 * Every route with every method, asked by whom it does not concern: with a valid token, and what it names is
 * another's.
 */
#[CoversNothing]
final class IsolationTest extends StudioTestCase
{
    use AtTheDoor;

    /** What anybody may ask for; its answer is the same for all. */
    private const PUBLIC = [
        'app_public_calculator',
        'app_public_job',
        'app_public_job_send',
        'app_account_sign_in',
        'app_account_sign_up',
        'app_account_join',
        'app_account_open',
        'app_account_forgotten',
        'app_account_forgotten_sent',
        'app_account_new_password',
        'app_account_confirm_address',
        'app_account_change_address',
        'app_account_code',
        'app_account_other',
        'app_platform_up',
        'app_platform_floor',
        'app_frame_worker',
        'app_platform_build',
        'app_help_words',
        'app_help_keys',
        'app_look_start',
        'app_look',
        'app_look_keep',
        'app_look_other',
    ];

    private Quilt $mine;
    private Quilt $theirs;
    private StudioFrame $theirFrame;

    protected function setUp(): void
    {
        parent::setUp();
        $this->mine = $this->quilt([...self::rows(), 'load/direction' => 'as-is'], title: 'Mine');
        $other = $this->studio('other@studio.example');
        $this->theirs = $this->quilt([...self::rows(), 'load/direction' => 'as-is'], $other, 'Their secret quilt');
        $frame = $this->theirs->frame();
        self::assertNotNull($frame);
        $this->theirFrame = $frame;
        $this->browser->loginUser($other);
        $this->begin($this->theirs);
        $this->signOut();
    }

    public function testNobodyWhoIsSignedOutReachesAnything(): void
    {
        $requests = $this->requests($this->theirIds());
        $before = $this->sums();
        $open = [];
        foreach ($requests as [$name, $method, $path]) {
            $this->browser->request($method, $path);
            if (
                !\in_array($name, self::PUBLIC, true) &&
                !\in_array($this->browser->getResponse()->getStatusCode(), [302, 303, 401, 403, 404, 405], true)
            ) {
                $open[] = "$method $path: {$this->browser->getResponse()->getStatusCode()}";
            }
            $this->browser->getCookieJar()->clear();
        }

        self::assertSame([], $open);
        self::assertSame($before, $this->sums(), 'Nothing was changed.');
    }

    public function testAnotherStudioReachesNothingOfThisOne(): void
    {
        $tokens = $this->tokens($this->owner);
        $requests = $this->requests($this->theirIds());
        $before = $this->sums();
        [$open, $told, $asked] = [[], [], 0];
        foreach ($requests as [$name, $method, $path, $names]) {
            if ('app_account_sign_out' === $name) {
                continue;
            }
            foreach ('POST' === $method ? $tokens : [''] as $token) {
                $this->browser->request($method, $path, ['_token' => $token]);
                $answer = $this->browser->getResponse();
                if ($names && !\in_array($answer->getStatusCode(), [303, 400, 403, 404, 405, 422], true)) {
                    $open[] = "$method $path: {$answer->getStatusCode()}";
                }
                if (str_contains((string) $answer->getContent(), 'Their secret quilt')) {
                    $told[] = "$method $path";
                }
                ++$asked;
            }
        }

        self::assertSame([], $open, 'What names something of theirs is not answered.');
        self::assertSame([], $told);
        self::assertSame($before, $this->sums(), 'Nothing of theirs was changed.');
        self::assertGreaterThan(150, $asked);
    }

    public function testAHelperDoesNothingThatIsTheOwners(): void
    {
        $helper = $this->helper();
        $letter = $this->letters('owner@studio.example')[0];
        foreach (
            [
                'GET /outbox',
                "GET /outbox/{$letter->id()}",
                "GET /outbox/{$letter->id()}/letter.eml",
                "POST /outbox/{$letter->id()}/passed-on",
                'GET /settings/log',
                'POST /people',
                "GET /people/{$helper->id()}/remove",
                "POST /people/{$this->owner->id()}/remove",
                "GET /people/{$helper->id()}/hand-over",
                "POST /people/invitations/{$letter->id()}/remove",
                'GET /settings/account/close',
                'POST /settings/account/close',
                'GET /settings/account/export.zip',
                'POST /closed/keep',
            ]
            as $request
        ) {
            $this->browser->loginUser($helper);
            $this->browser->request(...explode(' ', $request));
            self::assertSame(403, $this->browser->getResponse()->getStatusCode(), $request);
        }
    }

    /** @return array<string, string> what belongs to the other studio, by name of a part of a path */
    private function theirIds(): array
    {
        $entities = $this->service(EntityManagerInterface::class);
        $other = $entities->find(Studio::class, $this->theirs->studio->id());
        self::assertNotNull($other);
        $person = $entities->getRepository(Person::class)->findOneBy(['studio' => $other]);
        $letter = $entities->getRepository(Letter::class)->findOneBy(['studio' => $other]);
        self::assertNotNull($person);
        self::assertNotNull($letter);
        $invitation = new Invitation($other, 'Ida', 'ida@studio.example', 'secret', new \DateTimeImmutable());
        $design = new StudioDesign($other, 'Loops', StitchPath::fromPathData('M0 0L10 10'));
        $device = new SignedIn($person, 'theirs', null, DeviceKind::Tablet, '127.0.0.1', new \DateTimeImmutable());
        foreach ([$invitation, $design, $device] as $record) {
            $entities->persist($record);
        }
        $entities->flush();

        return [
            'quilts' => (string) $this->theirs->id(),
            'frames' => (string) $this->theirFrame->id(),
            'designs' => (string) $design->id(),
            'people' => (string) $person->id(),
            'invitations' => (string) $invitation->id(),
            'outbox' => (string) $letter->id(),
            'devices' => (string) $device->id(),
        ];
    }

    /**
     * @param array<string, string> $ids
     *
     * @return iterable<array{string, string, string, bool}> name, method, path, and whether it names what is somebody's
     */
    private function requests(array $ids): iterable
    {
        foreach ($this->service(RouterInterface::class)->getRouteCollection() as $name => $route) {
            if (str_starts_with($name, '_')) {
                continue;
            }
            $path = $this->path($route, $ids);
            $isNaming = [] !== array_filter($ids, static fn(string $id): bool => str_contains($path, $id));
            foreach ($route->getMethods() ?: ['GET', 'POST'] as $method) {
                yield [$name, $method, $path, $isNaming];
            }
        }
    }

    /** @param array<string, string> $ids */
    private function path(Route $route, array $ids): string
    {
        $path = $route->getPath();
        // Which kind of thing an id is of follows from the folder that it stands in.
        foreach ($ids as $folder => $id) {
            $path = (string) preg_replace("~/$folder/\{(id|frame)\}~", "/$folder/$id", $path);
        }

        return (string) preg_replace_callback(
            '~\{(\w+)\}~',
            fn(array $part): string => match ($part[1]) {
                'secret' => str_repeat('x', 43),
                'stage' => 'measure',
                'units' => 'cm',
                'level' => 'studio',
                'roller' => 'backing',
                'frame' => $ids['frames'],
                'symptom' => 'pleat',
                'kind' => 'tape',
                'seed', 'offer', 'step' => '1',
                'key' => '01ARZ3NDEKTSV4RRFFQ69G5FAV',
                'photo', 'id' => (string) $this->theirs->id(),
                default => 'x',
            },
            $path,
        );
    }

    /** @return list<string> each token that our own pages carry, so that none keeps a request from being read */
    private function tokens(Person $person): array
    {
        $this->browser->loginUser($person);
        $mine = $this->mine;
        $tokens = [];
        foreach (['/', '/settings/account', '/people', '/tension', '/designs', "/quilts/{$mine->id()}/load"] as $page) {
            $crawler = $this->browser->request('GET', $page);
            foreach (
                $crawler->filter('[name=_token]')->each(static fn($field): string => (string) $field->attr('value'))
                as $token
            ) {
                $tokens[$page] = $token;
            }
            $tokens["$page body"] = (string) $crawler->filter('body')->attr('data-token');
        }

        return array_values(array_unique($tokens));
    }

    /** @return array<string, string> a checksum by table of all that is the other studio's */
    private function sums(): array
    {
        $rows = new StudioRows($this->service(Connection::class));
        $sums = [];
        foreach (array_keys(StudioRows::TABLES) as $table) {
            $sums[$table] = hash('xxh128', serialize([...$rows->of($this->theirs->studio, $table)]));
        }

        return $sums;
    }
}
