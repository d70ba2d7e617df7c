<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** A relay whose coil gets too little is told to pull in, and stays where it is. */
final class RelayStays implements Demonstration
{
    public static function rules(): array
    {
        return ['drive.does-not-pull-in', 'drive.coil-on-pin', 'drive.gate-not-specified'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        if (!isset($inspection->board->actuators()[$subject])) {
            return null;
        }

        return new Situation(
            Staged::script(12.0, Staged::command($inspection->board->lineOf($subject))),
            $subject,
            sprintf(
                '“%s” is switched on. Its pin does what it is told, and its relay does not move.',
                $inspection->board->nameOf($subject),
            ),
            static fn(Course $course): bool => !Staged::comes($course, Happens::Relay, $subject, '1', Staged::READY_SECONDS),
        );
    }
}
