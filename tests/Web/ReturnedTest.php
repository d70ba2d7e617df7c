<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\LayoutDesk;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\DomCrawler\Crawler;

/** What comes back from a layout desk, on the screen and in the store. */
final class ReturnedTest extends BoardTestCase
{
    private static function desk(?Board $board = null): LayoutDesk
    {
        return new LayoutDesk($board ?? BenchDesk::demo('utility-room'), new Randomizer(new Mt19937(7)));
    }

    /** @return array{string, Crawler} the address of the file, and the page that shows it */
    private function taken(string $id, string $text): array
    {
        $this->browser->request('POST', "/boards/$id/returned", ['text' => $text]);
        self::assertResponseStatusCodeSame(303);
        $page = $this->browser->followRedirect();
        self::assertResponseIsSuccessful();
        $file = (string) preg_replace('/^.*open=/', '', $this->browser->getRequest()->getUri());

        return ["/boards/$id/returned/$file", $page];
    }

    public function testAFileIsKeptWithItsVerdictAndForgotten(): void
    {
        $id = $this->shelved(BenchDesk::demo('utility-room'))->record->id();
        $text = self::desk()->ipc();
        [$file, $page] = $this->taken($id, $text);
        self::assertStringContainsString('It agrees with this board.', $page->filter('.returned')->text());
        self::assertStringContainsString(substr(hash('sha256', $text), 0, 16), $page->filter('.returned-file')->text());
        $this->browser->request('GET', $file);
        self::assertSame($text, $this->browser->getResponse()->getContent());
        // The same file again takes the place of the first.
        [$again, $page] = $this->taken($id, $text);
        self::assertCount(1, $page->filter('.returned > li'));
        $this->browser->request('POST', $again . '/forget');
        self::assertCount(0, $this->browser->followRedirect()->filter('.returned > li'));
        $this->browser->request('GET', $again);
        self::assertResponseStatusCodeSame(404);
    }

    public function testADoubtIsSettledOnceAndForTheNextFile(): void
    {
        $id = $this->shelved(BenchDesk::demo('utility-room'))->record->id();
        $desk = self::desk();
        [$desk->pads['RLY6'], $desk->quarters['RLY6']] = [$desk->pads['K61'], $desk->quarters['K61']];
        unset($desk->pads['K61']);
        [$file, $page] = $this->taken($id, $desk->ipc());
        self::assertStringContainsString('No difference, and 1 doubt to settle.', $page->filter('.returned')->text());
        $this->browser->submit($page->selectButton('Settle it so')->form());
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('It agrees with this board.', $page->filter('.returned')->text());
        self::assertStringContainsString('RLY6 is K61', $page->filter('.returned-file')->text());
        $desk->vias[] = ['GND', 0.9, 0.9];
        [, $page] = $this->taken($id, $desk->ipc());
        self::assertStringContainsString('It agrees with this board.', $page->filter('.returned-file')->text());
        // It can be opened again.
        $this->browser->request('POST', $file . '/settle', ['parts' => ['RLY6' => '?']]);
        self::assertStringContainsString('1 doubt to settle', $this->browser->followRedirect()->filter('.returned-file')->text());
    }

    public function testAVerdictSaysWhenTheConnectionsHaveChanged(): void
    {
        $opened = $this->shelved(BenchDesk::demo('utility-room'));
        $id = $opened->record->id();
        $this->taken($id, self::desk()->ipc());
        $this->store->apply($id, $opened->revision->id(), new RemoveLine('L5'));
        $page = $this->browser->request('GET', "/boards/$id/hand-over");
        self::assertStringContainsString(
            'Changed since: what it was held against is another now. It was: It agrees',
            $page->filter('.returned')->text(),
        );
        $this->store->undo($id);
        $page = $this->browser->request('GET', "/boards/$id/hand-over");
        self::assertStringNotContainsString('Changed since', $page->filter('.returned')->text());
    }

    public function testAPlacementListIsToldByTheNetlistThatCameBefore(): void
    {
        $id = $this->shelved(BenchDesk::demo('utility-room'))->record->id();
        $desk = self::desk();
        [, $page] = $this->taken($id, $desk->placement(['D31' => 2]));
        self::assertStringContainsString('read the netlist of the same layout first', $page->filter('.returned-file')->text());
        $this->taken($id, $desk->ipc());
        [, $page] = $this->taken($id, $desk->placement(['D31' => 2]) . "\r\n");
        self::assertStringContainsString('D31 is turned by', $page->filter('.returned-file')->text());
    }

