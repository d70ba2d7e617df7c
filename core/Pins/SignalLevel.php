<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\AttachedDevice;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Quantity\Spread;

/** How high the wires between devices and pins go, both ways: an output follows what feeds it. */
final class SignalLevel
{
    /** How far a signal may be off whose level is all that is stated. */
    private const TOLERANCE = 0.05;

    /**
     * The high level that a function’s wire is driven to from outside: as stated, or as the device gives that serves it.
     *
     * @return ?array{Spread, string} volts and why; null where nothing is known but the pins’ own supply
     */
    public static function into(Board $board, string $function): ?array
    {
        $stated = $board->functions[$function]->highVolts?->value;
        if (is_float($stated)) {
            return [new Spread($stated * (1 - self::TOLERANCE), $stated, $stated * (1 + self::TOLERANCE)), 'as stated'];
        }
        $id = self::deviceOf($board, $function);
        if (null === $id) {
            return null;
        }
        $device = $board->devices[$id];
        $part = $board->part($device->part, Device::class);
        $supply = self::supplyOf($board, $device);
        $out = $part->outputVolts;

        return null === $out
            ? [
                $supply,
                sprintf('its supply, %s', null === $device->rail ? 'that of the pins' : 'the rail ' . $board->nameOf($device->rail)),
            ]
            : [
                new Spread(
                    min($out * (1 - self::TOLERANCE), $supply->min),
                    min($out, $supply->typ),
                    min($out * (1 + self::TOLERANCE), $supply->max),
                ),
                'what its own regulator gives',
            ];
    }

    /** What a controller’s pin really has for its supply: the rail that feeds it where nothing regulates in between. */
    public static function supplyOfPin(Board $board, Pin $pin): Spread
    {
        $own = $pin->silicon->electrics->supply;
        $rail = $board->railVolts($board->mcu->rail);
        $isStraight = null === $pin->expander && !$board->entry()->regulated && abs($rail->typ - $own->typ) < 0.5;

        return $isStraight ? new Spread(min($own->min, $rail->min), $rail->typ, max($own->max, $rail->max)) : $own;
    }

    /** The device that drives a function’s wire. */
    public static function deviceOf(Board $board, string $function): ?string
    {
        foreach ($board->devices as $id => $device) {
            if ($device->function === $function) {
                return $id;
            }
        }

        return null;
    }

    /**
     * Outputs of the controller that a device listens to: the transmitting side of the link that it hangs on.
     *
     * @return list<string> functions
     */
    public static function heardBy(Board $board, AttachedDevice $device): array
    {
        $link = null === $device->function ? null : $board->groupOf($device->function, GroupKind::Uart, GroupKind::Spi);
        if (null === $link) {
            return [];
        }

        return array_values(array_filter(
            $board->groups[$link]->functions,
            static fn(string $id): bool => in_array(
                $board->functions[$id]->kind,
                [FunctionKind::UartTransmit, FunctionKind::SpiOut, FunctionKind::SpiClock, FunctionKind::SpiSelect],
                true,
            ),
        ));
    }

    public static function supplyOf(Board $board, AttachedDevice $device): Spread
    {
        return null === $device->rail ? $board->controller()->chip->silicon()->electrics->supply : $board->railVolts($device->rail);
    }
}
