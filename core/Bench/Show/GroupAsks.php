<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Review\Inspection;

/** An act on a group asks for what must never start by itself. */
final class GroupAsks implements Demonstration
{
    public static function rules(): array
    {
        return ['mains.switched-on-in-group'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        foreach ($inspection->board->lineGroups as $id => $group) {
            if ($subject !== $id && !in_array($subject, $group->lines, true) || [] === $group->startable()) {
                continue;
            }
            $channel = $group->channels[0] ?? null;
            $key = array_key_first($group->keys);
            $deed = null === $channel
                ? (null === $key ? null : new Deed(Staged::READY_SECONDS, DeedKind::Press, $key))
                : new Deed(Staged::READY_SECONDS, DeedKind::Say, $id . '@' . $channel, 'on');
            if (null !== $deed) {
                return new Situation(
                    Staged::script(40.0, $deed),
                    $subject,
                    sprintf('“%s” is switched on, and asks for what may never start by itself: the program alone refuses.', $group->name),
                    static fn(Course $course): bool => [] !== $course->all(Happens::Refused),
                );
            }
        }

        return null;
    }
}
