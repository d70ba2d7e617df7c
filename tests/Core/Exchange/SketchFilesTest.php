<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Exchange\Firmware\LinkTables;
use IronLatch\Core\Exchange\Firmware\PanelPage;
use IronLatch\Core\Exchange\Firmware\ProgramChange;
use IronLatch\Core\Exchange\Firmware\ProgramFiles;
use IronLatch\Core\Exchange\Firmware\ProgramTables;
use IronLatch\Core\Exchange\Firmware\ProgramWords;
use IronLatch\Core\Exchange\Firmware\SerialLine;
use IronLatch\Core\Exchange\Firmware\SketchChip;
use IronLatch\Core\Exchange\Firmware\SketchFiles;
use IronLatch\Core\Exchange\Firmware\Way;
use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Program\ChannelPlan;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\SketchBoards;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a board brings to the sketch of its controller, read off by hand. */
final class SketchFilesTest extends TestCase
{
    private const TEMPLATE = '<html lang="en"><title>{{title}}</title><style>s</style><script>const board = {{board}};</script></html>';

    private static function utility(): Inspection
    {
        return new Inspection(BenchDesk::demo('utility-room'));
    }

    public function testEachChannelHasItsWay(): void
    {
        // What hands on comes by the hop that it hands on to.
        self::assertSame(['C1' => Way::Broker, 'C5' => Way::Panel], Way::all(self::utility()));
        self::assertSame(['C1', 'C5'], Way::reached(self::utility()));
        $words = ProgramWords::ofWays(self::utility());
        self::assertSame([
            '“House broker” is sought in steps of the loop, after 1 s, then twice as long each time up to 60 s; no switch waits for it.',
            '“Pocket panel” is served by the board itself, to whoever has its key.',
        ], $words);
    }

    public function testWhatIsOutsideTheHouseIsNotReached(): void
    {
        $board = TestBoards::bare();
        foreach ([
            'outside-broker', 'message-broker', 'serial-radio-text', 'serial-radio-words', 'numbered-service', 'own-panel', 'own-panel',
        ] as $kind) {
            $profile = TestBoards::part($kind, SurfaceProfile::class);
            $board = TestBoards::edited($board, new AddChannel($profile, $kind . count($board->channels)));
        }
        $inspection = self::withLine($board);
        self::assertSame([
            Way::Nothing, Way::Broker, Way::Serial, Way::Nothing, Way::Nothing, Way::Panel, Way::Nothing,
        ], array_values(Way::all($inspection)), 'One serial line, one panel.');
        self::assertSame(['C2', 'C3', 'C6'], Way::reached($inspection));
        self::assertSame('“X” is not reached by this program: nothing is heard or told there.', Way::Nothing->words('X'));
        self::assertSame('“X” is heard on the serial line.', Way::Serial->words('X'));
        self::assertStringEndsWith('up to 60 s; a switch waits 40 ms for it at most.', Way::Broker->words('X', 40));
        // A chip without a radio has its serial line alone.
        $without = TestBoards::bare('rp2040-carrier-40', 'rp2040');
        foreach (['message-broker', 'serial-radio-text', 'own-panel'] as $kind) {
            $without = TestBoards::edited($without, new AddChannel(TestBoards::part($kind, SurfaceProfile::class), $kind));
        }
        self::assertSame(['C2'], Way::reached(self::withLine($without)));
        self::assertSame([], Way::reached(new Inspection($without)), 'Without pins nothing is heard.');
    }

    /** With the two pins of a serial radio. */
    private static function withLine(Board $board): Inspection
    {
        $board = TestBoards::edited(
            $board,
            new AddFunction(FunctionKind::UartReceive, 'Radio hears'),
            new AddFunction(FunctionKind::UartTransmit, 'Radio says'),
        );

        return new Inspection((new Inspection($board))->plan->edit()->apply($board));
    }

