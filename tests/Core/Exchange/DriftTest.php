<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Functions\RenameFunction;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Exchange\Constant;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\Difference;
use IronLatch\Core\Exchange\Drift;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DriftTest extends TestCase
{
    /** The board’s own files agree with it, whichever is pasted. */
    public function testWhatTheBoardWroteDoesNotDiffer(): void
    {
        $inspection = new Inspection(TestBoards::operatedInManyWays());
        $constants = Constants::of($inspection);
        foreach ([
            ConstantsFile::header($constants, []),
            ConstantsFile::keyValues($constants, []),
            ConstantsFile::json($constants, []),
        ] as $file) {
            self::assertSame([], array_map(static fn(Difference $one): string => $one->name, Drift::between($inspection, $file)));
        }
    }

    /**
     * @return iterable<string, array{string, string, string, \Closure(Board): mixed, mixed}> pasted, constant, what the board says, and
     *     what it says once it has adopted the other
     */
    public static function differences(): iterable
    {
        yield 'pin' => ['#define LAMP_PIN 25', 'LAMP_PIN', '23', static fn(Board $b) => $b->seats['F1']->pin, 'GPIO25'];
        yield 'pin by its print in plain words' => [
            'Lamp relay = D25',
            'LAMP_PIN',
            '23',
            static fn(Board $b) => $b->seats['F1']->pin,
            'GPIO25',
        ];
        yield 'pin of a switch' => [
            'const int LAMP_SWITCH_PIN = 27;',
            'LAMP_SWITCH_PIN',
            '33',
            static fn(Board $b) => $b->seats['F3']->pin,
            'GPIO27',
        ];
        yield 'level' => [
            'constexpr bool LAMP_ON_LEVEL = LOW;',
            'LAMP_ON_LEVEL',
            '1',
            static fn(Board $b) => $b->actuator('A1')->activeLevel->value?->name,
            'Low',
        ];
        yield 'key' => [
            'constexpr uint32_t LAMP_KEY = 0x0BF410EF;',
            'LAMP_KEY',
            '0x0BF430CF',
            static fn(Board $b) => $b->lines['L1']->surfaces['S5']->code?->value,
            '0BF410EF',
        ];
        yield 'key for off' => [
            'EXTRACTOR_FAN_KEY_OFF=0x0BF410EF',
            'EXTRACTOR_FAN_KEY_OFF',
            '0x0BF47A85',
            static fn(Board $b) => $b->lines['L3']->surfaces['S6']->offCode?->value,
            '0BF410EF',
        ];
        yield 'topic' => [
            '{"LAMP_HOUSE_BROKER": "old/lamp"}',
            'LAMP_HOUSE_BROKER',
            'home/utility/lamp/set',
            static fn(Board $b) => $b->lines['L1']->surfaces['S11']->address,
            'old/lamp',
        ];
        yield 'what is said for on' => [
            'LAMP_HOUSE_BROKER_ON=1',
            'LAMP_HOUSE_BROKER_ON',
            'ON',
            static fn(Board $b) => $b->lines['L1']->surfaces['S11']->on,
            '1',
        ];
        yield 'step' => [
            'EXTRACTOR_FAN_STEP_2_FROM: 60',
            'EXTRACTOR_FAN_STEP_2_FROM',
            '75',
            static fn(Board $b) => array_map(static fn($one): int => $one->percent, $b->lines['L3']->surfaces['S3']->thresholds),
            [1, 60],
        ];
        yield 'debounce' => ['DEBOUNCE_MS = 50', 'DEBOUNCE_MS', '30', static fn(Board $b) => $b->program->firmware?->debounceSeconds, 0.05];
        yield 'stagger' => ['STAGGER_MS = 400', 'STAGGER_MS', '250', static fn(Board $b) => $b->program->staggerSeconds?->value, 0.4];
        yield 'restore' => [
            'AIRER_RESTORE="as it was"',
            'AIRER_RESTORE',
            'off',
            static fn(Board $b) => $b->lines['L2']->safety?->restore?->value?->name,
            'Last',
        ];
        yield 'name' => ['LAMP_NAME = "Ceiling lamp"', 'LAMP_NAME', 'Lamp', static fn(Board $b) => $b->lines['L1']->name, 'Ceiling lamp'];
        yield 'versions have no other side' => [
            'LIBRARY_1="receiver 3.0"',
            'LIBRARY_1',
            'receiver 4.4.1',
            static fn(Board $b) => null,
            null,
        ];
        yield 'nonsense cannot be adopted' => ['LAMP_PIN = 99', 'LAMP_PIN', '23', static fn(Board $b) => null, null];
    }

    /**
     * @param \Closure(Board): mixed $read
     */
    #[DataProvider('differences')]
    public function testADifferenceIsFoundAndEitherSideCanBeAdopted(
        string $pasted,
        string $name,
        string $here,
        \Closure $read,
        mixed $adopted,
    ): void {
        $board = TestBoards::operatedInManyWays();
        $first = Drift::between(new Inspection($board), $pasted)[0];
        self::assertSame([$name, $here, $name . ' = ' . $here], [$first->name, $first->here, $first->forProgram()]);
        self::assertSame(1, $first->line);
        $edit = Drift::adopt(new Inspection($board), $pasted, $name);
        self::assertSame($adopted, null === $edit ? null : $read($edit->apply($board)));
        if (null !== $edit) {
            self::assertNotContains(
                $name,
                array_map(
                    static fn(Difference $one): string => null === $one->there || null === $one->here ? '' : $one->name,
                    Drift::between(new Inspection($edit->apply($board)), $pasted),
                ),
                'Then both say the same, or the name itself has changed.',
            );
        }
    }

    public function testWhatOnlyOneSideKnowsIsListed(): void
    {
        $inspection = new Inspection(TestBoards::edited(TestBoards::sound(), new SeatFunction('F2', '21')));
        $found = Drift::between($inspection, "Lamp = 23\nGhost = 5\n");
        $rows = array_map(static fn(Difference $one): array => [$one->name, $one->here, $one->there], $found);
        self::assertSame(['Ghost', null, '5'], $rows[0]);
        self::assertContains(['AIRER_PIN', '21', null], $rows);
        self::assertNotContains(
            'BOARD_NAME',
            array_map(static fn(Difference $one): string => $one->name, $found),
            'A pin table is held against pins alone.',
        );
        self::assertContains(
            'BOARD_NAME',
            array_map(static fn(Difference $one): string => $one->name, Drift::between($inspection, 'LAMP_ON_LEVEL=1')),
        );
    }

    /** “Lamp” has a switch, and “Lamp switch” is a line; a sensor is called as a line is: every pin has a constant of its own. */
    public function testNoConstantTakesTheNameOfAnother(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new RenameLine('L2', 'Lamp switch'),
            new RenameFunction('F5', 'Lamp'),
            new AddLine('Lamp__2', TestBoards::part('led-lamp', Appliance::class)),
            new SeatFunction('F6', '21'),
        );
        $pins = array_map(
            static fn(Constant $one): int|string => $one->value,
            array_filter(Constants::of(new Inspection($board)), static fn(Constant $one): bool => $one->isPin),
        );
        self::assertSame(
            [
                'LAMP_PIN' => 23,
                'LAMP_SWITCH_PIN' => 33,
                'LAMP_SWITCH_L2_PIN' => 22,
                'LAMP_SWITCH_L2_BUTTON_PIN' => 32,
                'LAMP_2_PIN' => 21,
                'LAMP_PIN_2' => 34,
            ],
            $pins,
        );
    }

    public function testAPinOfAnExpanderIsABitOfIt(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new FitExpander(TestBoards::part('mcp23017', Expander::class)),
            new SeatFunction('F1', 'X1.B3'),
        );
        $constants = Constants::of(new Inspection($board));
        self::assertSame([11, 'X1'], [$constants['LAMP_PIN']->value, $constants['LAMP_EXPANDER']->value]);
        self::assertSame(
            [11, 'X1'],
            [$constants['INIT_2_PIN']->value, $constants['INIT_2_EXPANDER']->value],
            'Nobody takes the bit for a pin of the chip.',
        );
        $edit = Drift::adopt(new Inspection($board), 'LAMP_PIN = 2', 'LAMP_PIN');
        self::assertSame('X1.A2', $edit?->apply($board)->seats['F1']->pin, 'Not GPIO2.');
    }

    public function testATextWithoutConstantsSaysWhatToPaste(): void
    {
        $this->expectExceptionMessage('Paste lines such as');
        Drift::between(new Inspection(TestBoards::sound()), 'nothing');
    }
}
