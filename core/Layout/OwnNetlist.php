<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Build\Fit\Barrier;
use IronLatch\Core\Build\FittedBy;
use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Build\PartsRow;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Exchange\Netlist\NetlistNames;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\Net;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\WiredDevice;

/** The connections of a board as a layout desk was given them: nets, pins and pads under the names of the netlist that went out. */
final readonly class OwnNetlist
{
    /** @var array<string, Net> by the name that went out */
    public array $nets;
    /** @var array<string, string> name of the net by pin, as “K11.A1” */
    public array $netOf;
    /** @var array<string, list<string>> pads by part */
    public array $ports;
    /** @var array<string, list<string>> keys of the terminals by pin */
    private array $terminals;
    /** @var array<string, true> designators of parts that lie on the board */
    public array $onBoard;
    /** @var array<string, true> pins at mains while their relay rests, though nothing is joined to them */
    private array $restingAtMains;

    public function __construct(public Board $board, public Connections $connections, PartsList $list)
    {
        $names = new NetlistNames($connections);
        $netOf = $ports = $terminals = [];
        $out = $names->nets();
        foreach ($out as $name => $ends) {
            foreach ($ends as [$part, $port]) {
                $netOf[$part . '.' . $port] = $name;
            }
        }
        foreach ($connections->devices as $device) {
            $ports[$device->id] = $names->portsOf($device);
            foreach ($device->terminals as $terminal) {
                foreach ($names->pads($device, $terminal->key) as $port) {
                    $terminals[$device->id . '.' . $port][] = $terminal->key;
                }
            }
        }
        $this->nets = array_combine(array_keys($out), array_values($connections->nets));
        [$this->netOf, $this->ports, $this->terminals] = [$netOf, $ports, $terminals];
        $this->onBoard = self::onBoard($board, $list);
        $this->restingAtMains = $this->resting();
    }

    /**
     * @return array<string, true>
     */
    private static function onBoard(Board $board, PartsList $list): array
    {
        $designators = array_map(
            static fn(PartsRow $row): array => FittedBy::Nobody === $row->fittedBy ? [] : $row->designators,
            $list->rows,
        );

        return true === $board->build->form()?->isOneBoard() ? array_fill_keys(array_merge([], ...$designators), true) : [];
    }

    /**
     * The free contact of a relay whose other contacts are at mains carries mains as well, while the relay rests or pulls.
     *
     * @return array<string, true>
     */
    private function resting(): array
    {
        $resting = [];
        foreach ($this->connections->devices as $device) {
            $contacts = DeviceKind::Relay === $device->kind
                ? array_filter($this->ports[$device->id], fn(string $port): bool => !$this->isCoil($device, $port))
                : [];
            $nets = array_map(fn(string $port): ?Net => $this->net($device->id . '.' . $port), $contacts);
            if ([] !== array_filter($nets, static fn(?Net $net): bool => true === $net?->kind->isMains())) {
                foreach ($contacts as $port) {
                    if (!isset($this->netOf[$device->id . '.' . $port])) {
                        $resting[$device->id . '.' . $port] = true;
                    }
                }
            }
        }

        return $resting;
    }

    private function isCoil(WiredDevice $device, string $port): bool
    {
        return [] !== array_filter(
            $this->terminals[$device->id . '.' . $port] ?? [],
            static fn(string $key): bool => 1 === preg_match('/^A\d$/', $key),
        );
    }

    /** The net that a pin should lie on; null for a pin that nothing is joined to. */
    public function net(string $pin): ?Net
    {
        return $this->nets[$this->netOf[$pin] ?? ''] ?? null;
    }

    /** Whether a pin can be at mains; protective earth is not. */
    public function isAtMains(string $pin): bool
    {
        $net = $this->net($pin);

        return isset($this->restingAtMains[$pin]) || (null !== $net && self::isLive($net));
    }

    /** Mains that can hurt: protective earth cannot. */
    public static function isLive(Net $net): bool
    {
        return $net->kind->isMains() && NetKind::Earth !== $net->kind;
    }

    /** Whether anything of a part belongs to mains. */
    public function touchesMains(string $part): bool
    {
        return [] !== array_filter($this->ports[$part] ?? [], fn(string $port): bool => $this->isAtMains($part . '.' . $port));
    }

    /** Other pads of the same terminal, which the part joins inside. */
    public function sameTerminal(string $pin, string $other): bool
    {
        return [] !== array_intersect($this->terminals[$pin] ?? [], $this->terminals[$other] ?? []);
    }

    /**
     * Names by which a layout desk may call a pad of ours: as it went out, as it is printed, by its other name, and cut to four letters
     * where that stays clear.
     *
     * @return array<string, string> pad by name, in small letters
     */
    public function pinNames(string $part): array
    {
        $device = $this->connections->devices[$part];
        $names = [];
        foreach ($this->ports[$part] as $port) {
            $keys = $this->terminals[$part . '.' . $port] ?? [];
            $said = [$port, ltrim($port, '&'), ...$keys];
            foreach ($keys as $key) {
                $terminal = $device->terminals[$key];
                array_push($said, $terminal->name, $terminal->second, ...explode(', ', $terminal->pad));
            }
            foreach (array_unique([...$said, ...array_map(static fn(string $one): string => substr($one, 0, 4), $said)]) as $name) {
                if ('' !== $name) {
                    $names[strtolower($name)][$port] = true;
                }
            }
        }
        foreach ($this->ports[$part] as $port) {
            // As it went out it means this pad alone.
            $names[strtolower(ltrim($port, '&'))] = [$port => true];
        }

        return array_map(
            static fn(array $ports): string => array_key_first($ports),
            array_filter($names, static fn(array $ports): bool => 1 === count($ports)),
        );
    }

    /** Two pins of a part that may be exchanged, since it is the same either way round. */
    public function isSymmetric(string $part): bool
    {
        $device = $this->connections->devices[$part] ?? null;

        return null !== $device && 2 === count($this->ports[$part]) && match ($device->kind) {
            DeviceKind::Resistor, DeviceKind::Suppressor, DeviceKind::Fuse, DeviceKind::CutOut, DeviceKind::Switch => true,
            DeviceKind::Capacitor => !str_contains($device->note, '+') && !isset($device->terminals['+']),
            default => false,
        };
    }

    /** Whether two pins of one part are the same to it: both ends of a resistor, of the coil of a plain relay. */
    public function areAlike(string $part, string $one, string $other): bool
    {
        $device = $this->connections->devices[$part] ?? null;
        $relay = $this->board->parts[$device->part ?? ''] ?? null;

        return $this->isSymmetric($part) || (null !== $device
            && $relay instanceof Relay
            && null === $relay->bistable
            && null === $relay->solidState
            && $this->isCoil($device, $one)
            && $this->isCoil($device, $other));
    }

    /** A pin in words: “U01 L14, GND”. */
    public function words(string $pin): string
    {
        [$part, $port] = explode('.', $pin, 2);
        $device = $this->connections->devices[$part] ?? null;
        $key = $this->terminals[$pin][0] ?? null;
        $names = null === $device || null === $key ? '' : $device->terminals[$key]->names();
        $pad = ltrim($port, '&');

        return '' === $names || $names === $pad || strtolower($names) === strtolower($port)
            ? sprintf('%s %s', $part, '' === $names ? $pad : $names)
            : sprintf('%s %s (%s)', $part, $names, $pad);
    }

    /** A hash of everything that a file is held against: what was read of it holds while this stays the same. */
    public function hash(): string
    {
        $barrier = Barrier::of($this->board);
        $pins = $this->netOf;
        ksort($pins);
        $devices = array_map(
            static fn(WiredDevice $device): array => [$device->kind->value, $device->part, $device->value],
            array_intersect_key($this->connections->devices, $this->onBoard),
        );
        ksort($devices);

        $build = [$this->board->build->form()?->value, $this->board->build->assembler, get_object_vars($barrier)];

        return hash('sha256', json_encode([$pins, $devices, $build], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }

    /**
     * Lines that a net serves.
     *
     * @return array<string, string> name by id
     */
    public function lines(Net $net): array
    {
        $subjects = [];
        foreach ($net->ends as $end) {
            $device = $this->connections->devices[$end->device] ?? null;
            $subjects += [$end->subject => true] + (null === $device ? [] : [$device->subject => true]);
        }

        return $net->isCommon() ? [] : $this->linesOf($subjects);
    }

    /**
     * Lines that any of these belongs to.
     *
     * @param array<string, true> $subjects ids on the board
     * @return array<string, string> name by id
     */
    public function linesOf(array $subjects): array
    {
        $lines = [];
        foreach ($this->board->lines as $id => $line) {
            if ([] !== array_intersect_key($line->subjects($id), $subjects)) {
                $lines[$id] = $line->name;
            }
        }

        return $lines;
    }

    /** The part that a pin belongs to: K11 of “K11.A1”. */
    public static function part(string $pin): string
    {
        return explode('.', $pin, 2)[0];
    }
}
