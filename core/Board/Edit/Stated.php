<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Record\Fact;

/** What the fields of an edit state, where each that is not null states one fact. */
final class Stated
{
    /**
     * @return array<string, bool|int|float|\BackedEnum> by field
     */
    public static function in(Edit $edit): array
    {
        $stated = [];
        foreach (get_object_vars($edit) as $field => $value) {
            if (is_bool($value) || is_int($value) || is_float($value) || $value instanceof \BackedEnum) {
                $stated[(string) $field] = $value;
            }
        }

        return $stated;
    }

    /**
     * The same as facts that somebody has stated.
     *
     * @return array<string, Fact<bool|int|float|\BackedEnum>> by field
     * @throws EditRefused where nothing is stated
     */
    public static function facts(Edit $edit): array
    {
        $facts = array_map(Fact::stated(...), self::in($edit));

        return [] === $facts ? throw new EditRefused('Nothing was stated. Fill in at least one of the fields.') : $facts;
    }

    /** Their names, for a list of revisions. */
    public static function words(Edit $edit): string
    {
        return implode(', ', array_map(
            static fn(string $name): string => strtolower((string) preg_replace('/(?<!^)(?=[A-Z])/', ' ', $name)),
            array_keys(self::in($edit)),
        ));
    }
}
