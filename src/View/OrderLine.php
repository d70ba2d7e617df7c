<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Log\Order;

/** All orders of a board on one line of days; places from 0 to 1. */
final readonly class OrderLine
{
    private const SECONDS_OF_A_DAY = 86_400;

    /**
     * @param array<string, array{float, float, ?float}> $bars by order: from ordered to arrived, or to today, and where it is expected
     */
    private function __construct(public array $bars, public string $first, public string $last) {}

    /**
     * @param array<string, Order> $orders
     */
    public static function of(array $orders, string $today): ?self
    {
        $dated = array_filter($orders, static fn(Order $order): bool => '' !== $order->ordered);
        if ([] === $dated) {
            return null;
        }
        $days = [];
        foreach ($dated as $order) {
            $until = $order->isOpen() ? max($today, $order->ordered) : $order->arrived;
            array_push($days, $order->ordered, $until, '' === $order->expected ? $until : $order->expected);
        }
        $place = self::scale(min($days), max($days));

        return new self(
            array_map(static fn(Order $order): array => [
                $place($order->ordered),
                $place($order->isOpen() ? max($today, $order->ordered) : $order->arrived),
                '' === $order->expected ? null : $place($order->expected),
            ], $dated),
            min($days),
            max($days),
        );
    }

    /**
     * @return \Closure(string): float
     */
    private static function scale(string $first, string $last): \Closure
    {
        $begin = self::seconds($first);
        $width = max(self::seconds($last) - $begin, self::SECONDS_OF_A_DAY);

        return static fn(string $day): float => (self::seconds($day) - $begin) / $width;
    }

    private static function seconds(string $day): int
    {
        return (new \DateTimeImmutable($day . ' UTC'))->getTimestamp();
    }
}
