<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Review\Inspection;

/** Power goes and comes back with a line on: what must not start does, or what must come back does not. */
final class AfterACut implements Demonstration
{
    private const CUT = 20.0;
    private const BACK = 23.0;

    public static function rules(): array
    {
        return ['mains.left-off', 'mains.on-when-dead'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $board = $inspection->board;
        $line = isset($board->actuators()[$subject]) ? $board->lineOf($subject) : $subject;
        // What must not start by itself and must come back cannot be had: no bench shows which of the two is meant.
        if (!isset($board->lines[$line]) || 'mains.left-off' === $rule && $board->mustNotStart($line)) {
            return null;
        }
        $mustRun = 'mains.left-off' === $rule;
        $rest = $board->lines[$line]->safety?->restSeconds?->value;
        $ready = Staged::READY_SECONDS + (is_float($rest) ? $rest : 0.0);

        return new Situation(
            Staged::script(
                $ready + self::BACK + 30.0 + (is_float($rest) ? $rest : 0.0),
                Staged::command($line, 'on', $ready),
                new Deed($ready + self::CUT, DeedKind::CutMains),
                new Deed($ready + self::BACK, DeedKind::MainsBack),
            ),
            $line,
            sprintf(
                $mustRun
                    ? '“%s” was on when power went, and stays off when it is back.'
                    : '“%s” was on when power went, and starts by itself when it is back.',
                $board->lines[$line]->name,
            ),
            static fn(Course $course): bool => Staged::ran($course, $line, $ready + self::BACK) !== $mustRun,
        );
    }
}
