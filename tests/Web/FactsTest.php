<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Lines\AddLines;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\DomCrawler\Crawler;

/** What is open is asked once, answered in its row, for one or for all, and can be taken back. */
final class FactsTest extends BoardTestCase
{
    public function testEveryOpenFactHasItsRow(): void
    {
        $opened = $this->shelved(TestBoards::edited(
            TestBoards::bare(),
            new AddLines(['Lamp', 'Fan', 'Pump'], TestBoards::part('led-lamp', Appliance::class)),
        ));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/facts');
        self::assertResponseIsSuccessful();
        $names = $crawler->filter('#main form.ask [name]:not([type=hidden]):not([name="for[]"])')
            ->each(static fn(Crawler $field): string => (string) $field->attr('name'));
        self::assertSame(array_values(array_unique($names)), $names, 'Each is asked once.');
        self::assertContains('conductor', $names);
        self::assertSame(
            ['L1', 'L2', 'L3'],
            $crawler->filter('#ask-state-conductor-conductor')->closest('form')?->filter('[name="for[]"][checked]')
                ->each(static fn(Crawler $tick): string => (string) $tick->attr('value')),
            'It is open for all of them, so the answer is for all.',
        );
        self::assertSame((string) $crawler->filter('#main .ask')->count(), $crawler->filter('#facts-link .num')->text());
        self::assertStringContainsString('Isolate and prove dead', $crawler->filter('#main')->text());
    }

    /** As a browser without scripts sends it. */
    public function testOneAnswerIsForAllThatAreTicked(): void
    {
        $opened = $this->shelved(TestBoards::edited(
            TestBoards::bare(),
            new AddLines(['Lamp', 'Fan', 'Pump'], TestBoards::part('led-lamp', Appliance::class)),
        ));
        $this->edit($opened, 'state-conductor', ['for' => ['L1', 'L3'], 'conductor' => 'live']);
        $said = static fn(Line $line): ?string => $line->conductor->value?->value;
        $board = $this->head($opened)->board;
        self::assertSame(['L1' => 'live', 'L2' => null, 'L3' => 'live'], array_map($said, $board->lines));
        $this->edit($this->head($opened), 'add-surface', ['for' => ['L1', 'L2', 'L3'], 'kind' => 'wall switch']);
        $head = $this->head($opened);
        self::assertSame([1, 1, 1], array_values(array_map(static fn(Line $line): int => count($line->surfaces), $head->board->lines)));
        self::assertSame(3, $head->revision->number(), 'One revision for all three.');
        self::assertStringContainsString('“Lamp”, “Fan”, “Pump”', $head->revision->summary());
    }

    public function testAFactCanBeTakenBack(): void
    {
        $opened = $this->shelved(TestBoards::edited(
            TestBoards::sound(),
            new StateSafety(['L1'], restore: RestorePolicy::On),
            new StateBox(oneCircuit: true),
        ));
        $this->edit($opened, 'state-safety', ['for' => ['L1'], 'said' => 'restore', 'restore' => '']);
        $head = $this->head($opened);
        self::assertNull($head->board->lines['L1']->safety?->restore);
        self::assertSame('Take back what was said; no longer holds: “Lamp” restore (on)', $head->revision->summary());
        $this->edit($head, 'state-box', ['said' => 'oneCircuit', 'oneCircuit' => '']);
        $head = $this->head($opened);
        self::assertNull($head->board->box?->oneCircuit);
        $this->edit($head, 'state-hours', ['lines' => ['L1'], 'hours' => '3 h']);
        self::assertSame(3.0, $this->head($opened)->board->lines['L1']->hoursPerDay?->value);
        $this->edit($this->head($opened), 'state-hours', ['lines' => ['L1'], 'said' => 'hours', 'hours' => '']);
        self::assertNull($this->head($opened)->board->lines['L1']->hoursPerDay);
        foreach ([
            ['state-track', ['said' => 'copperMetres', 'copperMetres' => ''], 'cannot be taken back by itself'],
            ['state-safety', ['for' => [], 'said' => 'restore', 'restore' => ''], 'Choose at least one'],
            ['state-safety', ['for' => ['L1'], 'said' => 'restore', 'restore' => ''], 'Nothing was said of it'],
        ] as [$edit, $fields, $words]) {
            $this->edit($this->head($opened), $edit, $fields);
            self::assertResponseStatusCodeSame(422);
            self::assertStringContainsString($words, $this->page());
        }
    }

