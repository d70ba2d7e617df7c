<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\Need;

/** What still operates a line while the radio, the internet behind it, or a service is gone. */
final class Outages
{
    /**
     * @return array<string, array<string, list<string>>> columns that still reach a line, by line and by what is gone
     */
    public static function of(ControlMap $map): array
    {
        $working = [];
        foreach ($map->entries as $entry) {
            foreach (Need::cases() as $lost) {
                $working[$entry->line][$lost->value] ??= [];
                $column = $map->columns[$entry->column] ?? null;
                if (
                    null !== $column
                    && $entry->direction->commands()
                    && $column->worksWithout($lost)
                    && !in_array($entry->column, $working[$entry->line][$lost->value], true)
                ) {
                    $working[$entry->line][$lost->value][] = $entry->column;
                }
            }
        }

        return $working;
    }
}
