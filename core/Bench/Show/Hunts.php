<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** Readings that differ by their noise alone switch a line again and again. */
final class Hunts implements Demonstration
{
    private const TIMES = 10;

    public static function rules(): array
    {
        return ['controls.sensor-hunts'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $entry = $inspection->controls->entries[$subject] ?? null;
        $sensing = null === $entry ? null : $inspection->board->lines[$entry->line]->surfaces[$subject]->rule;
        [$on, $off] = [$sensing?->on(), $sensing?->off()];
        if (null === $entry || null === $sensing || null === $on || null === $off) {
            return null;
        }
        $noise = $sensing->sensed->noise();
        $deeds = [];
        for ($time = 0; $time < self::TIMES; ++$time) {
            $value = ($on + $off) / 2 + (0 === $time % 2 ? -1 : 1) * $noise / 2;
            $deeds[] = new Deed(Staged::READY_SECONDS + 10.0 * $time, DeedKind::Sensor, $subject, (string) $value);
        }

        return new Situation(
            Staged::script(Staged::READY_SECONDS + 10.0 * self::TIMES + 10.0, ...$deeds),
            $subject,
            sprintf('Nothing changes but the noise of a reading, and “%s” goes on and off.', $inspection->board->lines[$entry->line]->name),
            static fn(Course $course): bool => count($course->all(Happens::Appliance, $entry->line)) > 4,
        );
    }
}
