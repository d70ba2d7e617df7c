<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Log\BoardCopy;
use IronLatch\Core\Log\CopyState;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\LogJson;
use IronLatch\Log\CopyWalk;
use IronLatch\Log\LogBook;
use IronLatch\Storage\OpenBoard;
use IronLatch\Tests\Support\BenchDesk;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** The log of a board on the screen and in the store. */
final class LogTest extends BoardTestCase
{
    private OpenBoard $opened;
    private string $base;

    protected function setUp(): void
    {
        parent::setUp();
        $this->opened = $this->shelved(BenchDesk::demo('utility-room'));
        $this->base = '/boards/' . $this->opened->record->id();
    }

    private function log(): Log
    {
        return self::getContainer()->get(LogBook::class)->of($this->opened);
    }

    /** @param array<string, mixed> $fields */
    private function enter(array $fields): void
    {
        $this->browser->request('POST', $this->base . '/log/enter', $fields);
    }

    private function screen(string $open = ''): Crawler
    {
        $page = $this->browser->request('GET', $this->base . '/log' . ('' === $open ? '' : '?open=' . $open));
        self::assertResponseIsSuccessful();

        return $page;
    }

    /** @param array<string, mixed> $fields */
    private function found(string $copy, array $fields): void
    {
        $this->browser->request('POST', $this->base . '/copies/' . $copy, $fields);
    }

    private function import(string $path): void
    {
        $this->browser->request('POST', $this->base . '/log/import', files: ['file' => new UploadedFile($path, 'log.json', test: true)]);
    }

    public function testAnOrderIsPutDownChangedAndTakenBack(): void
    {
        $this->enter([
            'what' => 'order', 'text' => 'ten boards', 'count' => '10', 'euros' => '48,50 €', 'revision' => '1', 'ordered' => '2026-02-01',
        ]);
        self::assertResponseStatusCodeSame(303);
        $page = $this->screen();
        self::assertStringContainsString('10 × ten boards', $page->filter('.time-line')->text());
        self::assertStringContainsString('48.50 €', $page->filter('.time-line')->text());
        self::assertStringContainsString('While you wait', $page->filter('.time-line')->text());
        $form = $page->filter('.time-line form')->form();
        $form['arrived'] = '2026-02-11';
        $this->browser->submit($form);
        self::assertSame(['2026-02-11', 48.5], [$this->log()->orders['O1']->arrived, $this->log()->orders['O1']->euros]);
        // What another device has put down meanwhile is not taken back unseen.
        $this->browser->request('POST', $this->base . '/log/back', ['number' => 1]);
        self::assertResponseStatusCodeSame(422);
        $this->takeBack();
        self::assertSame('', $this->log()->orders['O1']->arrived);
        $this->takeBack();
        self::assertSame([], $this->log()->orders);
        $this->browser->request('POST', $this->base . '/log/back');
        self::assertResponseStatusCodeSame(303);
    }

    private function takeBack(): void
    {
        $this->browser->submit($this->screen()->selectButton('Take the last entry back')->form());
        self::assertResponseStatusCodeSame(303);
    }

    public function testWhatIsSentTwiceIsPutDownOnce(): void
    {
        $this->enter(['what' => 'copy', 'serial' => 'UR-001', 'revision' => '1']);
        $mark = $this->mark();
        for ($time = 0; $time < 2; ++$time) {
            $this->found('B1', ['step' => 'rail:R1', 'outcome' => 'measured', 'value' => '5 V', 'once' => 'a1b2c3d4e5', 'seen' => '0']);
            self::assertResponseStatusCodeSame(303);
        }
        self::assertCount(1, $this->log()->copies['B1']->readings);
        self::assertNotSame($mark, $this->mark());
        $this->takeBack();
        self::assertSame($mark, $this->mark());
    }

    private function mark(): string
    {
        $this->browser->request('GET', $this->base . '/log/mark');

        return (string) $this->browser->getResponse()->getContent();
    }

