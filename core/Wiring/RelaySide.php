<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Padded;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Drive\Circuit\BuiltPart;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** From the pin of every relay to its coil: the parts of its driver, the coil, and what clamps it. */
final class RelaySide
{
    /**
     * Numbers of the wires that end at the terminals of a driver’s parts, by part and terminal. They are fixed, so that a wire keeps its
     * number whatever else is fitted.
     */
    private const WIRES = [
        'R1' => ['1' => 'W%s1', '2' => 'J%s1'],
        'R2' => ['1' => 'J%s2', '2' => 'W%s5'],
        'R3' => ['1' => 'J%s3', '2' => 'J%s4'],
        'R4' => ['1' => 'W%s8', '2' => 'J%s5'],
        'Q1' => ['B' => 'J%s6', 'G' => 'J%s6', 'C' => 'J%s7', 'D' => 'J%s7', 'E' => 'W%s3', 'S' => 'W%s3'],
        'Q2' => ['B' => 'J%s8', 'G' => 'J%s8', 'C' => 'J%s9', 'D' => 'J%s9', 'E' => 'W%s0', 'S' => 'W%s0'],
        'U1' => ['A' => 'J%s0', 'K' => 'W%s6', 'C' => 'W%s7', 'E' => 'Y%s1'],
    ];
    /** The same for parts that several relays share, and that have each supply once. */
    private const SHARED_WIRES = [
        'VCC' => 'Y%s2', 'JD-VCC' => 'Y%s3', 'GND' => 'Y%s4', 'E' => 'Y%s4', 'COM' => 'Y%s5', 'VM' => 'Y%s3', 'nSLEEP' => 'Y%s6',
        'OUT1' => 'J%s1', 'OUT2' => 'J%s2',
    ];
    /** How a note begins that says where a cap sits, which is then drawn. */
    public const CAP_ON = 'cap on ';
    public const CAP_OFF = 'cap off ';

    private readonly Board $board;
    private readonly Harness $harness;
    /** @var array<string, array{string, int}> designator of its package and channel in it, by relay */
    private array $channels = [];
    /** @var array<string, string> designator of a shared package, by its key */
    private array $packages = [];

    public function __construct(private readonly Places $places)
    {
        $this->board = $places->board;
        $this->harness = $places->harness;
        $this->assignChannels();
    }

    public function add(): void
    {
        foreach ($this->board->actuators() as $id => $actuator) {
            $this->relay($id, $actuator);
        }
        foreach ($this->board->actuators() as $id => $actuator) {
            $this->driver($id, $actuator);
        }
    }

    /** The designator of what holds a relay’s contact: the relay, or the module that it is part of. */
    public function contactDevice(string $id): string
    {
        $actuator = $this->board->actuator($id);
        if ($actuator->driver->isReadyMade()) {
            return $this->channels[$id][0];
        }

        return 'K' . Places::number($actuator->opens ?? $id) . '1';
    }

    /** The terminal of a contact as it is printed: on a module with the number of its channel. */
    public function contactTerminal(string $id, string $terminal): string
    {
        return $this->board->actuator($id)->driver->isReadyMade() ? $terminal . $this->channels[$id][1] : $terminal;
    }

    /** A contact between two nets: fed at COM, unless the maker wants it the other way round. */
    public function pole(string $id, string $from, string $to): void
    {
        $number = Places::number($id);
        [$at, $leaves] = $this->fedAndLeaving($id);
        $device = $this->contactDevice($id);
        $this->harness->join($from, $device, $this->contactTerminal($id, $at), 'P' . $number . '1', $id);
        $this->harness->join($to, $device, $this->contactTerminal($id, $leaves), 'P' . $number . '2', $id);
    }

    /**
     * Which terminal of a contact is fed, and which one leads on.
     *
     * @return array{string, string}
     */
    public function fedAndLeaving(string $id): array
    {
        $used = $this->board->actuator($id)->contact->abbreviation();
        $isTurned = in_array($id, $this->places->facts->fedAtContact, true) && !$this->board->needsCom($id);

        return $isTurned ? [$used, 'COM'] : ['COM', $used];
    }

