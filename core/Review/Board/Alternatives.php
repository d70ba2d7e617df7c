<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Build\PartsRow;
use IronLatch\Core\Build\Price;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Priced;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Severity;

/** Other parts for a row of the parts list: each is put in on paper and the whole board is checked with it. */
final class Alternatives
{
    private const MOST = 8;

    /**
     * @return list<Alternative> those that bring nothing bad first, then by price
     */
    public static function of(Inspection $inspection, Report $report, PartsRow $row): array
    {
        $board = $inspection->board;
        $present = $board->parts[$row->part ?? ''] ?? null;
        $edits = match (true) {
            $present instanceof Relay => self::relays($inspection, $present),
            $present instanceof Supply => self::supplies($inspection, $present),
            null !== $present => self::ofDrivers($inspection, $present),
            default => [],
        };
        $all = [];
        foreach (array_slice($edits, 0, self::MOST) as [$part, $edit]) {
            $after = Repairs::of($inspection)->after($edit);
            if (null !== $after) {
                $tried = Inspector::withRuleBook()->inspect(new Inspection($after, $inspection->catalogue, $inspection->prices));
                $euros = $part instanceof Priced ? $part->euros() : null;
                $all[] = new Alternative(
                    $part,
                    $edit,
                    $inspection->prices->priceOf($part->identity()->id, $part->identity()->name)
                        ?? (null === $euros ? null : Price::shipped($euros)),
                    self::statements($tried->findingsMissingFrom($report)),
                    self::statements($report->findingsMissingFrom($tried)),
                );
            }
        }
        usort($all, static fn(Alternative $one, Alternative $other): int => [count($one->worse), $one->price->euros ?? INF]
            <=> [count($other->worse), $other->price->euros ?? INF]);

        return $all;
    }

    /**
     * @param list<Finding> $findings
     * @return list<string> the heaviest first; hints are none
     */
    private static function statements(array $findings): array
    {
        $weigh = array_filter($findings, static fn(Finding $one): bool => Severity::Hint !== $one->severity && null === $one->root);
        $order = array_flip(array_column(Severity::cases(), 'value'));
        usort($weigh, static fn(Finding $one, Finding $other): int => $order[$one->severity->value] <=> $order[$other->severity->value]);

        return array_map(static fn(Finding $one): string => $one->statement, $weigh);
    }

    /**
     * @return list<array{Part, Edit}>
     */
    private static function relays(Inspection $inspection, Relay $present): array
    {
        $users = array_map(strval(...), array_keys(array_filter(
            $inspection->board->actuators(),
            static fn(Actuator $one): bool => $one->relay === $present->identity->id,
        )));
        $edits = [];
        foreach (Repairs::of($inspection)->partsOnOffer(Relay::class) as $relay) {
            $isAlike = $relay->isOfTheKindOf($present) && $relay->coilVolts === $present->coilVolts && $relay->poles >= $present->poles;
            if ($isAlike && $relay->identity->id !== $present->identity->id) {
                $edits[$relay->identity->id] = [$relay, new ChooseRelay($users, $relay)];
            }
        }

        return array_values($edits);
    }

    /**
     * @return list<array{Part, Edit}>
     */
    private static function supplies(Inspection $inspection, Supply $present): array
    {
        $rails = [];
        foreach ($inspection->board->rails as $id => $rail) {
            if ($rail->supply === $present->identity->id) {
                $rails[] = $id;
            }
        }
        $edits = [];
        foreach ([] === $rails ? [] : Repairs::of($inspection)->partsOnOffer(Supply::class) as $supply) {
            if ($supply->isOfTheKindOf($present) && $supply->identity->id !== $present->identity->id) {
                $feeds = array_map(static fn(string $rail): Edit => new ChooseSupply($rail, $supply), $rails);
                $edits[$supply->identity->id] = [
                    $supply,
                    1 === count($feeds) ? $feeds[0] : new Sequence(sprintf('Feed from %s', $supply->identity->name), $feeds),
                ];
            }
        }

        return array_values($edits);
    }

    /**
     * Another part of the same class in every driver that has the present one, its resistors as they are.
     *
     * @return list<array{Part, Edit}>
     */
    private static function ofDrivers(Inspection $inspection, Part $present): array
    {
        $edits = [];
        foreach (Repairs::of($inspection)->partsOnOffer($present::class) as $part) {
            $changes = $part->identity()->id === $present->identity()->id ? [] : self::changes($inspection->board, $present, $part);
            if ([] !== $changes) {
                $edits[$part->identity()->id] = [
                    $part,
                    1 === count($changes) ? $changes[0] : new Sequence(sprintf('Drive with %s', $part->identity()->name), $changes),
                ];
            }
        }

        return array_values($edits);
    }

    /** @return list<Edit> one for each circuit that differs */
    private static function changes(Board $board, Part $present, Part $part): array
    {
        $drivers = [];
        $relays = [];
        foreach ($board->actuators() as $id => $actuator) {
            $field = array_search($present->identity()->id, get_object_vars($actuator->driver), true);
            if (is_string($field)) {
                $driver = Copy::of($actuator->driver, [$field => $part->identity()->id]);
                $key = serialize($driver);
                $drivers[$key] = $driver;
                $relays[$key][] = $id;
            }
        }

        return array_map(
            static fn(string $key, Driver $driver): Edit => new ChooseDriver($relays[$key], $driver, [$part], $part->identity()->name),
            array_map(strval(...), array_keys($drivers)),
            array_values($drivers),
        );
    }
}
