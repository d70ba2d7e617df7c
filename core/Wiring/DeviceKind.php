<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** What a device is, with the letter that its designator begins with. */
enum DeviceKind: string
{
    case Controller = 'controller';
    case Expander = 'expander';
    case Package = 'integrated circuit';
    case Module = 'ready-made module';
    case Transistor = 'transistor';
    case Resistor = 'resistor';
    case Capacitor = 'capacitor';
    case Diode = 'diode';
    case Suppressor = 'interference suppressor';
    case Relay = 'relay';
    case Supply = 'supply';
    case Converter = 'converter';
    case Protection = 'protection';
    case Fuse = 'fuse';
    case CutOut = 'thermal cut-out';
    case Sensor = 'sensor';
    case Switch = 'switch';
    case Lamp = 'indicator';
    case Transformer = 'current transformer';
    case Bar = 'distribution bar';
    case Terminals = 'terminal block';
    case Header = 'pin header';
    case Inlet = 'inlet';
    case Outlet = 'outlet';
    case Case = 'metal case';
    case Appliance = 'appliance';

    /**
     * In one piece: the letter of its designator, those of IEC 81346-2 where it has one for it, else those usual on circuit boards (from
     * memory).
     */
    public function letter(): string
    {
        return match ($this) {
            self::Controller, self::Expander, self::Package => 'U',
            self::Module => 'A',
            self::Transistor => 'Q',
            self::Resistor => 'R',
            self::Capacitor => 'C',
            self::Diode => 'D',
            self::Suppressor => 'Z',
            self::Relay => 'K',
            self::Supply => 'G',
            self::Converter, self::Transformer => 'T',
            self::Protection, self::Fuse, self::CutOut => 'F',
            self::Sensor => 'B',
            self::Switch => 'S',
            self::Lamp => 'H',
            self::Bar, self::Terminals, self::Inlet, self::Outlet, self::Case => 'X',
            self::Header => 'J',
            self::Appliance => 'E',
        };
    }

    /** Which end of a net its wires go out from: the lower, the nearer to the source. */
    public function rank(): int
    {
        return match ($this) {
            self::Bar => 0,
            self::Inlet, self::Supply => 1,
            self::Fuse, self::Converter, self::Protection => 2,
            self::Controller => 3,
            self::Expander, self::Module, self::Package => 4,
            self::Terminals, self::Outlet => 5,
            self::Relay => 6,
            self::Resistor, self::Capacitor, self::Diode, self::Suppressor => 8,
            default => 7,
        };
    }

    /** A small part that is soldered in beside others, not wired by itself. */
    public function isSmallPart(): bool
    {
        return match ($this) {
            self::Resistor, self::Capacitor, self::Diode, self::Transistor, self::Package => true,
            default => false,
        };
    }
}
