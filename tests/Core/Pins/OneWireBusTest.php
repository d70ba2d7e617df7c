<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Pins;

use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Pins\OneWireBus;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** By hand: 10 m are 1 nF, one sensor 50 pF; a high is read from 0.75 · V_DD, reached after R · C · ln 4. */
final class OneWireBusTest extends TestCase
{
    public function testTheLimitsOfTheResistor(): void
    {
        $board = TestBoards::edited(
            TestBoards::bare(),
            new AddFunction(FunctionKind::OneWireSensor, 'Water'),
            new StateCable(['F1'], 10.0),
        );
        $bus = OneWireBus::of($board, $board->controller()->pins['GPIO27'], ['F1']);
        self::assertNull($bus->pull);
        self::assertEqualsWithDelta(1.05e-9, $bus->farads, 1e-15);
        self::assertEqualsWithDelta(10e-6 / (1.05e-9 * log(4)), $bus->greatestOhms, 1e-3);
        self::assertEqualsWithDelta(($board->controller()->chip->silicon()->electrics->supply->max - 0.4) / 4e-3, $bus->leastOhms, 1e-9);
    }
}
