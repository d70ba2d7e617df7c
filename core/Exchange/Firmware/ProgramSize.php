<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

/**
 * What a program takes of the 8-bit chip: its tables counted byte by byte, its memory too, and its code as it was measured with avr-gcc
 * 5.4 at -Os (firmware tests hold both against what the compiler says).
 */
final readonly class ProgramSize
{
    public const FLASH_BYTES = 32_768;
    public const MEMORY_BYTES = 2_048;
    /** Of every build, and of what only some use: measured on boards with and without it. */
    private const CODE_BYTES = 10_700;
    private const PART_BYTES = ['RECEIVER_COUNT' => 430, 'CHANNEL_COUNT' => 1_990, 'SENSOR_COUNT' => 1_900, 'EXPANDER_COUNT' => 920];
    /** Buffers of the serial line and of edges, clock, kept state, records that are copied; a text that is heard. */
    private const BUFFER_BYTES = 257;
    /** What waits to be said on a serial line that says something. */
    private const SAID_BYTES = 161;
    private const TEXT_BYTES = 66;
    /** Bytes of a row on a chip that packs its records. */
    private const ROW_BYTES = [
        'LINES' => 18, 'OUTPUTS' => 5, 'STEPS' => 2, 'STEP_OUTPUTS' => 1, 'APARTS' => 3, 'GROUPS' => 2, 'MEMBERS' => 2, 'ACTS' => 4,
        'CONTACTS' => 5, 'SELECTORS' => 5, 'SELECTOR_CONTACTS' => 1, 'KEYS' => 8, 'CHANNELS' => 14, 'MESSAGES' => 23, 'RANGES' => 1,
        'RULES' => 24, 'TIMERS' => 8, 'MOMENTS' => 3, 'LAMPS' => 3, 'SENSES' => 1, 'PINS' => 5, 'CONTACT_PINS' => 5, 'RECEIVER_PINS' => 5,
        'SENSE_PINS' => 5, 'SENSOR_PINS' => 5, 'SENSOR_KINDS' => 1, 'LADDER_PINS' => 5, 'LADDERS' => 3,
        'LADDER_LIMITS' => 2, 'EXPANDERS' => 2, 'REGISTER_PINS' => 5,
    ];

    private const PUT_OFF = [
        'LINE_COUNT', 'RUN_LIMITS', 'SENSED_LINES', 'PULSED_PINS', 'CONTACT_COUNT', 'SELECTOR_COUNT', 'RECEIVER_COUNT', 'RULE_COUNT',
        'TIMER_COUNT', 'CHANNEL_COUNT',
    ];

    private function __construct(public int $tableBytes, public int $flashBytes, public int $memoryBytes) {}

    public static function of(ProgramTables $tables, PinTables $pins): self
    {
        $bytes = 0;
        foreach ([...$tables->rows(), ...$pins->rows] as $table => $rows) {
            $bytes += self::ROW_BYTES[$table] * max(1, count($rows));
        }
        foreach ($tables->texts() as $says) {
            $bytes += strlen($says) + 1;
        }
        $numbers = [...$tables->numbers(), ...$pins->numbers];
        $used = array_filter(self::PART_BYTES, static fn(string $name): bool => $numbers[$name] > 0, ARRAY_FILTER_USE_KEY);

        return new self($bytes, self::CODE_BYTES + array_sum($used) + $bytes, self::memory($numbers));
    }

    /**
     * @param array<string, int> $of counts by name
     */
    private static function memory(array $of): int
    {
        // One place for each thing that can be put off, and two for what is of the board.
        $due = 2 + array_sum(array_map(static fn(string $name): int => $of[$name], self::PUT_OFF));
        $room = static fn(string $name): int => max(1, $of[$name]);

        return self::BUFFER_BYTES + ($of['SERIAL_SAYS'] > 0 ? self::SAID_BYTES : 0) + ($of['CHANNEL_COUNT'] > 0 ? self::TEXT_BYTES : 0)
            // What is put off; a line; a receiver; a rule; what a sensor says; a channel.
            + 6 * $due + 15 * $room('LINE_COUNT') + 17 * $room('RECEIVER_COUNT') + 5 * $room('RULE_COUNT') + 5 * $room('SENSOR_COUNT')
            + 5 * $room('CHANNEL_COUNT') + 2 * (intdiv($of['PIN_COUNT'] + 7, 8) + 1) + 3 * (intdiv($of['CONTACT_COUNT'], 8) + 1)
            + $room('SELECTOR_COUNT')
            // Of the layer of registers: receivers with their last level, sensors, expanders, the record that is being written.
            + 6 * $room('RECEIVER_COUNT') + 5 * $room('SENSOR_COUNT') + 9 * $room('EXPANDER_COUNT') + $of['LINE_COUNT'] + 4;
    }
}
