<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What an edit would do to a pin map that is frozen because a firmware relies on it. */
final class FrozenPins
{
    /**
     * @return list<string> ids of the functions of the frozen map that the edit moves or takes off; going back to the frozen pin is no
     *     such move
     */
    public static function movedBetween(Board $before, Board $after): array
    {
        $moved = [];
        foreach ($before->frozenSeats as $function => $frozen) {
            $pin = $before->seats[$function]->pin ?? null;
            $then = $after->seats[$function]->pin ?? null;
            if (null !== $pin && $pin !== $then && $then !== $frozen) {
                $moved[] = $function;
            }
        }

        return $moved;
    }
}
