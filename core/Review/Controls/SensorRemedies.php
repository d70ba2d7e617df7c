<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\SensorRule;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Remedy;

/** What can be said otherwise of a sensor rule. */
final class SensorRemedies
{
    /** How far apart on and off are put, as a multiple of what readings differ by themselves. */
    private const APART = 2.0;

    /**
     * Off where it was, on further away, in the direction that it has; a rule that has none turns on below.
     *
     * @return list<Remedy>
     */
    public static function wider(string $surface, SensorRule $rule): array
    {
        $off = $rule->off() ?? 0.0;
        $apart = self::APART * $rule->sensed->noise();
        $on = $off + (($rule->on() ?? $off) > $off ? $apart : -$apart);
        $field = Unit::Celsius === $rule->unit() ? 'onCelsius' : 'onPercent';

        return [new Remedy(
            'Switch on at ' . QuantityPrinter::rounded($on, $rule->unit()),
            StateSensorRule::of($surface, Copy::of($rule, [$field => $on])),
        )];
    }

    /**
     * @return list<Remedy>
     */
    public static function offWhenLost(string $surface, SensorRule $rule): array
    {
        return [new Remedy(
            'Let the line go off when the sensor is lost',
            StateSensorRule::of($surface, Copy::of($rule, ['whenLost' => LostSensor::Off])),
        )];
    }
}