    /** Which relay sits on which channel of a package that several share: as the maker has said, else in their order. */
    private function assignChannels(): void
    {
        $members = [];
        foreach ($this->board->actuators() as $id => $actuator) {
            $key = $actuator->packageKey($id);
            if (null !== $key) {
                $members[$key][] = $id;
            }
        }
        foreach ($members as $key => $relays) {
            $taken = array_intersect_key($this->places->facts->channels, array_flip($relays));
            $package = $this->packageNumber($relays);
            $next = 1;
            foreach ($relays as $id) {
                $channel = $taken[$id] ?? null;
                while (null === $channel && in_array($next, $taken, true)) {
                    ++$next;
                }
                $this->channels[$id] = [$package, $channel ?? $next];
                $next += null === $channel ? 1 : 0;
            }
        }
    }

    /**
     * @param list<string> $relays that share the package
     */
    private function packageNumber(array $relays): string
    {
        $driver = $this->board->actuator($relays[0])->driver;
        $digits = Places::number($driver->package() ?? '');

        return match (true) {
            $driver->isReadyMade() => 'A' . Places::number($relays[0]) . '1',
            null !== $driver->package() => 'U' . ('' === $digits ? Places::number($relays[0]) : $digits) . '3',
            default => 'U' . Places::number($relays[0]) . '4',
        };
    }

    /** The relay itself with coil and contact; of a bistable one with two windings it is listed with the first. */
    private function relay(string $id, Actuator $actuator): void
    {
        if (null === $actuator->relay || null !== $actuator->opens || $actuator->driver->isReadyMade()) {
            return;
        }
        $relay = $this->board->part($actuator->relay, Relay::class);
        foreach ($actuator->paired ? ['1', '2'] : ['1'] as $digit) {
            $this->harness->device(
                DeviceKind::Relay,
                Places::number($id) . $digit,
                $this->board->nameOf($id) . ('2' === $digit ? ', second pole' : ''),
                Harness::terminals($relay, self::terminalsOf($relay)),
                $id,
                sprintf(
                    '%s, %s',
                    QuantityPrinter::rounded($relay->coilVolts, Unit::Volt),
                    QuantityPrinter::rounded($relay->coilResistance->typ, Unit::Ohm),
                ),
                $relay->identity->id,
                null === $relay->solidState ? '' : 'A1 is +',
                self::coils($relay),
            );
        }
    }

    /** @return list<Path> none of a solid-state relay, whose input an ohmmeter does not open */
    private static function coils(Relay $relay): array
    {
        $coils = 2 === $relay->bistable?->windings ? [['A1', 'A2'], ['B1', 'B2']] : [['A1', 'A2']];

        return null !== $relay->solidState ? [] : array_map(
            static fn(array $ends): Path => new Path($ends[0], $ends[1], $relay->coilResistance),
            $coils,
        );
    }

    /**
     * @return list<string>
     */
    private static function terminalsOf(Relay $relay): array
    {
        if (null !== $relay->solidState) {
            return ['A1', 'A2', 'COM', 'NO'];
        }
        $terminals = 2 === $relay->bistable?->windings ? ['A1', 'A2', 'B1', 'B2'] : ['A1', 'A2'];
        foreach (range(1, $relay->poles) as $pole) {
            $suffix = 1 === $pole ? '' : (string) $pole;
            array_push($terminals, 'COM' . $suffix, 'NC' . $suffix, 'NO' . $suffix);
        }

        return $terminals;
    }

    private function driver(string $id, Actuator $actuator): void
    {
        $circuit = Circuits::of($this->board, $actuator);
        $nodes = [];
        foreach ($circuit->built() as $part) {
            $device = $part->isShared ? $this->shared($id, $part) : $this->part($id, $part);
            foreach ($part->nodes as $terminal => $node) {
                $this->joinDriver($id, $part, $device, (string) $terminal, $this->node($id, $actuator, $node));
                $nodes[$node] = true;
            }
        }
        if ($actuator->driver->isReadyMade()) {
            $this->moduleContacts($id);

            return;
        }
        [$plus, $minus] = $circuit->coil();
        // The opening input of a bridge drives the same winding as the closing one.
        if (!$actuator->driver->turnsRound() || null === $actuator->opens) {
            $this->coil($id, $actuator, $this->node($id, $actuator, $plus), $this->node($id, $actuator, $minus));
        }
    }

