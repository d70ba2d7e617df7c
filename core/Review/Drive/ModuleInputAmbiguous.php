<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Module input neither surely on nor surely off. */
final class ModuleInputAmbiguous implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.module-ambiguous',
            version: 1,
            title: 'Module input neither surely on nor surely off',
            severities: [Severity::Weak],
            reason: 'Between the current that releases for certain and the one that operates for certain, a module does what it likes.',
            threshold: 'input current at pin low below the certain operate current, or at pin high above the certain release current, at '
                . 'the worst corner',
            basis: Basis::FromMemory,
            source: 'currents of the module’s part file',
            explainedBy: [CoilVoltage::class],
            joint: LineJoint::Driver,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            $result = $inspection->drive->results[$id];
            $name = $inspection->board->lines[$lineId]->name;
            if (null === $result->staysOff) {
                continue;
            }
            if (MarginState::Sound !== $result->pin->state()) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'The module of “%s” may not operate: its input gets %s at the worst corner, and from %s it is certain.',
                        $name,
                        $result->pin->worst->has(),
                        $result->pin->worst->needs(),
                    ),
                    [$result->pin->worst],
                );
            } elseif (MarginState::Sound !== $result->staysOff->state()) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'The module of “%s” may stay on: %s flow with its pin off at the worst corner, and it lets go for certain up '
                            . 'to %s.',
                        $name,
                        $result->staysOff->worst->needs(),
                        $result->staysOff->worst->has(),
                    ),
                    [$result->staysOff->worst],
                    fn(): array => self::remedies($inspection, $id, $actuator),
                );
            }
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, Actuator $actuator): array
    {
        foreach (Repairs::of($inspection)->partsOnOffer(OptoModule::class) as $module) {
            $other = Circuits::result(
                $inspection->board->withPart($module),
                $actuator->with(driver: new OptoModuleInput($module->identity->id, $module->activeLevel)),
            );
            if (MarginState::Sound === $other->staysOff?->state() && MarginState::Sound === $other->pin->state()) {
                return [new Remedy('Use ' . $module->identity->name, new DriveByModule([$id], $module))];
            }
        }

        return [];
    }
}
