<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Lines\AddLines;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Pins\FreezePins;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class ControlsTest extends BoardTestCase
{
    public function testTheMatrixNamesEveryLineOnEverySurface(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::operatedInManyWays(), new TellSurface('S11', address: 'own/#')));
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/controls?open=S11');
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('Isolate and prove dead', $crawler->filter('#main .caution')->text());
        self::assertCount(9, $crawler->filter('.matrix > thead th'), 'The line, seven surfaces, and how far it is reached.');
        self::assertCount(20, $crawler->filter('.matrix .tagged'), 'One tag for each surface.');
        $tag = $crawler->filter('.tagged.here');
        self::assertStringContainsString('broken:', $tag->text());
        self::assertStringContainsString('own', $tag->text());
        self::assertSame('own/#', $crawler->filter('#entry-S11 input[name=address]')->attr('value'));
        self::assertSame(
            'turn on Lamp',
            $crawler->filter('#entry-S18 input[name=on]')->attr('placeholder'),
            'What is derived stands where the own one would.',
        );
        self::assertStringContainsString('by 6', $crawler->filter('.reach')->eq(0)->text());
        self::assertStringContainsString('3 of 5 places', $crawler->filter('.matrix > thead')->text());
    }

    public function testAReceiverLogIsReadAndItsKeysAreAssigned(): void
    {
        $opened = $this->shelved(TestBoards::operatedInManyWays());
        $post = fn(array $fields) => $this->browser->request(
            'POST',
            '/boards/' . $opened->record->id() . '/receiver-log',
            ['base' => $this->head($opened)->revision->id(), 'open' => 'infrared', 'text' => "BF410EF\nFFFFFFFF\nBF430CF\n", ...$fields],
        );
        $rows = $post([])->filter('#infrared tbody tr')
            ->each(static fn($row): string => $row->filter('th')->text() . ' ' . $row->filter('td')->eq(1)->text());
        self::assertSame(['0x0BF410EF nobody yet', '0x0BF430CF Lamp'], $rows);
        $crawler = $post(['surface' => 'S6', 'code' => '0x0BF410EF', 'encoding' => '32-bit pulse distance', 'bits' => '32']);
        self::assertSame('Extractor fan', $crawler->filter('#infrared tbody tr')->eq(0)->filter('td')->eq(1)->text(), 'The log stays.');
        self::assertSame('0BF410EF', $this->head($opened)->board->lines['L3']->surfaces['S6']->code?->value);
        $crawler = $post(['press' => '3']);
        self::assertStringEndsWith("key 3: 0x0BF452AD\nFFFFFFFF\n", $crawler->filter('#infrared textarea')->text(null, false));
        $crawler = $post(['text' => 'hello']);
        self::assertResponseStatusCodeSame(422);
        self::assertSame('hello', $crawler->filter('#infrared textarea')->text(), 'What was pasted stays.');
        self::assertStringContainsString('There is no code in this text', $crawler->filter('#notice')->text());
    }

    /** As many keys as lines, pressed one after the other, are given to them in one step. */
    public function testKeysAreAssignedInTheirOrder(): void
    {
        $opened = $this->shelved(TestBoards::edited(
            TestBoards::bare(),
            new AddLines(['Lamp', 'Fan', 'Pump'], TestBoards::part('led-lamp', Appliance::class)),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new AddSurface('L2', SurfaceKind::InfraredKey),
            new AddSurface('L3', SurfaceKind::InfraredKey),
        ));
        $post = fn(array $fields) => $this->browser->request('POST', '/boards/' . $opened->record->id() . '/receiver-log', [
            'base' => $this->head($opened)->revision->id(), 'open' => 'infrared', 'text' => "BF410EF\nFFFFFFFF\nBF430CF\n", ...$fields,
        ]);
        $crawler = $post([]);
        self::assertSame(
            'Save the 2 in this order: Lamp, Fan',
            preg_replace('/\s+/', ' ', $crawler->filter('#infrared button[name=order]')->text()),
        );
        self::assertSame(
            ['Lamp (no key yet)', 'Fan (no key yet)'],
            $crawler->filter('#infrared select option[selected]')->each(static fn($option): string => $option->text()),
            'The next line is preselected for the next key.',
        );
        $crawler = $post(['order' => '1']);
        $codes = array_map(
            static fn(Line $line): ?string => array_values($line->surfaces)[0]->code?->value,
            array_values($this->head($opened)->board->lines),
        );
        self::assertSame(['0BF410EF', '0BF430CF', null], $codes);
        self::assertCount(2, $crawler->filter('#infrared tbody tr'), 'The log stays.');
        $post(['order' => '1']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('every key of the log a line', $this->page());
    }

    public function testDriftIsShownAndAdoptedUnlessThePinsAreFrozen(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::operatedInManyWays(), new FreezePins()));
        $post = fn(array $fields) => $this->browser->request(
            'POST',
            '/boards/' . $opened->record->id() . '/drift',
            ['base' => $this->head($opened)->revision->id(), 'text' => "LAMP_PIN = 25\nDEBOUNCE_MS = 50", ...$fields],
        );
        $crawler = $post([]);
        self::assertStringContainsString('LAMP_PIN', $crawler->filter('#drift tbody tr')->eq(0)->text());
        $post(['adopt' => 'LAMP_PIN']);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('#notice', 'The pin map is frozen');
        self::assertSame('GPIO23', $this->head($opened)->board->seats['F1']->pin);
        $post(['adopt' => 'DEBOUNCE_MS']);
        self::assertSame(0.05, $this->head($opened)->board->program->firmware?->debounceSeconds);
        $post(['adopt' => 'NOTHING']);
        self::assertSelectorTextContains('#notice', 'Change it in the program instead');
        $post(['text' => '']);
        self::assertSelectorTextContains('#notice', 'There is no constant in this text');
    }

    public function testEverythingIsHandedOverWithItsHeadlineAndWithoutASecret(): void
    {
        $opened = $this->shelved(TestBoards::operatedInManyWays());
        $base = '/boards/' . $opened->record->id();
        $constants = Constants::of(new Inspection($opened->board));
        foreach (['h', 'env', 'json'] as $form) {
            $this->browser->request('GET', $base . '/exports/constants.' . $form);
            self::assertResponseIsSuccessful();
            self::assertStringContainsString('Constants of Bare, ', $this->page());
            self::assertStringNotContainsString('PASSWORD', $this->page());
            self::assertSame(array_keys($constants), array_keys(ConstantsFile::read($this->page())));
        }
        $this->browser->request('GET', $base . '/exports/secrets.h');
        self::assertStringContainsString('NETWORK_PASSWORD = "FILL IN', $this->page());
        foreach (['hand', 'F12', 'C1', 'C2', 'C3', 'C4', 'own'] as $column) {
            $crawler = $this->browser->request('GET', $base . '/sheets/' . $column);
            self::assertResponseIsSuccessful($column);
            self::assertStringContainsString('Isolate and prove dead', $crawler->filter('.caution')->text(), $column);
            self::assertStringContainsString('rule book ' . RuleBook::VERSION, $crawler->filter('#main')->text());
            self::assertGreaterThan(0, $crawler->filter('tbody input[type=checkbox]')->count());
            $this->browser->request('GET', $base . '/exports/sheet:' . $column);
            self::assertStringStartsWith('"Set-up of ', $this->page());
        }
        $this->browser->request('GET', $base . '/sheets/C9');
        self::assertResponseStatusCodeSame(404);
    }

    /** The danger is on every screen and sheet that touches mains. */
    public function testTheCautionStandsOnEveryScreenThatTouchesMains(): void
    {
        $opened = $this->shelved(TestBoards::operatedInManyWays());
        foreach (['lines', 'mains', 'controls'] as $view) {
            $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/' . $view);
            self::assertStringContainsString('Isolate and prove dead', $crawler->filter('.caution')->text(), $view);
        }
    }

    public function testFormsOfTheCardAndThePanelsMakeTheirEdits(): void
    {
        $opened = $this->shelved(TestBoards::edited(TestBoards::operatedInManyWays(), new RenameLine('L1', 'Lamp')));
        foreach ([
            [
                'tell-surface',
                ['surface' => 'S11', 'operation' => '', 'address' => 'a/b', 'on' => '1', 'off' => '', 'promisesFeedback' => '1'],
            ],
            ['assign-code', ['surface' => 'S5', 'code' => '0xbf410ef', 'encoding' => '32-bit pulse distance', 'bits' => '32']],
            ['set-thresholds', ['surface' => 'S3', 'percent' => ['20', '70']]],
            ['add-channel', ['profile' => 'web-request', 'name' => 'Web']],
            ['change-channel', ['channel' => 'C5', 'name' => 'Web page', 'blockSeconds' => '200 ms']],
            ['put-on-channel', ['channel' => 'C5', 'lines' => ['L1', 'L2']]],
            ['add-line-group', ['kind' => 'room', 'name' => 'Hall', 'switchesOn' => '0', 'lines' => ['L1', 'L2'], 'channels' => ['C5']]],
            ['change-line-group', ['group' => 'K3', 'name' => 'Hall', 'switchesOn' => '0', 'lines' => ['L1', 'L2', 'L3']]],
            ['state-stagger', ['seconds' => '400 ms']],
            ['add-switch-time', ['surface' => 'S4', 'at' => '12:00', 'on' => '1', 'days' => 'Monday to Friday']],
            ['remove-switch-time', ['surface' => 'S4', 'at' => '06:30', 'days' => 'every day']],
            ['state-clock', ['surfaces' => ['S4'], 'clock' => 'a clock module with its own cell', 'missed' => '']],
            [
                'state-firmware',
                ['facts' => [
                    'boardPackage' => 'core 4',
                    'boardType' => '',
                    'partitions' => '',
                    'consoleRate' => '115200',
                    'radioRate' => '19200',
                    'debounceSeconds' => '25 ms',
                    'libraries' => [['name' => 'clock', 'version' => '2'], ['name' => '', 'version' => '']],
                ]],
            ],
            ['add-surface', ['line' => 'L1', 'kind' => 'timer', 'sharedFunction' => '']],
            ['state-safety', ['lines' => ['L1'], 'barredFromGroups' => '1', 'restore' => '']],
        ] as [$edit, $fields]) {
            $this->edit($this->head($opened), $edit, $fields);
            self::assertResponseIsSuccessful($edit);
        }
        $board = $this->head($opened)->board;
        $topic = $board->lines['L1']->surfaces['S11'];
        self::assertSame(
            ['a/b', '1', '', true, null],
            [$topic->address, $topic->on, $topic->off, $topic->promisesFeedback, $topic->operation],
        );
        self::assertSame(['Web page', 0.2], [$board->channels['C5']->name, $board->channels['C5']->blockSeconds?->value]);
        self::assertSame(
            [['L1', 'L2', 'L3'], [], false],
            [$board->lineGroups['K3']->lines, $board->lineGroups['K3']->channels, $board->lineGroups['K3']->switchesOn],
        );
        self::assertSame(
            [0.4, 19_200, 0.025, 1],
            [
                $board->program->staggerSeconds?->value,
                $board->program->firmware?->radioRate,
                $board->program->firmware?->debounceSeconds,
                count($board->program->firmware->libraries ?? []),
            ],
        );
        self::assertTrue($board->lines['L1']->safety?->barredFromGroups?->value);
        self::assertSame('0BF410EF', $board->lines['L1']->surfaces['S5']->code?->value);
    }

    /** A maker’s own service: copied from a shipped profile, changed, kept, and used on a board at once. */
    public function testAProfileOfOnesOwnIsUsedLikeAShippedOne(): void
    {
        $document = $this->browser->request('GET', '/catalogue/numbered-service/copy')->filter('textarea')->text(null, false);
        $document = str_replace(
            ['"capacity": 5', '"address": "{n}"', '"numbersPins": true', '"addressing": "number"'],
            ['"capacity": 2', '"address": "{root}-{line}"', '"numbersPins": false', '"addressing": "topic"'],
            $document,
        );
        $this->browser->request('POST', '/catalogue', ['document' => $document]);
        self::assertResponseRedirects('/catalogue/my-numbered-service');
        $opened = $this->shelved(TestBoards::sound());
        $this->edit($opened, 'add-channel', ['profile' => 'my-numbered-service', 'name' => 'Mine', 'root' => 'attic']);
        $this->edit($this->head($opened), 'put-on-channel', ['channel' => 'C1', 'lines' => ['L1', 'L2']]);
        $crawler = $this->browser->request('GET', '/boards/' . $opened->record->id() . '/controls');
        self::assertStringContainsString('attic-Lamp', $crawler->filter('.matrix')->text());
        self::assertStringContainsString('2 of 2 places', $crawler->filter('.matrix')->text());

        $this->browser->request(
            'POST',
            '/catalogue',
            ['document' => str_replace('"operations": [', '"operations": [], "x": [', $document)],
        );
        self::assertResponseStatusCodeSame(422);
    }

    public function testWhatIsRefusedLosesNothing(): void
    {
        $opened = $this->shelved(TestBoards::operatedInManyWays());
        foreach ([
            [
                'assign-code',
                ['surface' => 'S5', 'code' => 'my key', 'encoding' => '32-bit pulse distance', 'bits' => '32'],
                'Write it in hexadecimal',
            ],
            ['change-channel', ['channel' => 'C2', 'name' => '', 'blockSeconds' => '5000 s'], 'between 0 and an hour'],
            ['add-line-group', ['kind' => 'room', 'name' => 'Bath'], 'at least two lines'],
            ['add-surface', ['line' => 'L1', 'kind' => 'knob', 'sharedFunction' => ''], 'add one on Pins first'],
            ['set-thresholds', ['surface' => 'S3', 'percent' => ['x', '50']], 'whole number'],
            ['state-stagger', ['seconds' => 'soon'], 'soon'],
            ['add-switch-time', ['surface' => 'S4', 'at' => '7.30', 'on' => '1', 'days' => 'every day'], 'written like 07:30'],
            ['add-switch-time', ['surface' => 'S4', 'at' => '06:30', 'on' => '0', 'days' => 'every day'], 'Take one away first'],
            ['remove-switch-time', ['surface' => 'S4', 'at' => '11:11', 'days' => 'every day'], 'has no time 11:11'],
            [
                'state-sensor-rule',
                ['surface' => 'S4', 'sensed' => 'temperature', 'onCelsius' => '20', 'offCelsius' => '21'],
                'only a sensor that operates a line has',
            ],
            ['state-firmware', ['facts' => ['consoleRate' => '7']], 'Usual are 9600 and 115200'],
        ] as [$edit, $fields, $words]) {
            $this->edit($this->head($opened), $edit, $fields);
            self::assertResponseStatusCodeSame(422, $edit);
            self::assertStringContainsString($words, $this->page(), $edit);
        }
        self::assertSame($opened->revision->id(), $this->head($opened)->revision->id());
    }

    /** What a form looks up was typed by nobody: a blank that a profile puts between words is no slip. */
    public function testAProfileComesToTheBoardAsTheCatalogueHasIt(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach (TestBoards::catalogue()->parts(SurfaceProfile::class) as $id => $profile) {
            $this->browser->request('POST', '/boards/' . $opened->record->id() . '/edits', [
                'base' => $this->head($opened)->revision->id(),
                'view' => 'controls',
                'edit' => 'add-channel',
                'profile' => $id,
                'name' => 'Far ' . $id,
            ]);
            $board = $this->head($opened)->board;
            self::assertEquals($profile, $board->parts[$id] ?? null, $id);
        }
        self::assertCount(16, $this->head($opened)->board->channels);
    }

    public function testAnOutageIsTriedAndItsLinesAreStruckThrough(): void
    {
        $opened = $this->shelved(Starts::chain());
        $page = fn(string $open) => $this->browser->request('GET', '/boards/' . $opened->record->id() . '/controls?open=' . $open);
        $crawler = $page('out-C2-machine-in-the-house');
        self::assertSame('Tried: the machine of “Rules” is off.', substr($crawler->filter('.levers')->text(), 0, 41));
        self::assertCount(2, $crawler->filter('.tagged.dark'), 'The voice, and the rules themselves; the broker acts.');
        self::assertStringContainsString('by 2 of 4', $crawler->filter('.reach')->eq(0)->text());
        self::assertCount(0, $page('out-nothing')->filter('.levers'));
        $way = $page('S3')->filter('.way .hop');
        self::assertSame(['Voice', 'Rules', 'Broker', 'Bare'], $way->each(static fn($hop): string => $hop->filter('b')->text()));
        self::assertStringContainsString('run the rule “Lamp on”', $way->eq(1)->text());
        $table = $page('outages')->filter('.outages tbody tr');
        self::assertSame('The machine of “Rules” is off', $table->eq(3)->filter('th')->text());
        self::assertSame(
            ['by 2not by Voice, Rules', 'by 1all act'],
            $table->eq(3)->filter('td')->each(static fn($cell): string => $cell->text()),
        );
    }
}
