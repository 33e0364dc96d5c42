<?php

declare(strict_types=1);

namespace Tests\App\Clients;

use App\AtTheFrame\Photo;
use App\AtTheFrame\PhotoMaker;
use App\AtTheFrame\PhotoRepository;
use App\AtTheFrame\PhotoShelf;
use App\Clients\Bag\BagController;
use App\Clients\Bag\Intake;
use App\Clients\Bag\IntakeInput;
use App\Clients\Bag\IntakeRepository;
use App\Clients\Bag\IntakeType;
use App\Clients\Bag\MarkDrawer;
use App\Clients\Bag\MarkInput;
use App\Clients\Bag\MarkType;
use App\Clients\Bag\SheetMark;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Tests\App\StudioTestCase;

#[CoversClass(BagController::class)]
#[CoversClass(Intake::class)]
#[CoversClass(IntakeInput::class)]
#[CoversClass(IntakeRepository::class)]
#[CoversClass(IntakeType::class)]
#[CoversClass(MarkDrawer::class)]
#[CoversClass(MarkInput::class)]
#[CoversClass(MarkType::class)]
#[CoversClass(Photo::class)]
#[CoversClass(PhotoMaker::class)]
#[CoversClass(PhotoRepository::class)]
#[CoversClass(PhotoShelf::class)]
#[CoversClass(SheetMark::class)]
final class BagTest extends StudioTestCase
{
    public function testTheFirstScreenAsksWhatCameAndByWhen(): void
    {
        $page = $this->browser->request('GET', '/quilts/new');
        $form = $page->selectButton('Measure it')->form([
            'new_quilt[title]' => 'Bagged',
            'new_quilt[client]' => 'Ines',
            'new_quilt[due]' => '2027-05-01',
        ]);
        $this->browser->request('POST', $form->getUri(), [
            'new_quilt' => [...(array) $form->getPhpValues()['new_quilt'], 'came' => ['top', 'batting']],
        ]);

        $quilt = $this->service(QuiltRepository::class)->findOneBy(['title' => 'Bagged']);
        self::assertNotNull($quilt);
        self::assertSame(['top', 'batting'], $this->service(IntakeRepository::class)->of($quilt)->facts()->came);
        $said = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/bag")
            ->filter('main')
            ->text();
        self::assertStringContainsString('Not in the bag yet: backing (nobody has said whose).', $said);
    }

    public function testWhatIsAnsweredLaterIsKept(): void
    {
        $quilt = $this->quilt();
        $this->browser->request('GET', "/quilts/{$quilt->id()}/bag");
        $this->browser->submitForm('Write it down', [
            'intake[backing]' => 'studio',
            'intake[batting]' => 'client',
            'intake[pressed]' => 'no',
            'intake[wishes]' => 'Feathers <only> in the border',
        ]);
        $page = $this->browser->followRedirect();

        self::assertStringContainsString('backing (ours); batting (still to come)', $page->filter('main')->text());
        self::assertSame('Feathers <only> in the border', $page->filter('textarea')->text());
    }

    public function testAMarkStandsOnTheDrawingAndInTheSteps(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->mark($quilt, ['mark[kind]' => 'open-seam', 'mark[note]' => 'by the star']);
        $page = $this->browser->followRedirect();

        self::assertCount(1, $page->filter('svg circle.mark'));
        $said = $page->filter('main ol')->text();
        foreach (['An open seam (by the star)', '12 in from the left edge', 'does not know yet', 'seen by'] as $words) {
            self::assertStringContainsString($words, $said);
        }
        $steps = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/load")
            ->filter('body')
            ->text();
        self::assertStringContainsString('Mend what was marked when it came in.', $steps);
    }

    public function testAMarkIsMendedToldAndTakenOffAndUndoneAgain(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->mark($quilt, ['mark[kind]' => 'hair']);
        $at = "/quilts/{$quilt->id()}/bag/marks";
        foreach (['Mended' => '; mended.', 'Client knows' => 'the client knows'] as $button => $said) {
            $this->browser->request('GET', $at);
            $this->browser->submitForm($button);
            self::assertStringContainsString($said, $this->browser->followRedirect()->filter('main ol')->text());
        }
        $this->browser->submitForm('Take off');
        self::assertStringContainsString(
            'Nothing is marked.',
            $this->browser->followRedirect()->filter('main')->text(),
        );
        $this->browser->request('GET', "/quilts/{$quilt->id()}/measure");
        $this->browser->submitForm('Undo');
        self::assertCount(1, SheetMark::allIn($this->reloaded($quilt)->sheet()));
    }