    public function testWhatTwoDevicesFindAtOneStepIsShownWithBothValues(): void
    {
        $this->enter(['what' => 'copy', 'serial' => 'UR-001', 'revision' => '1']);
        $this->found('B1', ['step' => 'rail:R1', 'outcome' => 'measured', 'value' => '5.01 V', 'seen' => '0']);
        $this->found('B1', ['step' => 'rail:R1', 'outcome' => 'measured', 'value' => '4.7 V', 'seen' => '0']);
        self::assertResponseStatusCodeSame(409);
        $page = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString('“5.01 V as it should be”', $page);
        self::assertStringContainsString('“4.7 V”', $page);
        self::assertCount(1, $this->log()->copies['B1']->readings);
        // The page shows it now, and both may be kept.
        $this->browser->submitForm('Keep this reading');
        self::assertSame('5.01 V, 4.7 V', implode(', ', array_column($this->log()->copies['B1']->readings, 'value')));
        // A promise that was verified meanwhile.
        $this->found('B1', ['step' => 'verify:mains.one-bundle:board', 'outcome' => 'as it should be', 'by' => 'B. Ash', 'seen' => '0']);
        $this->found('B1', ['step' => 'verify:mains.one-bundle:board', 'outcome' => 'as it should be', 'by' => 'Ada', 'seen' => '0']);
        self::assertResponseStatusCodeSame(409);
    }

    public function testTicksOfTwoDevicesAreBothKept(): void
    {
        $this->enter(['what' => 'copy', 'serial' => 'UR-001', 'revision' => '1']);
        $boxes = $this->browser->request('GET', $this->base . '/copies/B1?step=look:wires')->filter('input[name="wires[]"]');
        [$one, $two, $three] = $boxes->slice(0, 3)->each(static fn(Crawler $box): string => (string) $box->attr('value'));
        $wires = $this->base . '/copies/B1/wires';
        $this->browser->request('POST', $wires, ['were' => '', 'wires' => [$one, $two]]);
        // A page that was drawn before that.
        $this->browser->request('POST', $wires, ['were' => '', 'wires' => [$three]]);
        self::assertSame([$one, $two, $three], $this->log()->copies['B1']->ticked);
        $this->browser->request('POST', $wires, ['were' => "$one,$two,$three", 'wires' => [$one, $three]]);
        self::assertSame([$one, $three], $this->log()->copies['B1']->ticked);
    }

    public function testWhatCannotBeIsRefusedAndStaysAsItWasTyped(): void
    {
        foreach ([
            [['text' => ''], 'Say what was ordered.'],
            [['text' => 'x', 'count' => 'many'], '“many” is no number'],
            [['text' => 'x', 'euros' => '5 V'], 'x'],
            [['text' => 'x', 'ordered' => '2026-02-30'], 'is no day'],
            [['text' => 'x', 'ordered' => '2026-02-02', 'arrived' => '2026-02-01'], 'cannot arrive before'],
        ] as [$fields, $why]) {
            $page = $this->browser->request('POST', $this->base . '/log/enter', ['what' => 'order', ...$fields]);
            self::assertResponseStatusCodeSame(422);
            self::assertStringContainsString($why, $page->filter('#notice')->text() . $page->filter('#main')->html());
            $typed = $page->filter('details[open] input[name=count]');
            self::assertSame($fields['count'] ?? '1', $typed->attr('value'));
        }
        $this->enter(['what' => 'copy', 'serial' => 'A', 'revision' => '1', 'secrets' => 'hunter2']);
        self::assertResponseStatusCodeSame(422);
        $this->enter(['what' => 'copy', 'serial' => 'A']);
        self::assertResponseStatusCodeSame(422, 'Nobody has said which revision.');
        $this->enter(['what' => 'copy', 'serial' => 'A', 'revision' => '1']);
        self::assertSame('', $this->log()->copies['B1']->begun);
        $this->enter(['what' => 'copy', 'serial' => 'a', 'revision' => '1']);
        self::assertResponseStatusCodeSame(422);
        self::assertCount(1, $this->log()->copies);
    }

