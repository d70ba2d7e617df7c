<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Review\Inspection;

/** A sensor asks for its line, and is lost. */
final class SensorGone implements Demonstration
{
    public static function rules(): array
    {
        return ['mains.sensor-lost'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $entry = $inspection->controls->entries[$subject] ?? null;
        $sensing = null === $entry ? null : $inspection->board->lines[$entry->line]->surfaces[$subject]->rule;
        [$on, $off] = [$sensing?->on(), $sensing?->off()];
        if (null === $entry || null === $on || null === $off) {
            return null;
        }
        $name = $inspection->board->lines[$entry->line]->name;
        $runs = LostSensor::Stays === $sensing?->whenLost;
        $asks = new Deed(
            Staged::READY_SECONDS,
            DeedKind::Sensor,
            $subject,
            (string) ($runs ? $on + ($on < $off ? -1 : 1) : $off + ($on < $off ? 1 : -1)),
        );

        return new Situation(
            Staged::script(60.0, $asks, new Deed(20.0, DeedKind::Sensor, $subject)),
            $subject,
            sprintf(
                $runs ? '“%s” runs when its sensor is lost, and goes on running.' : '“%s” rests, its sensor is lost, and it starts.',
                $name,
            ),
            static fn(Course $course): bool => ($course->scene->running[$entry->line] ?? 0) > 0,
        );
    }
}
