<?php

declare(strict_types=1);

namespace IronLatch\Tests\Command;

use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Demo\DemoBoards;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

final class CheckCommandTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';

    /** What “First try” is there to show: rule, subject, kind, figure, and what only follows from something else. */
    public function testFirstTryReportsExactlyItsManifest(): void
    {
        $manifest = json_decode((string) file_get_contents(self::ROOT . '/demo/first-try.manifest.json'), true, flags: JSON_THROW_ON_ERROR);
        [$code, $output, $errors] = self::latch('check', self::ROOT . '/demo/first-try.json', '--format=json');
        $report = json_decode($output, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('', $errors);
        self::assertIsArray($manifest);
        self::assertIsArray($report);
        self::assertIsArray($report['findings']);
        $found = [];
        foreach ($report['findings'] as $finding) {
            self::assertIsArray($finding);
            $found[] = array_intersect_key($finding, ['rule' => 0, 'subject' => 0, 'kind' => 0, 'figure' => 0, 'followsFrom' => 0]);
        }
        self::assertSame($manifest['findings'], $found);
        self::assertSame($manifest['notChecked'], $report['notChecked']);
        self::assertSame(1, $code);
    }

    #[TestWith(['utility-room'])]
    #[TestWith(['fermentation'])]
    public function testTheSoundDemosAreSound(string $file): void
    {
        [$code, $output] = self::latch('check', self::ROOT . '/demo/' . $file . '.json', '--format=json');
        $report = json_decode($output, true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($report);
        self::assertSame([0, [], []], [$code, $report['findings'], $report['notChecked']]);
    }

    public function testTheAquariumCabinetIsHalfDone(): void
    {
        [$code, $output] = self::latch('check', self::ROOT . '/demo/aquarium.json');
        self::assertSame(1, $code);
        foreach ([
            'The fuse is rated 5 A; the thinnest wire of one line bears 2.6 A (0.5 mm², k = 0.87 in air of 40 °C).',
            '“Heater” heats, and nothing but the board switches it off.',
            'If “Return pump wall switch” stands closed at power-up it holds GPIO0 (printed D3) low',
            'at peak; Mains module 5 V, 3 W gives 600 mA',
            'While “Cabinet broker” reconnects, 6 controls on the board wait for up to 5 s.',
        ] as $said) {
            self::assertStringContainsString($said, $output);
        }
    }

    public function testTheDemoFilesAreThoseOfTheCode(): void
    {
        foreach ((new DemoBoards(TestBoards::catalogue()))->all() as $file => $board) {
            self::assertStringEqualsFile(self::ROOT . '/demo/' . $file . '.json', BoardJson::write($board));
        }
    }

    public function testTheTextNamesStagesFindingsAndWhatIsNotChecked(): void
    {
        [$code, $output] = self::latch('check', self::ROOT . '/demo/first-try.json');
        self::assertSame(1, $code);
        self::assertMatchesRegularExpression('/^Mains +open: \d+ danger/m', $output);
        self::assertStringContainsString('danger  “Window fan” is switched in the neutral', $output);
        self::assertStringContainsString('follows from drive.coil-on-pin:A1: broken', $output);
        self::assertStringNotContainsString('safe', $output);
    }

    public function testEverythingIsExported(): void
    {
        $file = self::ROOT . '/demo/utility-room.json';
        foreach ([
            'pins' => 'Pin list of Utility room board',
            'constants.h' => 'constexpr int32_t DEHUMIDIFIER_PIN = 23;',
            'constants.env' => 'DEHUMIDIFIER_PIN=23',
            'constants.json' => '"DEHUMIDIFIER_PIN": 23',
            'secrets.h' => 'HOUSE_BROKER_PASSWORD',
            'sheet:C1' => 'alder-row/utility/dehumidifier/set',
        ] as $what => $holds) {
            [$code, $output] = self::latch('export', $file, $what);
            self::assertSame(0, $code, $what);
            self::assertStringContainsString($holds, $output, $what);
        }
        [$code, $output] = self::latch('export', $file, 'sheet:C9');
        self::assertSame(2, $code);
        self::assertSame('', $output);
    }

    public function testReadsFromStandardInput(): void
    {
        $process = new Process(['php', self::ROOT . '/bin/latch', 'check', '-'], input: BoardJson::write(TestBoards::sound()));
        self::assertSame(0, $process->run(), $process->getErrorOutput());
        $process = new Process(
            ['php', self::ROOT . '/bin/latch', 'check', '-'],
            input: BoardJson::write(TestBoards::edited(TestBoards::sound(), new SetDriverValue(['A1'], 'baseOhms', 1e3))),
        );
        self::assertSame(0, $process->run(), 'A hint opens no latch.');
    }

    public function testWhatCannotBeReadEndsWithTwo(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'board');
        file_put_contents($file, substr(BoardJson::write(TestBoards::sound()), 0, 700));
        foreach ([
            [$file, 'not complete JSON'],
            ['/no/such/file', 'cannot be read. Name a board file.'],
            [self::ROOT, 'cannot be read'],
            [self::ROOT . '/composer.json', 'This is no board file'],
        ] as [$name, $sentence]) {
            [$code, $output, $errors] = self::latch('check', $name);
            self::assertSame([2, ''], [$code, $output], $name);
            self::assertStringContainsString($sentence, $errors);
        }
        self::assertSame(2, self::latch('check', self::ROOT . '/demo/first-try.json', '--format=xml')[0]);
    }

    public function testABoardWithoutALineIsNotChecked(): void
    {
        $process = new Process(['php', self::ROOT . '/bin/latch', 'check', '-'], input: BoardJson::write(TestBoards::bare()));
        self::assertSame(2, $process->run());
        self::assertStringContainsString('There is nothing to check: this board has no line yet.', $process->getErrorOutput());
        self::assertMatchesRegularExpression('/^Drive +not checked: nothing here yet$/m', $process->getOutput());
    }

    public function testASoundBoardSaysWhatItRestsOn(): void
    {
        [$code, $output] = self::latch('check', self::ROOT . '/demo/utility-room.json');
        self::assertSame(0, $code, 'A board with points to verify is latched.');
        foreach ([
            'Mains     shut, 14 to verify',
            'to verify before mains: Protective earth runs straight through to “Heated airer”',
            'assumed: ambient: 40 °C',
            'No findings.',
            'never looked at by this rule book: the installation in the wall beyond what is said of its places',
        ] as $said) {
            self::assertStringContainsString($said, $output);
        }
        $data = json_decode(self::latch('check', self::ROOT . '/demo/utility-room.json', '--format=json')[1], true);
        self::assertIsArray($data);
        self::assertSame(
            [15, 0],
            [is_array($data['toVerify']) ? count($data['toVerify']) : 0, is_array($data['notChecked']) ? count($data['notChecked']) : 1],
        );
    }

    public function testSeatPrintsTheBoardWithEverythingSeated(): void
    {
        $board = TestBoards::edited(TestBoards::bare(), new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)));
        $process = new Process(['php', self::ROOT . '/bin/latch', 'seat', '-'], input: BoardJson::write($board));
        self::assertSame(0, $process->run(), $process->getErrorOutput());
        self::assertSame('GPIO23', BoardJson::read($process->getOutput())->seats['F1']->pin);
        $small = TestBoards::bare('esp8266-carrier-16', 'esp8266');
        foreach (range(1, 10) as $line) {
            $small = (new AddLine('Line ' . $line, TestBoards::part('led-lamp', Appliance::class)))->apply($small);
        }
        $process = new Process(['php', self::ROOT . '/bin/latch', 'seat', '-'], input: BoardJson::write($small));
        self::assertSame(1, $process->run());
        self::assertCount(9, BoardJson::read($process->getOutput())->seats);
        self::assertStringContainsString('These cannot all be seated: “Line 1 relay”', $process->getErrorOutput());
        self::assertSame(2, self::latch('seat', '/no/such/file')[0]);
    }

    /**
     * @return array{int, string, string} exit code, output, errors
     */
    private static function latch(string ...$arguments): array
    {
        $process = new Process(['php', self::ROOT . '/bin/latch', ...array_values($arguments)]);
        $code = $process->run();

        return [$code, $process->getOutput(), $process->getErrorOutput()];
    }
}
