<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Device;

/** What is attached to the board hangs on what is there. */
final class DeviceIntegrity
{
    /** @throws \InvalidArgumentException with what is wrong and where */
    public static function verify(Board $board, Controller $controller): void
    {
        foreach ($board->devices as $id => $device) {
            Pointer::name($device->name, 'The device ' . $id);
            Pointer::part($board, $device->part, Device::class, 'device ' . $id);
            if (null !== $device->rail) {
                Pointer::rail($board, $device->rail, 'The device ' . $id);
            }
            if (null !== $device->function) {
                Pointer::function($board, $device->function, 'The device ' . $id);
            }
            if (null !== $device->pin && !isset($controller->pins[$device->pin])) {
                throw new \InvalidArgumentException(sprintf(
                    'The device %s is fed from %s, which the carrier does not lead out.',
                    $id,
                    $device->pin,
                ));
            }
        }
    }
}