    public function testMarksThatCameWithADocumentAreMendedAndTakenOffToo(): void
    {
        $quilt = $this->quilt([
            ...self::entries(),
            'top/marks' => [
                ['kind' => 'hair', 'across' => '1 in', 'along' => '1 in'],
                ['kind' => 'open-seam', 'across' => '9 in', 'along' => '9 in', 'key' => 'no key/at all'],
            ],
        ]);
        $at = "/quilts/{$quilt->id()}/bag/marks";
        $page = $this->browser->request('GET', $at);
        $this->browser->submit($page->filter('button[aria-label="Mended: mark 2"]')->form());
        $page = $this->browser->followRedirect();
        $this->browser->submit($page->filter('button[aria-label="Take off: mark 1"]')->form());

        $marks = SheetMark::allIn($this->reloaded($quilt)->sheet());
        self::assertCount(1, $marks);
        self::assertTrue($marks[0]->mark->isMended);
    }

    public function testAFormThatWasTamperedWithIsRefused(): void
    {
        $quilt = $this->quilt(self::entries());
        $at = "/quilts/{$quilt->id()}";
        foreach (
            ["$at/bag/marks" => 'mark', "$at/bag" => 'intake', "$at/messages/new/bring" => 'message']
            as $path => $form
        ) {
            $token = $this->browser
                ->request('GET', $path)
                ->filter("#{$form}__token")
                ->attr('value');
            $this->browser->request('POST', $path, [$form => ['_token' => $token, 'kind' => ['x' => ['y' => 'z']]]]);
            self::assertLessThan(500, $this->browser->getResponse()->getStatusCode(), $path);
        }
    }

    public function testADoubleClickMarksOnce(): void
    {
        $quilt = $this->quilt(self::entries());
        $form = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/bag/marks")
            ->selectButton('Mark it')
            ->form([
                'mark[kind]' => 'stain',
                'mark[across]' => '1 in',
                'mark[along]' => '2 in',
            ]);
        $this->browser->submit($form);
        $this->browser->submit($form);

        self::assertCount(1, SheetMark::allIn($this->reloaded($quilt)->sheet()));
    }

    /** @param array<string, string> $fields */
    #[DataProvider('mistakes')]
    public function testAMistakeIsToldAtItsField(array $fields, string $field, string $message): void
    {
        $quilt = $this->quilt(self::entries());
        $page = $this->mark($quilt, $fields);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($message, $page->filter("#{$field}_error")->text());
        self::assertSame([], SheetMark::allIn($this->reloaded($quilt)->sheet()));
    }

    /** @return iterable<string, array{array<string, string>, string, string}> the top is 68 by 87 ¼ */
    public static function mistakes(): iterable
    {
        yield 'nothing said' => [[], 'mark_kind', 'Say what it is.'];
        yield 'no place' => [['mark[kind]' => 'stain', 'mark[across]' => ''], 'mark_across', 'Tap its place'];
        yield 'beside the top' => [
            ['mark[kind]' => 'stain', 'mark[across]' => '68 1/8 in'],
            'mark_across',
            'The top is only 68 in that way.',
        ];
        yield 'below it' => [
            ['mark[kind]' => 'stain', 'mark[along]' => '90 in'],
            'mark_along',
            'The top is only 87 ¼ in that way.',
        ];
    }

    public function testAPhotoIsMadeAnewAndSmall(): void
    {
        $quilt = $this->quilt(self::entries());
        $this->mark($quilt, ['mark[kind]' => 'stain'], self::picture(2400, 1200));
        $photo = SheetMark::allIn($this->reloaded($quilt)->sheet())[0]->photo;
        self::assertNotSame('', $photo);
        foreach (['' => [1600, 800], '?small' => [320, 160]] as $which => $size) {
            $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/photo/$photo$which");
            $made = getimagesizefromstring((string) $this->browser->getResponse()->getContent());
            self::assertIsArray($made);
            self::assertSame([...$size, 'image/jpeg'], [$made[0], $made[1], $made['mime']]);
        }
        // Nobody sees the photos of another studio.
        $this->browser->loginUser($this->studio('other@studio.example'));
        $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/photo/$photo");
        self::assertResponseStatusCodeSame(404);
    }

