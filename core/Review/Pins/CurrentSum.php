<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Drive\Circuit\BaseResistor;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Pins\PinCurrent;
use IronLatch\Core\Pins\PinCurrents;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Sum of pin currents over a chip or a port group. */
final class CurrentSum implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.current-sum',
            version: 1,
            title: 'Pin currents that are too much together',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'Each pin may be within its limit while the chip’s own supply wires are not.',
            threshold: 'sum over all outputs that are on at once, against the limit of the chip and of each port group; over it at '
                . 'typical values is broken, at each output’s greatest current weak',
            basis: Basis::DataSheet,
            source: 'absolute maximum ratings of the chip',
            silentWhen: 'the maker of the chip states no total: then the limit of each pin is all there is',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        /** @var array<string, PinCurrent> $worst by subject */
        $worst = [];
        foreach ($inspection->pinCurrents->sums as $sum) {
            $least = $worst[$sum->subject] ?? $sum;
            $worst[$sum->subject] = $sum->margin->worst->value < $least->margin->worst->value ? $sum : $least;
        }
        foreach ($worst as $subject => $sum) {
            if (MarginState::Sound === $sum->margin->state()) {
                continue;
            }
            $isBroken = MarginState::Broken === $sum->margin->state();
            $figure = $isBroken ? $sum->margin->nominal : $sum->margin->worst;
            yield new Finding(
                $this->facts(),
                $isBroken ? Severity::Broken : Severity::Weak,
                $subject,
                sprintf(
                    'With all outputs on, %s carry %s%s; the limit is %s.',
                    $sum->of,
                    $figure->needs(),
                    $isBroken ? '' : ' at most',
                    $figure->has(),
                ),
                [$figure, $isBroken ? $sum->margin->worst : $sum->margin->nominal],
                static fn(): array => self::remedies($inspection, $subject),
            );
        }
    }

    /**
     * What draws less from the pins, offered only where the sum then keeps to its limit.
     *
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $subject): array
    {
        $board = $inspection->board;
        $larger = $relays = [];
        foreach ($board->actuators() as $id => $actuator) {
            if (
                ($inspection->seating->pins[$actuator->function]->expander ?? 'board') !== $subject
                || null === $actuator->driver->sizedResistor()
            ) {
                continue;
            }
            $relays[] = $id;
            $ohms = BaseResistor::fitting($board, $actuator);
            if (null !== $ohms && $ohms > $actuator->driver->ohms($actuator->driver->sizedResistor())) {
                $larger[] = new SetDriverValue([$id], 'baseOhms', $ohms);
            }
        }
        $remedies = [] === $larger ? [] : [new Remedy(
            'Fit the largest base resistors that suffice',
            new Sequence('Fit the largest base resistors that suffice', $larger),
        )];
        foreach ([] === $relays ? [] : Repairs::of($inspection)->partsOnOffer(OptoModule::class) as $module) {
            if ($module->indicatorVolts->max > 0) {
                $remedies[] = new Remedy('Drive them by ' . $module->identity->name, new DriveByModule($relays, $module));
            }
        }

        return array_values(array_filter($remedies, static function (Remedy $remedy) use ($board, $subject): bool {
            $after = $remedy->edit->apply($board);
            $sums = PinCurrents::of($after, DriverAnalysis::of($after))->sums;

            return [] === array_filter(
                $sums,
                static fn(PinCurrent $sum): bool => $sum->subject === $subject && MarginState::Sound !== $sum->margin->state(),
            );
        }));
    }
}
