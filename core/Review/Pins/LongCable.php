<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Long switch cable on an internal pull-up only. */
final class LongCable implements Rule
{
    private const FIRM_PULL_UP_OHMS = 10e3;
    private const USUAL_OHMS = 4.7e3;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.long-cable',
            version: 1,
            title: 'Long switch cable on a weak pull-up',
            severities: [Severity::Weak],
            reason: 'The pull-up inside the chip is weak. On metres of cable beside other wires it lets every switching spike through, '
                . 'and lights go on by themselves.',
            threshold: 'a cable longer than the house rule with no pull-up of '
                . QuantityPrinter::rounded(self::FIRM_PULL_UP_OHMS, Unit::Ohm) . ' or less outside the chip',
            basis: Basis::CommonPractice,
            source: 'common practice: 4.7 kΩ to 10 kΩ outside, 100 nF and 20 ms to 50 ms of debouncing',
            silentWhen: 'the cable is stated to be short',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $limit = $inspection->board->houseRules->longCableMetres;
        foreach ($inspection->seating->pins as $id => $pin) {
            $function = $inspection->board->functions[$id];
            if (!$function->kind->isContact() || self::hasFirmPullUp($function, $pin)) {
                continue;
            }
            $metres = $function->cableMetres->value;
            if (!is_float($metres)) {
                yield new NotChecked($this->facts(), $id, 'the length of its cable', Answer::by(StateCable::class, 'metres', $id));
            } elseif ($metres > $limit) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        '“%s” hangs on %s of cable with only the weak pull-up inside the chip on %s.',
                        $function->name,
                        QuantityPrinter::rounded($metres, Unit::Metre),
                        $pin->bothNames(),
                    ),
                    [new Figure(
                        'cable to the switch',
                        $metres,
                        Unit::Metre,
                        'as stated',
                        ['long from ' . QuantityPrinter::rounded($limit, Unit::Metre)],
                        'house rule',
                        'common practice',
                    )],
                    // On a strap that must be low, a firm pull-up would stop the chip.
                    fn(): array => Level::Low === $pin->chip->strap?->needs ? Repairs::of($inspection)->moveToBestPin($id) : [new Remedy(
                        sprintf('Fit a %s pull-up', QuantityPrinter::rounded(self::USUAL_OHMS, Unit::Ohm)),
                        new FitPull($id, PullDirection::Up, self::USUAL_OHMS),
                    )],
                );
            }
        }
    }

    private static function hasFirmPullUp(PinFunction $function, Pin $pin): bool
    {
        foreach ([$function->pull, $pin->header->pull] as $pull) {
            if (PullDirection::Up === $pull?->direction && $pull->ohms <= self::FIRM_PULL_UP_OHMS) {
                return true;
            }
        }

        return false;
    }
}
