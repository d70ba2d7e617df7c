<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** Somebody who is not there asks for what must never start by itself: only a program that refuses it stands between. */
final class AbsentHandAsks implements Demonstration
{
    public static function rules(): array
    {
        return ['mains.absent-hand'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $entry = $inspection->controls->entries[$subject] ?? null;
        if (null === $entry) {
            return null;
        }
        $isRemote = isset($inspection->controls->routes[$entry->column]);

        return new Situation(
            Staged::script(40.0, $isRemote
                ? new Deed(Staged::READY_SECONDS, DeedKind::Say, $subject, 'on')
                : new Deed(Staged::READY_SECONDS, DeedKind::Press, $subject)),
            $subject,
            sprintf(
                'Nobody is beside “%s”, and it is asked to start: the program alone refuses.',
                $inspection->board->lines[$entry->line]->name,
            ),
            static fn(Course $course): bool => [] !== $course->all(Happens::Refused, $entry->line),
        );
    }
}
