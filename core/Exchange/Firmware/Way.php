<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Control\Hop;
use IronLatch\Core\Review\Inspection;

/** By which way the program that is handed over speaks on a channel. */
enum Way: string
{
    case Serial = 'BY_SERIAL';
    case Broker = 'BY_BROKER';
    case Panel = 'BY_PANEL';
    case Nothing = 'BY_NOTHING';

    /**
     * @return array<string, self> by channel, of those that reach the board; there is one serial line, and one panel
     */
    public static function all(Inspection $inspection): array
    {
        $hasRadio = SketchChip::of($inspection)?->hasRadio() ?? false;
        $line = SerialLine::of($inspection)->channel;
        $ways = [];
        foreach ($inspection->controls->routes as $id => $route) {
            // What hands on to another hop comes by that one.
            if (null !== $route->hops[0]->channel->via) {
                continue;
            }
            $way = $line === $id ? self::Serial : self::ofNetwork($route->hops[0], $hasRadio);
            $ways[$id] = self::Panel === $way && in_array($way, $ways, true) ? self::Nothing : $way;
        }

        return $ways;
    }

    private static function ofNetwork(Hop $hop, bool $hasRadio): self
    {
        return match (true) {
            !$hasRadio => self::Nothing,
            // A broker outside the house wants a cipher, which this program does not speak.
            Addressing::Topic === $hop->profile->addressing && !in_array(Need::Internet, $hop->profile->needs, true) => self::Broker,
            Addressing::Word === $hop->profile->addressing => self::Panel,
            default => self::Nothing,
        };
    }

    /**
     * @return list<string> channels that the program reaches, or is reached by
     */
    public static function reached(Inspection $inspection): array
    {
        return array_keys(array_filter(self::all($inspection), static fn(self $way): bool => self::Nothing !== $way));
    }

    /**
     * What the program does on a channel of that name.
     *
     * @param int $waitMilliseconds that a switch may wait for a broker
     */
    public function words(string $channel, int $waitMilliseconds = 0): string
    {
        return match ($this) {
            self::Serial => sprintf('“%s” is heard on the serial line.', $channel),
            self::Broker => sprintf(
                '“%s” is sought in steps of the loop, after 1 s, then twice as long each time up to 60 s; %s.',
                $channel,
                $waitMilliseconds > 0 ? sprintf('a switch waits %d ms for it at most', $waitMilliseconds) : 'no switch waits for it',
            ),
            self::Panel => sprintf('“%s” is served by the board itself, to whoever has its key.', $channel),
            self::Nothing => sprintf('“%s” is not reached by this program: nothing is heard or told there.', $channel),
        };
    }
}
