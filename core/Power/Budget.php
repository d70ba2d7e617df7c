<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\DirectDrive;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** The current of every rail with all relays on: controller, pins, coils, module inputs and DC appliances. */
final readonly class Budget
{
    private const SOURCE = 'sum of the loads; loading to 80 % for good is common practice';

    /**
     * @param array<string, RailBudget> $rails by rail id
     */
    private function __construct(public array $rails) {}

    public static function of(Board $board, Controller $controller, DriverAnalysis $drive): self
    {
        $rails = [];
        foreach (array_keys($board->rails) as $rail) {
            $rails[$rail] = self::rail($board, $controller, $drive, $rail);
        }

        return new self($rails);
    }

    private static function rail(Board $board, Controller $controller, DriverAnalysis $drive, string $rail): RailBudget
    {
        $supply = $board->supply($rail);
        $typical = $greatest = $radio = 0.0;
        $inputs = $unknown = [];
        if ($board->controllerRail === $rail) {
            $typical += $controller->chip->runCurrent->typ;
            $greatest += $controller->chip->runCurrent->max;
            // An unknown use of the radio is taken as use: the supply must bear it.
            $radio = false === $board->radioUsed->value ? 0.0 : $controller->chip->peakAmps - $controller->chip->runCurrent->max;
            $inputs[] = $controller->chip->identity->name . ' ' . QuantityPrinter::rounded($controller->chip->runCurrent->typ, Unit::Ampere);
        }
        $coils = $coilAmps = 0.0;
        $pinAmps = $pulse = 0.0;
        foreach ($board->actuators() as $id => [, $actuator]) {
            $result = $drive->results[$id];
            $module = $actuator->driver instanceof OptoModuleInput;
            // A coil straight on a pin takes its current through the pin, not from the rail.
            if ($actuator->rail === $rail && !$actuator->driver instanceof DirectDrive) {
                $relay = $board->relay($actuator);
                $coilMost = $supply->output->max / $relay->coilResistance->min;
                if (null !== $relay->bistable) {
                    // Pulses last for milliseconds, and come one after the other.
                    $pulse = max($pulse, $coilMost);
                    continue;
                }
                ++$coils;
                $coilAmps += $result->coilAmps->value;
                $greatest += $coilMost;
            }
            // A module's input LEDs hang on its own rail; a base current comes through the controller.
            if ($module ? $actuator->rail === $rail : $board->controllerRail === $rail) {
                $pinAmps += $result->pinAmps->value;
                $greatest += $result->pinAmps->value;
            }
        }
        $typical += $coilAmps + $pinAmps;
        if ($coils > 0) {
            $inputs[] = sprintf('%d %s %s', $coils, 1 === (int) $coils ? 'coil' : 'coils', QuantityPrinter::rounded($coilAmps, Unit::Ampere));
        }
        if ($pinAmps > 0) {
            $inputs[] = 'driver inputs ' . QuantityPrinter::rounded($pinAmps, Unit::Ampere);
        }
        foreach ($board->lines as $line) {
            $appliance = $board->appliance($line);
            // What a driver switches without a relay is counted with the coils.
            if (null === $appliance->dcVolts || [] !== array_filter($line->actuators, static fn(Actuator $actuator): bool => null === $actuator->relay)) {
                continue;
            }
            if (null === $line->feed) {
                $unknown[] = sprintf('the rail that feeds “%s”', $line->name);
            } elseif ($line->feed === $rail) {
                $amps = (is_float($line->watts->value) ? $line->watts->value : $appliance->typicalWatts) / $appliance->dcVolts;
                $typical += $amps;
                $greatest += $amps;
                $inputs[] = sprintf('%s %s', $line->name, QuantityPrinter::rounded($amps, Unit::Ampere));
            }
        }
        $inputs[] = 'rated ' . QuantityPrinter::rounded($supply->ratedAmps, Unit::Ampere);

        return new RailBudget(
            new Figure('continuous current', $greatest, Unit::Ampere, 'Σ loads, all relays on', $inputs, 'highest rail, lowest coil resistances', self::SOURCE),
            new Figure('peak current', $greatest + $radio + $pulse, Unit::Ampere, 'Σ loads + radio burst + greatest pulse of a bistable coil', $inputs, 'highest rail, lowest coil resistances, radio sending', self::SOURCE),
            new Margin(
                new Figure('rated over drawn current', $supply->ratedAmps / max($typical, 1e-9), Unit::Ratio, 'I_rated ÷ I', $inputs, 'typical loads, all relays on', self::SOURCE),
                new Figure('rated over drawn current', $supply->ratedAmps / max($greatest, 1e-9), Unit::Ratio, 'I_rated ÷ I', $inputs, 'greatest loads, all relays on', self::SOURCE),
            ),
            $unknown,
        );
    }
}
