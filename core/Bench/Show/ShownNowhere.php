<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Review\Inspection;

/** A line goes on, and the surface that somebody relies on does not show it. */
final class ShownNowhere implements Demonstration
{
    public static function rules(): array
    {
        return ['controls.feedback-one-way'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $entry = $inspection->controls->entries[$subject] ?? null;

        return null === $entry ? null : new Situation(
            Staged::script(60.0, Staged::command($entry->line)),
            $subject,
            sprintf('“%s” goes on, and whoever looks here does not learn of it.', $inspection->board->lines[$entry->line]->name),
            static function (Course $course) use ($subject): bool {
                $entry = $course->facts->map()->entries[$subject] ?? null;

                // What is no longer promised is no fault.
                return null !== $entry
                    && $course->facts->inspection->board->lines[$entry->line]->surfaces[$subject]->promisesFeedback
                    && 0 === ($course->scene->shown[$subject] ?? 0);
            },
        );
    }
}
