<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use Symfony\Component\DomCrawler\Crawler;

/** The sheets and lists of the wiring on the screen, and what is set on them. */
final class WiringTest extends BoardTestCase
{
    private function view(string $board, string $open = ''): Crawler
    {
        $crawler = $this->browser->request('GET', '/boards/' . $board . '/wiring' . ('' === $open ? '' : '?open=' . $open));
        self::assertResponseIsSuccessful();

        return $crawler;
    }

    public function testAWireLightsItsNetAndOpensWithItsNumbers(): void
    {
        $id = $this->shelved(WiredBoards::demos()['utility-room'])->record->id();
        $crawler = $this->view($id);
        self::assertCount(2, $crawler->filter('svg.wiring'), 'Two sheets of low voltage.');
        self::assertSame('Low voltage', $crawler->filter('.tabs [aria-current]')->text());
        self::assertStringContainsString('Revision 1.', $crawler->filter('.title-plate')->text());
        $wire = $crawler->filter('svg.wiring a.net[aria-label^="Dehumidifier relay"]');
        self::assertSame('Dehumidifier relay, signal, yellow: W11', $wire->attr('aria-label'));
        self::assertStringContainsString('W11 YE', $wire->text());
        $crawler = $this->view($id, 'low.W11');
        self::assertCount(1, $crawler->filter('svg.wiring a.net.lit'));
        self::assertSame('Dehumidifier relay signal', $crawler->filter('#drawer-title')->text());
        self::assertStringContainsString('U01 R2, GPIO23 (printed 23)', $crawler->filter('.drawer .wires')->text());
        self::assertStringContainsString('crimped receptacle / tinned and soldered', $crawler->filter('.drawer .wires')->text());
    }

    public function testALineIsLitFromFingerToFilament(): void
    {
        $id = $this->shelved(WiredBoards::demos()['utility-room'])->record->id();
        $lit = fn(string $open): array => $this->view($id, $open)->filter('svg.wiring a.device.lit .id')->each(
            static fn(Crawler $one): string => $one->text(),
        );
        self::assertEqualsCanonicalizing(
            ['B81', 'B151', 'R11 470 Ω', 'R12', 'Q11', 'D11', 'K11 coil'],
            $lit('low.L1'),
            'Key and sensor too.',
        );
        self::assertEqualsCanonicalizing(['X71', 'S71'], $lit('hand.L1'));
        self::assertEqualsCanonicalizing(['K11 contact', 'Z11', 'X12', 'E11'], $lit('mains.L1'));
    }

    public function testEveryTabSaysWhatItIsFor(): void
    {
        $id = $this->shelved(WiredBoards::demos()['utility-room'])->record->id();
        self::assertStringContainsString('Mains kills.', $this->view($id, 'mains')->filter('.title-plate')->text());
        self::assertGreaterThan(8, $this->view($id, 'box')->filter('svg.wiring .device')->count());
        self::assertStringContainsString('178 conductors', $this->view($id, 'wires')->filter('#wiring-list')->text());
        self::assertStringContainsString('green-yellow', $this->view($id, 'cutting')->filter('#wiring-list')->text());
        self::assertStringContainsString('0.5 N·m', $this->view($id, 'terminals')->filter('#wiring-list')->text());
        self::assertStringContainsString('no short between a rail', strtolower($this->view($id, 'continuity')->filter('h3')->text()));
        self::assertStringContainsString('There is one revision only', $this->view($id, 'changes')->filter('#wiring-list')->text());
        $empty = $this->shelved(TestBoards::bare())->record->id();
        self::assertStringContainsString('Nothing to draw here', $this->view($empty, 'hand')->filter('.empty')->text());
    }

    public function testWhatIsSetOnASheetIsWired(): void
    {
        $opened = $this->shelved(WiredBoards::generated()['module']);
        $id = $opened->record->id();
        $crawler = $this->view($id, 'low.A11');
        self::assertSame('1', $crawler->filter('#channel-A1')->attr('value'));
        foreach ([
            ['choose-channel', ['actuator' => 'A1', 'channel' => '3'], 'low.A11', '#channel-A1', '3'],
            ['measure-wire', ['wire' => 'W11', 'metres' => '12 cm'], 'low.W11', '#wire-length', '120 mm'],
            ['state-wiring', ['lowSquareMetres' => 'AWG 20'], 'low', '#state-wiring-lowSquareMetres', '0.518 mm²'],
        ] as [$edit, $fields, $open, $field, $value]) {
            $this->browser->request('POST', '/boards/' . $id . '/edits', [
                'base' => $this->head($opened)->revision->id(), 'edit' => $edit, 'view' => 'wiring', 'open' => $open, ...$fields,
            ]);
            self::assertSame($value, $this->view($id, $open)->filter($field)->attr('value'), $edit);
        }
        self::assertSame(3, $this->head($opened)->board->wiring->channels['A1']);
        $crawler = $this->view($id, 'mains.X12');
        self::assertCount(1, $crawler->selectButton('Move its terminals down'));
        $this->browser->submit($crawler->selectButton('Move its terminals down')->form());
        self::assertSame(['L2', 'L1'], array_slice($this->head($opened)->board->wiring->order, 0, 2));
    }

    public function testBetweenTwoRevisionsOnlyChangesStand(): void
    {
        $opened = $this->shelved(WiredBoards::demos()['utility-room']);
        $this->edit($opened, 'swap-seats', ['first' => 'F1', 'second' => 'F2']);
        $crawler = $this->view($opened->record->id(), 'changes');
        self::assertSame(['2. Move 2'], $crawler->filter('#wiring-list h3')->each(static fn(Crawler $one): string => $one->text()));
        self::assertStringContainsString('U01 R3, GPIO22', $crawler->filter('#wiring-list .wires')->text());
        self::assertCount(2, $crawler->filter('#wiring-list svg.wiring .net.changed'), 'Only the changed wires are marked.');
        $this->edit($this->head($opened), 'remove-line', ['line' => 'L5']);
        $crawler = $this->view($opened->record->id(), 'changes');
        self::assertStringStartsWith('1. Remove', $crawler->filter('#wiring-list h3')->first()->text());
        self::assertStringContainsString('Q51, D51, X52, E51.', $crawler->filter('#wiring-list .gaps')->text());
    }

    /** Its rail gives 1.67 A, by which its wires are cut: before a change as after it. */
    public function testAChangeOfNothingWiredRewiresNothing(): void
    {
        $opened = $this->shelved(WiredBoards::generated()['discrete']);
        $this->edit($opened, 'rename-board', ['name' => 'Another']);
        self::assertStringContainsString('0.5 mm²', $this->view($opened->record->id(), 'wires')->filter('#wiring-list')->text());
        $list = $this->view($opened->record->id(), 'changes')->filter('#wiring-list');
        self::assertStringContainsString('No wire changes between revision 1 and this one.', $list->text());
        self::assertCount(0, $list->filter('table'));
    }

    public function testAllOfItIsPrinted(): void
    {
        $id = $this->shelved(WiredBoards::demos()['utility-room'])->record->id();
        $crawler = $this->browser->request('GET', '/boards/' . $id . '/sheets');
        self::assertResponseIsSuccessful();
        self::assertCount(6, $crawler->filter('svg.wiring'));
        self::assertStringContainsString('To verify before mains:', $crawler->filter('#main')->text());
        self::assertStringContainsString('Isolate and prove dead', $crawler->filter('.caution')->text());
        self::assertGreaterThan(175, $crawler->filter('input[type=checkbox]')->count());
    }
}
