<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Exchange\CheckReport;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\Netlist\NetlistCsv;
use IronLatch\Core\Exchange\PinListCsv;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Exchange\WiringCsv;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Listing\ContinuityList;
use IronLatch\Core\Wiring\Sheet\Overview;
use IronLatch\Core\Wiring\Sheet\Sheet;
use IronLatch\Core\Wiring\Sheet\Sheets;

/** Everything that is found on a board, reckoned for it and handed over, as text: equal texts, equal behaviour. */
final class Results
{
    /**
     * @return array<string, string> by kind: findings, what else the report says, exports
     */
    public static function of(Board $board): array
    {
        $inspection = new Inspection($board, TestBoards::catalogue());
        $report = Inspector::withRuleBook()->inspect($inspection);
        $constants = Constants::of($inspection);

        return [
            'findings' => implode("\n", array_map(self::finding(...), $report->findings)),
            'report' => CheckReport::text($board, $report) . CheckReport::json($board, $report),
            'board' => BoardJson::write($board),
            'pins' => PinListCsv::write($board, $report, '2026-01-01'),
            'constants' => ConstantsFile::header($constants, [])
                . ConstantsFile::keyValues($constants, [])
                . ConstantsFile::json($constants, []),
            'wiring' => self::wiring($board),
            'sheets' => implode(
                "\n",
                array_map(static fn(SetUpSheet $sheet): string => $sheet->csv([]), SetUpSheet::all($inspection, $report)),
            ),
        ];
    }

    /** Every wire with its ends, what is measured of them, and where all of it is drawn, to a hundredth of a millimetre. */
    private static function wiring(Board $board): string
    {
        $connections = Connections::of($board);
        $drawn = array_map(
            static fn(float $length): string => sprintf('%.2f', $length),
            self::lengths([Overview::of($connections), ...Sheets::of($connections)]),
        );
        $lists = new WiringCsv($board, $connections, []);

        return NetlistCsv::write($connections, []) . $lists->wires() . $lists->terminals()
            . $lists->continuity((new ContinuityList($board, $connections))->rows()) . implode(' ', $drawn);
    }

    /**
     * @param list<Sheet> $sheets
     * @return list<float>
     */
    private static function lengths(array $sheets): array
    {
        $lengths = [];
        foreach ($sheets as $sheet) {
            array_push($lengths, $sheet->width, $sheet->height);
            foreach ($sheet->boxes as $box) {
                array_push($lengths, $box->x, $box->y, $box->width, $box->height, $box->textX);
            }
            foreach ($sheet->runs as $run) {
                array_push($lengths, ...array_merge(...$run->pieces, ...$run->dots));
            }
            foreach ($sheet->labels as $label) {
                array_push($lengths, $label->x, $label->y);
            }
        }

        return $lengths;
    }

    private static function finding(Finding $finding): string
    {
        return implode("\n", [
            implode(' | ', [$finding->key(), $finding->severity->value, $finding->statement, $finding->root ?? '']),
            ...array_map(self::figure(...), $finding->figures),
            ...array_map(
                static fn(Remedy $remedy): string => $remedy->title . ' | '
                    . json_encode(RecordWriter::write($remedy->edit), JSON_THROW_ON_ERROR),
                $finding->remedies(),
            ),
        ]);
    }

    /** Nine digits: the last bits of a logarithm differ from machine to machine. */
    private static function figure(Figure $figure): string
    {
        return implode(' | ', [
            $figure->label,
            sprintf('%.9e', $figure->value),
            $figure->unit->value,
            $figure->formula,
            ...$figure->inputs,
            $figure->corner,
            $figure->source,
        ]);
    }
}
