<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Build\PartsRow;

/** The parts list as CSV (RFC 4180): one row for parts that are alike. */
final class PartsCsv
{
    private const HEADER = ['count', 'kind', 'part', 'designators', 'part id', 'euros each, indicative', 'euros together', 'notes'];

    /**
     * @param list<string> $remarks what it rests on
     */
    public static function of(PartsList $parts, array $remarks): string
    {
        return Csv::write([
            ...array_map(static fn(string $remark): array => [$remark], $remarks),
            self::HEADER,
            ...array_map(static fn(PartsRow $row): array => [
                (string) count($row->designators),
                $row->kind->value,
                $row->what,
                implode(' ', $row->designators),
                $row->part ?? '',
                self::money($row->euros),
                self::money($row->sumEuros()),
                implode('; ', $row->notes),
            ], $parts->rows),
        ]);
    }

    private static function money(?float $euros): string
    {
        return null === $euros ? '' : sprintf('%.2f', $euros);
    }
}
