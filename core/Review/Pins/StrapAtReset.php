<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\StrapConsequence;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Strapped node wrong at reset. */
final class StrapAtReset implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.strap-at-reset',
            version: 1,
            title: 'Strapped node wrong at reset',
            severities: [Severity::Broken, Severity::Weak, Severity::Hint],
            reason: 'Reset reads these pins to decide how to start. What hangs on them can pull them to the wrong level.',
            threshold: 'node voltage at reset, solved with everything on the pin, below V_IL or above V_IH at the worst corner; won’t '
                . 'run is broken, won’t upload is weak, harmless is a hint',
            basis: Basis::DataSheet,
            source: 'strapping pins and input levels of the chip’s data sheet, from memory',
            silentWhen: 'the solved node voltage is right with margin',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->strappedNodes as $name => $node) {
            $function = $inspection->board->functionsOn($name)[0];
            if (null === $node->margin) {
                yield new NotChecked($this->facts(), $function, 'one driver circuit on ' . $node->pin->bothNames() . ', not several');
                continue;
            }
            if (MarginState::Sound === $node->margin->state()) {
                continue;
            }
            $kind = match ($node->strap->consequence) {
                StrapConsequence::WontRun => MarginState::Broken === $node->margin->state() ? Severity::Broken : Severity::Weak,
                StrapConsequence::WontUpload => Severity::Weak,
                StrapConsequence::Harmless => Severity::Hint,
            };
            $volts = new Figure(
                'strapped node at reset',
                $node->volts,
                Unit::Volt,
                $node->margin->nominal->formula,
                $node->margin->nominal->inputs,
                $node->margin->nominal->corner,
                $node->margin->nominal->source,
            );
            yield new Finding(
                $this->facts(),
                $kind,
                $function,
                sprintf(
                    'With “%s” on it, %s is at %s at reset and must be %s: %s (%s).',
                    $inspection->board->nameOf($function),
                    $node->pin->bothNames(),
                    $volts->printed(),
                    $node->strap->needs->value,
                    $node->strap->otherwise,
                    $node->strap->consequence->value,
                ),
                [$volts, $node->margin->worst],
                fn(): array => Repairs::of($inspection)->moveToBestPin($function),
            );
        }
    }
}
