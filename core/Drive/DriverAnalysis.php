<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\Circuit\DriverResult;

/** The hand-offs from pin to driver to coil of every relay on a board, at typical values and at the worst corner. */
final readonly class DriverAnalysis
{
    /**
     * @param array<string, DriverResult> $results by relay
     */
    private function __construct(public array $results) {}

    public static function of(Board $board): self
    {
        $results = [];
        $same = [];
        foreach ($board->actuators() as $id => $actuator) {
            // Lines are usually alike: equal circuits are solved once.
            $silicon = $board->siliconOf($actuator->function);
            $key = serialize([
                $actuator->driver,
                $actuator->relay ?? $board->relay($actuator),
                $actuator->paired,
                $board->railVolts($actuator->rail),
                $silicon->identity->id,
                $silicon->electrics->supply,
            ]);
            $results[$id] = $same[$key] ??= Circuits::result($board, $actuator);
        }

        return new self($results);
    }
}
