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

    /**
     * Reads a table from anywhere: separated by commas, semicolons or tabs, whichever its first line has most of, unless it is known.
     *
     * @param ?non-empty-string $known separator
     * @return list<list<string>>
     * @throws \InvalidArgumentException when it is no text
     */
    public static function read(string $text, ?string $known = null): array
    {
        if (!mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw new \InvalidArgumentException('This is no text in UTF-8. Save the table as CSV in UTF-8 and try again.');
        }
        $text = (string) preg_replace('/^\x{FEFF}/u', '', $text);
        $first = strtok($text, "\r\n");
        $head = false === $first ? '' : $first;
        $separator = ',';
        foreach ([';', "\t"] as $other) {
            $separator = substr_count($head, $other) >= max(1, substr_count($head, $separator)) ? $other : $separator;
        }
        $rows = [];
        foreach (self::records($text) as $record) {
            $rows[] = array_map(static fn(?string $field): string => $field ?? '', str_getcsv($record, $known ?? $separator, '"', ''));
        }

        return array_values(array_filter($rows, static fn(array $row): bool => '' !== trim(implode('', $row))));
    }

    /**
     * Lines, except where a quoted field runs over several.
     *
     * @return list<string>
     */
    private static function records(string $text): array
    {
        $records = [];
        $open = '';
        foreach ((array) preg_split('/\r\n|\n|\r/', $text) as $line) {
            $open .= ('' === $open ? '' : "\n") . $line;
            if (0 === substr_count($open, '"') % 2) {
                $records[] = $open;
                $open = '';
            }
        }

        return '' === $open ? $records : [...$records, $open];
    }
}
