<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Channel;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateOnPurpose;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** More lines than a channel takes. */
final class OverCapacity implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.over-capacity',
            version: 2,
            title: 'More lines than a channel takes',
            severities: [Severity::Weak],
            reason: 'A service’s free places end, and the lines beyond them cannot be operated from afar.',
            threshold: 'lines and groups on a channel against its capacity',
            basis: Basis::CommonPractice,
            source: 'common practice; capacity by the part file',
            silentWhen: 'stated on purpose',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->columns as $id => $column) {
            $held = $inspection->controls->held($id);
            if (
                0 === $column->capacity
                || $held <= $column->capacity
                || true === ($inspection->board->channels[$id]->cappedOnPurpose ?? null)
            ) {
                continue;
            }
            $figure = new Figure(
                'places over entries',
                $column->capacity / $held,
                Unit::Ratio,
                'places ÷ entries',
                [sprintf('%d places', $column->capacity), sprintf('%d entries', $held)],
                'groups counted',
                isset($inspection->board->channels[$id]->tier->entries) ? 'the maker’s word for the tier' : 'part file of the channel',
            );
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf('“%s” takes %d entries, and %d are put on it.', $column->title, $column->capacity, $held),
                [$figure],
                static fn(): array => [
                    ...self::elsewhere($inspection, $id, $held - $column->capacity),
                    ...self::grouped($inspection, $id, $held - $column->capacity),
                    ...self::ownBroker($inspection, $id),
                    new Remedy('It is meant so', new StateOnPurpose($id)),
                ],
            );
        }
    }

    /**
     * The lines beyond its places by another way that is there already, the best first: one that shows the state, and has no limit.
     *
     * @return list<Remedy>
     */
    private static function elsewhere(Inspection $inspection, string $id, int $over): array
    {
        $beyond = array_slice($inspection->controls->on($id), -$over);
        $lines = array_map(static fn(Entry $entry): string => $entry->line, $beyond);
        $remedies = [];
        foreach ($inspection->controls->routes as $other => $route) {
            $column = $inspection->controls->columns[$other];
            $new = array_values(array_filter($lines, static fn(string $line): bool => [] === $inspection->controls->at($line, $other)));
            $fits = 0 === $column->capacity || $inspection->controls->held($other) + count($new) <= $column->capacity;
            $reaches = $route->direction()->commands() && null === $route->next() && null === $column->profile?->setsPins;
            if ($other === $id || !$fits || !$reaches) {
                continue;
            }
            $away = array_map(static fn(Entry $entry): RemoveSurface => new RemoveSurface($entry->surface), $beyond);
            $remedies[(int) $route->direction()->tellsState()][] = new Remedy(
                sprintf(
                    '%s the last %s to “%s”',
                    [] === $new ? 'Leave' : 'Move',
                    1 === count($beyond) ? 'one' : (string) count($beyond),
                    $column->title,
                ),
                new Sequence(
                    sprintf('Move lines from “%s” to “%s”', $inspection->board->nameOf($id), $column->title),
                    [...[] === $new ? [] : [new PutOnChannel($other, $new)], ...$away],
                ),
            );
        }
        krsort($remedies);

        return array_slice(array_merge(...$remedies), 0, 2);
    }

    /**
     * The last lines behind one entry, as a group: it switches on only what may be switched on unseen.
     *
     * @return list<Remedy>
     */
    private static function grouped(Inspection $inspection, string $id, int $over): array
    {
        $together = array_slice($inspection->controls->on($id), -($over + 1));
        $board = $inspection->board;
        if (count($together) < 2 || null !== $board->profile($board->channels[$id])->setsPins) {
            return [];
        }
        $lines = array_values(array_unique(array_map(static fn(Entry $entry): string => $entry->line, $together)));
        $starts = [] === array_filter(
            $lines,
            static fn(string $line): bool => $board->mustNotStart($line)
                || true === $board->lines[$line]->safety?->barredFromGroups?->value,
        );

        return count($lines) < 2 ? [] : [new Remedy(
            sprintf('Put the last %d behind one entry, as a group%s', count($lines), $starts ? '' : ' that only switches off'),
            new Sequence(sprintf('Group lines on “%s”', $board->nameOf($id)), [
                ...array_map(static fn(Entry $entry): RemoveSurface => new RemoveSurface($entry->surface), $together),
                new AddLineGroup(
                    LineGroupKind::Chosen,
                    mb_substr(
                        implode(' and ', array_map($board->nameOf(...), array_slice($lines, 0, 2))),
                        0,
                        50,
                    ) . (count($lines) > 2 ? ' …' : ''),
                    $lines,
                    [$id],
                    $starts,
                ),
            ]),
        )];
    }

    /**
     * A broker in the house for all of its lines, where the board has none yet.
     *
     * @return list<Remedy>
     */
    private static function ownBroker(Inspection $inspection, string $id): array
    {
        $board = $inspection->board;
        $broker = $inspection->catalogue?->part('message-broker');
        $is = static fn(Channel $channel): bool => Addressing::Topic === $board->profile($channel)->addressing;
        if (!$broker instanceof SurfaceProfile || !$board->controller()->chip->radio || [] !== array_filter($board->channels, $is)) {
            return [];
        }
        $entries = $inspection->controls->on($id);

        return [new Remedy('Let a broker in the house take all of them', new Sequence('Use a broker in the house', [
            new AddChannel($broker, 'House broker'),
            new PutOnChannel((new Ids($board))->next('C'), array_map(static fn(Entry $entry): string => $entry->line, $entries)),
            ...array_map(static fn(Entry $entry): RemoveSurface => new RemoveSurface($entry->surface), $entries),
        ]))];
    }
}
