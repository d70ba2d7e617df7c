<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Review\LatchState;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\RuleBook;

/** What stands on everything that is handed over: of which board, by which rules, whether a latch is open, and what was accepted or not checked. */
final class Headline
{
    /**
     * @param string $what it is, such as “Pin list”
     * @param string $date of the export, printed as given
     */
    public static function of(string $what, Board $board, Report $report, string $date): string
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
            '%s of %s, %s, rule book %s. %s%s',
            $what,
            $board->name,
            $date,
            RuleBook::VERSION,
            [] === $open ? 'No latch is open.' : 'NOT LATCHED: open at ' . implode(', ', $open) . '.',
            [] === $unchecked ? '' : ' Not fully checked: ' . implode(', ', $unchecked) . '.',
        );
    }

    /**
     * @return list<string>
     */
    public static function notes(Board $board, Report $report): array
    {
        $notes = [];
        foreach ($report->findings as $finding) {
            if (null !== $finding->acceptance) {
                $notes[] = sprintf('Accepted: %s Reason: %s. Decided by: %s', $finding->statement, $finding->acceptance->reason, $finding->acceptance->decidedBy);
            }
        }
        foreach ($report->notChecked as $gap) {
            $notes[] = sprintf('Not checked: %s (%s) needs %s', $gap->rule->title, $board->nameOf($gap->subject), $gap->needs);
        }

        return $notes;
    }
}
