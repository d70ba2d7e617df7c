<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use Doctrine\DBAL\Connection;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\DomCrawler\Crawler;

/** The bench that is acted on: every act leads to the board as it is afterwards, with scripts and without. */
final class LiveBenchTest extends BoardTestCase
{
    private const HTMX = ['HTTP_HX_REQUEST' => 'true'];

    private function demo(string $name): string
    {
        return $this->shelved(BenchDesk::demo($name))->record->id();
    }

    private function bench(string $board, string $query = ''): Crawler
    {
        $crawler = $this->browser->request('GET', "/boards/$board/bench$query");
        self::assertResponseIsSuccessful();

        return $crawler;
    }

    /**
     * @param array<string, mixed> $more
     */
    private function act(string $board, string $do, array $more = []): Crawler
    {
        $crawler = $this->browser->request(
            'POST',
            "/boards/$board/bench/live",
            ['do' => $do, 'time' => 'stands', ...$more],
            server: self::HTMX,
        );
        self::assertResponseIsSuccessful();

        return $crawler;
    }

    private static function state(Crawler $page, string $part): string
    {
        return (string) $page->filter(sprintf('[data-part="%s"]', $part))->attr('data-state');
    }

    private static function clock(Crawler $page): string
    {
        return $page->filter('[data-clock]')->text();
    }

    public function testABoardThatNobodyTouchedHasStartedAndNothingOfItIsKept(): void
    {
        $id = $this->demo('utility-room');
        $page = $this->bench($id);
        self::assertSame('5.912 s', self::clock($page));
        self::assertSame('running', self::state($page, 'chip '));
        self::assertSame('0', self::state($page, 'appliance L5'));
        self::assertSame(0, self::getContainer()->get(Connection::class)->fetchOne('SELECT count(*) FROM live_bench'));
    }

    public function testAPressIsSeenFromContactToApplianceAndTakenBack(): void
    {
        $id = $this->demo('utility-room');
        $this->act($id, 'press|S9|', ['at' => '20000000']);
        $page = $this->act($id, 'pace|1 s');
        self::assertSame('21.000 s', self::clock($page));
        self::assertSame(
            ['1', '1', '1', '1'],
            array_map(static fn(string $part): string => self::state($page, $part), ['pin GPIO18', 'coil A5', 'relay A5', 'appliance L5']),
        );
        self::assertStringContainsString('Worktop lamp on', $page->filter('.bench-load')->eq(4)->text());
        // It stands there for whoever comes later, and without scripts.
        self::assertSame('1', self::state($this->bench($id), 'appliance L5'));
        $this->browser->request('POST', "/boards/$id/bench/live", ['do' => 'back', 'time' => 'stands']);
        self::assertResponseRedirects("/boards/$id/bench");
        $page = $this->bench($id);
        self::assertSame('0', self::state($page, 'appliance L5'));
        self::assertSame('20.000 s', self::clock($page));
        self::assertNotNull($page->filter('#do-back')->attr('disabled'), 'Nothing is left to take back.');
    }

    public function testTimeGoesOnByEachStep(): void
    {
        $id = $this->demo('utility-room');
        $this->act($id, 'press|S9|', ['at' => '20000000']);
        foreach ([
            'pace|1 ms' => '20.001 s', 'pace|10 ms' => '20.011 s', 'pace|1 s' => '21.011 s', 'pace|1 min' => '81.011 s',
        ] as $pace => $clock) {
            self::assertSame($clock, self::clock($this->act($id, $pace)));
        }
        self::assertSame('20.003 s', self::clock($this->again($id, 'pace|next event')));
        self::assertGreaterThan(21.0, (float) self::clock($this->again($id, 'pace|until quiet')));
    }

    /** Taken back, pressed again, and one step. */
    private function again(string $id, string $pace): Crawler
    {
        $this->act($id, 'back');
        $this->act($id, 'press|S9|', ['at' => '20000000']);

        return $this->act($id, $pace);
    }

