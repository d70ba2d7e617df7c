<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\Wire;
use IronLatch\Core\Wiring\WiredDevice;

/** What is to be done to a wired board for it to become the next one: wires to remove, to move, to add, in this order. */
final readonly class WiringDiff
{
    /**
     * @param array<string, Wire> $removed by number, as they were
     * @param array<string, array{Wire, Wire}> $moved as they were and as they shall be
     * @param array<string, Wire> $added
     * @param list<string> $devicesGone
     * @param list<string> $devicesNew
     * @param array<string, array{WiredDevice, WiredDevice}> $exchanged devices of another part, value or setting, as they were and as they
     *     shall be
     */
    private function __construct(
        public array $removed,
        public array $moved,
        public array $added,
        public array $devicesGone,
        public array $devicesNew,
        public array $exchanged,
    ) {}

    public static function between(Connections $before, Connections $after): self
    {
        $moved = [];
        foreach (array_intersect_key($after->wires, $before->wires) as $number => $wire) {
            $was = $before->wires[$number];
            if (self::described($before, $was) !== self::described($after, $wire)) {
                $moved[$number] = [$was, $wire];
            }
        }

        $exchanged = [];
        foreach (array_intersect_key($after->devices, $before->devices) as $id => $device) {
            if (self::seen($before->devices[$id]) !== self::seen($device)) {
                $exchanged[$id] = [$before->devices[$id], $device];
            }
        }

        return new self(
            array_diff_key($before->wires, $after->wires),
            $moved,
            array_diff_key($after->wires, $before->wires),
            array_values(array_diff(array_keys($before->devices), array_keys($after->devices))),
            array_values(array_diff(array_keys($after->devices), array_keys($before->devices))),
            $exchanged,
        );
    }

    /** The same for boards that are wired alike, part by part and wire by wire. */
    public static function fingerprint(Connections $connections): string
    {
        $wires = array_map(static fn(Wire $wire): array => self::described($connections, $wire), $connections->wires);
        $devices = array_map(self::seen(...), $connections->devices);
        ksort($wires);
        ksort($devices);

        return hash('sha256', json_encode([$wires, $devices], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }

    public function isEmpty(): bool
    {
        return [] === $this->removed && [] === $this->moved && [] === $this->added && [] === $this->exchanged
            && [] === $this->devicesGone && [] === $this->devicesNew;
    }

    /** @return list<string> the nets on whose sheets something changes, as they are now */
    public function nets(): array
    {
        return array_values(array_unique([
            ...array_map(static fn(array $pair): string => $pair[1]->net, array_values($this->moved)),
            ...array_map(static fn(Wire $wire): string => $wire->net, array_values($this->added)),
        ]));
    }

    /**
     * What somebody who wires it sees of a device. Bars grow with their wires, and names say nothing of a part.
     *
     * @return list<?string>
     */
    private static function seen(WiredDevice $device): array
    {
        return match ($device->kind) {
            DeviceKind::Bar => [],
            // What it is called after is its line; what it is stands in its name.
            DeviceKind::Outlet => [$device->part, $device->name, $device->note],
            default => [$device->part, $device->value, $device->note],
        };
    }

    /**
     * What somebody who wires it sees of a wire. The poles of a bar are alike.
     *
     * @return array<int, mixed>
     */
    private static function described(Connections $connections, Wire $wire): array
    {
        return [
            $connections->words($wire->from),
            $connections->words($wire->to),
            $wire->colour,
            $wire->squareMetres,
            $wire->onBoard,
        ];
    }
}
