<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Pins\UnseatFunction;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Exchange\BoardDiff;
use IronLatch\Core\Exchange\PinListCsv;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class PinListTest extends TestCase
{
    public function testEveryFunctionStandsThereWithBothNamesOfItsPin(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new FitPull('F3', PullDirection::Up, 10e3),
            new RenameLine('L2', 'Airer, "big"'),
            new UnseatFunction('F5'),
        );
        $csv = PinListCsv::write($board, TestBoards::inspect($board), '2026-01-31');
        self::assertStringEndsWith("\r\n", $csv);
        $rows = self::parsed($csv);
        self::assertSame(
            'Pin list of Bare, 2026-01-31, rule book ' . RuleBook::VERSION . '. NOT LATCHED: open at Pins. '
                . 'Not fully checked: Board, Bench. 7 to verify on each copy before mains.',
            $rows[0][0],
        );
        $header = $rows[1];
        $byId = [];
        foreach (array_slice($rows, 2, 5) as $row) {
            $byId[$row[0]] = array_combine($header, $row);
        }
        self::assertSame(['F1', 'F2', 'F3', 'F4', 'F5'], array_keys($byId));
        self::assertSame(
            ['GPIO23', '23', 'right', '2', 'high', 'low', 'Lamp'],
            [
                $byId['F1']['chip pin'],
                $byId['F1']['printed label'],
                $byId['F1']['header side'],
                $byId['F1']['header position'],
                $byId['F1']['active level'],
                $byId['F1']['idle level'],
                $byId['F1']['line'],
            ],
        );
        self::assertSame(['Airer, "big" relay', 'Airer, "big"'], [$byId['F2']['function'], $byId['F2']['line']]);
        self::assertSame('10 kΩ up', $byId['F3']['pull resistor']);
        self::assertSame(['', ''], [$byId['F5']['chip pin'], $byId['F5']['printed label']]);
        self::assertSame(
            [count($header)],
            array_values(array_unique(array_map(count(...), $rows))),
            'RFC 4180: every row has as many fields.',
        );
    }

    public function testASpreadsheetFindsNoFormula(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new RenameLine('L1', '=HYPERLINK("http://x")'));
        foreach (self::parsed(PinListCsv::write($board, TestBoards::inspect($board), '')) as $row) {
            foreach ($row as $field) {
                self::assertDoesNotMatchRegularExpression('/^[=+@]/', $field);
            }
        }
    }

    public function testDifferencesAreFoundByPlace(): void
    {
        $old = TestBoards::sound();
        $renamed = BoardDiff::between($old, TestBoards::edited($old, new RenameLine('L1', 'Hall')));
        self::assertSame(['lines.L1.name' => ['"Lamp"', '"Hall"'], 'functions.F1.name' => ['"Lamp relay"', '"Hall relay"']], $renamed);
        $resistor = BoardDiff::between($old, TestBoards::edited($old, new SetDriverValue(['A1'], 'baseOhms', 330.0)));
        self::assertSame(['lines.L1.actuators.A1.driver.baseOhms'], array_keys($resistor));
        self::assertSame([], BoardDiff::collisions($resistor, $renamed));
        $removed = ['lines.L1' => ['{}', null]];
        self::assertSame(['lines.L1.actuators.A1.driver.baseOhms'], BoardDiff::collisions($resistor, $removed), 'A part of what is gone');
        self::assertSame(['lines.L1'], BoardDiff::collisions($removed, $resistor), 'and the other way round.');
    }

    /**
     * @return list<list<string>>
     */
    private static function parsed(string $csv): array
    {
        $file = fopen('php://memory', 'w+');
        self::assertIsResource($file);
        fwrite($file, $csv);
        rewind($file);
        $rows = [];
        while (is_array($row = fgetcsv($file, escape: ''))) {
            $rows[] = array_map(strval(...), $row);
        }

        return $rows;
    }
}
