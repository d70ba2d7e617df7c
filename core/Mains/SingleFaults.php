<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;

/**
 * What remains of each line after any single fault, while it is on and should go off. A guard opens where one relay, its driver or its pin
 * fails; where the program itself hangs it holds both, and only what works without the board is left.
 */
final readonly class SingleFaults
{
    /**
     * @param array<string, array<string, FaultOutcome>> $outcomes by mains line, and by fault as far as it can happen there
     */
    private function __construct(public array $outcomes) {}

    public static function of(Board $board): self
    {
        $outcomes = [];
        foreach ($board->lines as $id => $line) {
            if (null === $board->appliance($line)->dcVolts && [] !== $line->actuators) {
                $outcomes[$id] = self::ofLine($board, $line);
            }
        }

        return new self($outcomes);
    }

    /** Whether a second relay stands in series with that of a line. */
    public static function isGuarded(Line $line): bool
    {
        return [] !== array_filter($line->actuators, static fn(Actuator $one): bool => null !== $one->guards);
    }

    /**
     * @return array<string, FaultOutcome> by fault
     */
    private static function ofLine(Board $board, Line $line): array
    {
        $heats = $board->appliance($line)->heats;
        $left = match (true) {
            !$heats => null === $line->twoWay ? FaultOutcome::On : FaultOutcome::AtTheSwitch,
            null === $line->safety?->cutOut?->value => FaultOutcome::Unknown,
            true === $line->safety->cutOut->value => FaultOutcome::Limited,
            default => FaultOutcome::On,
        };
        $outcomes = [];
        foreach (SingleFault::cases() as $fault) {
            if (SingleFault::SensorLost === $fault) {
                $lost = self::whenLost($line);
                if ([] !== $lost) {
                    $outcomes[$fault->value] = self::afterLoss($lost, $left);
                }
            } else {
                $outcomes[$fault->value] = $fault->leavesGuard() && self::isGuarded($line) ? FaultOutcome::Off : $left;
            }
        }

        return $outcomes;
    }

    /**
     * @return list<?LostSensor> what the program does, for every sensor that switches the line on
     */
    private static function whenLost(Line $line): array
    {
        $rules = array_filter($line->surfaces, static fn(Surface $surface): bool => SurfaceKind::SensorRule === $surface->kind);

        return array_values(array_map(static fn(Surface $surface): ?LostSensor => $surface->rule?->whenLost, $rules));
    }

    /**
     * @param list<?LostSensor> $lost
     */
    private static function afterLoss(array $lost, FaultOutcome $left): FaultOutcome
    {
        return match (true) {
            in_array(null, $lost, true) => FaultOutcome::Unknown,
            [] === array_filter($lost, static fn(?LostSensor $one): bool => LostSensor::Off !== $one) => FaultOutcome::Off,
            default => $left,
        };
    }
}
