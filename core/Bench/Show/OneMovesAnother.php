<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** Two lines on one pin, one code or one address: whoever asks for one gets both. */
final class OneMovesAnother implements Demonstration
{
    public static function rules(): array
    {
        return ['controls.code-shared', 'controls.address-shared'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $board = $inspection->board;
        $entry = $inspection->controls->entries[$subject] ?? null;
        $deed = null;
        if (null !== $entry) {
            $deed = isset($inspection->controls->routes[$entry->column])
                ? new Deed(Staged::READY_SECONDS, DeedKind::Say, $subject, 'on')
                : new Deed(Staged::READY_SECONDS, DeedKind::Press, $subject);
        }

        return null === $deed ? null : new Situation(
            Staged::script(14.0, $deed),
            $subject,
            'One line is asked for, and two move.',
            // What is asked for and refused was asked for all the same.
            static fn(Course $course): bool => 1 < count(array_filter(
                array_keys($board->lines),
                static fn(string $line): bool => Staged::ran($course, $line, Staged::READY_SECONDS)
                    || [] !== $course->all(Happens::Refused, $line),
            )),
        );
    }
}
