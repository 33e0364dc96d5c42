<?php

declare(strict_types=1);

namespace Tests\App\Shelf;

use App\AtTheFrame\OffView;
use App\AtTheFrame\Photo;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Shelf\Drawing\ThreadDrawer;
use App\Shelf\Recipes\Earlier;
use App\Shelf\Recipes\Recipe;
use App\Shelf\Recipes\RecipeCard;
use App\Shelf\Recipes\RecipeCards;
use App\Shelf\Recipes\RecipeController;
use App\Shelf\Recipes\RecipeInput;
use App\Shelf\Recipes\RecipeRepository;
use App\Shelf\Recipes\RecipeType;
use App\Shelf\Recipes\ThreadBooking;
use App\Shelf\Recipes\ThreadNeeds;
use App\Shelf\Thread\ShelfThread;
use App\Shelf\Thread\ShelfThreadRepository;
use App\Shelf\Thread\ThreadController;
use App\Shelf\Thread\ThreadInput;
use App\Shelf\Thread\ThreadType;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Uid\Ulid;

#[CoversClass(Earlier::class)]
#[CoversClass(OffView::class)]
#[CoversClass(Recipe::class)]
#[CoversClass(RecipeCard::class)]
#[CoversClass(RecipeCards::class)]
#[CoversClass(RecipeController::class)]
#[CoversClass(RecipeInput::class)]
#[CoversClass(RecipeRepository::class)]
#[CoversClass(RecipeType::class)]
#[CoversClass(ShelfThread::class)]
#[CoversClass(ShelfThreadRepository::class)]
#[CoversClass(ThreadBooking::class)]
#[CoversClass(ThreadController::class)]
#[CoversClass(ThreadDrawer::class)]
#[CoversClass(ThreadInput::class)]
#[CoversClass(ThreadNeeds::class)]
#[CoversClass(ThreadType::class)]
final class ThreadTest extends ShelfTestCase
{
    public function testAConeIsWeighedOnce(): void
    {
        $form = $this->open('/shelf/threads/new')
            ->selectButton('Put it on the shelf')
            ->form([
                'thread[colour]' => 'Fog grey',
                'thread[swatch]' => '#9aa3a8',
                'thread[heavy]' => '25',
                'thread[weighed]' => 'tex',
                'thread[much]' => '50',
                'thread[measured]' => 'g',
            ]);
        $this->browser->submit($form);
        $page = $this->browser->followRedirect();
        $this->browser->submit($form);

        self::assertCount(1, $this->service(ShelfThreadRepository::class)->findHere($this->owner->studio()));
        self::assertStringContainsString('2,187.2 yd left', $page->text());
        self::assertStringContainsString('number 40, 25 tex', $page->text());
        $page = $this->browser->click($page->selectLink('Fog grey')->link());
        self::assertSame('2000', $page->filter('[name="thread[much]"]')->attr('value'));
        $form = $page->selectButton('Save')->form();
        $this->browser->submit($form, ['thread[much]' => '500', 'thread[measured]' => 'm']);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString(
            'A cone of Fog grey, 25 in a hundred of it left',
            (string) $page->filter('svg')->last()->attr('aria-label'),
        );
    }

