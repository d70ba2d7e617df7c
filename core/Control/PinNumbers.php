<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PinNumbering;
use IronLatch\Core\Catalogue\SurfaceProfile;

/** The numbers by which programs and services call a pin. */
final class PinNumbers
{
    /**
     * The number by which a program calls a pin: of its chip, or as the usual core counts them where the chip has letters.
     */
    public static function ofProgram(Pin $pin): ?int
    {
        // The second port of an expander is counted on from the first.
        if (1 === preg_match('/\.([A-Z]?)(\d+)$/', $pin->name(), $match)) {
            return (int) $match[2] + ('B' === $match[1] ? 8 : 0);
        }
        if (1 === preg_match('/^GPIO(\d+)$/', $pin->chip->name, $match) || 1 === preg_match('/^D(\d+)$/', $pin->label(), $match)) {
            return (int) $match[1];
        }

        // Analogue pins of an 8-bit chip are counted on from its 14 digital ones (from memory of its core).
        return 1 === preg_match('/^A(\d)$/', $pin->label(), $match) ? 14 + (int) $match[1] : null;
    }

    /** The pin that switches a line; null where it has none yet, or several relays. */
    public static function pinOf(Board $board, string $line): ?Pin
    {
        $actuators = array_values($board->lines[$line]->actuators);
        $seat = 1 === count($actuators) ? $board->seats[$actuators[0]->function] ?? null : null;

        return null === $seat ? null : $board->controller()->pins[$seat->pin] ?? null;
    }

    /** What a service that writes levels to pins calls it; empty where it has no number for it. */
    public static function ofService(Pin $pin, SurfaceProfile $profile): string
    {
        return match (true) {
            null === $profile->setsPins, null !== $pin->expander => '',
            PinNumbering::Chip === $profile->setsPins => (string) self::ofProgram($pin),
            PinNumbering::Print === $profile->setsPins => $pin->label(),
            default => $profile->pinNumbers[$pin->chip->name] ?? '',
        };
    }
}
