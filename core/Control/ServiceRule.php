<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\Operation;

/** One rule that a rule service keeps: when this is heard, do that. */
final readonly class ServiceRule
{
    /**
     * @param string $of id of the line or group
     */
    private function __construct(public string $of, public string $name, public string $when, public string $does) {}

    /**
     * Every rule of a rule service, line by line: one for on and one for off, or a single one where all hops can flip.
     *
     * @return list<self>
     */
    public static function on(ControlMap $map, string $channel): array
    {
        $next = $map->routes[$channel]->next();
        if (null === $next || !$map->routes[$channel]->hops[0]->profile->byRules) {
            return [];
        }
        $rules = [];
        foreach ($map->on($channel) as $entry) {
            $target = $map->at($entry->line, $next->id)[0] ?? null;
            $heard = self::heard($map, $channel, static fn(string $outer): array => $map->at($entry->line, $outer), $entry);
            if (null === $target) {
                continue;
            }
            foreach ($heard as [$hop, $from]) {
                $flips = Operation::Toggle === $from->operation && '' !== $from->toggle && '' !== $target->toggle;
                $acts = $flips
                    ? ['flip' => [$from->toggle, $target->toggle]]
                    : ['on' => [$from->on, $target->on], 'off' => [$from->off, $target->off]];
                array_push($rules, ...self::acts($channel, $entry->line, $entry->address, $hop, $next, $target->address, $acts));
            }
        }
        foreach ($map->groups as $entry) {
            $target = $entry->column === $channel ? $map->groupsAt($entry->group, $next->id)[0] ?? null : null;
            $heard = self::heard($map, $channel, static fn(string $outer): array => $map->groupsAt($entry->group, $outer), $entry);
            if (null === $target) {
                continue;
            }
            foreach ($heard as [$hop, $from]) {
                $acts = ['on' => [$from->on, $target->on], 'off' => [$from->off, $target->off]];
                array_push($rules, ...self::acts($channel, $entry->group, $entry->address, $hop, $next, $target->address, $acts));
            }
        }

        return $rules;
    }

    /**
     * What is heard of a line or group: by each hop that hands on to the service, or by the service itself.
     *
     * @template T of Entry|GroupEntry
     * @param \Closure(string): list<T> $at entries on a channel
     * @param T $own
     * @return list<array{Hop, T}>
     */
    private static function heard(ControlMap $map, string $channel, \Closure $at, Entry|GroupEntry $own): array
    {
        $heard = [];
        foreach ($map->routes as $outer => $route) {
            foreach ($channel === $route->next()?->id ? $at($outer) : [] as $from) {
                $heard[] = [$route->hops[0], $from];
            }
        }

        return [] === $heard ? [[$map->routes[$channel]->hops[0], $own]] : $heard;
    }

    /**
     * @param string $name of the line or group in the service
     * @param array<string, array{string, string}> $acts what is heard and what is said for it, by act
     * @return list<self>
     */
    private static function acts(
        string $channel,
        string $of,
        string $name,
        Hop $before,
        Hop $next,
        string $address,
        array $acts,
    ): array {
        $rules = [];
        foreach ($acts as $act => [$heard, $said]) {
            if ('' !== $heard && '' !== $said) {
                $rules[] = new self(
                    $of,
                    $name . ' ' . $act,
                    $before->id === $channel
                        ? sprintf('“%s %s” is asked for', $name, $act)
                        : sprintf('%s: “%s”', $before->channel->name, $heard),
                    sprintf('%s: %s', $next->channel->name, Message::of($next->profile, $next->channel->name, $address, $said)->words),
                );
            }
        }

        return $rules;
    }
}
