<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Review\Inspection;

/** The circuit of one relay as a SPICE netlist, at the corner that hurts. */
#[Piece(Folder::Layout, 'The circuit of one driver for a circuit simulator.')]
final readonly class DriverNetlistExport implements Export
{
    public static function name(): string
    {
        return 'driver';
    }

    public static function title(): string
    {
        return 'Netlist of a driver';
    }

    public function subjects(Inspection $inspection): array
    {
        return array_keys(array_filter(
            $inspection->board->actuators(),
            static fn(Actuator $actuator): bool => null !== Circuits::ofSingleParts($inspection->board, $actuator),
        ));
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $board = $handover->board;
        $circuit = Circuits::ofSingleParts($board, $board->actuator($subject))
            ?? throw new \LogicException('This relay has no circuit of single parts.');
        $values = $circuit->worst($board->ambientCelsius());
        $netlist = $circuit->netlist($values, Level::High === $circuit->activeLevel() ? $values['pinVolts'] : 0.0, $values['pinOhms']);
        $title = sprintf('* %s of %s, relay of %s, at the corner that hurts', $circuit->title(), $board->name, $board->nameOf($subject));

        return new ExportFile(
            sprintf('driver-%s.cir', strtolower($subject)),
            'text/plain; charset=utf-8',
            str_replace(["\r", "\n"], ' ', $title) . "\n" . $handover->netlistHead() . $netlist->spice(),
        );
    }
}
