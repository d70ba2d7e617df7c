<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\DirectLoad;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Drive\TurnOff;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;

/** Switching part that carries more, or stands more, than it is rated for. */
final class SwitchRating implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.switch-rating',
            version: 1,
            title: 'Switching part beyond its rating',
            kinds: [Kind::Broken, Kind::Weak],
            reason: 'A transistor that carries more than it is rated for, or whose coil kicks higher than it stands when it opens, does not live long.',
            threshold: 'rated over actual current, and rated over greatest voltage while switching off with the clamp that is fitted: under 1 at typical values broken, at the highest rail weak',
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
            $result = $inspection->drive->results[$id];
            if (null === $switch) {
                continue;
            }
            $name = $inspection->board->nameOf($id);
            // What is switched without a relay also starts: a motor or a lamp draws several times its current then.
            $bears = null === $actuator->relay ? $inspection->mains->contacts[$id]->margin : $result->switchBears;
            if (null !== $bears && MarginState::Sound !== $bears->state()) {
                $isBroken = MarginState::Broken === $bears->state();
                $figure = $isBroken ? $bears->nominal : $bears->worst;
                yield new Finding(
                    $this->facts(),
                    $isBroken ? Kind::Broken : Kind::Weak,
                    $id,
                    sprintf(
                        '%s carries %s for “%s”%s; it bears %s.',
                        $switch->identity()->name,
                        $figure->needs(),
                        $name,
                        $isBroken ? '' : ' at the worst corner',
                        $figure->has(),
                    ),
                    [$figure, $isBroken ? $bears->worst : $bears->nominal],
                    static fn(): array => OtherDrivers::remedies($inspection, $id),
                );
                continue;
            }
            $relay = $inspection->board->relay($actuator);
            $clamp = $actuator->clamp->value;
            if (
                $actuator->driver->clampsItself()
                || !$inspection->board->kicks($actuator)
                || !$clamp instanceof Clamp
                || Clamp::None === $clamp
            ) {
                continue;
            }
            $rail = $inspection->board->railVolts($actuator->rail);
            $figure = static function (float $volts, string $corner) use ($switch, $relay, $result, $clamp, $actuator): Figure {
                $peak = TurnOff::of(
                    $relay,
                    $volts,
                    $result->coilAmps->value,
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
            };
            $nominal = $figure($rail->typ, 'typical rail');
            $worst = $figure($rail->max, 'highest rail');
            if ($worst->value < 1) {
                $isBroken = $nominal->value < 1;
                yield new Finding(
                    $this->facts(),
                    $isBroken ? Kind::Broken : Kind::Weak,
                    $id,
                    sprintf(
                        'When “%s” is switched off, its coil kicks to %s%s; %s bears %s.',
                        $name,
                        ($isBroken ? $nominal : $worst)->needs(),
                        $isBroken ? '' : ' on the highest rail',
                        $switch->identity()->name,
                        ($isBroken ? $nominal : $worst)->has(),
                    ),
                    $isBroken ? [$nominal, $worst] : [$worst, $nominal],
                    static fn(): array => $switch->ratedVolts() >= $rail->max + TurnOff::DIODE_VOLTS ? [new Remedy(
                        'Fit a plain diode across the coil',
                        new StateClamp([$id], Clamp::Diode),
                    )] : [],
                );
            }
        }
    }
}
