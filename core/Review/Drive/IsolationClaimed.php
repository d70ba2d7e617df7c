<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Isolation that is claimed and not there. */
final class IsolationClaimed implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.isolation-claimed',
            version: 2,
            title: 'Isolation that is claimed and not there',
            severities: [Severity::Weak],
            reason: 'An opto coupler keeps two sides apart only where neither supply nor ground is shared. With the jumper on, or both '
                . 'sides on one rail, it is a level shifter.',
            threshold: 'the driver is stated to isolate, and its coils are on the controller’s rail, its inputs are fed from the '
                . 'coils’ rail, or the grounds of both rails are joined',
            basis: Basis::CommonPractice,
            source: 'the nature of isolation',
            silentWhen: 'nothing is claimed of it',
            joint: LineJoint::Driver,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $driver = $actuator->driver;
            $claims = $driver->claimsIsolation();
            $onOneRail = $actuator->rail === $inspection->board->mcu->rail;
            $isJoined = $driver->needsCommonGround();
            $groundsJoined = true === $inspection->board->rails[$actuator->rail]->groundJoined?->value
                || null === $inspection->board->source($actuator->rail);
            if (!$claims || (!$onOneRail && !$isJoined && !$groundsJoined)) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf('The driver of “%s” is counted on to isolate, but %s.', $inspection->board->nameOf($id), match (true) {
                    $onOneRail => 'its coil hangs on the controller’s own rail',
                    $isJoined => 'its inputs are fed from the coils’ rail',
                    default => 'the grounds of both rails are joined',
                }),
                proposals: static fn(): array => [new Remedy(
                    'Count on no isolation here',
                    new ChooseDriver([$id], $driver->withoutClaim(), [], 'the same circuit, not counted on to isolate'),
                )],
            );
        }
    }
}
