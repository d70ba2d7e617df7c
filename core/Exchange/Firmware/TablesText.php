<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Exchange\ConstantsFile;

/** The tables of a program as the last part of its header: counts for everybody, rows for the one file that defines them. */
final class TablesText
{
    /** Types of rows, by table. */
    private const TYPES = [
        'LINES' => 'Line', 'OUTPUTS' => 'Output', 'STEPS' => 'Part', 'STEP_OUTPUTS' => 'uint8_t', 'APARTS' => 'Apart', 'GROUPS' => 'Group',
        'MEMBERS' => 'Member', 'ACTS' => 'Act', 'CONTACTS' => 'Contact', 'SELECTORS' => 'Selector', 'SELECTOR_CONTACTS' => 'uint8_t',
        'KEYS' => 'Key', 'CHANNELS' => 'Channel', 'MESSAGES' => 'Message', 'RANGES' => 'uint8_t', 'RULES' => 'Rule', 'TIMERS' => 'Timer',
        'MOMENTS' => 'Moment', 'LAMPS' => 'Lamp', 'SENSES' => 'uint8_t',
    ];

    /** What the trial of the wiring says. */
    private const WORDS = [
        'SAYS_ON' => ': on', 'SAYS_OFF' => ': off', 'SAYS_OPEN' => ': open', 'SAYS_CLOSED' => ': closed', 'SAYS_CODE' => ': code 0x',
        'SAYS_READS' => ': reads ', 'SAYS_NOTHING' => ': says nothing',
    ];
    /** Types of rows of the layer that knows the chip. */
    private const PIN_TYPES = [
        'PINS' => 'Pin', 'CONTACT_PINS' => 'Pin', 'RECEIVER_PINS' => 'Pin', 'SENSE_PINS' => 'Pin', 'SENSOR_PINS' => 'Pin',
        'LADDER_PINS' => 'Pin', 'LADDERS' => 'Ladder', 'LADDER_LIMITS' => 'uint16_t', 'SENSOR_KINDS' => 'uint8_t',
        'EXPANDERS' => 'ExpanderRow', 'REGISTER_PINS' => 'Pin', 'WAYS' => 'uint8_t', 'ANNOUNCEMENTS' => 'Announcement',
    ];

    /**
     * @param ?PinTables $pins null for a build that has no pins
     * @param string $stamp what the program says of itself when it starts
     * @param ?LinkTables $links null for a chip without a network
     */
    public static function of(ProgramTables $tables, ?PinTables $pins = null, string $stamp = '', ?LinkTables $links = null): string
    {
        $text = "\n" . ConstantsFile::TABLES . ": facts.h says what each row says.\n"
            . "namespace latch {\nnamespace board {\n";
        foreach ([...$tables->numbers(), ...$pins->numbers ?? [], ...$links->numbers ?? []] as $name => $value) {
            $text .= sprintf("constexpr %s %s = %d;\n", self::type($name, $value), $name, $value);
        }
        $text .= "extern const char STAMP[];\n}  // namespace board\n}  // namespace latch\n\n#ifdef LATCH_TABLES\n"
            . "namespace latch {\nnamespace board {\n";
        foreach ($tables->texts() as $name => $says) {
            $text .= sprintf("const char %s[] LATCH_FLASH = %s;\n", $name, self::quoted($says));
        }
        foreach ($links->texts ?? [] as $name => $says) {
            // Read by other files, too.
            $text .= sprintf("extern const char %s[];\nconst char %s[] LATCH_FLASH = %s;\n", $name, $name, self::quoted($says));
        }
        $text .= sprintf("const char STAMP[] LATCH_FLASH = %s;\n", self::quoted($stamp));
        foreach ($tables->rows() as $table => $rows) {
            $text .= self::table($table, self::TYPES[$table], array_map(static fn(string $row): string => $row . ',', $rows));
        }
        foreach ([...$pins->rows ?? [], ...$links->rows ?? []] as $table => $rows) {
            $text .= self::table($table, self::PIN_TYPES[$table], $rows);
        }

        $text .= self::names($pins->names ?? []);

        return $text . "}  // namespace board\n}  // namespace latch\n#endif\n";
    }

    /**
     * Names of pins for the trial of the wiring: texts, and where they lie.
     *
     * @param array<string, list<string>> $names
     */
    private static function names(array $names): string
    {
        $text = '';
        foreach ($names as $table => $own) {
            $places = [];
            foreach ($own as $place => $name) {
                $places[] = sprintf('%s_%d', $table, $place);
                $text .= sprintf("const char %s[] LATCH_FLASH = %s;\n", $places[$place], self::quoted($name));
            }
            $text .= sprintf(
                "extern const char *const %s[];\nconst char *const %s[] LATCH_FLASH = {%s};\n",
                $table,
                $table,
                [] === $places ? 'NO_TEXT' : implode(', ', $places),
            );
        }
        foreach ([] === $names ? [] : self::WORDS as $word => $says) {
            $text .= sprintf("extern const char %s[];\nconst char %s[] LATCH_FLASH = %s;\n", $word, $word, self::quoted($says));
        }

        return $text;
    }

    private static function type(string $name, int $value): string
    {
        return $value > 255 || str_ends_with($name, '_MS') || str_ends_with($name, '_RATE') ? 'uint32_t' : 'uint8_t';
    }

    /**
     * @param list<string> $rows
     */
    private static function table(string $name, string $type, array $rows): string
    {
        $none = str_starts_with($type, 'uint') ? '0,' : $type . '(),';

        return sprintf("extern const %s %s[];\nconst %s %s[] LATCH_FLASH = {\n", $type, $name, $type, $name)
            . implode('', array_map(static fn(string $row): string => "  $row\n", [] === $rows ? [$none] : $rows))
            . "};\n";
    }

    /** Bytes beyond ASCII are written by their values: no compiler has to guess an encoding. */
    private static function quoted(string $text): string
    {
        $quoted = '';
        foreach (str_split($text) as $byte) {
            $quoted .= match (true) {
                '"' === $byte || '\\' === $byte || '?' === $byte => '\\' . $byte,
                $byte >= ' ' && $byte <= '~' => $byte,
                // Ended, so that no digit behind it joins it.
                default => sprintf('\\%03o', ord($byte)),
            };
        }

        return '"' . $quoted . '"';
    }
}
