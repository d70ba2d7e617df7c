<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\Column;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\KeyEntry;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Report;

/**
 * What to set up on one surface, in order: the steps with what is seen when they have worked, and one row for each line and group, with
 * nothing left to be thought of.
 */
final readonly class SetUpSheet
{
    /**
     * @param list<SheetStep> $steps before the rows
     * @param list<string> $header
     * @param list<list<string>> $rows
     */
    private function __construct(
        public string $column,
        public string $title,
        public array $steps,
        public array $header,
        public array $rows,
    ) {}

    /**
     * In the order in which they are followed: what is wired, then each hop before those that hand on to it.
     *
     * @param ?Report $report what the maker lets stand is printed beside each line
     * @return array<string, self> by column
     */
    public static function all(Inspection $inspection, ?Report $report = null): array
    {
        $beside = null === $report ? [] : Headline::besideLines($inspection->board, $report);
        $map = $inspection->controls;
        $columns = $map->columns;
        $depth = static fn(string $id): int => count($map->routes[$id]->hops ?? []);
        uksort($columns, static fn(string $a, string $b): int => $depth($a) <=> $depth($b));
        $sheets = [];
        foreach ($columns as $id => $column) {
            $sheet = null !== $column->profile
                ? (new ChannelSheet($inspection, $map->routes[$id], $beside))
                : null;
            $sheet = null === $sheet
                ? self::wired($inspection, $column, $beside)
                : new self($id, $column->title, $sheet->steps(), $sheet->header(), $sheet->rows());
            if ([] !== $sheet->rows) {
                $sheets[$id] = $sheet;
            }
        }

        return $sheets;
    }

    /**
     * @param list<string> $remarks that stand above everything
     */
    public function csv(array $remarks): string
    {
        return Csv::write([...array_map(static fn(string $remark): array => [$remark], $remarks), ...$this->table()]);
    }

    /**
     * All sheets, one below the other in the order in which they are followed.
     *
     * @param array<string, self> $sheets
     * @param list<string> $remarks
     */
    public static function allCsv(array $sheets, array $remarks): string
    {
        $rows = array_map(static fn(string $remark): array => [$remark], $remarks);
        foreach ($sheets as $sheet) {
            array_push($rows, [$sheet->title], ...$sheet->table());
        }

        return Csv::write($rows);
    }

    /**
     * @return list<list<string>>
     */
    private function table(): array
    {
        return [
            SheetStep::HEADER,
            ...array_map(static fn(SheetStep $step, int $place): array => $step->row($place + 1), $this->steps, array_keys($this->steps)),
            $this->header,
            ...$this->rows,
        ];
    }

    /**
     * In one piece: two kinds of sheet, each with its steps, heading and rows.
     *
     * @param array<string, list<string>> $beside what the maker lets stand, by line
     */
    private static function wired(Inspection $inspection, Column $column, array $beside): self
    {
        $board = $inspection->board;
        $isReceiver = isset($board->functions[$column->id]);
        $rows = [];
        foreach ($inspection->controls->on($column->id) as $entry) {
            $surface = $board->lines[$entry->line]->surfaces[$entry->surface];
            $pin = '' === $surface->function ? null : $inspection->seating->pins[$surface->function] ?? null;
            $rows[] = $isReceiver
                ? [
                    (string) (count($rows) + 1),
                    $board->lines[$entry->line]->name,
                    $entry->code?->printed() ?? 'not assigned',
                    null === $entry->code ? 'not assigned' : sprintf('%d bits, %s', $entry->code->bits, $entry->code->encoding->value),
                    $entry->offCode?->printed() ?? (Operation::Toggle === $entry->operation ? 'the same' : 'none'),
                    ChannelSheet::acts($entry, $beside[$board->lines[$entry->line]->name] ?? []),
                ]
                : [
                    (string) (count($rows) + 1),
                    $board->lines[$entry->line]->name,
                    $entry->address,
                    $entry->kind->value,
                    $pin?->bothNames() ?? ('' === $surface->function ? 'no pin of its own' : 'not seated'),
                    ChannelSheet::acts($entry, $beside[$board->lines[$entry->line]->name] ?? []),
                ];
        }
        foreach ($inspection->controls->keys as $key) {
            if ($key->column === $column->id) {
                $rows[] = self::groupRow($inspection, $key, count($rows) + 1, $isReceiver);
            }
        }

        return $isReceiver
            ? new self(
                $column->id,
                $column->title,
                [
                    new SheetStep(
                        'Point the remote at the receiver, press each key, and compare what is received.',
                        'The program prints what it receives.',
                        sees: 'Each key prints the code of its row.',
                        fails: 'Hold the remote closer, and away from lamps; a code that differs is assigned anew on the board.',
                    ),
                    new SheetStep('Write the line beside its key on the remote.'),
                ],
                ['No.', 'Line', 'Key', 'Kind of code', 'Key for off', 'Acts as'],
                $rows,
            )
            : new self(
                $column->id,
                $column->title,
                [ControlMap::BY_HAND === $column->id
                    ? new SheetStep(
                        'Wire each contact between its pin and ground, away from mains.',
                        'Everything is dead.',
                        sees: 'Its line acts at once, with the network off as well.',
                        fails: 'Measure the pin: high while the contact is open, near 0 V while it is closed.',
                    )
                    : new SheetStep('Check that each does what its row says.')],
                ['No.', 'Line', 'By', 'Kind', 'Pin', 'Acts as'],
                $rows,
            );
    }

    /**
     * @return list<string>
     */
    private static function groupRow(Inspection $inspection, KeyEntry $entry, int $number, bool $isReceiver): array
    {
        $board = $inspection->board;
        $group = $board->lineGroups[$entry->group];
        $lines = implode(', ', array_map($board->nameOf(...), $group->lines));
        $acts = sprintf('%s, on all of: %s', $entry->key->operation->value, '' === $lines ? 'no line' : $lines);
        $code = $entry->key->code;
        $pin = $inspection->seating->pins[$entry->key->function] ?? null;

        return $isReceiver
            ? [
                (string) $number,
                $group->name,
                $code?->printed() ?? 'not assigned',
                null === $code ? 'not assigned' : sprintf('%d bits, %s', $code->bits, $code->encoding->value),
                'none',
                $acts,
            ]
            : [
                (string) $number,
                $group->name,
                $board->functions[$entry->key->function]->name,
                $entry->key->kind->value,
                $pin?->bothNames() ?? 'not seated',
                $acts,
            ];
    }
}
