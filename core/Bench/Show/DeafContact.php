<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Review\Inspection;

/** A contact on a pin that does not read it. */
final class DeafContact implements Demonstration
{
    public static function rules(): array
    {
        return ['pins.pull-up-missing'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        foreach ($inspection->controls->entries as $id => $entry) {
            $surface = $inspection->board->lines[$entry->line]->surfaces[$id];
            if ($surface->function === $subject && $entry->kind->isByHand()) {
                return new Situation(
                    Staged::script(14.0, new Deed(Staged::READY_SECONDS, DeedKind::Press, $id)),
                    $subject,
                    sprintf('“%s” is pressed, and nothing is heard of it.', $inspection->board->nameOf($subject)),
                    static fn(Course $course): bool => !Staged::ran($course, $entry->line, Staged::READY_SECONDS),
                );
            }
        }

        return null;
    }
}
