<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Bench\TrialCell;
use IronLatch\Core\Bench\TrialKind;
use IronLatch\Core\Bench\TrialReport;
use IronLatch\Core\Bench\TrialResult;
use IronLatch\Core\Bench\TrialVerdict;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Review\RuleBook;

/** What a trial has said, for a terminal, for another program, or to be kept beside a revision. */
final class TrialPaper
{
    public const FORMAT = 'iron-latch/trial';
    public const VERSION = 1;
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    public static function text(Board $board, ControlMap $map, TrialReport $report): string
    {
        $lines = [
            sprintf('Trial of %s, rule book %s, program %d', $board->name, RuleBook::VERSION, ProgramPlan::VERSION),
            '',
        ];
        foreach (TrialKind::cases() as $kind) {
            $own = array_filter($report->results, static fn(TrialResult $one): bool => $one->cell->kind === $kind);
            if ([] !== $own) {
                $failed = count(array_filter($own, static fn(TrialResult $one): bool => $one->verdict->fails()));
                $away = count(array_filter($own, static fn(TrialResult $one): bool => TrialVerdict::OutOfReach === $one->verdict));
                $lines[] = sprintf(
                    '%-20s %4d tried, %d failed%s',
                    $kind->value,
                    count($own),
                    $failed,
                    0 === $away ? '' : sprintf(', %d out of reach as stated', $away),
                );
            }
        }
        $lines[] = '';
        foreach ($report->failures() as $one) {
            $lines[] = sprintf('%s: %s: %s', $one->verdict->value, self::title($board, $map, $one), $one->words);
        }
        foreach ($report->gaps as $gap) {
            $lines[] = 'not tried: ' . $gap;
        }
        foreach ($report->assumed as $assumed) {
            $lines[] = 'assumed: ' . $assumed;
        }
        $lines[] = [] === $report->failures()
            ? 'Nothing failed. A trial in the computer is no trial of the piece that was built.'
            : sprintf('%d of %d failed.', count($report->failures()), count($report->results));

        return implode("\n", $lines) . "\n";
    }

    /** What a cell tries, in words. */
    public static function title(Board $board, ControlMap $map, TrialResult $result): string
    {
        $cell = $result->cell;
        $by = self::by($board, $map, $cell);

        return implode(', ', array_filter([
            '' === $cell->line ? '' : sprintf('“%s”', $board->lines[$cell->line]->name),
            TrialKind::Surface === $cell->kind ? '' : $cell->kind->value,
            $by,
            $cell->words,
            null === $cell->outage ? '' : $cell->outage->words(),
        ], static fn(string $part): bool => '' !== $part));
    }

    /** By what it is tried; empty where it is tried by nothing. */
    public static function by(Board $board, ControlMap $map, TrialCell $cell): string
    {
        return match (true) {
            '' === $cell->by => '',
            isset($map->entries[$cell->by]) => self::surface($map, $cell->by),
            isset($map->keys[$cell->by]) => $map->keys[$cell->by]->key->kind->value,
            default => $board->nameOf(explode('@', $cell->by)[0]),
        };
    }

    private static function surface(ControlMap $map, string $surface): string
    {
        $entry = $map->entries[$surface];

        return isset($map->routes[$entry->column])
            ? sprintf('%s on “%s”', $entry->kind->value, $map->columns[$entry->column]->title)
            : $entry->kind->value;
    }

    public static function json(Board $board, ControlMap $map, TrialReport $report): string
    {
        return json_encode(self::data($board, $map, $report), self::FLAGS) . "\n";
    }

    /**
     * @return array<string, mixed>
     */
    public static function data(Board $board, ControlMap $map, TrialReport $report): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'board' => $board->name,
            'ruleBook' => RuleBook::VERSION,
            'program' => ProgramPlan::VERSION,
            'tried' => count($report->results),
            'failed' => count($report->failures()),
            'cells' => array_map(
                static fn(TrialResult $one): array => [
                    'id' => $one->cell->id,
                    'title' => self::title($board, $map, $one),
                    'verdict' => $one->verdict->value,
                    'words' => $one->words,
                    'seconds' => null === $one->seconds ? null : sprintf('%.3f', $one->seconds),
                ],
                $report->results,
            ),
            'gaps' => $report->gaps,
            'assumed' => $report->assumed,
        ];
    }
}
