<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Pins\FreezePins;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Tests\Support\TestBoards;

final class PinsTest extends BoardTestCase
{
    public function testSeatAllSeatsEverythingAsOneRevisionThatCanBeUndone(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::bare(), self::lines(4)));
        $this->post($opened->record->id(), 'seat', ['base' => $opened->revision->id(), 'view' => 'pins']);
        self::assertResponseIsSuccessful();
        $head = $this->head($opened);
        self::assertSame(
            [2, 'Seat all 4 functions', ['GPIO23', 'GPIO22', 'GPIO21', 'GPIO19']],
            [
                $head->revision->number(),
                $head->revision->summary(),
                array_values(array_map(static fn($seat): string => $seat->pin, $head->board->seats)),
            ],
        );
        $this->post($opened->record->id(), 'undo', ['view' => 'pins']);
        self::assertSame([], $this->head($opened)->board->seats);
    }

    public function testAFrozenMapAsksBeforeAnythingLeavesIt(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::sound(), new FreezePins()));
        $fields = ['function' => 'F1', 'pin' => '27'];
        $this->edit($opened, 'seat-function', $fields);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('The pin map is frozen, and this would move “Lamp relay” from GPIO23.', $this->page());
        self::assertSame(1, $this->head($opened)->revision->number());
        $this->edit($opened, 'seat-function', [...$fields, 'frozen' => '1']);
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('The firmware in use has “Lamp relay” on GPIO23', $this->page());
        $this->edit($this->head($opened), 'remove-line', ['line' => 'L2']);
        self::assertResponseStatusCodeSame(422, 'Taking a function off its frozen pin is a move too.');
        $this->edit($this->head($opened), 'rename-line', ['line' => 'L2', 'name' => 'Drier']);
        self::assertResponseIsSuccessful();
    }

    public function testAComparisonSeatsTheBoardOnEveryControllerAndOffersWaysOut(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::bare('esp8266-carrier-30', 'esp8266'), self::lines(10)));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/compare');
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('cannot all be seated', $crawler->filter('#stage')->text());
        $crawler = $this->browser->request('GET', (string) $crawler->filter('#ranked')->attr('hx-get'));
        self::assertSelectorTextContains('.compare .own', '1 too many');
        self::assertCount(11, $crawler->filter('.compare tbody tr'));
        self::assertCount(1, $crawler->filter('.ways input[name=way][value="expander:mcp23017"]'));
        $this->post($opened->record->id(), 'seat', ['base' => $opened->revision->id(), 'view' => 'pins', 'way' => 'expander:mcp23017']);
        self::assertResponseIsSuccessful();
        $board = $this->head($opened)->board;
        self::assertSame(['X1'], array_keys($board->expanders));
        self::assertCount(12, $board->seats, 'Ten relays and the two wires of the bus.');
        self::assertNull(TestBoards::inspect($board)->finding('pins.does-not-fit:board'));
        $this->post($opened->record->id(), 'seat', ['base' => $this->head($opened)->revision->id(), 'view' => 'pins', 'way' => 'nonsense']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('This way is not open any more.', $this->page());
    }

    public function testTheSearchTakesEitherNameOfAPin(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach (['VP' => 'GPIO36', 'gpio36' => 'GPIO36', 'lamp relay' => 'GPIO23'] as $find => $pin) {
            $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/pins', ['find' => $find]);
            self::assertSame([$pin], $crawler->filter('li.found')->each(static fn($node): ?string => $node->attr('data-pin')), $find);
        }
        $this->browser->request('GET', '/boards/' . $opened->record->id() . '/pins', ['find' => 'zebra']);
        self::assertStringContainsString('Nothing here bears the name “zebra”', $this->page());
    }

    public function testAPinTableIsShownThenMadeABoard(): void
    {
        $text = "Lamp relay, D1\nfan = D6\nwhat is this\nsw: 77";
        $crawler = $this->browser->request('POST', '/read', ['text' => $text, 'carrier' => 'esp8266-carrier-30']);
        self::assertResponseIsSuccessful();
        self::assertCount(4, $crawler->filter('table.rows tbody tr'));
        self::assertSelectorTextContains('table.rows tbody tr:nth-child(3)', 'in no form that is known');
        $form = $crawler->selectButton('Make the board')->form();
        $this->browser->submit($form, ['name' => 'Read in']);
        self::assertResponseRedirects();
        $crawler = $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Read in');
        self::assertStringContainsString('“Sw” (maintained switch) has no pin yet.', $crawler->filter('#tray')->text());
        self::assertSelectorTextContains('#fn-F1', 'GPIO5');
    }

    public function testOnABoardAPinTableIsADryRunFirst(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $id = $opened->record->id();
        $crawler = $this->browser->request('POST', "/boards/$id/read", ['text' => 'Lamp = CLK', 'base' => $opened->revision->id()]);
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('Seat “Lamp relay” on GPIO6', $crawler->filter('#stage')->text());
        self::assertStringContainsString('wired to the flash memory', $crawler->filter('#stage')->text());
        self::assertSame(1, $this->head($opened)->revision->number());
        $this->browser->submit($crawler->selectButton('Make it so')->form());
        self::assertSame('GPIO6', $this->head($opened)->board->seats['F1']->pin);
        $this->browser->request('POST', "/boards/$id/read", ['text' => '', 'base' => $opened->revision->id()]);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('There is no row in this text.', $this->page());
    }

    /** Rows are fields within fields: asked for again, all of them come back as they were. */
    public function testAPinTableThatMovesFrozenPinsIsTakenWhenAskedForAgain(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::sound(), new FreezePins()));
        $address = '/boards/' . $opened->record->id() . '/read';
        $crawler = $this->browser->request('POST', $address, ['text' => 'Lamp = 25', 'base' => $opened->revision->id()]);
        $crawler = $this->browser->submit($crawler->selectButton('Make it so')->form());
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('#notice', 'The pin map is frozen, and this would move “Lamp relay” from GPIO23.');
        self::assertSame('GPIO23', $this->head($opened)->board->seats['F1']->pin);
        $this->browser->submit($crawler->selectButton('Move them all the same')->form());
        self::assertSame('GPIO25', $this->head($opened)->board->seats['F1']->pin);
    }

    public function testAPartOfOnesOwnIsReadAsStrictlyAsTheShippedOnes(): void
    {
        $crawler = $this->browser->request('GET', '/catalogue/esp32-carrier-30/copy');
        $form = $crawler->selectButton('Keep it')->form();
        $text = $crawler->filter('textarea')->text(normalizeWhitespace: false);
        self::assertStringContainsString('"id": "my-esp32-carrier-30"', $text);
        foreach ([
            'not whole' => [substr($text, 0, 200), 'This is not complete JSON.'],
            'a pin that the chip lacks' => [
                str_replace('"GPIO23"', '"GPIO77"', $text),
                'The carrier leads to GPIO77, which the chip does not have.',
            ],
            'the id of a shipped part' => [str_replace('my-esp32-carrier-30', 'esp32-carrier-30', $text), 'Give yours an id of its own.'],
            'an unknown chip' => [str_replace('"chip": "esp32"', '"chip": "esp33"', $text), 'Add the chip first.'],
            'a unit that is wrong' => [str_replace('"6 €"', '"6 V"', $text), 'price'],
        ] as $what => [$bad, $why]) {
            $this->browser->request('POST', '/catalogue', ['document' => $bad]);
            self::assertResponseStatusCodeSame(422, $what);
            self::assertStringContainsString($why, html_entity_decode($this->page()), $what);
            self::assertStringContainsString('textarea', $this->page());
        }
        $this->browser->submit($form, ['document' => str_replace('"label": "D23"', '"label": "IO-23"', $text)]);
        self::assertResponseRedirects('/catalogue/my-esp32-carrier-30', 303);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.scroll table', 'IO-23');
        $this->browser->request('GET', '/');
        self::assertSelectorExists('select[name=carrier] option[value=my-esp32-carrier-30]');
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'choose-controller', ['carrier' => 'my-esp32-carrier-30']);
        self::assertResponseIsSuccessful();
        self::assertSame('IO-23', $this->head($opened)->board->controller()->pins['GPIO23']->label());
        $this->browser->request('POST', '/catalogue/my-esp32-carrier-30/remove');
        $this->browser->request('GET', '/catalogue');
        self::assertStringNotContainsString('my-esp32-carrier-30', $this->page());
        self::assertSame('IO-23', $this->head($opened)->board->controller()->pins['GPIO23']->label(), 'The board keeps its facts.');
    }

    public function testAFormSetsBusesExpandersAndSelectors(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'fit-expander', ['expander' => 'pcf8574', 'rail' => 'R1']);
        self::assertStringContainsString('gives 3.3 V, and a high begins at 3.5 V', $this->page());
        $this->edit(
            $this->head($opened),
            'set-i2c-bus',
            ['group' => 'G1', 'hertz' => '400k', 'pullUpOhms' => '2k2', 'wireFarads' => '80p', 'levelShifter' => '1'],
        );
        self::assertResponseIsSuccessful();
        $bus = $this->head($opened)->board->groups['G1']->i2c;
        self::assertSame([400e3, 2200.0, 80e-12, true], [$bus?->hertz, $bus?->pullUpOhms, $bus?->wireFarads->value, $bus?->levelShifter]);
        $this->edit($this->head($opened), 'set-expander', ['expander' => 'X1', 'address' => '35', 'rail' => '']);
        self::assertSame(
            [0x23, null],
            [$this->head($opened)->board->expanders['X1']->address, $this->head($opened)->board->expanders['X1']->rail],
        );
        $this->edit($this->head($opened), 'add-selector', ['name' => 'Fan steps', 'positions' => '5', 'ladder' => '1']);
        self::assertResponseIsSuccessful();
        $this->browser->request('GET', '/boards/' . $opened->record->id() . '/pins', ['open' => 'F8']);
        self::assertSelectorTextContains('#stage', 'The ladder of 5 positions');
    }

    private static function lines(int $count): Edit
    {
        return new \IronLatch\Core\Board\Edit\Sequence(
            'lines',
            array_map(
                static fn(int $line): Edit => new AddLine('Line ' . $line, TestBoards::part('led-lamp', Appliance::class)),
                range(1, $count),
            ),
        );
    }

    /**
     * @param array<string, string> $fields
     */
    private function post(string $board, string $what, array $fields): void
    {
        $this->browser->request('POST', "/boards/$board/$what", $fields, [], ['HTTP_HX-Request' => 'true']);
    }

    /** What holds for every relay of a table is asked once, and the controller is the one that knows its pins. */
    public function testTheControllerIsFoundByThePinsAndDriversAreAskedOnce(): void
    {
        $text = "Lamp relay, D1\nFan relay, D2\nLamp switch, D5\n";
        $crawler = $this->browser->request('POST', '/read', ['text' => $text, 'carrier' => '']);
        self::assertResponseIsSuccessful();
        self::assertStringStartsWith('esp8266', (string) $crawler->filter('select[name=carrier] option[selected]')->attr('value'));
        self::assertStringContainsString('knows 3 of the pins', $crawler->filter('#notice')->text());
        $rows = [
            ['take' => '1', 'line' => '1', 'name' => 'Lamp relay', 'kind' => 'relay output', 'pin' => 'D1', 'appliance' => 'led-lamp'],
            ['take' => '1', 'line' => '2', 'name' => 'Fan relay', 'kind' => 'relay output', 'pin' => 'D2', 'appliance' => 'vent-fan'],
        ];
        $this->browser->request('POST', '/read', [
            'text' => $text, 'carrier' => 'esp8266-carrier-30', 'step' => 'make', 'rows' => $rows, 'mains' => 'mains-120',
            'module' => 'opto-module-low', 'level' => 'low',
        ]);
        $id = (string) preg_replace('~^.*/boards/([^/]+)/.*$~', '$1', (string) $this->browser->getResponse()->headers->get('Location'));
        $board = $this->store->open($id)->board ?? self::fail('No board was made.');
        self::assertSame('mains-120', $board->mains);
        foreach ($board->actuators() as $actuator) {
            self::assertSame(['module', 'low'], [
                $actuator->driver instanceof OptoModuleInput ? 'module' : 'parts',
                $actuator->activeLevel->value instanceof \BackedEnum ? $actuator->activeLevel->value->value : '',
            ]);
        }
    }
}
