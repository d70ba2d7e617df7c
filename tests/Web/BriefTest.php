<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Brief\BriefForm;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\DriverSchool;
use IronLatch\Core\Board\Home;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Brief\Recovered;
use IronLatch\Core\Brief\SentenceReader;
use IronLatch\Core\Build\Currency;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Record\Fact;
use IronLatch\Demo\DemoBoards;
use IronLatch\Storage\ShelfPapers;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\DomCrawler\Crawler;

/** From a sentence, or from fields, to drafts in slices and a board on the shelf. */
final class BriefTest extends BoardTestCase
{
    private const WORDS = 'two lamps, push buttons, 230 V, in a case, esp8266, and a laser';

    public function testASentenceIsDraftedSliceBySliceAndTaken(): void
    {
        $page = $this->browser->request('GET', '/brief', ['words' => self::WORDS]);
        self::assertResponseIsSuccessful();
        self::assertSelectorTextContains('.heard u', 'a laser');
        self::assertGreaterThan(0, $page->filter('.draft')->count(), 'Something is to be seen at once.');
        for ($slices = 0; $page->filter('.progress')->count() > 0; ++$slices) {
            self::assertLessThan(30, $slices);
            $page = $this->browser->request('POST', '/brief/drafts', ['brief' => self::carried($page)]);
            self::assertResponseIsSuccessful();
        }
        self::assertStringContainsString('ways worked out; the best of each kind', $this->page());
        $choices = (string) $page->filter('.draft [name=choices]')->first()->attr('value');
        self::assertStringStartsWith('esp8266', $choices);
        $this->browser->request('POST', '/brief/take', ['brief' => self::carried($page), 'choices' => $choices, 'name' => 'Shed']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Shed');
        $opened = $this->store->shelf()[0];
        self::assertStringStartsWith('Drafted from the brief: ESP8266', $this->store->headOf($opened)->summary());
        $board = $this->store->open($opened->id())->board ?? self::fail();
        self::assertCount(2, $board->lines);
        self::assertSame(['a laser'], $board->brief?->notUnderstood, 'What was not understood is kept.');
    }

    public function testTwoDraftsAreHeldAgainstEachOther(): void
    {
        $page = $this->browser->request('POST', '/brief', ['words' => 'a lamp, 230 V, esp8266', 'all' => '1']);
        $two = $page->filter('.draft [name="against[]"]')->each(static fn(Crawler $tick): string => (string) $tick->attr('value'));
        self::assertGreaterThanOrEqual(2, count($two));
        $page = $this->browser->request('POST', '/brief/drafts', ['brief' => self::carried($page), 'against' => array_slice($two, 0, 2)]);
        $rows = $page->filter('#against tbody tr')->each(static fn(Crawler $row): array => $row->filter('td')->each(
            static fn(Crawler $cell): string => $cell->text(),
        ));
        self::assertNotSame([], $rows);
        foreach ($rows as [$one, $other]) {
            self::assertNotSame($one, $other, 'Only what differs stands there.');
        }
    }

    /** What a form sends is what it says; a bare number takes the unit that its field shows. */
    public function testFieldsAreReadAsTheyShow(): void
    {
        $form = self::getContainer()->get(BriefForm::class);
        $brief = $form->read([
            'rows' => [
                ['count' => '3', 'appliance' => 'led-lamp', 'name' => 'Spot', 'watts' => '7', 'by' => ['timer'], 'lines' => ''],
                ['count' => '1', 'appliance' => '', 'name' => 'Mixer', 'watts' => '0,3 kW', 'load' => 'universal motor', 'mayStart' => '0'],
                ['count' => '', 'appliance' => '', 'name' => ''],
                ['count' => '0', 'appliance' => 'iron', 'name' => 'Gone'],
            ],
            'by' => ['wall switch', ''],
            'mains' => 'mains-120',
            'home' => 'on a rail',
            'neutral' => '1',
            'breakerAmps' => '10',
            'handMetres' => '2,5',
            'mostLengthMetres' => '160',
            'mostEuros' => '45,50',
            'drivers' => 'ready modules',
            'form' => 'perforated board',
            'freePins' => '3',
            'supplyLoad' => '0.6',
            'controllers' => ['esp32-carrier-38'],
            'words' => 'a lamp and a laser',
        ]);
        self::assertEquals(new Brief(
            [
                new Wanted(3, 'Spot', 'led-lamp', 7.0, by: [SurfaceKind::Timer]),
                new Wanted(1, 'Mixer', null, 300.0, LoadKind::UniversalMotor, false),
            ],
            [SurfaceKind::WallSwitch],
            [],
            'mains-120',
            Fact::stated(Home::Rail),
            Fact::stated(true),
            Fact::stated(10.0),
            handMetres: Fact::stated(2.5),
            mostEuros: Fact::stated(45.5),
            mostLengthMetres: Fact::stated(0.16),
            drivers: Fact::stated(DriverSchool::Modules),
            form: Fact::stated(BuildForm::Perforated),
            controllers: ['esp32-carrier-38'],
            freePins: Fact::stated(3),
            supplyLoad: Fact::stated(0.6),
            words: 'a lamp and a laser',
            notUnderstood: ['a laser'],
        ), $brief);
        self::assertEquals($brief, $form->taken($form->carried($brief)), 'It is carried along whole.');
    }

    public function testMoneyIsTypedInTheCurrencyOfTheShelf(): void
    {
        self::getContainer()->get(ShelfPapers::class)->countIn(new Currency('CHF', 0.5));
        $brief = self::getContainer()->get(BriefForm::class)->read(['mostEuros' => '20']);
        self::assertSame(40.0, $brief->mostEuros?->value);
        $this->browser->request('POST', '/brief', ['words' => 'a lamp, 230 V, esp8266', 'all' => '1']);
        self::assertSelectorTextContains('.draft .plate', 'CHF');
    }

    public function testWhatCannotBeIsAnsweredInWordsAndLosesNothing(): void
    {
        foreach ([
            ['GET', '/brief', ['words' => "a lamp \xB0"], 'not encoded as UTF-8'],
            ['GET', '/brief', ['words' => str_repeat('lamp, ', 900)], 'at most 2000 characters'],
            ['GET', '/brief', ['words' => 'a motor, 230 V'], 'no catalogue says'],
            ['POST', '/brief', ['from' => 'fields', 'rows' => [['count' => '70', 'appliance' => 'led-lamp']]], 'Between 1 and 64'],
            ['POST', '/brief', ['from' => 'fields', 'breakerAmps' => 'many'], 'many'],
            ['POST', '/brief', ['from' => 'fields', 'home' => 'on the moon'], 'xpected one of'],
            ['POST', '/brief/drafts', ['brief' => '{'], 'did not arrive whole'],
            ['POST', '/brief/drafts', ['brief' => '{"appliances": "all"}'], 'xpected'],
            ['POST', '/brief/take', ['brief' => '', 'choices' => ''], 'did not arrive whole'],
            ['POST', '/brief/take', [
                'brief' => '{"appliances":[{"count":1,"name":"Lamp","appliance":"led-lamp"}]}', 'choices' => 'abacus',
            ], 'cannot be made'],
            ['POST', '/brief/take', [
                'brief' => '{"appliances":[{"count":1,"name":"Lamp","appliance":"anvil"}]}', 'choices' => 'abacus',
            ], 'no such draft any more'],
            ['POST', '/brief', ['from' => 'fields', 'rows' => [['count' => '1', 'appliance' => 'anvil']]], 'no catalogue says'],
        ] as [$method, $address, $fields, $words]) {
            $this->browser->request($method, $address, $fields);
            self::assertContains($this->browser->getResponse()->getStatusCode(), [200, 422], $address . ' ' . $words);
            self::assertStringContainsString($words, html_entity_decode($this->page()), $address . ' ' . $words);
        }
        self::assertSame([], $this->store->shelf());
    }

    /** A board that never had a brief shows the one that it would have come of; and follows it when it is changed. */
    public function testABoardFollowsItsBriefAfterShowingWhatBecomesOfIt(): void
    {
        $board = (new DemoBoards(TestBoards::catalogue()))->utilityRoom();
        $brief = Recovered::of($board, TestBoards::catalogue());
        self::assertSame(count($board->lines), $brief->lines());
        self::assertSame(array_map(strval(...), array_keys($board->lines)), array_merge(...array_map(
            static fn(Wanted $row): array => $row->lines,
            $brief->appliances,
        )));
        $opened = $this->shelved($board);
        $address = '/boards/' . $opened->record->id();
        $page = $this->browser->request('GET', $address . '/brief');
        self::assertResponseIsSuccessful();
        self::assertCount(count($brief->appliances), $page->filter('.row-of input[name$="[lines]"]:not([value=""])'));
        // A sensor rule is set up on Controls: the form carries it along, so that nothing is taken off in silence.
        self::assertGreaterThan(0, $page->filter('.row-of input[type=hidden][value="sensor rule"]')->count());
        $rows = array_map(static fn(Wanted $row): array => [
            'count' => (string) $row->count, 'name' => $row->name, 'appliance' => $row->appliance, 'lines' => implode(' ', $row->lines),
            'by' => array_map(static fn(SurfaceKind $way): string => $way->value, $row->by),
        ], $brief->appliances);
        $rows[] = ['count' => '1', 'name' => 'Ceiling lamp', 'appliance' => 'led-lamp', 'lines' => '', 'by' => ['push button']];
        $fields = ['from' => 'fields', 'base' => $opened->revision->id(), 'view' => 'brief', 'rows' => $rows, 'mains' => 'mains-230'];
        $page = $this->browser->request('POST', $address . '/brief/changes', $fields);
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('new: Ceiling lamp', $this->page());
        self::assertSelectorTextContains('.drafts', 'nothing that is seated has to move');
        self::assertCount(count($board->lines), $this->store->open($opened->record->id())->board->lines ?? [], 'It was only shown.');
        $this->browser->request('POST', $address . '/brief/follow', [
            'base' => $opened->revision->id(), 'view' => 'brief', 'brief' => self::carried($page),
        ]);
        $after = $this->store->open($opened->record->id())->board ?? self::fail();
        self::assertCount(count($board->lines) + 1, $after->lines);
        foreach ($board->seats as $function => $seat) {
            self::assertSame($seat->pin, $after->seats[$function]->pin);
        }
        $this->browser->request('POST', $address . '/brief/changes', [...$fields, 'breakerAmps' => 'many']);
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('POST', $address . '/brief/follow', ['base' => $opened->revision->id(), 'brief' => '{']);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('#notice', 'did not arrive whole');
    }

    public function testALikeBoardIsCopiedIntoItsBrief(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/copy', ['then' => 'brief']);
        self::assertResponseRedirects();
        self::assertStringEndsWith('/brief', (string) $this->browser->getResponse()->headers->get('Location'));
    }

    public function testASentenceOnABoardKeepsTheLinesThatItNames(): void
    {
        $first = SentenceReader::read('a lamp, a fan, push buttons, esp8266, 230 V')->brief;
        $page = $this->browser->request('POST', '/brief', ['words' => 'a lamp, a fan, push buttons, esp8266, 230 V']);
        self::assertSame(2, $first->lines());
        $choices = (string) $page->filter('.draft [name=choices]')->first()->attr('value');
        $this->browser->request('POST', '/brief/take', ['brief' => self::carried($page), 'choices' => $choices]);
        $opened = $this->store->open($this->store->shelf()[0]->id()) ?? self::fail();
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/brief/changes', [
            'from' => 'sentence', 'base' => $opened->revision->id(), 'words' => 'a lamp, two fans, push buttons, esp8266, 230 V',
        ]);
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('new: Fan 1', $this->page());
    }

    private static function carried(Crawler $page): string
    {
        return (string) $page->filter('input[name=brief]')->first()->attr('value');
    }
}
