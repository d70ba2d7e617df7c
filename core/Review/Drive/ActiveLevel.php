<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Drivers\SetModuleJumpers;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Active level unstated or contradicted. */
final class ActiveLevel implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.active-level',
            version: 1,
            title: 'Active level unstated or contradicted',
            severities: [Severity::Broken],
            reason: 'When code and circuit disagree on the level that means “on”, everything is on at “off”. The level must be '
                . 'stated once, and be the driver’s.',
            threshold: 'the stated level is the one at which the driver energises the coil',
            basis: Basis::CommonPractice,
            source: 'common practice: the most frequent logic error of the trade',
            joint: LineJoint::Driver,
        );
    }

    /**
     * A module whose cap can be set the other way agrees with the program as well.
     *
     * @return list<Remedy> at most one
     */
    private static function jumper(Inspection $inspection, string $id, Actuator $actuator, mixed $stated): array
    {
        if (!$stated instanceof Level || true !== $inspection->board->moduleOf($actuator->driver)?->hasTriggerJumper) {
            return [];
        }

        return [new Remedy(sprintf('Set the cap of its channel to %s', $stated->value), new SetModuleJumpers([$id], $stated))];
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            $driverLevel = $actuator->driver->inherentActiveLevel();
            $stated = $actuator->activeLevel->value;
            if ($stated === $driverLevel) {
                continue;
            }
            $name = $inspection->board->lines[$lineId]->name;
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                $stated instanceof Level
                    ? sprintf(
                        '“%s” is stated active %s, but its driver switches on at %s: it would be on when it should be off.',
                        $name,
                        $stated->value,
                        $driverLevel->value,
                    )
                    : sprintf('The active level of “%s” is not stated; its driver switches on at %s.', $name, $driverLevel->value),
                proposals: static fn(): array => [
                    new Remedy(
                        'State active ' . $driverLevel->value . ', and let the program say so',
                        new StateActiveLevel([$id], $driverLevel),
                    ),
                    ...self::jumper($inspection, $id, $actuator, $stated),
                ],
            );
        }
    }
}
