<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Build\PartsRow;

/** The parts list as CSV (RFC 4180): one row for parts that are alike. */
final class PartsCsv
{
    private const HEADER = [
        'count',
        'kind',
        'part',
        'designators',
        'part id',
        'package',
        'side',
        'fitted by',
        'must bear',
        'bears',
        'euros each',
        'euros together',
        'price from',
        'price of',
        'notes',
    ];

    /**
     * @param list<string> $remarks what it rests on
     */
    public static function of(PartsList $parts, array $remarks): string
    {
        return Csv::write([
            ...array_map(static fn(string $remark): array => [$remark], $remarks),
            self::HEADER,
            ...array_map(static fn(PartsRow $row): array => [
                $row->counted(),
                $row->kind,
                $row->what,
                implode(' ', $row->designators),
                $row->part ?? '',
                $row->package,
                $row->side,
                $row->fittedBy->value,
                $row->rating?->neededWords() ?? '',
                $row->rating?->chosenWords() ?? '',
                self::money($row->price?->euros),
                self::money($row->sumEuros()),
                $row->price->source ?? '',
                $row->price->date ?? '',
                implode('; ', $row->notes),
            ], $parts->rows),
        ]);
    }

    private static function money(?float $euros): string
    {
        return null === $euros ? '' : sprintf('%.2f', $euros);
    }
}
