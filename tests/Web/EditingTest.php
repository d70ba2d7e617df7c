<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Lines\AddLines;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Review\FindingGroup;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\ReadBoards;
use IronLatch\Storage\Revised;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\DomCrawler\Crawler;

final class EditingTest extends BoardTestCase
{
    public function testAnEditMakesARevisionAndReturnsWhatChanged(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'set-driver-value', ['value' => 'baseOhms', 'actuators' => ['A1'], 'ohms' => '4k7'], open: 'L1.driver');
        self::assertResponseIsSuccessful();
        self::assertStringNotContainsString('<html', $this->page());
        self::assertStringContainsString('×0.61', $this->page());
        foreach (['latches', 'tray', 'notice', 'board-head'] as $part) {
            self::assertMatchesRegularExpression('/id="' . $part . '"[^>]*hx-swap-oob="true"/', $this->page(), $part);
        }
        $head = $this->head($opened);
        self::assertSame(2, $head->revision->number());
        self::assertSame('Fit 4.7 kΩ as base resistor for “Lamp”', $head->revision->summary());
        self::assertSame(
            ['edit' => 'set-driver-value', 'actuators' => ['A1'], 'value' => 'baseOhms', 'ohms' => '4.7 kΩ'],
            $this->store->editOf($head->revision),
        );
        $driver = $head->board->actuator('A1')->driver;
        self::assertInstanceOf(NpnLowSide::class, $driver);
        self::assertSame(4700.0, $driver->baseOhms);
    }

    public function testWorksWithoutScripts(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'rename-line', ['line' => 'L1', 'name' => 'Hall lamp'], asHtmx: false, open: 'L1.name');
        self::assertResponseRedirects('/boards/' . $opened->record->id() . '/lines?open=L1.name', 303);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('#L1-name', 'Hall lamp');
    }

    public function testNonsenseIsRefusedInWordsAndChangesNothing(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach ([true, false] as $asHtmx) {
            $this->edit($opened, 'set-driver-value', ['value' => 'baseOhms', 'actuators' => ['A1'], 'ohms' => 'four thousand'], $asHtmx);
            self::assertResponseStatusCodeSame(422);
            self::assertStringContainsString(
                '“four thousand” cannot be read as a resistance in ohms. Write it like 4k7 or 470 Ω.',
                $this->page(),
            );
            self::assertSame($asHtmx, 'none' === $this->browser->getResponse()->headers->get('HX-Reswap'));
        }
        self::assertStringContainsString('You had entered: ohms', $this->page());
        self::assertSame(1, $this->head($opened)->revision->number());
    }

    public function testRefusedEditsSayWhatToDo(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach ([
            ['seat-function', ['function' => 'F1', 'pin' => 'GPIO99'], 'leads out no pin called “GPIO99”'],
            ['seat-function', ['function' => 'F1', 'pin' => ''], 'Name a pin'],
            ['remove-line', ['line' => 'L9'], 'The line L9 is not on this board any more'],
            ['add-line', ['name' => ' ', 'appliance' => 'led-lamp'], 'Give it a name first.'],
            ['add-line', ['name' => 'X', 'appliance' => 'nothing'], 'There is no part “nothing” to choose here'],
            ['state-load', ['line' => 'L1', 'watts' => '-5 W'], 'Take the figure from its rating plate.'],
            ['state-ambient', ['celsius' => '300'], 'a value lies from −40 °C to 120 °C. In a closed box'],
            ['no-such-edit', [], 'This form names no edit'],
            [
                'accept-finding',
                [
                    'rule' => 'pins.no-pin',
                    'subject' => 'F1',
                    'kind' => 'broken',
                    'figure' => '',
                    'ruleVersion' => '1',
                    'reason' => '',
                    'decidedBy' => 'me',
                ],
                'give the reason and the name',
            ],
            ['set-house-rules', ['forcedGain' => '0', 'supplyLoad' => '0.8'], 'Usual are 10 and 20.'],
            ['choose-relay', ['actuators' => ['A1'], 'relay' => 'led-lamp'], 'There is no part “led-lamp” to choose here'],
        ] as [$edit, $fields, $sentence]) {
            $this->edit($opened, $edit, $fields);
            self::assertResponseStatusCodeSame(422, $edit);
            self::assertStringContainsString($sentence, html_entity_decode($this->page(), ENT_QUOTES), $edit);
        }
        self::assertSame(1, $this->head($opened)->revision->number());
    }

    public function testUndoAndRedoWalkTheRevisions(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'rename-line', ['line' => 'L1', 'name' => 'One']);
        $this->edit($this->head($opened), 'rename-line', ['line' => 'L1', 'name' => 'Two']);
        foreach ([['undo', 'One'], ['undo', 'Lamp'], ['redo', 'One'], ['redo', 'Two']] as [$way, $name]) {
            $this->browser->request(
                'POST',
                '/boards/' . $opened->record->id() . '/' . $way,
                ['view' => 'lines'],
                [],
                ['HTTP_HX-Request' => 'true'],
            );
            self::assertResponseIsSuccessful();
            self::assertSame($name, $this->head($opened)->board->lines['L1']->name);
        }
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/redo', ['view' => 'lines']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('nothing to make again', $this->page());

        // An edit after an undo starts a branch; the other branch stays reachable.
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/undo', ['view' => 'lines']);
        $this->edit($this->head($opened), 'rename-line', ['line' => 'L1', 'name' => 'Three']);
        self::assertSame(
            [4, 3, 2, 1],
            array_map(static fn(Revised $revision): int => $revision->number, $this->store->revisions($this->head($opened)->record)),
        );
        $third = $this->store->revisions($opened->record)[1];
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/goto', ['view' => 'revisions', 'revision' => $third->id]);
        self::assertSame('Two', $this->head($opened)->board->lines['L1']->name);
    }

    /** Whatever was refused is sent again to where it was sent, with every field as it was, a value in full beside its short form too. */
    public function testWhatIsStaleIsMadeAllTheSameWhereItWasAskedFor(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'state-load', ['line' => 'L1', 'watts' => '20 W']);
        $this->edit($opened, 'state-load', ['line' => 'L1', 'watts' => '12.3 W', 'exact' => ['watts' => '12.3 W = 12.345678 W']], false);
        self::assertResponseStatusCodeSame(409);
        $this->browser->submitForm('Make it all the same');
        self::assertSame(12.345678, $this->head($opened)->board->lines['L1']->watts->value);

        $opened = $this->shelved(TestBoards::operatedInManyWays());
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/drift', [
            'base' => $opened->revision->id(),
            'text' => 'DEBOUNCE_MS = 50',
            'adopt' => 'DEBOUNCE_MS',
        ]);
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/drift', [
            'base' => $opened->revision->id(),
            'text' => 'DEBOUNCE_MS = 70',
            'adopt' => 'DEBOUNCE_MS',
        ]);
        self::assertResponseStatusCodeSame(409);
        $this->browser->submitForm('Make it all the same');
        self::assertSame(0.07, $this->head($opened)->board->program->firmware?->debounceSeconds);
    }

    public function testAStaleEditOfTheSamePlaceIsRefusedAndBothValuesShown(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'rename-line', ['line' => 'L1', 'name' => 'From tab one']);
        $this->edit($opened, 'rename-line', ['line' => 'L1', 'name' => 'From tab two']);
        self::assertResponseStatusCodeSame(409);
        $page = html_entity_decode($this->page(), ENT_QUOTES);
        self::assertStringContainsString(
            'The board was changed elsewhere in the meantime (revision 2: Rename the line “Lamp” to “From tab one”)',
            $page,
        );
        self::assertStringContainsString('yours "From tab two"; now "From tab one"', $page);
        self::assertSame('From tab one', $this->head($opened)->board->lines['L1']->name);

        // Nothing of it is lost: the notice carries the edit, to be made on the newest revision.
        self::assertStringContainsString('name="name" value="From tab two"', $page);
        $this->edit($this->head($opened), 'rename-line', ['line' => 'L1', 'name' => 'From tab two']);
        self::assertSame('From tab two', $this->head($opened)->board->lines['L1']->name);
    }

    public function testAStaleEditOfAnotherPlaceIsMadeOnTheNewestRevision(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'rename-line', ['line' => 'L1', 'name' => 'From tab one']);
        $this->edit($opened, 'rename-line', ['line' => 'L2', 'name' => 'From tab two']);
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('on top of what was changed elsewhere', $this->page());
        $head = $this->head($opened);
        self::assertSame(
            [3, 'From tab one', 'From tab two'],
            [$head->revision->number(), $head->board->lines['L1']->name, $head->board->lines['L2']->name],
        );
    }

    public function testARemedyIsMadeWithOneClickAndUndone(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'set-driver-value', ['value' => 'baseOhms', 'actuators' => ['A1', 'A2'], 'ohms' => '4.7 kΩ']);
        $faulty = $this->head($opened);
        $fields = ['base' => $faulty->revision->id(), 'view' => 'lines', 'finding' => 'drive.does-not-pull-in:A1'];
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/remedies', [...$fields, 'remedy' => '0']);
        self::assertNull(TestBoards::inspect($this->head($opened)->board)->finding('drive.does-not-pull-in:A1'));
        self::assertNotNull(TestBoards::inspect($this->head($opened)->board)->finding('drive.does-not-pull-in:A2'));
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/undo', ['view' => 'lines']);
        self::assertSame($this->store->documentOf($faulty->revision), $this->store->documentOf($this->head($opened)->revision));

        // One remedy for all findings of a group is one revision.
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/remedies', [...$fields, 'all' => '1']);
        self::assertSame([], TestBoards::inspect($this->head($opened)->board)->findings);
        self::assertSame('Fit 560 Ω at the base (2 times)', $this->head($opened)->revision->summary());

        $this->browser->request(
            'POST',
            '/boards/' . $opened->record->id() . '/remedies',
            [...$fields, 'base' => $this->head($opened)->revision->id(), 'remedy' => '7'],
        );
        self::assertResponseStatusCodeSame(422);
    }

    public function testAnAcceptedFindingShutsTheLatchAndLapsesWithItsFigure(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'set-driver-value', ['value' => 'baseOhms', 'actuators' => ['A1'], 'ohms' => '4.7 kΩ']);
        $finding = TestBoards::inspect($this->head($opened)->board)->finding('drive.does-not-pull-in:A1');
        self::assertNotNull($finding);
        $this->edit(
            $this->head($opened),
            'accept-finding',
            [
                'rule' => $finding->rule->id,
                'subject' => 'A1',
                'kind' => 'weak',
                'figure' => $finding->acceptedAs(),
                'ruleVersion' => '1',
                'reason' => 'bench only',
                'decidedBy' => 'R. Alder',
            ],
        );
        $report = TestBoards::inspect($this->head($opened)->board);
        self::assertTrue($report->isEveryCheckedLatchShut());
        $this->browser->request('GET', '/boards/' . $opened->record->id() . '/exports/pins');
        self::assertStringContainsString('Reason: bench only. Decided by: R. Alder', $this->page());

        $this->edit($this->head($opened), 'set-driver-value', ['value' => 'baseOhms', 'actuators' => ['A1'], 'ohms' => '5.6 kΩ']);
        self::assertFalse(TestBoards::inspect($this->head($opened)->board)->isEveryCheckedLatchShut());
    }

    public function testEveryViewShowsTheBoard(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $opens = [
            '',
            'L1.name',
            'L1.hand',
            'L1.pin',
            'L1.driver',
            'L1.coil',
            'L1.contact',
            'L1.appliance',
            'L9.driver',
            'F3',
            'F1',
            'nonsense',
            'pins.no-pin:F1',
        ];
        foreach (['lines', 'pins', 'revisions', 'settings', 'finding'] as $view) {
            foreach ($opens as $open) {
                $this->browser->request('GET', '/boards/' . $opened->record->id() . '/' . $view, ['open' => $open]);
                self::assertResponseIsSuccessful($view . ' ' . $open);
                self::assertSelectorTextContains('h1', 'Bare');
            }
        }
    }

    public function testALineWithoutARelayCanBeOpenedEverywhere(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::sound(), new \IronLatch\Core\Board\Edit\Relays\RemoveRelay('A1')));
        foreach (['hand', 'pin', 'driver', 'coil', 'contact', 'appliance', 'name'] as $part) {
            $this->browser->request('GET', '/boards/' . $opened->record->id() . '/lines', ['open' => 'L1.' . $part]);
            self::assertResponseIsSuccessful($part);
        }
    }

    /** Whatever is shown as one can be gone through one by one, however many there are and with nothing to be done about them. */
    public function testEachOfManyFindingsAlikeIsReached(): void
    {
        $names = array_map(static fn(int $number): string => "Lamp $number", range(1, 30));
        $board = TestBoards::edited(TestBoards::bare(), new AddLines($names, TestBoards::part('led-lamp', Appliance::class)));
        $opened = $this->shelved($board);
        $base = '/boards/' . $opened->record->id();
        $groups = array_filter(
            TestBoards::inspect($board)->groups(),
            static fn(FindingGroup $group): bool => count($group->findings) > 24,
        );
        self::assertNotSame([], array_filter($groups, static fn(FindingGroup $group): bool => null !== $group->first()->root));
        foreach ($groups as $group) {
            $this->browser->request('GET', $base . '/lines');
            self::assertSelectorExists(sprintf('.finding .gaps a[href$="?open=%s"]', $group->first()->key()));
            $page = $this->browser->request('GET', $base . '/finding', ['open' => $group->first()->key()]);
            $others = $page->filter('.alike a')->each(static fn(Crawler $link): string => (string) $link->attr('href'));
            self::assertCount(count($group->findings) - 1, array_unique($others));
        }
    }

    public function testEveryMainsScreenCarriesTheCaution(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach (['/lines', '/finding?open=mains.neutral-switched:L1'] as $screen) {
            $this->browser->request('GET', '/boards/' . $opened->record->id() . $screen);
            self::assertSelectorTextContains('.caution', 'a licensed electrician decide');
        }
        $this->browser->request('GET', '/rule-book');
        self::assertSelectorTextContains('.caution', 'prove dead');
    }

    public function testADownloadedFileOpensAsTheSameBoard(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->browser->request('GET', '/boards/' . $opened->record->id() . '/board.json');
        self::assertResponseHeaderSame('Content-Type', 'application/json');
        self::assertSame(BoardJson::write(TestBoards::sound()), $this->page());
    }

    /** What could not be read again is not kept, nor what is no edit of the list; the head stays where it was. */
    public function testWhatCannotBeReadAgainIsNotKept(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $odd = static fn(\Closure $apply): Edit => new class ($apply) implements Edit {
            public function __construct(private readonly \Closure $apply) {}

            public function apply(Board $board): Board
            {
                $after = ($this->apply)($board);

                return $after instanceof Board ? $after : $board;
            }

            public function summary(Board $board): string
            {
                return 'something odd';
            }
        };
        $tiny = static fn(Board $board): Board => $board->with(lines: ['L1' => $board->lines['L1']->with(watts: Fact::stated(1e-30))]
            + $board->lines);
        $line = static fn(Board $board): Board => $board->with(name: "two\nlines");
        foreach ([
            [$tiny, 'cannot be opened again'],
            [$line, 'cannot be opened again'],
            [static fn(Board $board): Board => $board->with(name: 'fine'), ''],
        ] as [$apply, $words]) {
            try {
                $this->store->apply($opened->record->id(), $opened->revision->id(), $odd($apply));
                self::fail('It was kept.');
            } catch (EditRefused|\LogicException $refused) {
                self::assertStringContainsString($words, $refused->getMessage());
            }
            self::getContainer()->get(ManagerRegistry::class)->resetManager();
            $entities = self::getContainer()->get(ManagerRegistry::class)->getManager();
            self::assertInstanceOf(EntityManagerInterface::class, $entities);
            $this->store = new BoardStore($entities, new NativeClock(), new ReadBoards(new ArrayAdapter(), 'test'));
            self::assertSame($opened->revision->id(), $this->store->record($opened->record->id())?->headId());
        }
    }
}
