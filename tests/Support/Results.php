<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Exchange\CheckReport;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\PinListCsv;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Remedy;

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
            'sheets' => implode(
                "\n",
                array_map(static fn(SetUpSheet $sheet): string => $sheet->csv([]), SetUpSheet::all($inspection, $report)),
            ),
        ];
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
