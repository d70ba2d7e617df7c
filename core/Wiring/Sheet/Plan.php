<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

use IronLatch\Core\Wiring\Area;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\End;
use IronLatch\Core\Wiring\Net;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\Places;
use IronLatch\Core\Wiring\Terminal;

/** What belongs on the sheets of one area: its parts in their columns, and the strands between them. */
final class Plan
{
    private const COIL = ['A1', 'A2', 'B1', 'B2'];

    /** @var array<string, Placed> by key */
    public array $parts = [];
    /** @var array<string, Strand> by id */
    public array $strands = [];
    /** Key of the part that everything goes out from. */
    public readonly string $root;
    /** @var array<string, string> number of the wire that ends at an end, by its name */
    private array $wireAt = [];

    public function __construct(private readonly Connections $connections, public readonly Area $area)
    {
        $this->root = Area::Mains === $area ? 'X01' : Places::CONTROLLER;
        foreach ($connections->wires as $number => $wire) {
            $this->wireAt[$wire->to->name()] = $number;
        }
        $this->gather();
        $this->columns();
        $this->sides();
    }

    /** Which sheet an end is drawn on: that of its net, or for what all share, that of its device. */
    private function isHere(Net $net, End $end, Area $ofDevice): bool
    {
        if (DeviceKind::Bar === $this->connections->devices[$end->device]->kind) {
            return false;
        }

        return ($net->kind->isShared() && !$net->kind->isMains() ? $ofDevice : $net->area) === $this->area;
    }

    /** @return array<string, Area> by device: the hand side where it is only there, else low voltage */
    private function areas(): array
    {
        $areas = [];
        foreach ($this->connections->nets as $net) {
            if (!$net->kind->isShared()) {
                foreach ($net->ends as $end) {
                    $areas[$end->device] = Area::Hand === $net->area && Area::LowVoltage !== ($areas[$end->device] ?? null)
                        ? Area::Hand
                        : Area::LowVoltage;
                }
            }
        }

        return [...$areas, Places::CONTROLLER => Area::LowVoltage];
    }

    private function gather(): void
    {
        $areas = $this->areas();
        $strandAt = [];
        foreach ($this->connections->nets as $net) {
            foreach ($net->ends as $end) {
                if ($this->isHere($net, $end, $areas[$end->device] ?? Area::LowVoltage)) {
                    $id = null === $end->via ? $net->id : $net->id . '@' . $end->via;
                    $this->strands[$id] ??= new Strand($id, $net);
                    $strandAt[$end->device][$end->terminal][] = [$this->strands[$id], $end];
                    if (null !== $end->via) {
                        [$device, $terminal] = explode('.', $end->via, 2);
                        $strandAt[$device][$terminal]['beyond'] = [$this->strands[$id], null];
                    }
                }
            }
        }
        foreach (array_intersect_key($this->connections->devices, $strandAt) as $device) {
            foreach ($device->terminals as $key => $terminal) {
                $part = $this->partFor($device->id, $terminal);
                foreach ($strandAt[$device->id][$key] ?? [] as [$strand, $end]) {
                    $this->addJoint($part, $terminal, $strand, $end);
                }
                if (!isset($strandAt[$device->id][$key]) && $part->showsAll() && $this->isFree($device->id, (string) $key)) {
                    $part->joints[] = new Joint($terminal, null, null);
                }
            }
        }
        $this->parts = array_filter(
            $this->parts,
            static fn(Placed $part): bool => [] !== array_filter($part->joints, static fn(Joint $joint): bool => null !== $joint->strand),
        );
    }

    private function isFree(string $device, string $terminal): bool
    {
        return null === $this->connections->netAt($device, $terminal);
    }

    private function addJoint(Placed $part, Terminal $terminal, Strand $strand, ?End $end): void
    {
        $joint = new Joint($terminal, $strand, null === $end ? null : $this->wireAt[$end->name()] ?? null);
        $part->joints[] = $joint;
        $strand->members[] = [$part, $joint];
    }

    /** Coil and contact of a relay stand apart, and so does each channel of a module. */
    private function partFor(string $device, Terminal $terminal): Placed
    {
        $kind = $this->connections->devices[$device]->kind;
        $key = $device;
        if (DeviceKind::Relay === $kind && !in_array($terminal->key, self::COIL, true)) {
            $key .= '~contact';
        } elseif (DeviceKind::Module === $kind && 1 === preg_match('/^(?:COM|NO|NC)(\d+)$/', $terminal->key, $channel)) {
            $key .= '~' . $channel[1];
        }

        return $this->parts[$key] ??= new Placed($key, $this->connections->devices[$device]);
    }

    private function columns(): void
    {
        foreach ($this->strands as $strand) {
            $near = array_filter($strand->net->ends, fn(End $end): bool => null === $end->via
                && DeviceKind::Bar !== $this->connections->devices[$end->device]->kind);
            $strand->isBar = $strand->net->kind->isShared() && $strand->id === $strand->net->id
                && (count($strand->members) > 2 || count($near) > count($strand->members) || $strand->net->isCommon());
        }
        if (isset($this->parts[$this->root])) {
            $this->spread([$this->parts[$this->root]], 0);
        }
        $starts = $this->starts();
        // Contacts that are fed side by side stand under one another.
        $this->spread(array_filter($starts, static fn(Placed $part): bool => -1 === $part->column && self::isFedContact($part)), 1);
        foreach ($starts as $part) {
            if (-1 === $part->column) {
                $this->spread([$part], 1);
            }
        }
    }