    /** @param array<string, string> $typed */
    #[DataProvider('bad')]
    public function testAThreadWithoutWeightIsAskedForIt(array $typed, string $words): void
    {
        $form = $this->open('/shelf/threads/new')->selectButton('Put it on the shelf')->form();
        $usual = ['thread[colour]' => 'Moss', 'thread[heavy]' => '40', 'thread[much]' => '100'];
        $page = $this->browser->submit($form, [...$usual, ...$typed]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($words, $page->filter('main')->text());
        self::assertSame([], $this->service(ShelfThreadRepository::class)->findHere($this->owner->studio()));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function bad(): iterable
    {
        yield 'no weight' => [['thread[heavy]' => ''], 'A thread has a weight'];
        yield 'a rope' => [['thread[heavy]' => '4'], 'No sewing thread is so light or so heavy'];
        yield 'words' => [['thread[heavy]' => 'thin'], 'This is no number.'];
        yield 'nothing said of what is left' => [['thread[much]' => ''], 'How much is left on it?'];
        yield 'less than nothing' => [['thread[much]' => '-3'], 'Accepted is from 0'];
        yield 'no colour' => [['thread[colour]' => ' '], 'Say what colour it is.'];
    }

    public function testARecipeSaysWhetherTheThreadLasts(): void
    {
        $quilt = $this->quilt(self::rows());
        $ink = $this->cone('Ink blue', 40, 60);
        $smoke = $this->cone('Smoke', 60, 5000);
        $this->plan();
        $this->settle($quilt, $ink, $smoke);
        $page = $this->open("/quilts/{$quilt->id()}/recipe");

        self::assertStringContainsString('The upper thread does not last:', $page->filter('main')->text());
        self::assertStringContainsString('The thread in the bobbin lasts:', $page->filter('main')->text());
        self::assertStringContainsString('None was stitched by a recipe yet.', $page->filter('main')->text());
        $this->plan();
        self::assertStringContainsString(
            'Buy thread for Harbour lamps: Ink blue does not last.',
            implode(' ', $this->todos()),
        );
    }

    public function testThreadThatGoesToQuiltsBeforeIsNotThereTwice(): void
    {
        $first = $this->quilt(self::rows(), title: 'First', due: new \DateTimeImmutable('2027-03-05'));
        $second = $this->quilt(self::rows(), title: 'Second', due: new \DateTimeImmutable('2027-03-09'));
        $cone = $this->cone('Moss', 40, 150);
        $this->plan();
        $this->settle($first, $cone, null);
        $this->settle($second, $cone, null);

        self::assertStringContainsString(
            'lasts:',
            $this->open("/quilts/{$first->id()}/recipe")
                ->filter('main')
                ->text(),
        );
        $page = $this->open("/quilts/{$second->id()}/recipe")
            ->filter('main')
            ->text();
        self::assertStringContainsString('does not last:', $page);
        self::assertStringContainsString('go to quilts before it', $page);
    }

    public function testAThickerBobbinThreadIsChangedSooner(): void
    {
        $quilt = $this->quilt([...self::rows(), 'quilting/row_height' => '3 in']);
        $bobbins = fn(): string => $this->open("/quilts/{$quilt->id()}/load")
            ->filter('p:contains("Bobbins")')
            ->last()
            ->text();
        $usual = $bobbins();
        $this->settle($quilt, null, $this->cone('Rope', 10, 5000));

        self::assertGreaterThan(
            (int) filter_var($usual, \FILTER_SANITIZE_NUMBER_INT),
            (int) filter_var($bobbins(), \FILTER_SANITIZE_NUMBER_INT),
        );
        self::assertStringContainsString(
            'bobbin after row',
            $this->open("/quilts/{$quilt->id()}/passes")
                ->filter('table:contains("advance")')
                ->text(),
        );
    }

    public function testOffTakesTheThreadOffTheConesOnceAndSaysWhatTrimmingLeaves(): void
    {
        $quilt = $this->quilt(self::rows());
        [$top, $bobbin] = [$this->cone('Fog grey', 40, 2000), $this->cone('Smoke', 60, 5000)];
        $this->settle($quilt, $top, $bobbin);
        $this->begin($this->service(QuiltRepository::class)->find($quilt->id()) ?? $quilt);
        $page = $this->open("/quilts/{$quilt->id()}/off");
        self::assertStringContainsString('Trimming leaves of the backing: lead 4', $page->text());
        self::assertStringContainsString('No strip is deep enough for a sleeve.', $page->text());
        $form = $page->selectButton('It is off the frame')->form();
        $this->browser->submit($form);
        $this->browser->submit($form);
        $page = $this->open("/quilts/{$quilt->id()}/off");
        self::assertStringContainsString('each of Fog grey and Smoke were taken off the shelf', $page->text());

        $used = $this->service(RecipeRepository::class)
            ->of($this->service(QuiltRepository::class)->find($quilt->id()) ?? $quilt)
            ->used();
        self::assertTrue($used->isPositive());
        foreach ($this->service(ShelfThreadRepository::class)->findHere($this->owner->studio()) as $cone) {
            $full = 'Smoke' === $cone->colour() ? 5_000_000 : 2_000_000;
            self::assertEqualsWithDelta($full - $used->toMillimetres(), $cone->left()->toMillimetres(), 1);
        }
        $like = $this->quilt(self::rows(), $this->ownerAnew(), title: 'Much the same');
        $nearest = $this->open("/quilts/{$like->id()}/recipe")
            ->filter('section:contains("Most like it")')
            ->text();
        self::assertStringContainsString('Harbour lamps: Fog grey over Smoke', $nearest);
        self::assertStringContainsString('How it turned out: it lay flat.', $nearest);
    }

    public function testATestIsKeptWithItsPhoto(): void
    {
        $quilt = $this->quilt(self::rows());
        $picture = tempnam(sys_get_temp_dir(), 'test') . '.png';
        $image = imagecreatetruecolor(40, 30);
        self::assertNotFalse($image);
        imagepng($image, $picture);
        $form = $this->open("/quilts/{$quilt->id()}/recipe")
            ->selectButton('Keep the recipe')
            ->form([
                'recipe[needle]' => '100, round point',
                'recipe[tension]' => 'two and a half',
                'recipe[perInch]' => '11',
                'recipe[seen][0]' => 'day',
                'recipe[isTested]' => '1',
            ]);
        $this->browser->submit($form, ['recipe[picture]' => $picture]);
        $page = $this->browser->followRedirect();
        unlink($picture);

        self::assertSame('two and a half', $page->filter('[name="recipe[tension]"]')->attr('value'));
        self::assertCount(1, $page->filter('img[alt="The test of Harbour lamps"]'));
        self::assertInstanceOf(
            Photo::class,
            $this->service(RecipeRepository::class)
                ->of($this->service(QuiltRepository::class)->find($quilt->id()) ?? $quilt)
                ->photo(),
        );
        self::assertStringContainsString('Harbour lamps', $this->open('/shelf/recipes')->filter('main')->text());
        $page = $this->browser->submit(
            $this->open("/quilts/{$quilt->id()}/recipe")
                ->selectButton('Keep the recipe')
                ->form(),
            ['recipe[perInch]' => '90'],
        );
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('from 2 to 30 stitches', $page->text());
    }

    private function cone(string $colour, float $number, float $metres): ShelfThread
    {
        $input = new ThreadInput();
        [$input->colour, $input->heavy, $input->much] = [$colour, $number, $metres];
        $cone = new ShelfThread($this->owner->studio(), (string) new Ulid());
        $cone->describe($input);
        $this->service(ShelfThreadRepository::class)->keep($cone);

        return $cone;
    }

    private function settle(Quilt $quilt, ?ShelfThread $top, ?ShelfThread $bobbin): void
    {
        $this->browser->submit(
            $this->open("/quilts/{$quilt->id()}/recipe")
                ->selectButton('Keep the recipe')
                ->form([
                    'recipe[top]' => (string) $top?->id(),
                    'recipe[bobbin]' => (string) $bobbin?->id(),
                ]),
        );
        self::assertResponseRedirects();
    }
}
