<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Acceptance;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\HouseRules;
use IronLatch\Core\Board\LineDefaults;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\Rail;
use IronLatch\Core\Board\Seat;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever a board points at must be there; nothing that breaks this can be built at all. */
final class BoardIntegrityTest extends TestCase
{
    /**
     * @return iterable<string, array{\Closure(Board): mixed, string}>
     */
    public static function broken(): iterable
    {
        $line = static fn(Board $board): \IronLatch\Core\Board\Line => $board->lines['L1'];
        yield 'no name' => [static fn(Board $b) => $b->with(name: ' '), 'The board needs a name.'];
        yield 'long name' => [static fn(Board $b) => $b->with(name: str_repeat('x', 121)), 'a name has at most 120 characters'];
        yield 'carrier gone' => [
            static fn(Board $b) => $b->with(mcu: $b->mcu->with(carrier: 'nothing')),
            'The facts of the part “nothing” (carrier) are missing',
        ];
        yield 'carrier that is a relay' => [
            static fn(Board $b) => $b->with(mcu: $b->mcu->with(carrier: 'reinforced-5v')),
            'The part “reinforced-5v” cannot be the carrier.',
        ];
        yield 'mains gone' => [static fn(Board $b) => $b->with(mains: 'moon'), '“moon” (mains system)'];
        yield 'controller without a rail' => [
            static fn(Board $b) => $b->with(mcu: $b->mcu->with(rail: 'R9')),
            'The controller is fed from the rail “R9”',
        ];
        yield 'rail without a supply' => [
            static fn(Board $b) => $b->with(rails: ['R1' => new Rail('5 V', 'nothing')]),
            '“nothing” (supply of rail R1)',
        ];
        yield 'rail in use gone' => [static fn(Board $b) => $b->with(rails: []), 'which is not on the board'];
        yield 'seat of nothing' => [static fn(Board $b) => $b->with(seats: ['F77' => new Seat('GPIO4')]), 'A seat uses the function '
            . '“F77”'];
        yield 'seat on nothing' => [
            static fn(Board $b) => $b->with(seats: ['F1' => new Seat('GPIO24')]),
            'F1 sits on GPIO24, which the carrier does not lead out.',
        ];
        yield 'surface on nothing' => [
            static fn(Board $b) => $b->with(lines: ['L1' => $line($b)->with(surfaces: ['S1' => new Surface(
                SurfaceKind::PushButton,
                'F50',
            )])]),
            'The surface S1 uses the function “F50”',
        ];
        yield 'relay switched by a button' => [
            static fn(Board $b) => $b->with(functions: [...$b->functions, 'F1' => $b->functions['F4']]),
            'The relay A1 is switched by F1, which is no relay output.',
        ];
        yield 'one output for two relays' => [
            static fn(Board $b) => $b->with(lines: [
                ...$b->lines,
                'L2' => $b->lines['L2']->with(actuators: ['A2' => $line($b)->actuators['A1']]),
            ]),
            'The id “output F1” is used twice.',
        ];
        yield 'appliance gone' => [
            static fn(Board $b) => $b->with(lines: ['L1' => $line($b)->with(appliance: 'toaster')]),
            '“toaster” (appliance of line L1)',
        ];
        yield 'appliance on no rail' => [
            static fn(Board $b) => $b->with(lines: ['L1' => $line($b)->with(feed: 'R5')]),
            'The appliance of L1 is fed from the rail “R5”',
        ];
        yield 'default relay gone' => [
            static fn(Board $b) => $b->with(defaults: new LineDefaults('nothing', $b->defaults->driver, 'R1')),
            '(relay of the defaults)',
        ];
        yield 'default transistor gone' => [
            static fn(Board $b) => $b->with(defaults: new LineDefaults('reinforced-5v', new NpnLowSide('nothing', 470.0), 'R1')),
            '(driver of the defaults)',
        ];
        yield 'part under another id' => [
            static fn(Board $b) => $b->with(parts: [...$b->parts, 'kettle' => TestBoards::part('iron', Appliance::class)]),
            'The part under “kettle” calls itself “iron”.',
        ];
        yield 'counter behind' => [
            static fn(Board $b) => $b->with(lastIds: [...$b->lastIds, 'F' => 2]),
            'lies beyond the counter lastIds.F',
        ];
        yield 'acceptance under another key' => [
            static fn(Board $b) => $b->with(acceptances: ['a.b:L1' => new Acceptance('a.b', 'L2', 'weak', 'x', 1, 'x', 'y')]),
            'The acceptance under “a.b:L1” is for “a.b:L2”.',
        ];
        yield 'acceptance without a reason' => [
            static fn() => new Acceptance('a.b', 'L2', 'danger', 'x', 1, ' ', 'me'),
            'give the reason and the name of who decided',
        ];
        yield 'acceptance by nobody' => [
            static fn() => new Acceptance('a.b', 'L2', 'danger', 'x', 1, 'because', ''),
            'give the reason and the name of who decided',
        ];
        yield 'base resistor of zero' => [static fn() => new NpnLowSide('t', 0.0), 'A base resistor lies between 10 Ω and 1 MΩ'];
        yield 'base–emitter resistor of one ohm' => [
            static fn() => new NpnLowSide('t', 470.0, 1.0),
            'A base–emitter resistor lies between 100 Ω and 1 MΩ',
        ];
        yield 'pull of one ohm' => [static fn() => new Pull(PullDirection::Up, 1.0), 'A pull resistor lies between 100 Ω and 10 MΩ'];
        yield 'forced gain of nothing' => [static fn() => new HouseRules(0.5), 'Usual are 10 and 20.'];
        yield 'supply overloaded by rule' => [static fn() => new HouseRules(20.0, 1.5), 'between 0.1 and 1 of the rating'];
    }

    /**
     * @param \Closure(Board): mixed $build
     */
    #[DataProvider('broken')]
    public function testCannotBeBuilt(\Closure $build, string $sentence): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $this->expectExceptionMessage($sentence);
        $build(TestBoards::sound());
    }

    public function testNamesAreFoundForEveryId(): void
    {
        $board = TestBoards::sound();
        self::assertSame(
            ['Lamp', 'Lamp relay', '5 V', 'Lamp', 'Bare', 'GPIO4'],
            array_map($board->nameOf(...), ['L1', 'F1', 'R1', 'A1', 'board', 'GPIO4']),
        );
    }
}
