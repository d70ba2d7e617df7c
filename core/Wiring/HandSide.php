<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Board\AttachedDevice;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FittedExpander;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Catalogue\ChipPin;
use IronLatch\Core\Catalogue\Device as PartOfDevice;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What the controller hears and shows: switches, buttons, sensors, receivers, lamps, buses with what hangs on them, spare pins. */
final readonly class HandSide
{
    /** From so long a cable on, a switch hangs on terminals of the board and not on the board itself (common practice, no source). */
    private const CABLE_METRES = 0.3;
    /** The resistors and the coupling capacitor of a usual LED at 3.3 V to 5 V (common practice, no source). */
    private const LED_OHMS = 330.0;

    /** What quietens the supply of a receiver (data sheets of receiver modules, from memory), and what keeps its legs apart. */
    private const RECEIVER_FILTER = '100 Ω in VCC, 4.7 µF beside it; sleeve its legs';

    private Board $board;
    private Harness $harness;

    public function __construct(private Places $places)
    {
        $this->board = $places->board;
        $this->harness = $places->harness;
    }

    public function add(): void
    {
        foreach ($this->board->expanders as $id => $expander) {
            $this->expander($id, $expander);
        }
        $served = [];
        foreach ($this->board->devices as $id => $device) {
            $this->device($id, $device);
            if (null !== $device->function) {
                $served[$device->function] = true;
            }
        }
        foreach ($this->board->functions as $id => $function) {
            $this->function($id, $function, isset($served[$id]));
        }
        foreach ($this->board->groups as $id => $group) {
            $this->group($id, $group);
        }
    }

    /** What hangs on a pin, by the kind of its function. */
    private function function(string $id, PinFunction $function, bool $isServed): void
    {
        $kind = $function->kind;
        $number = Places::number($id);
        $area = $kind->isContact() || FunctionKind::SelectorLadder === $kind || FunctionKind::StatusLed === $kind
            ? Area::Hand
            : Area::LowVoltage;
        if (FunctionKind::RelayOutput === $kind || $kind->sensesState() || FunctionKind::BootButton === $kind) {
            return;
        }
        $net = $this->places->signal($id, $area);
        $this->pull($id, $number, $function, $net);
        if ($isServed) {
            return;
        }
        match (true) {
            FunctionKind::SelectorPosition === $kind => null,
            $kind->isContact(), FunctionKind::LeakProbe === $kind => $this->contact($id, $number, $function, $net),
            FunctionKind::SelectorLadder === $kind => $this->ladder($id, $number, $function, $net),
            FunctionKind::StatusLed === $kind => $this->lamp($id, $number, $function, $net),
            FunctionKind::SparePin === $kind => $this->spare($id, $number, $function, $net),
            null !== $kind->busSignal(), $this->isOfBus($kind) => null,
            default => $this->sensor($id, $number, $function, $net),
        };
    }

    private function isOfBus(FunctionKind $kind): bool
    {
        return in_array(
            $kind,
            [FunctionKind::SpiSelect, FunctionKind::RegisterData, FunctionKind::RegisterClock, FunctionKind::RegisterLatch],
            true,
        );
    }

    private function pull(string $id, string $number, PinFunction $function, string $net): void
    {
        if (null !== $function->pull) {
            $isUp = PullDirection::Up === $function->pull->direction;
            $resistor = $this->harness->resistor($number . '5', $isUp ? 'pull-up' : 'pull-down', $id, $function->pull->ohms);
            $this->harness->join($net, $resistor, '1', 'H' . $number . '5', $id);
            $this->harness->join(
                $isUp ? $this->places->pinSupply() : $this->places->ground(),
                $resistor,
                '2',
                'H' . $number . '6',
                $id,
            );
        }
        if (null !== $function->debounceFarads) {
            $capacitor = $this->harness->device(
                DeviceKind::Capacitor,
                $number . '1',
                'against bouncing',
                Harness::terminals(null, ['1', '2']),
                $id,
                QuantityPrinter::rounded($function->debounceFarads, Unit::Farad),
            );
            $this->harness->join($net, $capacitor, '1', 'H' . $number . '7', $id);
            $this->harness->join($this->places->ground(), $capacitor, '2', 'H' . $number . '8', $id);
        }
    }

    /** A contact to ground: on the board, or at the end of a cable that begins at terminals. */
    private function contact(string $id, string $number, PinFunction $function, string $net): void
    {
        $isFar = !is_float($function->cableMetres->value) || $function->cableMetres->value > self::CABLE_METRES;
        $isProbe = FunctionKind::LeakProbe === $function->kind;
        $words = match ($function->kind) {
            FunctionKind::MaintainedSwitch => 'maintained',
            FunctionKind::Button => 'momentary',
            default => $function->kind->value,
        };
        $contact = $this->harness->device(
            $isProbe ? DeviceKind::Sensor : DeviceKind::Switch,
            $number . '1',
            $function->name,
            Harness::terminals(null, ['1', '2'], Joining::Screw),
            $id,
            $words,
            note: true === $function->madeForMains?->value ? 'made for mains; here it may carry extra-low voltage alone' : '',
        );
        $ground = $this->places->ground();
        $terminals = $isFar ? $this->terminals($id, $number, $function, $net, $ground) : null;
        foreach (['1' => [$net, '3'], '2' => [$ground, '4']] as $terminal => [$to, $digit]) {
            $via = null === $terminals ? null : $terminals . '.' . $terminal;
            $this->harness->join($to, $contact, $terminal, 'H' . $number . $digit, $id, $via, $isFar ? $id : null);
        }
    }

    private function terminals(string $id, string $number, PinFunction $function, string $net, string $ground): string
    {
        $block = $this->harness->device(
            DeviceKind::Terminals,
            $number . '1',
            $function->name,
            [new Terminal('1', '1', Joining::Screw, passes: true), new Terminal('2', '2', Joining::Screw, passes: true)],
            $id,
        );
        $this->harness->join($net, $block, '1', 'H' . $number . '1', $id);
        $this->harness->join($ground, $block, '2', 'H' . $number . '2', $id);

        return $block;
    }

    /** A step selector on one pin: its wiper goes to the pin, the resistors of its positions to ground. */
    private function ladder(string $id, string $number, PinFunction $function, string $net): void
    {
        $selector = $this->harness->device(
            DeviceKind::Switch,
            $number . '1',
            $function->name,
            Harness::terminals(null, ['wiper', 'common'], Joining::Screw),
            $id,
            sprintf('%d positions', $function->positions),
            note: 'with a resistor at each position: see Pins',
        );
        $this->harness->join($net, $selector, 'wiper', 'H' . $number . '3', $id);
        $this->harness->join($this->places->ground(), $selector, 'common', 'H' . $number . '4', $id);
    }

    private function lamp(string $id, string $number, PinFunction $function, string $net): void
    {
        if (null === $function->lamp && $this->board->isCarriersOwnLamp($id)) {
            return;
        }
        $rail = $function->lamp?->rail;
        $stated = $function->lamp?->ohms?->value;
        $resistor = $this->harness->resistor(
            $number . '6',
            'LED resistor',
            $id,
            $stated ?? self::LED_OHMS,
            is_float($stated) ? '' : QuantityPrinter::rounded(self::LED_OHMS, Unit::Ohm) . ' usual',
        );
        $lamp = $this->harness->device(
            DeviceKind::Lamp,
            $number . '1',
            $function->name,
            Harness::terminals(null, ['A', 'K']),
            $id,
            trim(ucfirst(($function->lamp->colour->value ?? '') . ' LED')),
            note: 'the short lead is K',
        );
        $between = $this->harness->net($id . '.led', 'LED of ' . $function->name, NetKind::Signal, Area::Hand);
        $this->harness->join(null === $rail ? $net : $this->places->rail($rail), $resistor, '1', 'H' . $number . '1', $id);
        $this->harness->join($between, $resistor, '2', 'H' . $number . '2', $id);
        $this->harness->join($between, $lamp, 'A', 'H' . $number . '3', $id);
        $this->harness->join(null === $rail ? $this->places->ground() : $net, $lamp, 'K', 'H' . $number . '4', $id);
    }

    /** Pins that wait for something later stand on one header. */
    private function spare(string $id, string $number, PinFunction $function, string $net): void
    {
        $header = 'J01';
        if (!isset($this->harness->devices[$header])) {
            $poles = Harness::terminals(null, ['VDD', 'GND'], Joining::PushOn);
            $this->harness->device(DeviceKind::Header, '01', 'spare pins', $poles, 'board');
            $this->harness->join($this->places->pinSupply(), $header, 'VDD', 'H01', 'board');
            $this->harness->join($this->places->ground(), $header, 'GND', 'H02', 'board');
        }
        $this->harness->extend($header, new Terminal($id, $function->name, Joining::PushOn));
        $this->harness->join($net, $header, $id, 'H' . $number . '1', $id);
    }

    /** What drives its wire and has a supply. */
    private function sensor(string $id, string $number, PinFunction $function, string $net): void
    {
        $kind = $function->kind;
        $out = FunctionKind::OneWireSensor === $kind ? 'DQ' : ($kind->isOutput() ? 'IN' : 'OUT');
        $sensor = $this->harness->device(
            FunctionKind::Buzzer === $kind ? DeviceKind::Lamp : DeviceKind::Sensor,
            $number . '1',
            $function->name,
            Harness::terminals(null, FunctionKind::Buzzer === $kind ? [$out, 'GND'] : [$out, 'GND', 'VCC'], Joining::PushOn),
            $id,
            $kind->value,
            note: FunctionKind::InfraredReceiver === $kind ? self::RECEIVER_FILTER : '',
        );
        $this->harness->join($net, $sensor, $out, 'H' . $number . '1', $id);
        $this->harness->join($this->places->ground(), $sensor, 'GND', 'H' . $number . '2', $id);
        if (FunctionKind::Buzzer !== $kind) {
            $this->harness->join($this->places->pinSupply(), $sensor, 'VCC', 'H' . $number . '9', $id);
        }
    }

    /** In one piece: a device of the catalogue with supply, ground, and the wires of what it serves. */
    private function device(string $id, AttachedDevice $device): void
    {
        $number = Places::number($id);
        $part = $this->board->part($device->part, PartOfDevice::class);
        $function = null === $device->function ? null : $this->board->functions[$device->function];
        $signals = null === $function ? [] : $this->signalsOf($device->function, $function->kind);
        $isLamp = FunctionKind::StatusLed === $function?->kind;
        $designator = $this->harness->device(
            $isLamp ? DeviceKind::Lamp : DeviceKind::Sensor,
            $number . '2',
            $device->name,
            Harness::terminals($part, ['VCC', 'GND', ...array_keys($signals)], Joining::PushOn),
            $id,
            $part->identity->name,
            $part->identity->id,
            match (true) {
                FunctionKind::InfraredReceiver === $function?->kind => self::RECEIVER_FILTER,
                $device->shifted => 'its input behind a divider or buffer',
                default => '',
            },
        );
        $feed = match (true) {
            null !== $device->pin => null,
            null !== $device->rail => $this->places->rail($device->rail),
            default => $this->places->pinSupply(),
        };
        if (null === $feed) {
            $pin = $this->board->controller()->pins[$device->pin] ?? null;
            if (null !== $pin) {
                $feed = $this->harness->net('feed ' . $id, 'supply of ' . $device->name, NetKind::Signal, Area::LowVoltage);
                $this->harness->join($feed, Places::CONTROLLER, Places::place($pin->header), 'D' . $number . '9', $id);
            }
        }
        if (null !== $feed && !($isLamp && isset($signals['VCC']))) {
            $this->harness->join($feed, $designator, 'VCC', 'D' . $number . '1', $id);
        }
        $this->harness->join($this->places->ground($device->rail ?? ''), $designator, 'GND', 'D' . $number . '2', $id);
        $digit = 3;
        foreach ($signals as $terminal => $served) {
            $net = $this->places->signal($served, $isLamp ? Area::Hand : Area::LowVoltage);
            $this->harness->join($net, $designator, $terminal, 'D' . $number . $digit, $id);
            ++$digit;
        }
    }

    /**
     * The terminals of a device that its function’s wires end at.
     *
     * @return array<string, string> function by terminal
     */
    private function signalsOf(string $id, FunctionKind $kind): array
    {
        $group = $this->board->groupOf($id, GroupKind::I2c, GroupKind::Uart, GroupKind::Spi);
        $names = static fn(FunctionKind $kind): string => match ($kind) {
            FunctionKind::I2cData => 'SDA',
            FunctionKind::I2cClock => 'SCL',
            // What the controller sends, the device receives.
            FunctionKind::UartTransmit => 'RX',
            FunctionKind::UartReceive => 'TX',
            FunctionKind::SpiClock => 'SCK',
            FunctionKind::SpiOut => 'MOSI',
            FunctionKind::SpiIn => 'MISO',
            FunctionKind::SpiSelect => 'CS',
            FunctionKind::OneWireSensor => 'DQ',
            default => $kind->isOutput() ? 'IN' : 'OUT',
        };
        $signals = [];
        foreach (null === $group ? [$id] : $this->board->groups[$group]->functions as $member) {
            $signals[$names($this->board->functions[$member]->kind)] = $member;
        }

        return $signals;
    }

    private function expander(string $id, FittedExpander $fitted): void
    {
        $number = Places::number($id);
        $part = $this->board->expander($fitted);
        $isOnI2c = $part->kind->isOnI2c();
        $ports = array_map(static fn(ChipPin $pin): string => $pin->name, $part->pins);
        $bus = $isOnI2c ? ['SDA' => 0, 'SCL' => 1] : ['SER' => 0, 'SRCLK' => 1, 'RCLK' => 2];
        $own = $isOnI2c ? ['ADR0', 'ADR1', 'ADR2'] : ['SRCLR', 'OE'];
        $device = $this->harness->device(
            DeviceKind::Expander,
            $number . '2',
            $fitted->name,
            Harness::terminals($part, [...$ports, ...array_keys($bus), ...$own, 'VDD', 'GND']),
            $id,
            $part->identity->name . ($isOnI2c ? sprintf(' at 0x%02X', $fitted->address) : ''),
            $part->identity->id,
        );
        $feed = null === $fitted->rail ? $this->places->pinSupply() : $this->places->rail($fitted->rail);
        $ground = $this->places->ground($fitted->rail ?? '');
        $this->harness->join($feed, $device, 'VDD', 'B' . $number . '1', $id);
        $this->harness->join($ground, $device, 'GND', 'B' . $number . '2', $id);
        $members = $this->board->groups[$fitted->bus]->functions ?? [];
        foreach ($bus as $terminal => $place) {
            if (isset($members[$place])) {
                $net = $this->busNet($fitted->bus, $members[$place], $terminal);
                $this->harness->join($net, $device, $terminal, 'B' . $number . ($place + 3), $id);
            }
        }
        if (!$isOnI2c) {
            $this->registerPins($device, $id, $number, $fitted, $feed, $ground);

            return;
        }
        foreach ($own as $bit => $terminal) {
            $isHigh = 1 === (($fitted->address - $part->firstAddress) >> $bit & 1);
            $this->harness->join($isHigh ? $feed : $ground, $device, $terminal, 'B' . $number . ($bit + 6), $id);
        }
        if (isset($this->harness->devices[$device]->terminals['RESET'])) {
            $this->harness->join($feed, $device, 'RESET', 'B' . $number . '9', $id);
        }
    }

    private function registerPins(string $device, string $id, string $number, FittedExpander $fitted, string $feed, string $ground): void
    {
        $this->harness->join($feed, $device, 'SRCLR', 'B' . $number . '6', $id);
        if (!$fitted->heldOff) {
            $this->harness->join($ground, $device, 'OE', 'B' . $number . '7', $id);

            return;
        }
        $net = $this->harness->net($id . '.OE', 'output enable of ' . $fitted->name, NetKind::Signal, Area::LowVoltage);
        $pull = $this->harness->resistor(
            $number . '9',
            'holds the outputs off',
            $id,
            10e3,
            note: 'lead OE to a pin that the program pulls low',
        );
        $this->harness->join($net, $device, 'OE', 'B' . $number . '7', $id);
        $this->harness->join($net, $pull, '1', 'B' . $number . '8', $id);
        $this->harness->join($feed, $pull, '2', 'B' . $number . '9', $id);
    }

    /** The far side of a bus: behind a level shifter where one is fitted. */
    private function busNet(string $group, string $function, string $terminal): string
    {
        if (true !== $this->board->groups[$group]->i2c?->levelShifter) {
            return $this->places->signal($function);
        }

        return $this->harness->net(
            $group . '.' . $terminal,
            $terminal . ' behind the level shifter',
            NetKind::Signal,
            Area::LowVoltage,
        );
    }

    private function group(string $id, FunctionGroup $group): void
    {
        match ($group->kind) {
            GroupKind::I2c => $this->i2c($id, $group),
            GroupKind::Selector => $this->selector($id, $group),
            default => null,
        };
    }

    private function i2c(string $id, FunctionGroup $group): void
    {
        $number = Places::number($id);
        if (null !== $group->i2c?->pullUpOhms) {
            foreach (array_slice($group->functions, 0, 2) as $place => $function) {
                $pull = $this->harness->resistor($number . (0 === $place ? '9' : '0'), 'bus pull-up', $id, $group->i2c->pullUpOhms);
                $this->harness->join($this->places->signal($function), $pull, '1', 'C' . $number . ($place + 1), $id);
                $this->harness->join($this->places->pinSupply(), $pull, '2', 'C' . $number . ($place + 3), $id);
            }
        }
        if (true === $group->i2c?->levelShifter) {
            $this->levelShifter($id, $number, $group);
        }
    }

    private function levelShifter(string $id, string $number, FunctionGroup $group): void
    {
        $device = $this->harness->device(
            DeviceKind::Module,
            $number . '3',
            'level shifter',
            Harness::terminals(null, ['LV', 'LV1', 'LV2', 'GND', 'HV', 'HV1', 'HV2'], Joining::PushOn),
            $id,
        );
        $high = $this->places->pinSupply();
        foreach ($this->board->expanders as $expander) {
            $high = $expander->bus === $id && null !== $expander->rail ? $this->places->rail($expander->rail) : $high;
        }
        $this->harness->join($this->places->pinSupply(), $device, 'LV', 'C' . $number . '5', $id);
        $this->harness->join($this->places->ground(), $device, 'GND', 'C' . $number . '6', $id);
        $this->harness->join($high, $device, 'HV', 'C' . $number . '7', $id);
        foreach (['SDA', 'SCL'] as $place => $terminal) {
            $net = $this->places->signal($group->functions[$place]);
            $this->harness->join($net, $device, 'LV' . ($place + 1), 'C' . $number . ($place + 8), $id);
            $this->harness->join(
                $this->busNet($id, $group->functions[$place], $terminal),
                $device,
                'HV' . ($place + 1),
                'N' . $number . ($place + 1),
                $id,
            );
        }
    }

    /** One selector whose positions each have a pin, and its common on ground. */
    private function selector(string $id, FunctionGroup $group): void
    {
        $functions = array_values(array_filter(
            $group->functions,
            fn(string $one): bool => FunctionKind::SelectorPosition === $this->board->functions[$one]->kind,
        ));
        if ([] === $functions) {
            return;
        }
        $number = Places::number($id);
        $terminals = array_map(
            static fn(int $place): string => (string) ($place + 1),
            array_keys($functions),
        );
        $selector = $this->harness->device(
            DeviceKind::Switch,
            $number . '2',
            $group->name,
            Harness::terminals(null, [...$terminals, 'common'], Joining::Screw),
            $id,
            sprintf('%d positions', count($functions)),
        );
        foreach ($functions as $place => $function) {
            $this->harness->join(
                $this->places->signal($function, Area::Hand),
                $selector,
                (string) ($place + 1),
                'H' . Places::number($function) . '1',
                $function,
            );
        }
        $this->harness->join($this->places->ground(), $selector, 'common', 'C' . $number . '1', $id);
    }
}
