<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Wiring\DeviceKind;

/** What parts cost that no catalogue part stands for, in euros for one. All indicative, from memory: a price list replaces them. */
final class UsualPrices
{
    public const WIRE_METRE = 0.30;
    public const JUMPER = 0.05;
    public const SOCKET_POLE = 0.04;
    public const HEADER_POLE = 0.02;
    public const STAND_OFF = 0.25;
    public const BASE_PLATE = 3.0;
    /** Of 160 × 100 mm, pads in rows of 2.54 mm. */
    public const PERFORATED = 2.5;
    public const BARE_MODULE = 3.0;
    public const REGULATOR = 0.3;
    /** Of an etched board, for a square decimetre, in fives. */
    public const ETCHED = 2.0;
    public const SHIPPING = 15.0;
    public const SET_UP = 25.0;
    public const MACHINE_JOINT = 0.02;
    public const TRANSISTOR_DRIVER = 0.14;
    public const BARE_RELAY = 1.1;
    /** Of ready modules by relays. */
    public const MODULES = [8 => 7.0, 4 => 4.2, 2 => 2.6, 1 => 1.8];

    private const POLE = 0.25;
    private const BAR_POLE = 0.4;

    /**
     * In one piece: a table.
     *
     * @param int $poles of a terminal block or bar
     */
    public static function of(DeviceKind $kind, int $poles, bool $isElectrolytic, bool $isMains): ?float
    {
        return match ($kind) {
            DeviceKind::Resistor => 0.02,
            DeviceKind::Diode => 0.05,
            DeviceKind::Capacitor => $isMains ? 3.5 : ($isElectrolytic ? 0.2 : 0.05),
            DeviceKind::Suppressor => 1.2,
            DeviceKind::Transistor => 0.05,
            DeviceKind::Terminals => self::POLE * $poles,
            DeviceKind::Bar => self::BAR_POLE * $poles,
            DeviceKind::Header => self::HEADER_POLE * $poles,
            DeviceKind::Switch => 1.5,
            DeviceKind::Sensor => 2.0,
            DeviceKind::Lamp => 0.2,
            DeviceKind::Inlet => 3.0,
            DeviceKind::Outlet => 3.0,
            DeviceKind::CutOut => 2.5,
            DeviceKind::Transformer => 4.0,
            default => null,
        };
    }
}
