<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Drive\Circuit\BaseResistor;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Pins\ExpanderSources;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Driver that does not pull the relay in. */
final class DoesNotPullIn implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.does-not-pull-in',
            version: 1,
            title: 'Driver that does not pull in or release',
            severities: [Severity::Broken, Severity::Weak, Severity::Hint],
            reason: 'Too little base current, and the transistor does not saturate: the relay pulls in on one bench and not on the next.',
            threshold: 'coil voltage below the operate voltage at typical values (broken) or at the worst corner (weak); V_CE over '
                . QuantityPrinter::rounded(BaseResistor::SATURATED_VOLTS, Unit::Volt) . ' at the worst corner (weak); '
                . 'forced gain over the house rule at typical levels (hint); '
                . 'more than the release voltage left on the coil while the pin is off',
            basis: Basis::CommonPractice,
            source: 'operate voltage from the relay’s data sheet; V_CE limit and forced gain: common practice',
            joint: LineJoint::Coil,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            $finding = $this->judge($inspection, $id, $lineId, $actuator);
            if (null === $finding) {
                continue;
            }
            // Without a driver, on an output that cannot source, or on the wrong rail, missing pull-in is no news of its own.
            yield $finding->followingFrom(Finding::keyOf(match (true) {
                CoilOnPin::hangs($inspection, $actuator) => CoilOnPin::class,
                ExpanderSources::isAskedToSource($inspection, $actuator) => ExpanderSources::class,
                // A gate that is not on for certain is one fault, not two.
                null !== $inspection->drive->results[$id]->gate
                    && $inspection->board->relay($actuator)
                    ->suitsRail($inspection->board->railVolts($actuator->rail)->typ) => GateNotSpecified::class,
                default => CoilVoltage::class,
            }, $id));
        }
    }

    private function judge(Inspection $inspection, string $id, string $lineId, Actuator $actuator): ?Finding
    {
        $result = $inspection->drive->results[$id];
        $name = $inspection->board->lines[$lineId]->name;
        $driver = $actuator->driver;
        $ohms = $driver->ohms($driver->sizedResistor() ?? '');
        $base = null === $ohms ? ' Here' : sprintf(' With %s at the base', QuantityPrinter::rounded($ohms, Unit::Ohm));
        $remedies = fn(): array => null !== $ohms
            ? self::remedies($inspection, $id, $actuator, $ohms)
            : OtherDrivers::remedies($inspection, $id);
        $limit = $inspection->board->houseRules->forcedGain;

        return match (true) {
            MarginState::Broken === $result->pullIn->state() => new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf(
                    'The relay of “%s” does not pull in.%s the coil gets %s and wants %s.',
                    $name,
                    $base,
                    $result->pullIn->nominal->has(),
                    $result->pullIn->nominal->needs(),
                ),
                [$result->pullIn->nominal, $result->pullIn->worst],
                $remedies,
            ),
            MarginState::Weak === $result->pullIn->state() => new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf(
                    'The relay of “%s” pulls in on the bench only.%s the coil gets %s at the worst corner and wants %s.',
                    $name,
                    $base,
                    $result->pullIn->worst->has(),
                    $result->pullIn->worst->needs(),
                ),
                [$result->pullIn->worst, $result->pullIn->nominal],
                $remedies,
            ),
            null !== $result->collectorVolts && $result->collectorVolts->value > BaseResistor::SATURATED_VOLTS => new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf(
                    'The transistor of “%s” does not saturate.%s it keeps %s from the coil at the worst corner.',
                    $name,
                    $base,
                    $result->collectorVolts->printed(),
                ),
                [$result->collectorVolts, $result->pullIn->worst],
                $remedies,
            ),
            null !== $result->forcedGain && $result->forcedGain->value > $limit => new Finding(
                $this->facts(),
                Severity::Hint,
                $id,
                sprintf(
                    'The transistor of “%s” is driven at forced gain %s; the house rule is %s.',
                    $name,
                    $result->forcedGain->printed(),
                    QuantityPrinter::rounded($limit, Unit::Ratio),
                ),
                [$result->forcedGain],
                $remedies,
            ),
            MarginState::Sound !== ($result->releases?->state() ?? MarginState::Sound) => self::stays(
                $this->facts(),
                $id,
                $name,
                $result->releases,
            ),
            default => null,
        };
    }

    private static function stays(RuleFacts $facts, string $id, string $name, ?Margin $releases): ?Finding
    {
        if (null === $releases) {
            return null;
        }
        $isBroken = MarginState::Broken === $releases->state();
        $figure = $isBroken ? $releases->nominal : $releases->worst;

        return new Finding(
            $facts,
            $isBroken ? Severity::Broken : Severity::Weak,
            $id,
            sprintf(
                'The relay of “%s” may stay in: with its pin off, %s are left on the coil%s, and it lets go for certain at %s.',
                $name,
                $figure->needs(),
                $isBroken ? '' : ' at the worst corner',
                $figure->has(),
            ),
            [$figure],
        );
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, Actuator $actuator, float $now): array
    {
        $ohms = BaseResistor::fitting($inspection->board, $actuator);

        return null === $ohms || $ohms >= $now ? [] : [new Remedy(
            sprintf('Fit %s at the base', QuantityPrinter::rounded($ohms, Unit::Ohm)),
            new SetDriverValue([$id], 'baseOhms', $ohms),
        )];
    }
}