    public function testWhatIsCutIsGoneAndComesBack(): void
    {
        $id = $this->demo('utility-room');
        $page = $this->act($id, 'cut mains', ['time' => 'runs']);
        self::assertSame('off', self::state($page, 'chip '));
        self::assertStringContainsString('mains gone', $page->filter('.bench-levers')->text());
        $page = $this->act($id, 'mains back', ['time' => 'runs']);
        self::assertSame('running', self::state($page, 'chip '));
        $page = $this->act($id, 'outage|radio', ['time' => 'runs']);
        self::assertStringContainsString('radio gone', $page->filter('.bench-levers')->text());
        self::assertSame('0', self::state($this->act($id, 'say|S19|on', ['time' => 'runs']), 'appliance L5'));
        self::assertSame('1', self::state($this->act($id, 'press|S9|', ['time' => 'runs']), 'appliance L5'), 'A button needs no radio.');
    }

    public function testASensorReadsWhatIsTypedAndRefusesWords(): void
    {
        $id = $this->demo('utility-room');
        $sensor = (string) $this->bench($id)->filter('input[name^="reading["]')->attr('name');
        self::assertMatchesRegularExpression('/^reading\[(S\d+)\]$/', $sensor);
        $surface = substr($sensor, 8, -1);
        $page = $this->act($id, "sensor|$surface|", ['reading' => [$surface => '81,5'], 'time' => 'runs']);
        self::assertSame('81.5', $page->filter('#reading-' . $surface)->attr('value'));
        self::assertStringContainsString('reads 81.5.', $page->filter('#ledger')->text());
        // Enter in the field says the same of every field that was changed.
        $page = $this->act($id, 'enter', ['reading' => [$surface => '20'], 'was' => [$surface => '81.5'], 'time' => 'runs']);
        self::assertSame('20', $page->filter('#reading-' . $surface)->attr('value'));
        self::assertSame('20', $this->act($id, 'enter', ['reading' => [$surface => '20'], 'was' => [$surface => '20']])
            ->filter('#reading-' . $surface)->attr('value'));
        $this->browser->request(
            'POST',
            "/boards/$id/bench/live",
            ['do' => "sensor|$surface|", 'reading' => [$surface => 'damp']],
            server: self::HTMX,
        );
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('Type the number that the sensor reads', $this->page());
    }

    public function testAnEarlierMomentIsLookedAtWithItsCauses(): void
    {
        $id = $this->demo('utility-room');
        $this->act($id, 'press|S9|', ['at' => '20000000', 'time' => 'runs']);
        $now = $this->bench($id);
        $mark = $now->filter('#ledger tr.is-appliance td a')->attr('href');
        $page = $this->browser->request('GET', explode('#', (string) $mark)[0]);
        self::assertStringContainsString('You look back at 20.04', $page->filter('.bench-back')->text());
        $why = $page->filter('#why li')->each(static fn(Crawler $one): string => $one->text());
        self::assertCount(6, $why, 'Appliance, relay, coil, pin, contact, hand.');
        self::assertStringContainsString('“Worktop lamp” is on.', $why[0]);
        self::assertStringContainsString('Press push button of “Worktop lamp”. That is where it began.', $why[5]);
        self::assertSame('1', self::state($page, 'relay A5'));
        $before = $this->browser->request('GET', "/boards/$id/bench/look?at=20036000");
        self::assertSame(['1', '0'], [self::state($before, 'coil A5'), self::state($before, 'appliance L5')], 'Fed, and not there yet.');
    }

    public function testItBeginsAnewWithFactsOfItsOwn(): void
    {
        $id = $this->demo('first-try');
        self::assertSame('stuck', self::state($this->bench($id), 'chip '));
        $page = $this->act($id, 'anew', ['anyway' => '1', 'corner' => 'worst', 'seed' => '7', 'clock' => 'Sat 18:30', 'time' => 'runs']);
        self::assertSame('running', self::state($page, 'chip '));
        self::assertStringContainsString('Sat 18:30', $page->filter('.bench-time')->text());
        self::assertStringContainsString('the controller starts whatever keeps it', $page->filter('.bench-back')->text());
        self::assertSame('worst', $page->filter('select[name=corner] option[selected]')->attr('value'));
        foreach ([
            ['do' => 'anew', 'seed' => 'seven'], ['do' => 'anew', 'clock' => 'noon'], ['do' => 'anew', 'overrides' => 'parts.none.x = 1'],
            [
                'do' => 'anew',
                'overrides' => '<script> = 1',
            ], ['do' => 'dance'], ['do' => 'press|S99|'], ['do' => 'pace|a year'], ['do' => ''],
        ] as $odd) {
            $this->browser->request('POST', "/boards/$id/bench/live", $odd, server: self::HTMX);
            self::assertResponseStatusCodeSame(422, json_encode($odd, JSON_THROW_ON_ERROR));
        }
        self::assertSame('running', self::state($this->bench($id), 'chip '), 'What was refused has changed nothing.');
    }