    /**
     * @return iterable<string, array{string, string, string, string, ?array{string, string}}>
     */
    public static function lines(): iterable
    {
        $rate = 'latch::board::SERIAL_RATE';
        yield 'anywhere' => ['esp32-carrier-38', 'esp32', 'GPIO16', 'GPIO17', ['Serial1', "Serial1.begin($rate, SERIAL_8N1, 16, 17)"]];
        yield 'hears alone' => ['esp32-carrier-38', 'esp32', 'GPIO16', '', ['Serial1', "Serial1.begin($rate, SERIAL_8N1, 16, -1)"]];
        yield 'its own two' => ['esp8266-carrier-30', 'esp8266', 'GPIO3', 'GPIO1', ['Serial', "Serial.begin($rate)"]];
        yield 'one of them' => [
            'esp8266-carrier-30', 'esp8266', 'GPIO3', '', ['Serial', "Serial.begin($rate, SERIAL_8N1, SERIAL_RX_ONLY)"],
        ];
        yield 'elsewhere' => ['esp8266-carrier-30', 'esp8266', 'GPIO13', 'GPIO15', null];
        yield 'the first unit' => ['rp2040-carrier-40', 'rp2040', 'GPIO1', 'GPIO0', [
            'Serial1', "Serial1.setRX(1), Serial1.setTX(0), Serial1.begin($rate)",
        ]];
        yield 'the second unit' => ['rp2040-carrier-40', 'rp2040', 'GPIO5', '', [
            'Serial2', "Serial2.setRX(5), Serial2.setTX(UART_PIN_NOT_DEFINED), Serial2.begin($rate)",
        ]];
        yield 'two units' => ['rp2040-carrier-40', 'rp2040', 'GPIO1', 'GPIO4', null];
    }

    /**
     * @param ?array{string, string} $line
     */
    #[DataProvider('lines')]
    public function testASerialRadioIsHeardOnItsOwnPins(string $carrier, string $chip, string $receives, string $sends, ?array $line): void
    {
        $controller = TestBoards::bare($carrier, $chip)->controller();
        $pin = static fn(string $name): ?Pin => array_values(array_filter(
            $controller->pins,
            static fn(Pin $pin): bool => $pin->chip->name === $name,
        ))[0] ?? null;
        self::assertSame($line, SketchChip::from($chip)->line($pin($receives), $pin($sends)));
    }

    /** What sits where the console would speak keeps its pin, and that is said. */
    public function testNothingIsSpokenOnAPinThatSomethingElseSitsOn(): void
    {
        $lamp = static fn(string $carrier, string $chip): Board => TestBoards::edited(
            TestBoards::bare($carrier, $chip),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
        );
        $on = static fn(Board $board, string $pin): SerialLine => SerialLine::of(new Inspection(
            TestBoards::edited($board, new SeatFunction('F1', $pin)),
        ));
        $esp = $lamp('esp8266-carrier-30', 'esp8266');
        $free = $on($esp, 'D1');
        self::assertSame(
            [true, true, 'Serial.begin(latch::board::SERIAL_RATE)', ''],
            [$free->hears, $free->says, $free->begins, $free->words()],
        );
        $taken = $on($esp, 'TX');
        self::assertSame([false, false, '(void)0', ['Lamp relay']], [$taken->hears, $taken->says, $taken->begins, $taken->taken]);
        self::assertStringContainsString('“Lamp relay” sits on its pins', $taken->words());
        $avr = $lamp('atmega328p-carrier-30', 'atmega328p');
        self::assertSame([true, false], [$on($avr, 'PD1')->hears, $on($avr, 'PD1')->says], 'D1 sends.');
        self::assertSame([false, true], [$on($avr, 'PD0')->hears, $on($avr, 'PD0')->says], 'D0 receives.');
    }

    /** What a core does not let be set is not said to be set. */
    public function testAHungLoopIsResetAfterWhatItsCoreLets(): void
    {
        $after = static fn(string $chip, int $wanted): int => SketchChip::from($chip)->watchdogMilliseconds($wanted);
        self::assertSame([3_000, 5_000, 5_000, 2_000, 8_300], [
            $after('esp8266', 2_000), $after('esp32', 2_000), $after('esp32-c3', 9_000), $after('rp2040', 2_000),
            $after('rp2040-radio', 9_000),
        ]);
        self::assertSame([40, 0, 0, 40], array_map(
            static fn(string $chip): int => SketchChip::from($chip)->connectMilliseconds(),
            ['esp8266', 'esp32', 'esp32-s3', 'rp2040-radio'],
        ));
        self::assertSame(2_000, ProgramFiles::watchdogMilliseconds(new Inspection(BenchDesk::demo('fermentation'))));
        self::assertSame(5_000, ProgramFiles::watchdogMilliseconds(self::utility()));
    }