    private function part(string $id, BuiltPart $part): string
    {
        if (null !== $part->ohms) {
            return $this->harness->resistor(Places::number($id) . $part->digit, $part->role, $id, $part->ohms);
        }
        $kind = match ($part->letter) {
            'Q' => DeviceKind::Transistor,
            default => DeviceKind::Package,
        };
        $terminals = array_map(strval(...), array_keys($part->nodes));

        return $this->harness->device(
            $kind,
            Places::number($id) . $part->digit,
            $part->role,
            Harness::terminals($part->part instanceof Padded ? $part->part : null, $terminals),
            $id,
            '' === $part->value ? $part->part?->identity()->name ?? '' : $part->value,
            $part->part?->identity()->id,
        );
    }

    /** The package that several relays share, made with its first and known to the rest. */
    private function shared(string $id, BuiltPart $part): string
    {
        $device = $this->channels[$id][0];
        if (isset($this->packages[$device])) {
            return $device;
        }
        $this->packages[$device] = $device;
        $module = $part->part instanceof OptoModule ? $part->part : null;
        $channels = array_column(array_filter($this->channels, static fn(array $one): bool => $one[0] === $device), 1);
        $terminals = [];
        foreach ($part->nodes as $terminal => $node) {
            $names = str_contains((string) $terminal, '%d')
                ? array_map(static fn(int $channel): string => sprintf((string) $terminal, $channel), $channels)
                : [(string) $terminal];
            array_push($terminals, ...$names);
        }
        $padded = $part->part instanceof Padded ? $part->part : null;
        $this->harness->device(
            null === $module ? DeviceKind::Package : DeviceKind::Module,
            substr($device, 1),
            null === $module ? $part->role : sprintf('%s, %d of its channels', $part->role, count($channels)),
            Harness::terminals($padded, array_values(array_unique($terminals)), null === $module ? Joining::Solder : Joining::PushOn),
            count($channels) > 1 ? '' : $id,
            $padded?->identity()->name ?? '',
            $padded?->identity()->id,
            null === $module ? '' : $this->jumpers($id, $module),
        );

        return $device;
    }

    /** How the jumpers of a module must sit for what the board says of it. */
    private function jumpers(string $id, OptoModule $module): string
    {
        $actuator = $this->board->actuator($id);
        $isSplit = !$actuator->driver->needsCommonGround();
        $notes = [$isSplit ? self::CAP_OFF . 'VCC, JD-VCC' : self::CAP_ON . 'VCC–JD-VCC'];
        if ($module->hasTriggerJumper) {
            $notes[] = self::CAP_ON . 'trigger ' . strtoupper($actuator->driver->inherentActiveLevel()->value);
        }

        return implode('; ', $notes);
    }

    private function moduleContacts(string $id): void
    {
        foreach (['NC', 'COM', 'NO'] as $terminal) {
            $name = $this->contactTerminal($id, $terminal);
            $this->harness->extend($this->channels[$id][0], new Terminal($name, $name, Joining::Screw));
        }
    }

    /** The net of a node of the circuit. */
    private function node(string $id, Actuator $actuator, string $node): string
    {
        $owner = null !== $actuator->opens && $actuator->driver->turnsRound() ? $actuator->opens : $id;

        return match ($node) {
            BuiltPart::PIN => $this->places->signal($actuator->function),
            BuiltPart::RAIL => $this->places->rail($actuator->rail),
            BuiltPart::PIN_SUPPLY => $this->places->pinSupply(),
            BuiltPart::GROUND => $this->places->ground($actuator->rail),
            BuiltPart::INPUT_GROUND => $this->places->ground(),
            default => $this->harness->net(
                $owner . '.' . $node,
                sprintf('%s of %s', $node, $this->board->nameOf($owner)),
                NetKind::Signal,
                Area::LowVoltage,
            ),
        };
    }

