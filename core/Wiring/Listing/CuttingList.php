<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

use IronLatch\Core\Wiring\Connections;

/** How many wires of which colour and size are to be cut, and how much of each that is as far as lengths are known. */
final class CuttingList
{
    /**
     * @return list<CuttingRow> by colour and size
     */
    public static function of(Connections $connections): array
    {
        $rows = [];
        foreach ($connections->wires as $wire) {
            if ($wire->onBoard) {
                continue;
            }
            $key = sprintf('%s %012.9f', $wire->colour->value, ($wire->squareMetres ?? 0.0) * 1e6);
            $row = $rows[$key] ?? new CuttingRow($wire->colour, $wire->squareMetres, [], 0.0, []);
            $rows[$key] = $row->with($wire);
        }
        ksort($rows);

        return array_values($rows);
    }
}
