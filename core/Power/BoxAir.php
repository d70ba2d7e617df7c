<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\NewBoard;
use IronLatch\Core\Catalogue\BoxKind;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;

/**
 * How warm the air of a closed box gets with everything on: the heat of supply, regulators, arrays and coils, of solid-state
 * outputs and of contacts, through its walls.
 */
final class BoxAir
{
    /** Of a closed contact that has switched for a while (data sheets state at most 100 mΩ when new; from memory). */
    public const CONTACT_OHMS = 15e-3;

    /** Above this every part is out of its range, and no check says more. */
    private const GREATEST_CELSIUS = 120.0;
    private const REASON = 'reckoned from the heat and the size of the box';

    /**
     * @param array<string, float> $contactAmps that each relay switches, everything on
     * @return ?Figure °C; null while nobody has said how large the box is
     */
    public static function of(Board $board, Heat $heat, array $contactAmps): ?Figure
    {
        $box = $board->box;
        $size = $box?->size();
        if (null === $box || null === $size) {
            return null;
        }
        $kind = $box->kind();
        $outputs = $contactWatts = 0.0;
        foreach ($board->actuators() as $id => $actuator) {
            $amps = $contactAmps[$id] ?? 0.0;
            $output = $board->relay($actuator)->solidState;
            if (null !== $output) {
                $outputs += $output->dropVolts->typ * $amps;
            } else {
                $contactWatts += self::CONTACT_OHMS * $amps ** 2;
            }
        }
        $watts = $heat->watts() + $outputs + $contactWatts;

        return new Figure(
            'air in the box',
            Budget::ROOM_CELSIUS + $watts / $kind->wattsPerKelvin(...$size),
            Unit::Celsius,
            'T_room + P ÷ (h · A)',
            [
                'T_room = ' . QuantityPrinter::rounded(Budget::ROOM_CELSIUS, Unit::Celsius),
                'P = '
                    . QuantityPrinter::rounded($watts, Unit::Watt)
                    . ': supply, regulators, arrays and coils '
                    . QuantityPrinter::rounded($heat->watts(), Unit::Watt)
                    . ', solid-state outputs '
                    . QuantityPrinter::rounded($outputs, Unit::Watt)
                    . ', contacts of 15 mΩ '
                    . QuantityPrinter::rounded($contactWatts, Unit::Watt),
                'h = 5.5 W/m²K',
                'A = '
                    . number_format($kind->squareMetres(...$size) * 1e4, 0, '.', '')
                    . ' cm²'
                    . (BoxKind::Closed === $kind ? '' : ' of wall in free air, for a box ' . $kind->value),
            ],
            'everything on',
            $kind->source(),
        );
    }

    /**
     * The board with the air that its own heat makes, where nobody has stated the air and the box is warmer than is usual. Never
     * cooler: what is assumed is no more favourable than what is usual.
     *
     * @param ?Figure $air that was reckoned
     */
    public static function warmed(Board $board, ?Figure $air): Board
    {
        if ($board->ambient->isStated()) {
            return $board;
        }
        $isReckoned = self::REASON === $board->ambient->because;
        $usual = $isReckoned ? NewBoard::ambient() : $board->ambient;
        $floor = (float) ($usual->value ?? NewBoard::ambient()->value);
        $celsius = ceil($air->value ?? 0.0);

        return match (true) {
            $celsius > $floor => $board->with(ambient: Fact::assumed(min($celsius, self::GREATEST_CELSIUS), self::REASON)),
            $isReckoned => $board->with(ambient: $usual),
            default => $board,
        };
    }
}