    /** Where names are announced and shown, another name is another program. */
    public function testANewNameIsANewProgramWhereItIsShown(): void
    {
        $renamed = static fn(string $demo): ProgramChange => ProgramChange::ofBoards(
            BenchDesk::demo($demo),
            TestBoards::edited(BenchDesk::demo($demo), new RenameLine('L2', 'Something else')),
        );
        self::assertFalse($renamed('utility-room')->isSame);
        self::assertTrue($renamed('fermentation')->isSame, 'Without a network it is documentation.');
    }

    public function testTheProgramNeverWaitsAndSeeksOnlyWhatItReaches(): void
    {
        $board = TestBoards::edited(BenchDesk::demo('first-try'));
        $inspection = new Inspection($board);
        $stated = ProgramPlan::of($board, $inspection->controls);
        $built = ProgramFiles::plan($inspection);
        self::assertSame(array_keys($stated->channels), array_keys($built->channels));
        $reached = Way::reached($inspection);
        foreach ($built->channels as $id => $channel) {
            self::assertSame(0, $channel->blockMicros, $id);
            self::assertSame($stated->channels[$id]->connects && in_array($id, $reached, true), $channel->connects, $id);
            self::assertEquals($stated->channels[$id]->messages, $channel->messages);
        }
        $waits = array_map(static fn(ChannelPlan $one): int => $one->blockMicros, $stated->channels);
        self::assertGreaterThan(0, max([0, ...array_values($waits)]), 'The board states that it waits.');
    }

    public function testItsLinksAreWrittenRowByRow(): void
    {
        $inspection = self::utility();
        $tables = ProgramTables::of(ProgramFiles::plan($inspection));
        $links = LinkTables::of($inspection, $tables, 'a page');
        self::assertSame(['BY_BROKER,', 'BY_PANEL,'], $links->rows['WAYS']);
        self::assertSame('{0, ABOUT_0, ABOUT_SAYS_0},', $links->rows['ANNOUNCEMENTS'][0]);
        self::assertCount(6, $links->rows['ANNOUNCEMENTS']);
        self::assertSame('alder-row/utility/dehumidifier/about', $links->texts['ABOUT_0']);
        self::assertStringContainsString('"name": "Dehumidifier"', $links->texts['ABOUT_SAYS_0']);
        self::assertSame('a page', $links->texts['PANEL_PAGE']);
        // The longest text is a topic of 44 letters; 16 more are room for what is around it.
        self::assertSame([
            'BROKER_COUNT' => 1, 'ANNOUNCEMENT_COUNT' => 6, 'PANEL_CHANNEL' => 1, 'PANEL_BYTES' => 6, 'LINK_BYTES' => 1024,
            'TOPIC_BYTES' => 60, 'PAYLOAD_BYTES' => 64,
        ], $links->numbers);
        $sound = new Inspection(TestBoards::sound());
        $none = LinkTables::of($sound, ProgramTables::of(ProgramFiles::plan($sound)));
        self::assertSame([0, 0, 255, 0, 1024], array_slice(array_values($none->numbers), 0, 5));
    }

    public function testThePanelHasARowForEachLineThatIsOnIt(): void
    {
        $inspection = self::utility();
        self::assertSame('C5', PanelPage::channel($inspection));
        $page = PanelPage::of($inspection, self::TEMPLATE);
        self::assertStringStartsWith('<html lang="en"><title>Utility room board</title>', $page);
        self::assertStringContainsString('<script>const board = {"lines":[{"name":"Dehumidifier",', $page);
        $data = self::data($inspection->board);
        self::assertSame(
            ['dehumidifier', 'extractor-fan', 'water-valve', 'worktop-lamp', 'boiler-cupboard-vent'],
            array_column($data['lines'], 'address'),
        );
        self::assertSame([
            'name' => 'Extractor fan', 'address' => 'extractor-fan', 'on' => 'on', 'off' => 'off', 'toggle' => '', 'set' => '{value}',
            'steps' => 0, 'told' => 'on', 'tells' => 'extractor-fan', 'note' => '',
        ], $data['lines'][1]);
        self::assertSame([], $data['groups']);
        self::assertSame('', PanelPage::of(new Inspection(BenchDesk::demo('fermentation')), self::TEMPLATE));
        self::assertNull(PanelPage::channel(new Inspection(BenchDesk::demo('fermentation'))));
    }

