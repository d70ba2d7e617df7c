<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;

/** One line that a rail of the board feeds, or whose contact somebody else puts a small voltage on. */
final class DirectLine
{
    private readonly Board $board;
    private readonly Harness $harness;
    private readonly Line $line;
    private readonly string $number;

    public function __construct(private readonly Places $places, private readonly RelaySide $relays, private readonly string $id)
    {
        $this->board = $places->board;
        $this->harness = $places->harness;
        $this->line = $places->board->lines[$id];
        $this->number = Places::number($id);
    }

    public function add(): void
    {
        $isForeign = $this->board->appliance($this->line)->ownVoltage;
        $terminals = $isForeign ? ['1', '2'] : ['+', '-'];
        $appliance = $this->places->appliance($this->id, $terminals, $isForeign ? 'it brings a voltage of its own' : 'mind + and −');
        foreach ($this->line->actuators as $id => $actuator) {
            if (null !== $actuator->relay && null === $actuator->opens && null === $actuator->guards) {
                $this->contact($id, $appliance, $isForeign);

                return;
            }
        }
    }

    private function contact(string $id, string $appliance, bool $isForeign): void
    {
        $block = $this->terminals($isForeign);
        $feed = $isForeign ? null : $this->line->feed;
        $from = null === $feed
            ? $this->harness->net($this->id . '.feed', sprintf('%s, fed', $this->line->name), NetKind::SwitchedDirect, Area::LowVoltage)
            : $this->places->rail($feed);
        $to = $this->harness->net($this->id . '.on', sprintf('%s, switched', $this->line->name), NetKind::SwitchedDirect, Area::LowVoltage);
        $at = $this->guarded($id, $from);
        $this->relays->pole($id, $at, $to);
        [$plus, $minus] = $isForeign ? ['1', '2'] : ['+', '-'];
        $back = $isForeign ? $from : (null === $feed ? null : $this->places->ground($feed));
        $this->way($to, $block, $plus, $appliance, '1', '5');
        if (null !== $back) {
            $this->way($back, $block, $minus, $appliance, '2', '6');
        }
        if (!$isForeign && true === $this->line->safety?->loadDiode?->value && null !== $back) {
            $diode = $this->harness->device(
                DeviceKind::Diode,
                $this->number . '6',
                'across the appliance',
                Harness::terminals(null, ['K', 'A']),
                $this->id,
                'band = K',
            );
            $this->harness->join($to, $diode, 'K', 'M' . $this->number . '8', $this->id);
            $this->harness->join($back, $diode, 'A', 'M' . $this->number . '9', $this->id);
        }
    }

    private function terminals(bool $isForeign): string
    {
        [$plus, $minus] = $isForeign ? [['1', '1'], ['2', '2']] : [['+', '+'], ['-', '−']];

        return $this->harness->device(
            DeviceKind::Terminals,
            $this->number . '2',
            $this->line->name,
            [
                new Terminal($plus[0], $plus[1], Joining::Screw, passes: true),
                new Terminal($minus[0], $minus[1], Joining::Screw, passes: true),
            ],
            $this->id,
        );
    }

    private function way(string $net, string $block, string $terminal, string $appliance, string $near, string $far): void
    {
        $this->harness->join($net, $block, $terminal, 'M' . $this->number . $near, $this->id);
        $this->harness->join($net, $appliance, $terminal, 'M' . $this->number . $far, $this->id, $block . '.' . $terminal, $this->id);
    }

    private function guarded(string $id, string $from): string
    {
        foreach ($this->line->actuators as $guard => $actuator) {
            if ($actuator->guards !== $id) {
                continue;
            }
            $to = $this->harness->net(
                $this->id . '.' . $guard,
                sprintf('%s, behind the guard', $this->line->name),
                NetKind::SwitchedDirect,
                Area::LowVoltage,
            );
            $this->relays->pole($guard, $from, $to);

            return $to;
        }

        return $from;
    }
}
