<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\LatchState;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\RuleBook;

/** The pin list of a board as CSV (RFC 4180): one row per function, both names of its pin. */
final class PinListCsv
{
    private const HEADER = ['function id', 'function', 'kind', 'line', 'chip pin', 'printed label', 'header side', 'header position', 'active level', 'idle level', 'pull resistor', 'locked', 'note'];

    /**
     * @param string $date of the export, printed as given
     */
    public static function write(Board $board, Report $report, string $date): string
    {
        $rows = [[self::headline($board, $report, $date)], self::HEADER];
        $pins = $board->controller()->pins;
        foreach ($board->functions as $id => $function) {
            $seat = $board->seats[$id] ?? null;
            $pin = null === $seat ? null : $pins[$seat->pin];
            $owner = $board->actuatorOf($id);
            $level = null === $owner ? null : $board->actuators()[$owner][1]->activeLevel->value;
            $rows[] = [
                $id,
                $function->name,
                $function->kind->value,
                self::lines($board, $id),
                $pin?->name() ?? '',
                $pin?->label() ?? '',
                $pin?->header->side->value ?? '',
                (string) ($pin?->header->position ?? ''),
                $level instanceof Level ? $level->value : '',
                $level instanceof Level ? $level->opposite()->value : '',
                null === $function->pull ? '' : QuantityPrinter::rounded($function->pull->ohms, Unit::Ohm) . ' ' . $function->pull->direction->value,
                true === $seat?->locked ? 'yes' : 'no',
                $pin?->header->note ?? '',
            ];
        }
        foreach ($report->findings as $finding) {
            if (null !== $finding->acceptance) {
                $rows[] = [sprintf('Accepted: %s Reason: %s. Decided by: %s', $finding->statement, $finding->acceptance->reason, $finding->acceptance->decidedBy)];
            }
        }
        foreach ($report->notChecked as $gap) {
            $rows[] = [sprintf('Not checked: %s (%s) needs %s', $gap->rule->title, $board->nameOf($gap->subject), $gap->needs)];
        }

        // RFC 4180 wants as many fields in every row.
        return implode('', array_map(static fn(array $row): string => self::row(array_pad($row, count(self::HEADER), '')), $rows));
    }

    private static function headline(Board $board, Report $report, string $date): string
    {
        $open = $unchecked = [];
        foreach ($report->stages as $stage) {
            if (LatchState::Open === $stage->state) {
                $open[] = $stage->stage->value;
            } elseif (LatchState::NotChecked === $stage->state) {
                $unchecked[] = $stage->stage->value;
            }
        }

        return sprintf(
            'Pin list of %s, %s, rule book %s. %s%s',
            $board->name,
            $date,
            RuleBook::VERSION,
            [] === $open ? 'No latch is open.' : 'NOT LATCHED: open at ' . implode(', ', $open) . '.',
            [] === $unchecked ? '' : ' Not fully checked: ' . implode(', ', $unchecked) . '.',
        );
    }

    private static function lines(Board $board, string $function): string
    {
        $names = [];
        foreach ($board->lines as $line) {
            foreach ([...array_values($line->surfaces), ...array_values($line->actuators)] as $user) {
                if ($user->function === $function) {
                    $names[$line->name] = $line->name;
                }
            }
        }

        return implode('; ', $names);
    }

    /**
     * @param list<string> $fields
     */
    private static function row(array $fields): string
    {
        return implode(',', array_map(static function (string $field): string {
            // A leading = + - @ would be run as a formula by a spreadsheet.
            $field = 1 === preg_match('/^[=+\-@\t\r]/', $field) ? "'" . $field : $field;

            return 1 === preg_match('/[",\r\n]/', $field) ? '"' . str_replace('"', '""', $field) . '"' : $field;
        }, $fields)) . "\r\n";
    }
}
