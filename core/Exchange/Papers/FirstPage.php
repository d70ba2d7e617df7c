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
     * @param list<string> $accepted with their reasons
     * @param list<string> $assumed
     * @param list<string> $verify hold points
     * @param list<string> $notChecked
     * @param list<string> $neverLooked
     */
    private function __construct(
        public array $latches,
        public array $open,
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
        $is = static fn(bool $accepted): array => array_values(array_filter(
            $report->findings,
            static fn(Finding $finding): bool => $accepted === (null !== $finding->acceptance) && ($accepted || null === $finding->root),
        ));

        return new self(
            $latches,
            array_map(static fn(Finding $finding): string => sprintf('%s: %s', $finding->severity->value, $finding->statement), $is(false)),
            array_map(static fn(Finding $finding): string => self::accepted($finding, $isForOthers), $is(true)),
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
