<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Catalogue\Padded;
use IronLatch\Core\Drive\Circuit\SwitchCircuit;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** A connection list while it is written: devices as they come, nets as their ends are joined. */
final class Harness
{
    /** @var array<string, WiredDevice> by designator */
    public array $devices = [];
    /** @var array<string, array{name: string, kind: NetKind, area: Area, rail: ?string}> by id */
    private array $nets = [];
    /** @var array<string, array<string, End>> by net */
    private array $ends = [];
    /** @var array<string, string> what is drawn though nobody has said it */
    private array $notes = [];

    /**
     * @param array<int, Terminal> $terminals in their true order
     * @param list<Path> $paths
     */
    public function device(
        DeviceKind $kind,
        string $number,
        string $name,
        array $terminals,
        string $subject = '',
        string $value = '',
        ?string $part = null,
        string $note = '',
        array $paths = [],
    ): string {
        $id = $kind->letter() . $number;
        // Two of a kind where one is usual, such as a second fuse in one rail: the next digit that is free.
        for ($digit = 0; isset($this->devices[$id]) && $digit < 10; ++$digit) {
            $id = substr($kind->letter() . $number, 0, -1) . $digit;
        }
        $keyed = [];
        foreach ($terminals as $terminal) {
            $keyed[$terminal->key] = $terminal;
        }
        $this->devices[$id] = new WiredDevice($id, $kind, $name, $value, $subject, $keyed, $part, $note, $paths);

        return $id;
    }

    /** Something that is drawn though nobody has said it. */
    public function note(string $words): void
    {
        $this->notes[$words] = $words;
    }

    /** @return list<string> */
    public function notes(): array
    {
        return array_values($this->notes);
    }

    /** One more terminal at the end of a device: the pole of a bar, the pin of a header. */
    public function extend(string $device, Terminal $terminal): void
    {
        $old = $this->devices[$device];
        $this->devices[$device] = new WiredDevice(
            $old->id,
            $old->kind,
            $old->name,
            $old->value,
            $old->subject,
            $old->terminals + [$terminal->key => $terminal],
            $old->part,
            $old->note,
            $old->paths,
        );
    }

    public function net(string $id, string $name, NetKind $kind, Area $area, ?string $rail = null): string
    {
        $this->nets[$id] ??= ['name' => $name, 'kind' => $kind, 'area' => $area, 'rail' => $rail];

        return $id;
    }

    /**
     * @param string $wire number of a wire that ends there
     * @param string $subject id of what the wire belongs to
     */
    public function join(
        string $net,
        string $device,
        string|int $terminal,
        string $wire,
        string $subject = '',
        ?string $via = null,
        ?string $cable = null,
    ): void {
        $end = new End($device, (string) $terminal, $wire, $subject, $via, $cable);
        $this->ends[$net][$end->name()] ??= $end;
    }

    /** Whether an end of a net is known already. */
    public function isJoined(string $net): bool
    {
        return [] !== ($this->ends[$net] ?? []);
    }

    /**
     * Boards with faults are wired as they are said to be: what a part has no terminal for gets one, so that the drawing shows it; what
     * is joined to nothing that there is, is left out.
     */
    public function complete(): void
    {
        foreach ($this->ends as $net => $ends) {
            foreach ($ends as $name => $end) {
                if (!isset($this->devices[$end->device])) {
                    unset($this->ends[$net][$name]);
                } elseif (!isset($this->devices[$end->device]->terminals[$end->terminal])) {
                    $this->extend($end->device, new Terminal($end->terminal, $end->terminal, Joining::Solder));
                }
            }
        }
    }

    /**
     * @return array<string, Net> those that something is joined to, by id
     */
    public function nets(): array
    {
        $nets = [];
        foreach ($this->nets as $id => $net) {
            // A supply that nothing hangs on is no net.
            if ([] !== ($this->ends[$id] ?? []) && (NetKind::Rail !== $net['kind'] || count($this->ends[$id]) > 1)) {
                $nets[$id] = new Net($id, $net['name'], $net['kind'], $net['area'], $this->ends[$id], $net['rail']);
            }
        }

        return $nets;
    }

    /** A resistor, whose value its designator is printed with and an ohmmeter finds. */
    public function resistor(string $number, string $name, string $subject, float $ohms, string $value = '', string $note = ''): string
    {
        return $this->device(
            DeviceKind::Resistor,
            $number,
            $name,
            self::terminals(null, ['1', '2']),
            $subject,
            '' === $value ? QuantityPrinter::rounded($ohms, Unit::Ohm) : $value,
            note: $note,
            paths: [new Path('1', '2', Spread::tolerance($ohms, SwitchCircuit::RESISTOR_TOLERANCE))],
        );
    }

    /**
     * The terminals of a part in the order of its pads; in the usual order while nobody has written them down.
     *
     * @param list<string> $usual
     * @return list<Terminal>
     */
    public static function terminals(?Padded $part, array $usual, Joining $joining = Joining::Solder): array
    {
        $found = [];
        foreach ($part?->pads()?->both() ?? [] as [$number, $terminal]) {
            $before = $found[$terminal] ?? null;
            $pad = null === $before ? $number : $before->pad . ', ' . $number;
            $found[$terminal] = new Terminal($terminal, $terminal, $joining, pad: $pad);
        }
        foreach ($usual as $name) {
            $found[$name] ??= new Terminal($name, $name, $joining);
        }

        return array_values($found);
    }
}
