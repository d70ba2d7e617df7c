<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

/** Rows as comma-separated values after RFC 4180, harmless to a spreadsheet. */
final class Csv
{
    /**
     * @param list<list<string>> $rows
     */
    public static function write(array $rows): string
    {
        // RFC 4180 wants as many fields in every row.
        $width = max([0, ...array_map(count(...), $rows)]);

        return implode('', array_map(static fn(array $row): string => self::row(array_pad($row, $width, '')), $rows));
    }

    /**
     * @param list<string> $fields
     */
    private static function row(array $fields): string
    {
        return implode(',', array_map(static function (string $field): string {
            // A leading = + - @ would be run as a formula by a spreadsheet.
            $field = 1 === preg_match('/^[=+\\-@\\t\\r]/', $field) ? "'" . $field : $field;

            return 1 === preg_match('/[",\\r\\n]/', $field) ? '"' . str_replace('"', '""', $field) . '"' : $field;
        }, $fields)) . "\r\n";
    }
}
