<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** An output on a pin that cannot drive, or on none: the program says on, and nothing happens. */
final class NothingAtThePin implements Demonstration
{
    public static function rules(): array
    {
        return ['pins.output-on-input-only', 'pins.no-pin', 'pins.inner-memory', 'pins.expander-sources'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $relay = $inspection->board->actuatorOf($subject) ?? (isset($inspection->board->actuators()[$subject]) ? $subject : null);
        if (null === $relay) {
            return null;
        }

        return new Situation(
            Staged::script(12.0, Staged::command($inspection->board->lineOf($relay))),
            $relay,
            sprintf('“%s” is switched on; nothing comes of it at its coil.', $inspection->board->nameOf($relay)),
            static fn(Course $course): bool => !Staged::comes($course, Happens::Relay, $relay, '1', Staged::READY_SECONDS),
        );
    }
}
