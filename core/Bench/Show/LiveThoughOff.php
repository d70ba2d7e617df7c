<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Review\Inspection;

/** A line is off, and its inside is live. */
final class LiveThoughOff implements Demonstration
{
    public static function rules(): array
    {
        return ['mains.neutral-switched', 'mains.both-poles'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $board = $inspection->board;
        $line = isset($board->actuators()[$subject]) ? $board->lineOf($subject) : $subject;

        return !isset($board->lines[$line]) ? null : new Situation(
            Staged::script(14.0, Staged::command($line), Staged::command($line, 'off', 12.0)),
            $line,
            sprintf('“%s” is switched off, and whoever opens it touches live parts.', $board->lines[$line]->name),
            static fn(Course $course): bool => true === $course->world->isLive($course->scene, $line),
        );
    }
}
