<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\StateLamp;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LampColour;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Pins\Fitness;
use IronLatch\Core\Pins\JunctionLoad;
use IronLatch\Core\Pins\LampCircuit;
use IronLatch\Core\Pins\PinCurrents;
use IronLatch\Core\Pins\StartUp;
use IronLatch\Core\Power\FunctionDraw;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Lamps by Ohm’s law, by hand: 3.2, 3.3 or 3.4 V behind 33, 20 or 12 Ω (33 to 5 Ω where the pin sinks). */
final class LampCircuitTest extends TestCase
{
    private static function lit(?LampColour $colour, ?float $ohms, ?string $rail = null): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new AddFunction(FunctionKind::StatusLed, 'State'),
            new SeatFunction('F6', '27'),
            new StateLamp('F6', $colour, $ohms, $rail ?? 'pin'),
        );
    }

    private static function circuit(Board $board): LampCircuit
    {
        $lamp = $board->functions['F6']->lamp;
        self::assertNotNull($lamp);
        $circuit = LampCircuit::of($board, $lamp, $board->controller()->pins['GPIO27']);
        self::assertNotNull($circuit);

        return $circuit;
    }

    public function testALampFromItsPin(): void
    {
        $circuit = self::circuit(self::lit(LampColour::Red, 680.0));
        self::assertEqualsWithDelta((3.2 - 2.2) / (680 + 33), $circuit->amps->min, 1e-12);
        self::assertEqualsWithDelta((3.3 - 1.9) / (680 + 20), $circuit->amps->typ, 1e-12);
        self::assertEqualsWithDelta((3.4 - 1.7) / (680 + 12), $circuit->amps->max, 1e-12);
        self::assertEqualsWithDelta(((3.4 - 1.7) / 692) ** 2 * 680, $circuit->watts(), 1e-12);
        self::assertSame(0.0, $circuit->dimAmps);
    }

    public function testALampFromARail(): void
    {
        $board = self::lit(LampColour::Green, 2200.0, 'R1');
        $circuit = self::circuit($board);
        $rail = $board->railVolts('R1');
        self::assertEqualsWithDelta(($rail->typ - 2.1) / (2200 + 10), $circuit->amps->typ, 1e-12);
        self::assertEqualsWithDelta(($rail->max - 3.2 - 1.9) / (2200 + 12), $circuit->dimAmps, 1e-12, 'The pin at its own least supply.');
        self::assertSame([], self::found($board), '5 V through a green lamp is off for all that is seen.');
    }

    /** A blue lamp may want more than there is. */
    public function testWhatWantsMoreThanThereIsStaysDark(): void
    {
        self::assertSame(0.0, self::circuit(self::lit(LampColour::Blue, 220.0))->amps->min);
        self::assertEqualsWithDelta(0.2 / 240, self::circuit(self::lit(LampColour::White, 220.0))->amps->typ, 1e-12);
    }

    /**
     * On both sides of each limit: 40 mA that a pin bears, 12 mA that are planned, 0.3 mA that are seen, 50 µA that glow.
     *
     * @param list<string> $kinds
     */
    #[TestWith([LampColour::Red, 14.9, null, ['broken']])]
    #[TestWith([LampColour::Red, 15.1, null, ['weak']])]
    #[TestWith([LampColour::Red, 129.6, null, ['weak']])]
    #[TestWith([LampColour::Red, 129.7, null, []])]
    #[TestWith([LampColour::Red, 3299.0, null, []])]
    #[TestWith([LampColour::Red, 3302.0, null, ['weak']])]
    #[TestWith([LampColour::Red, 4650.0, null, ['broken']])]
    #[TestWith([LampColour::Red, 4500.0, null, ['weak']])]
    #[TestWith([LampColour::Red, 10e3, 'R2', ['broken']])]
    public function testTheLimits(LampColour $colour, float $ohms, ?string $rail, array $kinds): void
    {
        self::assertSame($kinds, self::found(self::lit($colour, $ohms, $rail)));
    }

    /**
     * @return list<string> kinds of what is found of the lamp
     */
    private static function found(Board $board): array
    {
        return array_values(array_map(
            static fn(Finding $one): string => $one->severity->value,
            array_filter(TestBoards::inspect($board)->findings, static fn(Finding $one): bool => 'pins.lamp-current' === $one->rule->id),
        ));
    }

    /**
     * Each of the two facts is asked for while it is not known, and nothing is found by a guess of it.
     *
     * @param list<string> $open
     */
    #[TestWith([null, null, ['which colour “State” is', 'which resistor “State” has']])]
    #[TestWith([null, 0.0, ['which colour “State” is']])]
    #[TestWith([LampColour::Red, null, ['which resistor “State” has']])]
    #[TestWith([LampColour::Red, 680.0, []])]
    public function testWhatIsNotStatedIsAskedFor(?LampColour $colour, ?float $ohms, array $open): void
    {
        $board = self::lit($colour, $ohms);
        $asked = array_map(
            static fn(NotChecked $one): string => $one->needs,
            array_filter(
                TestBoards::inspect($board)->notChecked,
                static fn(NotChecked $one): bool => 'pins.lamp-current' === $one->rule->id,
            ),
        );
        sort($asked);
        self::assertSame($open, $asked);
        self::assertSame([], self::found($board));
        $red = JunctionLoad::of($board->functions['F6']);
        self::assertSame([1.9, null === $ohms ? 470.0 : max(1.0, $ohms)], [$red?->volts, $red?->ohms]);
    }

    /** 1.4 V at 2 mA want 700 Ω: 820 Ω is the next of the series of twelve; 10 V at 2 mA want 5 kΩ, and 5.6 kΩ is the next. */
    public function testTheResistorThatIsOffered(): void
    {
        $board = self::lit(LampColour::Red, 680.0);
        $pin = $board->controller()->pins['GPIO27'];
        self::assertSame([820.0, 150.0, 1e6], array_map(
            static fn(float $amps): float => LampCircuit::ohmsFor($board, LampColour::Red, null, $pin, $amps),
            [2e-3, 1.4 / 150, 1e-9],
        ));
        self::assertSame(5600.0, LampCircuit::ohmsFor($board, LampColour::Red, 'R2', $pin, 2e-3));
    }

    /** What the lamp draws counts where it is fed, and at its pin in the way in which it flows. */
    public function testItsCurrentCountsWhereItFlows(): void
    {
        $board = self::lit(LampColour::Red, 680.0);
        self::assertEqualsWithDelta(1.4 / 680, FunctionDraw::of($board, $board->functions['F6'])?->typical, 1e-12);
        $inspection = new Inspection($board);
        $sum = PinCurrents::of($board, $inspection->drive)->sums[0];
        $without = PinCurrents::of(TestBoards::sound(), (new Inspection(TestBoards::sound()))->drive)->sums[0];
        self::assertLessThan($without->margin->nominal->value, $sum->margin->nominal->value);
        $fitness = new Fitness($board, new StartUp($board));
        self::assertNotNull($fitness->bestFree('F6'));
    }

    /** From its pin the resistor is on the pin; from a rail the lamp’s short lead is. */
    #[TestWith([null, 'R66.1'])]
    #[TestWith(['R1', 'H61.K'])]
    public function testItIsWiredFromWhereItIsFed(?string $rail, string $onThePin): void
    {
        $nets = [];
        foreach (Connections::of(self::lit(LampColour::Red, 680.0, $rail))->wires as $wire) {
            $nets[$wire->net][$wire->from->name()] = $nets[$wire->net][$wire->to->name()] = true;
        }
        $of = array_values(array_filter($nets, static fn(array $ends): bool => isset($ends[$onThePin])))[0] ?? [];
        self::assertCount(1, array_filter(array_keys($of), static fn(string $end): bool => str_starts_with($end, 'U01.')));
        self::assertCount(2, $of);
    }
}
