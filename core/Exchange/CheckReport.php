<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\LatchState;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Core\Review\StageReport;

/** The findings of a board for a terminal or for another program. */
final class CheckReport
{
    public static function text(Board $board, Report $report): string
    {
        $lines = [sprintf('%s, rule book %s', $board->name, RuleBook::VERSION), ''];
        foreach ($report->stages as $stage) {
            $lines[] = rtrim(sprintf('%-9s %-34s %s', $stage->stage->value, $stage->words(), self::remark($stage)));
        }
        $lines[] = '';
        foreach ($report->findings as $finding) {
            $lines[] = sprintf(
                '%s%-7s %s',
                null === $finding->root ? '' : '  follows from ' . $finding->root . ': ',
                $finding->severity->value,
                $finding->statement,
            );
            $lines[] = sprintf(
                '        %s, %s%s%s',
                $finding->rule->id,
                $finding->subject,
                '' === $finding->figure() ? '' : ', ' . $finding->figures[0]->label . ' ' . $finding->figure(),
                null === $finding->acceptance ? '' : sprintf(
                    ', accepted by %s: %s',
                    $finding->acceptance->decidedBy,
                    $finding->acceptance->reason,
                ),
            );
        }
        foreach ($report->notChecked as $gap) {
            $lines[] = sprintf('not checked: %s (%s) needs %s', $gap->rule->id, $gap->subject, $gap->needs);
        }
        foreach ($report->holdPoints as $point) {
            $lines[] = 'to verify before mains: ' . $point->verify;
        }
        foreach (AssumedFacts::of($report->judged) as $assumed) {
            $lines[] = 'assumed: ' . $assumed;
        }
        if ([] === $report->findings) {
            $lines[] = 'No findings. What was not checked is named above; local codes and licensed practice decide on everything at mains.';
        }
        $lines[] = 'never looked at by this rule book: ' . implode('; ', RuleBook::neverLooksAt());

        return implode("\n", $lines) . "\n";
    }

    public static function json(Board $board, Report $report): string
    {
        return json_encode([
            'format' => 'iron-latch/check',
            'version' => 2,
            'board' => $board->name,
            'ruleBook' => RuleBook::VERSION,
            'stages' => array_map(static fn(StageReport $stage): array => [
                'state' => $stage->state->value,
                'worst' => $stage->worst?->value,
                'count' => $stage->count,
                'accepted' => $stage->accepted,
                'toVerify' => $stage->toVerify,
                'notChecked' => $stage->notChecked,
                'missingChecks' => $stage->missingChecks,
            ], $report->stages),
            'findings' => array_map(static fn(Finding $finding): array => [
                'rule' => $finding->rule->id,
                'subject' => $finding->subject,
                'kind' => $finding->severity->value,
                'figure' => $finding->figure(),
                'followsFrom' => $finding->root,
                'accepted' => null !== $finding->acceptance,
                'statement' => $finding->statement,
            ], $report->findings),
            'toVerify' => array_map(
                static fn(HoldPoint $point): array => [
                    'rule' => $point->rule->id,
                    'subject' => $point->subject,
                    'verify' => $point->verify,
                ],
                $report->holdPoints,
            ),
            'assumed' => AssumedFacts::of($report->judged),
            'neverLookedAt' => RuleBook::neverLooksAt(),
            'notChecked' => array_map(
                static fn(NotChecked $gap): array => ['rule' => $gap->rule->id, 'subject' => $gap->subject, 'needs' => $gap->needs],
                $report->notChecked,
            ),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n";
    }

    private static function remark(StageReport $stage): string
    {
        $remarks = [];
        if ($stage->notChecked > 0 && LatchState::Open === $stage->state) {
            $remarks[] = sprintf('%d facts unknown', $stage->notChecked);
        }
        if ([] !== $stage->missingChecks) {
            $remarks[] = 'no check yet for ' . implode(', ', $stage->missingChecks);
        }

        return implode('; ', $remarks);
    }
}