    public function testACopyIsWalkedWithAWrongReadingKeptAndMended(): void
    {
        $this->enter(['what' => 'copy', 'serial' => 'UR-001', 'revision' => '1', 'hours' => '2.5 h']);
        self::assertSame(9000.0, $this->log()->copies['B1']->workSeconds);
        $page = $this->browser->request('GET', $this->base . '/copies/B1');
        self::assertSame('Parts', $page->filter('h2')->text());
        $this->browser->submit($page->selectButton('As it should be')->form());
        self::assertSame('Joints', $this->browser->followRedirect()->filter('h2')->text());
        $this->found('B1', ['step' => 'rail:R1', 'outcome' => 'measured', 'value' => '4.7 V']);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('Last: 4.7 V not as it should be', $page->filter('.card')->text());
        self::assertStringContainsString('Another reading means: lower: a short', $page->filter('.card')->text());
        // A number that is none is refused, and nothing is put down.
        $this->found('B1', ['step' => 'rail:R1', 'outcome' => 'measured', 'value' => 'about five']);
        self::assertResponseStatusCodeSame(422);
        $this->found('B1', ['step' => 'rail:R1', 'outcome' => 'measured', 'value' => '5.02']);
        $values = array_map(static fn($one): string => $one->value, $this->log()->copies['B1']->readings);
        self::assertSame(['', '4.7 V', '5.02 V'], $values);
        self::assertStringContainsString('4.7 V not as it should be', $this->screen('B1')->filter('.chosen-copy')->text());
    }

    public function testMainsWaitsAndHoldPointsAreVerifiedByName(): void
    {
        $this->enter(['what' => 'copy', 'serial' => 'UR-001', 'revision' => '1']);
        $page = $this->browser->request('GET', $this->base . '/copies/B1?step=mains:on');
        self::assertStringContainsString('Mains waits.', $page->filter('.card')->text());
        self::assertCount(0, $page->filter('.found-form'));
        $this->found('B1', ['step' => 'mains:on', 'outcome' => 'as it should be']);
        self::assertResponseStatusCodeSame(422);
        $walks = self::getContainer()->get(CopyWalk::class);
        $steps = $walks->way($this->opened, 1)->steps;
        $holds = array_values(array_filter($steps, static fn($step): bool => null !== $step->holdPoint));
        $this->found('B1', ['step' => $holds[0]->key, 'outcome' => 'as it should be', 'by' => ' ']);
        self::assertResponseStatusCodeSame(422);
        foreach ($holds as $step) {
            $this->found('B1', ['step' => $step->key, 'outcome' => 'as it should be', 'by' => 'B. Ash']);
            self::assertResponseStatusCodeSame(303);
        }
        $others = array_filter($steps, static fn($step): bool => null === $step->holdPoint && !$step->phase->isLive());
        $keys = array_map(static fn($step): string => $step->key, array_values($others));
        // What takes somebody competent is done by itself, and by name.
        $this->found('B1', ['steps' => $keys, 'outcome' => 'as it should be', 'by' => 'B. Ash']);
        self::assertResponseStatusCodeSame(422);
        $this->found('B1', ['steps' => array_values(array_diff($keys, ['insulation:500V'])), 'outcome' => 'as it should be']);
        self::assertResponseStatusCodeSame(303);
        $this->found('B1', ['step' => 'insulation:500V', 'outcome' => 'measured', 'value' => '20 MΩ', 'note' => 'dry']);
        self::assertResponseStatusCodeSame(422);
        $refused = $this->browser->getCrawler();
        self::assertSame(['20 MΩ', 'dry'], array_map(
            static fn(string $name): ?string => $refused->filter("input[name=$name]")->attr('value'),
            ['value', 'note'],
        ));
        $this->found('B1', ['step' => 'insulation:500V', 'outcome' => 'measured', 'value' => '20 MΩ', 'by' => 'B. Ash']);
        self::assertResponseStatusCodeSame(303);
        self::assertSame(CopyState::Building, $this->log()->copies['B1']->state);
        foreach ($steps as $step) {
            if ($step->phase->isLive()) {
                $this->found('B1', ['step' => $step->key, 'outcome' => 'as it should be', 'by' => 'B. Ash']);
                self::assertResponseStatusCodeSame(303);
            }
        }
        self::assertSame(CopyState::Commissioned, $this->log()->copies['B1']->state);
        self::assertStringContainsString('Nothing keeps it from mains.', $this->screen('B1')->filter('.chosen-copy')->text());
        // What was verified belongs to this copy alone.
        $this->enter(['what' => 'copy', 'serial' => 'UR-002', 'revision' => '1']);
        self::assertSame([], $this->log()->copies['B2']->verified);
    }

