<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\DomCrawler\Crawler;

/** The trial and the runs of the bench on the screen, and where what they say is kept. */
final class BenchTest extends BoardTestCase
{
    private const HTMX = ['HTTP_HX_REQUEST' => 'true'];

    private function bench(string $board): Crawler
    {
        $crawler = $this->browser->request('GET', "/boards/$board/bench");
        self::assertResponseIsSuccessful();

        return $crawler;
    }

    private function latch(string $board): string
    {
        return $this->bench($board)->filter('.latches li:last-child small')->text();
    }

    public function testATrialInSlicesShutsItsLatchAndNoOther(): void
    {
        $id = $this->shelved(BenchDesk::demo('utility-room'))->record->id();
        self::assertSame('not tried yet', $this->latch($id));
        self::assertStringContainsString('Try all of it', $this->bench($id)->filter('#trial')->text());
        $slices = 0;
        do {
            $this->browser->request('POST', "/boards/$id/trial", 0 === $slices ? ['anew' => '1'] : [], server: self::HTMX);
            self::assertResponseIsSuccessful();
            $said = (string) $this->browser->getResponse()->getContent();
            ++$slices;
        } while (str_contains($said, '<progress') && $slices < 100);
        self::assertResponseHeaderSame('HX-Retarget', '#stage');
        self::assertSame('shut, 366 tried', $this->latch($id));
        self::assertStringContainsString('Nothing failed.', $this->bench($id)->filter('#trial')->text());
        self::assertStringContainsString('Every latch is shut.', $this->bench($id)->filter('.all-shut')->text());
    }

    public function testAVerdictBelongsToADocument(): void
    {
        $opened = $this->shelved(BenchDesk::demo('aquarium'));
        $id = $opened->record->id();
        // Without scripts all of it is done at once.
        $this->browser->request('POST', "/boards/$id/trial");
        self::assertResponseRedirects("/boards/$id/bench");
        self::assertSame('open: 17 of 58 fail', $this->latch($id));
        $failures = $this->bench($id)->filter('#trial .failed')->text();
        self::assertStringContainsString('“Return pump” is still off after 0.4 s; it comes after 5.0 s.', $failures);
        self::assertStringContainsString('Timer of “Dosing pump”: its times', $this->bench($id)->filter('#trial')->text());
        // Another revision was not tried; undone, what was said holds again.
        $this->store->apply($id, $opened->revision->id(), new RenameLine('L1', 'Front lamp'));
        self::assertSame('not tried yet', $this->latch($id));
        $this->store->undo($id);
        self::assertSame('open: 17 of 58 fail', $this->latch($id));
        // The shelf shows the same latch, and so does whatever is handed over.
        self::assertStringContainsString('Bench: 17 broken', $this->browser->request('GET', '/')->filter('.mini-latches')->text());
        $this->browser->request('GET', "/boards/$id/exports/pins");
        self::assertStringContainsString('Bench', (string) $this->browser->getResponse()->getContent());
    }

    public function testARunIsKeptShownWithItsCausesAndThrownAway(): void
    {
        $id = $this->shelved(BenchDesk::demo('utility-room'))->record->id();
        $script = '{"format": "iron-latch/bench-script", "version": 1, "until": "12 s", '
            . '"deeds": [{"at": "10 s", "do": "press", "what": "S9"}]}';
        $this->browser->request('POST', "/boards/$id/runs", ['name' => 'Lamp', 'script' => $script]);
        $crawler = $this->browser->followRedirect();
        self::assertSame('Lamp', $crawler->filter('h1')->text());
        self::assertStringContainsString('“Worktop lamp” is on.', $crawler->filter('.happenings')->text());
        $row = $crawler->filter('.happenings tr')->reduce(
            static fn(Crawler $row): bool => str_contains($row->text(), '“Worktop lamp” is on.'),
        );
        self::assertCount(1, $crawler->filter((string) $row->filter('a')->attr('href')), 'Its cause stands in the same table.');
        $address = (string) parse_url($crawler->getUri() ?? '', PHP_URL_PATH);
        foreach ([
            'json' => '"iron-latch/bench-trace"',
            'vcd' => '$enddefinitions',
            'txt' => '“Worktop lamp” pulls in.',
        ] as $form => $words) {
            $this->browser->request('GET', "$address.$form");
            self::assertStringContainsString($words, (string) $this->browser->getResponse()->getContent());
        }
        // The trace is run again as it is.
        $this->browser->request('GET', "$address.json");
        $this->browser->request('POST', "/boards/$id/runs", ['script' => (string) $this->browser->getResponse()->getContent()]);
        self::assertStringContainsString('Run of revision 1', $this->browser->followRedirect()->filter('h1')->text());
        self::assertCount(2, $this->bench($id)->filter('#runs tbody tr'));
        $this->browser->request('POST', "$address/remove");
        self::assertCount(1, $this->bench($id)->filter('#runs tbody tr'));
        $this->browser->request('GET', $address);
        self::assertResponseStatusCodeSame(404);
    }

    public function testWhatIsNoScriptIsRefusedAndStaysAsItWasTyped(): void
    {
        $id = $this->shelved(TestBoards::sound())->record->id();
        foreach ([
            '{"format":' => 'not complete JSON',
            '{"format": "iron-latch/bench-script", "version": 1, "overrides": {"parts.none": "1"}}' => 'The board file has no “parts.none”',
        ] as $script => $words) {
            $crawler = $this->browser->request('POST', "/boards/$id/runs", ['script' => $script]);
            self::assertResponseStatusCodeSame(422);
            self::assertStringContainsString($words, $crawler->filter('#notice')->text());
            self::assertSame($script, $crawler->filter('#runs textarea')->text(null, false));
        }
        self::assertCount(0, $this->bench($id)->filter('#runs tbody tr'));
    }

    public function testABoardWithoutLinesSaysWhatItWantsFirst(): void
    {
        $id = $this->shelved(TestBoards::bare())->record->id();
        self::assertStringContainsString('As soon as a line is operated', $this->bench($id)->filter('#trial')->text());
    }
}
