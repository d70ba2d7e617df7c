<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Netlist;

use IronLatch\Core\Exchange\Csv;
use IronLatch\Core\Wiring\Connections;

/** The connections as CSV (RFC 4180): one row for each end of each net. */
final class NetlistCsv
{
    /**
     * @param list<string> $remarks what it rests on
     */
    public static function write(Connections $connections, array $remarks): string
    {
        $rows = array_map(static fn(string $remark): array => [$remark], $remarks);
        $rows[] = ['net', 'part', 'pin', 'name of the net', 'terminal'];
        $names = new NetlistNames($connections);
        foreach (array_combine(array_keys($names->nets()), array_values($connections->nets)) as $name => $net) {
            foreach ($net->ends as $end) {
                $device = $connections->devices[$end->device];
                foreach ($names->pads($device, $end->terminal) as $port) {
                    $rows[] = [$name, $device->id, $port, $net->name, $device->terminals[$end->terminal]->names()];
                }
            }
        }

        return Csv::write($rows);
    }
}
