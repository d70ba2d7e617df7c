<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

/** A remote that exists only here, with a receiver that prints what it sees: to try the assignment of keys without any hardware. */
final class SimulatedRemote
{
    private const ADDRESS = 0xD0;
    /** Commands by what is printed on the key; invented. */
    private const KEYS = [
        '1' => 0x41,
        '2' => 0x42,
        '3' => 0x4A,
        '4' => 0x4B,
        '5' => 0x4C,
        '6' => 0x4D,
        '7' => 0x4E,
        '8' => 0x4F,
        '9' => 0x50,
        'all' => 0x51,
        'more' => 0x52,
        'less' => 0x53,
    ];

    /**
     * @return list<string> what is printed on its keys
     */
    public static function keys(): array
    {
        return array_map(strval(...), array_keys(self::KEYS));
    }

    /**
     * What the receiver prints while a key is held for a moment.
     *
     * @throws \InvalidArgumentException when there is no such key
     */
    public static function pressed(string $key): string
    {
        $command = self::KEYS[$key] ?? throw new \InvalidArgumentException('The remote has no such key.');

        return sprintf("key %s: 0x%08X\nFFFFFFFF\n", $key, PulseDistance::value(self::ADDRESS, $command));
    }
}