    public function testWhatCannotBeIsRefusedAndNothingIsLost(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach ([
            ['state-cable', ['for' => [], 'metres' => '3 m'], 'Choose at least one'],
            ['state-conductor', ['for' => [], 'conductor' => 'live'], 'Choose at least one'],
            ['state-safety', ['for' => [], 'earthJoined' => '1'], 'Choose at least one'],
            ['state-cable', ['for' => ['F3'], 'metres' => 'long'], 'long'],
            ['state-cable', ['for' => ['F99'], 'metres' => '3 m'], 'F99'],
            ['add-surface', ['for' => [], 'kind' => 'wall switch'], 'Choose at least one'],
            ['add-lines', ['names' => " \r\n ", 'appliance' => 'led-lamp'], 'Give the line a name first'],
            ['add-lines', ['names' => implode("\n", range(1, 65)), 'appliance' => 'led-lamp'], '65 lines at once are too many'],
            ['add-lines', ['names' => str_repeat('a', 121), 'appliance' => 'led-lamp'], 'is longer than 120 characters'],
        ] as [$edit, $fields, $words]) {
            $this->edit($opened, $edit, $fields);
            self::assertResponseStatusCodeSame(422, $edit);
            self::assertStringContainsString($words, $this->page());
        }
        self::assertSame(1, $this->head($opened)->revision->number());
    }

    public function testAPastedListMakesAsManyLines(): void
    {
        $opened = $this->shelved(TestBoards::bare());
        $this->edit($opened, 'add-lines', ['names' => "Hall lamp\r\n\r\n  Stair lamp \nFan", 'appliance' => 'led-lamp']);
        self::assertSame(
            ['Hall lamp', 'Stair lamp', 'Fan'],
            array_values(array_map(static fn(Line $line): string => $line->name, $this->head($opened)->board->lines)),
        );
    }

    /** What is a choice comes with what to choose; what stands somewhere already never does. */
    public function testOnlyChoicesAreRecommended(): void
    {
        $opened = $this->shelved(TestBoards::edited(
            TestBoards::bare(),
            new AddLines(['Airer'], TestBoards::part('heated-airer', Appliance::class)),
        ));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/facts');
        $offered = $crawler->filter('#main .ask-best input[name]:not([name=base]):not([name=view]):not([name=open]):not([name=edit])')
            ->each(static fn(Crawler $field): string => (string) $field->attr('name'));
        self::assertEqualsCanonicalizing(['fuse', 'innerSquareMetres', 'branchSquareMetres'], $offered);
        self::assertStringContainsString('the smallest that carries', $crawler->filter('#main .ask-best')->text());
    }

    /** Without scripts the page is drawn anew: the field keeps what was typed, and says what is wrong with it. */
    public function testARefusalStandsAtItsFieldWithoutScripts(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $fields = ['view' => 'power', 'lengthMetres' => 'as long as my arm'];
        $this->edit($opened, 'state-box', $fields, asHtmx: false, open: 'heat');
        self::assertResponseStatusCodeSame(422);
        $crawler = $this->browser->getCrawler();
        $field = $crawler->filter('#state-box-lengthMetres');
        self::assertSame(['as long as my arm', 'true', 'refused'], [
            $field->attr('value'), $field->attr('aria-invalid'), $field->attr('aria-describedby'),
        ]);
        self::assertStringContainsString('cannot be read as a length', $crawler->filter('#refused')->text());
        self::assertCount(1, $crawler->filter('#main [aria-invalid]'), 'The other fields stay as they were.');
    }

    /** A bare number takes the unit that stands in the field, or that its example shows. */
    public function testABareNumberTakesTheUnitThatIsShown(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach ([['8', '6 mm', 8e-3], ['9.5', 'e.g. 8 mm', null], ['7 mm', '6 mm', 7e-3], ['8e-3 m', '6 mm', null]] as [$typed, $shown,
            $metres]) {
            $this->edit($this->head($opened), 'state-box', ['clearanceMetres' => $typed, 'shown' => ['clearanceMetres' => $shown]]);
            if (null !== $metres) {
                self::assertSame($metres, $this->head($opened)->board->box?->clearanceMetres?->value, $typed);
            }
        }
        $page = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/mains?open=barrier');
        self::assertSame('8 mm', $page->filter('[name="shown[clearanceMetres]"]')->attr('value'));
        $this->edit($this->head($opened), 'state-box', ['creepageMetres' => '8']);
        self::assertResponseStatusCodeSame(422, '8 m are no creepage distance: it is asked about.');
    }
}
