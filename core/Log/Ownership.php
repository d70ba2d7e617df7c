<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Control\ServiceCosts;
use IronLatch\Core\Review\Inspection;

/** What a board has cost so far, copy by copy, and what it costs in a year: as far as it was stated. */
final readonly class Ownership
{
    private const SECONDS_OF_AN_HOUR = 3600;

    /**
     * @param float $orderedEuros all orders that name a price
     * @param int $unpriced orders that name none
     * @param array<string, float> $shares of the orders by copy: each order is shared by the copies of its revision, else by all
     * @param float $partsEuros of one copy, by the price list
     * @param int $unpricedParts parts without a price
     * @param ?float $yearlyEuros services
     * @param array<string, float> $lineEuros parts of one copy that each line takes by itself
     */
    private function __construct(
        public float $orderedEuros,
        public int $unpriced,
        public array $shares,
        public float $partsEuros,
        public int $unpricedParts,
        public ?float $yearlyEuros,
        public array $lineEuros,
    ) {}

    public static function of(Inspection $inspection, Log $log): self
    {
        $list = $inspection->partsList();
        $priced = array_filter($log->orders, static fn(Order $order): bool => null !== $order->euros);

        return new self(
            array_sum(array_map(static fn(Order $order): float => $order->euros ?? 0.0, $priced)),
            count($log->orders) - count($priced),
            self::shares($log, $priced),
            $list->knownEuros(),
            $list->unpriced(),
            ServiceCosts::yearly($inspection->board)?->value,
            array_map(
                static fn(PartsList $one): float => $one->knownEuros(),
                PartsList::byLine($inspection->board, $inspection->connections(), $inspection->prices),
            ),
        );
    }

    /**
     * @param array<string, Order> $orders
     * @return array<string, float>
     */
    private static function shares(Log $log, array $orders): array
    {
        $shares = array_map(static fn(BoardCopy $copy): float => 0.0, $log->copies);
        foreach ($orders as $order) {
            $of = array_filter($log->copies, static fn(BoardCopy $copy): bool => $copy->revision === $order->revision);
            $of = [] === $of ? $log->copies : $of;
            foreach (array_keys($of) as $id) {
                $shares[$id] += ($order->euros ?? 0.0) / count($of);
            }
        }

        return $shares;
    }

    /** Hours that all copies have taken, as far as they are stated. */
    public static function hours(Log $log): float
    {
        return array_sum(array_map(
            static fn(BoardCopy $copy): float => ($copy->workSeconds ?? 0.0) / self::SECONDS_OF_AN_HOUR,
            $log->copies,
        ));
    }
}
