<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** A pin that moves while the controller starts moves its relay. */
final class Twitches implements Demonstration
{
    public static function rules(): array
    {
        return ['pins.boot-twitch', 'pins.expander-at-power-up'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $relay = $inspection->board->actuatorOf($subject) ?? $subject;
        if (!isset($inspection->board->actuators()[$relay])) {
            return null;
        }

        return new Situation(
            Staged::script(8.0),
            $relay,
            sprintf('Power comes, and “%s” moves before any program runs.', $inspection->board->nameOf($relay)),
            static function (Course $course) use ($relay): bool {
                $runs = $course->all(Happens::Runs)[0]->micros ?? PHP_INT_MAX;
                foreach ($course->all(Happens::Relay, $relay) as $one) {
                    if ($one->micros < $runs + 20_000) {
                        return true;
                    }
                }

                return false;
            },
        );
    }
}
