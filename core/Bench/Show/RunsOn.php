<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Review\Inspection;

/** A motor that runs both ways is started, and nobody stops it. */
final class RunsOn implements Demonstration
{
    private const SECONDS = 3_700.0;

    public static function rules(): array
    {
        return ['mains.runs-into-its-end'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $board = $inspection->board;
        $relay = $board->actuatorOf($board->groups[$subject]->functions[0] ?? '')
            ?? (isset($board->actuators()[$subject]) ? $subject : null);
        $line = null === $relay ? (isset($board->lines[$subject]) ? $subject : null) : $board->lineOf($relay);

        return null === $line ? null : new Situation(
            Staged::script(self::SECONDS, Staged::command($line)),
            $line,
            sprintf('“%s” is started, and runs on against its end for as long as nobody stops it.', $board->lines[$line]->name),
            static fn(Course $course): bool => ($course->scene->running[$line] ?? 0) > 0,
        );
    }
}