    public function testARunGoesOnOnTheBoardAsItIsNow(): void
    {
        $id = $this->demo('utility-room');
        $this->act($id, 'press|S9|', ['at' => '20000000', 'time' => 'runs']);
        $this->act($id, 'press|S3|', ['at' => '40000000', 'time' => 'runs']);
        $first = $this->store->open($id);
        self::assertNotNull($first);
        $this->store->apply($id, $first->revision->id(), new RenameLine('L5', 'Bench lamp'));
        self::assertStringContainsString(
            'The board has changed since this run was begun',
            $this->bench($id)->filter('.bench-back')->text(),
        );
        $second = $this->store->open($id);
        self::assertNotNull($second);
        $this->store->apply($id, $second->revision->id(), new RemoveLine('L5'));
        $page = $this->bench($id);
        self::assertStringContainsString(
            '1 of its acts and facts name what is no longer there and was left out',
            $page->filter('.bench-back')->text(),
        );
        self::assertSame('1', self::state($page, 'appliance L2'));
        self::assertCount(0, $page->filter('[data-part="appliance L5"]'));
    }

    public function testARunThatNamesWhatIsNotThereNeverKeepsTheBenchShut(): void
    {
        $id = $this->demo('utility-room');
        $this->act($id, 'press|S9|', ['at' => '20000000', 'time' => 'runs']);
        $this->act($id, 'press|S3|', ['at' => '40000000', 'time' => 'runs']);
        self::assertSame(1, self::getContainer()->get(Connection::class)->executeStatement(
            "UPDATE live_bench SET script = replace(script, '\"S9\"', '\"S99\"') WHERE board_id = ?",
            [$id],
        ));
        $page = $this->bench($id);
        self::assertStringContainsString('1 of its acts and facts name what is no longer there', $page->filter('.bench-back')->text());
        self::assertStringNotContainsString('The board has changed', $page->filter('.bench-back')->text());
        self::assertSame('1', self::state($page, 'appliance L2'), 'What can be done is done.');
    }

    public function testAKeptRunThatCannotBeRunAnyMoreSaysSo(): void
    {
        $id = $this->demo('utility-room');
        $this->act($id, 'press|S9|', ['at' => '20000000', 'time' => 'runs']);
        $script = $this->bench($id)->filter('#live input[name=script]')->attr('value');
        $this->browser->request('POST', "/boards/$id/runs", ['name' => 'Lamp', 'script' => $script]);
        $page = (string) $this->browser->followRedirect()->getUri();
        self::getContainer()->get(Connection::class)->executeStatement(
            "UPDATE bench_run SET script = replace(script, '\"S9\"', '\"S99\"')",
        );
        $said = $this->browser->request('GET', $page);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('“Lamp” was kept by an earlier Iron Latch', $said->filter('.notice')->text());
        $this->act($id, 'anew');
        self::assertCount(1, $this->bench($id)->filter('#runs tbody tr'), 'The list still opens.');
        $this->browser->request('POST', "/boards/$id/bench/live", ['do' => 'run', 'run' => 'no-such-run'], server: self::HTMX);
        self::assertResponseStatusCodeSame(422);
    }

