<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Tests\Support\BenchDesk;

/** What the program will do, on the screen, and the archive that is taken from there. */
final class ProgramTest extends BoardTestCase
{
    public function testItSaysLineByLineWhatItWillDoAndWhatARevisionChanges(): void
    {
        $opened = $this->shelved(BenchDesk::demo('fermentation'));
        $id = $opened->record->id();
        $page = $this->browser->request('GET', "/boards/$id/program");
        self::assertStringContainsString('Rests 5 min between two runs', $page->filter('.program-lines')->text());
        self::assertStringContainsString('12.6 kB', $page->filter('.program .rank')->first()->text());
        self::assertStringContainsString('nothing runs yet', $page->filter('.program-change')->text());
        $second = $this->store->apply($id, $opened->revision->id(), new RenameLine('L1', 'Belt'));
        $page = $this->browser->request('GET', "/boards/$id/program");
        self::assertStringContainsString('The same program runs it', $page->filter('.program-change')->text());
        self::assertStringContainsString('BELT_PIN = 7', $page->filter('.program-diff')->text());
        $this->store->apply($id, $second->revision->id(), new AddSurface('L1', SurfaceKind::PushButton));
        $page = $this->browser->request('GET', "/boards/$id/wiring?open=changes");
        self::assertStringContainsString('constants', $page->filter('.program-change')->text());
    }

    public function testTheArchiveIsTheSameByteForByteAndHasAllThatIsBuilt(): void
    {
        $id = $this->shelved(BenchDesk::demo('fermentation'))->record->id();
        $take = function () use ($id): string {
            $this->browser->request('GET', "/boards/$id/exports/program.zip");
            self::assertResponseIsSuccessful();

            return (string) $this->browser->getResponse()->getContent();
        };
        $bytes = $take();
        self::assertSame($bytes, $take());
        $file = (string) tempnam(sys_get_temp_dir(), 'program');
        file_put_contents($file, $bytes);
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        $names = array_map(static fn(int $place): string => (string) $zip->getNameIndex($place), range(0, $zip->count() - 1));
        foreach (['README.md', 'Makefile', 'constants.h', 'latch/program.cpp', 'avr/main.cpp', 'trial/trial.cpp'] as $name) {
            self::assertContains($name, $names);
        }
        self::assertStringContainsString('revision 1, ', (string) $zip->getFromName('constants.h'));
        unlink($file);
    }

    public function testAnotherControllerHasASketchAndItsPanel(): void
    {
        $id = $this->shelved(BenchDesk::demo('utility-room'))->record->id();
        $page = $this->browser->request('GET', "/boards/$id/program");
        $text = $page->filter('.program')->text();
        self::assertStringContainsString('“House broker” is sought in steps of the loop', $text);
        self::assertStringContainsString('“Pocket panel” is served by the board itself, to whoever has its key.', $text);
        self::assertStringContainsString('Never starts by itself', $page->filter('.program-lines')->text());
        self::assertStringContainsString('utility_room_board/utility_room_board.ino', $text);
        $panel = $this->browser->request('GET', "/boards/$id/panel");
        self::assertStringContainsString('"name":"Worktop lamp","address":"worktop-lamp","on":"on","off":"off"', $panel->html());
        $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'sha256-", $policy);
        self::assertStringContainsString("frame-ancestors 'self'", $policy);
        // The hash is that of the script that is on the page.
        preg_match('~<script>(.*?)</script>~s', (string) $this->browser->getResponse()->getContent(), $script);
        self::assertStringContainsString(base64_encode(hash('sha256', $script[1] ?? '', true)), $policy);
    }

    public function testABoardThatServesNoPanelHasNone(): void
    {
        $id = $this->shelved(BenchDesk::demo('fermentation'))->record->id();
        $this->browser->request('GET', "/boards/$id/panel");
        self::assertSame(404, $this->browser->getResponse()->getStatusCode());
    }
}
