<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

use IronLatch\Core\Exchange\Csv;

/** A list as it came back: which column says what, by heading, by content, or as the maker has put it right. */
final readonly class ListTable
{
    public const MOST_ROWS = 20_000;
    private const MOST_COLUMNS = 60;
    /** Beyond so many lines of preface nobody begins a list. */
    private const DEEPEST_HEADING = 40;

    /**
     * @param list<string> $headings
     * @param array<int, ListColumn> $columns by place, from 0
     * @param array<int, string> $how why each column is taken so
     * @param array<int, list<string>> $rows by their place among the rows of the file, from 1
     */
    private function __construct(public array $headings, public array $columns, public array $how, public array $rows) {}

    /**
     * @param array<int|string, string> $put columns as the maker has put them right, by heading
     * @throws Unreadable
     */
    public static function read(string $text, array $put = []): self
    {
        $best = null;
        foreach ([',', ';', "\t", '|', ' '] as $separator) {
            $rows = ' ' === $separator ? self::byBlanks($text) : Csv::read($text, $separator);
            foreach (array_slice($rows, 0, self::DEEPEST_HEADING) as $place => $row) {
                $known = count(array_unique(array_filter(array_map(
                    static fn(string $heading): ?string => ListColumn::named($heading)?->value,
                    $row,
                ))));
                if ($known > ($best[0] ?? 1)) {
                    $best = [$known, $rows, $place];
                }
            }
        }
        if (null === $best) {
            throw new Unreadable('No row of this file names two columns of a list: a parts list names designators and values, a placement '
                . 'list designators, x, y and rotation, a netlist net, part and pin. Write headings over its columns.');
        }

        return self::of($best[1], $best[2], $put);
    }

    /**
     * @param list<list<string>> $all
     * @param array<int|string, string> $put
     */
    private static function of(array $all, int $place, array $put): self
    {
        $headings = $all[$place];
        if (count($headings) > self::MOST_COLUMNS || count($all) > self::MOST_ROWS) {
            throw new Unreadable(sprintf('A list has at most %d columns and %d rows.', self::MOST_COLUMNS, self::MOST_ROWS));
        }
        $rows = [];
        foreach (array_slice($all, $place + 1, null, true) as $index => $row) {
            // Shorter rows are remarks; lists that go on give every column.
            if (count(array_filter($row, static fn(string $cell): bool => '' !== trim($cell))) > 1) {
                $rows[$index + 1] = array_map(trim(...), array_pad($row, count($headings), ''));
            }
        }
        [$columns, $how] = self::recognised($headings, $rows);
        foreach ($headings as $column => $heading) {
            $wanted = ListColumn::tryFrom($put[$heading] ?? '');
            if (null !== $wanted) {
                // What another column said before says nothing any more.
                $columns = array_map(static fn(ListColumn $one): ListColumn => $one === $wanted ? ListColumn::Nothing : $one, $columns);
                $columns[$column] = $wanted;
                $how[$column] = 'as you have put it';
            }
        }

        return new self($headings, $columns, $how, $rows);
    }

    /**
     * @param list<string> $headings
     * @param array<int, list<string>> $rows
     * @return array{array<int, ListColumn>, array<int, string>}
     */
    private static function recognised(array $headings, array $rows): array
    {
        $columns = array_fill(0, count($headings), ListColumn::Nothing);
        $how = array_fill(0, count($headings), 'its heading is not known');
        $taken = [];
        foreach ($headings as $place => $heading) {
            $column = ListColumn::named($heading);
            $before = null === $column ? null : $taken[$column->value] ?? null;
            if (null === $column || (null !== $before && $column->sureness($headings[$before]) >= $column->sureness($heading))) {
                continue;
            }
            if (null !== $before) {
                $columns[$before] = ListColumn::Nothing;
                $how[$before] = sprintf('“%s” says the same', $heading);
            }
            $columns[$place] = $column;
            $how[$place] = 'by its heading';
            $taken[$column->value] = $place;
        }
        foreach ($headings as $place => $heading) {
            $column = ListColumn::Nothing === $columns[$place] ? self::byContent(array_column($rows, $place)) : null;
            if (null !== $column && !isset($taken[$column->value])) {
                $columns[$place] = $column;
                $how[$place] = 'by what stands in it';
                $taken[$column->value] = $place;
            }
        }

        return [$columns, $how];
    }

    /**
     * Designators and sides are known by their looks.
     *
     * @param list<string> $cells
     */
    private static function byContent(array $cells): ?ListColumn
    {
        $filled = array_values(array_filter($cells, static fn(string $cell): bool => '' !== $cell));
        $all = static fn(string $pattern): bool => [] !== $filled && count((array) preg_grep($pattern, $filled)) >= 0.9 * count($filled);

        return match (true) {
            $all('/^(top|bottom|t|b|f\.cu|b\.cu|toplayer|bottomlayer|front|back)$/i') => ListColumn::Side,
            $all('/^([A-Z]{1,3}\d{1,4})([ ,;]+[A-Z]{1,3}\d{1,4})*$/') => ListColumn::Designator,
            $all('/^[A-Z]{1,3}\d{1,4}[.\-:]\w+([ ,;]+[A-Z]{1,3}\d{1,4}[.\-:]\w+)*$/') => ListColumn::PartAndPin,
            default => null,
        };
    }

    /**
     * Columns that blanks keep apart; quotes hold words together.
     *
     * @return list<list<string>>
     */
    private static function byBlanks(string $text): array
    {
        $rows = [];
        foreach (explode("\n", str_replace("\r", "\n", $text)) as $line) {
            preg_match_all('/"([^"]*)"|(\S+)/u', ltrim($line, '# '), $found, PREG_SET_ORDER);
            $row = array_map(static fn(array $one): string => $one[2] ?? $one[1] ?? '', $found);
            if ([] !== $row) {
                $rows[] = $row;
            }
        }

        return $rows;
    }

    public function has(ListColumn ...$columns): bool
    {
        return [] === array_filter($columns, fn(ListColumn $column): bool => !in_array($column, $this->columns, true));
    }

    /** What a row says under a column; empty where the list has none. */
    public function cell(int $row, ListColumn $column): string
    {
        $place = array_search($column, $this->columns, true);

        return false === $place ? '' : $this->rows[$row][$place] ?? '';
    }

    /**
     * The designators of a row, one by one: “R1, R2”, “R1 R2”, “R1-R4”.
     *
     * @return list<string>
     */
    public function designators(int $row): array
    {
        $all = [];
        foreach (TableText::words($this->cell($row, ListColumn::Designator), ',;\/') as $one) {
            if (1 === preg_match('/^([A-Za-z]{1,3})(\d{1,4})-(?:\1)?(\d{1,4})$/', $one, $found)
                && (int) $found[2] < (int) $found[3] && (int) $found[3] - (int) $found[2] < 500) {
                foreach (range((int) $found[2], (int) $found[3]) as $number) {
                    $all[] = $found[1] . $number;
                }
            } else {
                $all[] = $one;
            }
        }

        return array_values(array_unique($all));
    }
}
