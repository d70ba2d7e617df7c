<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Review\Inspection;

/** A relay that does not let go, or does not even pull in, because its input stands between on and off. */
final class RelayHolds implements Demonstration
{
    public static function rules(): array
    {
        return ['drive.module-ambiguous'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        if (!isset($inspection->board->actuators()[$subject])) {
            return null;
        }
        $line = $inspection->board->lineOf($subject);

        return new Situation(
            Staged::script(16.0, Staged::command($line), Staged::command($line, 'off', 13.0)),
            $subject,
            sprintf(
                '“%s” is switched on and off again. Its input never says clearly which of the two it is.',
                $inspection->board->nameOf($subject),
            ),
            static fn(Course $course): bool => ($course->scene->armatures[$subject] ?? false)
                || !Staged::ran($course, $line, Staged::READY_SECONDS),
        );
    }
}
