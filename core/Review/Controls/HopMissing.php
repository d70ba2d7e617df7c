<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\RemoveChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Lines\ChangeLineGroup;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\Hop;
use IronLatch\Core\Control\Route;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Command that ends before the board. */
final class HopMissing implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.hop-missing',
            version: 1,
            title: 'Command that ends before the board',
            severities: [Severity::Broken],
            reason: 'A spoken word is heard by an assistant, turned into a rule, given to a broker and only then to '
                . 'the board. Where the next hop does not know the line, or does not know the act, nothing '
                . 'happens, and nobody says why.',
            threshold: 'each hop of each line: it reaches the board or hands on to one that does, knows the line, lets '
                . 'commands through and carries the act',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no line is on the channel',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->routes as $id => $route) {
            $entries = $inspection->controls->on($id);
            if (0 === $inspection->controls->held($id)) {
                continue;
            }
            $gap = self::gap($route);
            if (null !== $gap) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    $gap,
                    proposals: static fn(): array => self::reached($inspection, $id),
                );
                continue;
            }
            $next = $route->next();
            if (null === $next) {
                continue;
            }
            foreach ($entries as $entry) {
                $there = $inspection->controls->at($entry->line, $next->id)[0] ?? null;
                if (null === $there) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Broken,
                        $entry->surface,
                        sprintf(
                            '“%s” is on “%s”, which hands on to “%s”, and that does not know the line.',
                            $inspection->board->nameOf($entry->line),
                            $route->hops[0]->channel->name,
                            $next->channel->name,
                        ),
                        proposals: static fn(): array => [new Remedy(
                            sprintf('Put it on “%s” as well', $next->channel->name),
                            new PutOnChannel($next->id, [$entry->line]),
                        )],
                    );
                } elseif (!self::carries($next, $entry->operation)) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Broken,
                        $entry->surface,
                        sprintf(
                            '“%s” is asked by “%s” for “%s”, which “%s” cannot carry.',
                            $inspection->board->nameOf($entry->line),
                            $route->hops[0]->channel->name,
                            $entry->operation->value,
                            $next->channel->name,
                        ),
                        proposals: static fn(): array => self::said($inspection, $entry, $next),
                    );
                }
            }
            foreach ($inspection->controls->groups as $group) {
                $lines = $inspection->board->lineGroups[$group->group];
                if ($group->column === $id && !in_array($next->id, $lines->channels, true)) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Broken,
                        $group->group,
                        sprintf(
                            'The group “%s” is on “%s”, which hands on to “%s”, and that does not know the group.',
                            $lines->name,
                            $route->hops[0]->channel->name,
                            $next->channel->name,
                        ),
                        proposals: static fn(): array => [new Remedy(
                            sprintf('Let “%s” know the group', implode('” and “', array_map(
                                static fn(Hop $hop): string => $hop->channel->name,
                                self::hopsWithout($route, $lines->channels),
                            ))),
                            new ChangeLineGroup(
                                $group->group,
                                $lines->name,
                                $lines->lines,
                                [
                                    ...$lines->channels,
                                    ...array_map(static fn(Hop $hop): string => $hop->id, self::hopsWithout($route, $lines->channels)),
                                ],
                                $lines->switchesOn,
                            ),
                        )],
                    );
                }
            }
        }
    }

    /**
     * @param list<string> $channels that know a group
     * @return list<Hop> of the way that do not
     */
    private static function hopsWithout(Route $route, array $channels): array
    {
        return array_values(array_filter($route->hops, static fn(Hop $hop): bool => !in_array($hop->id, $channels, true)));
    }

    /** What of the way itself is missing, whatever line it is for. */
    private static function gap(Route $route): ?string
    {
        $first = $route->hops[0];
        $next = $route->next();

        return match (true) {
            null === $next && !$first->profile->reachesBoard => sprintf(
                '“%s” cannot reach a board by itself, and hands on to nothing.',
                $first->channel->name,
            ),
            null !== $next && !$first->profile->handsOn => sprintf(
                '“%s” is to hand on to “%s”, and gives its commands to no other hop.',
                $first->channel->name,
                $next->channel->name,
            ),
            null !== $next && $first->direction()->commands() && !$next->direction()->commands() => sprintf(
                '“%s” hands on to “%s”, which takes no commands.',
                $first->channel->name,
                $next->channel->name,
            ),
            default => null,
        };
    }

    /** On and off are carried by whatever carries them both, and a percentage stands for a step. */
    private static function carries(Hop $hop, Operation $operation): bool
    {
        return in_array($operation, $hop->profile->operations, true)
            || in_array($operation, [Operation::On, Operation::Off], true) && in_array(Operation::Explicit, $hop->profile->operations, true)
            || Operation::Explicit === $operation && in_array(Operation::Percent, $hop->profile->operations, true)
            || $operation->isGraded() && [] !== array_filter(
                $hop->profile->operations,
                static fn(Operation $one): bool => $one->isGraded(),
            );
    }

    /**
     * @return list<Remedy>
     */
    private static function reached(Inspection $inspection, string $id): array
    {
        $remedies = [];
        foreach ($inspection->controls->routes as $other => $route) {
            if ($other !== $id && $route->hops[0]->profile->reachesBoard && $route->direction()->commands()) {
                $remedies[] = new Remedy(sprintf('Hand on to “%s”', $route->hops[0]->channel->name), new HandOn($id, $other));
            }
        }

        if ($inspection->controls->routes[$id]->hops[0]->profile->reachesBoard) {
            $remedies[] = new Remedy('Let it reach the board itself', new HandOn($id));
        }

        return [...$remedies, new Remedy('Take the channel away', new RemoveChannel($id))];
    }

    /**
     * @return list<Remedy>
     */
    private static function said(Inspection $inspection, Entry $entry, Hop $next): array
    {
        $surface = $inspection->board->lines[$entry->line]->surfaces[$entry->surface];
        $can = array_filter(
            $inspection->controls->routes[$entry->column]->hops[0]->profile->operations,
            static fn(Operation $one): bool => self::carries($next, $one),
        );

        return array_map(
            static fn(Operation $one): Remedy => new Remedy(
                sprintf('Say “%s” instead', $one->value),
                TellSurface::keeping($entry->surface, $surface, $one),
            ),
            array_slice(array_values($can), 0, 1),
        );
    }
}
