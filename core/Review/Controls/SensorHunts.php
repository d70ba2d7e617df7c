<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Sensor rule that hunts. */
final class SensorHunts implements Rule
{
    /** A line that follows a reading changes no oftener than this without wearing its contact out in a year or two (common practice). */
    private const LEAST_CYCLE_SECONDS = 60.0;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.sensor-hunts',
            version: 1,
            title: 'Sensor rule that hunts',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'Where on and off lie at one value, every reading switches: the relay chatters, the contact burns and a motor never '
                . 'starts. Where they lie closer than readings differ by themselves, it does so at times.',
            threshold: 'on and off apart: at one value is broken; closer than readings differ by themselves ('
                . QuantityPrinter::rounded(Sensed::Temperature->noise(), Unit::Celsius) . ', '
                . QuantityPrinter::rounded(Sensed::Humidity->noise(), Unit::Percent) . ' humidity, '
                . QuantityPrinter::rounded(Sensed::Light->noise(), Unit::Percent) . ' of a range of light) is weak, '
                . 'unless on and off have least times of '
                . QuantityPrinter::rounded(self::LEAST_CYCLE_SECONDS, Unit::Second) . ' together',
            basis: Basis::CommonPractice,
            source: 'common practice, from memory',
            silentWhen: 'the sensor says yes or no, or only switches off',
        );
    }

    /** In one piece: one judgement after the other on one rule of a sensor. */
    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->entries as $id => $entry) {
            if (SurfaceKind::SensorRule !== $entry->kind) {
                continue;
            }
            $line = $inspection->board->lines[$entry->line];
            $rule = $line->surfaces[$id]->rule;
            $isNumber = null === $rule || Sensed::Event !== $rule->sensed;
            if (null === $rule || $isNumber && (null === $rule->off() || (null === $rule->on() && $entry->operation->canSwitchOn()))) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf(
                        'from which reading of “%s” on the line “%s” is on and off',
                        $inspection->board->nameOf($line->surfaces[$id]->function),
                        $line->name,
                    ),
                );
                continue;
            }
            $hysteresis = $rule->hysteresis();
            if (
                null === $hysteresis
                || $rule->leastOnSeconds + $rule->leastOffSeconds >= self::LEAST_CYCLE_SECONDS && $hysteresis > 0
                || $hysteresis >= $rule->sensed->noise()
            ) {
                continue;
            }
            $unit = $rule->unit();
            $figure = new Figure(
                'between on and off',
                $hysteresis,
                $unit,
                '|on − off|',
                [
                    'on = ' . QuantityPrinter::rounded($rule->on() ?? 0.0, $unit),
                    'off = ' . QuantityPrinter::rounded($rule->off() ?? 0.0, $unit),
                    'at least ' . QuantityPrinter::rounded($rule->sensed->noise(), $unit),
                ],
                'as stated',
                'common practice, from memory',
            );
            yield new Finding(
                $this->facts(),
                0.0 === $hysteresis ? Severity::Broken : Severity::Weak,
                $id,
                sprintf(
                    'Between on and off of “%s” lie %s; readings of %s differ by %s by themselves, and the relay follows each.',
                    $line->name,
                    $figure->printed(),
                    explode(',', $rule->sensed->value)[0],
                    QuantityPrinter::rounded($rule->sensed->noise(), $unit),
                ),
                [$figure],
                static fn(): array => SensorRemedies::wider($id, $rule),
            );
        }
    }
}
