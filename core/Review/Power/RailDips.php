<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\RunCable;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Power\Dip;
use IronLatch\Core\Power\Flows;
use IronLatch\Core\Power\Reservoir;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Rail that dips while relays pull in. */
final class RailDips implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.rail-dips',
            version: 1,
            title: 'Rail that dips while relays pull in',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'When every relay pulls in at once and the radio sends, the rail falls by what the source, the cable and the fuse '
                . 'keep, or by what the source cannot give at all: the controller resets itself, relays that are in let go, or those that '
                . 'pull in do not make it.',
            threshold: 'lowest voltage of the rail against the brown-out and the least supply of the controller, what holds a relay, and '
                . 'what pulls one in; at typical values broken, at the worst corner weak',
            basis: Basis::CommonPractice,
            source: 'Ohm’s law and the circuit of the rail followed over time; holding at 35 % of the nominal voltage is common '
                . 'practice, from memory',
            explainedBy: [ProtectionRating::class, CarrierOverloaded::class],
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($inspection->power->dips as $id => $dip) {
            if (null === $dip->margin || MarginState::Sound === $dip->margin->state()) {
                continue;
            }
            $isBroken = MarginState::Broken === $dip->victim->stateFor($dip->margin);
            $budget = $inspection->power->rails[$id];
            $fits = $board->mcu->rail !== $id
                || $board->rails[$id]->throughUsb
                || (
                    $board->railVolts($id)->min >= $board->entry()->input->min
                    && $board->railVolts($id)->max <= $board->entry()->input->max
                );
            yield new Finding(
                $this->facts(),
                $isBroken ? Severity::Broken : Severity::Weak,
                $id,
                sprintf(
                    'While all relays pull in, the rail %s falls to %s%s: %s.',
                    $board->nameOf($id),
                    ($isBroken ? $dip->typical : $dip->worst)->printed(),
                    $isBroken ? '' : ' at the worst corner',
                    $dip->victim->value,
                ),
                [$isBroken ? $dip->margin->nominal : $dip->margin->worst, $isBroken ? $dip->typical : $dip->worst],
                static fn(): array => self::remedies($inspection, $id),
                $fits
                    ? ($budget->peak->value > $budget->rated->value
                        && !($board->feeder($id) instanceof Carrier) ? Finding::keyOf(SupplyOverloaded::class, $id) : null)
                    : Finding::keyOf(ControllerVoltage::class, $id),
            );
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $rail): array
    {
        $board = $inspection->board;
        $remedies = [];
        $edit = Reservoir::fitting($inspection->power->flows, $inspection->drive, $rail);
        if (null !== $edit) {
            $remedies[] = new Remedy(sprintf('Fit %s at the loads', QuantityPrinter::rounded($edit->farads, Unit::Farad)), $edit);
        }
        $cable = $board->rails[$rail]->cable;
        foreach (null === $cable ? [] : [0.5e-6, 0.75e-6, 1.0e-6, 1.5e-6, 2.5e-6] as $squareMetres) {
            $edit = new RunCable($rail, $cable->metres ?? 0.0, $squareMetres);
            if ($squareMetres > ($cable->squareMetres ?? 0.0) && MarginState::Sound === (Dip::of(
                new Flows($edit->apply($board), $inspection->power->flows->draws),
                $inspection->drive,
                $rail,
            )->margin?->state() ?? MarginState::Sound)) {
                $remedies[] = new Remedy(sprintf('Run a cable of %s', QuantityPrinter::rounded($squareMetres, Unit::SquareMetre)), $edit);
                break;
            }
        }

        return [...$remedies, ...OtherSupplies::remedies($inspection, $rail)];
    }
}
