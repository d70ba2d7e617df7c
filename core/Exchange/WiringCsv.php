<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Mains\WireSize;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\End;
use IronLatch\Core\Wiring\Listing\ContinuityRow;
use IronLatch\Core\Wiring\Listing\CuttingList;
use IronLatch\Core\Wiring\Listing\TerminalPlan;
use IronLatch\Core\Wiring\Listing\WiringList;

/** The lists of the wiring as CSV (RFC 4180): wires, what is to be cut, terminals, and what is measured before power. */
final readonly class WiringCsv
{
    /**
     * @param list<string> $remarks what each of them rests on
     */
    public function __construct(private Board $board, private Connections $connections, private array $remarks) {}

    public function wires(): string
    {
        $rows = [];
        foreach (WiringList::of($this->connections) as $bundle => $wires) {
            foreach ($wires as $wire) {
                $rows[] = [
                    '',
                    $wire->number,
                    $this->connections->words($wire->from),
                    $this->connections->words($wire->to),
                    $wire->onBoard ? '' : $wire->colour->value,
                    $wire->onBoard ? '' : $wire->colour->words(),
                    $wire->onBoard ? '' : $this->size($wire->squareMetres),
                    null === $wire->metres ? '' : QuantityPrinter::rounded($wire->metres, Unit::Metre),
                    $this->treatment($wire->from),
                    $this->treatment($wire->to),
                    $bundle,
                    $this->connections->nets[$wire->net]->name,
                ];
            }
        }

        return $this->csv(
            ['done', 'number', 'from', 'to', 'letters', 'colour', 'size', 'length', 'end at from', 'end at to', 'bundle', 'net'],
            $rows,
        );
    }

    public function cutting(): string
    {
        $rows = [];
        foreach (CuttingList::of($this->connections) as $row) {
            $rows[] = [
                $row->colour->value,
                $row->colour->words(),
                $this->size($row->squareMetres),
                (string) count($row->wires),
                QuantityPrinter::rounded($row->metres, Unit::Metre),
                (string) count($row->unmeasured),
                implode(' ', $row->wires),
            ];
        }

        return $this->csv(['letters', 'colour', 'size', 'pieces', 'known length', 'pieces of unknown length', 'numbers'], $rows);
    }

    public function terminals(): string
    {
        $rows = [];
        foreach (TerminalPlan::of($this->connections) as $row) {
            $rows[] = [
                $row->device->id,
                $row->device->name,
                $row->terminal->names(),
                implode(' ', $row->wires),
                implode(' ', $row->beyond),
                $row->terminal->joining->value,
                null === $row->newtonMetres ? '' : sprintf('%.1f N·m', $row->newtonMetres),
            ];
        }

        return $this->csv(['device', 'name', 'terminal', 'wires', 'wires beyond', 'joined by', 'torque, from memory'], $rows);
    }

    /**
     * @param list<ContinuityRow> $readings
     */
    public function continuity(array $readings): string
    {
        return $this->csv(
            ['done', 'step', 'from', 'to', 'expected', 'limit', 'reading', 'another reading means'],
            array_map(
                static fn(ContinuityRow $row): array => [
                    '', $row->step, $row->from, $row->to, $row->expected, $row->limit, '', $row->means,
                ],
                $readings,
            ),
        );
    }

    private function size(?float $squareMetres): string
    {
        return null === $squareMetres ? 'not stated' : WireSize::printed($squareMetres, $this->board->system()->cordTable);
    }

    private function treatment(End $end): string
    {
        return ($this->connections->devices[$end->device]->terminals[$end->terminal] ?? null)?->joining->treatment() ?? '';
    }

    /**
     * @param list<string> $header
     * @param list<list<string>> $rows
     */
    private function csv(array $header, array $rows): string
    {
        return Csv::write([...array_map(static fn(string $remark): array => [$remark], $this->remarks), $header, ...$rows]);
    }
}
