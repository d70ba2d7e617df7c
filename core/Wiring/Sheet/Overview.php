<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

use IronLatch\Core\Wiring\Area;
use IronLatch\Core\Wiring\Colour;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\End;
use IronLatch\Core\Wiring\Joining;
use IronLatch\Core\Wiring\Net;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\Places;
use IronLatch\Core\Wiring\Terminal;
use IronLatch\Core\Wiring\Wire;
use IronLatch\Core\Wiring\WiredDevice;

/** The whole box on one sheet: blocks of what belongs together, and how many wires lead from one to the other in which bundle. */
final class Overview
{
    public const ID = 'box-1';
    private const LOW = 'extra-low voltage';
    private const MAINS = 'MAINS';
    private const BOTH = 'MAINS and extra-low';
    private const OUTSIDE = 'outside the box';

    private const SUPPLIES = 'Supplies';
    private const DRIVERS = 'Drivers and relays';
    private const SENSORS = 'Sensors and lamps';
    private const TERMINALS = 'Low-voltage terminals';
    private const BARS = 'Low-voltage bars';
    private const HANDS = 'Switches';
    private const INLET = 'Inlet, fuse, bars';
    private const OUTLETS = 'Mains terminals';
    private const APPLIANCES = 'Appliances';
    /** The zone of each block. */
    private const ZONES = [
        Places::CONTROLLER => self::LOW,
        self::SUPPLIES => self::BOTH,
        self::DRIVERS => self::BOTH,
        self::SENSORS => self::LOW,
        self::TERMINALS => self::LOW,
        self::BARS => self::LOW,
        self::HANDS => self::OUTSIDE,
        self::INLET => self::MAINS,
        self::OUTLETS => self::MAINS,
        self::APPLIANCES => self::OUTSIDE,
    ];
    private const BETWEEN = ' | ';

    public static function of(Connections $connections): Sheet
    {
        $reduced = self::reduced($connections);

        return (new Layout($reduced, Area::LowVoltage))->whole(self::ID, 'The whole box');
    }

    /** The connections with a block in place of each group of devices, and a bundle in place of the wires between two. */
    public static function reduced(Connections $connections): Connections
    {
        $blocks = [];
        foreach ($connections->devices as $device) {
            $blocks[$device->id] = self::blockOf($connections, $device);
        }
        $bundles = [];
        foreach ($connections->wires as $wire) {
            $ends = [$blocks[$wire->from->device], $blocks[$wire->to->device]];
            sort($ends);
            if ($ends[0] !== $ends[1]) {
                $bundles[implode(self::BETWEEN, $ends)][] = $wire->number;
            }
        }
        $counts = array_count_values($blocks);
        $devices = [];
        foreach (array_unique($blocks) as $block) {
            $devices[$block] = self::block($block, $counts[$block]);
        }
        $nets = $wires = [];
        foreach ($bundles as $pair => $numbers) {
            [$one, $other] = explode(self::BETWEEN, $pair);
            foreach ([[$one, $other], [$other, $one]] as [$here, $there]) {
                $devices[$here] = self::with($devices[$here], new Terminal($there, '', Joining::Screw));
            }
            $label = 1 === count($numbers) ? $numbers[0] : sprintf('%d wires', count($numbers));
            $from = new End($one, $other, $pair, '');
            $to = new End($other, $one, $pair, '');
            $nets[$pair] = new Net($pair, $label, NetKind::Signal, Area::LowVoltage, [$from->name() => $from, $to->name() => $to]);
            $wires[$pair] = new Wire($label, $pair, $from, $to, Colour::Black, null, null, true, $pair);
        }

        return new Connections($devices, $nets, $wires, []);
    }

    private static function with(WiredDevice $device, Terminal $terminal): WiredDevice
    {
        return new WiredDevice(
            $device->id,
            $device->kind,
            $device->name,
            $device->value,
            $device->subject,
            [...$device->terminals, $terminal->key => $terminal],
            note: $device->note,
        );
    }

    private static function block(string $block, int $count): WiredDevice
    {
        return new WiredDevice(
            $block,
            Places::CONTROLLER === $block ? DeviceKind::Controller : DeviceKind::Module,
            Places::CONTROLLER === $block ? 'controller' : '',
            sprintf('%d %s', $count, 1 === $count ? 'part' : 'parts'),
            '',
            [],
            note: self::ZONES[$block],
        );
    }

    /** In one piece: a table from the kind of a device to its block. */
    private static function blockOf(Connections $connections, WiredDevice $device): string
    {
        $isMains = false;
        foreach ($connections->nets as $net) {
            foreach ($net->kind->isMains() ? $net->ends : [] as $end) {
                $isMains = $isMains || $end->device === $device->id;
            }
        }

        return match ($device->kind) {
            DeviceKind::Controller, DeviceKind::Expander, DeviceKind::Header => Places::CONTROLLER,
            DeviceKind::Supply, DeviceKind::Converter, DeviceKind::Protection => self::SUPPLIES,
            DeviceKind::Relay, DeviceKind::Transistor, DeviceKind::Module, DeviceKind::Package => self::DRIVERS,
            DeviceKind::Sensor, DeviceKind::Lamp, DeviceKind::Transformer => self::SENSORS,
            DeviceKind::Switch => self::HANDS,
            DeviceKind::Appliance => self::APPLIANCES,
            DeviceKind::Inlet, DeviceKind::Fuse, DeviceKind::Case => self::INLET,
            DeviceKind::Outlet, DeviceKind::CutOut, DeviceKind::Suppressor => self::OUTLETS,
            DeviceKind::Bar => $isMains ? self::INLET : self::BARS,
            DeviceKind::Terminals => $isMains ? self::OUTLETS : self::TERMINALS,
            DeviceKind::Resistor, DeviceKind::Capacitor, DeviceKind::Diode => self::ofSmallPart($device, $isMains),
        };
    }

    private static function ofSmallPart(WiredDevice $device, bool $isMains): string
    {
        $owner = $device->subject[0] ?? '';

        return match (true) {
            $isMains => self::OUTLETS,
            'R' === $owner => self::SUPPLIES,
            'F' === $owner, 'G' === $owner => self::SENSORS,
            default => self::DRIVERS,
        };
    }
}
