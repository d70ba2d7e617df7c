<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Papers;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\AssumedFacts;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\RuleBook;

/** What somebody who opens the package has to know before anything else: how the latches stand, and what all of it rests on. */
final readonly class FirstPage
{
    /**
     * @param array<string, string> $latches what each says, by stage
     * @param list<string> $open dangers and faults that nobody has accepted
     * @param list<string> $hints worth knowing; no latch is open for them
     * @param list<string> $accepted with their reasons
     * @param list<string> $assumed
     * @param list<string> $verify hold points
     * @param list<string> $notChecked
     * @param list<string> $neverLooked
     */
    private function __construct(
        public array $latches,
        public array $open,
        public array $hints,
        public array $accepted,
        public array $assumed,
        public array $verify,
        public array $notChecked,
        public array $neverLooked,
    ) {}

    /**
     * @param bool $isForOthers says nothing of who decided what
     */
    public static function of(Board $board, Report $report, bool $isForOthers = false): self
    {
        $latches = [];
        foreach ($report->stages as $stage) {
            $latches[$stage->stage->value] = $stage->words();
        }
        $open = array_filter(
            $report->findings,
            static fn(Finding $finding): bool => null === $finding->acceptance && null === $finding->root,
        );
        $isOpen = static fn(Finding $finding): bool => $finding->severity->opensLatch();

        return new self(
            $latches,
            array_values(array_map(
                static fn(Finding $finding): string => sprintf('%s: %s', $finding->severity->value, $finding->statement),
                array_filter($open, $isOpen),
            )),
            array_values(array_map(
                static fn(Finding $finding): string => $finding->statement,
                array_filter($open, static fn(Finding $finding): bool => !$isOpen($finding)),
            )),
            array_values(array_map(
                static fn(Finding $finding): string => self::accepted($finding, $isForOthers),
                array_filter($report->findings, static fn(Finding $finding): bool => null !== $finding->acceptance),
            )),
            AssumedFacts::of($report->judged),
            array_map(static fn(HoldPoint $point): string => $point->verify, $report->holdPoints),
            array_map(static fn(NotChecked $gap): string => sprintf(
                '%s (%s) needs %s',
                $gap->rule->title,
                $board->nameOf($gap->subject),
                $gap->needs,
            ), $report->notChecked),
            RuleBook::neverLooksAt(),
        );
    }

    private static function accepted(Finding $finding, bool $isForOthers): string
    {
        return $isForOthers ? $finding->statement : sprintf(
            '%s Reason: %s. Decided by: %s',
            $finding->statement,
            $finding->acceptance->reason ?? '',
            $finding->acceptance->decidedBy ?? '',
        );
    }
}
