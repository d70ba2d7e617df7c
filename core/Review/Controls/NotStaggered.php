<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\LineGroup;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\ProgrammedTime;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Lines that start together. */
final class NotStaggered implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.not-staggered',
            version: 2,
            title: 'Lines that start together',
            severities: [Severity::Hint],
            reason: 'A group, or the mains that comes back, starts several lines in one moment: inrush adds up, and the rail dips. 200 to '
                . '500 ms apart, each starts alone.',
            threshold: 'two lines or more in a group that switches on, or restored after a power cut; less than '
                . QuantityPrinter::rounded(self::LEAST_SECONDS, Unit::Second) . ' between them',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $restored = array_filter(
            $board->lines,
            static fn(Line $line): bool => in_array($line->safety?->restore?->value, [RestorePolicy::Last, RestorePolicy::On], true),
        );
        $together = max([
            count($restored),
            ...array_map(
                static fn(LineGroup $group): int => count($group->startable()),
                array_values($board->lineGroups),
            ),
        ]);
        if ($together < 2) {
            return;
        }
        $seconds = $board->program->staggerSeconds?->value;
        if (!is_float($seconds)) {
            yield new NotChecked(
                $this->facts(),
                'board',
                'how far apart the lines of a group, or those that come back, are switched on',
                Answer::by(StateStagger::class, 'seconds'),
            );
        } elseif ($seconds < self::LEAST_SECONDS) {
            $figure = ProgrammedTime::atLeast('between two lines', $seconds, self::LEAST_SECONDS);
            yield new Finding(
                $this->facts(),
                Severity::Hint,
                'board',
                sprintf('Up to %d lines start within %s of each other.', $together, $figure->printed()),
                [$figure],
                static fn(): array => [new Remedy('Let them follow each other after 300 ms', new StateStagger(0.3))],
            );
        }
    }

    private const LEAST_SECONDS = 0.2;
}
