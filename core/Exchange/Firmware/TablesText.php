<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

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

    public static function of(ProgramTables $tables): string
    {
        $text = "\n// What the program is told of its board: see latch/facts.h for what each row says.\n"
            . "#include \"latch/facts.h\"\nnamespace latch {\nnamespace board {\n";
        foreach ($tables->numbers() as $name => $value) {
            $text .= sprintf("constexpr %s %s = %d;\n", $value > 255 || str_ends_with($name, '_MS') ? 'uint32_t' : 'uint8_t', $name, $value);
        }
        $text .= "\n#ifdef LATCH_TABLES\n";
        foreach ($tables->texts() as $says => $name) {
            $text .= sprintf("const char %s[] LATCH_FLASH = %s;\n", $name, self::quoted((string) $says));
        }
        foreach ($tables->rows() as $table => $rows) {
            $text .= sprintf("extern const %s %s[];\n", self::TYPES[$table], $table)
                . sprintf("const %s %s[] LATCH_FLASH = {\n", self::TYPES[$table], $table)
                . implode('', array_map(static fn(string $row): string => "  $row,\n", $rows))
                . ([] === $rows ? ('uint8_t' === self::TYPES[$table] ? "  0,\n" : "  " . self::TYPES[$table] . "(),\n") : '')
                . "};\n";
        }

        return $text . "#endif\n}  // namespace board\n}  // namespace latch\n";
    }

    /** Bytes beyond ASCII are written by their values: no compiler has to guess an encoding. */
    private static function quoted(string $text): string
    {
        $quoted = '';
        foreach (str_split($text) as $byte) {
            $quoted .= match (true) {
                '"' === $byte || '\\' === $byte || '?' === $byte => '\\' . $byte,
                '' === $byte || $byte >= ' ' && $byte <= '~' => $byte,
                // Ended, so that no digit behind it joins it.
                default => sprintf('\\%03o', ord($byte)),
            };
        }

        return '"' . $quoted . '"';
    }
}
