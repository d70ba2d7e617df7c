<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\LatchState;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\RuleBook;

/** What stands on everything that is handed over: of which board, by which rules, whether a latch is open, and what all of it rests on. */
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

        return self::onOneLine(sprintf(
            '%s of %s, %s, rule book %s. %s%s%s',
            $what,
            $board->name,
            $date,
            RuleBook::VERSION,
            [] === $open ? 'No latch is open.' : 'NOT LATCHED: open at ' . implode(', ', $open) . '.',
            [] === $unchecked ? '' : ' Not fully checked: ' . implode(', ', $unchecked) . '.',
            [] === $report->holdPoints ? '' : sprintf(' %d to verify on each copy before mains.', count($report->holdPoints)),
        ));
    }

    /**
     * All that it rests on: what was accepted, promised, assumed and not checked, and what no rule ever looks at.
     *
     * @return list<string> each on one line
     */
    public static function notes(Board $board, Report $report): array
    {
        $notes = array_map(self::accepted(...), self::acceptedFindings($report));
        foreach ($report->holdPoints as $point) {
            $notes[] = 'To verify before mains: ' . $point->verify;
        }
        foreach (AssumedFacts::of($report->judged) as $assumed) {
            $notes[] = 'Assumed: ' . $assumed;
        }
        foreach ($report->notChecked as $gap) {
            $notes[] = sprintf('Not checked: %s (%s) needs %s', $gap->rule->title, $board->nameOf($gap->subject), $gap->needs);
        }
        $notes[] = 'Never looked at by this rule book: ' . implode('; ', RuleBook::neverLooksAt()) . '.';

        return array_map(self::onOneLine(...), $notes);
    }

    /** The same as comments of a netlist, to stand behind its title. */
    public static function ofNetlist(string $what, Board $board, Report $report, string $date): string
    {
        return implode(
            '',
            array_map(
                static fn(string $line): string => '* ' . $line . "\n",
                [self::of($what, $board, $report, $date), ...self::notes($board, $report)],
            ),
        );
    }

    /**
     * What the maker lets stand of some subjects, to be printed beside what an export says of them.
     *
     * @param list<string> $subjects ids of a line, its relays, functions and surfaces
     * @return list<string> each on one line
     */
    public static function beside(Report $report, array $subjects): array
    {
        $own = array_filter(
            self::acceptedFindings($report),
            static fn(Finding $finding): bool => in_array($finding->subject, $subjects, true),
        );

        return array_map(static fn(Finding $finding): string => self::onOneLine(self::accepted($finding)), array_values($own));
    }

    /**
     * Everything of a line that a finding can be about.
     *
     * @return list<string>
     */
    public static function subjectsOf(Board $board, string $line): array
    {
        $subjects = [$line];
        foreach ($board->lines[$line]->actuators as $id => $actuator) {
            array_push($subjects, $id, $actuator->function, $board->seats[$actuator->function]->pin ?? '');
        }
        foreach ($board->lines[$line]->surfaces as $id => $surface) {
            array_push($subjects, $id, $surface->function, $board->seats[$surface->function]->pin ?? '');
        }

        return array_values(array_filter($subjects, static fn(string $subject): bool => '' !== $subject));
    }

    /**
     * What the maker lets stand of each line, by the name of the line.
     *
     * @return array<string, list<string>>
     */
    public static function besideLines(Board $board, Report $report): array
    {
        $beside = [];
        foreach ($board->lines as $id => $line) {
            $notes = self::beside($report, self::subjectsOf($board, $id));
            if ([] !== $notes) {
                $beside[$line->name] = $notes;
            }
        }

        return $beside;
    }

    /**
     * @return list<Finding>
     */
    private static function acceptedFindings(Report $report): array
    {
        return array_values(array_filter($report->findings, static fn(Finding $finding): bool => null !== $finding->acceptance));
    }

    private static function accepted(Finding $finding): string
    {
        return sprintf(
            'Accepted: %s Reason: %s. Decided by: %s',
            $finding->statement,
            $finding->acceptance->reason ?? '',
            $finding->acceptance->decidedBy ?? '',
        );
    }

    /** A line break would end a comment or a row, and a backslash at the end of a comment in C would swallow the next line. */
    private static function onOneLine(string $text): string
    {
        return rtrim(trim((string) preg_replace('/[\s\p{C}]+/u', ' ', $text)), '\\');
    }
}
