<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Catalogue\CordTable;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** A conductor’s size as the country writes it: in mm², or by its gauge. */
final class WireSize
{
    /** How far a size may lie from that of its gauge. */
    private const NEAR = 0.02;

    public static function printed(float $squareMetres, CordTable $table): string
    {
        $gauge = CordTable::Nec400 === $table ? self::gauge($squareMetres) : null;

        return null === $gauge ? QuantityPrinter::rounded($squareMetres, Unit::SquareMetre) : $gauge . ' AWG';
    }

    /** The gauge of a cross-section: d = 0.127 mm · 92^((36 − n)/39), ASTM B258; null between two gauges. */
    private static function gauge(float $squareMetres): ?int
    {
        $diameterMetres = sqrt(4 * $squareMetres / M_PI);
        $exact = 36 - 39 * log($diameterMetres / 0.127e-3, 92);
        $gauge = (int) round($exact);
        $of = M_PI / 4 * (0.127e-3 * 92 ** ((36 - $gauge) / 39)) ** 2;

        return $gauge >= 1 && $gauge <= 30 && abs($of / $squareMetres - 1) <= self::NEAR ? $gauge : null;
    }
}
