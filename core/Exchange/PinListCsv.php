<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Report;

/** The pin list of a board as CSV (RFC 4180): one row per function, both names of its pin. */
final class PinListCsv
{
    private const HEADER = [
        'function id',
        'function',
        'kind',
        'line',
        'chip pin',
        'printed label',
        'header side',
        'header position',
        'active level',
        'idle level',
        'pull resistor',
        'locked',
        'note',
    ];

    /**
     * In one piece: the columns of one row.
     *
     * @param string $date of the export, printed as given
     */
    public static function write(Board $board, Report $report, string $date): string
    {
        $rows = [[Headline::of('Pin list', $board, $report, $date)], self::HEADER];
        $pins = $board->controller()->pins;
        foreach ($board->functions as $id => $function) {
            $seat = $board->seats[$id] ?? null;
            $pin = null === $seat ? null : $pins[$seat->pin];
            $owner = $board->actuatorOf($id);
            $level = null === $owner ? null : $board->actuator($owner)->activeLevel->value;
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
                null === $function->pull
                    ? ''
                    : QuantityPrinter::rounded($function->pull->ohms, Unit::Ohm) . ' ' . $function->pull->direction->value,
                true === $seat?->locked ? 'yes' : 'no',
                implode(
                    ' ',
                    array_filter(
                        [
                            $pin?->header->note ?? '',
                            ...Headline::beside(
                                $report,
                                array_values(array_filter(
                                    [$id, $owner ?? '', $pin?->name() ?? ''],
                                    static fn(string $subject): bool => '' !== $subject,
                                )),
                            ),
                        ],
                        static fn(string $note): bool => '' !== $note,
                    ),
                ),
            ];
        }
        foreach (Headline::notes($board, $report) as $note) {
            $rows[] = [$note];
        }

        return Csv::write($rows);
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
}
