<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\SuppliedExpander;
use IronLatch\Core\Quantity\Spread;

/** The controller with its expanders, and that every seat is one of its pins. */
final class SeatIntegrity
{
    /**
     * @return Controller what the functions are seated on
     * @throws \InvalidArgumentException with what is wrong and where
     */
    public static function controller(Board $board): Controller
    {
        $carrier = $board->part($board->mcu->carrier, Carrier::class);

        return new Controller($carrier, $board->part($carrier->chip, Chip::class), self::expanders($board));
    }

    /**
     * @return array<string, SuppliedExpander> by id
     */
    private static function expanders(Board $board): array
    {
        $supplied = [];
        foreach ($board->expanders as $id => $fitted) {
            Pointer::name($fitted->name, 'The expander ' . $id);
            Pointer::part($board, $fitted->part, Expander::class, 'expander ' . $id);
            $expander = $board->part($fitted->part, Expander::class);
            $bus = $board->groups[$fitted->bus] ?? null;
            if (null === $bus || $bus->kind !== ($expander->kind->isOnI2c() ? GroupKind::I2c : GroupKind::ShiftChain)) {
                throw new \InvalidArgumentException(sprintf(
                    'The expander %s hangs on “%s”, which is no %s of the board.',
                    $id,
                    $fitted->bus,
                    $expander->kind->isOnI2c() ? 'I2C bus' : 'shift register chain',
                ));
            }
            if (null !== $fitted->rail) {
                Pointer::rail($board, $fitted->rail, 'The expander ' . $id);
            }
            $chip = $board->part($board->part($board->mcu->carrier, Carrier::class)->chip, Chip::class);
            $supplied[$id] = new SuppliedExpander(
                $expander,
                null === $fitted->rail ? $chip->electrics->supply : self::expanderVolts($board, $fitted->rail),
                $fitted->heldOff,
            );
        }

        return $supplied;
    }

    /** What a rail gives an expander, before the controller is known whose socket it may come through. */
    private static function expanderVolts(Board $board, string $rail): Spread
    {
        return $board->source($rail)->output ?? $board->regulation($rail)->output ?? Spread::exactly(0.0);
    }

    /** @throws \InvalidArgumentException with what is wrong and where */
    public static function verify(Board $board, Controller $controller): void
    {
        foreach ($board->seats as $function => $seat) {
            Pointer::function($board, $function, 'A seat');
            if (!isset($controller->pins[$seat->pin])) {
                if (1 === preg_match('/^(X\d+)\./', $seat->pin, $match)) {
                    throw new \InvalidArgumentException(sprintf(
                        '%s sits on %s, which is no pin of an expander on the board.',
                        $function,
                        $seat->pin,
                    ));
                }
                throw new \InvalidArgumentException(sprintf('%s sits on %s, which the carrier does not lead out.', $function, $seat->pin));
            }
        }
        foreach (array_keys($board->frozenSeats) as $function) {
            Pointer::function($board, $function, 'The frozen pin map');
        }
    }
}
