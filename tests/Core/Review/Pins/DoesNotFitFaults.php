<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class DoesNotFitFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $lines = static fn(int $count): Edit => new Sequence(
            'lines',
            array_map(
                static fn(int $line): Edit => new AddLine('Line ' . $line, TestBoards::part('led-lamp', Appliance::class)),
                range(1, $count),
            ),
        );
        yield 'ten relays on an ESP8266' => Planted::in(
            'pins.does-not-fit',
            'board',
            Severity::Broken,
            '',
            $lines(10),
            $lines(9),
            TestBoards::bare('esp8266-carrier-30', 'esp8266'),
            says: '“Line 1 relay”, “Line 2 relay”, “Line 3 relay”, “Line 4 relay”, “Line 5 relay”, “Line 6 relay”, '
                    . '“Line 7 relay”, “Line 8 relay”, “Line 9 relay” and “Line 10 relay” cannot all be seated on the '
                    . 'ESP8266 carrier, D labels, 30 pins; without any one of them the others can.',
            proposes: [
                'ATmega328P carrier, 5 V, 30 pins',
                'ESP32 carrier, 30 pins',
                'Move the relays to MCP23017, 16 bits',
                'ESP32 carrier, 38 pins',
            ],
        );
    }
}
