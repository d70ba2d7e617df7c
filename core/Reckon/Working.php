<?php

declare(strict_types=1);

namespace IronLatch\Core\Reckon;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What every calculation is written with: usual inputs, and figures with their working. */
final class Working
{
    private const OHM = 'Ohm’s law';

    public static function volts(string $label, string $usual): Input
    {
        return new Input($label, Unit::Volt, $usual, 0.0, 400.0);
    }

    public static function ohms(string $label, string $usual): Input
    {
        return new Input($label, Unit::Ohm, $usual, 0.1, 1e8);
    }

    public static function amps(string $label, string $usual): Input
    {
        return new Input($label, Unit::Ampere, $usual, 1e-6, 100.0);
    }

    /**
     * @param list<string> $inputs
     */
    public static function figure(
        string $label,
        float $value,
        Unit $unit,
        string $formula,
        array $inputs,
        string $source = self::OHM,
    ): Figure {
        return new Figure($label, $value, $unit, $formula, $inputs, 'the values given', $source);
    }

    public static function said(string $name, float $value, Unit $unit): string
    {
        return $name . ' = ' . QuantityPrinter::rounded($value, $unit);
    }
}