    public function testAFindingShowsItsPlaceItsNetAndItsLine(): void
    {
        $id = $this->shelved(BenchDesk::demo('utility-room'))->record->id();
        $desk = self::desk();
        [$one, $other] = [$desk->pads['U01'][30], $desk->pads['U01'][31]];
        [$one->net, $other->net] = [$other->net, $one->net];
        [$file, $page] = $this->taken($id, $desk->ipc());
        $links = $page->filter('.layout-findings a')->each(static fn(Crawler $link): string => $link->text());
        self::assertSame([
            'U01 on the plan', 'Dehumidifier push button in the wiring', 'Extractor fan push button in the wiring', 'Line Dehumidifier',
            'Line Extractor fan', 'Where it lies',
        ], $links);
        foreach ($page->filter('.layout-findings a')->each(static fn(Crawler $link): string => (string) $link->attr('href')) as $address) {
            $this->browser->request('GET', $address);
            self::assertResponseIsSuccessful($address);
        }
        $place = $this->browser->request('GET', $file . '/places/0');
        self::assertCount(2, $place->filter('.is-lit'));
        self::assertSame(['U01 R12', 'U01 R13'], $place->filter('.is-lit text')->each(static fn(Crawler $text): string => $text->text()));
        $this->browser->request('GET', $file . '/places/1');
        self::assertResponseStatusCodeSame(404);
    }

    public function testAColumnIsPutRight(): void
    {
        $id = $this->shelved(BenchDesk::demo('utility-room'))->record->id();
        [$file, $page] = $this->taken($id, "Part,Description,Code\nR11,film,1k\n");
        self::assertStringNotContainsString('“1k”', $page->filter('.returned-file')->text());
        $this->browser->request('POST', $file . '/settle', ['columns' => ['nothing of these = Description', 'value = Code']]);
        $said = $this->browser->followRedirect()->filter('.returned-file')->text();
        self::assertStringContainsString('R11 is “1k” there, and 470 Ω here.', $said);
        self::assertStringContainsString('as you have put it', $said);
        // A list that has lost its designators says so, and loses nothing.
        $this->browser->request('POST', $file . '/settle', ['columns' => ['value = Part']]);
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('GET', $file);
        self::assertResponseIsSuccessful();
    }

    public function testWhatCannotBeReadIsRefusedAndStaysAsItWasPasted(): void
    {
        $id = $this->shelved(BenchDesk::demo('utility-room'))->record->id();
        $page = $this->browser->request('POST', "/boards/$id/returned", ['text' => "dear maker,\nall is well"]);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('No row of this file names two columns of a list', $page->filter('#notice')->text());
        self::assertSame("dear maker,\nall is well", $page->filter('textarea[name=text]')->text(null, false));
        self::assertCount(0, $page->filter('.returned > li'));
    }

    public function testOddThingsAreNoServerError(): void
    {
        $id = $this->shelved(BenchDesk::demo('utility-room'))->record->id();
        [$file] = $this->taken($id, self::desk()->ipc());
        foreach ([['parts' => 'x'], ['parts' => ['a' => ['b']]], ['pins' => ["\0" => "\xff"]], ['columns' => [' = ', 'x']], []] as $sent) {
            $this->browser->request('POST', $file . '/settle', $sent);
            self::assertLessThan(500, $this->browser->getResponse()->getStatusCode());
        }
        foreach ([
            '',
            "\0",
            "\xff\xfe",
            str_repeat('317', 5000),
            "net,part,pin\n1,1,1\n",
            "<script>alert(1)</script>,Designator,Value\nR11,R11,1\n",
        ] as $text) {
            $this->browser->request('POST', "/boards/$id/returned", ['text' => $text]);
            self::assertContains($this->browser->getResponse()->getStatusCode(), [303, 422]);
        }
        self::assertStringNotContainsString('<script>alert', $this->browser->request('GET', "/boards/$id/hand-over")->html());
    }
}
