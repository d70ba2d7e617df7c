<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Exchange\SheetStep;
use IronLatch\Core\Review\Inspection;
use PHPUnit\Framework\TestCase;

/**
 * The set-up of the Utility room board, walked as somebody would who has only the paper: no blank, no word left to be filled, each value
 * what the next hop listens to, each placeholder one of the secrets of a copy.
 */
final class WalkedSetUpTest extends TestCase
{
    private Board $board;
    /** @var array<string, SetUpSheet> */
    private array $sheets;

    protected function setUp(): void
    {
        $this->board = BoardJson::read((string) file_get_contents(dirname(__DIR__, 3) . '/demo/utility-room.json'));
        $this->sheets = SetUpSheet::all(new Inspection($this->board));
    }

    public function testTheSheetsComeInTheOrderInWhichTheyCanBeFollowed(): void
    {
        self::assertSame(
            ['By hand', 'Infrared receiver', 'By itself', 'House broker', 'Pocket panel', 'House rules', 'Hall panel', 'Voice'],
            array_values(array_map(static fn(SetUpSheet $sheet): string => $sheet->title, $this->sheets)),
        );
    }

    public function testNothingIsBlankAndNothingIsLeftToBeThoughtOf(): void
    {
        $rows = 0;
        foreach ($this->sheets as $sheet) {
            foreach ($sheet->rows as $row) {
                self::assertCount(count($sheet->header), $row);
                self::assertNotContains('', array_map(trim(...), $row), $sheet->title);
                ++$rows;
            }
            foreach ($sheet->steps as $place => $step) {
                self::assertCount(count(SheetStep::HEADER), $step->row($place + 1));
                self::assertNotSame('', trim($step->does));
            }
            $all = implode("\n", [...array_merge(...$sheet->rows), ...array_map(self::said(...), $sheet->steps)]);
            self::assertDoesNotMatchRegularExpression('/\{(?!value\})[a-zA-Z:_]+\}/', $all, $sheet->title);
            foreach (['not chosen yet', 'not stated yet', 'not known yet', 'no pin yet', 'not assigned', 'not seated', 'no room'] as $gap) {
                self::assertStringNotContainsString($gap, $all, $sheet->title);
            }
        }
        self::assertSame(42, $rows, '6 by hand, 7 keys, 2 by itself, 8 on the broker, 5 on the panel, 7 rules, 3 tiles, 4 phrases.');
    }

    /** What a rule does is what the broker’s own sheet says of the line; what it hears is what the voice’s sheet says. */
    public function testEachHopSaysWhatTheNextOneListensTo(): void
    {
        $broker = array_column($this->sheets['C1']->rows, null, 2);
        $voice = array_column($this->sheets['C2']->rows, null, 2);
        $checked = 0;
        foreach ($this->sheets['C3']->rows as [, , $rule, $when, $then, $about]) {
            $isOn = str_ends_with($rule, ' on');
            self::assertSame(sprintf('Voice: “%s”', $voice[$about][$isOn ? 4 : 5]), $when);
            self::assertSame(sprintf('House broker: publish “%s” to %s', $broker[$about][$isOn ? 4 : 5], $broker[$about][3]), $then);
            ++$checked;
        }
        self::assertSame(7, $checked, 'On and off of three lines, and off of all.');
        self::assertSame('alder-row/utility/worktop-lamp/set', $broker['Worktop lamp'][3]);
        self::assertSame(['light', 'Utility room'], array_slice($broker['Worktop lamp'], 8, 2));
    }

    public function testEachPlaceholderIsASecretOfACopy(): void
    {
        $all = '';
        foreach ($this->sheets as $sheet) {
            $all .= implode("\n", array_map(self::said(...), $sheet->steps));
        }
        preg_match_all('/«([A-Z0-9_]+)»/', $all, $found);
        $named = array_values(array_unique($found[1]));
        self::assertSame([], array_diff($named, Secrets::names($this->board)));
        self::assertContains('HOUSE_BROKER_PASSWORD', $named);
        self::assertContains('NETWORK_NAME', $named);
    }

    private static function said(SheetStep $step): string
    {
        return implode("\n", [$step->before, $step->does, $step->waits, $step->sees, $step->fails]);
    }
}
