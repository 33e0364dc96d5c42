<?php

declare(strict_types=1);

namespace Tests\App\Attack;

use PHPUnit\Framework\Attributes\CoversNothing;
use Symfony\Component\DomCrawler\Form;
use Tests\App\StudioTestCase;

/** Whatever is sent in the fields of our own forms, nothing falls over: every answer is below 500. */
#[CoversNothing]
final class MutatedFormsTest extends StudioTestCase
{
    private const NASTY = [
        'nothing' => '',
        'bytes that are no text' => "\xff\xfe\xfa",
        'a NUL' => "a\0b",
        'very long' => 'AAAAAAAAAAAAAAAAAAAA',
        'the end of the integers' => '9223372036854775807',
        'below it' => '-9223372036854775808',
        'no number' => '1e999',
        'a path' => '../../etc/passwd',
        'another host' => '//elsewhere.example/',
        'a formula' => '=1+1',
        'right to left' => "\u{202e}abc",
    ];

    public function testEveryFieldOfEveryFormTakesWhateverComes(): void
    {
        $quilt = $this->quilt([...self::rows(), 'load/direction' => 'as-is']);
        $this->begin($quilt);
        $frame = $quilt->frame()?->id();
        $pages = [
            ...array_map(static fn(string $stage): string => "/quilts/{$quilt->id()}/$stage", [
                'measure',
                'backing',
                'direction',
                'attach',
                'passes',
                'load',
                'stitch',
                'off',
                'about',
                'frame',
                'load/overrule',
                'frame/half-done',
            ]),
            '/',
            '/quilts/new',
            '/quilts/import',
            '/frames/new',
            "/frames/$frame",
            "/frames/$frame/leaders",
            '/designs',
            '/tension',
            '/tension/trainer',
            '/tension/bench',
            '/history',
            '/settings/practice',
            '/settings/loading',
            '/settings/you',
            '/settings/hours',
            '/when',
            '/settings/account',
            '/settings/account/sure',
            '/settings/log',
            '/outbox',
            '/people',
            '/devices',
        ];
        [$sent, $seen, $fell] = [0, [], []];
        foreach ($pages as $page) {
            $crawler = $this->browser->request('GET', $page);
            foreach ($crawler->filter('form')->each(static fn($form): Form => $form->form()) as $form) {
                $fields = $form->getPhpValues();
                $kind =
                    $form->getMethod() .
                    preg_replace('~[0-9A-Z]{26}~', 'N', $form->getUri()) .
                    implode(',', array_keys($fields));
                if (isset($seen[$kind]) || str_contains($form->getUri(), 'sign-out')) {
                    continue;
                }
                $seen[$kind] = true;
                foreach ($this->mutations($fields) as $how => $mutated) {
                    $this->browser->request($form->getMethod(), $form->getUri(), $mutated);
                    if ($this->browser->getResponse()->getStatusCode() >= 500) {
                        $fell[] = "{$form->getMethod()} $page: $how";
                    }
                    ++$sent;
                }
            }
        }

        self::assertSame([], $fell);
        self::assertGreaterThan(400, $sent);
    }

    public function testNobodyWhoIsSignedOutMakesTheDoorFall(): void
    {
        $this->browser->request('GET', '/sign-in');
        $this->browser->restart();
        $fell = [];
        foreach (['/sign-in', '/sign-up', '/forgotten'] as $page) {
            foreach (
                $this->browser->request('GET', $page)->filter('form')->each(static fn($form): Form => $form->form())
                as $form
            ) {
                foreach ($this->mutations($form->getPhpValues()) as $how => $mutated) {
                    $this->browser->request($form->getMethod(), $form->getUri(), $mutated);
                    if ($this->browser->getResponse()->getStatusCode() >= 500) {
                        $fell[] = "$page: $how";
                    }
                }
            }
        }

        self::assertSame([], $fell);
    }

    /**
     * @param array<mixed> $fields
     *
     * @return iterable<string, array<mixed>> each with one field changed; the token stays, or nothing would be read
     */
    private function mutations(array $fields): iterable
    {
        $n = 0;
        foreach ($this->leaves($fields, []) as $path) {
            $name = implode('/', $path);
            if (str_contains($name, '_token')) {
                continue;
            }
            yield "$name left out" => $this->with($fields, $path, null);
            yield "$name as a list" => $this->with($fields, $path, ['x' => ['y']]);
            // One of the others each, in turn, so that the whole stays short.
            foreach (\array_slice([...self::NASTY, ...self::NASTY], $n++ % \count(self::NASTY), 2) as $how => $value) {
                yield "$name: $how" => $this->with(
                    $fields,
                    $path,
                    'very long' === $how ? str_repeat($value, 500) : $value,
                );
            }
        }
        yield 'nothing at all' => array_filter(
            $fields,
            static fn(int|string $key): bool => '_token' === $key,
            \ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * @param array<mixed>           $fields
     * @param list<int|string>       $before
     *
     * @return iterable<non-empty-list<int|string>>
     */
    private function leaves(array $fields, array $before): iterable
    {
        foreach ($fields as $key => $value) {
            if (\is_array($value)) {
                yield from $this->leaves($value, [...$before, $key]);
            } else {
                yield [...$before, $key];
            }
        }
    }

    /**
     * @param array<mixed>                $fields
     * @param non-empty-list<int|string> $path
     *
     * @return array<mixed>
     */
    private function with(array $fields, array $path, mixed $value): array
    {
        $key = array_shift($path);
        if ([] !== $path) {
            $inner = $fields[$key] ?? [];
            $fields[$key] = $this->with(\is_array($inner) ? $inner : [], $path, $value);
        } elseif (null === $value) {
            unset($fields[$key]);
        } else {
            $fields[$key] = $value;
        }

        return $fields;
    }
}
