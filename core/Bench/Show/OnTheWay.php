<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Review\Inspection;

/** A message that never comes to the board, or means something else there. */
final class OnTheWay implements Demonstration
{
    public static function rules(): array
    {
        return ['controls.hop-missing', 'controls.over-capacity', 'controls.pins-written', 'controls.value-inverted', 'controls.no-way-in'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $entry = $inspection->controls->entries[$subject] ?? null;
        if (null === $entry && isset($inspection->controls->routes[$subject])) {
            $all = $inspection->controls->on($subject);
            $mayStart = array_values(array_filter($all, static fn(Entry $one): bool => !$inspection->board->mustNotStart($one->line)));
            // The last one: a channel that takes no more leaves it out.
            $entry = $mayStart[count($mayStart) - 1] ?? $all[count($all) - 1] ?? null;
        }
        if (!$entry instanceof Entry || !isset($inspection->controls->routes[$entry->column]) || '' === $entry->on) {
            return null;
        }

        return new Situation(
            Staged::script(60.0, new Deed(Staged::READY_SECONDS, DeedKind::Say, $entry->surface, 'on')),
            $entry->surface,
            sprintf(
                '“%s” is asked for on “%s”, and it does not come on.',
                $inspection->board->lines[$entry->line]->name,
                $inspection->controls->columns[$entry->column]->title,
            ),
            static fn(Course $course): bool => [] !== $course->all(Happens::Lost, $entry->surface)
                || !Staged::ran($course, $entry->line, Staged::READY_SECONDS) && [] === $course->all(Happens::Refused, $entry->line),
        );
    }
}