    public function testWhatMustNotStartByItselfIsNotStartedFromThePanel(): void
    {
        $group = new AddLineGroup(LineGroupKind::All, 'All <of> it', ['L1', 'L5'], ['C5'], true);
        $board = TestBoards::edited(BenchDesk::demo('utility-room'), $group);
        $board = TestBoards::edited($board, new PutOnChannel('C5', ['L3']));
        $data = self::data($board);
        $rows = array_column($data['lines'], null, 'address');
        self::assertSame(['', 'off', 'Switched on by hand, at the board.'], [
            $rows['heated-airer']['on'], $rows['heated-airer']['off'], $rows['heated-airer']['note'],
        ]);
        self::assertSame(['All <of> it', 'on', 'off'], [$data['groups'][0]['name'], $data['groups'][0]['on'], $data['groups'][0]['off']]);
        // Whatever a name holds, it ends no script.
        self::assertStringNotContainsString('<of>', PanelPage::of(new Inspection($board), '{{board}}'));
    }

    /**
     * @return array{lines: list<array<string, int|string>>, groups: list<array<string, int|string>>}
     */
    private static function data(Board $board): array
    {
        /** @var array{lines: list<array<string, int|string>>, groups: list<array<string, int|string>>} $data */
        $data = json_decode(PanelPage::of(new Inspection($board), '{{board}}'), true);

        return $data;
    }

    /** The hashes are of what stands in the page (Content Security Policy Level 2, section 4.2.5, from memory). */
    public function testThePanelsHeadForbidsAllThatIsNotItsOwn(): void
    {
        $page = '<style>a{}</style><script>b()</script>é';
        $style = base64_encode(hash('sha256', 'a{}', true));
        $script = base64_encode(hash('sha256', 'b()', true));
        self::assertSame(implode("\r\n", [
            'HTTP/1.1 200 OK', 'Content-Type: text/html; charset=utf-8', 'Content-Length: 40',
            "Content-Security-Policy: default-src 'none'; style-src 'sha256-$style'; script-src 'sha256-$script'; connect-src 'self'; "
            . "img-src data:; form-action 'none'; base-uri 'none'; frame-ancestors 'none'",
            'X-Content-Type-Options: nosniff', 'Referrer-Policy: no-referrer', 'Cache-Control: no-store', 'Connection: close', '', '',
        ]), PanelPage::head($page));
        self::assertSame('', PanelPage::head(''));
        self::assertStringContainsString("style-src 'none'; script-src 'none'", PanelPage::policy('', 'self'));
        self::assertStringEndsWith("frame-ancestors 'self'", PanelPage::policy('', 'self'));
    }

    /**
     * @return iterable<string, array{string, string, string, string, bool, string}>
     */
    public static function chips(): iterable
    {
        $esp = '::Wire.begin(%d, %d)';
        yield 'esp8266' => ['esp8266', 'LATCH_ON_ESP8266', '0', 'configTime(TIME_ZONE, TIME_SERVER)', true, $esp];
        foreach (['esp32', 'esp32-s3', 'esp32-c3'] as $chip) {
            yield $chip => [$chip, 'LATCH_ON_ESP32', '1', 'configTzTime(TIME_ZONE, TIME_SERVER)', true, $esp];
        }
        $other = '::Wire.setSDA(%d), ::Wire.setSCL(%d), ::Wire.begin()';
        foreach (['rp2040' => false, 'rp2040-radio' => true] as $chip => $hasRadio) {
            $time = 'setenv("TZ", TIME_ZONE, 1), tzset(), NTP.begin(TIME_SERVER)';
            yield $chip => [$chip, 'LATCH_ON_RP2040', '1', $time, $hasRadio, $other];
        }
    }

