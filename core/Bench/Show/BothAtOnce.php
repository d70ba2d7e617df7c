<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** One of two that may never run together has welded, and the other is switched on: only contacts would keep them apart. */
final class BothAtOnce implements Demonstration
{
    public static function rules(): array
    {
        return ['mains.not-interlocked'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $group = $inspection->board->groups[$subject] ?? null;
        $pair = $group?->keptApart()[0] ?? null;
        [$first, $second] = null === $pair ? [null, null] : array_map($inspection->board->actuatorOf(...), $pair);
        if (null === $first || null === $second) {
            return null;
        }
        [$one, $other] = [$inspection->board->lineOf($first), $inspection->board->lineOf($second)];

        return new Situation(
            Staged::script(
                30.0,
                Staged::command($one, '1'),
                new Deed(15.0, DeedKind::Weld, $first),
                Staged::command($other, $one === $other ? '2' : '1', 20.0),
            ),
            $subject,
            sprintf(
                'The contact of “%s” has welded; “%s” is switched on, and both carry current.',
                $inspection->board->nameOf($first),
                $inspection->board->nameOf($second),
            ),
            static fn(Course $course): bool => !isset($course->facts->fedThrough[$second]) && !isset($course->facts->fedThrough[$first])
                && [] !== $course->all(Happens::Harm),
        );
    }
}
