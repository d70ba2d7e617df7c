<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Board\Board;

/**
 * Everything that is joined to anything on a board and around it: the one list that every drawing of the wiring, every list of wires
 * and every netlist is a view of. It is derived from the board alone.
 */
final readonly class Connections
{
    /**
     * @param array<string, WiredDevice> $devices by designator
     * @param array<string, Net> $nets by id
     * @param array<string, Wire> $wires by number
     * @param list<string> $notes what is drawn though nobody has said it
     */
    public function __construct(public array $devices, public array $nets, public array $wires, public array $notes) {}

    /**
     * @param array<string, float> $railAmps amperes that each rail gives, by which wires are cut that nobody has chosen; none where they
     *     are not known
     */
    public static function of(Board $board, array $railAmps = []): self
    {
        $harness = new Harness();
        $places = new Places($board, $harness);
        $relays = new RelaySide($places);
        (new SupplySide($places))->add();
        (new HandSide($places))->add();
        $relays->add();
        (new MainsSide($places, $relays))->add();
        $harness->complete();
        Bars::add($places);
        $nets = $harness->nets();

        return new self($harness->devices, $nets, (new Wires($places, $nets, $railAmps))->all(), $harness->notes());
    }

    /** The net that an end belongs to; null where nothing is joined there. */
    public function netAt(string $device, string $terminal): ?Net
    {
        foreach ($this->nets as $net) {
            if (isset($net->ends[$device . '.' . $terminal])) {
                return $net;
            }
        }

        return null;
    }

    /**
     * @return list<string> numbers of the wires of a net
     */
    public function wiresOf(string $net): array
    {
        return array_map(strval(...), array_keys(array_filter($this->wires, static fn(Wire $wire): bool => $wire->net === $net)));
    }

    /** A terminal with the names that are printed at it: “U01 R7, GPIO13 (printed 13)”. */
    public function words(End $end): string
    {
        $device = $this->devices[$end->device] ?? null;
        $terminal = $device?->terminals[$end->terminal] ?? null;
        if (null === $device || null === $terminal) {
            return $end->name();
        }
        if (DeviceKind::Bar === $device->kind) {
            return $device->id . ', a free pole';
        }
        $pad = '' === $terminal->pad || $terminal->pad === $terminal->name ? '' : ' ' . $terminal->pad . ',';

        return sprintf('%s%s %s', $device->id, $pad, $terminal->names());
    }
}