    #[DataProvider('chips')]
    public function testEachControllerHasItsSketch(
        string $chip,
        string $macro,
        string $resolution,
        string $time,
        bool $hasRadio,
        string $bus,
    ): void {
        $board = SketchBoards::all()[$chip]();
        $inspection = new Inspection($board);
        $own = SketchChip::of($inspection);
        self::assertNotNull($own);
        self::assertSame([$macro, $hasRadio, $time], [$own->macro(), $own->hasRadio(), $own->asksTime()]);
        $files = SketchFiles::own($inspection, $own, ['A remark.'], 'HEADER');
        self::assertSame(
            ['bare/bare.ino', 'bare/src/latch/constants.h', 'bare_trial/bare_trial.ino', 'bare_trial/src/latch/constants.h']
                + ($hasRadio ? [4 => 'bare/secrets.example.h'] : []),
            array_keys($files),
        );
        $sketch = $files['bare/bare.ino'];
        self::assertSame('HEADER', $files['bare/src/latch/constants.h']);
        self::assertStringStartsWith("// A remark.\n", $sketch);
        foreach ([
            "#define $macro 1", '#define LATCH_HAS_NETWORK ' . (int) $hasRadio, '#define LATCH_HAS_TIMERS 0',
            '#define LATCH_ASK_TIME ' . $time, '#define LATCH_SETS_RESOLUTION ' . $resolution, '#define LATCH_HAS_BUS 1',
            'void setup() { job::begin(); }',
        ] as $line) {
            self::assertStringContainsString("$line\n", $sketch);
        }
        self::assertSame($hasRadio, str_contains($sketch, '#include "secrets.h"'));
        self::assertSame($hasRadio, str_contains($sketch, 'HOSTS[] = {HOUSE_BROKER_HOST};'));
        self::assertSame($hasRadio, str_contains($sketch, 'LOGINS[] = {{"", HOUSE_BROKER_USER, HOUSE_BROKER_PASSWORD}};'));
        self::assertSame($hasRadio, str_contains($sketch, 'PANEL_KEY = POCKET_PANEL_KEY;'));
        self::assertSame($hasRadio, str_contains($sketch, 'NETWORK = NETWORK_NAME;'));
        self::assertStringContainsString("#define LATCH_HAS_NETWORK 0\n", $files['bare_trial/bare_trial.ino'], 'A trial needs no network.');
        self::assertStringNotContainsString('secrets', $files['bare_trial/bare_trial.ino']);
        $pins = array_map(static fn($pin): string => $pin->chip->name, $inspection->seating->pins);
        $numbers = [];
        foreach ($board->functions as $id => $function) {
            $numbers[$function->kind->value] = (int) preg_replace('/\D/', '', $pins[$id] ?? '0');
        }
        $begins = sprintf($bus, $numbers['I2C data'] ?? -1, $numbers['I2C clock'] ?? -1);
        self::assertStringContainsString("#define LATCH_BEGIN_BUS $begins\n", $sketch);
    }

    public function testWhatWasTriedIsSaidChipByChip(): void
    {
        foreach (['esp8266' => 'ESP8266', 'esp32-c3' => 'ESP32-C3', 'rp2040' => 'RP2040', 'rp2040-radio' => 'RP2040'] as $chip => $name) {
            self::assertSame(
                "Compiled here for the core of the $name, and not linked with it; run on a computer, not on the chip.",
                SketchChip::from($chip)->tried(),
            );
        }
        foreach (['esp32', 'esp32-s3'] as $chip) {
            self::assertStringStartsWith('Run here on a computer, not on the chip; no compiler', SketchChip::from($chip)->tried());
        }
        self::assertNull(SketchChip::of(new Inspection(BenchDesk::demo('fermentation'))));
    }

