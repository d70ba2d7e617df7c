<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Netlist;

use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\WiredDevice;

/**
 * The connections under names that every reader of netlists takes: letters, digits and underlines, “&” before a digit, none twice
 * whatever the case. The poles of a distribution bar are one port.
 */
final class NetlistNames
{
    public const BAR_PORT = 'BAR';

    public function __construct(private readonly Connections $connections) {}

    /** A name of letters, digits and underlines. */
    public function id(string $name): string
    {
        $plain = strtr($name, ['+' => 'PLUS', '-' => '_', '−' => 'MINUS', '′' => '']);
        $plain = (string) preg_replace('/[^A-Za-z0-9_]/', '_', '-' === $name ? 'MINUS' : $plain);

        return 1 === preg_match('/^[A-Za-z]/', $plain) ? $plain : '&' . $plain;
    }

    /** @return list<string> its pads, each once, those that nothing is joined to with them */
    public function portsOf(WiredDevice $device): array
    {
        $ports = [];
        foreach ($device->terminals as $terminal) {
            array_push($ports, ...$this->pads($device, $terminal->key));
        }

        return array_values(array_unique($ports));
    }

    /**
     * The pads of a terminal: several where a part has its ground or supply on more than one.
     *
     * @return list<string>
     */
    public function pads(WiredDevice $device, string $terminal): array
    {
        if (DeviceKind::Bar === $device->kind) {
            return [self::BAR_PORT];
        }
        $pad = $device->terminals[$terminal]->pad ?? '';
        $isNumbered = '' !== $pad && null !== $device->part;

        return array_map($this->id(...), $isNumbered ? explode(', ', $pad) : [$terminal]);
    }

    /**
     * @return array<string, list<array{string, string}>> device and port of every end, by the name of the net
     */
    public function nets(): array
    {
        $nets = [];
        $taken = [];
        foreach ($this->connections->nets as $net) {
            $name = $this->id(substr($net->id, 0, 24));
            while (isset($taken[strtolower($name)])) {
                $name .= '_';
            }
            $taken[strtolower($name)] = true;
            $ends = [];
            foreach ($net->ends as $end) {
                $device = $this->connections->devices[$end->device];
                foreach ($this->pads($device, $end->terminal) as $port) {
                    $ends[$device->id . ' ' . $port] = [$device->id, $port];
                }
            }
            $nets[$name] = array_values($ends);
        }

        return $nets;
    }
}
