<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What the services of a board cost for as long as it is used. */
final class ServiceCosts
{
    private const MONTHS = 12;

    /** Null while no price is stated. */
    public static function yearly(Board $board): ?Figure
    {
        $sum = 0.0;
        $inputs = [];
        foreach ($board->channels as $channel) {
            $euros = $channel->tier?->eurosPerMonth;
            if (null !== $euros) {
                $sum += self::MONTHS * $euros;
                $inputs[] = sprintf('%s %s a month', $channel->name, QuantityPrinter::rounded($euros, Unit::Euro));
            }
        }

        return [] === $inputs ? null : new Figure(
            'services in a year',
            $sum,
            Unit::Euro,
            '12 · Σ price of a month',
            $inputs,
            'as far as prices are stated',
            'the maker’s word',
        );
    }
}
