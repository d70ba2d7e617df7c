<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\WiredDevice;

/** In which case a part is bought, as its form of build wants it. */
final class Package
{
    /** Empty where its name says it. */
    public static function of(WiredDevice $device, ?BuildForm $form): string
    {
        $isChip = BuildForm::Assembled === $form;

        return match ($device->kind) {
            DeviceKind::Resistor => $isChip ? '0805' : 'leaded, 0.25 W',
            DeviceKind::Diode => $isChip ? 'SMA' : 'DO-41',
            DeviceKind::Transistor => $isChip ? 'SOT-23' : 'TO-92',
            DeviceKind::Package => $isChip ? 'SO' : 'DIP',
            DeviceKind::Capacitor => self::capacitor($device, $isChip),
            DeviceKind::Terminals => 'round socket' === $device->name ? '' : '5.08 mm',
            DeviceKind::Fuse => '5 × 20 mm in a holder with cover',
            default => '',
        };
    }

    private static function capacitor(WiredDevice $device, bool $isChip): string
    {
        return match (true) {
            'step capacitor' === $device->name => 'film, leaded',
            str_contains($device->note, '+') => 'radial',
            $isChip => '0805',
            default => 'leaded, ceramic',
        };
    }

    /** Small enough for a machine, and made for it. */
    public static function isSurfaceMounted(Board $board, WiredDevice $device): bool
    {
        return match ($device->kind) {
            DeviceKind::Resistor, DeviceKind::Diode, DeviceKind::Transistor, DeviceKind::Package, DeviceKind::Expander => true,
            DeviceKind::Capacitor => '0805' === self::of($device, BuildForm::Assembled),
            DeviceKind::Controller => $board->controller()->carrier->isBareModule,
            default => false,
        };
    }
}
