<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Controller\StateDriveStrength;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Drive\Circuit\BaseResistor;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** More asked of a pin than it is set to after reset. */
final class DriveStrength implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.drive-strength',
            version: 1,
            title: 'More asked of a pin than it is set to after reset',
            severities: [Severity::Weak],
            reason: 'Outputs of some chips have several strengths and start with a small one. Until the program sets more, the level that '
                . 'the data sheet promises holds for that small current only.',
            threshold: 'greatest current of the pin against what its strength after reset is rated for; the program raises it, or the pin '
                . 'gives less',
            basis: Basis::DataSheet,
            source: 'drive strengths of the chip, from its part file',
            silentWhen: 'the program raises the strength, or the pin is over its planned current, which is a finding of its own',
            joint: LineJoint::Driver,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $raised = $inspection->board->program->driveRaised?->value;
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $electrics = $inspection->board->siliconOf($actuator->function)->electrics;
            $amps = $inspection->drive->results[$id]->pinAmps;
            if (
                true === $raised
                || $actuator->driver->isMissing()
                || null === $electrics->resetPinAmps
                || $amps->value <= $electrics->resetPinAmps
                || $amps->value > $electrics->plannedPinAmps
            ) {
                continue;
            }
            $says = sprintf(
                'the pin of “%s” gives up to %s, and after reset it is set to %s',
                $inspection->board->nameOf($id),
                $amps->printed(),
                QuantityPrinter::rounded($electrics->resetPinAmps, Unit::Ampere),
            );
            if (null === $raised) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf('whether the program raises the drive strength of its outputs: %s', $says),
                    Answer::by(StateDriveStrength::class, 'raised'),
                );
                continue;
            }
            $margin = (new Figure(
                'strength after reset over pin current',
                $electrics->resetPinAmps / $amps->value,
                Unit::Ratio,
                'I_reset ÷ I_pin',
                ['I_reset = ' . QuantityPrinter::rounded($electrics->resetPinAmps, Unit::Ampere), 'I_pin = ' . $amps->printed()],
                'greatest pin current',
                'drive strengths of the chip, from its part file',
            ))->outOf($electrics->resetPinAmps, $amps->value, Unit::Ampere);
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf('The program leaves the drive strength as it is: %s.', $says),
                [$margin],
                static fn(): array => self::remedies($inspection, $id, $actuator),
            );
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, Actuator $actuator): array
    {
        $ohms = BaseResistor::fitting($inspection->board, $actuator);

        return [
            ...null === $ohms ? [] : [new Remedy(
                sprintf('Fit %s at the base', QuantityPrinter::rounded($ohms, Unit::Ohm)),
                new SetDriverValue([$id], 'baseOhms', $ohms),
            )],
            new Remedy('Have the program raise the drive strength', new StateDriveStrength(true)),
        ];
    }
}
