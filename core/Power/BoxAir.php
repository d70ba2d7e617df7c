<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\BoxWalls;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/**
 * How warm the air of a closed box gets with everything on: the heat of supply, regulators, arrays and coils, of solid-state
 * outputs and of contacts, through its walls.
 */
final class BoxAir
{
    /** Of a closed contact that has switched for a while (data sheets state at most 100 mΩ when new; from memory). */
    public const CONTACT_OHMS = 15e-3;

    /**
     * @param array<string, float> $contactAmps that each relay switches, everything on
     * @return ?Figure °C; null while nobody has said how large the box is
     */
    public static function of(Board $board, Heat $heat, array $contactAmps): ?Figure
    {
        $size = $board->box?->size();
        if (null === $size) {
            return null;
        }
        $outputs = $contactWatts = 0.0;
        foreach ($board->actuators() as $id => [, $actuator]) {
            $amps = $contactAmps[$id] ?? 0.0;
            $output = $board->relay($actuator)->solidState;
            if (null !== $output) {
                $outputs += $output->dropVolts->typ * $amps;
            } else {
                $contactWatts += self::CONTACT_OHMS * $amps ** 2;
            }
        }
        $watts = $heat->watts() + $outputs + $contactWatts;

        return new Figure('air in the box', Budget::ROOM_CELSIUS + BoxWalls::rise($watts, ...$size), Unit::Celsius, 'T_room + P ÷ (h · A)', [
            'T_room = ' . QuantityPrinter::rounded(Budget::ROOM_CELSIUS, Unit::Celsius),
            'P = ' . QuantityPrinter::rounded($watts, Unit::Watt) . ': supply, regulators, arrays and coils ' . QuantityPrinter::rounded($heat->watts(), Unit::Watt) . ', solid-state outputs ' . QuantityPrinter::rounded($outputs, Unit::Watt) . ', contacts of 15 mΩ ' . QuantityPrinter::rounded($contactWatts, Unit::Watt),
            'A = ' . number_format(BoxWalls::area(...$size) * 1e4, 0, '.', '') . ' cm²',
        ], 'everything on', BoxWalls::SOURCE);
    }
}
