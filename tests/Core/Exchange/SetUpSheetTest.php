<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Exchange\Headline;
use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Exchange\SheetStep;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class SetUpSheetTest extends TestCase
{
    public function testEverySurfaceHasASheetWithoutABlank(): void
    {
        $sheets = SetUpSheet::all(new Inspection(TestBoards::operatedInManyWays()));
        self::assertSame(['hand', 'F12', 'own', 'C1', 'C2', 'C3', 'C4'], array_keys($sheets));
        foreach ($sheets as $sheet) {
            foreach ($sheet->rows as $row) {
                self::assertCount(count($sheet->header), $row, $sheet->title);
                self::assertNotContains('', $row, $sheet->title);
            }
        }
        self::assertSame(
            [
                '3',
                'switch',
                'Extractor fan',
                'home/utility/extractor-fan/set',
                'ON',
                'OFF',
                '{value}',
                'home/utility/extractor-fan/state',
                'fan',
                'Bath',
                'percentage: 0 % off, 1–74 % step 1, 75–100 % step 2',
            ],
            $sheets['C2']->rows[2],
        );
        self::assertSame(
            ['6', 'group', 'Bath', 'home/utility/bath/set', 'ON', 'OFF', 'none', 'none', 'group', '–', 'Lamp, Extractor fan'],
            $sheets['C2']->rows[5],
        );
        self::assertSame(
            ['3', 'two-state control', 'Größe & Pump', '54', '1', '0', 'none', 'none', 'switch', 'on and off'],
            $sheets['C3']->rows[2],
        );
        self::assertSame(
            ['2', 'Extractor fan', '0x0BF418E7', '32 bits, 32-bit pulse distance', '0x0BF47A85', 'on and off'],
            $sheets['F12']->rows[1],
        );
        self::assertSame(['1', 'Lamp', 'Lamp wall switch', 'wall switch', 'GPIO33 (printed 33)', 'toggle'], $sheets['hand']->rows[0]);
        self::assertSame('Look how many entries it takes: 5, and this sheet has 3.', $sheets['C3']->steps[1]->does);
    }

    /** Where nothing hears behind the contact, the state is that of the command, and the sheet says so. */
    public function testWhatIsOnlyCommandedIsCalledSo(): void
    {
        $board = TestBoards::operatedInManyWays();
        $said = static fn(Board $board): array => array_map(static fn(SheetStep $step): string => $step->does, array_values(array_filter(
            SetUpSheet::all(new Inspection($board))['C2']->steps,
            static fn(SheetStep $step): bool => str_contains($step->does, 'commanded'),
        )));
        $words = 'Know that the state shown of %s is the one that was commanded: a contact that has welded does not show.';
        self::assertSame([sprintf($words, '“Lamp”, “Airer”, “Extractor fan”, “Größe & Pump”')], $said($board));
        $heard = TestBoards::edited($board, ...array_map(
            static fn(string $line): SenseState => new SenseState($line),
            ['L1', 'L2', 'L3'],
        ));
        self::assertSame([sprintf($words, '“Größe & Pump”')], $said($heard));
        self::assertSame([], $said((new SenseState('L4'))->apply($heard)));
    }

    public function testASheetGoesOutAsCsvAfterRfc4180(): void
    {
        $board = TestBoards::operatedInManyWays();
        $sheet = SetUpSheet::all(new Inspection($board))['C4'];
        $csv = $sheet->csv([Headline::of('Sheet', $board, TestBoards::inspect($board), '2026-01-31')]);
        $rows = array_map(static fn(string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", rtrim($csv, "\r\n")));
        self::assertSame([14], array_values(array_unique(array_map(count(...), $rows))));
        self::assertStringStartsWith('Sheet of Bare, 2026-01-31, rule book ' . RuleBook::VERSION . '. ', (string) $rows[0][0]);
        self::assertSame(SheetStep::HEADER, array_slice($rows[1], 0, 6));
        self::assertSame('turn on Größe Pump', $rows[3 + count($sheet->steps) + 2][4]);
    }

    /** Names only: no secret is ever part of a board, and none is guessed. */
    public function testSecretsArePlaceholders(): void
    {
        $board = TestBoards::operatedInManyWays();
        self::assertSame(
            [
                'RADIO_PAIRING_CODE',
                'NETWORK_NAME',
                'NETWORK_PASSWORD',
                'HOUSE_BROKER_HOST',
                'HOUSE_BROKER_USER',
                'HOUSE_BROKER_PASSWORD',
                'POCKET_TOKEN',
                'VOICE_TOKEN',
                'VOICE_LINKED_ACCOUNT',
                // It has a timer, and a network to ask for the time.
                'TIME_SERVER',
                'TIME_ZONE',
                'PAIRING_SECRET',
            ],
            Secrets::names($board),
        );
        preg_match_all('/= "([^"]*)"/', Secrets::header($board), $values);
        self::assertSame(['FILL IN, AND KEEP THIS FILE TO YOURSELF'], array_values(array_unique($values[1])));
        self::assertSame(['PAIRING_SECRET'], Secrets::names(TestBoards::sound()));
    }
}
