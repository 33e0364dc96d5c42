<?php

declare(strict_types=1);

namespace Tests\App;

use App\Account\Person;
use App\Account\SignUp;
use App\Account\StudioOpening;
use App\Demo\DemoStudio;
use App\Frames\StudioFrame;
use App\Quilt\NewQuilt;
use App\Quilt\Quilt;
use App\Quilt\QuiltEntry;
use App\Quilt\Sheet;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Uid\Ulid;

/** A studio with its owner signed in, on a database that is rolled back after each test. */
abstract class StudioTestCase extends WebTestCase
{
    protected KernelBrowser $browser;
    protected Person $owner;

    protected function setUp(): void
    {
        $this->browser = static::createClient();
        $this->owner = $this->studio('owner@studio.example');
        $this->browser->loginUser($this->owner);
    }

    protected function studio(string $email): Person
    {
        return $this->service(StudioOpening::class)->open(
            new SignUp('A studio', $email, 'a long password', UnitSystem::Inches, 'UTC'),
        );
    }

    protected function frame(?Person $person = null, string $name = 'North frame'): StudioFrame
    {
        $frame = new StudioFrame(($person ?? $this->owner)->studio(), $name, (new DemoStudio())->frames()[$name]);
        $this->service(EntityManagerInterface::class)->persist($frame);
        $this->service(EntityManagerInterface::class)->flush();

        return $frame;
    }

    /** @param array<string, mixed> $entries by path of the sheet */
    protected function quilt(
        array $entries = [],
        ?Person $person = null,
        string $title = 'Harbour lamps',
        ?StudioFrame $frame = null,
        ?\DateTimeImmutable $due = null,
    ): Quilt {
        $person ??= $this->owner;
        $input = new NewQuilt();
        [$input->title, $input->client, $input->frame, $input->key] = [
            $title,
            'Odile Marrant',
            $frame ?? $this->frame($person),
            (string) new Ulid(),
        ];
        $input->due = $due;

        return $this->service(QuiltEntry::class)->enter($person->studio(), $input, Sheet::blank()->withAll($entries));
    }

    /** @return array<string, string> a top of 68 × 87 1/4 in on a backing of the size given */
    protected static function entries(string $across = '78 in', string $along = '96 in'): array
    {
        return [
            'top/widths/top' => '68 in',
            'top/widths/middle' => '68 in',
            'top/widths/bottom' => '68 in',
            'top/lengths/left' => '87 1/4 in',
            'top/lengths/middle' => '87 1/4 in',
            'top/lengths/right' => '87 1/4 in',
            'backing/sides/top' => $across,
            'backing/sides/right' => $along,
            'backing/sides/bottom' => $across,
            'backing/sides/left' => $along,
        ];
    }

    /** @return array<string, mixed> the same, with batting and rows of 8 in that are scaled to end at the tail */
    protected static function rows(): array
    {
        return [
            ...self::entries(),
            'batting/width' => '74 in',
            'batting/length' => '93 in',
            'batting/kind' => 'cotton-poly',
            'quilting/style' => 'rows',
            'quilting/row_height' => '8 in',
            'load/direction' => 'as-is',
        ];
    }

    /** Starts it at the frame, as the button of stage Load does. */
    protected function begin(Quilt $quilt): void
    {
        $this->browser->submit(
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/load")
                ->filter('#start')
                ->form(),
        );
        self::assertResponseRedirects("/quilts/{$quilt->id()}/frame", 303);
    }

    /** The owner as another request would find them, for what is entered after a page was looked at. */
    protected function ownerAnew(): Person
    {
        $found = $this->service(EntityManagerInterface::class)->find(Person::class, $this->owner->id());
        self::assertNotNull($found);

        return $found;
    }

    /** The quilt as another request would find it. */
    protected function reloaded(Quilt $quilt): Quilt
    {
        $entities = $this->service(EntityManagerInterface::class);
        $entities->clear();
        $found = $entities->find(Quilt::class, $quilt->id());
        self::assertNotNull($found);

        return $found;
    }

    /**
     * Sends the sheet's form as a browser would, with some fields changed.
     *
     * @param array<string, string> $fields by path
     */
    protected function enter(Quilt $quilt, string $stage, array $fields): void
    {
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/$stage");
        $values = $page->filter('#sheet')->form()->getPhpValues();
        $shown = \is_array($values['f'] ?? null) ? $values['f'] : [];
        $this->browser->request('POST', "/quilts/{$quilt->id()}/$stage", [...$values, 'f' => [...$shown, ...$fields]]);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $id
     *
     * @return T
     */
    protected function service(string $id): object
    {
        $service = static::getContainer()->get($id);
        self::assertInstanceOf($id, $service);

        return $service;
    }
}
