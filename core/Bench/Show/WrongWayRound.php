<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Review\Inspection;

/** A line whose stated level is the other one than its circuit makes current of: off is on. */
final class WrongWayRound implements Demonstration
{
    public static function rules(): array
    {
        return ['drive.active-level'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        if (!isset($inspection->board->actuators()[$subject])) {
            return null;
        }
        $line = $inspection->board->lineOf($subject);

        return new Situation(
            Staged::script(14.0, Staged::command($line)),
            $subject,
            sprintf(
                'Nobody has asked for “%s”, and it is on as soon as the program runs; switched on, it goes off.',
                $inspection->board->nameOf($line),
            ),
            static fn(Course $course): bool => Staged::ran($course, $line, 0.0, Staged::READY_SECONDS)
                && 0 === ($course->scene->running[$line] ?? 0),
        );
    }
}