    public function testAKeptRunIsPutOnTheBenchAndSaysWhenTheBoardHasChanged(): void
    {
        $opened = $this->shelved(BenchDesk::demo('utility-room'));
        $id = $opened->record->id();
        $this->act($id, 'press|S9|', ['at' => '20000000', 'time' => 'runs']);
        $script = $this->bench($id)->filter('#live input[name=script]')->attr('value');
        $this->browser->request('POST', "/boards/$id/runs", ['name' => 'Lamp', 'script' => $script]);
        $run = $this->browser->followRedirect();
        self::assertCount(0, $run->filter('.bench-back'));
        $this->store->apply($id, $opened->revision->id(), new RenameLine('L5', 'Bench lamp'));
        $run = $this->browser->request('GET', (string) $run->getUri());
        self::assertStringContainsString('it is at revision 2 now', $run->filter('.bench-back')->text());
        self::assertStringContainsString('“Worktop lamp” is on.', $run->filter('.happenings')->text(), 'Of the revision it was made on.');
        $this->act($id, 'anew');
        self::assertSame('0', self::state($this->bench($id), 'appliance L5'));
        $this->browser->submit($run->selectButton('Put it on the bench')->form());
        $page = $this->browser->followRedirect();
        self::assertSame('1', self::state($page, 'appliance L5'));
        self::assertStringContainsString('1, changed since', $page->filter('#runs tbody')->text());
    }

    public function testAFindingIsShownBesideItsRemedy(): void
    {
        $id = $this->demo('first-try');
        $list = $this->browser->request('GET', "/boards/$id/bench/shows");
        self::assertCount(24, $list->filter('.shows li'));
        $finding = $this->browser->request('GET', "/boards/$id/finding?open=pins.boot-twitch:A3");
        $page = $this->browser->click($finding->selectLink('Show me on the bench')->link());
        self::assertStringContainsString('“Fan heater” moves before any program runs', $page->filter('.shown-says')->text());
        $halves = $page->filter('.shown-half');
        self::assertCount(2, $halves);
        self::assertStringContainsString(
            '“Fan heater” pulls in.',
            $halves->eq(0)->filter('.told-all .is-broken')->text() . $halves->eq(0)->text(),
        );
        self::assertStringNotContainsString('“Fan heater” pulls in.', $halves->eq(1)->text());
        self::assertStringContainsString('Seat it on GPIO26', $halves->eq(1)->filter('h2')->text());
        self::assertCount(1, $halves->eq(0)->filter('.bench-relay.pointed'));
        self::assertContains('relay A3', array_column((array) json_decode((string) $halves->eq(0)->attr('data-play'), true), 1));
        // What cannot be shown says so, and what is gone too.
        $this->browser->request('GET', "/boards/$id/bench/show?finding=mains.fuse-breaking:X");
        self::assertStringContainsString('This finding is gone', $this->page());
    }

    public function testAFailingCellOpensWhereItFails(): void
    {
        $opened = $this->shelved(BenchDesk::demo('aquarium'));
        $id = $opened->record->id();
        $this->browser->request('POST', "/boards/$id/trial");
        $page = $this->bench($id);
        self::assertCount(17, $page->filter('.trial-table a'));
        $cell = $this->browser->click($page->filter('.trial-table a')->link());
        self::assertSame('“Front light”, push button, the wireless network is gone', $cell->filter('h1')->text());
        self::assertStringContainsString('The moment at which it fails: 0.3', $cell->filter('.bench-back')->text());
        self::assertSame('0', self::state($cell, 'appliance L1'));
        $other = $this->browser->click($cell->filter('#ledger .moment')->link());
        self::assertStringContainsString('A moment of this cell', $other->filter('.bench-back')->text());
        $this->browser->request('GET', "/boards/$id/bench/trial/999");
        self::assertResponseStatusCodeSame(404);
    }

    public function testItIsSaidWhatChangedSinceATrialPassed(): void
    {
        $opened = $this->shelved(BenchDesk::demo('fermentation'));
        $id = $opened->record->id();
        $this->browser->request('POST', "/boards/$id/trial");
        self::assertCount(0, $this->bench($id)->filter('.since'));
        $second = $this->store->apply($id, $opened->revision->id(), new RenameLine('L1', 'Belt'));
        $this->store->apply($id, $second->revision->id(), new RenameLine('L2', 'Cold'));
        $since = $this->bench($id)->filter('.since')->text();
        self::assertStringContainsString('It last passed on revision 1. Since then: ', $since);
        self::assertMatchesRegularExpression('/Cold.*\(3\).*Belt.*\(2\)\.$/u', $since);
    }

    public function testABoardWithoutLinesHasNothingOnTheBench(): void
    {
        $id = $this->shelved(TestBoards::bare())->record->id();
        self::assertCount(0, $this->bench($id)->filter('#live, #shows'));
    }
}