    public function testAPhotoThatCannotBeTakenIsSaidAndTheMarkIsKeptInTheForm(): void
    {
        $quilt = $this->quilt(self::entries());
        $text = tempnam(sys_get_temp_dir(), 'mark');
        file_put_contents($text, 'no picture at all');
        $page = $this->mark($quilt, ['mark[kind]' => 'stain', 'mark[note]' => 'tea'], $text);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('no picture that can be read', $page->filter('#mark_photo_error')->text());
        self::assertSame('tea', $page->filter('#mark_note')->attr('value'));
        $page = $this->mark($quilt, ['mark[kind]' => 'stain'], self::fortyMegapixels());
        self::assertStringContainsString('has 40 megapixels; up to 12', $page->filter('#mark_photo_error')->text());
    }

    /** As much as the shelf holds, counted as each photo is kept: raw first, made anew then. */
    public function testTheShelfTakesWhatItHasRoomFor(): void
    {
        $quilt = $this->quilt(self::entries());
        [$photos, $shelf] = [$this->service(PhotoRepository::class), $this->service(PhotoShelf::class)];
        $photo = Photo::ofQuilt($quilt, str_repeat('r', 900));
        $photos->keep($photo);
        self::assertSame(900, $photos->weigh($quilt->studio));
        $photo->remake(str_repeat('m', 70), 's');
        $photos->save();
        self::assertSame(70, $photos->weigh($quilt->studio));
        self::assertSame(0, $photos->weigh($this->studio('other@studio.example')->studio()));

        self::assertTrue($shelf->hasRoom($quilt->studio, PhotoShelf::MOST_BYTES - 70));
        self::assertFalse($shelf->hasRoom($quilt->studio, PhotoShelf::MOST_BYTES - 69));
    }

    public function testWithoutASizeThereIsNoPlaceAndItSaysWhy(): void
    {
        $said = $this->browser
            ->request('GET', "/quilts/{$this->quilt()->id()}/bag/marks")
            ->filter('main')
            ->text();

        self::assertStringContainsString('measure one width and one length first', $said);
    }

    /** The label is there from intake on, and is one label however long its title. */
    public function testALabelIsOnePageFromIntakeOn(): void
    {
        foreach ([['Short', []], [str_repeat('A long title ', 9), self::rows()]] as [$title, $entries]) {
            $quilt = $this->quilt($entries, title: $title);
            $intake = $this->service(IntakeRepository::class)->of($quilt);
            $input = new IntakeInput();
            [$input->came, $input->backing, $input->alsoCame] = [['top'], 'client', str_repeat('a scrap ', 30)];
            $intake->write($input);
            $this->service(IntakeRepository::class)->keep($intake);
            $this->browser->request('GET', "/quilts/{$quilt->id()}/label.pdf");
            $pdf = (string) $this->browser->getResponse()->getContent();

            self::assertStringStartsWith('%PDF-', $pdf);
            self::assertSame(1, preg_match_all('~/Type /Page\b~', $pdf), $title);
        }
    }

    public function testAnotherStudiosBagIsNotFound(): void
    {
        $quilt = $this->quilt(self::entries(), $this->studio('other@studio.example'));
        foreach (['/bag', '/bag/marks', '/prep-card', '/label.pdf'] as $path) {
            $this->browser->request('GET', "/quilts/{$quilt->id()}$path");
            self::assertResponseStatusCodeSame(404);
        }
    }

    /** @param array<string, string> $fields */
    private function mark(Quilt $quilt, array $fields, ?string $photo = null): Crawler
    {
        $form = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/bag/marks")
            ->selectButton('Mark it')
            ->form([
                'mark[across]' => '12 in',
                'mark[along]' => '20 in',
                ...$fields,
            ]);
        if (null === $photo) {
            return $this->browser->submit($form);
        }

        return $this->browser->request('POST', $form->getUri(), $form->getPhpValues(), [
            'mark' => ['photo' => new UploadedFile($photo, 'mark.jpg', 'image/jpeg', test: true)],
        ]);
    }

    /** @return string the path of a JPEG of this size */
    private static function picture(int $width, int $height): string
    {
        $path = tempnam(sys_get_temp_dir(), 'mark');
        imagejpeg(imagecreatetruecolor(max(1, $width), max(1, $height)), $path);

        return $path;
    }

    /** @return string the path of a picture whose head says so; its body is never read */
    private static function fortyMegapixels(): string
    {
        $path = self::picture(16, 16);
        $bytes = (string) file_get_contents($path);
        $at = (int) strpos($bytes, "\xFF\xC0");
        file_put_contents($path, substr_replace($bytes, pack('nn', 5000, 8000), $at + 5, 4));

        return $path;
    }
}
