<?php

declare(strict_types=1);

namespace IronLatch\Tests\Command;

use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** A board is made, changed and checked without the web. */
final class MakingTest extends TestCase
{
    private InProcess $latch;

    protected function setUp(): void
    {
        $this->latch = new InProcess();
    }

    protected function tearDown(): void
    {
        $this->latch->clear();
    }

    public function testABoardIsMadeFilledSeatedAndChecked(): void
    {
        [$code, $made] = $this->latch->run('new', ['name' => 'Shed', '--carrier' => 'esp8266-carrier-30']);
        self::assertSame(0, $code);
        self::assertSame(['Shed', 'esp8266-carrier-30'], [BoardJson::read($made)->name, BoardJson::read($made)->mcu->carrier]);
        $edits = $this->latch->file('edits.json', (string) json_encode([
            ['edit' => 'add-lines', 'names' => ['Lamp', '', 'Fan'], 'appliance' => 'led-lamp'],
            ['edit' => 'add-surface', 'for' => ['L1', 'L2'], 'kind' => 'wall switch'],
            ['edit' => 'state-conductor', 'lines' => ['L1', 'L2'], 'conductor' => 'live'],
        ]));
        [$code, $filled, $said] = $this->latch->run('apply', ['file' => $this->latch->file('shed.json', $made), 'edits' => [$edits]]);
        self::assertSame(0, $code);
        self::assertStringContainsString('Add 2 lines', $said);
        $board = BoardJson::read($filled);
        self::assertSame(
            [['Lamp', 'Fan'], 1, 1],
            [
                array_values(array_map(static fn($line): string => $line->name, $board->lines)),
                count($board->lines['L1']->surfaces),
                count($board->lines['L2']->surfaces),
            ],
        );
        [$code, $seated] = $this->latch->run('seat', ['file' => $this->latch->file('filled.json', $filled)]);
        self::assertSame([0, 4], [$code, count(BoardJson::read($seated)->seats)]);
        [$code, $text] = $this->latch->run('check', ['files' => [$this->latch->file('seated.json', $seated)]]);
        self::assertSame(0, $code, $text);
        self::assertSame(1, $this->latch->run('check', ['files' => [$this->latch->file('seated.json', $seated)], '--strict' => true])[0]);
    }

    public function testAPinTableIsReadIntoABoardAndItsDoubtsAreSaid(): void
    {
        $board = $this->latch->file('board.json', TestBoards::bare());
        $table = $this->latch->file('pins.h', "#define LAMP_RELAY_PIN 23\n#define LAMP_SWITCH_PIN 25\nnothing of a pin\n");
        [$code, $made, $said] = $this->latch->run('import', ['file' => $board, 'table' => $table]);
        self::assertSame(0, $code, $said);
        $pins = array_map(static fn($seat): string => $seat->pin, BoardJson::read($made)->seats);
        self::assertContains('GPIO23', $pins);
        [$code, $made, $said] = $this->latch->run('import', ['file' => $board, 'table' => $this->latch->file('empty.txt', '')]);
        self::assertSame([2, ''], [$code, $made]);
        self::assertNotSame('', $said);
    }

    public function testARefusedEditEndsWithTwoAndPrintsNothing(): void
    {
        $board = $this->latch->file('board.json', TestBoards::sound());
        foreach ([
            '{"edit": "add-lines", "names": [], "appliance": "led-lamp"}' => 'Give the line a name first',
            '{"edit": "add-lines", "names": ["A"], "appliance": "no-such-lamp"}' => 'There is no part “no-such-lamp”',
            '{"edit": "fly"}' => 'names no edit',
            'not JSON' => 'holds no JSON',
            '[{"edit": "rename-board", "name": "Other"}, {"edit": "remove-line", "line": "L9"}]' => 'The line L9 is not on this board',
        ] as $edit => $words) {
            [$code, $printed, $said] = $this->latch->run('apply', ['file' => $board, 'edits' => [$this->latch->file('edit.json', $edit)]]);
            self::assertSame([2, ''], [$code, $printed], $edit);
            self::assertStringContainsString($words, $said);
        }
        self::assertSame(2, $this->latch->run('apply', ['file' => $board, 'edits' => ['/no/such/file']])[0]);
        self::assertSame(2, $this->latch->run('new', ['name' => ' '])[0]);
        [$code, , $said] = $this->latch->run('new', ['name' => 'Shed', '--supply' => 'led-lamp']);
        self::assertSame(2, $code);
        self::assertStringContainsString('“led-lamp”', $said);
    }

    /** The worst of several files counts, and each is named. */
    public function testSeveralFilesAreChecked(): void
    {
        $sound = $this->latch->file('sound.json', TestBoards::sound());
        $open = $this->latch->file('open.json', TestBoards::edited(TestBoards::sound(), new SetDriverValue(['A1'], 'baseOhms', 47e3)));
        [$code, $text] = $this->latch->run('check', ['files' => [$sound, $open]]);
        self::assertSame(1, $code);
        self::assertStringContainsString("== $sound\n", $text);
        self::assertStringContainsString("\n== $open\n", $text);
        self::assertSame(0, $this->latch->run('check', ['files' => [$sound, $sound]])[0]);
        self::assertSame(1, $this->latch->run('check', ['files' => [$sound, $sound], '--strict' => true])[0], 'How it is built is open.');
        [$code, $text, $said] = $this->latch->run('check', ['files' => ['/no/such/file', $open]]);
        self::assertSame(2, $code, 'What cannot be read weighs more than what is open;');
        self::assertStringContainsString('open: ', $text, 'the others are checked all the same.');
        self::assertStringContainsString('/no/such/file cannot be read', $said);
        [, $lines] = $this->latch->run('check', ['files' => [$sound, $open], '--format' => 'json']);
        $read = array_map(static fn(string $line): mixed => json_decode($line, true), explode("\n", trim($lines)));
        self::assertSame([$sound, $open], array_column($read, 'file'));
    }

    public function testAnExportIsPrintedOrNamed(): void
    {
        $file = $this->latch->file('sound.json', TestBoards::sound());
        self::assertStringContainsString('PIN', $this->latch->run('export', ['file' => $file, 'what' => 'constants.h'])[1]);
        [$code, $printed, $said] = $this->latch->run('export', ['file' => $file, 'what' => 'poem']);
        self::assertSame([2, ''], [$code, $printed]);
        self::assertStringContainsString('constants.h', $said);
    }
}