    /** A picture with words in it that nobody should read elsewhere, and larger than is kept. */
    private static function photograph(int $width, int $height): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        self::assertNotFalse($image);
        imagefilledrectangle($image, 0, 0, 9, 9, 0xFF0000);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $secret = 'Ada Quill, 48.2 N 16.4 E';

        // A comment segment stands directly behind the beginning.
        return substr($jpeg, 0, 2) . "\xFF\xFE" . pack('n', strlen($secret) + 2) . $secret . substr($jpeg, 2);
    }

    private function show(string $bytes, string $text): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'picture');
        file_put_contents($path, $bytes);
        $file = new UploadedFile($path, 'picture.jpg', test: true);
        $this->browser->request('POST', $this->base . '/log/picture', ['text' => $text], ['file' => $file]);
        unlink($path);
    }

    public function testAPictureIsMadeSmallAndNew(): void
    {
        $photograph = self::photograph(2000, 1000);
        self::assertStringContainsString('Ada Quill', $photograph);
        $this->show($photograph, 'the joints');
        self::assertResponseStatusCodeSame(303);
        $image = $this->screen()->filter('.log img');
        self::assertSame('the joints', $image->attr('alt'));
        $this->browser->request('GET', (string) $image->attr('src'));
        $kept = (string) $this->browser->getResponse()->getContent();
        self::assertSame([1600, 800, IMAGETYPE_JPEG], array_slice((array) getimagesizefromstring($kept), 0, 3));
        self::assertStringNotContainsString('Ada Quill', $kept);
        // What is no picture is refused in words.
        foreach (['', 'GIF89a', '<svg xmlns="http://www.w3.org/2000/svg"/>', "\xFF\xD8\xFF"] as $spoilt) {
            $this->show($spoilt, '');
            self::assertResponseStatusCodeSame(422);
        }
        self::assertCount(1, $this->log()->notes);
        $this->browser->request('GET', $this->base . '/log/pictures/' . str_repeat('0', 64));
        self::assertResponseStatusCodeSame(404);
    }

    public function testWiresAreTickedPerCopy(): void
    {
        $this->enter(['what' => 'copy', 'serial' => 'UR-001', 'revision' => '1']);
        $page = $this->browser->request('GET', $this->base . '/copies/B1?step=look:wires');
        $all = $page->filter('input[name="wires[]"]')->each(static fn(Crawler $box): string => (string) $box->attr('value'));
        self::assertGreaterThan(50, count($all));
        $this->browser->request('POST', $this->base . '/copies/B1/wires', ['wires' => [$all[0], $all[1], 'none']]);
        self::assertSame([$all[0], $all[1]], $this->log()->copies['B1']->ticked);
        self::assertNull($this->log()->copies['B1']->last('look:wires'));
        self::assertCount(2, $this->browser->request('GET', $this->base . '/copies/B1?step=look:wires')->filter('input[checked]'));
        $this->browser->request('POST', $this->base . '/copies/B1/wires', ['wires' => $all]);
        self::assertSame('as it should be', $this->log()->copies['B1']->last('look:wires')?->outcome->value);
    }

    public function testAFaultOfTheDesignAsksBeforeTheNextOrder(): void
    {
        foreach (['A', 'B', 'C'] as $place => $serial) {
            $this->enter(['what' => 'copy', 'serial' => $serial, 'revision' => '1']);
            $this->found('B' . ($place + 1), ['step' => 'rail:R1', 'outcome' => 'measured', 'value' => 0 === $place ? '5 V' : '4.7 V']);
        }
        $page = $this->screen();
        self::assertStringContainsString('Wrong on 2 of 3 copies: a fault of the design.', $page->filter('.spread')->text());
        $this->browser->submit($page->selectButton('Note it as a fault')->form());
        self::assertStringContainsString('Rail 5 V alone: wrong on 2 of 3 copies.', $this->screen()->filter('#faults-title + ul')->text());
        $this->enter(['what' => 'order', 'text' => 'five more', 'revision' => '1']);
        self::assertResponseStatusCodeSame(422);
        $this->enter(['what' => 'order', 'text' => 'five more', 'revision' => '1', 'anyway' => '1']);
        self::assertCount(1, $this->log()->orders);
        $this->enter(['what' => 'note', 'of' => 'N1', 'text' => 'mended', 'fault' => '1', 'revision' => '1', 'mended' => '1']);
        $this->enter(['what' => 'order', 'text' => 'ten more', 'revision' => '1']);
        self::assertCount(2, $this->log()->orders);
    }

    public function testWhatBringsACopyUpToDate(): void
    {
        $this->enter(['what' => 'copy', 'serial' => 'UR-001', 'revision' => '1']);
        $this->store->apply($this->opened->record->id(), $this->opened->revision->id(), new RemoveLine('L5'));
        $page = $this->screen('B1');
        self::assertMatchesRegularExpression('/Wires\s*\d+ to take out, \d+ to move, \d+ to add/', $page->filter('.chosen-copy')->text());
        self::assertStringContainsString('out ', $page->filter('.chosen-copy')->text());
        self::assertMatchesRegularExpression('/\d+\.\d\d € less for the parts of a copy/', $page->filter('.chosen-copy')->text());
        self::assertStringContainsString('“Worktop lamp” is gone.', $page->filter('.chosen-copy')->text(), 'And nothing else.');
        self::assertStringContainsString('“Worktop lamp” is gone', $page->filter('#revisions-title + div')->text());
        $this->browser->click($page->selectLink('In order, wire by wire')->link());
        self::assertResponseIsSuccessful();
        // It is still walked by the revision that it is built after.
        $walk = $this->browser->request('GET', $this->base . '/copies/B1');
        self::assertStringContainsString('Worktop lamp', $walk->filter('.walk-steps')->text());
        // Brought up to date: what was found before the wires were moved is to be taken again.
        $this->found('B1', ['step' => 'look:joints', 'outcome' => 'as it should be']);
        $boxes = $this->browser->request('GET', $this->base . '/copies/B1?step=look:wires')->filter('input[name="wires[]"]');
        $all = $boxes->each(static fn(Crawler $box): string => (string) $box->attr('value'));
        $this->browser->request('POST', $this->base . '/copies/B1/wires', ['wires' => $all]);
        $this->enter(['what' => 'copy', 'of' => 'B1', 'serial' => 'UR-001', 'revision' => '2']);
        self::assertResponseStatusCodeSame(303);
        $copy = $this->log()->copies['B1'];
        self::assertSame(['to be taken again', 'to be taken again'], [
            $copy->last('look:joints')?->outcome->value, $copy->last('look:wires')?->outcome->value,
        ]);
        self::assertNotSame([], $copy->ticked);
        self::assertLessThan(count($all), count($copy->ticked));
    }

    /** A log of another desk, which speaks of hundreds of revisions that this one does not have, or has and nobody looks at. */
    public function testALogOfManyRevisionsIsShown(): void
    {
        for ($revision = 2; $revision <= 14; ++$revision) {
            $opened = $this->store->open($this->opened->record->id());
            self::assertNotNull($opened);
            $this->store->apply($opened->record->id(), $opened->revision->id(), new RenameLine('L5', 'Lamp ' . $revision));
        }
        $log = new Log();
        for ($revision = 1; $revision <= 300; ++$revision) {
            $log = $log->withCopy(new BoardCopy('UR-' . $revision, $revision));
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'log');
        file_put_contents($path, LogJson::write($log));
        $this->import($path);
        unlink($path);
        $page = $this->screen('B2');
        self::assertResponseIsSuccessful();
        self::assertCount(300, $page->filter('.copies > li'));
        self::assertStringContainsString('What brings it to revision 14', $page->filter('.chosen-copy')->text());
        self::assertStringContainsString('This desk has no revision 300', $page->filter('#revisions-title + div')->text());
    }

    public function testAnOrderKeepsTheHashOfItsFiles(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'order');
        file_put_contents($path, 'what was sent');
        $this->browser->request('POST', $this->base . '/log/enter', ['what' => 'order', 'text' => 'boards'], ['files' => [
            new UploadedFile($path, 'boards.zip', test: true),
        ]]);
        self::assertResponseStatusCodeSame(303);
        self::assertSame([hash('sha256', 'what was sent')], $this->log()->orders['O1']->files);
        // Changing the order keeps them.
        $this->enter(['what' => 'order', 'of' => 'O1', 'text' => 'ten boards']);
        self::assertStringContainsString(hash('sha256', 'what was sent'), $this->screen()->filter('.time-line')->text());
        unlink($path);
    }

    public function testARevisionThatThereIsNotIsRefused(): void
    {
        foreach (['copy', 'order', 'note'] as $what) {
            $this->enter(['what' => $what, 'text' => 'x', 'serial' => 'x', 'fault' => '1', 'revision' => '77']);
            self::assertResponseStatusCodeSame(422);
        }
        self::assertStringContainsString('This board has no revision 77', (string) $this->browser->getResponse()->getContent());
    }

    public function testItLeavesAndComesBackAsAFile(): void
    {
        $this->enter(['what' => 'copy', 'serial' => 'UR-001', 'revision' => '1', 'place' => 'cellar', 'holder' => 'Ada Quill']);
        $this->browser->request('GET', $this->base . '/log.json');
        $whole = (string) $this->browser->getResponse()->getContent();
        self::assertEquals($this->log(), LogJson::read($whole));
        $this->browser->request('GET', $this->base . '/log.json?nameless=1');
        self::assertStringNotContainsString('Ada Quill', (string) $this->browser->getResponse()->getContent());
        $this->browser->request('POST', $this->base . '/log/remove', ['of' => 'B1']);
        self::assertSame([], $this->log()->copies);
        $path = (string) tempnam(sys_get_temp_dir(), 'log');
        foreach ([substr($whole, 0, 90), '', '{"format": "iron-latch/board"}', "\xff"] as $spoilt) {
            file_put_contents($path, $spoilt);
            $this->import($path);
            self::assertResponseStatusCodeSame(422);
        }
        file_put_contents($path, $whole);
        $this->import($path);
        self::assertResponseStatusCodeSame(303);
        self::assertSame('cellar', $this->log()->copies['B1']->place);
        unlink($path);
    }

    public function testOddThingsAreNoServerError(): void
    {
        $this->enter(['what' => 'copy', 'serial' => 'UR-001', 'revision' => '1']);
        foreach ([
            ['step' => "\0"], ['steps' => 'x'], ['steps' => [['x']]], ['step' => 'rail:R1', 'outcome' => 'measured', 'value' => "\xff"],
            ['step' => 'rail:R1', 'outcome' => 'measured', 'value' => '1e400 V'], [],
        ] as $fields) {
            $this->found('B1', $fields);
            self::assertLessThan(500, $this->browser->getResponse()->getStatusCode());
        }
        foreach (['B9', 'B0', 'x'] as $copy) {
            $this->browser->request('GET', $this->base . '/copies/' . $copy);
            self::assertResponseStatusCodeSame(404);
        }
        $this->browser->request('GET', $this->base . '/copies/B1?step=none');
        self::assertResponseIsSuccessful();
    }
}
