<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Coil without a clamp. */
final class NoClamp implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.no-clamp',
            version: 1,
            title: 'Coil without a clamp',
            severities: [Severity::Broken],
            reason: 'When the driver opens, the coil’s current must go somewhere: without a clamp its voltage rises until the '
                . 'transistor breaks down, each time it switches off.',
            threshold: 'a diode, a diode with a zener, or an RC across every coil that is driven by single parts; the common pin of an '
                . 'array on the coils’ rail',
            basis: Basis::CommonPractice,
            source: 'the nature of an inductance',
            silentWhen: 'a ready-made module brings its own clamp; the input of a solid-state relay is no inductance, nor is a lamp or a '
                . 'heater; a bridge has its own way for the current',
            joint: LineJoint::Coil,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            if ($actuator->driver->isReadyMade() || !$inspection->board->kicks($actuator)) {
                continue;
            }
            if ($actuator->driver->clampsItself()) {
                // A bridge has its own way for the current, and a diode across a winding that is driven both ways would short it.
                if ($actuator->clamp->value === Clamp::Diode || $actuator->clamp->value === Clamp::DiodeZener) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Broken,
                        $id,
                        sprintf(
                            'A diode across the winding of “%s” shorts its bridge each time the current is turned round.',
                            $inspection->board->nameOf($id),
                        ),
                        proposals: static fn(): array => [new Remedy('Leave the diode out', new StateClamp([$id], Clamp::None))],
                    );
                }
                continue;
            }
            $isArray = null !== $actuator->driver->package();
            if (!$actuator->clamp->isKnown()) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    $isArray ? 'whether the array’s common pin is on the coils’ rail' : 'what clamps the coil',
                    Answer::by(StateClamp::class, 'clamp', $id),
                );
            } elseif (Clamp::None === $actuator->clamp->value) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        $isArray
                            ? 'The common pin of the array at “%s” is open, so its clamp diodes do nothing: each switching off '
                                . 'strikes the array.'
                            : 'Nothing clamps the coil of “%s”: each switching off strikes its driver.',
                        $inspection->board->nameOf($id),
                    ),
                    proposals: static fn(): array => [new Remedy(
                        $isArray ? 'Connect the common pin to the coils’ rail' : 'Fit a diode across the coil, cathode to the rail',
                        new StateClamp([$id], Clamp::Diode),
                    )],
                );
            }
        }
    }
}
