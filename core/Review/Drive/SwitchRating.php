<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\DirectLoad;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Drive\TurnOff;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Switching part that carries more, or stands more, than it is rated for. */
final class SwitchRating implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.switch-rating',
            version: 1,
            title: 'Switching part beyond its rating',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A transistor that carries more than it is rated for, or whose coil kicks higher than it stands when it opens, does '
                . 'not live long.',
            threshold: 'rated over actual current, and rated over greatest voltage while switching off with the clamp that is fitted: '
                . 'under 1 at typical values broken, at the highest rail weak',
            basis: Basis::DataSheet,
            source: 'ratings of the transistor’s, MOSFET’s or array’s part file',
            silentWhen: 'nothing clamps the coil, which is a finding of its own',
            joint: LineJoint::Coil,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $switch = $inspection->board->switchOf($actuator->driver);
            if (null !== $switch) {
                $finding = $this->current($inspection, $id, $actuator, $switch) ?? $this->kick($inspection, $id, $actuator, $switch);
                yield from null === $finding ? [] : [$finding];
            }
        }
    }

    private function current(Inspection $inspection, string $id, Actuator $actuator, SwitchingPart $switch): ?Finding
    {
        // What is switched without a relay also starts: a motor or a lamp draws several times its current then.
        $bears = null === $actuator->relay ? $inspection->mains->contacts[$id]->margin : $inspection->drive->results[$id]->switchBears;
        if (null === $bears || MarginState::Sound === $bears->state()) {
            return null;
        }
        $isBroken = MarginState::Broken === $bears->state();
        $figure = $isBroken ? $bears->nominal : $bears->worst;

        return new Finding(
            $this->facts(),
            $isBroken ? Severity::Broken : Severity::Weak,
            $id,
            sprintf(
                '%s carries %s for “%s”%s; it bears %s.',
                $switch->identity()->name,
                $figure->needs(),
                $inspection->board->nameOf($id),
                $isBroken ? '' : ' at the worst corner',
                $figure->has(),
            ),
            [$figure, $isBroken ? $bears->worst : $bears->nominal],
            static fn(): array => OtherDrivers::remedies($inspection, $id),
        );
    }

    private function kick(Inspection $inspection, string $id, Actuator $actuator, SwitchingPart $switch): ?Finding
    {
        $clamp = $actuator->clamp->value;
        if (
            $actuator->driver->clampsItself()
            || !$inspection->board->kicks($actuator)
            || !$clamp instanceof Clamp
            || Clamp::None === $clamp
        ) {
            return null;
        }
        $rail = $inspection->board->railVolts($actuator->rail);
        $figure = static fn(float $volts, string $corner): Figure => self::peak($inspection, $id, $switch, $clamp, $volts, $corner);
        $nominal = $figure($rail->typ, 'typical rail');
        $worst = $figure($rail->max, 'highest rail');
        if ($worst->value >= 1) {
            return null;
        }
        $isBroken = $nominal->value < 1;
        $first = $isBroken ? $nominal : $worst;

        return new Finding(
            $this->facts(),
            $isBroken ? Severity::Broken : Severity::Weak,
            $id,
            sprintf(
                'When “%s” is switched off, its coil kicks to %s%s; %s bears %s.',
                $inspection->board->nameOf($id),
                $first->needs(),
                $isBroken ? '' : ' on the highest rail',
                $switch->identity()->name,
                $first->has(),
            ),
            $isBroken ? [$nominal, $worst] : [$worst, $nominal],
            static fn(): array => $switch->ratedVolts() >= $rail->max + TurnOff::DIODE_VOLTS ? [new Remedy(
                'Fit a plain diode across the coil',
                new StateClamp([$id], Clamp::Diode),
            )] : [],
        );
    }

    private static function peak(
        Inspection $inspection,
        string $id,
        SwitchingPart $switch,
        Clamp $clamp,
        float $volts,
        string $corner,
    ): Figure {
        $actuator = $inspection->board->actuator($id);
        $peak = TurnOff::of(
            $inspection->board->relay($actuator),
            $volts,
            $inspection->drive->results[$id]->coilAmps->value,
            $clamp,
            null === $actuator->relay ? DirectLoad::TIME_CONSTANT_SECONDS : TurnOff::TIME_CONSTANT_SECONDS,
        )->peakVolts;

        return (new Figure(
            'rated over greatest voltage at the switch',
            $switch->ratedVolts() / $peak,
            Unit::Ratio,
            'V_rated ÷ V_peak',
            [
                'V_rated = ' . QuantityPrinter::rounded($switch->ratedVolts(), Unit::Volt),
                'V_peak = ' . QuantityPrinter::rounded($peak, Unit::Volt) . ', clamped by ' . $clamp->value,
            ],
            $corner,
            $switch->identity()->name . ', ' . $switch->identity()->basis->words(),
        ))->outOf($switch->ratedVolts(), $peak, Unit::Volt);
    }
}
