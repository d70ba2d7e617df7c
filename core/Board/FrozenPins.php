<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What an edit would do to a pin map that is frozen because a firmware relies on it. */
final class FrozenPins
{
    /**
     * @return list<string> ids of the functions on a frozen pin that the edit moves or takes off
     */
    public static function movedBetween(Board $before, Board $after): array
    {
        $moved = [];
        foreach (array_keys($before->frozenSeats) as $function) {
            $pin = $before->seats[$function]->pin ?? null;
            if (null !== $pin && $pin !== ($after->seats[$function]->pin ?? null)) {
                $moved[] = $function;
            }
        }

        return $moved;
    }
}
