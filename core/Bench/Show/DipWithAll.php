<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** All relays of a rail pull in at once: it dips, and the controller starts anew or relays let go. */
final class DipWithAll implements Demonstration
{
    public static function rules(): array
    {
        return ['power.rail-dips'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $lines = [];
        foreach ($inspection->board->actuators() as $id => $actuator) {
            if ($actuator->rail === $subject) {
                $lines[$inspection->board->lineOf($id)] = true;
            }
        }

        return [] === $lines ? null : new Situation(
            Staged::script(16.0, ...array_map(static fn(string $line) => Staged::command($line), array_keys($lines))),
            $subject,
            sprintf('All of them are switched on in one moment, and the rail “%s” dips.', $inspection->board->rails[$subject]->name),
            static fn(Course $course): bool => Staged::comes($course, Happens::Rail, $subject, 'dip', Staged::READY_SECONDS),
        );
    }
}
