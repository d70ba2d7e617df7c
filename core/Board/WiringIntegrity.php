<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What is chosen of the wiring is chosen of relays and lines that are there. */
final class WiringIntegrity
{
    /** @throws \InvalidArgumentException with what is wrong and where */
    public static function verify(Board $board): void
    {
        $relays = $board->actuators();
        foreach ([...array_keys($board->wiring->channels), ...$board->wiring->fedAtContact] as $relay) {
            if (!isset($relays[$relay])) {
                throw new \InvalidArgumentException(sprintf('The wiring names the relay “%s”, which is not on the board.', $relay));
            }
        }
        foreach ($board->wiring->order as $line) {
            if (!isset($board->lines[$line])) {
                throw new \InvalidArgumentException(sprintf('The wiring names the line “%s”, which is not on the board.', $line));
            }
        }
    }
}