    private function joinDriver(string $id, BuiltPart $part, string $device, string $terminal, string $net): void
    {
        $number = Places::number($id);
        if (!$part->isShared) {
            $this->harness->join($net, $device, $terminal, sprintf(self::WIRES[$part->letter . $part->digit][$terminal], $number), $id);

            return;
        }
        $isOfChannel = str_contains($terminal, '%d');
        $name = $isOfChannel ? sprintf($terminal, $this->channels[$id][1]) : $terminal;
        $isInput = BuiltPart::PIN === ($part->nodes[$terminal] ?? '');
        $wire = match (true) {
            $isInput => 'W' . $number . '1',
            $isOfChannel => 'J' . $number . '7',
            default => sprintf(self::SHARED_WIRES[$terminal], substr($device, 1, -1)),
        };
        $this->harness->join($net, $device, $name, $wire, $id);
    }

    private function coil(string $id, Actuator $actuator, string $plus, string $minus): void
    {
        $number = Places::number($id);
        if (null === $actuator->relay) {
            // The appliance itself hangs where a coil would.
            $line = Places::number($this->board->lineOf($id));
            $this->harness->join($plus, 'E' . $line . '1', '+', 'W' . $number . '2', $id);
            $this->harness->join($minus, 'E' . $line . '1', '-', 'Y' . $number . '7', $id);
        } elseif (null !== $actuator->opens) {
            $relay = 'K' . Places::number($actuator->opens) . '1';
            $this->harness->join($plus, $relay, 'B1', 'W' . $number . '2', $id);
            $this->harness->join($minus, $relay, 'B2', 'Y' . $number . '7', $id);
        } else {
            $this->harness->join($plus, 'K' . $number . '1', 'A1', 'W' . $number . '2', $id);
            $this->harness->join($minus, 'K' . $number . '1', 'A2', 'Y' . $number . '7', $id);
            if ($actuator->paired) {
                $this->harness->join($plus, 'K' . $number . '2', 'A1', 'W' . $number . '4', $id);
                $this->harness->join($minus, 'K' . $number . '2', 'A2', 'Y' . $number . '8', $id);
            }
        }
        $this->clamp($id, $actuator, $plus, $minus);
    }

    /** Across the coil, its band at the plus; an array brings its diodes, and a bridge has a way of its own. */
    private function clamp(string $id, Actuator $actuator, string $plus, string $minus): void
    {
        $clamp = $actuator->clamp->value;
        if (!$this->board->kicks($actuator) || null !== $actuator->driver->package() || !$clamp instanceof Clamp) {
            return;
        }
        $number = Places::number($id);
        if (Clamp::Rc === $clamp) {
            $rc = $this->harness->device(
                DeviceKind::Suppressor,
                $number . '2',
                'RC across the coil',
                Harness::terminals(null, ['1', '2']),
                $id,
                $clamp->value,
            );
            $this->harness->join($plus, $rc, '1', 'Y' . $number . '9', $id);
            $this->harness->join($minus, $rc, '2', 'Y' . $number . '0', $id);
        } elseif (Clamp::None !== $clamp) {
            $this->diodes($id, $number, Clamp::DiodeZener === $clamp, $plus, $minus);
        }
    }

    private function diodes(string $id, string $number, bool $withZener, string $plus, string $minus): void
    {
        $diode = $this->harness->device(
            DeviceKind::Diode,
            $number . '1',
            'clamp diode',
            Harness::terminals(null, ['K', 'A']),
            $id,
            'band = K',
        );
        $between = $plus;
        if ($withZener) {
            $between = $this->harness->net(
                $id . '.zener',
                'between the diodes of ' . $this->board->nameOf($id),
                NetKind::Signal,
                Area::LowVoltage,
            );
            $zener = $this->harness->device(
                DeviceKind::Diode,
                $number . '2',
                'zener diode',
                Harness::terminals(null, ['K', 'A']),
                $id,
                'zener, ' . QuantityPrinter::rounded($this->board->railVolts($this->board->actuator($id)->rail)->typ, Unit::Volt),
                note: 'bands face',
            );
            $this->harness->join($plus, $zener, 'A', 'Y' . $number . '9', $id);
            $this->harness->join($between, $zener, 'K', 'Y' . $number . '5', $id);
        }
        $this->harness->join($between, $diode, 'K', ($withZener ? 'Z' : 'Y') . $number . '9', $id);
        $this->harness->join($minus, $diode, 'A', 'Y' . $number . '0', $id);
    }
}
