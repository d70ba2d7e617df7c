<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Lines\SetStateSense;
use IronLatch\Core\Board\StateSense;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A state that is not heard for certain. */
final class StateSenseWeak implements Rule
{
    /** The next value that does lies within two decades. */
    private const REACH = 100.0;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.state-sense',
            version: 1,
            title: 'State of an appliance that is not heard for certain',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'What stands behind the contact to tell a welded one must be heard with the mains low and the coupler aged; a small '
                . 'appliance gives a current transformer next to nothing.',
            threshold: 'the coupler’s current at the peak over what pulls the pin up, or the peak across the burden over what an input '
                . 'tells from noise; nominal, and with the mains 10 % low and the least transfer ratio, aged',
            basis: Basis::DataSheet,
            source: 'transfer ratio from the part file of the coupler; ageing and noise from memory',
            silentWhen: 'the line does not hear its state, or its input has no pin yet',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (Sensing::all($inspection) as $id => $sensing) {
            $line = $inspection->board->lines[$id];
            $heard = $sensing->heard;
            if (null === $heard || null === $line->sense || MarginState::Sound === $heard->state()) {
                continue;
            }
            $isBroken = MarginState::Broken === $heard->state();
            $figure = $isBroken ? $heard->nominal : $heard->worst;
            yield new Finding(
                $this->facts(),
                $isBroken ? Severity::Broken : Severity::Weak,
                $id,
                sprintf(
                    null === $line->sense->coupler
                        ? '“%s” gives the input of its current transformer %s; it tells %s from noise%s.'
                        : '“%s” lets the coupler that hears its state draw %s; the pull-up at its pin gives %s%s.',
                    $line->name,
                    $figure->has(),
                    $figure->needs(),
                    $isBroken ? '' : ', with the mains low and the coupler aged',
                ),
                [$figure],
                static fn(): array => self::remedies(
                    $id,
                    $line->sense,
                    $heard,
                    $inspection->board->functions[$line->sense->function]->pull,
                ),
            );
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(string $line, StateSense $sense, Margin $heard, ?Pull $pull): array
    {
        $lacks = $heard->worst->value;
        if (null === $sense->coupler) {
            $burden = self::least($sense->burdenOhms / $lacks);

            return [new Remedy(
                sprintf('Fit %s across the transformer', QuantityPrinter::rounded($burden, Unit::Ohm)),
                new SetStateSense($line, burdenOhms: $burden),
            )];
        }
        $most = $sense->seriesOhms / $sense->resistors * $lacks;
        $each = PreferredValues::e12Between($most / self::REACH, $most)[0] ?? $most;
        $weaker = null === $pull ? null : self::least($pull->ohms / $lacks);

        return [...null === $weaker ? [] : [new Remedy(
            sprintf('Fit %s as its pull-up', QuantityPrinter::rounded($weaker, Unit::Ohm)),
            new FitPull($sense->function, PullDirection::Up, $weaker),
        )], new Remedy(
            sprintf('Fit %d × %s before the coupler', $sense->resistors, QuantityPrinter::rounded($each, Unit::Ohm)),
            new SetStateSense($line, seriesOhms: $sense->resistors * $each),
        )];
    }

    /** The least value of E12 that is enough. */
    private static function least(float $ohms): float
    {
        $enough = PreferredValues::e12Between($ohms, self::REACH * $ohms);

        return [] === $enough ? $ohms : min($enough);
    }
}
