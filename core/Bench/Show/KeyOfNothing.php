<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Hands;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** A key whose code was written down wrongly is pressed. */
final class KeyOfNothing implements Demonstration
{
    public static function rules(): array
    {
        return ['controls.code-fault'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $entry = $inspection->controls->entries[$subject] ?? null;
        $code = null === $entry ? null : $inspection->board->lines[$entry->line]->surfaces[$subject]->code;

        return null === $entry || null === $code || !Hands::follows($code) ? null : new Situation(
            Staged::script(15.0, new Deed(Staged::READY_SECONDS, DeedKind::Press, $subject)),
            $subject,
            sprintf(
                'The key of “%s” is pressed. What the remote sends is not what was written down.',
                $inspection->board->lines[$entry->line]->name,
            ),
            static fn(Course $course): bool => !Staged::ran($course, $entry->line, Staged::READY_SECONDS)
                && [] === $course->all(Happens::Refused, $entry->line),
        );
    }
}
