<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\Need;

/** What still operates each line while something on the way is gone: what all of the house share, or one hop by itself. */
final readonly class Outages
{
    /**
     * @param list<Outage> $all
     * @param array<string, array<string, list<string>>> $left columns that still reach a line, by line and by outage
     */
    private function __construct(public array $all, private array $left) {}

    public static function of(ControlMap $map): self
    {
        $all = self::possible($map);
        $left = [];
        // What survives what is asked once of each column, and not of each line.
        $survived = [];
        foreach ($map->columns as $id => $column) {
            $route = $map->routes[$id] ?? null;
            $keeps = array_filter($all, static fn(Outage $outage): bool => null === $route || $route->survives($outage));
            $survived[$id] = array_map(static fn(Outage $outage): string => $outage->key(), $keeps);
        }
        foreach ($map->entries as $entry) {
            foreach ($entry->direction->commands() ? $survived[$entry->column] ?? [] : [] as $outage) {
                $left[$entry->line][$outage][$entry->column] = $entry->column;
            }
        }

        return new self($all, array_map(static fn(array $lines): array => array_map(array_values(...), $lines), $left));
    }

    /**
     * @return list<string> columns
     */
    public function left(string $line, Outage $outage): array
    {
        return $this->left[$line][$outage->key()] ?? [];
    }

    /**
     * What all share stands there always: that a board without a radio does not mind is worth seeing.
     *
     * @return list<Outage>
     */
    private static function possible(ControlMap $map): array
    {
        $all = [new Outage(Need::Radio, null, ''), new Outage(Need::Internet, null, '')];
        foreach ($map->routes as $id => $route) {
            $hop = $route->hops[0];
            foreach ($hop->needs() as $need) {
                if ($need->isOfOneHop()) {
                    $all[] = new Outage($need, $id, $hop->channel->name);
                }
            }
        }

        return $all;
    }
}
