<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** A compressor is switched off and on again. */
final class NoRest implements Demonstration
{
    public static function rules(): array
    {
        return ['mains.compressor-rest'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        return !isset($inspection->board->lines[$subject]) ? null : new Situation(
            Staged::script(
                900.0,
                Staged::command($subject, 'on', 400.0),
                Staged::command($subject, 'off', 430.0),
                Staged::command($subject, 'on', 440.0),
            ),
            $subject,
            sprintf(
                '“%s” is switched off, and on again ten seconds later: its compressor starts against pressure.',
                $inspection->board->lines[$subject]->name,
            ),
            static fn(Course $course): bool => [] !== $course->all(Happens::Harm, $subject),
        );
    }
}