    /** @return list<Placed> those that currents come to first at the head */
    private function starts(): array
    {
        $starts = array_values(array_filter($this->parts, fn(Placed $part): bool => !$this->isBeyond($part)));
        usort($starts, static fn(Placed $one, Placed $other): int => [$one->device->kind->rank(), $one->key]
            <=> [$other->device->kind->rank(), $other->key]);

        return $starts;
    }

    /** Whether it stands behind a terminal block, outside the box, and is reached from there. */
    private function isBeyond(Placed $part): bool
    {
        foreach ($part->joints as $joint) {
            if (null !== $joint->strand && str_contains($joint->strand->id, '@') && !$joint->terminal->passes) {
                return true;
            }
        }

        return false;
    }

    private static function isFedContact(Placed $part): bool
    {
        foreach ($part->joints as $joint) {
            $kind = $joint->strand?->net->kind;
            if (true === $joint->strand?->isBar && (NetKind::Live === $kind || NetKind::Rail === $kind)) {
                return $part->isContact();
            }
        }

        return false;
    }

    /**
     * @param array<int, Placed> $queue
     */
    private function spread(array $queue, int $column): void
    {
        foreach ($queue as $part) {
            $part->column = $column;
        }
        while (null !== $part = array_shift($queue)) {
            foreach ($part->joints as $joint) {
                $strand = $joint->strand;
                if (null === $strand || $strand->isBar) {
                    continue;
                }
                foreach ($strand->parts() as $other) {
                    if (-1 !== $other->column) {
                        continue;
                    }
                    $other->isShunt = self::hangsOn($other);
                    $other->column = $other->isShunt ? max(1, $part->column) : $part->column + 1;
                    $queue[] = $other;
                }
            }
        }
    }

    /** Whether a part of two terminals hangs between a wire and a bar. */
    private static function hangsOn(Placed $part): bool
    {
        $isSmall = in_array(
            $part->device->kind,
            [DeviceKind::Resistor, DeviceKind::Capacitor, DeviceKind::Diode, DeviceKind::Suppressor],
            true,
        );
        $bars = array_filter($part->joints, static fn(Joint $joint): bool => true === $joint->strand?->isBar);

        return $isSmall && 2 === count($part->joints) && 1 === count($bars);
    }

    /** At which edge of its box each terminal stands: towards the parts that it is joined to. */
    private function sides(): void
    {
        foreach ($this->strands as $strand) {
            if ($strand->isBar) {
                continue;
            }
            $channel = $this->channelOf($strand);
            $strand->isBar = null === $channel;
            foreach (null === $channel ? [] : $strand->members as [$part, $joint]) {
                $joint->isLeft = $part->column > $channel;
            }
        }
        foreach ($this->parts as $part) {
            $this->barSides($part);
        }
    }

    /** The channel between two columns that all members of a strand stand at; null where there is none. */
    private function channelOf(Strand $strand): ?int
    {
        $columns = array_map(static fn(Placed $part): int => $part->column, $strand->parts());
        if ([] === $columns) {
            return null;
        }
        $isBeyond = str_contains($strand->id, '@');
        $least = min($columns);
        $most = max($columns);
        if ($isBeyond || $most > $least) {
            return $most - $least <= 1 ? $least : null;
        }
        // All in one column: parts that hang on a pin face it, all else faces on.
        $isAtRoot = 1 === $least && [] !== array_filter($strand->parts(), fn(Placed $part): bool => $part->key === $this->root);

        return $isAtRoot ? 0 : $least;
    }

    /** What goes to a bar leaves the box where the rest of it does; a transistor’s supply side is the one away from its input. */
    private function barSides(Placed $part): void
    {
        $wired = array_filter($part->joints, static fn(Joint $joint): bool => null !== $joint->strand && !$joint->strand->isBar);
        $left = array_filter($wired, static fn(Joint $joint): bool => $joint->isLeft);
        $isRight = $part->key === $this->root
            || ([] !== $wired && count($left) < count($wired))
            || DeviceKind::Transistor === $part->device->kind;
        foreach ($part->joints as $joint) {
            if (null === $joint->strand || $joint->strand->isBar) {
                $passes = $joint->terminal->passes && [] !== $wired && null !== $joint->strand;
                $joint->isLeft = $passes || !$isRight;
            }
        }
        // An outlet block is fed from inside the box, whatever lies behind it.
        if ($part->device->kind === DeviceKind::Terminals) {
            foreach ($part->joints as $joint) {
                $isWired = false === $joint->strand?->isBar;
                $joint->isLeft = $isWired ? $joint->isLeft : !str_contains($joint->strand->id ?? '', '@');
            }
        }
    }
}
