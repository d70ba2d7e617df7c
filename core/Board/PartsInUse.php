<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Part;

/** The parts that a board really refers to; the rest stays behind when it is written. */
final class PartsInUse
{
    /**
     * @return array<string, Part> by id, sorted
     */
    public static function of(Board $board): array
    {
        $used = [
            $board->mcu->carrier,
            $board->controller()->chip->identity->id,
            $board->mains,
            $board->defaults->relay,
            ...self::ofDriver($board->defaults->driver),
        ];
        foreach ($board->rails as $rail) {
            array_push($used, $rail->supply, ...$rail->protection);
        }
        if (null !== $board->box?->fuse) {
            $used[] = $board->box->fuse;
        }
        foreach ([$board->build->enclosure, $board->build->assembler] as $chosen) {
            array_push($used, ...null === $chosen ? [] : [$chosen]);
        }
        foreach ($board->devices as $device) {
            $used[] = $device->part;
        }
        foreach ($board->channels as $channel) {
            $used[] = $channel->profile;
        }
        foreach ($board->expanders as $expander) {
            $used[] = $expander->part;
        }
        foreach ($board->lines as $line) {
            array_push($used, $line->appliance, ...null === $line->sense?->coupler ? [] : [$line->sense->coupler]);
            foreach ($line->actuators as $actuator) {
                array_push($used, ...null === $actuator->relay ? [] : [$actuator->relay], ...self::ofDriver($actuator->driver));
            }
        }
        $parts = array_intersect_key($board->parts, array_flip($used));
        ksort($parts);

        return $parts;
    }

    /** @return list<string> */
    private static function ofDriver(Driver $driver): array
    {
        return array_map(static fn(PartUse $use): string => $use->id, $driver->parts());
    }
}