    public function testItsArchiveHoldsWhatItNeedsAndNothingElse(): void
    {
        $utility = self::utility();
        self::assertSame([
            'utility_room_board/src/' => ['latch', 'loop', 'link', 'sketch'],
            'utility_room_board_trial/src/' => ['latch', 'loop', 'sketch', 'trial'],
        ], ProgramFiles::shared($utility));
        $wanted = static fn(Inspection $of, string ...$paths): array => array_map(
            static fn(string $path): bool => ProgramFiles::isWanted($of, $path),
            $paths,
        );
        self::assertSame([true, false, true, true], $wanted(
            $utility,
            'utility_room_board/src/loop/loop.cpp',
            'utility_room_board/src/loop/ways_serial.cpp',
            'utility_room_board/src/link/ways.cpp',
            'utility_room_board/src/sketch/network.h',
        ));
        self::assertSame([false, false, false, true, true], $wanted(
            $utility,
            'utility_room_board_trial/src/loop/loop.cpp',
            'utility_room_board_trial/src/latch/program.cpp',
            'utility_room_board_trial/src/sketch/network.h',
            'utility_room_board_trial/src/loop/expanders.cpp',
            'utility_room_board_trial/src/latch/infrared.cpp',
        ));
        $small = new Inspection(SketchBoards::all()['rp2040']());
        self::assertSame(['latch', 'loop', 'sketch'], ProgramFiles::shared($small)['bare/src/']);
        self::assertSame([true, false], $wanted($small, 'bare/src/loop/ways_serial.cpp', 'bare/src/sketch/join.h'));
        $avr = new Inspection(BenchDesk::demo('fermentation'));
        self::assertSame(['' => ['latch', 'loop', 'avr', 'trial']], ProgramFiles::shared($avr));
        self::assertSame([true, true], $wanted($avr, 'loop/loop.cpp', 'loop/ways_serial.cpp'));
        self::assertTrue(ProgramFiles::isShared('avr/main.cpp') && ProgramFiles::isShared('a/src/link/broker.h'));
        foreach (['constants.h', 'a/src/latch/constants.h', 'a/a.ino'] as $own) {
            self::assertFalse(ProgramFiles::isShared($own), $own);
        }
    }

    public function testItsReadmeSaysWhatHasToBeDone(): void
    {
        $files = ProgramFiles::own(self::utility(), [], [], 'the stamp', self::TEMPLATE);
        self::assertSame('README.md', array_key_first($files));
        self::assertStringStartsWith('<html lang="en"><title>Utility room board', $files['panel.html']);
        foreach ([
            'Open `utility_room_board_trial/utility_room_board_trial.ino`', 'copy it to' . "\n" . '`secrets.h`', '## Ways', '## Sensors',
            '“Humidity sensor” is read in parts of the supply: 0 % at 0 V, 100 % at the supply.',
            '“Leak probe” says yes when its pin is low.',
            'Run here on a computer, not on the chip', '`utility_room_board/src/latch/constants.h`',
        ] as $says) {
            self::assertStringContainsString($says, $files['README.md']);
        }
        self::assertStringNotContainsString('NAME', strtr($files['README.md'], ['NETWORK_NAME' => '']));
        self::assertStringContainsString('constexpr uint8_t PANEL_CHANNEL = 1;', $files['utility_room_board/src/latch/constants.h']);
        $plain = ProgramFiles::own(new Inspection(BenchDesk::demo('fermentation')), [], [], '', self::TEMPLATE);
        self::assertArrayNotHasKey('panel.html', $plain);
        self::assertStringNotContainsString('## Ways', $plain['README.md']);
    }

    public function testTimersNeedATime(): void
    {
        $aquarium = new Inspection(BenchDesk::demo('aquarium'));
        $says = 'The time comes from the time server of its secrets: until it is known, timers do nothing.';
        self::assertContains($says, ProgramWords::ofWays($aquarium));
        self::assertSame(['TIME_SERVER', 'TIME_ZONE', 'PAIRING_SECRET'], array_slice(Secrets::names($aquarium->board), -3));
        $own = SketchChip::of($aquarium);
        self::assertNotNull($own);
        $name = SketchFiles::name($aquarium);
        self::assertStringContainsString("#define LATCH_HAS_TIMERS 1\n", SketchFiles::own($aquarium, $own, [], '')["$name/$name.ino"]);
        self::assertNotContains('TIME_SERVER', Secrets::names(self::utility()->board));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function names(): iterable
    {
        yield 'blanks and signs' => [' Lamps & co. ', 'lamps_co'];
        yield 'a number first' => ['3 lamps', 'board_3_lamps'];
        yield 'nothing that is a letter' => ['灯', 'board'];
    }

    #[DataProvider('names')]
    public function testItsFolderIsCalledSoThatItOpens(string $name, string $folder): void
    {
        $board = Copy::of(TestBoards::bare(), ['name' => $name]);
        self::assertSame($folder, SketchFiles::name(new Inspection($board)));
    }
}
