<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\Supply;

/** Every rail is fed by what can feed it, and no rail in the end by itself. */
final class RailIntegrity
{
    /** @throws \InvalidArgumentException with what is wrong and where In one piece: a list of what must hold, one sentence each. */
    public static function verify(Board $board): void
    {
        foreach ($board->rails as $id => $rail) {
            Pointer::name($rail->name, 'The rail ' . $id);
            $feeder = $board->parts[$rail->supply] ?? null;
            if (null === $feeder) {
                throw new \InvalidArgumentException(sprintf(
                    'The facts of the part “%s” (supply of rail %s) are missing from the board.',
                    $rail->supply,
                    $id,
                ));
            }
            if (!$feeder instanceof Supply && !$feeder instanceof Converter && !$feeder instanceof Carrier) {
                throw new \InvalidArgumentException(sprintf('The part “%s” cannot be the supply of rail %s.', $rail->supply, $id));
            }
            if ($feeder instanceof Carrier && ($rail->supply !== $board->mcu->carrier || !$feeder->givesWhenFedAt($board->mcu->entry))) {
                throw new \InvalidArgumentException(sprintf(
                    'The rail %s is to come from the carrier, which leads out no voltage of its own as it is fed.',
                    $id,
                ));
            }
            if (($feeder instanceof Converter) !== (null !== $rail->from)) {
                throw new \InvalidArgumentException(sprintf('The rail %s: a converter is fed from a rail, and nothing else is.', $id));
            }
            if ($rail->throughUsb && !$feeder instanceof Supply) {
                throw new \InvalidArgumentException(sprintf('The rail %s: only a source is plugged into the carrier’s USB socket.', $id));
            }
            if (null !== $rail->from) {
                Pointer::rail($board, $rail->from, 'The converter of ' . $id);
            }
            foreach ($rail->protection as $part) {
                Pointer::part($board, $part, Protection::class, 'protection of rail ' . $id);
            }
        }
        foreach (array_keys($board->rails) as $id) {
            $seen = [];
            for ($at = $id; null !== $at; $at = self::fedFrom($board, $at)) {
                if (isset($seen[$at])) {
                    throw new \InvalidArgumentException(sprintf('The rail %s is fed by itself in the end.', $id));
                }
                $seen[$at] = true;
            }
        }
    }

    /** The rail on which what feeds a rail hangs itself. */
    private static function fedFrom(Board $board, string $rail): ?string
    {
        $from = $board->rails[$rail]->from ?? null;

        return ($board->parts[$board->rails[$rail]->supply ?? ''] ?? null) instanceof Carrier ? $board->mcu->rail : $from;
    }
}
