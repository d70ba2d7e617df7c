<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;

/** What demonstrations are made of: the moments at which things are done, and how one reads off what came of it. */
final class Staged
{
    /** When a board has started and come to rest: nothing done before would be seen by itself. */
    public const READY_SECONDS = 10.0;

    /**
     * @param Deed ...$deeds
     */
    public static function script(float $until, Deed ...$deeds): BenchScript
    {
        return new BenchScript(array_values($deeds), $until, Corner::Worst);
    }

    public static function command(string $line, string $word = 'on', float $at = self::READY_SECONDS): Deed
    {
        return new Deed($at, DeedKind::Command, $line, $word);
    }

    /** Whether something of a kind came to a value from a moment on. */
    public static function comes(Course $course, Happens $kind, string $subject, ?string $value = null, float $from = 0.0): bool
    {
        foreach ($course->all($kind, $subject) as $one) {
            if ($one->micros >= $from * 1e6 && (null === $value || $one->value === $value)) {
                return true;
            }
        }

        return false;
    }

    /** Whether an appliance changed what it does in a span of time. */
    public static function moves(Course $course, string $line, float $from, float $until): bool
    {
        foreach ($course->all(Happens::Appliance, $line) as $one) {
            if ($one->micros >= $from * 1e6 && $one->micros < $until * 1e6) {
                return true;
            }
        }

        return false;
    }

    /** Whether an appliance ran at some time. */
    public static function ran(Course $course, string $line, float $from = 0.0, float $until = INF): bool
    {
        foreach ($course->all(Happens::Appliance, $line) as $one) {
            if ('0' !== $one->value && $one->micros >= $from * 1e6 && $one->micros < $until * 1e6) {
                return true;
            }
        }

        return false;
    }
}
